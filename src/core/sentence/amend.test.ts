import fc from 'fast-check'
import type { Action, Id } from '../record'
import { energies, weights } from '../record'
import { plainAction } from '../testing/plainAction'
import { addDays, calendarDateUnsafe, type CalendarDate, type ClockTime } from '../time'
import type { ActionPatch } from '../facets/amendable'
import { amendAction } from './amend'
import { makeNameIndex, type Name } from '.'

const today = calendarDateUnsafe('2026-03-11') // a Wednesday
const name = (id: string, text: string): Name => ({ id: id as Name['id'], name: text })
const known = [
  name('context:phone', 'Phone'),
  name('context:desk', 'Desk'),
  name('context:site', 'On site'),
  name('context:calls', 'Calls'),
  name('context:quiet', 'No calls'),
  name('project:fenwick', 'Fenwick Hall echo report'),
  name('area:office', 'Office'),
  name('area:choir', 'Choir'),
  name('project:choir', 'Choir'),
  name('person:oda', 'Oda'),
  name('person:per', 'Per Lindqvist'),
]
const names = makeNameIndex(known)
const amended = (text: string, action: Partial<Action> = {}) =>
  amendAction(text, { ...plainAction, ...action }, { today, names })
const on = (date: string, time: string | null = null) => ({
  date: date as CalendarDate,
  time: time as ClockTime | null,
})
const [phone, desk, site] = ['context:phone', 'context:desk', 'context:site'] as Id<'context'>[]
const [oda, per] = ['person:oda', 'person:per'] as Id<'person'>[]
const waiting = {
  how: '',
  toSignOff: false,
  personId: oda as Id<'person'>,
  whom: '',
  since: calendarDateUnsafe('2026-03-04'),
  chaseOn: null,
}
const friday = calendarDateUnsafe('2026-03-13')

