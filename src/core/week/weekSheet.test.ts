import type { Action } from '../record'
import { plainAction } from '../testing/plainAction'
import { addDays, calendarDateUnsafe } from '../time'
import { weekSheetOf } from '.'

const today = calendarDateUnsafe('2026-03-11') // a Wednesday
const sheet = (...patches: Partial<Action>[]) =>
  weekSheetOf(
    patches.map((patch, index) => ({ ...plainAction, id: `action:${index}` as const, ...patch })),
    today,
    today,
  )
const daysOf = (patch: Partial<Action>) =>
  sheet(patch).days.flatMap(({ date, actions }) => (actions.length > 0 ? [date] : []))

it.each<[string, Partial<Action>, string[]]>([
  [
    'the day it was moved to, not the day it is due',
    { day: addDays(today, 1), due: { date: addDays(today, 3), time: null } },
    ['2026-03-12'],
  ],
  ['where it is fixed', { at: { date: addDays(today, 2), time: null } }, ['2026-03-13']],
  [
    'where it is fixed, whatever day it was picked for',
    { day: addDays(today, 1), at: { date: addDays(today, 2), time: null } },
    ['2026-03-13'],
  ],
  ['the day it is due', { due: { date: addDays(today, 4), time: null } }, ['2026-03-15']],
  [
    'today, when it was meant for an earlier day',
    { due: { date: addDays(today, -9), time: null } },
    ['2026-03-11'],
  ],
  ['no day of another week', { day: addDays(today, 7) }, []],
  ['no day, when it is done', { day: today, doneAtEpochMs: 1 }, []],
  [
    'no day, while it waits for somebody',
    {
      day: today,
      waiting: { personId: null, whom: 'Oda', since: today, chaseOn: null, how: '', toSignOff: false },
    },
    [],
  ],
])('an action stands on %s', (_, patch, days) => expect(daysOf(patch)).toEqual(days))

it('what is held for this week without a day is told apart', () => {
  const { noDayYet } = sheet(
    { horizon: 'week' },
    { horizon: 'soon' },
    { horizon: 'week', notBefore: addDays(today, 30) },
  )
  expect(noDayYet.map(({ id }) => id)).toEqual(['action:0'])
})
it('begins on the day the person’s week begins', () => {
  const onSunday = weekSheetOf([{ ...plainAction, day: addDays(today, 4) }], today, today, 6)
  expect(onSunday.days.map(({ date }) => date)).toEqual(
    [-3, -2, -1, 0, 1, 2, 3].map((away) => addDays(today, away)),
  )
  expect(onSunday.days.every(({ actions }) => actions.length === 0)).toBe(true)
})

const waiting = (chaseOn: Action['day']) => ({
  waiting: { personId: null, whom: 'Oda', since: today, chaseOn, how: '', toSignOff: false },
})
it.each<[string, Partial<Action>, string[]]>([
  ['on its day', waiting(addDays(today, 2)), ['2026-03-13']],
  ['today, when that day has passed', waiting(addDays(today, -20)), ['2026-03-11']],
  ['on no day of another week', waiting(addDays(today, 9)), []],
  ['on no day, when nobody is to be asked', waiting(null), []],
  ['on no day, when it has come', { ...waiting(today), doneAtEpochMs: 1 }, []],
])('what is waited for is chased %s', (_, patch, days) =>
  expect(sheet(patch).days.flatMap(({ date, toChase }) => (toChase.length > 0 ? [date] : []))).toEqual(days),
)
it('what is underway and on no day is worked on today', () => {
  const underway = { startedAtEpochMs: 1, horizon: 'week' } as const
  expect(daysOf(underway)).toEqual([today])
  expect(sheet(underway).noDayYet).toEqual([])
  expect(daysOf({ ...underway, day: addDays(today, 1) })).toEqual([addDays(today, 1)])
})
