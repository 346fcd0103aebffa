import {
  makeTimestamp,
  mergeDocuments,
  recordIn,
  recordsById,
  recordsIn,
  withChange,
  type Document,
} from '@/core/journal'
import { compareTexts, type Id } from '@/core/record'
import { makeMemoryStore } from '../../persistence'
import { enteredAt } from '@/core/stage'
import { shelfSumsOf } from '../../read/shelfSums'
import { projectsOfArea, stagesOf } from '../../read/selectors'
import { passagesOf, wayOf } from '../../read/stages'
import { makeTestStore } from '../../testing'
import type { ArgsOf, CommandName } from '..'

async function opened(replica = 'aaaa') {
  const store = makeTestStore(makeMemoryStore(), { replica })
  await store.load()
  const document = () => store.api.getState().document
  const made = <N extends CommandName>(name: N, args: ArgsOf<N>): string => {
    const outcome = store.run(name, args)
    const [part] = outcome.ok ? outcome.value : []
    if (part?.kind !== 'added') throw new Error(`${name} made nothing`)
    return part.record.id
  }
  const areaId = made('addArea', { name: 'Enquiries', groupId: null }) as Id<'area'>
  const stages = ['call', 'offer', 'agreed'].map(
    (name) => made('addStage', { ownerId: areaId, name }) as Id<'stage'>,
  ) as [Id<'stage'>, Id<'stage'>, Id<'stage'>]
  const project = (title: string, on: Id<'area'> | null = areaId) =>
    made('addProject', { title, areaId: on }) as Id<'project'>
  const stageOf = (id: Id<'project'>) => recordIn(document(), id)?.stageId
  const orderOf = (on: Id<'area'>) => projectsOfArea(document(), on).map(({ title }) => title)
  return { store, document, made, areaId, stages, project, stageOf, orderOf }
}

/** Runs an act, sees that it changed something, and that undoing it leaves everything as it was. */
function isUndone<N extends CommandName>(
  { store, document }: Awaited<ReturnType<typeof opened>>,
  name: N,
  args: ArgsOf<N>,
): void {
  const before = recordsById(document())
  expect([name, store.run(name, args).ok]).toEqual([name, true])
  const after = recordsById(document())
  expect(after).not.toEqual(before)
  store.undo()
  expect(recordsById(document())).toEqual(before)
  store.redo()
  expect(recordsById(document())).toEqual(after)
}

