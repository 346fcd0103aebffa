// Times to offer, in words.
import type { OfferedTime } from '@/core/offer'
import { fromMinute, localMomentAt, type CalendarDate } from '@/core/time'
import { headDate } from './dates'
import { zoneName } from './events'

const dayWords = (date: CalendarDate, today: CalendarDate): string =>
  date.slice(0, 4) === today.slice(0, 4) ? headDate(date) : `${headDate(date)} ${date.slice(0, 4)}`

/** A zone as this browser knows it; null for one it does not, which a file from elsewhere may name. */
export function knownZone(zone: string | null): string | null {
  try {
    if (zone !== null) localMomentAt(0, zone)
    return zone
  } catch {
    return null
  }
}

/** "Tue 17 Mar 10:00–11:30", by the wall clock of a zone; with the second day where it ends on another. */
export function timeWords(
  { fromEpochMs, toEpochMs }: OfferedTime,
  zone: string,
  today: CalendarDate,
): string {
  const [from, to] = [localMomentAt(fromEpochMs, zone), localMomentAt(toEpochMs, zone)]
  const ends = fromMinute(to.minute)
  const end = to.date === from.date ? ends : `${dayWords(to.date, today)} ${ends}`
  return `${dayWords(from.date, today)} ${fromMinute(from.minute)}–${end}`
}

/** What is sent: a line for each time, and whose clock they go by where that is not one's own. */
export function offerText(
  times: readonly OfferedTime[],
  { zone, ownZone, today }: { zone: string | null; ownZone: string; today: CalendarDate },
): string {
  const lines = times.map((time) => timeWords(time, zone ?? ownZone, today))
  const clock =
    zone === null ? [] : ['', `${times.length === 1 ? 'This is' : 'These are in'} ${zoneName(zone)} time.`]
  return [times.length === 1 ? 'I am free then:' : 'I am free at these times:', '', ...lines, ...clock].join(
    '\n',
  )
}

export const heldWords = (title: string): string => `Held for ${title}, and copied`
export const copiedWords = 'Copied. Paste it into your message.'
export const copyBlocked = 'The browser does not allow copying from here. Select the text and copy it.'
