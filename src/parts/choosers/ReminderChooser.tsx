// When something reminds: a few usual moments, a day and time, or a line that says any other.
import { useState } from 'react'
import type { Action, Reminder } from '@/core/record'
import { isBefore, reminderMoment } from '@/core/reminder'
import { fromMinute, localMomentAt, type LocalMoment } from '@/core/time'
import { useReader } from '@/held/reader'
import { calendarFileOf } from '@/core/reminder/calendarFile'
import { askToNotify, notifyState } from '@/held/notify'
import { saveAs } from '@/held/saveAs'
import { select } from '@/state'
import { useHeld, useToday, useZen } from '@/held/zen'
import { useSentenceContext } from '@/parts/capture/useSentence'
import { Button, Column, Field, Preview, Row, Words } from '@/ui'
import { reminderWords } from '@/words'
import { ChooserSheet } from './ChooserSheet'
import { DayChooser } from './DayChooser'

type When = Reminder['when']

export interface ReminderChooserProps {
  readonly title: string
  readonly anchor: DOMRect | null
  readonly of: Pick<Action, 'at' | 'due' | 'day'> & { readonly title?: string }
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
  const [isOnDay, setOnDay] = useState(false)
  const [problem, setProblem] = useState<string | null>(null)
  const { clock } = useZen()
  const settings = useHeld(({ document }) => select.settingsOf(document))
  const momentOf = (chosen: When) => reminderMoment({ when: chosen, snoozedTo: null }, of, settings)
  const moment = when && momentOf(when)
  const isPast = (chosen: When): boolean => {
    const chosenMoment = momentOf(chosen)
    return chosenMoment !== null && isBefore(chosenMoment, localMomentAt(clock.nowEpochMs(), clock.zone()))
  }
  const set = (chosen: When) => {
    if (isPast(chosen))
      return setProblem(`${reminderWords(chosen, today)} has already passed. Choose a later time.`)
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
          label="on a day"
          chosen={when?.kind === 'at'}
          paddingHorizontal="$3"
          onPress={() => setOnDay(true)}
        />
      </Row>
      <SayWhen problem={problem} onChange={() => setProblem(null)} onSet={set} />
      <HowItRings
        onSave={
          moment === null ? null : () => saveForCalendar(of.title ?? 'Reminder', moment, clock.nowEpochMs())
        }
      />
    </ChooserSheet>
  )
}

interface SayWhenProps {
  readonly problem: string | null
  readonly onChange: () => void
  readonly onSet: (when: When) => void
}

/** A line that says any moment, with what was read of it below. */
function SayWhen({ problem, onChange, onSet }: SayWhenProps) {
  const today = useToday()
  const reader = useReader()
  const context = useSentenceContext()
  const [line, setLine] = useState('')
  const said = line.trim()
  const clause = reader
    .parseSentence(`it, ${/^remind\b/i.test(said) ? said : `remind me ${said}`}`, context)
    .clauses.find((each) => each.kind === 'reminder')
  const read = said === '' ? null : (clause?.when ?? null)
  const set = () => {
    if (read) onSet(read)
  }
  return (
    <>
      <div data-takes-typing>
        <Field
          label="Say when"
          dashed
          placeholder="Say it: friday at 4, 2 hours before"
          value={line}
          maxLength={200}
          problem={problem}
          onChangeText={(text) => {
            setLine(text)
            onChange()
          }}
          onSubmitEditing={set}
        />
      </div>
      {said === '' ? null : (
        <Row gap="$2" justifyContent="space-between">
          <Preview style={{ flex: 1 }}>
            <Words size="second" tone={read ? 'brass' : 'clay'}>
              {read
                ? reminderWords(read, today)
                : 'I can’t read that. Try “tomorrow 7:30” or “2 hours before”.'}
            </Words>
          </Preview>
          <Button label="Save" disabled={!read} onPress={set} />
        </Row>
      )}
    </>
  )
}

/** Saves a moment as a calendar file. */
function saveForCalendar(title: string, moment: LocalMoment, nowEpochMs: number): void {
  const id = `${moment.date}-${moment.minute}-${nowEpochMs}`
  const text = calendarFileOf(title, moment, id, nowEpochMs)
  saveAs('reminder.ics', new Blob([text], { type: 'text/calendar' }))
}

/** What a reminder can and cannot do here, in words; a calendar rings where nothing of ours is open. */
function HowItRings({ onSave }: { onSave: (() => void) | null }) {
  const state = notifyState()
  return (
    <Column gap="$1" borderTopWidth={1} borderColor="$rule" paddingTop="$2.5">
      <Words size="second" tone={state === 'denied' ? 'clay' : 'inkSoft'}>
        {state === 'denied'
          ? 'This browser does not let Zen Tray show notifications, so reminders show only inside it. You can allow them in the site settings of the browser.'
          : 'Rings while Zen Tray is open on this device, not while it is closed or the device is asleep.'}
      </Words>
      {onSave ? (
        <Button
          kind="quiet"
          alignSelf="flex-start"
          marginLeft="$-2"
          label="Save for your calendar"
          onPress={onSave}
        />
      ) : null}
    </Column>
  )
}
