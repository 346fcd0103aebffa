// Fourth stone: the last seven days as they were.
import { useOfSide } from '@/held/side'
import { useMemo } from 'react'
import { minutesOf } from '@/core/day'
import { lastSevenDays } from '@/core/review'
import type { Action } from '@/core/record'
import { addDays, localMomentAt, type CalendarDate } from '@/core/time'
import { lists } from '@/state'
import { Column, Words } from '@/ui'
import { Band } from '@/parts/rows/Band'
import { count, duration, longDate } from '@/words'
import { useHeldDocument, useToday, useZen } from '@/held/zen'

export function DoneStone() {
  const { clock } = useZen()
  const today = useToday()
  const document = useHeldDocument()
  const ofSide = useOfSide()
  const byDay = useMemo(() => {
    const zone = clock.zone()
    const [from, to] = lastSevenDays(today)
    const days = new Map<CalendarDate, Action[]>()
    for (let day = to; day >= from; day = addDays(day, -1)) days.set(day, [])
    for (const action of ofSide(lists.doneOf(document, from, to, zone)))
      days.get(localMomentAt(action.doneAtEpochMs as number, zone).date)?.push(action)
    return [...days].filter(([, done]) => done.length > 0)
  }, [document, ofSide, clock, today])
  const all = byDay.flatMap(([, done]) => done)
  return (
    <Column>
      <Words render="h2" size="title">
        {all.length === 0
          ? 'Nothing was ticked in the last seven days'
          : `${count(all.length, 'action')} done in seven days`}
      </Words>
      <Words tone="inkSoft">
        {all.length === 0
          ? 'That is a fact, not a fault. What stood in the way?'
          : `${duration(minutesOf(all))} by your own estimates.`}
      </Words>
      {byDay.map(([day, done]) => (
        <Band key={day} title={longDate(day)} actions={done} tone="moss" />
      ))}
    </Column>
  )
}
