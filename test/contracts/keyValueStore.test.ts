import 'fake-indexeddb/auto'
import type { KeyValueStore } from '@/state/persistence'
import { makeAsyncStorageStore } from '@/state/persistence/asyncStorageStore'
import { makeMemoryStore } from '@/state/persistence/memoryStore'

let count = 0
const adapters: [string, () => KeyValueStore][] = [
  ['memory', () => makeMemoryStore()],
  ['AsyncStorage over IndexedDB', () => makeAsyncStorageStore(`contract-${count++}`)],
]

describe.each(adapters)('a key-value store: %s', (_, make) => {
  it('gives back what was set, null for the rest, and forgets what was removed', async () => {
    const store = make()
    await store.setMany({ a: '1', b: '2', __proto: 'x', 'ü/é': '🎈' })
    await store.setMany({ b: '3' })
    expect(await store.getMany(['a', 'b', 'c', 'ü/é'])).toEqual({ a: '1', b: '3', c: null, 'ü/é': '🎈' })
    await store.removeMany(['a', 'never there'])
    expect([...(await store.getAllKeys())].sort()).toEqual(['__proto', 'b', 'ü/é'])
  })
  it('takes nothing at all, and a long text', async () => {
    const store = make()
    await store.setMany({})
    await store.removeMany([])
    const long = 'x'.repeat(2_000_000)
    await store.setMany({ long })
    expect((await store.getMany(['long']))['long']).toHaveLength(2_000_000)
  })
  it('sees writes in the order they were made', async () => {
    const store = make()
    await Promise.all(Array.from({ length: 20 }, (_, index) => store.setMany({ key: String(index) })))
    expect(await store.getMany(['key'])).toEqual({ key: '19' })
  })
})
