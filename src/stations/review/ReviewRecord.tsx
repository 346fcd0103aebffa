// A finished review, as it was kept.
import { aimsOf } from '@/core/review/aimedWeek'
import { View } from '@tamagui/core'
import type { Review } from '@/core/record'
import { isoWeekOf } from '@/core/time'
import { BandHeading, Column, IconButton, Row, Words } from '@/ui'
import { StationHead } from '@/frame/StationHead'
import { count, duration, momentWords } from '@/words'
import { useToday, useZen } from '@/held/zen'

export function ReviewRecord({ review, onLeave }: { review: Review; onLeave: () => void }) {
  const { clock } = useZen()
  const today = useToday()
  const { figures } = review
  const aims = aimsOf(review)
  const lines: [string, string][] = figures
    ? [
        ['Done in seven days', `${count(figures.done, 'action')}, ${duration(figures.doneMinutes)}`],
        ['Slips left in the Tray', String(figures.slipsLeft)],
        [
          'Open projects',
          `${figures.projectsOpen}, ${figures.projectsWithoutNextAction} without a next action`,
        ],
        ['Waiting', String(figures.waiting)],
        ['Someday', String(figures.someday)],
      ]
    : []
  return (
    <Column gap="$2.5" render="article" aria-label={`Review of week ${isoWeekOf(review.weekOf)}`}>
      <StationHead
        label={`Finished ${momentWords(review.finishedAtEpochMs ?? 0, clock.zone(), today)}`}
        title={`Week ${isoWeekOf(review.weekOf)}`}
        tools={<IconButton label="Back to the reviews" icon="close" onPress={onLeave} />}
      />
      {aims.length > 0 ? (
        <Words size="title">Aims: {aims.join(' and ')}</Words>
      ) : (
        <Words tone="inkSoft">No aims were named.</Words>
      )}
      <View render="dl" flexDirection="column">
        {lines.map(([term, said]) => (
          <Row key={term} gap="$3" minHeight={44} borderBottomWidth={1} borderColor="$rule" flexWrap="wrap">
            <Words render="dt" tone="inkSoft" width={180}>
              {term}
            </Words>
            <Words render="dd" flex={1}>
              {said}
            </Words>
          </Row>
        ))}
      </View>
      {figures && figures.doneTitles.length > 0 ? (
        <Column render="section" aria-label="What was done">
          <BandHeading title="What was done" end={String(figures.doneTitles.length)} tone="moss" />
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
