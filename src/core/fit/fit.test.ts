import fc from 'fast-check'
import type { Action } from '../record'
import { plainAction } from '../testing/plainAction'
import { addDays, calendarDateUnsafe } from '../time'
import { compareDue, fitOf, makeAvailable, waysOutOf, withMore, withPromised, type Promised } from '.'

const today = calendarDateUnsafe('2026-03-11')
const on = (day: number) => addDays(today, day)
/** So many minutes from each day on; the last one goes on for ever. They are open from eight o'clock. */
const withDays = (...minutes: number[]) =>
  makeAvailable(today, (date) => {
    const at = [...Array(800).keys()].find((day) => on(day) === date) ?? 0
    const all = minutes[Math.min(at, minutes.length - 1)] ?? 0
    return { minutes: all, before: (minute) => Math.min(all, Math.max(0, minute - 480)) }
  })
const due = (id: string, day: number, minutes: number, more: Partial<Promised> = {}): Promised => ({
  id: `action:${id}`,
  minutes,
  date: on(day),
  minute: 1440,
  guessed: 0,
  ...more,
})
const figures = (fit: ReturnType<typeof fitOf>) =>
  fit.points.map(({ promised, promisedMinutes, availableMinutes, shortMinutes }) => [
    promised.id.slice(7),
    promisedMinutes,
    availableMinutes,
    shortMinutes,
  ])

it('lays everything that is due earlier before each promise, and says which is the first that does not fit', () => {
  const fit = fitOf(
    [due('late', -3, 30), due('a', 0, 60), due('b', 2, 120), due('c', 2, 200), due('d', 5, 10)],
    withDays(100, 60, 60, 200),
  )
  expect(figures(fit)).toEqual([
    ['late', 30, 100, 0],
    ['a', 90, 100, 0],
    ['b', 210, 220, 0],
    ['c', 410, 220, 190],
    ['d', 420, 820, 0],
  ])
  expect([fit.firstBreak?.promised.id, fit.broken]).toEqual(['action:c', 1])
})
it('what is due at a time has only what is open before it on that day', () => {
  const noon = due('noon', 0, 60, { minute: 520 })
  expect(figures(fitOf([noon], withDays(300)))).toEqual([['noon', 60, 40, 20]])
  // Overdue at a time is due at once, not at that time.
  expect(figures(fitOf([{ ...noon, date: on(-1) }], withDays(300)))).toEqual([['noon', 60, 300, 0]])
})
it('counts what was guessed, and nothing promised fits', () => {
  expect(
    fitOf([due('a', 1, 30, { guessed: 2 }), due('b', 1, 30, { guessed: 1 })], withDays(300)).guessed,
  ).toBe(3)
  expect(fitOf([], withDays(0))).toEqual({ points: [], firstBreak: null, broken: 0, guessed: 0 })
})

const promises = fc
  .array(fc.record({ day: fc.integer({ min: -2, max: 6 }), minutes: fc.integer({ min: 1, max: 240 }) }), {
    maxLength: 7,
  })
  .map((all) => all.map(({ day, minutes }, at) => due(String(at), day, minutes)).sort(compareDue))
const lengths = fc.array(fc.integer({ min: 0, max: 300 }), { minLength: 1, maxLength: 8 })

it('more hours never break more, and one promise less never does', () =>
  fc.assert(
    fc.property(promises, lengths, fc.nat(6), fc.integer({ min: 1, max: 200 }), (all, days, day, minutes) => {
      const available = withDays(...days)
      const shortBy = (fit: ReturnType<typeof fitOf>) =>
        new Map(fit.points.map(({ promised, shortMinutes }) => [promised.id, shortMinutes]))
      const before = fitOf(all, available)
      const after = [
        fitOf(all, withMore(available, on(day), minutes)),
        ...all.map(({ id }) => fitOf(withPromised(all, id, null), available)),
      ]
      for (const fit of after)
        for (const [id, short] of shortBy(fit))
          expect(short).toBeLessThanOrEqual(shortBy(before).get(id) ?? 0)
    }),
    { seed: 31, numRuns: 150 },
  ))
