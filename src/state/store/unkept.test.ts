import { recordsIn, type Timestamp } from '@/core/journal'
import { currentVersion } from '@/core/migrations'
import { unkeptText } from './keeper'
import { makeMemoryStore } from '../persistence'
import { makeTestStore, runnerOf, type TestStore } from '../testing'
import { readUnkept } from './unkept'

const textsIn = (store: TestStore): string[] =>
  recordsIn(store.api.getState().document, 'slip')
    .map(({ text }) => text)
    .sort()

/** A page left before anything of its second and third act was kept, and what it laid down. */
async function left() {
  const kept = makeMemoryStore()
  const store = makeTestStore(kept)
  await store.load()
  store.run('setDown', { text: 'one' })
  await store.settled()
  const before = { ...kept, held: new Map(kept.held) }
  store.run('setDown', { text: 'two' })
  store.run('setDown', { text: 'three' })
  const laid = unkeptText(store.unkept())
  await store.settled()
  expect(store.unkept()).toEqual([])
  return { before: before.held, after: kept.held, laid }
}
const opened = async (held: ReadonlyMap<string, string>) => {
  const kept = makeMemoryStore()
  held.forEach((value, key) => kept.held.set(key, value))
  const store = makeTestStore(kept, { replica: 'bbbb' })
  await store.load()
  return { store, kept }
}

it('what a page could not keep is taken up by the next, kept, and open to undo', async () => {
  const { before, laid } = await left()
  const { store, kept } = await opened(before)
  expect(textsIn(store)).toEqual(['one'])
  expect(await store.takeUnkept(readUnkept(laid) ?? [])).toBe(true)
  expect(textsIn(store)).toEqual(['one', 'three', 'two'])
  expect(textsIn((await opened(kept.held)).store)).toEqual(['one', 'three', 'two'])
  store.undo()
  expect(textsIn(store)).toEqual(['one', 'two'])
})
it('what had been kept after all is not taken up a second time', async () => {
  const { after, laid } = await left()
  const { store, kept } = await opened(after)
  const keys = kept.held.size
  expect(await store.takeUnkept(readUnkept(laid) ?? [])).toBe(true)
  expect([textsIn(store), kept.held.size]).toEqual([['one', 'three', 'two'], keys])
})
it('what a change stands in for is taken out with it: typing on leaves one act', async () => {
  const kept = makeMemoryStore()
  const store = makeTestStore(kept)
  await store.load()
  const id = runnerOf(store)('addReference', { title: 'felt' }) as never
  await store.settled()
  const typed = (title: string, continuing?: Timestamp) =>
    store.run('editReference', { id, patch: { title } }, { continuing })
  typed('felt, g')
  await store.settled()
  const held = new Map(kept.held)
  typed('felt, grey', store.api.getState().recent.at(-1)?.stamp)
  const laid = unkeptText(store.unkept())
  await store.settled()
  const again = await opened(held)
  await again.store.takeUnkept(readUnkept(laid) ?? [])
  again.store.undo()
  const { document, undo } = again.store.api.getState()
  expect(recordsIn(document, 'reference')).toMatchObject([{ title: 'felt' }])
  expect(undo.undo.map(({ act }) => act)).toEqual(['addReference'])
})
it('takes nothing from what is no such thing', () => {
  for (const text of ['', '{', 'null', '[null, 1, {}]', '[{"change":{"stamp":"x","act":"a","diff":[]}}]'])
    expect(readUnkept(text)).toEqual([])
})
it('what a page of version 10 laid is taken up under the names of today; what a newer one laid is left', async () => {
  const store = makeTestStore()
  await store.load()
  const id = runnerOf(store)('addReference', { title: 'felt' }) as never
  await store.settled()
  store.run('editReference', { id, patch: { link: 'https://felt.example' } })
  const [unkept] = store.unkept()
  await store.settled()
  store.undo()
  await store.settled()
  const of10 = JSON.parse(JSON.stringify([unkept]).replace('"link"', '"address"'))
  const [read] = readUnkept(JSON.stringify(of10)) ?? []
  expect(read?.change.diff).toEqual(unkept?.change.diff)
  expect(readUnkept(JSON.stringify({ version: currentVersion + 1, changes: of10 }))).toBeNull()
})

it('what could not be kept does not come back once everything was removed', async () => {
  const kept = makeMemoryStore()
  let isFull = false
  const store = makeTestStore({
    ...kept,
    setMany: (values) => (isFull ? Promise.reject(new Error('full')) : kept.setMany(values)),
  })
  await store.load()
  isFull = true
  store.run('setDown', { text: 'not kept yet' })
  await store.settled()
  expect(store.unkept()).toHaveLength(1)
  isFull = false
  await store.wipe()
  await store.retry()
  expect(store.unkept()).toEqual([])
  const again = makeTestStore(kept)
  await again.load()
  expect(textsIn(again)).toEqual([])
})
