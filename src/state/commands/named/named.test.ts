import { recordIn, recordsById, recordsIn } from '@/core/journal'
import { emptyLens } from '@/core/lens'
import type { Id } from '@/core/record'
import { lensListOf } from '../../read/lenses'
import { contextsOf, everyContextOf } from '../../read/selectors'
import { makeMemoryStore } from '../../persistence'
import { makeTestStore, runnerOf } from '../../testing'

async function furnished() {
  const store = makeTestStore(makeMemoryStore())
  await store.load()
  const document = () => store.api.getState().document
  const idCalled = <K extends 'context' | 'person'>(kind: K, name: string) =>
    (recordsIn(document(), kind) as readonly { id: Id<K>; name: string }[]).find((each) => each.name === name)
      ?.id as Id<K>
  for (const name of ['Phone', 'Telephone', 'Desk']) store.run('addContext', { name })
  for (const name of ['Oda', 'Oda Reeve']) store.run('addPerson', { name })
  return { store, document, idCalled }
}
const action = (document: ReturnType<Awaited<ReturnType<typeof furnished>>['document']>) =>
  recordsIn(document, 'action')[0]

describe('joining two of one name', () => {
  it('gives what was the one’s to the other: actions, lenses, and it is one undo', async () => {
    const { store, document, idCalled } = await furnished()
    const [phone, telephone, desk] = ['Phone', 'Telephone', 'Desk'].map((name) =>
      idCalled('context', name),
    ) as [Id<'context'>, Id<'context'>, Id<'context'>]
    store.run('addAction', { title: 'ring', contextIds: [telephone, desk] })
    store.run('addAction', { title: 'both', contextIds: [telephone, phone] })
    store.run('addLens', {
      name: 'calls',
      lens: {
        ...emptyLens,
        conditions: [{ kind: 'choice', field: 'context', values: [telephone], not: false }],
      },
    })
    const before = recordsById(document())
    expect(store.run('joinNamed', { id: telephone, intoId: phone }).ok).toBe(true)
    expect(recordIn(document(), telephone)).toBeUndefined()
    const contexts = recordsIn(document(), 'action').map(({ contextIds }) => [...contextIds].sort())
    expect(contexts).toEqual([[phone, desk].sort(), [phone]])
    const [lens] = recordsIn(document(), 'lens')
    expect(JSON.stringify(lens?.conditions)).toContain(phone)
    expect(JSON.stringify(lens?.conditions)).not.toContain(telephone)
    store.undo()
    expect(recordsById(document())).toEqual(before)
    expect(lensListOf(document(), emptyLens, { today: '2026-03-11' as never, zone: 'UTC' }).count).toBe(2)
  })
  it('goes out of what is kept for one of a series alone too', async () => {
    const { store, document, idCalled } = await furnished()
    const [phone, desk] = [idCalled('context', 'Phone'), idCalled('context', 'Desk')]
    const id = runnerOf(store)('addAction', { title: 'ring the mill', contextIds: [phone] }) as Id<'action'>
    store.run('setRepeat', {
      id,
      repeat: { rule: 'FREQ=DAILY', fromDone: false, time: null, startsOn: '2026-03-11' as never },
    })
    store.run('editAction', { id, patch: { contextIds: [desk] } })
    store.run('onlyThisOne', { id, before: { contextIds: [phone] } })
    store.run('removeNamed', { id: phone })
    expect(recordIn(document(), id)).toMatchObject({ contextIds: [desk], overrides: { contextIds: [] } })
  })
  it('takes along what waits for a person, the projects and meeting notes with them, their note and remarks', async () => {
    const { store, document, idCalled } = await furnished()
    const [oda, reeve] = [idCalled('person', 'Oda'), idCalled('person', 'Oda Reeve')]
    store.run('addAction', { title: 'wait' })
    const waiting = {
      personId: oda,
      whom: '',
      since: '2026-03-01' as never,
      chaseOn: null,
      how: '',
      toSignOff: false,
    }
    store.run('setWaiting', { id: action(document())?.id as Id<'action'>, waiting })
    store.run('addProject', { title: 'Hall' })
    const project = recordsIn(document(), 'project')[0]?.id as Id<'project'>
    store.run('editProject', { id: project, patch: { personIds: [oda] } })
    store.run('writeNote', { id: oda, note: 'likes oak' } as never)
    store.run('addRemark', { ownerId: oda, text: 'called', date: '2026-03-02' as never })
    expect(store.run('joinNamed', { id: oda, intoId: reeve }).ok).toBe(true)
    expect(action(document())?.waiting?.personId).toBe(reeve)
    expect(recordIn(document(), project)?.personIds).toEqual([reeve])
    expect(recordsIn(document(), 'remark')[0]?.ownerId).toBe(reeve)
    expect(recordIn(document(), reeve)?.note).toBe('Oda\n\nlikes oak')
    // Removed instead, what waits keeps the name and the project is without.
    store.undo()
    store.run('removeNamed', { id: oda })
    expect(action(document())?.waiting).toMatchObject({ personId: null, whom: 'Oda' })
    expect(recordIn(document(), project)?.personIds).toEqual([])
  })
  it('is refused with itself, with another kind, and with what is gone', async () => {
    const { store, idCalled } = await furnished()
    const phone = idCalled('context', 'Phone')
    for (const intoId of [phone, idCalled('person', 'Oda'), 'context:none'] as Id<'context'>[])
      expect(store.run('joinNamed', { id: phone, intoId })).toMatchObject({ error: { kind: 'notFound' } })
  })
})

describe('contexts within one another', () => {
  it('make no ring, are retired and taken up, and move out when what they lay within goes', async () => {
    const { store, document, idCalled } = await furnished()
    const [phone, telephone, desk] = ['Phone', 'Telephone', 'Desk'].map((name) =>
      idCalled('context', name),
    ) as [Id<'context'>, Id<'context'>, Id<'context'>]
    const within = (id: Id<'context'>, parentId: Id<'context'> | null) =>
      store.run('editContext', { id, patch: { parentId } })
    within(telephone, phone)
    within(desk, telephone)
    for (const id of [desk, telephone, phone])
      expect(within(phone, id)).toMatchObject({
        error: { kind: 'ring', way: expect.arrayContaining(['Phone']) },
      })
    expect(within(phone, 'context:none')).toMatchObject({ error: { kind: 'notFound' } })
    const before = recordsById(document())
    store.run('removeNamed', { id: telephone })
    expect(recordIn(document(), desk)?.parentId).toBe(phone)
    store.undo()
    expect(recordsById(document())).toEqual(before)
    // Joined with what lies within it: that one is where it was, not within itself.
    store.run('joinNamed', { id: telephone, intoId: desk })
    expect(recordIn(document(), desk)?.parentId).toBe(phone)
    store.undo()
    store.run('editContext', { id: phone, patch: { retiredAtEpochMs: 1 } })
    expect(contextsOf(document()).map(({ name }) => name)).not.toContain('Phone')
    expect(everyContextOf(document()).map(({ name }) => name)).toContain('Phone')
    store.run('editContext', { id: phone, patch: { retiredAtEpochMs: null } })
    expect(contextsOf(document()).map(({ name }) => name)).toContain('Phone')
  })
})
