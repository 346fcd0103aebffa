import fc from 'fast-check'
import { dayOnSheet, isOpen } from '@/core/action'
import { anyReach, dayBandNames, dayBandsOf } from '@/core/day'
import { emptyDocument, makeTimestamp, recordsIn, withChanges, type Change } from '@/core/journal'
import type { Action } from '@/core/record'
import { doneBetween } from '@/core/review'
import { plainAction } from '@/core/testing/plainAction'
import { addDays, calendarDateUnsafe, weekStartOf } from '@/core/time'
import { weekSheetOf } from '@/core/week'
import { lists } from '..'

const today = calendarDateUnsafe('2026-03-29')
const noon = Date.UTC(2026, 2, 29, 12)
const near = fc.option(
  fc.integer({ min: -9, max: 9 }).map((away) => addDays(today, away)),
  { nil: null },
)
const when = near.map((date) => (date ? { date, time: null } : null))
const some = fc.record({
  due: when,
  at: when,
  day: near,
  notBefore: near,
  startedAtEpochMs: fc.constantFrom(null, null, 1),
  doneAtEpochMs: fc.option(fc.integer({ min: noon - 200 * 3_600_000, max: noon + 40 * 3_600_000 }), {
    nil: null,
    freq: 2,
  }),
  horizon: fc.constantFrom('week', 'soon', 'someday') as fc.Arbitrary<'week'>,
  waiting: fc.constantFrom(null, null, ...[today, addDays(today, -3), addDays(today, -9)]).map(
    (since) =>
      since && {
        personId: null,
        whom: 'Oda',
        since,
        chaseOn: null,
        how: '',
        toSignOff: false,
      },
  ),
})
const documentOf = (patches: readonly Partial<Action>[]) =>
  withChanges(
    emptyDocument,
    patches.map((patch, index): Change => ({
      stamp: makeTimestamp(1_000_000 + index, 0, 'test'),
      act: 'test',
      diff: [{ kind: 'added', record: { ...plainAction, ...patch, id: `action:${index}` } }],
    })),
  )
const ids = (actions: readonly Action[]) => actions.map(({ id }) => id)

it('day, week and what was done are the same as read from every action', () => {
  fc.assert(
    fc.property(fc.array(some, { maxLength: 40 }), fc.integer({ min: -1, max: 2 }), (patches, week) => {
      const document = documentOf(patches)
      const all = recordsIn(document, 'action')
      const bands = lists.dayBandsWith(today, anyReach)
      const whole = dayBandsOf(all, today, anyReach)
      // The longest-waited and the soonest to come back first, whatever they are called.
      const inTurn = (some: readonly Action[], keyOf: (action: Action) => string) =>
        some.map((action) => `${keyOf(action)} ${action.id}`).sort()
      const waitingSince = (action: Action) => action.waiting?.since ?? ''
      expect(lists.waitingOf(document).map((action) => `${waitingSince(action)} ${action.id}`)).toEqual(
        inTurn(
          all.filter((action) => isOpen(action) && action.waiting),
          waitingSince,
        ),
      )
      const told = { ...bands.planned(document), inReach: bands.inReach(document) }
      for (const band of dayBandNames) expect(ids(told[band])).toEqual(ids(whole[band]))
      const monday = addDays(weekStartOf(today), 7 * week)
      const sheet = (actions: readonly Action[]) => weekSheetOf(actions, monday, today)
      expect(sheet(lists.actionsOfWeek(document, monday, today))).toEqual(sheet(all))
      for (let away = -2; away < 9; away++) {
        const day = addDays(today, away)
        const onDay = all.filter(
          (action) => isOpen(action) && !action.waiting && dayOnSheet(action, today) === day,
        )
        expect(ids(lists.actionsOfDay(document, day, today)).sort()).toEqual(ids(onDay).sort())
      }
      for (const zone of ['Europe/London', 'Pacific/Kiritimati', 'Pacific/Pago_Pago'])
        for (const from of [addDays(today, -6), today])
          expect(ids(lists.doneOf(document, from, today, zone)).sort()).toEqual(
            ids(doneBetween(all, from, today, zone)).sort(),
          )
    }),
    { seed: 29, numRuns: 150 },
  )
})
