import { useMemo } from 'react'
import { dayBandsOf, type DayBands } from '@/core/day'
import { select } from '@/state'
import { useHeld, useToday } from '@/held/zen'
import { useReach } from './useReach'

/** Today's bands, made anew only when an action, the day or what is at hand has changed. `headOfReach` as in dayBandsOf. */
export function useDayBands(headOfReach?: number): DayBands {
  const actions = useHeld((state) => select.openActionsOf(state.document))
  const today = useToday()
  const { reach } = useReach()
  return useMemo(() => dayBandsOf(actions, today, reach, headOfReach), [actions, today, reach, headOfReach])
}
