import { plainAction } from '../testing/plainAction'
import { calendarDateUnsafe as day, fromMinute } from '../time'
import type { Action, Reminder } from '../record'
import { openMoment, reminderMoment, usualSnoozes } from '.'

const settings = { dayStartsAtMinute: 480 }
const at = (date: string, time: number | null = null) => ({
  date: day(date),
  time: time === null ? null : fromMinute(time),
})
const reminder = (when: Reminder['when'], more: Partial<Reminder> = {}) => ({
  when,
  snoozedTo: null,
  answered: null,
  ...more,
})
const dayBefore = { kind: 'daysBefore', days: 1, time: fromMinute(540) } as const
const hourBefore = { kind: 'minutesBefore', minutes: 60 } as const

it.each<[string, Reminder['when'], Partial<Action>, [string, number] | null]>([
  ['at a moment', { kind: 'at', ...at('2026-03-12', 600) }, {}, ['2026-03-12', 600]],
  ['on a day, at its beginning', { kind: 'at', ...at('2026-03-12') }, {}, ['2026-03-12', 480]],
  ['the day before what is due', dayBefore, { due: at('2026-03-01') }, ['2026-02-28', 540]],
  [
    'counted from what is fixed, not from what is due',
    dayBefore,
    { due: at('2026-03-01'), at: at('2026-03-05') },
    ['2026-03-04', 540],
  ],
  ['counted from the day it is laid on', dayBefore, { day: day('2026-03-20') }, ['2026-03-19', 540]],
  ['an hour before a time', hourBefore, { at: at('2026-03-11', 870) }, ['2026-03-11', 810]],
  ['an hour before the beginning of a day', hourBefore, { due: at('2026-03-11') }, ['2026-03-11', 420]],
  ['an hour before half past midnight', hourBefore, { at: at('2026-03-11', 30) }, ['2026-03-10', 1410]],
  [
    'two days of minutes',
    { kind: 'minutesBefore', minutes: 2880 },
    { at: at('2026-03-11', 30) },
    ['2026-03-09', 30],
  ],
  ['nothing to count from', dayBefore, {}, null],
])('%s', (_, when, given, moment) =>
  expect(reminderMoment(reminder(when), { ...plainAction, ...given }, settings)).toEqual(
    moment && { date: moment[0], minute: moment[1] },
  ),
)

describe('an answered reminder', () => {
  const action = { ...plainAction, due: at('2026-03-13', 1020) }
  it('reminds no more of the moment that was answered, nor of an earlier one', () => {
    expect(openMoment(reminder(hourBefore, { answered: at('2026-03-13', 960) }), action, settings)).toBeNull()
    const later = { ...action, due: at('2026-03-13', 1000) }
    expect(openMoment(reminder(hourBefore, { answered: at('2026-03-13', 960) }), later, settings)).toBeNull()
  })
  it('reminds again where the action is moved to a later day', () => {
    const moved = { ...action, due: at('2026-03-20', 1020) }
    expect(openMoment(reminder(hourBefore, { answered: at('2026-03-13', 960) }), moved, settings)).toEqual({
      date: '2026-03-20',
      minute: 960,
    })
  })
  it('snoozed, reminds when it was snoozed to', () => {
    const put = reminder(hourBefore, { answered: at('2026-03-13', 960), snoozedTo: at('2026-03-13', 970) })
    expect(openMoment(put, action, settings)).toEqual({ date: '2026-03-13', minute: 970 })
  })
})

it('is snoozed to a later moment, over midnight too', () => {
  const late = usualSnoozes({ date: day('2026-03-11'), minute: 1435 }, settings)
  expect(late.map(({ kind, moment }) => [kind, moment.date, moment.minute])).toEqual([
    ['tenMinutes', '2026-03-12', 5],
    ['hour', '2026-03-12', 55],
    ['tomorrow', '2026-03-12', 480],
  ])
  // Not where the evening is less than an hour away.
  const offers = (minute: number) =>
    usualSnoozes({ date: day('2026-03-11'), minute }, settings).map(({ kind }) => kind)
  expect([1019, 1020].map((minute) => offers(minute).includes('evening'))).toEqual([true, false])
  const morning = usualSnoozes({ date: day('2026-03-11'), minute: 540 }, settings)
  expect(morning.map(({ kind }) => kind)).toContain('evening')
})
