// What events take of each day, for whoever measures a day: nothing where no calendar is read.
import { useEffect, useMemo } from 'react'
import { useStore } from 'zustand'
import type { Interval } from '@/core/day'
import type { CalendarDate } from '@/core/time'
import { select } from '@/state'
import { useHeld, useZen } from '../zen'
import { calendarsHeld } from './calendarsHeld'
import { loadEngine } from './useEvents'

const none: readonly Interval[] = []

export function useBusyDays(): (date: CalendarDate) => readonly Interval[] {
  const zen = useZen()
  const hasSome = useHeld((state) => state.phase === 'ready' && select.calendarsOf(state.document).length > 0)
  useEffect(() => {
    if (hasSome)
      void loadEngine().then(
        ({ engineOf }) => engineOf(zen),
        () => {},
      )
  }, [zen, hasSome])
  const busy = useStore(calendarsHeld, (held) => held.busy)
  return useMemo(() => (date) => (hasSome ? (busy[date] ?? none) : none), [busy, hasSome])
}
