import fc from 'fast-check'
import { anyReach, dayBandNames } from '@/core/day'
import { recordIn, recordsById, recordsIn, type Document } from '@/core/journal'
import { emptyLens, type Lens } from '@/core/lens'
import { compareTexts, type Action, type Id } from '@/core/record'
import { state as isState } from '@/core/lens/asking'
import { lists } from '..'
import { lensListOf } from './lenses'
import { makeMemoryStore } from '../persistence'
import { asItStands, inTurnOf } from './standing'
import { makeTestStore } from '../testing'

const opened = async () => {
  const store = makeTestStore(makeMemoryStore())
  await store.load()
  return { store, document: () => store.api.getState().document }
}
type Opened = Awaited<ReturnType<typeof opened>>
const today = '2026-03-11' as never
const ready: Lens = { ...emptyLens, conditions: [isState('ready')] }
const idCalled = <K extends 'action' | 'project'>(document: Document, kind: K, title: string): Id<K> =>
  (recordsIn(document, kind) as readonly { id: Id<K>; title: string }[]).find((each) => each.title === title)
    ?.id as Id<K>

/** What can be done now, as lists and lenses tell it; what is underway has been begun whatever comes before it. */
function told(document: Document): Set<string> {
  const bands = lists.dayBandsWith(today, anyReach)
  const planned = bands.planned(document)
  const lens = lensListOf(document, ready, { today, zone: 'Europe/London' })
  return new Set(
    [
      ...dayBandNames.flatMap((name) => (name === 'inReach' || name === 'chase' ? [] : planned[name])),
      ...bands.inReach(document),
      ...lists.actionsOfDay(document, today, today),
      ...lens.bands.flatMap(({ groups }) => groups.flatMap(({ actions }) => actions)),
    ].map(({ title }) => title),
  )
}

/** The same, worked out from what is written alone. */
function canBeDone(document: Document, action: Action): boolean {
  if (action.waiting || action.afterIds.length > 0) return false
  if (action.startedAtEpochMs !== null || action.projectId === null) return true
  const project = recordIn(document, action.projectId)
  if (!project) return true
  if (project.state !== 'open') return false
  if (project.afterIds.some((id) => recordIn(document, id)?.closedAtEpochMs === null)) return false
  const open = recordsIn(document, 'action')
    .filter((each) => each.projectId === project.id && each.doneAtEpochMs === null)
    .sort((a, b) => compareTexts(a.rank, b.rank) || (a.id < b.id ? -1 : 1))
  return !project.inOrder || inTurnOf(open)[0]?.id === action.id
}

const titles = ['a', 'b', 'c', 'd', 'e', 'f'] as const
const projects = ['P', 'Q', 'R'] as const
type Step = readonly [
  'tick' | 'order' | 'after' | 'project' | 'start' | 'finish' | 'rank' | 'move' | 'undo',
  number,
  number,
]
const anyStep = fc.tuple(
  fc.constantFrom('tick', 'order', 'after', 'project', 'start', 'finish', 'rank', 'move', 'undo'),
  fc.nat(5),
  fc.nat(5),
) as fc.Arbitrary<Step>

function take({ store, document }: Opened, [what, first, second]: Step): void {
  // Not what the round began with.
  if (what === 'undo' && store.api.getState().undo.undo.length <= projects.length + titles.length) return
  const [one, other] = [titles[first], titles[second]].map((title) =>
    idCalled(document(), 'action', title as string),
  ) as [Id<'action'>, Id<'action'>]
  const [project, another] = [projects[first % 3], projects[second % 3]].map((title) =>
    idCalled(document(), 'project', title as string),
  ) as [Id<'project'>, Id<'project'>]
  switch (what) {
    case 'tick':
      return void store.run(recordIn(document(), one)?.doneAtEpochMs ? 'untick' : 'tick', { id: one })
    case 'order':
      return void store.run('setInOrder', { id: project, inOrder: second % 3 > 0 })
    case 'after':
      return void store.run('blockAction', { id: one, afterId: other })
    case 'project':
      return void store.run('blockProject', { id: project, afterId: another })
    case 'start':
      return void store.run('start', { id: one })
    case 'finish':
      return void store.run('setProjectState', { id: project, state: second > 2 ? 'finished' : 'open' })
    case 'rank':
      return void store.run('layInto', { id: one, band: null, order: [one, other] })
    case 'move':
      return void store.run('editAction', { id: one, patch: { projectId: second > 4 ? null : another } })
    case 'undo':
      return void store.undo()
  }
}

