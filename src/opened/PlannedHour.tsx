// The hour of today that an action was planned for: neither a fixed time nor due, and not carried over. It is moved and
// taken off here too.
import { useState } from 'react'
import type { Action } from '@/core/record'
import { fromMinute } from '@/core/time'
import { useAct, useHeld, useToday } from '@/held/zen'
import { select } from '@/state'
import { OpenedHourChooser } from '@/parts/choosers/useChooser'
import { Press, Words } from '@/ui'
import { shortened } from '@/words'
import { spansWords } from '@/words/hours'

export function PlannedHour({ action }: { action: Action }) {
  const today = useToday()
  const minute = useHeld(({ document }) => select.placedOn(document, today)[action.id])
  const [isAsked, setAsked] = useState(false)
  const act = useAct()
  const called = shortened(action.title)
  const { id } = action
  const choose = (chosen: number | null) =>
    chosen === null
      ? act('unplaceAction', { id, date: today }, { say: `At no hour: ${called}` })
      : act(
          'placeAction',
          { id, date: today, minute: chosen },
          { say: `Planned at ${fromMinute(chosen)}: ${called}` },
        )
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
      {isAsked ? (
        <OpenedHourChooser
          title={`When to do “${called}” today`}
          minute={minute}
          none="at no hour"
          onChoose={choose}
          onClose={() => setAsked(false)}
        />
      ) : null}
    </>
  )
}
