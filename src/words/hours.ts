// The hours of a day in words.
import type { Interval } from '@/core/day'

const clock = (minute: number): string => `${Math.floor(minute / 60)}:${String(minute % 60).padStart(2, '0')}`

/** "9:00–12:30, 13:15–18:00"; "off" where there are none. */
export const spansWords = (hours: readonly Interval[]): string =>
  hours.length === 0 ? 'off' : hours.map(({ from, to }) => `${clock(from)}–${clock(to)}`).join(', ')

export const hoursUnreadable = 'I can’t read that. Try 9 to 12:30, 13:15 to 18, or off.'

/** "Away", "Away: Skye" */
export const awayWords = (what: string): string => (what === '' ? 'Away' : `Away: ${what}`)
