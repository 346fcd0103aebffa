// Times that are free to be offered: within the hours asked for, clear of events, held times, fixed times and what is
// planned at an hour.
import { hoursOn, within, type Interval } from '@/core/day'
import { recordIn, type Document } from '@/core/journal'
import { timesToOffer, type OfferedTime, type OfferWish } from '@/core/offer'
import type { CalendarDate } from '@/core/time'
import { sizeOf, tapeOn, type Asked } from './dayLoad'
import { planIdOf, settingsOf } from './selectors'

/** The hours in which somebody may be met: those of work, those of work before or after noon, or any that are said. */
export type MeetingHours = 'working' | 'mornings' | 'afternoons' | readonly Interval[]

const noon = 720

function hoursFor(document: Document, date: CalendarDate, hours: MeetingHours): readonly Interval[] {
  if (typeof hours !== 'string') return hours
  const worked = hoursOn(settingsOf(document), date, 'work')
  if (hours === 'working') return worked
  const half = hours === 'mornings' ? { from: 0, to: noon } : { from: noon, to: 1440 }
  return within(worked, half)
}

/** What is taken of a day, whichever side of life it is on. */
function takenOn(document: Document, date: CalendarDate, asked: Asked): Interval[] {
  const whole: Asked = { ...asked, side: 'both' }
  const atAnHour = tapeOn(document, date, whole).pieces.filter(
    ({ kind }) => kind === 'fixed' || kind === 'placed',
  )
  return [...(sizeOf(document, date, whole).busy ?? []), ...atAnHour]
}

export function freeTimes(
  document: Document,
  asked: Asked & { readonly nowEpochMs: number },
  { hours, ...wish }: OfferWish & { readonly hours: MeetingHours },
): OfferedTime[] {
  const isAway = (date: CalendarDate) => (recordIn(document, planIdOf(date))?.away ?? null) !== null
  return timesToOffer(wish, {
    zone: asked.zone,
    nowEpochMs: asked.nowEpochMs,
    hoursOn: (date) => (isAway(date) ? [] : hoursFor(document, date, hours)),
    takenOn: (date) => takenOn(document, date, asked),
  })
}

/** The weekdays on which one works: those given at least half as much as the fullest. */
export function workingDays(document: Document): number[] {
  const given = [0, 1, 2, 3, 4, 5, 6].map((day) => settingsOf(document).availableMinutes[day] ?? 0)
  const most = Math.max(...given)
  return given.flatMap((minutes, day) => (minutes >= most / 2 ? [day] : []))
}