describe('stages of an area', () => {
  it('are made once each, take new projects into the first, and every act is undone exactly', async () => {
    const at = await opened()
    const { store, document, areaId, stages, project, stageOf } = at
    const [call, offer, agreed] = stages
    expect(store.run('addStage', { ownerId: areaId, name: ' call ' })).toMatchObject({
      error: { kind: 'nameTaken' },
    })
    expect(store.run('addStage', { ownerId: areaId, name: ' ' })).toMatchObject({ error: { kind: 'empty' } })
    expect(store.run('editStage', { id: call, patch: { limit: 0 } })).toMatchObject({
      error: { kind: 'unfit' },
    })
    expect(store.run('editStage', { id: call, patch: { name: ' offer' } })).toMatchObject({
      error: { kind: 'nameTaken' },
    })
    isUndone(at, 'editStage', { id: call, patch: { name: 'first call', limit: 3 } })
    store.run('editStage', { id: call, patch: { name: 'call' } })
    const mill = project('Mill school')
    expect([stageOf(mill), passagesOf(document(), mill).map(({ stageId }) => stageId)]).toEqual([
      call,
      [call],
    ])
    isUndone(at, 'standIn', { id: mill, stageId: offer })
    isUndone(at, 'endProject', { id: mill, ending: 'won' })
    expect(recordIn(document(), mill)).toMatchObject({ state: 'finished', ending: 'won', stageId: offer })
    isUndone(at, 'standIn', { id: mill, stageId: agreed })
    expect(recordIn(document(), mill)).toMatchObject({ state: 'open', ending: null, closedAtEpochMs: null })
    isUndone(at, 'endProject', { id: mill, ending: 'parked' })
    expect(recordIn(document(), mill)).toMatchObject({ state: 'notNow', closedAtEpochMs: null })
    isUndone(at, 'editProject', { id: mill, patch: { endReason: 'after the summer' } })
    isUndone(at, 'setProjectState', { id: mill, state: 'open' })
    expect(recordIn(document(), mill)).toMatchObject({
      ending: null,
      endReason: '',
      note: 'after the summer',
    })
    const over = project('Over')
    store.run('standIn', { id: over, stageId: agreed })
    store.run('endProject', { id: over, ending: 'notWon' })
    isUndone(at, 'removeStage', { id: agreed, toId: call })
    // What ended there stands nowhere now: it never went to the other.
    expect(stageOf(over)).toBeNull()
    expect([stageOf(mill), stagesOf(document(), areaId).map(({ name }) => name)]).toEqual([
      call,
      ['call', 'offer'],
    ])
    isUndone(at, 'removeStage', { id: call, toId: null })
    expect(stageOf(mill)).toBeNull()
  })
  it('take back what ended where it stood, without its coming there anew', async () => {
    const { store, document, stages, project, stageOf } = await opened()
    const mill = project('Mill school')
    store.run('endProject', { id: mill, ending: 'notWon' })
    store.run('standIn', { id: mill, stageId: stages[0] })
    expect([recordIn(document(), mill)?.state, stageOf(mill)]).toEqual(['open', stages[0]])
    expect(passagesOf(document(), mill)).toHaveLength(1)
  })
  it('hold no project of another area: one that goes there begins in its first stage, or in none', async () => {
    const { store, document, made, stages, project, stageOf } = await opened()
    const office = made('addArea', { name: 'Office', groupId: null }) as Id<'area'>
    const other = made('addArea', { name: 'Offers', groupId: null }) as Id<'area'>
    const first = made('addStage', { ownerId: other, name: 'asked' }) as Id<'stage'>
    const mill = project('Mill school')
    expect(store.run('standIn', { id: mill, stageId: first })).toMatchObject({ error: { kind: 'notFound' } })
    store.run('editProject', { id: mill, patch: { areaId: office } })
    expect(stageOf(mill)).toBeNull()
    store.clock.epochMs += 1000
    store.run('layProject', { id: mill, areaId: other, stageId: null, besideId: null })
    expect(stageOf(mill)).toBe(first)
    expect(passagesOf(document(), mill).map(({ stageId }) => stageId)).toEqual([stages[0], first])
    expect(
      store.run('layProject', { id: mill, areaId: office, stageId: first, besideId: null }),
    ).toMatchObject({ error: { kind: 'notFound' } })
  })
  it('two copies that each move a project agree on where it stands, and both ways are told', async () => {
    const { store, document, stages, project } = await opened()
    const mill = project('Mill school')
    const shared = document()
    const [one, two] = [stages[1], stages[2]].map((stageId, at): Document => {
      const outcome = store.run('standIn', { id: mill, stageId })
      store.undo()
      const stamp = makeTimestamp(store.clock.epochMs + 1000 + at, 0, 'copy')
      return withChange(shared, { stamp, act: 'standIn', diff: outcome.ok ? outcome.value : [] })
    }) as [Document, Document]
    const both = mergeDocuments(one, two)
    expect(recordsById(both)).toEqual(recordsById(mergeDocuments(two, one)))
    expect(recordIn(both, mill)?.stageId).toBe(stages[2])
    expect(new Set(passagesOf(both, mill).map(({ stageId }) => stageId))).toEqual(new Set(stages))
    expect(enteredAt({ stageId: stages[0] }, passagesOf(document(), mill))).not.toBeNull()
  })
  it('tell how projects pass, the ended ones too', async () => {
    const { store, document, areaId, stages, project } = await opened()
    const [won, lost] = [project('won'), project('lost')]
    store.clock.epochMs += 3 * 86_400_000
    store.run('standIn', { id: won, stageId: stages[1] })
    store.clock.epochMs += 2 * 86_400_000
    store.run('endProject', { id: won, ending: 'won' })
    store.run('endProject', { id: lost, ending: 'notWon' })
    expect(wayOf(document(), areaId, 'Europe/London')).toMatchObject({
      stages: [{ through: 1, medianDays: 3 }, { through: 1, medianDays: 2 }, { through: 0 }],
      won: 1,
      notWon: 1,
      medianDays: 5,
    })
    expect(projectsOfArea(document(), areaId)).toEqual([])
  })
})

describe('a project that rests until a day', () => {
  it('is open again on that day and not before, with what it was parked for forgotten', async () => {
    const { store, document, project } = await opened()
    const [mill, other] = [project('Mill school'), project('Other')]
    store.run('endProject', { id: mill, ending: 'parked' })
    store.run('editProject', { id: mill, patch: { notUntil: '2026-04-03' as never } })
    store.run('setProjectState', { id: other, state: 'notNow' })
    expect(store.run('wakeProjects', { today: '2026-04-02' as never })).toMatchObject({
      error: { kind: 'nothingToDo' },
    })
    store.run('wakeProjects', { today: '2026-04-05' as never })
    expect(recordIn(document(), mill)).toMatchObject({ state: 'open', notUntil: null, ending: null })
    expect(recordIn(document(), other)?.state).toBe('notNow')
  })
})