it('fits exactly where some order of working lets each be done before it is due', () => {
  const fitsInOrder = (order: readonly Promised[], available: ReturnType<typeof withDays>): boolean => {
    let sum = 0
    return order.every((each) => {
      sum += each.minutes
      const day = Math.max(
        0,
        [...Array(9).keys()].findIndex((at) => on(at) === each.date),
      )
      return sum <= available.before(day, 1440)
    })
  }
  const orders = (list: readonly Promised[]): Promised[][] =>
    list.length < 2
      ? [[...list]]
      : list.flatMap((one, at) => orders(list.toSpliced(at, 1)).map((rest) => [one, ...rest]))
  fc.assert(
    fc.property(promises, lengths, (all, days) => {
      const few = all.slice(0, 5)
      const available = withDays(...days)
      expect(fitOf(few, available).firstBreak === null).toBe(
        orders(few).some((order) => fitsInOrder(order, available)),
      )
    }),
    { seed: 32, numRuns: 120 },
  )
})
it('a list with one of them changed is the list in its order', () =>
  fc.assert(
    fc.property(promises, fc.integer({ min: -2, max: 9 }), fc.nat(7), (all, day, at) => {
      const moved = due(String(at), day, 5)
      const others = all.filter(({ id }) => id !== moved.id)
      expect(withPromised(all, moved.id, moved)).toEqual([...others, moved].sort(compareDue))
      expect(withPromised(all, moved.id, null)).toEqual(others)
    }),
    { seed: 33, numRuns: 150 },
  ))

describe('the ways out', () => {
  const action = (id: string, more: Partial<Action> = {}): Action => ({
    ...plainAction,
    id: `action:${id}`,
    title: id,
    ...more,
  })
  const waysFrom = (promised: Promised[], days: number[], ...actions: Action[]) =>
    waysOutOf({
      promised,
      available: withDays(...days),
      actionOf: (id) => actions.find((each) => each.id === id),
    })
  it('are each of a kind, with what they free', () => {
    const ways = waysFrom(
      [due('could', 1, 60), due('easy', 1, 90), due('report', 2, 300)],
      [120, 120, 120, 500],
      action('could', { weight: 'could' }),
      action('easy', { weight: 'should', energy: 'light' }),
      action('report', { weight: 'must', energy: 'deep' }),
    )
    expect(ways).toEqual([
      { kind: 'handOver', id: 'action:easy', mends: 1, frees: 90 },
      { kind: 'addMinutes', date: on(1), minutes: 90, mends: 1, frees: 90 },
      { kind: 'shorten', id: 'action:report', minutes: 210, mends: 1, frees: 90 },
      { kind: 'moveDue', id: 'action:report', to: on(3), mends: 1, frees: 300 },
    ])
  })
  it('lay what could be done behind what has to be, where that is enough', () => {
    const [way] = waysFrom(
      [due('one', 1, 60), due('two', 1, 30), due('report', 2, 330)],
      [120, 120, 120, 500],
      action('one', { weight: 'could' }),
      action('two', { weight: 'could' }),
      action('report', { weight: 'must' }),
    )
    expect(way).toEqual({ kind: 'moveCoulds', ids: ['action:one'], to: on(3), mends: 1, frees: 60 })
  })
  it('are none where everything fits', () =>
    expect(waysFrom([due('a', 1, 30)], [300], action('a'))).toEqual([]))
  it('never break what fitted, and mend the first that did not', () =>
    fc.assert(
      fc.property(
        promises,
        lengths,
        fc.infiniteStream(fc.constantFrom('must', 'should', 'could')),
        (all, days, weights) => {
          const actions = new Map(
            all.map(({ id }) => [id, action(id.slice(7), { weight: weights.next().value as 'must' })]),
          )
          const available = withDays(...days)
          const before = fitOf(all, available)
          const first = before.firstBreak?.promised.id
          for (const way of waysOutOf({ promised: all, available, actionOf: (id) => actions.get(id) })) {
            let list: readonly Promised[] = all
            const of = (id: string) => all.find((each) => each.id === id) as Promised
            if (way.kind === 'handOver') list = withPromised(list, way.id, null)
            if (way.kind === 'shorten')
              list = withPromised(list, way.id, { ...of(way.id), minutes: way.minutes })
            if (way.kind === 'moveDue') list = withPromised(list, way.id, { ...of(way.id), date: way.to })
            if (way.kind === 'moveCoulds')
              for (const id of way.ids) list = withPromised(list, id, { ...of(id), date: way.to })
            const after = fitOf(
              list,
              way.kind === 'addMinutes' ? withMore(available, way.date, way.minutes) : available,
            )
            const broken = (fit: ReturnType<typeof fitOf>) =>
              new Set(
                fit.points.flatMap(({ promised, shortMinutes }) => (shortMinutes > 0 ? [promised.id] : [])),
              )
            expect(broken(after).has(first ?? '')).toBe(false)
            for (const id of broken(after)) expect(broken(before).has(id)).toBe(true)
            expect(way.mends).toBe(before.broken - after.broken)
          }
        },
      ),
      { seed: 34, numRuns: 200 },
    ))
})
