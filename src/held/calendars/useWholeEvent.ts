// One event with all that is said of it: asked of its calendar each time it is looked at.
import { useEffect, useState } from 'react'
import type { WholeEvent } from '@/core/calendar/calendarReader'
import { useStore } from 'zustand'
import { useZen } from '../zen'
import { calendarsHeld } from './calendarsHeld'
import { loadEngine } from './useEvents'

/** The event; null where it is gone from its calendar; undefined until that is known. */
export function useWholeEvent(
  calendarId: string,
  id: string,
  fromEpochMs: number,
): WholeEvent | null | undefined {
  const zen = useZen()
  const [event, setEvent] = useState<WholeEvent | null | undefined>(undefined)
  // It is asked again once the calendar has been read anew.
  const reading = useStore(calendarsHeld, ({ readings }) => readings[calendarId])
  const isRead = reading !== undefined && reading.isRead && !reading.isBusy
  useEffect(() => {
    let isWanted = true
    void loadEngine()
      .then(async ({ engineOf }) => {
        const { ask } = engineOf(zen)
        if (!isRead) return
        const found = await ask.whole(calendarId, id, fromEpochMs, zen.clock.zone())
        if (isWanted) setEvent(found)
      })
      .catch(() => {})
    return () => {
      isWanted = false
    }
  }, [zen, calendarId, id, fromEpochMs, isRead])
  return event
}
