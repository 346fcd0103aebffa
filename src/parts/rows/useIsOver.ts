import { useEffect, useState } from 'react'
import { isOpen } from '@/core/action'
import type { Action } from '@/core/record'
import { localMomentAt, toMinute } from '@/core/time'
import { useToday, useZen } from '@/held/zen'

const lookMs = 20_000

/** Whether the time an open action is due or fixed at today has passed. Only those that have one look at the clock. */
export function useIsOver(action: Action): boolean {
  const { clock } = useZen()
  const today = useToday()
  const { due, at } = action
  const time = (due?.date === today ? due.time : null) ?? (at?.date === today ? at.time : null)
  const watched = time !== null && isOpen(action) ? time : null
  const isPast = () =>
    watched !== null && localMomentAt(clock.nowEpochMs(), clock.zone()).minute > toMinute(watched)
  const [, look] = useState(0)
  useEffect(() => {
    if (watched === null) return
    const timer = setInterval(() => look((times) => times + 1), lookMs)
    return () => clearInterval(timer)
  }, [watched])
  return isPast()
}
