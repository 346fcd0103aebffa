// A finished review, as it was kept.
import { aimsOf } from '@/core/review/aimedWeek'
import { View } from '@tamagui/core'
import type { Review } from '@/core/record'
import { BandHeading, Column, IconButton, Row, Words } from '@/ui'
import { StationHead } from '@/frame/StationHead'
import { useHeldDocument, useToday, useZen } from '@/held/zen'
import { count, duration, momentWords } from '@/words'
import { periodWords, reviewWords, spentWords } from '@/words/reviews'
import { useReads } from './reads'

function figureLines({ rhythm, figures }: Review): readonly (readonly [string, string])[] {
  if (!figures) return []
  const done = `${count(figures.done, 'action')}, ${duration(figures.doneMinutes)}`
  return [
    [rhythm === 'week' ? 'Done in seven days' : 'Done', done],
    ['Slips left in the Tray', String(figures.slipsLeft)],
    ['Open projects', `${figures.projectsOpen}, ${figures.projectsWithoutNextAction} without a next action`],
    ['Waiting', String(figures.waiting)],
    ['Someday', String(figures.someday)],
  ]
}

export function ReviewRecord({ review, onLeave }: { review: Review; onLeave: () => void }) {
  const { clock } = useZen()
  const today = useToday()
  const { reviews } = useReads()
  const document = useHeldDocument()
  const { rhythm, figures } = review
  const isWeek = rhythm === 'week'
  const aims = aimsOf(review)
  const answers = reviews.answersOf(document, review)
  const spent = spentWords(
    review.spentMs,
    reviews.everyStoneOf(document, rhythm).map(({ key }) => key),
  )
  const lines = [...figureLines(review), ...(spent ? [['Time it took', spent] as const] : [])]
  const period = periodWords(review)
  return (
    <Column
      gap="$2.5"
      render="article"
      aria-label={`Review of ${isWeek ? period.replace('Week', 'week') : period}`}
    >
      <StationHead
        label={`${reviewWords[rhythm]}, finished ${momentWords(review.finishedAtEpochMs ?? 0, clock.zone(), today)}`}
        title={period}
        tools={<IconButton label="Back to the reviews" icon="close" onPress={onLeave} />}
      />
      {aims.length > 0 ? <Words size="title">Aims: {aims.join(' and ')}</Words> : null}
      {isWeek && aims.length === 0 ? <Words tone="inkSoft">No aims were named.</Words> : null}
      <View render="dl" flexDirection="column">
        {lines.map(([term, said]) => (
          <Row key={term} gap="$3" minHeight={44} borderBottomWidth={1} borderColor="$rule" flexWrap="wrap">
            <Words render="dt" tone="inkSoft" width={180}>
              {term}
            </Words>
            <Words render="dd" flex={1} minWidth={160}>
              {said}
            </Words>
          </Row>
        ))}
      </View>
      {answers.map(({ id, question, answer }) => (
        <Column key={id} render="section" gap="$1" aria-label={question.slice(0, 120)}>
          <Words strong className="long-question">
            {question}
          </Words>
          <Words className="as-written">{answer}</Words>
        </Column>
      ))}
      {figures && figures.doneTitles.length > 0 ? (
        <Column render="section" aria-label={isWeek ? 'What was done' : 'Projects finished'}>
          <BandHeading
            title={isWeek ? 'What was done' : 'Projects finished'}
            end={String(figures.doneTitles.length)}
            tone="moss"
          />
          <Column render="ul" gap="$1">
            {figures.doneTitles.map((title, index) => (
              <Words render="li" key={index}>
                {title}
              </Words>
            ))}
          </Column>
        </Column>
      ) : null}
    </Column>
  )
}