const cases: [said: string, of: Partial<Action>, patch: ActionPatch, unread?: string[]][] = [
  ['friday, 20 min, phone', {}, { day: friday, minutes: 20, contextIds: [phone!] }],
  ['friday 20 min phone', {}, { day: friday, minutes: 20, contextIds: [phone!] }],
  ['phone', { contextIds: [desk!] }, { contextIds: [desk!, phone!] }],
  ['not desk, phone', { contextIds: [desk!] }, { contextIds: [phone!] }],
  ['not on site', { contextIds: [site!, desk!] }, { contextIds: [desk!] }],
  ['without phone and no due', { contextIds: [phone!], due: on(friday) }, { contextIds: [], due: null }],
  ['20 min and not on site', { contextIds: [site!] }, { minutes: 20, contextIds: [] }],
  ['not phone', { contextIds: [desk!] }, {}],
  ['no due', { due: on(friday) }, { due: null }],
  ['no due date, must', { due: on(friday) }, { due: null, weight: 'must' }],
  ['no due', {}, {}],
  // A name that begins with a denial is still a name.
  ['no calls', { contextIds: ['context:calls'] }, { contextIds: ['context:calls', 'context:quiet'] }],
  ['by friday 17:00', {}, { due: on(friday, '17:00') }],
  ['by 17:00', { due: on(friday) }, { due: on(friday, '17:00') }],
  ['by 17:00', {}, { due: on(today, '17:00') }],
  ['by friday', { due: on(friday, '17:00') }, { due: on(friday) }],
  ['not by friday', { due: on(friday) }, { due: null }],
  ['not by monday', { due: on(friday) }, {}],
  ['at 14:30', { day: friday }, { at: on(friday, '14:30'), day: null }],
  ['at 14:30', { at: on(friday, '09:00') }, { at: on(friday, '14:30') }],
  ['tomorrow at 9am for 90 minutes', {}, { at: on('2026-03-12', '09:00'), minutes: 90 }],
  ['monday', { at: on(friday, '09:00') }, { at: on('2026-03-16', '09:00') }],
  ['monday', { due: on(friday) }, { day: calendarDateUnsafe('2026-03-16'), due: on('2026-03-16') }],
  ['monday, by friday', { due: on(friday) }, { day: calendarDateUnsafe('2026-03-16') }],
  ['no day', { day: friday }, { day: null }],
  ['no day', { at: on(friday, '09:00') }, { at: null }],
  ['not friday', { day: friday, due: on(friday) }, { day: null, due: null }],
  ['today', {}, { horizon: 'week', day: today }],
  ['this week', { day: today, horizon: 'soon' }, { horizon: 'week', day: null }],
  ['someday', { day: today }, { horizon: 'someday', day: null }],
  ['not today', { day: today }, { day: null }],
  ['not someday', { horizon: 'someday' }, { horizon: 'soon' }],
  ['not someday', { horizon: 'week' }, {}],
  ['deep, not must', { weight: 'must' }, { energy: 'deep', weight: 'should' }],
  ['not deep', { energy: 'deep' }, { energy: null }],
  ['no minutes', { minutes: 20 }, { minutes: null }],
  ['not before 1 april', {}, { notBefore: calendarDateUnsafe('2026-04-01') }],
  ['not until monday', {}, { notBefore: calendarDateUnsafe('2026-03-16') }],
  ['not hidden', { notBefore: friday }, { notBefore: null }],
  ['for Fenwick Hall', { areaId: 'area:office' }, { projectId: 'project:fenwick', areaId: null }],
  ['not for Fenwick Hall', { projectId: 'project:fenwick' }, { projectId: null }],
  ['office', { projectId: 'project:fenwick' }, { areaId: 'area:office', projectId: null }],
  ['no project', { projectId: 'project:fenwick' }, { projectId: null }],
  ['not choir', { areaId: 'area:choir' }, { areaId: null }],
  ['Oda', {}, { personIds: [oda!] }],
  ['with Per', { personIds: [oda!] }, { personIds: [oda!, per!] }],
  ['not Oda', { personIds: [oda!, per!] }, { personIds: [per!] }],
  [
    'waiting for Oda since monday, chase friday',
    {},
    {
      waiting: { ...waiting, since: calendarDateUnsafe('2026-03-09'), chaseOn: friday },
      personIds: [oda!],
    },
  ],
  [
    'friday, waiting for the post',
    {},
    {
      day: friday,
      waiting: { personId: null, whom: 'the post', since: today, chaseOn: null, how: '', toSignOff: false },
    },
  ],
  [
    'to sign off by Oda, chase friday',
    {},
    { waiting: { ...waiting, since: today, chaseOn: friday, toSignOff: true }, personIds: [oda!] },
  ],
  [
    'signed off by the county',
    {},
    {
      waiting: { personId: null, whom: 'the county', since: today, chaseOn: null, how: '', toSignOff: true },
    },
  ],
  ['to sign off by Oda', { waiting, personIds: [oda!] }, { waiting: { ...waiting, toSignOff: true } }],
  ['no sign-off', { waiting: { ...waiting, toSignOff: true }, personIds: [oda!] }, { waiting: null }],
  ['chase friday', { waiting, personIds: [oda!] }, { waiting: { ...waiting, chaseOn: friday } }],
  ['no longer waiting', { waiting, personIds: [oda!] }, {}, ['no longer waiting']],
  ['not waiting', { waiting, personIds: [oda!] }, { waiting: null }],
  ['chase friday', {}, {}, ['chase friday']],
  ['https://example.org/plans', {}, { link: 'https://example.org/plans' }],
  ['no link', { link: 'https://example.org' }, { link: null }],
  ['workshop', {}, {}, ['workshop']],
  ['friday, workshop, 20 min', {}, { day: friday, minutes: 20 }, ['workshop']],
  ['not the workshop', {}, {}, ['not the workshop']],
  ['no', {}, {}, ['no']],
  ['"friday"', {}, {}, ['"friday"']],
  ['', {}, {}],
  [' , ; ', {}, {}],
]

it.each(cases)('“%s” of %j', (said, of, patch, unread = []) => {
  expect(amended(said, of)).toEqual({ patch, parts: {}, questions: [], unread })
})

it('asks where a name is of two things, and takes the one that is there where one is taken off', () => {
  const question = amended('Choir, 20 min')
  expect(question.patch).toEqual({ minutes: 20 })
  expect(question.questions.map(({ options }) => options.map(({ id }) => id).sort())).toEqual([
    ['area:choir', 'project:choir'],
  ])
  expect(amended('not Choir').questions).toHaveLength(1)
  expect(amended('not Choir', { projectId: 'project:choir' })).toEqual({
    patch: { projectId: null },
    parts: {},
    questions: [],
    unread: [],
  })
})

const day = fc.integer({ min: 1, max: 40 }).map((away) => addDays(today, away))
const time = fc.constantFrom(null, '09:00', '17:30') as fc.Arbitrary<ClockTime | null>
const maybe = <T>(value: fc.Arbitrary<T>) => fc.option(value, { nil: null })
const anyAction: fc.Arbitrary<Action> = fc
  .record({
    due: maybe(fc.record({ date: day, time })),
    at: maybe(fc.record({ date: day, time: fc.constantFrom('09:00', '14:30') as fc.Arbitrary<ClockTime> })),
    day: maybe(fc.oneof(day, fc.constant(today))),
    horizon: fc.constantFrom('week', 'soon', 'shelf', 'someday') as fc.Arbitrary<'week'>,
    minutes: maybe(fc.constantFrom(5, 20, 90)),
    weight: fc.constantFrom(...weights),
    energy: maybe(fc.constantFrom(...energies)),
    contextIds: fc.subarray([phone!, desk!, site!]),
    projectId: maybe(fc.constant('project:fenwick' as Id<'project'>)),
    personIds: fc.subarray([oda!, per!]),
    notBefore: maybe(day),
  })
  .map((fields) => ({ ...plainAction, ...fields }))

