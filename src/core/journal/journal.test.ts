import fc from 'fast-check'
import type { AnyRecord, RecordKind, Slip } from '../record'
import {
  emptyDocument,
  entriesIn,
  makeGathering,
  makeTimestamp,
  mergeDocuments,
  recordIn,
  recordsById,
  revertOf,
  undoStateOf,
  withChange,
  withChanges,
  type Change,
  type Document,
  type RecordDiff,
  type Undone,
} from '.'

const slip = (name: string, text: string): AnyRecord => ({
  id: `slip:${name}`,
  text,
  takenOff: [],
  note: '',
  personIds: [],
  setDownAtEpochMs: 1,
  lineOf: null,
  letGoAtEpochMs: null,
})

function partOf(act: string, id: string, value: string, current: Slip | undefined): RecordDiff | null {
  if (act === 'add') return current ? null : { kind: 'added', record: slip(id, value) }
  if (!current) return null
  if (act === 'remove') return { kind: 'removed', record: current }
  if (act === 'text') return { kind: 'updated', id: current.id, fields: { text: [current.text, value] } }
  const has = current.takenOff.includes(value)
  const takenOff = has
    ? current.takenOff.filter((each) => each !== value)
    : [...current.takenOff, value].sort()
  return { kind: 'updated', id: current.id, fields: { takenOff: [current.takenOff, takenOff] } }
}

/** Random changes as several replicas make them: each is built on what that replica has seen of its own. */
const changesArbitrary = fc
  .array(
    fc.record({
      replica: fc.constantFrom('aaaa', 'bbbb'),
      id: fc.constantFrom('a', 'b', 'c'),
      act: fc.constantFrom('add', 'text', 'off', 'remove'),
      value: fc.string({ maxLength: 4 }),
    }),
    { maxLength: 25 },
  )
  .map((steps) => {
    const seen: Record<string, Document> = { aaaa: emptyDocument, bbbb: emptyDocument }
    return steps.flatMap(({ replica, id, act, value }, index): Change[] => {
      const document = seen[replica] as Document
      const current = recordIn(document, `slip:${id}`)
      const part = partOf(act, id, value, current)
      if (!part) return []
      const change: Change = { stamp: makeTimestamp(1000 + index, 0, replica), act, diff: [part] }
      seen[replica] = withChange(document, change)
      return [change]
    })
  })

const run = { seed: 7, numRuns: 300 }
const shown = (document: Document) => [...recordsById(document).values()]
const whole = (document: Document) =>
  JSON.stringify(
    [...document.slip.buckets].map((bucket) =>
      [...(bucket ?? [])]
        .sort()
        .map(([id, entry]) => [
          id,
          entry.all,
          Object.entries(entry.own ?? {}).sort(),
          entry.removed,
          Object.entries(entry.record).sort(),
        ]),
    ),
  )

