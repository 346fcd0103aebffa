// The events of some days, as stations show them: nothing of calendars loads where there is none.
import { useEffect, useMemo } from 'react'
import { useStore } from 'zustand'
import type { ShownEvent } from '@/core/calendar/calendarReader'
import type { CalendarDate } from '@/core/time'
import { select } from '@/state'
import { heldEvents } from '@/state/read/offers'
import { heldTitle } from '@/words/names'
import { useSide } from '../side'
import { useHeld, useHeldDocument, useZen } from '../zen'
import { calendarsHeld, noEvents, spanKey } from './calendarsHeld'

export const loadEngine = () => import('./onDemand')

/**
 * In the order they begin, of the side that is shown; those of hidden calendars are not among them. Times that are held
 * for somebody are, whichever days are asked for.
 */
export function useEvents(from: CalendarDate, to: CalendarDate): readonly ShownEvent[] {
  const zen = useZen()
  const [side] = useSide()
  const document = useHeldDocument()
  const hasSome = useHeld((state) => state.phase === 'ready' && select.calendarsOf(state.document).length > 0)
  useEffect(() => {
    if (!hasSome) return
    let stop: (() => void) | null = null
    let isGone = false
    void loadEngine().then(
      ({ engineOf }) => {
        if (!isGone) stop = engineOf(zen).want(from, to)
      },
      () => {},
    )
    return () => {
      isGone = true
      stop?.()
    }
  }, [zen, hasSome, from, to])
  const events = useStore(calendarsHeld, (held) => held.events[spanKey(from, to)]?.events ?? noEvents)
  const { calendar: calendars, heldTime, offer } = document
  return useMemo(() => {
    const held = heldEvents(document, heldTitle)
    if (!hasSome || events.length === 0) return held
    const shown = new Set<string>(
      select
        .calendarsOf(document)
        .filter((calendar) => side === 'both' || calendar.side === null || calendar.side === side)
        .map(({ id }) => id),
    )
    const own = events.filter(({ calendarId }) => shown.has(calendarId))
    return held.length === 0 ? own : [...own, ...held].sort((a, b) => a.fromEpochMs - b.fromEpochMs)
    // Of the document only calendars and held times are read.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [events, calendars, heldTime, offer, hasSome, side])
}
