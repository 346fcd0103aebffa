import { recordIn, recordsById } from '@/core/journal'
import type { Id } from '@/core/record'
import { actionsOfArea, actionsOfProject } from '../../read/actionIndexes'
import { makeMemoryStore } from '../../persistence'
import { makeTestStore } from '../../testing'
import type { ArgsOf, CommandName } from '..'
import { insideOf } from './leaving'

/** Two groups; in the first an area with a project, an action in it and a loose one, and what is over already. */
async function furnished() {
  const store = makeTestStore(makeMemoryStore(), { replica: 'aaaa' })
  await store.load()
  const document = () => store.api.getState().document
  const made = <N extends CommandName, I>(name: N, args: ArgsOf<N>): I => {
    const outcome = store.run(name, args)
    const [part] = outcome.ok ? outcome.value : []
    if (part?.kind !== 'added') throw new Error(`${name} made nothing`)
    return part.record.id as I
  }
  const [practice, home] = ['Practice', 'Home'].map((name) =>
    made<'addGroup', Id<'group'>>('addGroup', { name, side: 'work' }),
  ) as [Id<'group'>, Id<'group'>]
  const area = (name: string, groupId: Id<'group'>) =>
    made<'addArea', Id<'area'>>('addArea', { name, groupId })
  const [rooms, office] = [area('Rooms', practice), area('Office', practice)]
  const project = (title: string) => made<'addProject', Id<'project'>>('addProject', { title, areaId: rooms })
  const [hall, over] = [project('Hall'), project('Over')]
  store.run('setProjectState', { id: over, state: 'finished' })
  const action = (title: string, on: { projectId?: Id<'project'>; areaId?: Id<'area'> }) =>
    made<'addAction', Id<'action'>>('addAction', { title, ...on })
  const measure = action('measure', { projectId: hall })
  const loose = action('write', { areaId: rooms })
  const done = action('done', { projectId: hall })
  store.run('tick', { id: done })
  /** What is told after an act; then the act is undone, and everything is as it was. */
  const after = <T>(args: ArgsOf<'leaveShelf'>, told: () => T): T => {
    const before = recordsById(document())
    expect([args, store.run('leaveShelf', args).ok]).toEqual([args, true])
    const result = told()
    store.undo()
    expect(recordsById(document())).toEqual(before)
    return result
  }
  return { store, document, made, practice, home, rooms, office, hall, over, measure, loose, done, after }
}

