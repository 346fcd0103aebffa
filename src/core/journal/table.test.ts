import fc from 'fast-check'
import { emptyTable, getIn, makeTableFiller, valuesOf, withEntries, type Table } from './table'
import { epochMsOf, isTimestamp, makeTimestamp, never, nextTimestamp } from './timestamp'

describe('a table', () => {
  const entries = fc.array(
    fc.tuple(fc.constantFrom('a', 'b', 'action:1', 'action:2', 'é', ''), fc.integer()),
    { maxLength: 20 },
  )
  it('holds what a map would hold, built in any portions', () => {
    fc.assert(
      fc.property(fc.array(entries, { maxLength: 6 }), (portions) => {
        const table = portions.reduce((held, portion) => withEntries(held, portion), emptyTable<number>())
        const model = new Map(portions.flat())
        expect(table.size).toBe(model.size)
        model.forEach((value, id) => expect(getIn(table, id)).toBe(value))
        expect([...valuesOf(table)].sort()).toEqual([...model.values()].sort())
        expect(getIn(table, 'never there')).toBeUndefined()
      }),
      { seed: 31, numRuns: 200 },
    )
  })
  it('leaves the table it was made from alone, and shares all buckets but the one it touched', () => {
    const before = withEntries(
      emptyTable<number>(),
      Array.from({ length: 5000 }, (_, index) => [`action:${index}`, index] as const),
    )
    const after = withEntries(before, [['action:7', -7]])
    expect([getIn(before, 'action:7'), getIn(after, 'action:7')]).toEqual([7, -7])
    expect(after.buckets.filter((bucket, index) => bucket !== before.buckets[index])).toHaveLength(1)
  })
  it('is filled in place to the same, and what was given out meanwhile stays as it was', () => {
    const told = (table: Table<number>) => [table.size, [...valuesOf(table)].sort()]
    fc.assert(
      fc.property(fc.array(entries, { maxLength: 6 }), (portions) => {
        const filler = makeTableFiller<number>()
        const met: [number, number][] = []
        const steps = portions.map((portion) => {
          portion.forEach(([id, value]) =>
            filler.set(id, value, (before, after) => (met.push([before, after]), after)),
          )
          const table = filler.table()
          return { table, told: told(table) }
        })
        const model = new Map(portions.flat())
        // What was there already is met each time, and only then.
        expect(met).toHaveLength(portions.flat().length - model.size)
        expect(told(filler.table())).toEqual([model.size, [...model.values()].sort()])
        steps.forEach((step) => expect(told(step.table)).toEqual(step.told))
      }),
      { seed: 33, numRuns: 200 },
    )
  })
  it('spreads ids over its buckets', () => {
    const table = withEntries(
      emptyTable<number>(),
      Array.from({ length: 10_240 }, (_, index) => [`action:${index.toString(36)}`, index] as const),
    )
    const sizes = table.buckets.map((bucket) => bucket?.size ?? 0)
    expect(Math.max(...sizes)).toBeLessThan(70)
  })
})

describe('a stamp', () => {
  it('follows the last one, whatever the wall clock does', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 0, max: 2e12 }), { minLength: 2, maxLength: 30 }), (clock) => {
        let last = never
        for (const now of clock) {
          const next = nextTimestamp(last, now, 'aaaa')
          expect(next > last && isTimestamp(next)).toBe(true)
          expect(epochMsOf(next)).toBeGreaterThanOrEqual(now)
          last = next
        }
      }),
      { seed: 32, numRuns: 200 },
    )
  })
  it('moves on to the next millisecond when the counter is used up', () => {
    expect(nextTimestamp(makeTimestamp(1000, 36 ** 4 - 1, 'aaaa'), 1000, 'aaaa')).toBe(
      makeTimestamp(1001, 0, 'aaaa'),
    )
  })
  it('sorts as text in the order of time', () => {
    const stamps = [
      makeTimestamp(9, 0, 'bbbb'),
      makeTimestamp(10, 0, 'aaaa'),
      makeTimestamp(10, 1, 'aaaa'),
      makeTimestamp(10, 1, 'bbbb'),
      makeTimestamp(2e12, 0, 'aaaa'),
    ]
    expect([...stamps].reverse().sort()).toEqual(stamps)
  })
  it.each(['', 'x', '00000001.0000.aaaa', '000000001.0000.AAAA', '000000001.0000.a', 5, null])(
    '%p is none',
    (value) => expect(isTimestamp(value)).toBe(false),
  )
})
