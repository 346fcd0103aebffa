// Carrying from day to day of the Week and the Month, and off any day again, by mouse, by a finger, and by arrows while
// Alt is held. What that changed is said; one undo.
import { useEffect, useRef, type ReactNode } from 'react'
import { dayOnSheet, isOpen } from '@/core/action'
import { recordIn } from '@/core/journal'
import type { Action, Id } from '@/core/record'
import { addDays, type CalendarDate } from '@/core/time'
import { desk } from '@/held/desk'
import { useAct, useToday, useZen } from '@/held/zen'
import { Carrying, type Laying } from '@/parts/carrying/Carrying'
import { placeMark } from '@/parts/carrying/place'
import { findRow } from '@/parts/rows/findRow'
import { nearDate, shortened } from '@/words'

/** The column of what is meant for the week and planned for no day of it. */
export const noDay = 'no day'

type Carried = Id<'action'> | Id<'project'>

const landing = 'landing-place'

/** What keys carry for as long as Alt is held: however far that is, it is moved once. */
interface InHand {
  readonly id: Carried
  /** Its promise is what is carried. */
  readonly isDue: boolean
  to: CalendarDate
  /** The day that it would be laid on, where that is in sight. */
  mark: Element | null
  /** Stops listening for the end. */
  readonly forget: () => void
}

/** What putting an action on a day did to it: what was due before then is due with it. */
function movedWords({ title, at, due }: Action, date: CalendarDate, today: CalendarDate): string {
  const called = shortened(title)
  const day = nearDate(date, today)
  if (at?.time) return `Moved to ${day} at ${at.time}: ${called}`
  return due && due.date < date
    ? `Planned for ${day}, and due then: ${called}`
    : `Planned for ${day}: ${called}`
}

function useDaysLaying(first: CalendarDate): Laying<Carried> {
  const act = useAct()
  const { store } = useZen()
  const today = useToday()
  const held = () => store.api.getState().document
  const refuse = (says: string) => desk.getState().tell(says, { problem: true })
  const isOver = (date: CalendarDate) => date < today
  const overWords = 'That day is over. Choose today or a later day.'
  const put = (action: Action, date: CalendarDate | null) => {
    const { id, day, at } = action
    if (!isOpen(action)) return refuse('It is done. Reopen it to move it.')
    if (date !== null && isOver(date)) return refuse(overWords)
    if (date !== null) return void act('moveTo', { id, day: date }, { say: movedWords(action, date, today) })
    // A promise stays where it is: what is due stands on its day.
    if (day === null && at === null)
      return refuse('It stands there because it is due. Change when it is due instead.')
    const patch = { day: null, at: null, horizon: 'week' } as const
    act('editAction', { id, patch }, { say: `This week, on no day: ${shortened(action.title)}` })
  }
  const promise = (id: Carried, date: CalendarDate) => {
    if (isOver(date)) return refuse(overWords)
    const due = (title: string) => ({ say: `Due ${nearDate(date, today)}: ${shortened(title)}` })
    const project = recordIn(held(), id as Id<'project'>)
    if (id.startsWith('project:') && project) {
      if (project.due !== date)
        act('editProject', { id: project.id, patch: { due: date } }, due(project.title))
      return
    }
    const action = recordIn(held(), id as Id<'action'>)
    if (!action || action.due?.date === date) return
    const time = action.due?.time ?? null
    act('editAction', { id: action.id, patch: { due: { date, time } } }, due(action.title))
  }
  /** The day that a row stands on because it is due then (`data-due`): carried, its promise moves. */
  const dueOf = (row: HTMLElement | null) => row?.dataset['due'] as CalendarDate | undefined
  const hand = useRef<InHand | null>(null)
  /** Empties the hand: what it held stays where it was. */
  const leave = (): InHand | null => {
    const held = hand.current
    hand.current = null
    held?.forget()
    held?.mark?.classList.remove(landing)
    return held
  }
  /** Lets go of what keys carry: it lies where they have brought it, as one move. */
  const layDown = () => {
    const held = leave()
    if (!held) return
    if (held.isDue) promise(held.id, held.to)
    else {
      const action = recordIn(store.api.getState().document, held.id as Id<'action'>)
      if (action && dayOnSheet(action, today) !== held.to) put(action, held.to)
    }
    findRow(held.id)
  }
  const begin = (id: Carried, row: HTMLElement): InHand | null => {
    const due = dueOf(row)
    const action = recordIn(held(), id as Id<'action'>)
    const day = due ?? (action ? dayOnSheet(action, today) : undefined)
    if (day === undefined) return null
    const begins = addDays(first > today ? first : today, -1)
    const up = (event: KeyboardEvent) => {
      if (event.key !== 'Alt') return
      event.preventDefault()
      layDown()
    }
    const escape = (event: KeyboardEvent) => {
      if (event.key !== 'Escape') return
      event.preventDefault()
      event.stopPropagation()
      leave()
    }
    window.addEventListener('keyup', up)
    window.addEventListener('keydown', escape, { capture: true })
    window.addEventListener('blur', layDown)
    const forget = () => {
      window.removeEventListener('keyup', up)
      window.removeEventListener('keydown', escape, { capture: true })
      window.removeEventListener('blur', layDown)
    }
    return { id, isDue: Boolean(due), to: day ?? begins, mark: null, forget }
  }
  const across = (id: Carried, days: number, row: HTMLElement) => {
    if (hand.current && hand.current.id !== id) layDown()
    const carried = (hand.current ??= begin(id, row))
    if (!carried) return
    carried.to = addDays(carried.to, days)
    carried.mark?.classList.remove(landing)
    carried.mark = document.querySelector(`[data-place="${placeMark({ kind: 'day', date: carried.to })}"]`)
    carried.mark?.classList.add(landing)
  }
  useEffect(
    () => () => {
      hand.current?.forget()
      hand.current = null
    },
    [],
  )
  return {
    into: (id, place, row) => {
      if (place.kind === 'hour') return
      const date = place.kind === 'day' ? place.date : null
      if (dueOf(row)) return void (date && promise(id, date))
      const action = recordIn(held(), id as Id<'action'>)
      if (action && dayOnSheet(action, today) !== date) put(action, date)
    },
    across,
    // The row of days above or below.
    by: (id, weeks, row) => (row.closest('[data-weeks]') ? across(id, weeks * 7, row) : undefined),
  }
}

export const CarryAcrossDays = ({ first, children }: { first: CalendarDate; children: ReactNode }) => (
  <Carrying lay={useDaysLaying(first)}>{children}</Carrying>
)
