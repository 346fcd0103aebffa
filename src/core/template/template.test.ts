import * as fc from 'fast-check'
import type { Shift } from '../record'
import { addDays, calendarDateUnsafe, weekdayOf, type CalendarDate } from '../time'
import {
  asBlank,
  blanksIn,
  dateCounted,
  filled,
  filledLine,
  isNumberSaid,
  namesIn,
  readShift,
  shiftWords,
  soundsLike,
} from '.'

const date = calendarDateUnsafe
const isWeekend = (day: CalendarDate) => weekdayOf(day) > 4
// Friday 3 April 2026, with Easter Monday off.
const visit = date('2026-04-03')
const isOff = (day: CalendarDate) => isWeekend(day) || day === '2026-04-06'

it.each<[text: string, isNumber: boolean]>([
  ['12', true],
  [' 1 200 ', true],
  ['1,200.50', true],
  ['1234567', true],
  ['3,5', true],
  ['-4.25', true],
  ['80 %', true],
  ['0', true],
  ['twelve', false],
  ['12 rooms', false],
  ['1.', false],
  ['', false],
  ['%', false],
])('“%s” is a number: %s', (text, isNumber) => expect(isNumberSaid(text)).toBe(isNumber))

describe('dates counted from a day', () => {
  it.each<[said: string, date: string]>([
    ['on', '2026-04-03'],
    ['1 day before', '2026-04-02'],
    ['14 days before', '2026-03-20'],
    ['2 weeks before', '2026-03-20'],
    // The 29th is a Sunday: the working day before it.
    ['5 days before', '2026-03-27'],
    // A weekend and Easter Monday: the working day after.
    ['1 day after', '2026-04-07'],
    ['next working day after', '2026-04-07'],
    ['2 working days after', '2026-04-08'],
    ['last working day before', '2026-04-02'],
    ['first monday after', '2026-04-06'],
    ['second friday before', '2026-03-20'],
    ['first friday after', '2026-04-10'],
    ['1 month after', '2026-05-04'],
    ['3 months before', '2026-01-02'],
  ])('%s', (said, expected) => {
    const read = readShift(said)
    expect(read && dateCounted(visit, read.shift, isOff)).toBe(expected)
  })
  it('read back what they say, whatever it is, and what it is counted from', () => {
    const shifts = fc.oneof(
      fc.record({ by: fc.constant('days' as const), steps: fc.integer({ min: -3660, max: 3660 }) }),
      fc.record({ by: fc.constant('workdays' as const), steps: fc.integer({ min: -1000, max: 1000 }) }),
      fc.record({ by: fc.constant('months' as const), steps: fc.integer({ min: -240, max: 240 }) }),
      fc.record({
        by: fc.constant('weekday' as const),
        weekday: fc.integer({ min: 0, max: 6 }),
        steps: fc.integer({ min: -8, max: 8 }),
      }),
    )
    fc.assert(
      fc.property(shifts, (shift: Shift) => {
        const read = readShift(`${shiftWords(shift)} the visit`)
        const same = shift.steps === 0 ? { by: 'days', steps: 0 } : shift
        expect(read).toEqual({ shift: same, rest: 'the visit' })
      }),
      { seed: 8, numRuns: 500 },
    )
  })
  it('never fall on a day off, but for the day itself and a weekday that was named', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 3000 }),
        fc.integer({ min: -400, max: 400 }).filter((steps) => steps !== 0),
        fc.constantFrom('days' as const, 'workdays' as const),
        (start, steps, by) => {
          const from = addDays(date('2024-01-01'), start)
          const counted = dateCounted(from, { by, steps }, isOff)
          expect(isOff(counted)).toBe(false)
          expect(steps < 0 ? counted < from : counted > from).toBe(true)
        },
      ),
      { seed: 9, numRuns: 400 },
    )
  })
  it('stay on the day itself, worked on or not', () =>
    expect(dateCounted(date('2026-04-04'), { by: 'days', steps: 0 }, isOff)).toBe('2026-04-04'))
  it('end where every day is off, and say nothing of what is no count', () => {
    expect(dateCounted(visit, { by: 'days', steps: 3 }, () => true)).toBe('2026-04-06')
    expect(dateCounted(visit, { by: 'workdays', steps: 2 }, () => true)).toBe('2026-04-05')
    for (const text of ['', 'before', 'soon after', '9999 days before', 'x monday after', '4000 days after'])
      expect([text, readShift(text)]).toEqual([text, null])
    expect(readShift('Two Weeks  before')).toEqual({ shift: { by: 'days', steps: -14 }, rest: '' })
    expect(readShift('the day before the visit')).toMatchObject({ shift: { by: 'days', steps: -1 } })
  })
})

describe('blanks', () => {
  const answers = new Map([
    ['Place', 'Mill school'],
    ['Day', 'Fri 3 Apr'],
  ])
  it('are found once each and filled everywhere; what has no answer stays', () => {
    const text = 'Measure ‹Place› with ‹ Who ›; ring ‹Place› before ‹Day›'
    expect(blanksIn(text)).toEqual(['Place', 'Who', 'Day'])
    expect(filled(text, answers)).toBe('Measure Mill school with ‹ Who ›; ring Mill school before Fri 3 Apr')
    expect(filled('‹ Place ›', answers)).toBe('Mill school')
    // What is filled in is not read for blanks again, and no sign in it means anything.
    expect(filled('‹Place›', new Map([['Place', '‹Day› $& $1']]))).toBe('‹Day› $& $1')
    expect(filledLine(' ring ‹Place›  ', answers)).toBe('ring Mill school')
  })
  it('are made of words where these stand as words, signs and all', () => {
    expect(asBlank('Fenwick Hall: ring Fenwick Hallam, then Fenwick Hall.', 'Fenwick Hall', 'Place')).toBe(
      '‹Place›: ring Fenwick Hallam, then ‹Place›.',
    )
    expect(asBlank('a (b) c', '(b)', '$&')).toBe('a ‹$&› c')
    expect(asBlank('‹Place› at Place', 'Place', 'Where')).toBe('‹Place› at ‹Where›')
  })
  it('are proposed for what looks like a name', () => {
    expect(
      namesIn(['Fenwick Hall report', 'Ring the trustees of Fenwick Hall', 'Print it for Oda. Then rest']),
    ).toEqual(['Fenwick Hall', 'Oda'])
    expect(namesIn(['Ring', 'ring', ''])).toEqual([])
    // What only begins sentences is no name, however often; several words together are one.
    expect(namesIn(['The lease', 'The floor', 'Ask Wim’s brother. Ask twice'])).toEqual([])
    expect(namesIn(['Mill School plan', 'Mill School key', 'ring Wim’s brother'])).toEqual([
      'Mill School',
      'Wim',
    ])
  })
})

it.each<[said: string, template: string, rest: string | null]>([
  ['site visit for Mill school', 'Site visit at ‹Place›', 'Mill school'],
  ['Site visit', 'Site visit at ‹Place›', ''],
  ['the site visit at the Mill school', 'Site visit', 'Mill school'],
  ['visit the site', 'Site visit', null],
  ['site visits', 'Site visit', null],
  ['anything', '‹Name›', null],
  ['', 'Site visit', null],
])('“%s” and the template “%s”', (said, template, rest) => expect(soundsLike(said, template)).toBe(rest))
