import * as fc from 'fast-check'
import type { Context } from '../record'
import { calendarDateUnsafe } from '../time'
import { ancestorsOf, isAtHand, nestedOrder, windowsOn, withAncestors, withinOf } from '.'

const context = (id: string, parentId: string | null = null): Context => ({
  id: `context:${id}`,
  name: id,
  parentId: parentId === null ? null : `context:${parentId}`,
  hours: null,
  minutesToGetThere: null,
  retiredAtEpochMs: null,
  rank: 'a0',
})
const all = [
  context('site'),
  context('hall', 'site'),
  context('loft', 'hall'),
  context('desk'),
  context('lost', 'gone'),
]
const byId = new Map<string, Context>(all.map((each) => [each.id, each]))
const bare = (ids: readonly string[]) => ids.map((id) => id.replace('context:', ''))

describe('contexts within one another', () => {
  it('tell what each lies within, what lies within it, and stand behind it', () => {
    expect(bare(ancestorsOf(byId, 'context:loft'))).toEqual(['hall', 'site'])
    expect(bare(withAncestors(byId, ['context:hall', 'context:desk']))).toEqual(['hall', 'site', 'desk'])
    expect(bare(withinOf(all, 'context:site'))).toEqual(['site', 'hall', 'loft'])
    expect(nestedOrder(all).map(({ context: { name }, depth }) => [name, depth])).toEqual([
      ['site', 0],
      ['hall', 1],
      ['loft', 2],
      ['desk', 0],
      ['lost', 0],
    ])
  })
  it('are each laid once, whatever two copies made together', () => {
    const ids = ['a', 'b', 'c', 'd']
    fc.assert(
      fc.property(fc.array(fc.option(fc.constantFrom(...ids)), { minLength: 4, maxLength: 4 }), (parents) => {
        const nested = ids.map((id, at) => context(id, parents[at] ?? null))
        expect(
          nestedOrder(nested)
            .map(({ context: { name } }) => name)
            .sort(),
        ).toEqual(ids)
        const map = new Map<string, Context>(nested.map((each) => [each.id, each]))
        for (const { id } of nested) expect(ancestorsOf(map, id)).not.toContain(id)
      }),
      { seed: 5, numRuns: 200 },
    )
  })
})

it.each<[hours: string | null, weekdays: number[], at: string, isThere: boolean]>([
  [null, [], '2026-03-11 03:00', true],
  ['09:00-17:00', [], '2026-03-11 09:00', true],
  ['09:00-17:00', [], '2026-03-11 17:00', false],
  ['09:00-17:00', [0, 1, 2, 3, 4], '2026-03-14 10:00', false],
  // From Friday evening into Saturday morning.
  ['22:00-02:00', [4], '2026-03-13 23:00', true],
  ['22:00-02:00', [4], '2026-03-14 01:59', true],
  ['22:00-02:00', [4], '2026-03-13 01:00', false],
  // All day.
  ['00:00-00:00', [], '2026-03-11 12:00', true],
])('open %s on %j, at %s', (hours, weekdays, at, isThere) => {
  const [from, until] = (hours?.split('-') ?? []) as never[]
  const [date, time] = at.split(' ') as [string, string]
  const [hour, minute] = time.split(':').map(Number) as [number, number]
  expect(
    isAtHand(
      { hours: from && until ? { weekdays, from, until } : null },
      { date: calendarDateUnsafe(date), minute: hour * 60 + minute },
    ),
  ).toBe(isThere)
})

it('the windows of a day are when a context is at hand on it', () => {
  const day = fc
    .integer({ min: 0, max: 13 })
    .map((at) => calendarDateUnsafe(`2026-03-${String(9 + at).padStart(2, '0')}`))
  const clock = fc
    .integer({ min: 0, max: 47 })
    .map((half) => `${String(Math.floor(half / 2)).padStart(2, '0')}:${half % 2 ? '30' : '00'}` as never)
  const weekdays = fc.uniqueArray(fc.integer({ min: 0, max: 6 }), { maxLength: 4 })
  fc.assert(
    fc.property(day, fc.option(fc.record({ weekdays, from: clock, until: clock })), (date, hours) => {
      const windows = windowsOn({ hours }, date)
      for (let minute = 0; minute < 1440; minute += 30)
        expect(windows.some(({ from, to }) => minute >= from && minute < to)).toBe(
          isAtHand({ hours }, { date, minute }),
        )
    }),
    { seed: 6, numRuns: 150 },
  )
})