describe('merging', () => {
  const split = fc.tuple(changesArbitrary, fc.array(fc.nat(2), { minLength: 25, maxLength: 25 }))
  it('comes to the same where entries are gathered in portions, in any order', () => {
    fc.assert(
      fc.property(changesArbitrary, fc.integer({ min: 1, max: 5 }), fc.boolean(), (all, size, isReversed) => {
        // On from a document that stays as it is.
        const half = withChanges(emptyDocument, all.slice(0, size))
        const told = whole(half)
        const each = all.map((change) => [...entriesIn(withChange(emptyDocument, change))])
        const gathering = makeGathering(half)
        for (const entries of isReversed ? each.reverse() : each) {
          gathering.add(entries)
          if (entries.length % size === 0) gathering.document()
        }
        expect(gathering.document()).toEqual(withChanges(emptyDocument, all))
        expect(whole(half)).toBe(told)
      }),
      { seed: 12, numRuns: 200 },
    )
  })
  it('is commutative, associative and idempotent', () => {
    fc.assert(
      fc.property(split, ([changes, hands]) => {
        const [a, b, c] = [0, 1, 2].map((hand) =>
          withChanges(
            emptyDocument,
            changes.filter((_, index) => hands[index] === hand),
          ),
        ) as [Document, Document, Document]
        expect(whole(mergeDocuments(a, b))).toBe(whole(mergeDocuments(b, a)))
        expect(whole(mergeDocuments(mergeDocuments(a, b), c))).toBe(
          whole(mergeDocuments(a, mergeDocuments(b, c))),
        )
        expect(whole(mergeDocuments(a, a))).toBe(whole(a))
      }),
      run,
    )
  })
  it('makes two copies equal that saw the same changes in any order', () => {
    fc.assert(
      fc.property(
        changesArbitrary.chain((changes) =>
          fc.tuple(fc.constant(changes), fc.shuffledSubarray(changes, { minLength: changes.length })),
        ),
        ([changes, shuffled]) => {
          expect(whole(withChanges(emptyDocument, shuffled))).toBe(whole(withChanges(emptyDocument, changes)))
        },
      ),
      run,
    )
  })
  it('never lets a removal win over a later edit', () => {
    const record = slip('a', 'one')
    const changes: Change[] = [
      { stamp: makeTimestamp(1, 0, 'aaaa'), act: 'add', diff: [{ kind: 'added', record }] },
      { stamp: makeTimestamp(2, 0, 'aaaa'), act: 'remove', diff: [{ kind: 'removed', record }] },
      {
        stamp: makeTimestamp(3, 0, 'bbbb'),
        act: 'text',
        diff: [{ kind: 'updated', id: record.id, fields: { text: ['one', 'two'] } }],
      },
    ]
    expect(shown(withChanges(emptyDocument, changes))).toEqual([{ ...record, text: 'two' }])
    expect(shown(withChanges(emptyDocument, changes.slice(0, 2)))).toEqual([])
  })
})

describe('sets', () => {
  const record = slip('a', 'one')
  const change = (ms: number, replica: string, from: string[], to: string[]): Change => ({
    stamp: makeTimestamp(ms, 0, replica),
    act: 'off',
    diff: [{ kind: 'updated', id: record.id, fields: { takenOff: [from, to] } }],
  })
  const added: Change = { stamp: makeTimestamp(1, 0, 'aaaa'), act: 'add', diff: [{ kind: 'added', record }] }
  const takenOff = (changes: Change[]) =>
    (shown(withChanges(emptyDocument, [added, ...changes]))[0] as { takenOff: string[] }).takenOff
  it('keep both members that two copies each add, and lose only what one of them takes out', () => {
    const [here, there] = [change(2, 'aaaa', [], ['desk']), change(3, 'bbbb', [], ['phone'])]
    expect(takenOff([here, there])).toEqual(['desk', 'phone'])
    expect(takenOff([there, here, change(4, 'bbbb', ['desk', 'phone'], ['phone'])])).toEqual(['phone'])
  })
  it('give back, undone, only what the act itself put in or took out', () => {
    const act = change(2, 'aaaa', [], ['desk'])
    const document = withChanges(emptyDocument, [added, act, change(3, 'bbbb', [], ['phone'])])
    expect(revertOf(document, act.diff)).toEqual([
      { kind: 'updated', id: record.id, fields: { takenOff: [['desk', 'phone'], ['phone']] } },
    ])
  })
})

