// What goes when something is deleted, over a document that has every kind of record.
import fc from 'fast-check'
import {
  emptyDocument,
  makeTimestamp,
  recordIn,
  recordsById,
  recordsIn,
  withChange,
  type Document,
} from '@/core/journal'
import { kindOf, kinds, type AnyRecord, type Id } from '@/core/record'
import { refsIn } from '@/core/record/refs'
import { anyRecord } from '@/core/testing/anyRecord'
import { plainAction } from '@/core/testing/plainAction'
import { calendarDateUnsafe } from '@/core/time'
import { makeTestStore, runnerOf } from '../testing'
import type { CommandContext } from './command'
import { deleted, goingWith } from './deleting'

/** Three of every kind, pointing at one another at random. */
const documents: fc.Arbitrary<Document> = fc
  .tuple(
    ...kinds.flatMap((kind) =>
      ['a', 'b', 'c'].map((name) =>
        (anyRecord(kind) as fc.Arbitrary<AnyRecord>).map(
          (record) => ({ ...record, id: `${kind}:${name}` }) as AnyRecord,
        ),
      ),
    ),
  )
  .map((records) =>
    withChange(emptyDocument, {
      stamp: makeTimestamp(1, 0, 'aaaa'),
      act: 'made',
      diff: records.map((record) => ({ kind: 'added', record })),
    }),
  )

const contextOf = (document: Document): CommandContext => ({
  document,
  moment: { date: calendarDateUnsafe('2026-03-11'), minute: 540 },
  nowEpochMs: 1,
  newId: (kind) => `${kind}:new`,
  repeats: null,
})

it.each(kinds)(
  'a %s goes with what is part of it; nothing else goes, and nothing points at what went',
  (kind) => {
    fc.assert(
      fc.property(documents, (document) => {
        const id = `${kind}:a` as Id
        const before = recordsById(document)
        const diff = deleted(contextOf(document), [id])
        const after = recordsById(
          withChange(document, { stamp: makeTimestamp(2, 0, 'aaaa'), act: 'gone', diff }),
        )
        const gone = [...before.keys()].filter((each) => !after.has(each))
        expect(after.has(id)).toBe(false)
        for (const each of gone) {
          if (each === id || kindOf(each) === 'repeat') continue
          // It was part of something that went.
          const parts = refsIn(before.get(each) as AnyRecord).filter(({ onDelete }) => onDelete === 'delete')
          expect(parts.some((ref) => gone.includes(ref.id))).toBe(true)
        }
        for (const record of after.values())
          for (const { id: to, onDelete } of refsIn(record))
            if (onDelete !== 'keep') expect(gone).not.toContain(to)
        expect(gone.sort()).toEqual([id, ...goingWith(document, [id]).map((each) => each.id)].sort())
      }),
      { seed: 19, numRuns: 12 },
    )
  },
)

it('what points at what was removed meanwhile is refused, and nothing changes', async () => {
  const store = makeTestStore()
  await store.load()
  const run = runnerOf(store)
  const [context, action] = [run('addContext', { name: 'Hall' }), run('addAction', { title: 'sweep' })]
  run('removeNamed', { id: context as Id<'context'> })
  const before = store.api.getState().document
  expect(
    store.run('editAction', {
      id: action as Id<'action'>,
      patch: { contextIds: [context as Id<'context'>] },
    }),
  ).toEqual({
    ok: false,
    error: { kind: 'notFound' },
  })
  expect(store.api.getState().document).toBe(before)
})

it('what points at nothing since two copies came together can be worked with, and brings nothing of it along', async () => {
  const store = makeTestStore()
  await store.load()
  const run = runnerOf(store)
  const context = run('addContext', { name: 'Hall' }) as Id<'context'>
  const all = makeTimestamp(5, 0, 'other')
  const gone = ['context:gone'] as never
  await store.importEntries(
    [{ record: { ...plainAction, id: 'action:a', day: '2026-03-11' as never, contextIds: gone }, all }],
    [],
  )
  const action = () => recordIn(store.api.getState().document, 'action:a')
  const id = 'action:a' as const
  run('setRepeat', { id, repeat: { rule: 'FREQ=DAILY', fromDone: false, time: null } })
  run('editAction', { id, patch: { contextIds: [...gone, context] } })
  expect(action()?.contextIds).toHaveLength(2)
  run('editAction', { id, patch: { contextIds: gone, minutes: 5 } })
  run('tick', { id })
  expect(recordIn(store.api.getState().document, 'action:a~2026-03-12')).toMatchObject({
    contextIds: [],
    minutes: 5,
  })
  store.undo()
  store.redo()
  expect(recordIn(store.api.getState().document, 'action:a~2026-03-12')?.contextIds).toEqual([])
  // What is said for a project that was removed meanwhile is kept, on no shelf.
  run('addAction', { title: 'sweep', projectId: 'project:gone' })
  expect(
    recordsIn(store.api.getState().document, 'action').find(({ title }) => title === 'sweep')?.projectId,
  ).toBeNull()
})
