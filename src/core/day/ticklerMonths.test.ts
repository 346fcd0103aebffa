import type { Action } from '../record'
import { plainAction } from '../testing/plainAction'
import { calendarDateUnsafe } from '../time'
import { ticklerMonths } from '.'

const today = calendarDateUnsafe('2026-03-31')
const until = (id: string, date: string | null): Action => ({
  ...plainAction,
  id: `action:${id}`,
  notBefore: date === null ? null : calendarDateUnsafe(date),
})

it('lays what is hidden under its month and day, twelve months ahead and later ones that have something', () => {
  const months = ticklerMonths(
    [
      until('b', '2026-04-02'),
      until('a', '2026-04-01'),
      until('c', '2026-04-02'),
      until('far', '2029-12-31'),
      until('today', '2026-03-31'),
      until('none', null),
    ],
    today,
  )
  expect(months).toHaveLength(13)
  expect([months[0]?.first, months[0]?.count, months[11]?.first]).toEqual(['2026-03-01', 0, '2027-02-01'])
  expect(months[1]?.days.map(({ date, actions }) => [date, actions.map(({ id }) => id)])).toEqual([
    ['2026-04-01', ['action:a']],
    ['2026-04-02', ['action:b', 'action:c']],
  ])
  expect([months[12]?.first, months[12]?.count]).toEqual(['2029-12-01', 1])
})
