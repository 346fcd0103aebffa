import { calendarDateUnsafe } from '@/core/time'
import { emptyDocument } from '@/core/journal'
import { plainAction } from '@/core/testing/plainAction'
import {
  actWordsOf,
  actionDetails,
  duration,
  fileFaultWords,
  keepingWords,
  loadWords,
  longDate,
  nearDate,
  refusalWords,
  shortDate,
} from '.'

const today = calendarDateUnsafe('2026-03-11')
const date = calendarDateUnsafe

it.each([
  [5, '5 min'],
  [60, '1 h'],
  [90, '1 h 30'],
  [65, '1 h 05'],
  [0, '0 min'],
])('%i minutes are “%s”', (minutes, words) => expect(duration(minutes)).toBe(words))
it.each([
  ['2026-03-11', 'today'],
  ['2026-03-12', 'tomorrow'],
  ['2026-03-10', 'yesterday'],
  ['2026-03-13', 'Fri 13 Mar'],
  ['2027-03-01', '1 Mar 2027'],
])('%s is “%s”', (day, words) => expect(nearDate(date(day), today)).toBe(words))
it('writes dates the British way', () =>
  expect([longDate(today), shortDate(today, today)]).toEqual(['Wednesday, 11 March', 'Wed 11 Mar']))

it.each([
  [
    { plannedMinutes: 340, freeMinutes: 300, overMinutes: 40, withoutMinutes: 0 },
    '5 h 40 planned into 5 h of free time: 40 min too much.',
  ],
  [
    { plannedMinutes: 240, freeMinutes: 300, overMinutes: 0, withoutMinutes: 2 },
    '4 h planned into 5 h of free time: 1 h left. 2 have no minutes yet.',
  ],
  [
    { plannedMinutes: 300, freeMinutes: 300, overMinutes: 0, withoutMinutes: 1 },
    '5 h planned into 5 h of free time: it just fits. One has no minutes yet.',
  ],
  [
    { plannedMinutes: 0, freeMinutes: 60, overMinutes: 0, withoutMinutes: 0 },
    'Nothing planned into 1 h of free time.',
  ],
])('says how the day fits: %#', (load, said) => {
  const { plain, verdict } = loadWords(load)
  expect(`${plain}${verdict}`).toBe(said)
})

it('tells an action on one line', () => {
  const action = {
    ...plainAction,
    minutes: 25,
    energy: 'deep' as const,
    due: { date: today, time: '17:00' as never },
    moved: ['2026-03-10~a', '2026-03-11~b'],
  }
  expect(actionDetails(action, emptyDocument, today)).toBe('deep · 25 min · due today, 17:00 · moved twice')
})
it('tells an act it does not know plainly', () =>
  expect([
    actWordsOf('tick'),
    actWordsOf('haggle'),
    actWordsOf('constructor'),
    actWordsOf('__proto__'),
  ]).toEqual(['Ticked', 'Changed', 'Changed', 'Changed']))

it.each([
  refusalWords({ kind: 'underwayFull', limit: 1 }),
  refusalWords({ kind: 'notEmpty', count: 2 }),
  refusalWords({ kind: 'tooLong', field: 'title', limit: 2000 }),
  keepingWords({ kind: 'failed', code: 'storageFull', waiting: 1 }),
  fileFaultWords({ kind: 'tooLarge', bytes: 2e8, limitBytes: 1.5e8 }),
  fileFaultWords({ kind: 'newer', version: 3 }),
])('speaks in whole, calm sentences: %s', (said) => {
  expect(said).toMatch(/^[A-Z“0-9].*\.$/)
  expect(said).not.toMatch(/!|undefined|null|NaN/)
})
