// What is wanted of the times to offer, and the times that are free for it.
import { useMemo, useState } from 'react'
import { useStore } from 'zustand'
import type { OfferedTime } from '@/core/offer'
import { addDays, weekStartOf, type CalendarDate } from '@/core/time'
import { calendarsHeld } from '@/held/calendars/calendarsHeld'
import { useAskedWithEvents } from '@/held/useLoads'
import { useHeldDocument, useZen } from '@/held/zen'
import { select } from '@/state'
import { freeTimes, workingDays, type MeetingHours } from '@/state/read/freeTimes'

export const spans = [
  { value: 'thisWeek', label: 'this week' },
  { value: 'nextWeek', label: 'next week' },
  { value: 'twoWeeks', label: 'the next 2 weeks' },
  { value: 'fourWeeks', label: 'the next 4 weeks' },
] as const
export type OfferSpan = (typeof spans)[number]['value']

export interface Wanted {
  readonly minutes: number
  readonly span: OfferSpan
  readonly weekdays: readonly number[]
  readonly hours: MeetingHours
  readonly most: number
  /** Of whoever is asked; null in one's own. */
  readonly zone: string | null
}

function datesOf(
  span: OfferSpan,
  today: CalendarDate,
  weekStartsOn: number,
): readonly [CalendarDate, CalendarDate] {
  const next = addDays(weekStartOf(today, weekStartsOn), 7)
  if (span === 'thisWeek') return [today, addDays(next, -1)]
  if (span === 'nextWeek') return [next, addDays(next, 6)]
  return [today, addDays(today, span === 'twoWeeks' ? 13 : 27)]
}

/** Whether every calendar that takes time has been read, and those that could not be. */
function useCalendarsRead(): { readonly isRead: boolean; readonly unread: readonly string[] } {
  const document = useHeldDocument()
  const readings = useStore(calendarsHeld, (held) => held.readings)
  return useMemo(() => {
    const taking = select.calendarsOf(document).filter(({ isHidden, isFree }) => !isHidden && !isFree)
    const missing = taking.filter(({ id }) => !readings[id]?.isRead)
    const failed = missing.filter(({ id }) => Boolean(readings[id]?.fault) && !readings[id]?.isBusy)
    return { isRead: missing.length === failed.length, unread: failed.map(({ name }) => name) }
  }, [document, readings])
}

export function useOffer() {
  const document = useHeldDocument()
  const { clock } = useZen()
  const asked = useAskedWithEvents()
  const { isRead, unread } = useCalendarsRead()
  const { weekStartsOn } = select.settingsOf(document)
  const [wanted, setWanted] = useState<Wanted>(() => ({
    minutes: 60,
    span: 'twoWeeks',
    weekdays: workingDays(document),
    hours: 'working',
    most: 5,
    zone: null,
  }))
  const times = useMemo((): readonly OfferedTime[] => {
    const { span, minutes, weekdays, hours, most } = wanted
    const [from, to] = datesOf(span, asked.now.date, weekStartsOn)
    return freeTimes(
      document,
      { ...asked, nowEpochMs: clock.nowEpochMs() },
      { from, to, minutes, weekdays, hours, most },
    )
  }, [document, asked, wanted, weekStartsOn, clock])
  return {
    wanted,
    set: (patch: Partial<Wanted>) => setWanted({ ...wanted, ...patch }),
    times,
    isRead,
    unread,
    ownZone: asked.zone,
    today: asked.now.date,
  }
}