describe('what a shelf says of itself', () => {
  it('counts what is open on it, of that what is meant for this week, and what has no next action', async () => {
    const { store, document, areaId, project } = await opened()
    const [moving, still, resting] = [project('moving'), project('still'), project('resting')]
    const add = (title: string, more: object) => store.run('addAction', { title, minutes: 10, ...more })
    add('in it', { projectId: moving, horizon: 'week' })
    add('on a day of it', { projectId: moving, day: '2026-03-15' })
    add('after it', { projectId: moving, day: '2026-03-16' })
    add('loose', { areaId })
    add('rests', { projectId: resting })
    store.run('setProjectState', { id: resting, state: 'notNow' })
    const sums = shelfSumsOf(
      document(),
      { id: areaId },
      projectsOfArea(document(), areaId),
      '2026-03-11' as never,
      '2026-03-15' as never,
    )
    expect(sums).toEqual({ actions: 4, minutes: 40, weekMinutes: 20, withoutNext: 1 })
    expect(recordIn(document(), still)?.state).toBe('open')
  })
})

describe('laying on shelves', () => {
  it('lays a project beside any other, and writes no rank that need not change', async () => {
    const { store, made, project, orderOf } = await opened()
    const office = made('addArea', { name: 'Office', groupId: null }) as Id<'area'>
    const ids = ['a', 'b', 'c', 'd'].map((title) => project(title, office))
    const lay = (from: number, beside: number | null) => {
      const outcome = store.run('layProject', {
        id: ids[from] as Id<'project'>,
        areaId: office,
        stageId: null,
        besideId: beside === null ? null : (ids[beside] as Id<'project'>),
      })
      const changed = outcome.ok ? outcome.value.length : 0
      const order = orderOf(office).join('')
      if (outcome.ok) store.undo()
      return [order, changed]
    }
    const cases: [from: number, beside: number | null, order: string, changed: number][] = [
      [0, 2, 'bcad', 1],
      [3, 1, 'adbc', 1],
      [1, null, 'acdb', 1],
      [2, 2, 'abcd', 0],
      [0, 1, 'bacd', 1],
    ]
    for (const [from, beside, order, changed] of cases)
      expect([from, beside, ...lay(from, beside)]).toEqual([from, beside, order, changed])
  })
  it('lays areas into groups and groups beside one another, each act undone exactly', async () => {
    const at = await opened()
    const { document, made } = at
    const [practice, home] = ['Practice', 'Home'].map(
      (name) => made('addGroup', { name, side: 'work' }) as Id<'group'>,
    ) as [Id<'group'>, Id<'group'>]
    const [rooms, house] = [
      made('addArea', { name: 'Rooms', groupId: practice }),
      made('addArea', { name: 'House', groupId: home }),
    ] as [Id<'area'>, Id<'area'>]
    isUndone(at, 'layShelf', { id: rooms, groupId: home, besideId: house })
    const order = (kind: 'area' | 'group') =>
      [...recordsIn(document(), kind)].sort((a, b) => compareTexts(a.rank, b.rank)).map(({ name }) => name)
    expect([recordIn(document(), rooms)?.groupId, order('area')]).toEqual([
      home,
      ['Enquiries', 'Rooms', 'House'],
    ])
    isUndone(at, 'layShelf', { id: home, besideId: practice })
    expect(order('group')).toEqual(['Home', 'Practice'])
    isUndone(at, 'editGroup', { id: home, patch: { letters: 'Hom', ink: 3 } })
    expect(recordIn(document(), home)?.letters).toBe('Ho')
  })
  it('refuses what is not there', async () => {
    const { store, project } = await opened()
    const mill = project('Mill school')
    const none = { stageId: null, besideId: null }
    for (const outcome of [
      store.run('layProject', { id: 'project:none', areaId: null, ...none }),
      store.run('layProject', { id: mill, areaId: 'area:none', ...none }),
      store.run('layShelf', { id: 'area:none', besideId: null }),
      store.run('layShelf', { id: 'group:none', besideId: null }),
      store.run('endProject', { id: 'project:none', ending: 'won' }),
      store.run('addStage', { ownerId: 'area:none', name: 'x' }),
      store.run('removeStage', { id: 'stage:none', toId: null }),
    ])
      expect(outcome).toMatchObject({ error: { kind: 'notFound' } })
  })
})
