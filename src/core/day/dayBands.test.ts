import { isCarriedOver } from '../action'
import fc from 'fast-check'
import type { Action } from '../record'
import { addDays, calendarDateUnsafe, type CalendarDate } from '../time'
import { plainAction } from '../testing/plainAction'
import { anyReach, dayBandNames, dayBandOf, dayBandsOf, firstInOrderOfWork, inOrderOfWork, loadOf } from '.'

const today = calendarDateUnsafe('2026-03-11')
const day = (away: number) => addDays(today, away)

const action = (patch: Partial<Action>): Action => ({ ...plainAction, ...patch })
const waiting = { personId: null, whom: 'Oda', since: day(-3), chaseOn: null, how: '', toSignOff: false }

describe('the band of an action', () => {
  const cases: [what: string, patch: Partial<Action>, band: string | null][] = [
    ['a promise of yesterday', { due: { date: day(-1), time: null } }, 'carriedOver'],
    [
      'picked for yesterday, due tomorrow',
      { day: day(-1), due: { date: day(1), time: null } },
      'carriedOver',
    ],
    [
      'fixed for yesterday and underway',
      { at: { date: day(-1), time: null }, startedAtEpochMs: 1 },
      'carriedOver',
    ],
    ['due today and underway', { due: { date: today, time: null }, startedAtEpochMs: 1 }, 'dueToday'],
    ['fixed today', { at: { date: today, time: null } }, 'dueToday'],
    ['underway and picked', { startedAtEpochMs: 1, day: today }, 'underway'],
    ['picked', { day: today }, 'picked'],
    ['picked though it is hidden', { day: today, notBefore: day(5) }, 'picked'],
    ['nothing said', {}, 'inReach'],
    ['held for this week', { horizon: 'week' }, 'week'],
    ['held for this week, hidden', { horizon: 'week', notBefore: day(1) }, null],
    ['held for this week, laid on tomorrow', { horizon: 'week', day: day(1) }, null],
    ['due on the last day of the week', { due: { date: day(4), time: null } }, 'week'],
    ['due on the first day of the next', { due: { date: day(5), time: null } }, 'inReach'],
    ['hidden until tomorrow', { notBefore: day(1) }, null],
    ['hidden until today', { notBefore: today }, 'inReach'],
    ['laid on tomorrow', { day: day(1) }, null],
    ['fixed tomorrow', { at: { date: day(1), time: null } }, null],
    [
      'fixed tomorrow, of a project that is open',
      { at: { date: day(1), time: null }, projectId: 'project:p' },
      null,
    ],
    ['due tomorrow, of this week', { due: { date: day(1), time: null } }, 'week'],
    ['someday', { horizon: 'someday' }, null],
    ['waiting, though overdue', { waiting, due: { date: day(-1), time: null } }, null],
    ['waiting, to be asked after today', { waiting: { ...waiting, chaseOn: today } }, 'chase'],
    ['to be asked after since yesterday', { waiting: { ...waiting, chaseOn: day(-1) }, day: today }, 'chase'],
    ['to be asked after tomorrow', { waiting: { ...waiting, chaseOn: day(1) } }, null],
    ['blocked after another, though overdue', { afterIds: ['action:b'], day: day(-1) }, null],
    ['done', { doneAtEpochMs: 1, day: today }, null],
    ['let go', { letGoAtEpochMs: 1, day: day(-1) }, null],
  ]
  const thisWeek = { ...anyReach, weekEnd: day(4) }
  it.each(cases)('%s', (_, patch, band) => expect(dayBandOf(action(patch), today, thisWeek)).toBe(band))

  it.each<[string, Partial<Action>, Parameters<typeof dayBandOf>[2], boolean]>([
    [
      'a context at hand',
      { contextIds: ['context:desk'] },
      { contextIds: ['context:desk'], minutes: null },
      true,
    ],
    [
      'a context that is not at hand',
      { contextIds: ['context:desk'] },
      { contextIds: ['context:phone'], minutes: null },
      false,
    ],
    [
      'of a project that rests',
      { projectId: 'project:p' },
      { contextIds: [], minutes: null, restingProjectIds: new Set(['project:p']) },
      false,
    ],
    [
      'of another project than the one that rests',
      { projectId: 'project:q' },
      { contextIds: [], minutes: null, restingProjectIds: new Set(['project:p']) },
      true,
    ],
    ['no context needed', {}, { contextIds: ['context:phone'], minutes: null }, true],
    ['longer than there is time', { minutes: 30 }, { contextIds: [], minutes: 20 }, false],
    ['just as long', { minutes: 20 }, { contextIds: [], minutes: 20 }, true],
    ['no minutes known', {}, { contextIds: [], minutes: 5 }, true],
  ])('in reach with %s', (_, patch, reach, fits) =>
    expect(dayBandOf(action(patch), today, reach)).toBe(fits ? 'inReach' : null),
  )
})