describe('actions as they stand', () => {
  it('are in lists and lenses only where nothing holds them back, whatever was done; the same read afresh', async () => {
    await fc.assert(
      fc.asyncProperty(fc.array(anyStep, { maxLength: 25 }), async (steps) => {
        const held = await opened()
        const { store, document } = held
        for (const title of projects) store.run('addProject', { title })
        titles.forEach((title, at) =>
          store.run('addAction', {
            title,
            horizon: 'week',
            day: today,
            projectId: idCalled(document(), 'project', projects[at % 2] as string),
          }),
        )
        for (const step of steps) {
          take(held, step)
          const now = told(document())
          const wanted = recordsIn(document(), 'action').filter(
            (action) => action.doneAtEpochMs === null && canBeDone(document(), action),
          )
          expect([...now].sort()).toEqual(wanted.map(({ title }) => title).sort())
          // What is blocked stands in its project and among all that is open, once, as what it is now.
          const open = recordsIn(document(), 'action').filter(({ doneAtEpochMs }) => doneAtEpochMs === null)
          const inProjects = recordsIn(document(), 'project').flatMap(({ id }) =>
            lists.actionsOfProject(document(), id),
          )
          const loose = open.filter(({ projectId }) => projectId === null)
          for (const listed of [lists.openActionsOf(document()), [...inProjects, ...loose]])
            expect(new Map(listed.map((each) => [each.id, each.projectId]))).toEqual(
              new Map(open.map((each) => [each.id, each.projectId])),
            )
          expect(lists.openActionsOf(document())).toHaveLength(open.length)
        }
        // Nothing of what follows was written.
        for (const record of recordsById(document()).values())
          if (record.id.startsWith('action:'))
            for (const id of (record as Action).afterIds) expect(id).toMatch(/^action:/)
      }),
      { numRuns: 60 },
    )
  })
  it('are after the one before them in order, and after a project that comes before theirs', async () => {
    const { store, document } = await opened()
    for (const title of ['P', 'Q']) store.run('addProject', { title })
    const [p, q] = [idCalled(document(), 'project', 'P'), idCalled(document(), 'project', 'Q')]
    for (const title of ['a', 'b', 'c']) store.run('addAction', { title, projectId: p })
    store.run('addAction', { title: 'x', projectId: q })
    const [a, b, x] = ['a', 'b', 'x'].map((title) => idCalled(document(), 'action', title)) as Id<'action'>[]
    const heldBy = (id: Id<'action'> | undefined) =>
      asItStands(document(), recordIn(document(), id as Id<'action'>) as Action).afterIds
    expect([heldBy(a), heldBy(b)]).toEqual([[], []])
    store.run('setInOrder', { id: p, inOrder: true })
    expect([heldBy(a), heldBy(b)]).toEqual([[], [a]])
    expect(store.run('blockProject', { id: p, afterId: q }).ok).toBe(true)
    expect([heldBy(a), heldBy(b)]).toEqual([[q], [q, a]])
    // Each would wait for the other: said with the way, and nothing is changed.
    expect(store.run('blockProject', { id: q, afterId: p })).toMatchObject({
      error: { kind: 'ring', way: ['Q', 'P', 'Q'] },
    })
    expect(store.run('blockAction', { id: x as Id<'action'>, afterId: b as Id<'action'> })).toMatchObject({
      error: { kind: 'ring', way: ['x', 'b', 'Q', 'x'] },
    })
    store.run('leaveShelf', { id: q, way: { kind: 'letGo' }, as: { state: 'finished', ending: null } })
    expect([heldBy(a), heldBy(b)]).toEqual([[], [a]])
    store.run('tick', { id: a as Id<'action'> })
    expect(heldBy(b)).toEqual([])
    store.undo()
    expect(heldBy(b)).toEqual([a])
  })
  it('wait for a project that rests as for one that is open, and for none that is over', async () => {
    const { store, document } = await opened()
    for (const title of ['P', 'Q']) store.run('addProject', { title })
    const [p, q] = [idCalled(document(), 'project', 'P'), idCalled(document(), 'project', 'Q')]
    store.run('addAction', { title: 'hang the felt', projectId: q, horizon: 'today' })
    store.run('blockProject', { id: q, afterId: p })
    const isTold = (state: 'open' | 'notNow' | 'finished') => {
      store.run('setProjectState', { id: p, state })
      return told(document()).has('hang the felt')
    }
    expect([isTold('notNow'), isTold('open'), isTold('finished')]).toEqual([false, false, true])
  })
  it('keeps to what was said within a project in order, and refuses an order that would go round by another', async () => {
    const { store, document } = await opened()
    for (const title of ['P', 'Q']) store.run('addProject', { title })
    const [p, q] = [idCalled(document(), 'project', 'P'), idCalled(document(), 'project', 'Q')]
    for (const title of ['a', 'b']) store.run('addAction', { title, projectId: p })
    store.run('addAction', { title: 'x', projectId: q })
    const [a, b, x] = ['a', 'b', 'x'].map((title) => idCalled(document(), 'action', title)) as [
      Id<'action'>,
      Id<'action'>,
      Id<'action'>,
    ]
    store.run('blockAction', { id: a, afterId: b })
    store.run('setInOrder', { id: p, inOrder: true })
    expect(told(document())).toEqual(new Set(['b', 'x']))
    store.undo()
    store.undo()
    store.run('blockAction', { id: a, afterId: x })
    store.run('blockAction', { id: x, afterId: b })
    expect(store.run('setInOrder', { id: p, inOrder: true })).toMatchObject({
      error: { kind: 'ring', way: ['a', 'x', 'b', 'a'] },
    })
    expect(recordIn(document(), p)?.inOrder).toBe(false)
  })
})
