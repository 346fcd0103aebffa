import 'fake-indexeddb/auto'
import { blobHashOf, isBlobHash, type BlobHash } from '@/core/blob'
import type { BlobStore } from '@/state/persistence/blobs/blobStore'
import { makeIndexedDbBlobs } from '@/state/persistence/blobs/indexedDbBlobs'
import { makeMemoryBlobs } from '@/state/persistence/blobs/memoryBlobs'

let count = 0
const adapters: [string, () => BlobStore][] = [
  ['memory', () => makeMemoryBlobs()],
  ['IndexedDB', () => makeIndexedDbBlobs(`blobs-${count++}`)],
]
const bytesOf = async (store: BlobStore, hash: BlobHash) => {
  const kept = await store.get(hash)
  return kept && [...new Uint8Array(await kept.bytes.arrayBuffer())]
}

it('names bytes by SHA-256, however they are cut', async () => {
  const letters = new TextEncoder().encode('abc')
  // The example of the standard itself.
  const hash = 'sha256-ba7816bf8f01cfea414140de5dae2223b00361a396177a9cb410ff61f20015ad'
  expect(await blobHashOf([letters])).toBe(hash)
  expect(await blobHashOf([letters.slice(0, 1), letters.slice(1)])).toBe(hash)
  expect([hash, 'sha256-abc', hash.toUpperCase(), null].map(isBlobHash)).toEqual([true, false, false, false])
})

describe.each(adapters)('a blob store: %s', (_, make) => {
  it('gives back byte for byte what was put, under one hash for the same bytes', async () => {
    const store = make()
    const every = Uint8Array.from({ length: 256 }, (_, value) => value)
    const hash = await store.put(new Blob([every]))
    expect(await store.put(new Blob([every.slice(0, 7), every.slice(7)]))).toBe(hash)
    const empty = await store.put(new Blob([]))
    expect(await bytesOf(store, hash)).toEqual([...every])
    expect(await bytesOf(store, empty)).toEqual([])
    expect(await store.sizes()).toEqual(
      new Map([
        [hash, 256],
        [empty, 0],
      ]),
    )
    expect((await store.get(hash))?.isSound).toBe(true)
  })
  it('knows nothing of what was never put, and forgets what was removed', async () => {
    const store = make()
    const hash = await store.put(new Blob(['one']))
    const other = await store.put(new Blob(['two']))
    await store.remove(hash)
    await store.remove(hash)
    expect(await store.get(hash)).toBeNull()
    expect([...(await store.sizes()).keys()]).toEqual([other])
    await store.clear()
    expect(await store.get(other)).toBeNull()
    expect((await store.sizes()).size).toBe(0)
    expect(await store.put(new Blob(['one']))).toBe(hash)
  })
})

it('says where a bit was turned, and gives the bytes all the same', async () => {
  const held = new Map<BlobHash, Blob>()
  const store = makeMemoryBlobs(held)
  const hash = await store.put(new Blob(['a drawing']))
  held.set(hash, new Blob(['a drawinf']))
  const kept = await store.get(hash)
  expect(kept?.isSound).toBe(false)
  expect(await kept?.bytes.text()).toBe('a drawinf')
})

it('says that there is no room before it writes', async () => {
  const store = makeIndexedDbBlobs('blobs-full')
  Object.defineProperty(globalThis, 'navigator', {
    configurable: true,
    value: { storage: { estimate: async () => ({ quota: 10, usage: 8 }) } },
  })
  await expect(store.put(new Blob(['three']))).rejects.toMatchObject({ code: 'storageFull' })
  expect((await store.sizes()).size).toBe(0)
  await expect(store.put(new Blob(['of']))).resolves.toMatch(/^sha256-/)
})
