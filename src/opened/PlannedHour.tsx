// The hour of today that an action was planned for: neither a fixed time nor due, and not carried over. It is moved and
// taken off here too.
import { useState } from 'react'
import type { Action } from '@/core/record'
import { fromMinute, toMinute } from '@/core/time'
import { useReader } from '@/held/reader'
import { useAct, useHeld, useToday } from '@/held/zen'
import { select } from '@/state'
import { Button, Column, Field, Press, Row, SlideOver, Words } from '@/ui'
import { shortened } from '@/words'
import { spansWords } from '@/words/hours'

export function PlannedHour({ action }: { action: Action }) {
  const today = useToday()
  const minute = useHeld(({ document }) => select.placedOn(document, today)[action.id])
  const [isAsked, setAsked] = useState(false)
  if (minute === undefined || action.at?.date === today) return null
  const to = Math.min(1440, minute + (action.minutes ?? 0))
  const words = `Planned ${action.minutes ? spansWords([{ from: minute, to }]) : `at ${fromMinute(minute)}`} today`
  return (
    <>
      <Press aria-haspopup="dialog" minHeight={44} justifyContent="flex-start" onPress={() => setAsked(true)}>
        <Words size="second" tone="moss">
          {words}
        </Words>
      </Press>
      {isAsked ? <HourSheet action={action} minute={minute} onClose={() => setAsked(false)} /> : null}
    </>
  )
}

function HourSheet({ action, minute, onClose }: { action: Action; minute: number; onClose: () => void }) {
  const act = useAct()
  const today = useToday()
  const reader = useReader()
  const [typed, setTyped] = useState<string>(fromMinute(minute))
  const [problem, setProblem] = useState<string | null>(null)
  const { id } = action
  const called = shortened(action.title)
  const save = () => {
    const time = reader.readTime(typed.trim().toLowerCase())
    if (!time) return setProblem('I can’t read that. Try 14:30.')
    act('placeAction', { id, date: today, minute: toMinute(time) }, { say: `Planned at ${time}: ${called}` })
    onClose()
  }
  const takeOff = () => {
    act('unplaceAction', { id, date: today }, { say: `At no hour: ${called}` })
    onClose()
  }
  return (
    <SlideOver title={`When to do “${called}” today`} onClose={onClose}>
      <Column maxWidth={160}>
        <Field
          label="Begins at"
          shown
          value={typed}
          maxLength={12}
          problem={problem}
          onChangeText={setTyped}
          onSubmitEditing={save}
        />
      </Column>
      <Row gap="$2" justifyContent="flex-end" flexWrap="wrap">
        <Button kind="quiet" label="Plan at no hour" onPress={takeOff} />
        <Button kind="quiet" label="Cancel" onPress={onClose} />
        <Button kind="main" label="Save" onPress={save} />
      </Row>
    </SlideOver>
  )
}