describe('undo and redo', () => {
  it('restore the exact document, act by act', () => {
    fc.assert(
      fc.property(changesArbitrary, (all) => {
        const mine = all.filter(({ stamp }) => stamp.endsWith('aaaa'))
        const states = [emptyDocument]
        mine.forEach((change) => states.push(withChange(states.at(-1) as Document, change)))
        let document = states.at(-1) as Document
        let journal = mine
        let ms = 5000
        const state = () => undoStateOf(journal, 'here')
        const revert = (target: Change, kind: 'undo' | 'redo', diff: Change['diff']) => {
          const change: Change = {
            stamp: makeTimestamp(ms++, 0, 'aaaa'),
            act: kind,
            diff: revertOf(document, diff),
            reverts: { kind, stamp: target.stamp },
          }
          document = withChange(document, change)
          journal = [...journal, change]
        }
        for (let step = mine.length; step > 0; step--) {
          revert(state().undo.at(-1) as Change, 'undo', (state().undo.at(-1) as Change).diff)
          expect(shown(document)).toEqual(shown(states[step - 1] as Document))
        }
        expect(state().undo).toEqual([])
        expect(state().redo.map(({ act }) => act.stamp)).toEqual(mine.map(({ stamp }) => stamp).reverse())
        for (let step = 1; step <= mine.length; step++) {
          const { act, undoing } = state().redo.at(-1) as Undone
          revert(act, 'redo', undoing.diff)
          expect(shown(document)).toEqual(shown(states[step] as Document))
        }
      }),
      run,
    )
  })
  it('leaves alone a field that was written again since', () => {
    const record = slip('a', 'one')
    const change = { kind: 'updated', id: record.id, fields: { text: ['one', 'two'] } } as const
    const document = withChanges(emptyDocument, [
      { stamp: makeTimestamp(1, 0, 'aaaa'), act: 'add', diff: [{ kind: 'added', record }] },
      { stamp: makeTimestamp(2, 0, 'aaaa'), act: 'text', diff: [change] },
      {
        stamp: makeTimestamp(3, 0, 'bbbb'),
        act: 'text',
        diff: [{ kind: 'updated', id: record.id, fields: { text: ['two', 'three'] } }],
      },
    ])
    expect(revertOf(document, [change])).toEqual([])
    expect((recordIn(document, 'slip:a' as `${RecordKind}:`) as { text: string }).text).toBe('three')
  })
  it('of a removal keep an edit from elsewhere, whether it comes before the undo or after it', () => {
    const record = slip('a', 'one')
    const added: Change = {
      stamp: makeTimestamp(1, 0, 'aaaa'),
      act: 'add',
      diff: [{ kind: 'added', record }],
    }
    const removed: Change = {
      stamp: makeTimestamp(3, 0, 'aaaa'),
      act: 'remove',
      diff: [{ kind: 'removed', record }],
    }
    const edited: Change = {
      stamp: makeTimestamp(2, 0, 'bbbb'),
      act: 'text',
      diff: [{ kind: 'updated', id: record.id, fields: { text: ['one', 'two'] } }],
    }
    const gone = withChanges(emptyDocument, [added, removed])
    const undone: Change = {
      stamp: makeTimestamp(4, 0, 'aaaa'),
      act: 'undo',
      diff: revertOf(gone, removed.diff),
    }
    for (const order of [
      [added, edited, removed, undone],
      [added, removed, undone, edited],
    ])
      expect(shown(withChanges(emptyDocument, order))).toEqual([{ ...record, text: 'two' }])
    const again: Change = {
      stamp: makeTimestamp(5, 0, 'aaaa'),
      act: 'redo',
      diff: revertOf(withChanges(gone, [undone]), undone.diff),
    }
    expect(shown(withChanges(gone, [undone, again]))).toEqual([])
  })
  it('reach into one’s own acts alone', () => {
    const change = (ms: number, by?: string): Change => ({
      stamp: makeTimestamp(ms, 0, 'aaaa'),
      act: 'add',
      diff: [],
      ...(by ? { by } : {}),
    })
    expect(
      undoStateOf([change(1), change(2, 'here'), change(3, 'elsewhere')], 'here').undo.map(({ by }) => by),
    ).toEqual([undefined, 'here'])
  })
})

it('an undo leaves a member that was written again since as it is now, and takes the others back', () => {
  const stamp = (at: number) => makeTimestamp(at, 0, 'aaaa')
  const set = (at: number, from: object, to: object): Change => ({
    stamp: stamp(at),
    act: 'setSettings',
    diff: [{ kind: 'updated', id: 'settings:main', fields: { keys: [from, to] } }],
  })
  const first = set(1, {}, { tick: 'y', move: 'n' })
  const second = set(2, { tick: 'y', move: 'n' }, { tick: 'x', move: 'n' })
  const document = withChanges(emptyDocument, [first, second])
  const back = revertOf(document, first.diff)
  const after = withChange(document, { stamp: stamp(3), act: 'undo', diff: back })
  expect(recordIn(after, 'settings:main')?.keys).toEqual({ tick: 'x' })
})