describe('leaving a shelf', () => {
  it('tells exactly what is inside: what is open, not what is over', async () => {
    const { document, practice, home, rooms, hall } = await furnished()
    expect([practice, home, rooms, hall].map((id) => insideOf(document(), id))).toEqual([
      { areas: 2, projects: 1, actions: 2, kept: 0 },
      { areas: 0, projects: 0, actions: 0, kept: 0 },
      { areas: 0, projects: 1, actions: 2, kept: 0 },
      { areas: 0, projects: 0, actions: 1, kept: 0 },
    ])
  })
  it('moves it all elsewhere', async () => {
    const { document, after, practice, home, rooms, office, hall, over, measure, loose } = await furnished()
    const at = (id: Id<'project'> | Id<'action'> | Id<'area'>) => recordIn(document(), id as Id<'action'>)
    expect(
      after({ id: rooms, way: { kind: 'move', toId: office } }, () => [
        recordIn(document(), rooms)?.closedAtEpochMs !== null,
        recordIn(document(), hall)?.areaId,
        // What is over stays where it was.
        recordIn(document(), over)?.areaId,
        at(loose)?.areaId,
        at(measure)?.projectId,
      ]),
    ).toEqual([true, office, rooms, office, hall])
    expect(
      after({ id: practice, way: { kind: 'move', toId: home } }, () =>
        [rooms, office].map((id) => recordIn(document(), id)?.groupId),
      ),
    ).toEqual([home, home])
    expect(
      after({ id: hall, way: { kind: 'move', toId: office } }, () => [
        recordIn(document(), hall)?.state,
        actionsOfArea(document(), office).map(({ title }) => title),
      ]),
    ).toEqual(['letGo', ['measure']])
  })
  it('lets it rest or lets go of it, down to the last action, and leaves alone what is done', async () => {
    const { document, after, practice, rooms, hall, measure, loose, done } = await furnished()
    const told = () => [
      recordIn(document(), rooms)?.closedAtEpochMs !== null,
      recordIn(document(), hall)?.state,
      recordIn(document(), measure)?.letGoAtEpochMs !== null,
      recordIn(document(), loose)?.letGoAtEpochMs !== null,
      recordIn(document(), loose)?.horizon,
      recordIn(document(), done)?.letGoAtEpochMs,
    ]
    for (const id of [rooms, practice]) {
      expect(after({ id, way: { kind: 'rest' } }, told)).toEqual([
        true,
        'notNow',
        false,
        false,
        'shelf',
        null,
      ])
      expect(after({ id, way: { kind: 'letGo' } }, told)).toEqual([true, 'letGo', true, true, 'soon', null])
    }
    expect(after({ id: hall, way: { kind: 'letGo' } }, () => actionsOfProject(document(), hall))).toEqual([])
  })
  it('is asked before a project ends with something open in it, however it ends', async () => {
    const { store, document, after, hall, over, office, measure } = await furnished()
    const before = recordsById(document())
    const finished = { state: 'finished', ending: null } as const
    const won = { state: 'finished', ending: 'won' } as const
    for (const [outcome, as] of [
      [store.run('setProjectState', { id: hall, state: 'finished' }), finished],
      [store.run('editProject', { id: hall, patch: { state: 'finished', due: null } }), finished],
      [store.run('setProjectState', { id: hall, state: 'letGo' }), { ...finished, state: 'letGo' }],
      [store.run('endProject', { id: hall, ending: 'won' }), won],
      [store.run('endProject', { id: hall, ending: 'notWon' }), { state: 'letGo', ending: 'notWon' }],
    ] as const)
      expect(outcome).toMatchObject({ ok: false, error: { kind: 'openInside', id: hall, as } })
    expect(recordsById(document())).toEqual(before)
    const told = () => {
      const { projectId, areaId, letGoAtEpochMs } = recordIn(document(), measure) ?? {}
      const { state, ending, closedAtEpochMs } = recordIn(document(), hall) ?? {}
      return [state, ending, closedAtEpochMs !== null, projectId, areaId, letGoAtEpochMs !== null]
    }
    expect(after({ id: hall, way: { kind: 'move', toId: office }, as: won }, told)).toEqual([
      'finished',
      'won',
      true,
      null,
      office,
      false,
    ])
    expect(after({ id: hall, way: { kind: 'letGo' }, as: finished }, told)).toEqual([
      'finished',
      null,
      true,
      hall,
      null,
      true,
    ])
    // What rests asks nothing, and what holds nothing open just ends.
    expect(store.run('endProject', { id: hall, ending: 'parked' }).ok).toBe(true)
    expect(store.run('setProjectState', { id: over, state: 'letGo' }).ok).toBe(true)
  })
  it('goes nowhere that is not there, and not into itself', async () => {
    const { store, rooms } = await furnished()
    for (const toId of [rooms, 'area:none'] as const)
      expect(store.run('leaveShelf', { id: rooms, way: { kind: 'move', toId } })).toMatchObject({
        error: { kind: 'notFound' },
      })
  })
  it.each<[CommandName, object]>([
    ['endProject', { ending: 'notWon' }],
    ['endProject', { ending: 'parked' }],
    ['setProjectState', { state: 'letGo' }],
    ['editProject', { patch: { state: 'notNow' } }],
    ['leaveShelf', { way: { kind: 'rest' } }],
    ['leaveShelf', { way: { kind: 'letGo' } }],
    ['leaveShelf', { way: { kind: 'move', toId: null } }],
  ])('a template has no end: %s with %j is refused, and its blanks stay', async (name, args) => {
    const { store, document, made } = await furnished()
    const id = made<'addTemplate', Id<'project'>>('addTemplate', { title: 'Visit', makes: 'project' })
    store.run('addBlank', { projectId: id, name: 'Place', kind: 'place' })
    const before = document()
    expect(store.run(name, { id, ...args } as never)).toMatchObject({ error: { kind: 'notFound' } })
    expect(document()).toBe(before)
  })
})
