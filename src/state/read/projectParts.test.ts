import fc from 'fast-check'
import { emptyDocument, recordIn, recordsIn, withMerged, type Entry } from '@/core/journal'
import type { Action, Id, Project } from '@/core/record'
import { calendarDateUnsafe } from '@/core/time'
import { plainProject } from '@/core/testing/plainShelf'
import { actionsOfProject, dayBandsWith, nextActionOf } from './actionIndexes'
import { allPartsOf, looseParts, partsOfProject, wholesAbove } from './projectParts'
import { isAtWork, projectsOfArea, stagesOf } from './selectors'
import { asItStands } from './standing'
import { makeTestStore } from '../testing'

const today = calendarDateUnsafe('2026-03-11')

async function made() {
  const store = makeTestStore()
  await store.load()
  const doc = () => store.api.getState().document
  const add = (title: string, more: object = {}): Id<'project'> => {
    const outcome = store.run('addProject', { title, ...more })
    const part = outcome.ok ? outcome.value[0] : undefined
    if (part?.kind !== 'added') throw new Error(JSON.stringify(outcome))
    return part.record.id as Id<'project'>
  }
  const action = (title: string, projectId: Id<'project'>): Id<'action'> => {
    const outcome = store.run('addAction', { title, projectId })
    const part = outcome.ok ? outcome.value[0] : undefined
    if (part?.kind !== 'added') throw new Error(JSON.stringify(outcome))
    return part.record.id as Id<'action'>
  }
  const project = (id: Id<'project'>) => recordIn(doc(), id) as Project
  const titles = (list: readonly Project[]) => list.map(({ title }) => title)
  return { store, doc, add, action, project, titles }
}

describe('parts of a project', () => {
  it('stand on the area of their whole, and go along where it goes', async () => {
    const { store, doc, add, project, titles } = await made()
    store.run('addArea', { name: 'Halls', groupId: null })
    store.run('addArea', { name: 'Office', groupId: null })
    const [halls, office] = recordsIn(doc(), 'area').map(({ id }) => id) as [Id<'area'>, Id<'area'>]
    const hall = add('Fenwick Hall', { areaId: halls })
    const roof = add('the roof', { parentId: hall, areaId: office })
    const tiles = add('the tiles', { parentId: roof })
    expect([project(roof).areaId, project(tiles).areaId]).toEqual([halls, halls])
    expect(titles(projectsOfArea(doc(), halls))).toEqual(['Fenwick Hall'])
    expect(titles(allPartsOf(doc(), hall))).toEqual(['the roof', 'the tiles'])
    expect(titles(wholesAbove(doc(), project(tiles)))).toEqual(['the roof', 'Fenwick Hall'])
    store.run('editProject', { id: hall, patch: { areaId: office } })
    expect([hall, roof, tiles].map((id) => project(id).areaId)).toEqual([office, office, office])
    // Laid onto an area it is a project of its own, with its parts.
    store.run('layProject', { id: roof, areaId: halls, stageId: null, besideId: null })
    expect(titles(projectsOfArea(doc(), halls))).toEqual(['the roof'])
    expect(project(tiles)).toMatchObject({ parentId: roof, areaId: halls })
    store.undo()
    expect(project(roof)).toMatchObject({ parentId: hall, areaId: office })
    expect(project(tiles).areaId).toBe(office)
  })
  it('rest with what they are parts of, and wait for what that waits for', async () => {
    const { store, doc, add, action, project } = await made()
    const [before, hall] = [add('the survey'), add('Fenwick Hall')]
    const roof = add('the roof', { parentId: hall })
    const climb = action('climb up', roof)
    const bands = () =>
      dayBandsWith(today, { contextIds: [], minutes: null, energy: null, weekEnds: today } as never).inReach(
        doc(),
      )
    const isOffered = () => bands().some(({ id }) => id === climb)
    const held = () => asItStands(doc(), recordIn(doc(), climb) as Action).afterIds
    expect([held(), isOffered(), isAtWork(doc(), project(roof))]).toEqual([[], true, true])
    expect(nextActionOf(doc(), hall, today)?.id).toBe(climb)
    store.run('setProjectState', { id: hall, state: 'notNow' })
    expect([held(), isOffered(), isAtWork(doc(), project(roof))]).toEqual([[hall], false, false])
    store.run('setProjectState', { id: hall, state: 'open' })
    store.run('blockProject', { id: hall, afterId: before })
    expect([held(), isOffered()]).toEqual([[before], false])
    store.run('setProjectState', { id: before, state: 'finished' })
    expect([held(), isOffered()]).toEqual([[], true])
  })
  it('are refused in a ring, with its way: of parts, and of what comes after what', async () => {
    const { store, doc, add, project } = await made()
    const [hall, other] = [add('hall'), add('other')]
    const roof = add('roof', { parentId: hall })
    const into = (id: Id<'project'>, parentId: Id<'project'>) =>
      store.run('layProject', { id, areaId: null, parentId, stageId: null, besideId: null })
    expect(into(hall, roof)).toMatchObject({ error: { kind: 'withinItself', way: ['hall', 'roof', 'hall'] } })
    expect(into(hall, hall)).toMatchObject({ error: { kind: 'withinItself' } })
    expect(store.run('blockProject', { id: roof, afterId: hall })).toMatchObject({
      error: { kind: 'ring' },
    })
    // A part waits for what its whole waits for: so it would wait for itself.
    expect(store.run('blockProject', { id: hall, afterId: roof })).toMatchObject({
      error: { kind: 'ring' },
    })
    expect(store.run('blockProject', { id: other, afterId: hall }).ok).toBe(true)
    // What waits for the hall cannot be a part of it: it would be over only after what waits for it.
    expect(into(other, hall)).toMatchObject({ error: { kind: 'ring' } })
    expect(project(other).parentId).toBeNull()
    expect(looseParts(doc())).toEqual([])
  })
  it('are refused where their whole waits for what waits for them', async () => {
    const { store, add } = await made()
    const [hall, survey, roof] = [add('hall'), add('survey'), add('roof')]
    store.run('blockProject', { id: survey, afterId: roof })
    store.run('blockProject', { id: hall, afterId: survey })
    expect(
      store.run('layProject', { id: roof, areaId: null, parentId: hall, stageId: null, besideId: null }),
    ).toMatchObject({ error: { kind: 'ring', way: ['roof', 'survey', 'roof'] } })
  })
  it('keep their whole from shrinking to an action', async () => {
    const { store, add, action } = await made()
    const hall = add('hall')
    action('measure', hall)
    add('roof', { parentId: hall })
    expect(store.run('shrinkToAction', { id: hall })).toMatchObject({ error: { kind: 'hasParts' } })
  })
  it('go through the stages of their whole', async () => {
    const { store, doc, add, project } = await made()
    const hall = add('hall')
    store.run('addStage', { ownerId: hall, name: 'asked' })
    store.run('addStage', { ownerId: hall, name: 'sent' })
    const [asked, sent] = stagesOf(doc(), hall).map(({ id }) => id)
    const roof = add('roof', { parentId: hall })
    expect([project(roof).stageId, project(hall).stageId]).toEqual([asked, null])
    expect(store.run('standIn', { id: hall, stageId: sent as Id<'stage'> })).toMatchObject({ ok: false })
    store.run('standIn', { id: roof, stageId: sent as Id<'stage'> })
    expect(project(roof).stageId).toBe(sent)
    store.run('editProject', { id: roof, patch: { areaId: null } })
    expect(project(roof)).toMatchObject({ parentId: null, stageId: null })
  })
  it('leave with their whole: elsewhere, or let go of; one undo', async () => {
    const { store, doc, add, action, project, titles } = await made()
    const [hall, other] = [add('hall'), add('other')]
    const roof = add('roof', { parentId: hall })
    const tiles = add('tiles', { parentId: roof })
    const climb = action('climb up', tiles)
    store.run('leaveShelf', { id: hall, way: { kind: 'move', toId: other } })
    expect(titles(partsOfProject(doc(), other))).toEqual(['roof'])
    expect([project(tiles).parentId, project(hall).state]).toEqual([roof, 'letGo'])
    store.undo()
    expect(store.run('leaveShelf', { id: hall, way: { kind: 'move', toId: tiles } }).ok).toBe(false)
    store.run('leaveShelf', { id: hall, way: { kind: 'letGo' } })
    expect([hall, roof, tiles].map((id) => project(id).state)).toEqual(['letGo', 'letGo', 'letGo'])
    expect(recordIn(doc(), climb)?.letGoAtEpochMs).not.toBeNull()
    store.undo()
    expect(recordIn(doc(), climb)?.letGoAtEpochMs).toBeNull()
    expect(project(tiles).state).toBe('open')
  })
})

