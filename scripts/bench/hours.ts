// Figures of the hours: calendars, laying out a day, and whether it all fits.
import { makeCalendarReader } from '../../src/core/calendar/calendarReader'
import { compareDue, fitOf, makeAvailable, withPromised, type Promised } from '../../src/core/fit'
import { layOut, type LayoutAsked } from '../../src/core/layout'
import { makeRandom } from '../../src/core/random'
import { addDays, calendarDateUnsafe } from '../../src/core/time'
import { largeCalendar } from './largeCalendar'

type TimesOf = (runs: number, work: () => unknown) => number[]

const today = calendarDateUnsafe('2026-03-11')
const random = makeRandom(23)
const below = (most: number): number => Math.floor(random() * most)
const inOrder = (times: number[]): number[] => [...times].sort((a, b) => a - b)
const at = (times: number[], share: number): string =>
  (inOrder(times)[Math.min(times.length - 1, Math.floor(times.length * share))] as number).toFixed(1)

function calendarFigures(timesOf: TimesOf): string[][] {
  const bytes = new TextEncoder().encode(largeCalendar())
  const reader = makeCalendarReader(() => performance.now())
  const read = timesOf(5, () => reader.read('calendar:a', bytes))
  const seen = { calendarIds: ['calendar:a'], zone: 'Europe/London' }
  const months = Array.from({ length: 24 }, (_, month) => Date.UTC(2025, month, 1))
  const shown = months.flatMap((fromEpochMs, month) =>
    timesOf(1, () => reader.eventsIn(seen, { fromEpochMs, toEpochMs: Date.UTC(2025, month + 1, 1) })),
  )
  return [
    [
      '20,000 events, 4,000 of them repeating: a calendar file read, median of 5',
      `${at(read, 0.5)} ms`,
      'at most 1500 ms',
    ],
    [
      'the same, any month of two years shown, median; the slowest',
      `${at(shown, 0.5)} ms; ${at(shown, 1)} ms`,
      'at most 200 ms',
    ],
  ]
}

function layoutFigures(timesOf: TimesOf): string[][] {
  const days = Array.from({ length: 60 }, (): LayoutAsked => {
    let end = 480
    return {
      tasks: Array.from({ length: 40 }, (_, index) => ({
        id: `action:${index}`,
        minutes: 5 + 5 * below(20),
        value: 5 + random() * 60,
        energy: (['deep', 'plain', 'light', null] as const)[below(4)] ?? null,
        contextIds: [`context:${below(5)}`],
        place: random() < 0.2 ? 'context:1' : null,
        dueMinute: random() < 0.1 ? 600 + below(400) : null,
        atHand: [{ from: 0, to: 1440 }],
        afterIds: index > 0 && random() < 0.2 ? [`action:${below(index)}`] : [],
      })),
      gaps: Array.from({ length: 12 }, () => {
        const from = end + below(20)
        end = from + 15 + below(60)
        return { from, to: end, placeBefore: null, placeAfter: null }
      }),
      budget: 480,
      deepByHour: Array.from({ length: 24 }, (_, hour) => (hour < 12 ? 1 : 0.3)),
      minutesTo: { 'context:1': 20 },
      wishes: { protectDeep: 1, groupAlike: 1, leaveRoom: 1 },
    }
  })
  days.slice(0, 8).forEach(layOut)
  const times = days.flatMap((day) => timesOf(1, () => layOut(day)))
  return [
    [
      'laying out 40 actions into 12 gaps, median; 95th percentile of 60 days',
      `${at(times, 0.5)} ms; ${at(times, 0.95)} ms`,
      'at most 150 ms',
    ],
  ]
}

function fitFigures(timesOf: TimesOf): string[][] {
  const promised = Array.from({ length: 10_000 }, (_, index): Promised => ({
    id: `action:${index}`,
    minutes: 5 + below(90),
    date: addDays(today, below(5 * 365)),
    minute: 1440,
    guessed: 0,
  })).sort(compareDue)
  const available = makeAvailable(today, () => ({ minutes: 300, before: () => 300 }))
  available.before(5 * 365, 1440)
  timesOf(10, () => fitOf(promised, available))
  const whole = timesOf(41, () => fitOf(promised, available))
  const edits = Array.from({ length: 41 }, () => {
    const one = promised[below(promised.length)] as Promised
    const edited = { ...one, minutes: one.minutes + 5, date: addDays(today, below(5 * 365)) }
    return timesOf(1, () => fitOf(withPromised(promised, one.id, edited), available))[0] as number
  })
  return [
    [
      'whether 10,000 promises in 5 years fit; after one edit, medians',
      `${at(whole, 0.5)} ms; ${at(edits, 0.5)} ms`,
      'at most 10 ms; 2 ms',
    ],
  ]
}

export const hoursFigures = (timesOf: TimesOf): string[][] => [
  ...calendarFigures(timesOf),
  ...layoutFigures(timesOf),
  ...fitFigures(timesOf),
]