/** All that is set of an action, said as a person would. */
function sayingOf(action: Action): string[] {
  const called = (id: string) => known.find((each) => each.id === id)?.name ?? ''
  const horizon = { week: 'this week', soon: 'soon', shelf: 'on the shelf', someday: 'someday' }[
    action.horizon
  ]
  return [
    action.due ? `by ${action.due.date}${action.due.time ? ` ${action.due.time}` : ''}` : '',
    action.at ? `at ${action.at.time} on ${action.at.date}` : '',
    action.day && !action.at ? `on ${action.day}` : '',
    action.day === today ? 'today' : horizon,
    action.minutes ? `${action.minutes} min` : '',
    action.weight,
    action.energy ?? '',
    ...action.contextIds.map(called),
    ...action.personIds.map((id) => `with ${called(id)}`),
    action.projectId ? `for ${called(action.projectId)}` : '',
    action.notBefore ? `not before ${action.notBefore}` : '',
  ].filter((part) => part !== '')
}

it('changes nothing where what is said is already so, in any order and each part alone', () => {
  const nothing = { patch: {}, parts: {}, questions: [], unread: [] }
  fc.assert(
    fc.property(
      anyAction.chain((action) => {
        const parts = sayingOf(action)
        return fc.tuple(fc.constant(action), fc.shuffledSubarray(parts, { minLength: parts.length }))
      }),
      ([action, parts]) => {
        expect(amendAction(parts.join(', '), action, { today, names })).toEqual(nothing)
        for (const part of parts) expect(amendAction(part, action, { today, names })).toEqual(nothing)
      },
    ),
    { seed: 17, numRuns: 400 },
  )
})

it('loses no word of what it does not understand, and never throws', () => {
  const word = fc.constantFrom(
    'friday',
    '20',
    'min',
    'no',
    'not',
    'phone',
    'due',
    'and',
    ',',
    'xylem',
    'by',
    '"',
    'since',
  )
  fc.assert(
    fc.property(fc.array(word, { maxLength: 12 }), anyAction, (parts, action) => {
      const { unread } = amendAction(parts.join(' '), action, { today, names })
      const left = unread.join(' ').split('xylem').length
      expect(left).toBe(parts.filter((part) => part === 'xylem').length + 1)
    }),
    { seed: 18, numRuns: 500 },
  )
})

describe('what comes back and reminds', () => {
  const rule = (text: string, more: object = {}) => ({
    repeat: { rule: text, fromDone: false, time: null, startsOn: null, ...more },
  })
  const before = { kind: 'daysBefore', days: 1, time: '09:00' }
  it.each([
    ['every weekday', { day: friday }, rule('FREQ=WEEKLY;BYDAY=MO,TU,WE,TH,FR'), {}],
    ['every friday, 20 min', {}, rule('FREQ=WEEKLY;BYDAY=FR'), { day: friday, minutes: 20 }],
    ['every friday', { due: on('2026-03-20') }, rule('FREQ=WEEKLY;BYDAY=FR'), {}],
    ['daily, 10 times', { day: friday }, rule('FREQ=DAILY;COUNT=10'), {}],
    ['every 6 weeks after it is done', {}, rule('FREQ=WEEKLY;INTERVAL=6', { fromDone: true }), {}],
    ['remind me the day before at 9', {}, { reminders: [before] }, {}],
    [
      'every friday, remind me the day before at 9',
      { day: friday },
      { ...rule('FREQ=WEEKLY;BYDAY=FR'), reminders: [before] },
      {},
    ],
    ['no repeat', {}, { repeat: null }, {}],
    ['no reminders, must', {}, { noReminders: true }, { weight: 'must' }],
    ['friday', {}, {}, { day: friday }],
  ])('“%s” of %j', (said, of, parts, patch) =>
    expect(amended(said, of as Partial<Action>)).toEqual({ parts, patch, questions: [], unread: [] }),
  )
  it('gives an end without a rule back', () => expect(amended('10 times').unread).toEqual(['10 times']))
})

describe('after another', () => {
  const said = (text: string) =>
    amendAction(text, plainAction, {
      today,
      names,
      actionCalled: (title) => (title === 'the quotes' ? 'action:quotes' : null),
    })
  it('is the action that is called so, beside what else is said', () =>
    expect(said('after the quotes, 20 min')).toMatchObject({
      parts: { after: ['action:quotes'] },
      patch: { minutes: 20 },
      unread: [],
    }))
  it('is not taken where nothing is called so, and is taken off by its name', () => {
    expect(said('after the flood').unread).toEqual(['after the flood'])
    expect(said('not held back').parts).toEqual({ noAfter: true })
  })
})
