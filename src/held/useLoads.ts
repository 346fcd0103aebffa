// The loads of days as they are at this minute, for whoever shows one.
import { useEffect, useMemo, useState } from 'react'
import type { DaySize, DayTape, Load } from '@/core/day'
import type { CalendarDate } from '@/core/time'
import { askedAt, loadOn, sizeOf, tapeOn, type Asked, type Moving } from '@/state/read/dayLoad'
import { useBusyDays } from './calendars/useBusyDays'
import { useSide } from './side'
import { useHeldDocument, useZen } from './zen'

const lookMs = 20_000

/** The moment, renewed as its minute passes and when the page is looked at again. */
export function useAsked(): Asked {
  const { clock } = useZen()
  const [asked, setAsked] = useState(() => askedAt(clock.nowEpochMs(), clock.zone()))
  useEffect(() => {
    const look = () =>
      setAsked((before) => {
        const next = askedAt(clock.nowEpochMs(), clock.zone())
        const isSame =
          next.now.minute === before.now.minute &&
          next.now.date === before.now.date &&
          next.zone === before.zone
        return isSame ? before : next
      })
    look()
    const timer = setInterval(look, lookMs)
    document.addEventListener('visibilitychange', look)
    return () => {
      clearInterval(timer)
      document.removeEventListener('visibilitychange', look)
    }
  }, [clock])
  return asked
}

/** The same with what events take of each day, and the side of life that is shown. */
export function useAskedWithEvents(): Asked {
  const asked = useAsked()
  const busyOn = useBusyDays()
  const [side] = useSide()
  return useMemo(() => ({ ...asked, busyOn, side }), [asked, busyOn, side])
}

export type LoadOn = (date: CalendarDate, moving?: Moving) => Load

export function useLoads(): LoadOn {
  const document = useHeldDocument()
  const asked = useAskedWithEvents()
  return useMemo(() => (date, moving) => loadOn(document, date, asked, moving), [document, asked])
}

/** A day's load with its picture, and the minute it is now. */
export interface DayAsked {
  readonly load: Load
  readonly tape: DayTape
  readonly size: DaySize
  /** Null on another day than today. */
  readonly nowMinute: number | null
}

export function useDayTape(date: CalendarDate): DayAsked {
  const document = useHeldDocument()
  const asked = useAskedWithEvents()
  return useMemo(
    () => ({
      load: loadOn(document, date, asked),
      tape: tapeOn(document, date, asked),
      size: sizeOf(document, date, asked),
      nowMinute: asked.now.date === date ? asked.now.minute : null,
    }),
    [document, asked, date],
  )
}
