// Leave and journeys: days on which nothing is available. What is planned and due around them is measured without them.
import { useState } from 'react'
import { awaySpans, daysOf, type AwaySpan } from '@/core/day/away'
import { recordsIn } from '@/core/journal'
import { titleLimit } from '@/core/record'
import { daysBetween, type CalendarDate } from '@/core/time'
import { useReader } from '@/held/reader'
import { useAct, useHeldDocument, useToday } from '@/held/zen'
import { useSentenceContext } from '@/parts/capture/useSentence'
import { Button, Column, Field, IconButton, Row, SlideOver, Words } from '@/ui'
import { count, spanWords } from '@/words'
import { awayWords } from '@/words/hours'

/** Nobody is away for longer without saying so again. */
const longest = 366

export function DaysAway() {
  const act = useAct()
  const today = useToday()
  const document = useHeldDocument()
  const [isAdding, setAdding] = useState(false)
  const spans = awaySpans(recordsIn(document, 'plan'), today)
  const cancel = (span: AwaySpan) =>
    act(
      'setDayAway',
      { dates: daysOf(span), away: null },
      { say: `At home again: ${spanWords(span.from, span.to)}` },
    )
  return (
    <Column render="section" aria-label="Days away" gap="$2" alignItems="flex-start">
      <Words render="h2" size="title">
        Days away
      </Words>
      {spans.length === 0 ? (
        <Words tone="inkSoft">Leave and journeys. Nothing is available on these days.</Words>
      ) : (
        <Column render="ul" aria-label="Days away" width="100%">
          {spans.map((span) => (
            <Row
              key={span.from}
              render="li"
              gap="$2"
              minHeight={52}
              borderBottomWidth={1}
              borderColor="$rule"
            >
              <Column flex={1} minWidth={0}>
                <Words>{spanWords(span.from, span.to)}</Words>
                <Words size="second" tone="inkSoft">
                  {[span.what, count(daysBetween(span.from, span.to) + 1, 'day')].filter(Boolean).join(' · ')}
                </Words>
              </Column>
              <IconButton
                label={`Remove ${awayWords(span.what)}, ${spanWords(span.from, span.to)}`}
                icon="close"
                onPress={() => cancel(span)}
              />
            </Row>
          ))}
        </Column>
      )}
      <Button label="Add days away" aria-haspopup="dialog" onPress={() => setAdding(true)} />
      {isAdding ? <AddDaysAway onClose={() => setAdding(false)} /> : null}
    </Column>
  )
}

const asked = [
  { field: 'from', label: 'From', example: '12 june', maxLength: 60 },
  { field: 'to', label: 'To, with that day', example: '19 june', maxLength: 60 },
  { field: 'what', label: 'What for', example: 'Leave', maxLength: titleLimit },
] as const

function AddDaysAway({ onClose }: { onClose: () => void }) {
  const act = useAct()
  const today = useToday()
  const reader = useReader()
  const context = useSentenceContext()
  const [said, setSaid] = useState({ from: '', to: '', what: '' })
  const [problem, setProblem] = useState<{ readonly field: 'from' | 'to'; readonly says: string } | null>(
    null,
  )
  const read = (text: string): CalendarDate | null =>
    reader.readDate(text.trim().toLowerCase(), context, false)
  const set = (field: keyof typeof said) => (text: string) => {
    setSaid({ ...said, [field]: text })
    setProblem(null)
  }
  const save = () => {
    const from = read(said.from)
    const to = said.to.trim() === '' ? from : read(said.to)
    if (!from || from < today)
      return setProblem({ field: 'from', says: 'Say a day to come. Try 12 june, or monday.' })
    if (!to || to < from) return setProblem({ field: 'to', says: 'Say a day after the first. Try 19 june.' })
    if (daysBetween(from, to) >= longest)
      return setProblem({ field: 'to', says: 'This is more than a year. Say a day before that.' })
    act(
      'setDayAway',
      { dates: daysOf({ from, to }), away: said.what },
      { say: `${awayWords(said.what.trim())}: ${spanWords(from, to)}` },
    )
    onClose()
  }
  return (
    <SlideOver title="Add days away" onClose={onClose}>
      {asked.map(({ field, label, example, maxLength }, at) => (
        <Field
          key={field}
          label={label}
          shown
          autoFocus={at === 0}
          placeholder={example}
          value={said[field]}
          maxLength={maxLength}
          problem={problem?.field === field ? problem.says : null}
          onChangeText={set(field)}
          onSubmitEditing={save}
        />
      ))}
      <Row gap="$2" justifyContent="flex-end">
        <Button kind="quiet" label="Cancel" onPress={onClose} />
        <Button kind="main" label="Save" onPress={save} />
      </Row>
    </SlideOver>
  )
}