it('what is added as the next comes before the others of its project', async () => {
  const { store, doc, add, action } = await made()
  const hall = add('hall')
  action('first', hall)
  action('second', hall)
  store.run('addAction', { title: 'now', projectId: hall, isNext: true })
  store.run('addAction', { title: 'alone', isNext: true })
  expect(actionsOfProject(doc(), hall).map(({ title }) => title)).toEqual(['now', 'first', 'second'])
  expect(nextActionOf(doc(), hall, today)?.title).toBe('now')
})

describe('whatever two copies wrote', () => {
  it('of two that are within one another, the first stands for itself and holds the other', () => {
    const entries = [
      ['a', 'b'],
      ['b', 'a'],
    ].map(
      ([id, parent]) =>
        ({
          record: { ...plainProject, id: `project:${id}`, title: id, parentId: `project:${parent}` },
          all: '0mmlt6000.0001.aaaa',
        }) as Entry,
    )
    const document = withMerged(emptyDocument, entries)
    expect(projectsOfArea(document, null).map(({ title }) => title)).toEqual(['a'])
    expect(partsOfProject(document, 'project:a').map(({ title }) => title)).toEqual(['b'])
  })
  const ids = ['a', 'b', 'c', 'd', 'e', 'f']
  it('every project is reached once from one that stands for itself', () =>
    fc.assert(
      fc.property(
        fc.array(fc.option(fc.constantFrom(...ids, 'gone')), { minLength: 6, maxLength: 6 }),
        (parents) => {
          const entries = ids.map(
            (id, at) =>
              ({
                record: {
                  ...plainProject,
                  id: `project:${id}`,
                  parentId: parents[at] ? `project:${parents[at]}` : null,
                },
                all: '0mmlt6000.0001.aaaa',
              }) as Entry,
          )
          const document = withMerged(emptyDocument, entries)
          const reached = projectsOfArea(document, null).flatMap((each) => [
            each.id,
            ...allPartsOf(document, each.id).map(({ id }) => id),
          ])
          expect([...reached].sort()).toEqual(ids.map((id) => `project:${id}`))
          for (const project of recordsIn(document, 'project'))
            expect(wholesAbove(document, project).length).toBeLessThan(ids.length)
        },
      ),
      { seed: 11, numRuns: 400 },
    ))
})
