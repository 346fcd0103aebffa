import fc from 'fast-check'
import { emptyDocument, makeStamp, withChange, type Change, type Document } from '@/core/journal'
import { compareRanks, rankOfNumber, type Action, type Id } from '@/core/record'
import { plainAction } from '@/core/testing/plainAction'
import { makeTableIndex, type IndexRules } from './tableIndex'

const byRank = (a: Action, b: Action) => compareRanks(a.rank, b.rank) || (a.id < b.id ? -1 : 1)
const rules: IndexRules<Action> = {
  keysOf: ({ contextIds, doneAtEpochMs }) => (doneAtEpochMs === null ? contextIds : []),
  compare: byRank,
  inOrder: (actions) => [...actions].sort(byRank),
}
const contexts = ['context:a', 'context:b', 'context:c'] as const satisfies Id<'context'>[]

interface Step {
  readonly id: number
  readonly what: 'write' | 'remove'
  readonly contextIds: readonly Id<'context'>[]
  readonly rank: number
  readonly done: boolean
}
const step: fc.Arbitrary<Step> = fc.record({
  id: fc.integer({ min: 0, max: 40 }),
  what: fc.constantFrom('write', 'write', 'write', 'remove'),
  contextIds: fc.subarray([...contexts]),
  rank: fc.integer({ min: 0, max: 9 }),
  done: fc.boolean(),
})

function after(document: Document, { id, what, contextIds, rank, done }: Step, at: number): Document {
  const record: Action = {
    ...plainAction,
    id: `action:${id}`,
    contextIds: [...contextIds],
    rank: rankOfNumber(rank),
    doneAtEpochMs: done ? 1 : null,
  }
  const change: Change = {
    stamp: makeStamp(1_000_000 + at, 0, 'test'),
    act: 'test',
    diff: [what === 'write' ? { kind: 'added', record } : { kind: 'removed', record }],
  }
  return withChange(document, change)
}

it('equals one made from scratch after any changes, looked at in between or not, forwards and back', () => {
  fc.assert(
    fc.property(
      fc.array(fc.tuple(step, fc.boolean()), { maxLength: 40 }),
      fc.boolean(),
      (steps, asksHeads) => {
        const kept = makeTableIndex('action', rules)
        const documents = [emptyDocument]
        const compare = (document: Document) => {
          const fresh = makeTableIndex('action', rules)
          for (const key of contexts) {
            if (asksHeads) expect(kept.head(document, key, 3)).toEqual(fresh.of(document, key).slice(0, 3))
            expect(kept.of(document, key)).toEqual(fresh.of(document, key))
            expect(kept.count(document, key)).toBe(fresh.of(document, key).length)
          }
          expect(kept.keys(document).sort()).toEqual(fresh.keys(document).sort())
        }
        steps.forEach(([each, isLookedAt], at) => {
          documents.push(after(documents.at(-1) as Document, each, at))
          if (isLookedAt) compare(documents.at(-1) as Document)
        })
        compare(documents.at(-1) as Document)
        compare(documents[Math.floor(documents.length / 2)] as Document)
      },
    ),
    { seed: 11, numRuns: 200 },
  )
})

it('gives the same list while nothing in it has changed, and looks at no other bucket', () => {
  let looked = 0
  const index = makeTableIndex('action', {
    ...rules,
    keysOf: (action) => {
      looked++
      return rules.keysOf(action)
    },
  })
  const steps = Array.from({ length: 3000 }, (_, id): Step => ({
    id,
    what: 'write',
    contextIds: [contexts[id % 2] as Id<'context'>],
    rank: id % 9,
    done: false,
  }))
  const full = steps.reduce(after, emptyDocument)
  const [a, b] = [index.of(full, 'context:a'), index.of(full, 'context:b')]
  looked = 0
  const edited = after(full, { ...(steps[0] as Step), rank: 8 }, 9000)
  expect(index.of(edited, 'context:b')).toBe(b)
  expect(index.of(edited, 'context:a')).not.toBe(a)
  // The one record, as it was and as it is.
  expect(looked).toBe(2)
})
