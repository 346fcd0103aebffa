import {
  makeTimestamp,
  mergeDocuments,
  recordIn,
  recordsById,
  withChange,
  type Document,
} from '@/core/journal'
import type { Id } from '@/core/record'
import { lookAtOn, movesOf, towardOf } from '../../read/goals'
import { makeMemoryStore } from '../../persistence'
import { makeTestStore } from '../../testing'

const zone = 'Europe/London'
const today = '2026-03-11' as never

async function opened(replica = 'aaaa') {
  const store = makeTestStore(makeMemoryStore(), { replica })
  await store.load()
  const document = () => store.api.getState().document
  const made = (name: 'addGoal' | 'addProject' | 'addArea' | 'addAction', args: object) => {
    const outcome = store.run(name, args as never)
    const [part] = outcome.ok ? outcome.value : []
    return (part?.kind === 'added' ? part.record.id : 'none') as Id<'project'>
  }
  return { store, document, made }
}

describe('goals', () => {
  it('are set, changed, reached and opened again, and every act is undone exactly', async () => {
    const { store, document, made } = await opened()
    expect(store.run('addGoal', { title: ' ', reach: 'near' })).toMatchObject({ error: { kind: 'empty' } })
    const id = made('addGoal', { title: 'Three  halls\na year', reach: 'near' }) as unknown as Id<'goal'>
    expect(recordIn(document(), id)).toMatchObject({ title: 'Three halls a year', state: 'open', note: '' })
    for (const [name, args] of [
      ['editGoal', { id, patch: { note: 'so that winter pays', everyWeeks: 13, reach: 'far' } }],
      ['setGoalState', { id, state: 'reached' }],
      ['pointAt', { id: made('addProject', { title: 'P' }), goalId: id, points: true }],
    ] as const) {
      const before = recordsById(document())
      expect(store.run(name, args as never).ok).toBe(true)
      expect(recordsById(document())).not.toEqual(before)
      store.undo()
      expect(recordsById(document())).toEqual(before)
      store.redo()
    }
    expect(recordIn(document(), id)).toMatchObject({ state: 'reached', everyWeeks: 13 })
    expect(recordIn(document(), id)?.closedAtEpochMs).not.toBeNull()
    store.run('setGoalState', { id, state: 'open' })
    expect(recordIn(document(), id)?.closedAtEpochMs).toBeNull()
    expect(store.run('editGoal', { id, patch: { everyWeeks: 0 } }).ok).toBe(false)
    expect(store.run('editGoal', { id: 'goal:none', patch: { note: 'x' } })).toMatchObject({
      error: { kind: 'notFound' },
    })
  })
  it('tell what was done in what points at them, an area with its projects; and when they are looked at', async () => {
    const { store, document, made } = await opened()
    const id = made('addGoal', { title: 'G', reach: 'near' }) as unknown as Id<'goal'>
    const areaId = made('addArea', { name: 'Teaching', groupId: null }) as unknown as Id<'area'>
    const [inArea, own, other] = [
      made('addProject', { title: 'course', areaId }),
      made('addProject', { title: 'hall' }),
      made('addProject', { title: 'other' }),
    ]
    store.run('pointAt', { id: areaId, goalId: id, points: true })
    store.run('pointAt', { id: own, goalId: id, points: true })
    expect(
      towardOf(document(), id)
        .projects.map(({ title }) => title)
        .sort(),
    ).toEqual(['course', 'hall'])
    for (const [place, minutes] of [
      [{ projectId: inArea }, 10],
      [{ areaId }, 20],
      [{ projectId: own }, 40],
      [{ projectId: other }, 80],
    ] as const)
      store.run('tick', { id: made('addAction', { title: 'a', minutes, ...place }) as never })
    expect(movesOf(document(), id, today, zone)).toMatchObject({ minutes: 70, done: 3, still: [] })
    const goal = () => recordIn(document(), id) as never
    expect(lookAtOn(document(), goal(), zone)).toBeNull()
    store.run('editGoal', { id, patch: { everyWeeks: 4 } })
    expect(lookAtOn(document(), goal(), zone)).toBe('2026-04-08')
    store.run('addRemark', { ownerId: id, text: 'half way', date: '2026-03-20' as never })
    expect(lookAtOn(document(), goal(), zone)).toBe('2026-04-17')
    store.run('setGoalState', { id, state: 'letGo' })
    expect(lookAtOn(document(), goal(), zone)).toBeNull()
  })
  it('keep both where two copies each point a project at one', async () => {
    const one = await opened('aaaa')
    const project = one.made('addProject', { title: 'P' })
    const ids = ['G', 'H'].map(
      (title) => one.made('addGoal', { title, reach: 'near' }) as unknown as Id<'goal'>,
    ) as [Id<'goal'>, Id<'goal'>]
    const shared = one.document()
    const [first, second] = ids.map((goalId, at): Document => {
      const outcome = one.store.run('pointAt', { id: project, goalId, points: true })
      one.store.undo()
      const diff = outcome.ok ? outcome.value : []
      const stamp = makeTimestamp(one.store.clock.epochMs + 1000 + at, 0, 'copy')
      return withChange(shared, { stamp, act: 'pointAt', diff })
    }) as [Document, Document]
    const both = mergeDocuments(first, second)
    expect(recordIn(both, project)?.goalIds).toEqual([...ids].sort())
    expect(recordsById(both)).toEqual(recordsById(mergeDocuments(second, first)))
  })
})
