// The demo data is taken out again, and what the person has added to it meanwhile is not.
import { parseStoreFile, toStoreFile } from '@/core/exchange'
import { recordsById, recordsIn } from '@/core/journal'
import type { AnyRecord, Id } from '@/core/record'
import { demoMark, owned, select } from '@/state'
import { makeTestStore, runnerOf, testStartEpochMs } from '@/state/testing'
import { makeDemoFile } from './makeDemoFile'

it('leaves what was added to it, with what it was added to, and nothing that points at what is gone', async () => {
  const store = makeTestStore()
  await store.load()
  const text = makeDemoFile({ today: '2026-03-11', zone: 'Europe/London', nowEpochMs: testStartEpochMs })
  const file = parseStoreFile(text)
  if (!file.ok) throw new Error('no demo')
  const run = runnerOf(store)
  // The demo has one of the same name: it was the person's before.
  run('addContext', { name: 'Phone' })
  await store.importEntries(file.value.entries, file.value.changes, 'loadDemo')
  const document = () => store.api.getState().document
  const [project] = select.projectsOf(document())
  const [first, second] = recordsIn(document(), 'action').filter(
    ({ doneAtEpochMs }) => doneAtEpochMs === null,
  )
  const [person] = recordsIn(document(), 'person')
  if (!project || !first || !second || !person) throw new Error('an empty demo')
  const own = run('addAction', {
    title: 'mine',
    projectId: project.id,
    personIds: [person.id],
  }) as Id<'action'>
  run('setWaiting', {
    id: own,
    waiting: {
      personId: person.id,
      whom: '',
      since: '2026-03-11' as never,
      chaseOn: null,
      how: '',
      toSignOff: false,
    },
  })
  run('addSteps', { ownerId: first.id, titles: ['my step'] })
  run('addRemark', { ownerId: person.id, text: 'my remark' })
  run('layAside', { ids: [second.id] })
  run('addContext', { name: 'Garden' })
  const before = recordsById(document())
  run('removeDemo', {})
  const held = recordsById(document())
  // The slip it was sorted from stays named: its history begins there.
  const json = JSON.stringify(
    [...held.values()]
      .filter(({ id }) => !id.startsWith('settings'))
      .map((record) => ({ ...record, slipId: null })),
  )
  expect(json).not.toContain(`:${demoMark}`)
  expect(select.hasDemo(document())).toBe(false)
  for (const words of ['mine', 'my step', 'my remark', first.title, person.name])
    expect(json).toContain(words)
  const step = [...held.values()].find((record) => (record as { title?: string }).title === 'my step')
  const owner = held.get((step as { ownerId: string } | undefined)?.ownerId ?? '') as AnyRecord | undefined
  expect((owner as { title?: string } | undefined)?.title).toBe(first.title)
  expect(owned.stepsOf(document(), owner?.id as Id<'action'>).map(({ title }) => title)).toContain('my step')
  // Of those that go by their names, the ones that nothing else is with have gone too.
  const staying = new Set([person.id, ...first.personIds, ...second.personIds])
  expect(
    new Set(recordsIn(document(), 'person').map(({ id }) => (before.has(id) ? id : `new ${id}`))),
  ).toEqual(staying)
  const withThem = first.contextIds.map((id) => (before.get(id) as { name?: string } | undefined)?.name)
  expect(
    recordsIn(document(), 'context')
      .map(({ name }) => name)
      .sort(),
  ).toEqual([...withThem, 'Garden', 'Phone'].sort())
  expect(held.get(own)).toMatchObject({ projectId: null, waiting: { personId: person.id } })
  const { changes } = await store.journal()
  expect(parseStoreFile(toStoreFile(document(), changes, 0)).ok).toBe(true)
  store.undo()
  expect(recordsById(document())).toEqual(before)
})