describe('the bands of a day', () => {
  const near = fc.option(fc.integer({ min: -3, max: 3 }).map(day), { nil: null })
  const when = near.map((date) => (date ? { date, time: null } : null))
  const some = fc.record({
    due: when,
    at: when,
    day: near,
    notBefore: near,
    startedAtEpochMs: fc.constantFrom(null, 1),
    doneAtEpochMs: fc.constantFrom(null, null, 1),
    horizon: fc.constantFrom('week', 'someday') as fc.Arbitrary<'week'>,
    weight: fc.constantFrom('must', 'could') as fc.Arbitrary<'must'>,
    waiting: fc.constantFrom(null, null, waiting, { ...waiting, chaseOn: today }),
    afterIds: fc.constantFrom<Action['afterIds']>([], [], [], ['action:b']),
  })
  const many = fc
    .array(some, { maxLength: 30 })
    .map((patches) => patches.map((patch, index) => action({ ...patch, id: `action:${index}` })))

  it('take every action at most once, and the first that fits', () => {
    fc.assert(
      fc.property(many, (actions) => {
        const bands = dayBandsOf(actions, today, anyReach)
        const taken = dayBandNames.flatMap((name) => bands[name].map(({ id }) => id))
        expect(new Set(taken).size).toBe(taken.length)
        for (const name of dayBandNames)
          for (const each of bands[name]) expect(dayBandOf(each, today, anyReach)).toBe(name)
      }),
      { seed: 3, numRuns: 300 },
    )
  })
  it('hold what was unfinished yesterday in the first, whatever else it is', () => {
    fc.assert(
      fc.property(many, (actions) => {
        const first = new Set(dayBandsOf(actions, today, anyReach).carriedOver.map(({ id }) => id))
        const meant = (date: CalendarDate | undefined | null) =>
          date !== undefined && date !== null && date < today
        for (const each of actions) {
          const unfinished =
            each.doneAtEpochMs === null &&
            each.waiting === null &&
            each.afterIds.length === 0 &&
            (meant(each.day) || meant(each.due?.date) || meant(each.at?.date))
          expect(first.has(each.id)).toBe(unfinished)
          expect(isCarriedOver(each, today)).toBe(unfinished)
        }
      }),
      { seed: 4, numRuns: 300 },
    )
  })
  it('have a head that is the head of the whole order', () => {
    fc.assert(
      fc.property(many, fc.integer({ min: 1, max: 6 }), (actions, head) => {
        expect(firstInOrderOfWork(actions, head)).toEqual(inOrderOfWork(actions).slice(0, head))
      }),
      { seed: 5, numRuns: 300 },
    )
  })
  it('come by the clock, then by weight, then by hand', () => {
    const at = (id: string, time: string | null, weight: Action['weight']) =>
      action({ id: `action:${id}`, due: { date: today, time: time as never }, weight })
    const { dueToday } = dayBandsOf(
      [
        at('late', '17:00', 'must'),
        at('could', null, 'could'),
        at('must', null, 'must'),
        at('early', '09:00', 'could'),
      ],
      today,
      anyReach,
    )
    expect(dueToday.map(({ id }) => id)).toEqual([
      'action:early',
      'action:late',
      'action:must',
      'action:could',
    ])
  })
})

it('the load counts what is planned, what is over, and what has no minutes', () => {
  expect(loadOf([action({ minutes: 200 }), action({ minutes: 140 }), action({})], 300)).toEqual({
    plannedMinutes: 340,
    availableMinutes: 300,
    doneMinutes: 0,
    isPartly: false,
    overMinutes: 40,
    withoutMinutes: 1,
  })
})
