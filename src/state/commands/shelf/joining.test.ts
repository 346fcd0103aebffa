import { recordIn, recordsById, recordsIn } from '@/core/journal'
import type { AnyRecord, Id, Project, RecordKind, RecordOf } from '@/core/record'
import { mergedInBy } from '../../read/mergedIn'
import { makeTestStore, runnerOf } from '../../testing'

async function made() {
  const store = makeTestStore()
  await store.load()
  const doc = () => store.api.getState().document
  const run = runnerOf(store)
  const held = () => new Map([...recordsById(doc())].map(([id, record]) => [id, record] as const))
  const one = <K extends RecordKind>(id: Id<K>) => recordIn(doc(), id) as RecordOf[K]
  run('addArea', { name: 'Halls', groupId: null })
  const areaId = recordsIn(doc(), 'area')[0]?.id as Id<'area'>
  const hall = run('addProject', {
    title: 'Fenwick Hall',
    areaId,
    outcome: 'the hall is quiet',
  }) as Id<'project'>
  run('editProject', {
    id: hall,
    patch: { note: '- [ ] ring Oda', due: '2026-05-01' as never, soThat: 'the choir hears itself' },
  })
  const roof = run('addProject', { title: 'the roof', parentId: hall }) as Id<'project'>
  const action = run('addAction', { title: 'measure', projectId: hall }) as Id<'action'>
  const done = run('addAction', { title: 'ring the caretaker', projectId: hall }) as Id<'action'>
  run('tick', { id: done })
  run('addSteps', { ownerId: hall, titles: ['the keys'] })
  run('addRemark', { ownerId: hall, text: 'the stairs creak' })
  run('addFiles', {
    ownerId: hall,
    files: [{ name: 'plan.pdf', mediaType: '', bytes: 3, blob: `sha256-${'a'.repeat(64)}`, smallBlob: null }],
  })
  run('addChecklist', { name: 'what to take', ownerId: hall })
  run('addMeetingNote', {
    title: 'first call',
    projectId: hall,
    areaId: null,
    personIds: [],
    date: '2026-03-11',
  } as never)
  run('addStage', { ownerId: hall, name: 'asked' })
  const later = run('addProject', { title: 'the opening' }) as Id<'project'>
  run('blockProject', { id: later, afterId: hall })
  const owned = (ownerId: string) =>
    (['step', 'remark', 'file', 'checklist'] as const).map(
      (kind) =>
        (recordsIn(doc(), kind) as { ownerId: string | null }[]).filter((each) => each.ownerId === ownerId)
          .length,
    )
  return { store, doc, run, held, one, areaId, hall, roof, action, done, later, owned }
}

it('lays a project into another with all it holds; one undo gives back everything', async () => {
  const { store, doc, run, held, one, hall, roof, action, done, later, owned } = await made()
  const into = run('addProject', { title: 'Halls of the valley', note: 'first' }) as Id<'project'>
  const before = held()
  run('joinProjects', { id: hall, intoId: into })
  expect(recordIn(doc(), hall)).toBeUndefined()
  expect(one(into)).toMatchObject({ due: '2026-05-01' })
  expect(one(into).note).toBe(
    'first\n\nFenwick Hall\n\nthe hall is quiet\n\nSo that the choir hears itself\n\n- [ ] ring Oda\n\nstages: asked',
  )
  expect([one(action).projectId, one(done).projectId, one(roof).parentId]).toEqual([into, into, into])
  expect(owned(into)).toEqual([1, 1, 1, 1])
  expect(recordsIn(doc(), 'note')).toMatchObject([{ projectId: into }])
  expect([one(later).afterIds, recordsIn(doc(), 'stage'), one(roof).stageId]).toEqual([[into], [], null])
  // Its history is told by what took it in.
  expect(mergedInBy(store.api.getState().recent, into).map(({ id }) => id)).toContain(hall)
  store.undo()
  expect(held()).toEqual(before)
})

it('does not lay a project into itself or a part of it', async () => {
  const { store, hall, roof } = await made()
  expect(store.run('joinProjects', { id: hall, intoId: roof })).toMatchObject({
    error: { kind: 'withinItself', way: ['Fenwick Hall', 'the roof', 'Fenwick Hall'] },
  })
  expect(store.run('joinProjects', { id: hall, intoId: hall })).toMatchObject({ error: { kind: 'notFound' } })
})

it('comes after nothing of its own where it takes in what it came after', async () => {
  const { run, one, hall, later } = await made()
  run('joinProjects', { id: hall, intoId: later })
  expect(one(later).afterIds).toEqual([])
})

it('lets a project that is never over be part of its area: what it says stays as a reference', async () => {
  const { store, doc, run, held, one, areaId, hall, roof, action, done, later, owned } = await made()
  const line = run('makeActionsOfLines', {
    id: hall,
    lines: [{ at: 0, written: 'ring Oda', fields: { title: 'ring Oda' } }],
  }) as Id<'action'>
  const before = held()
  run('partOfArea', { id: hall })
  const [reference] = recordsIn(doc(), 'reference')
  expect(reference).toMatchObject({ title: 'Fenwick Hall', areaId, projectId: null })
  expect(reference?.note).toContain('the hall is quiet')
  for (const id of [action, done]) expect(one(id)).toMatchObject({ projectId: null, areaId })
  expect(one(roof)).toMatchObject({ parentId: null, areaId, stageId: null })
  expect([owned(reference?.id ?? ''), recordsIn(doc(), 'checklist').map(({ ownerId }) => ownerId)]).toEqual([
    [1, 1, 1, 0],
    [null],
  ])
  const tied = [...recordsById(doc()).values()].filter(
    (record: AnyRecord) => (record as { lineOf?: string }).lineOf === reference?.id,
  )
  expect([tied.length, one(later).afterIds]).toEqual([1, []])
  expect(line).not.toBe('')
  store.undo()
  expect(held()).toEqual(before)
  const loose: Project = one(later)
  expect(store.run('partOfArea', { id: loose.id })).toMatchObject({ error: { kind: 'notFound' } })
})
