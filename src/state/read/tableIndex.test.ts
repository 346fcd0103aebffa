import fc from 'fast-check'
import { emptyDocument, makeTimestamp, withChange, type Change, type Document } from '@/core/journal'
import { byRank, rankOfNumber, type Action, type Id } from '@/core/record'
import { plainAction } from '@/core/testing/plainAction'
import { makeTableIndex, prepareIndexes, type IndexRules } from './tableIndex'

const rules: IndexRules<Action> = {
  keysOf: ({ contextIds, doneAtEpochMs }) => (doneAtEpochMs === null ? contextIds : []),
  compare: byRank,
}
const firstInOrder = (actions: readonly Action[], count: number) => [...actions].sort(byRank).slice(0, count)
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
  done: fc.constantFrom(false, false, false, true),
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
    stamp: makeTimestamp(1_000_000 + at, 0, 'test'),
    act: 'test',
    diff: [what === 'write' ? { kind: 'added', record } : { kind: 'removed', record }],
  }
  return withChange(document, change)
}

it('equals one made from scratch after any changes, looked at in between or not, forwards and back', () => {
  fc.assert(
    fc.property(
      fc.array(fc.tuple(step, fc.boolean()), { maxLength: 120 }),
      fc.boolean(),
      (steps, asksHeads) => {
        const kept = makeTableIndex('action', asksHeads ? { ...rules, firstInOrder, spare: 2 } : rules)
        const documents = [emptyDocument]
        const compare = (document: Document) => {
          const fresh = makeTableIndex('action', rules)
          for (const key of contexts) {
            // The heads alone: a list that was asked for whole is in order from then on.
            if (asksHeads) expect(kept.head(document, key, 3)).toEqual(fresh.of(document, key).slice(0, 3))
            else expect(kept.of(document, key)).toEqual(fresh.of(document, key))
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
    { seed: 11, numRuns: 300 },
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

it('of several stores asked in turn, goes on from each one’s own, and looks at nothing of it again', () => {
  const looked: string[] = []
  const index = makeTableIndex('action', {
    ...rules,
    keysOf: (action) => (looked.push(action.id), rules.keysOf(action)),
  })
  const large = (name: string) =>
    Array.from({ length: 400 }, (_, id) => id).reduce<Document>((document, id) => {
      const record: Action = { ...plainAction, id: `action:${name}${id}`, contextIds: ['context:a'] }
      const stamp = makeTimestamp(1_000_000 + id, 0, 'test')
      return withChange(document, { stamp, act: 'test', diff: [{ kind: 'added', record }] })
    }, emptyDocument)
  let [one, other] = [large('one'), large('other')]
  expect([index.count(one, 'context:a'), index.count(other, 'context:a')]).toEqual([400, 400])
  looked.length = 0
  for (let turn = 0; turn < 5; turn++) {
    one = after(one, { id: turn, what: 'write', contextIds: ['context:b'], rank: 1, done: false }, turn)
    other = after(other, { id: turn, what: 'write', contextIds: ['context:a'], rank: 1, done: false }, turn)
    expect(index.of(one, 'context:b').map(({ id }) => id)).toHaveLength(turn + 1)
    expect(index.count(one, 'context:a')).toBe(400)
    expect(index.count(other, 'context:a')).toBe(401 + turn)
  }
  expect(looked).toHaveLength(10)
})
it('is prepared for a document that is new altogether with rests between, and looks at nothing again when it is shown', async () => {
  let looked = 0
  const counting = {
    ...rules,
    keysOf: (action: Action) => {
      looked++
      return rules.keysOf(action)
    },
  }
  const [index, unasked] = [makeTableIndex('action', counting), makeTableIndex('action', counting)]
  const steps = Array.from({ length: 900 }, (_, id): Step => ({
    id,
    what: 'write',
    contextIds: [contexts[id % 3] as Id<'context'>],
    rank: id % 9,
    done: id % 7 === 0,
  }))
  const full = steps.reduce(after, emptyDocument)
  index.of(emptyDocument, 'context:a')
  let rests = 0
  let most = 0
  await prepareIndexes(full, async () => {
    rests++
    most = Math.max(most, looked)
    looked = 0
    // What is shown meanwhile is the document before.
    expect(index.of(emptyDocument, 'context:a')).toEqual([])
    await Promise.resolve()
  })
  expect(rests).toBeGreaterThan(5)
  expect(most).toBeLessThan(300)
  looked = 0
  const fresh = makeTableIndex('action', rules)
  for (const key of contexts) expect(index.of(full, key)).toEqual(fresh.of(full, key))
  expect(looked).toBe(0)
  // What nobody has asked yet is looked at when somebody does.
  expect(unasked.of(full, 'context:b')).toEqual(fresh.of(full, 'context:b'))
})

it('has the right head when those of it move behind the rest one by one', () => {
  const index = makeTableIndex('action', { ...rules, firstInOrder, spare: 2 })
  const at = (id: number, rank: number): Step => ({
    id,
    what: 'write',
    contextIds: ['context:a'],
    rank,
    done: false,
  })
  let document = Array.from({ length: 10 }, (_, id) => at(id, id)).reduce(after, emptyDocument)
  for (let id = 0; id < 7; id++) {
    const head = index.head(document, 'context:a', 3).map((action) => action.id)
    expect(head).toEqual([id, id + 1, id + 2].map((each) => `action:${each}`))
    document = after(document, at(id, 20 + id), 100 + id)
  }
})
