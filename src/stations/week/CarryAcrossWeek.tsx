// Carrying actions from day to day of the week, and off any day again, by mouse, by a finger at the seal, and by Alt with
// an arrow. What that changed is said; one undo.
import type { ReactNode } from 'react'
import { dayOnSheet, isOpen } from '@/core/action'
import { recordIn } from '@/core/journal'
import type { Action, Id } from '@/core/record'
import { addDays, type CalendarDate } from '@/core/time'
import { desk } from '@/held/desk'
import { useAct, useToday, useZen } from '@/held/zen'
import { Carrying, type Laying } from '@/parts/carrying/Carrying'
import { findRow } from '@/parts/rows/findRow'
import { nearDate, shortened } from '@/words'

/** The column of what is meant for the week and planned for no day of it. */
export const noDay = 'no day'

/** What putting an action on a day did to it: what was due before then is due with it. */
function movedWords({ title, at, due }: Action, date: CalendarDate, today: CalendarDate): string {
  const called = shortened(title)
  const day = nearDate(date, today)
  if (at?.time) return `Moved to ${day} at ${at.time}: ${called}`
  return due && due.date < date
    ? `Planned for ${day}, and due then: ${called}`
    : `Planned for ${day}: ${called}`
}

function useWeekLaying(first: CalendarDate): Laying {
  const act = useAct()
  const { store } = useZen()
  const today = useToday()
  const actionOf = (id: Id<'action'>) => recordIn(store.api.getState().document, id)
  const refuse = (says: string) => desk.getState().tell(says, { problem: true })
  const put = (action: Action, date: CalendarDate | null) => {
    const { id, day, at } = action
    if (!isOpen(action)) return refuse('It is done. Reopen it to move it.')
    if (date !== null && date < today) return refuse('That day is over. Choose today or a later day.')
    if (date !== null) return void act('moveTo', { id, day: date }, { say: movedWords(action, date, today) })
    // A promise stays where it is: what is due stands on its day.
    if (day === null && at === null)
      return refuse('It stands there because it is due. Change when it is due instead.')
    const patch = { day: null, at: null, horizon: 'week' } as const
    act('editAction', { id, patch }, { say: `This week, on no day: ${shortened(action.title)}` })
  }
  return {
    into: (id, place) => {
      const action = actionOf(id)
      if (!action || place.kind === 'hour') return
      const date = place.kind === 'day' ? place.date : null
      if (dayOnSheet(action, today) !== date) put(action, date)
    },
    by: () => {},
    across: (id, days) => {
      const action = actionOf(id)
      if (!action) return
      const day = dayOnSheet(action, today)
      const begins = first > today ? first : today
      if (day === null && days < 0) return
      put(action, day === null ? begins : addDays(day, days))
      findRow(id)
    },
  }
}

export const CarryAcrossWeek = ({ first, children }: { first: CalendarDate; children: ReactNode }) => (
  <Carrying lay={useWeekLaying(first)}>{children}</Carrying>
)
