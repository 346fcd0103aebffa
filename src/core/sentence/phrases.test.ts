import fc from 'fast-check'
import { addDays, calendarDateUnsafe, weekdayOf, weekStartOf } from '../time'
import { mayBeDate, readDate } from './datePhrase'
import { readTime } from './timePhrase'
import { readLength } from './lengthPhrase'
import { partsOf, wordsOf } from './words'

const today = calendarDateUnsafe('2026-03-11') // a Wednesday

describe('a month on', () => {
  it.each([
    ['in 1 month', '2026-01-31', '2026-02-28'],
    ['in a month', '2028-01-31', '2028-02-29'],
    ['in 2 months', '2026-12-31', '2027-02-28'],
    ['in a year', '2028-02-29', '2029-02-28'],
  ])('“%s” from %s is %s', (phrase, from, day) => {
    expect(readDate(phrase, { today: calendarDateUnsafe(from) })).toBe(day)
  })
})

describe('a day in words', () => {
  it.each([
    ['today', '2026-03-11'],
    ['tomorrow', '2026-03-12'],
    ['the day after tomorrow', '2026-03-13'],
    ['thursday', '2026-03-12'],
    ['wed', '2026-03-18'],
    ['this wednesday', '2026-03-11'],
    ['this friday', '2026-03-13'],
    ['coming monday', '2026-03-16'],
    ['next friday', '2026-03-20'],
    ['next monday', '2026-03-16'],
    ['next week', '2026-03-16'],
    ['the end of the week', '2026-03-13'],
    ['end of the month', '2026-03-31'],
    ['the 15th', '2026-03-15'],
    ['the 11th', '2026-03-11'],
    ['the 3rd', '2026-04-03'],
    ['the 31st', '2026-03-31'],
    ['1 march', '2027-03-01'],
    ['3rd of april', '2026-04-03'],
    ['april 3', '2026-04-03'],
    ['3 apr 2028', '2028-04-03'],
    ['fri 13 march', '2026-03-13'],
    ['2026-12-24', '2026-12-24'],
    ['24/12', '2026-12-24'],
    ['1/2/2027', '2027-02-01'],
    ['in 3 days', '2026-03-14'],
    ['in two weeks', '2026-03-25'],
    ['in 1 month', '2026-04-11'],
  ])('“%s” is %s', (phrase, day) => {
    expect(readDate(phrase, { today })).toBe(day)
    expect(mayBeDate(phrase)).toBe(true)
  })
  it.each([
    'may',
    'march',
    '30 february',
    '32 march',
    '2026-02-30',
    '13/13',
    'friday the',
    'soon',
    'next',
    'in a minute',
    'the 3',
    'days',
    '',
    '3',
  ])('“%s” is none', (phrase) => {
    expect(readDate(phrase, { today })).toBeNull()
  })
  it.each([
    ['monday', '2026-03-09'],
    ['wednesday', '2026-03-04'],
    ['thursday', '2026-03-05'],
    ['yesterday', '2026-03-10'],
    ['1 march', '2026-03-01'],
  ])('since “%s” looks back to %s', (phrase, day) => {
    expect(readDate(phrase, { today }, true)).toBe(day)
  })
  it('puts a bare weekday within the next seven days and a next one into next week, from any day', () => {
    const names = ['monday', 'tuesday', 'wednesday', 'thursday', 'friday', 'saturday', 'sunday']
    fc.assert(
      fc.property(fc.nat(2000), fc.nat(6), fc.nat(6), (away, weekday, weekStartsOn) => {
        const from = addDays(today, away)
        const calendar = { today: from, weekStartsOn }
        const bare = readDate(names[weekday] as string, calendar)
        const next = readDate(`next ${names[weekday]}`, calendar)
        if (!bare || !next) throw new Error('not read')
        expect(weekdayOf(bare)).toBe(weekday)
        expect(bare > from && bare <= addDays(from, 7)).toBe(true)
        expect(weekStartOf(next, weekStartsOn)).toBe(addDays(weekStartOf(from, weekStartsOn), 7))
      }),
      { seed: 21, numRuns: 200 },
    )
  })
})

describe('a time of day in words', () => {
  it.each([
    ['14:30', '14:30'],
    ['9.15', '09:15'],
    ['2pm', '14:00'],
    ['2:15 pm', '14:15'],
    ['12am', '00:00'],
    ['12 pm', '12:00'],
    ['noon', '12:00'],
    ['25:00', null],
    ['9:75', null],
    ['13pm', null],
    ['0am', null],
    ['half past two', null],
    ['14', null],
  ])('“%s” is %s', (phrase, time) => expect(readTime(phrase)).toBe(time))
})

describe('a length in words', () => {
  it.each([
    ['20 min', 20],
    ['20min', 20],
    ['20 minutes', 20],
    ['a minute', 1],
    ['2 hours', 120],
    ['2h', 120],
    ['1.5 hours', 90],
    ['1,5 h', 90],
    ['1h30', 90],
    ['1 h 30', 90],
    ['2 hours 15 minutes', 135],
    ['an hour', 60],
    ['an hour and a half', 90],
    ['half an hour', 30],
    ['a quarter of an hour', 15],
    ['three quarters of an hour', 45],
    ['0 min', null],
    ['1 h 75', null],
    ['99999 min', null],
    ['5 metres', null],
    ['20', null],
    ['min', null],
    ['20 minute call', null],
  ])('“%s” is %s', (phrase, minutes) => expect(readLength(phrase)).toBe(minutes))
})

describe('words', () => {
  it('know their place, their quotes and the breaks behind them', () => {
    const words = wordsOf('ask “the man” now, please: go!')
    expect(words.map(({ text }) => text)).toEqual(['ask', '“the', 'man”', 'now', 'please', 'go'])
    expect(words.map(({ quoted }) => quoted)).toEqual([false, true, true, false, false, false])
    expect(words.map(({ breakAfter }) => breakAfter)).toEqual([null, null, null, ',', ':', null])
    expect(partsOf(words)).toEqual([
      [0, 4],
      [4, 5],
      [5, 6],
    ])
  })
  it('keep a link whole', () => {
    expect(wordsOf('read https://a.example/x?y=1, now')[1]).toMatchObject({
      typed: 'https://a.example/x?y=1',
      breakAfter: ',',
    })
  })
  it('an open quote quotes nothing', () => {
    expect(wordsOf('ring "Oda').some(({ quoted }) => quoted)).toBe(false)
  })
  it('give their own text back from their places, whatever is typed', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 60 }), (text) => {
        const words = wordsOf(text)
        words.forEach(({ start, end, typed }) => expect(text.slice(start, end)).toBe(typed))
        expect(partsOf(words).reduce((count, [from, to]) => count + to - from, 0)).toBe(words.length)
      }),
      { seed: 22, numRuns: 300 },
    )
  })
})
