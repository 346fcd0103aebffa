// When something reminds: a few usual moments, a day and time, or a line that says any other.
import { useState } from 'react'
import type { Action, Reminder } from '@/core/record'
import { fromMinute } from '@/core/time'
import { useReader } from '@/held/reader'
import { askToNotify } from '@/held/notify'
import { useToday } from '@/held/zen'
import { useSentenceContext } from '@/parts/capture/useSentence'
import { Button, Field, Row, Words } from '@/ui'
import { reminderWords } from '@/words'
import { ChooserSheet } from './ChooserSheet'
import { DayChooser } from './DayChooser'

type When = Reminder['when']

export interface ReminderChooserProps {
  readonly title: string
  readonly anchor: DOMRect | null
  readonly of: Pick<Action, 'at' | 'due' | 'day'>
  /** What stands, where one is changed. */
  readonly when: When | null
  readonly onSet: (when: When) => void
  readonly onTakeOff: () => void
  readonly onClose: () => void
}

const nine = fromMinute(540)

/** What is usual: counted back from a time where there is one, from a day where there is none. */
function usualWhens({ at, due, day }: ReminderChooserProps['of']): When[] {
  if (at?.time ?? due?.time)
    return [
      { kind: 'minutesBefore', minutes: 0 },
      { kind: 'minutesBefore', minutes: 15 },
      { kind: 'minutesBefore', minutes: 60 },
      { kind: 'daysBefore', days: 1, time: nine },
    ]
  return (at ?? due ?? day)
    ? [
        { kind: 'daysBefore', days: 0, time: nine },
        { kind: 'daysBefore', days: 1, time: nine },
        { kind: 'daysBefore', days: 7, time: nine },
      ]
    : []
}

export function ReminderChooser({
  title,
  anchor,
  of,
  when,
  onSet,
  onTakeOff,
  onClose,
}: ReminderChooserProps) {
  const today = useToday()
  const reader = useReader()
  const context = useSentenceContext()
  const [line, setLine] = useState('')
  const [isOnDay, setOnDay] = useState(false)
  const said = line.trim()
  const clause = reader
    .parseSentence(`it, ${/^remind\b/i.test(said) ? said : `remind me ${said}`}`, context)
    .clauses.find((each) => each.kind === 'reminder')
  const read = said === '' ? null : (clause?.when ?? null)
  const set = (chosen: When) => {
    onSet(chosen)
    void askToNotify()
    onClose()
  }
  if (isOnDay)
    return (
      <DayChooser
        title={title}
        anchor={anchor}
        date={when?.kind === 'at' ? when.date : null}
        time={when?.kind === 'at' ? when.time : nine}
        onChoose={(date, time) => {
          if (date) set({ kind: 'at', date, time })
        }}
        onClose={onClose}
      />
    )
  return (
    <ChooserSheet
      title={title}
      anchor={anchor}
      onClose={onClose}
      none={
        when ? (
          <Button
            kind="quiet"
            label="no reminder"
            onPress={() => {
              onTakeOff()
              onClose()
            }}
          />
        ) : null
      }
    >
      <Row gap="$2" flexWrap="wrap">
        {usualWhens(of).map((each) => (
          <Button
            key={reminderWords(each, today)}
            label={reminderWords(each, today).replace(/^remind me /, '')}
            chosen={when !== null && reminderWords(when, today) === reminderWords(each, today)}
            paddingHorizontal="$3"
            onPress={() => set(each)}
          />
        ))}
        <Button
          label="on a day…"
          chosen={when?.kind === 'at'}
          paddingHorizontal="$3"
          onPress={() => setOnDay(true)}
        />
      </Row>
      <Field
        label="Say when"
        dashed
        placeholder="Say it: friday at 4, 2 hours before"
        value={line}
        maxLength={200}
        onChangeText={setLine}
        onSubmitEditing={() => {
          if (read) set(read)
        }}
      />
      {said === '' ? null : (
        <Row gap="$2" justifyContent="space-between">
          <Words role="status" size="second" tone={read ? 'brass' : 'clay'} flex={1}>
            {read
              ? reminderWords(read, today)
              : 'I can’t read that. Try “tomorrow 7:30” or “2 hours before”.'}
          </Words>
          <Button
            label="Save"
            disabled={!read}
            onPress={() => {
              if (read) set(read)
            }}
          />
        </Row>
      )}
    </ChooserSheet>
  )
}
