import { emptyDocument, makeStamp, recordsById, withChanges, type Change } from '@/core/journal'
import { makeArchive, makeMemoryStore, storageErrorOf } from '.'
import { fromSealed, toSealed } from './sealed'

const limits = { changes: 4, pieces: 2, partSize: 3 }
const slip = (name: string, text: string) => ({ id: `slip:${name}` as const, text, takenOff: [], setDownAtEpochMs: 1 })
const change = (ms: number, name: string, text = name): Change => ({ stamp: makeStamp(ms, 0, 'aaaa'), act: 'setDown', diff: [{ kind: 'added', record: slip(name, text) }] })
const edit = (ms: number, name: string, from: string, to: string): Change => ({ stamp: makeStamp(ms, 0, 'aaaa'), act: 'editSlip', diff: [{ kind: 'updated', id: `slip:${name}`, fields: { text: [from, to] } }] })
const shown = (changes: readonly Change[]) => [...recordsById(withChanges(emptyDocument, changes)).values()]

async function filled(changes: readonly Change[]) {
  const store = makeMemoryStore()
  const archive = makeArchive(store, limits)
  await archive.load()
  for (const each of changes) {
    await archive.append([each])
    await archive.fold()
  }
  return { store, archive }
}
const keysUnder = (held: Map<string, string>, prefix: string) => [...held.keys()].filter((key) => key.startsWith(prefix)).sort()

const many = Array.from({ length: 23 }, (_, index) => (index % 3 === 2 ? edit(index, `s${index - 1}`, `s${index - 1}`, 'changed') : change(index, `s${index}`)))

describe('the archive', () => {
  it('gives back the same document, however much of it was folded and gathered', async () => {
    for (let count = 0; count <= many.length; count++) {
      const { store } = await filled(many.slice(0, count))
      const loaded = await makeArchive(store, limits).load()
      expect([...recordsById(loaded.document).values()]).toEqual(shown(many.slice(0, count)))
      expect(loaded.asides).toEqual([])
    }
  })
  it('keeps few keys: changes are folded, pieces are gathered into higher tiers', async () => {
    const { store } = await filled(many)
    expect(keysUnder(store.held, 'change/').length).toBeLessThan(limits.changes)
    const tiers = new Set(keysUnder(store.held, 'piece/').map((key) => key.split('/')[1]))
    expect(Math.max(...[...tiers].map(Number))).toBeGreaterThanOrEqual(1)
    for (const tier of tiers) {
      const pieces = new Set(keysUnder(store.held, `piece/${tier}/`).map((key) => key.split('/')[2]))
      expect(pieces.size).toBeLessThanOrEqual(limits.pieces)
    }
  })
  it('loses no change of the history by folding', async () => {
    const { archive } = await filled(many)
    const stamps = new Set((await archive.load()).recent.map(({ stamp }) => stamp))
    for await (const portion of archive.history()) portion.forEach(({ stamp }) => stamps.add(stamp))
    expect([...stamps].sort()).toEqual(many.map(({ stamp }) => stamp))
  })
  it('folds nothing twice into something else: a fold cut off after its first write is repeated harmlessly', async () => {
    const { store } = await filled(many.slice(0, 3))
    const stuck = makeArchive({ ...store, removeMany: async () => { throw new Error('killed') } }, limits)
    await stuck.append([many[3] as Change])
    await expect(stuck.fold()).rejects.toThrow('killed')
    const again = makeArchive(store, limits)
    await again.fold()
    expect([...recordsById((await again.load()).document).values()]).toEqual(shown(many.slice(0, 4)))
  })
  it('takes records and journal in whole, and never over what is there', async () => {
    const { store, archive } = await filled(many.slice(0, 5))
    const other = [change(100, 'other'), edit(101, 's0', 's0', 'from elsewhere')]
    const entries = [...withChanges(emptyDocument, other).slip.buckets].flatMap((bucket) => [...(bucket?.values() ?? [])])
    await archive.absorb(entries, other, makeStamp(200, 0, 'bbbb'))
    await archive.absorb([], [], makeStamp(201, 0, 'bbbb'))
    expect([...recordsById((await makeArchive(store, limits).load()).document).values()]).toEqual(shown([...many.slice(0, 5), ...other]))
  })
  it('tells what another tab has kept since', async () => {
    const { store, archive } = await filled(many.slice(0, 2))
    const known = new Set(many.slice(0, 2).map(({ stamp }) => stamp as string))
    await makeArchive(store, limits).append([many[3] as Change])
    expect(await archive.changesBeyond(known)).toEqual([many[3]])
  })
  it('sets a damaged piece aside and keeps the sound records in it', async () => {
    const { store } = await filled(many)
    const [key] = keysUnder(store.held, 'piece/')
    const text = store.held.get(key as string) as string
    store.held.set(key as string, text.replace('"takenOff":[]', '"takenOff":"?"'))
    const loaded = await makeArchive(store, limits).load()
    expect(loaded.asides.map((aside) => aside.key)).toEqual([key])
    expect(recordsById(loaded.document).size).toBe(shown(many).length - 1)
    expect((await makeArchive(store, limits).asides())[0]?.text).toContain('"takenOff":"?"')
  })
  it('is empty after a wipe', async () => {
    const { store, archive } = await filled(many)
    await archive.wipe()
    expect(store.held.size).toBe(0)
  })
})

describe('a sealed value', () => {
  it('is whole as written, damaged when one character differs, unreadable when it breaks off', () => {
    const sealed = toSealed({ title: 'Oda’s quote', minutes: 20 })
    expect(fromSealed(sealed)).toEqual({ kind: 'whole', value: { title: 'Oda’s quote', minutes: 20 } })
    expect(fromSealed(sealed.replace('20', '21'))).toMatchObject({ kind: 'damaged', value: { minutes: 21 } })
    expect(fromSealed(sealed.slice(0, -3))).toEqual({ kind: 'unreadable' })
    expect(fromSealed('{"no":"seal"}')).toMatchObject({ kind: 'damaged' })
  })
})

it.each([
  [new DOMException('x', 'QuotaExceededError'), 'storageFull'],
  [Object.assign(new Error('The current transaction exceeded its quota limitations.'), { type: 'WebStorageError' }), 'storageFull'],
  [new Error('outer', { cause: new DOMException('x', 'SecurityError') }), 'storageBlocked'],
  [new Error('something else'), 'storageFailed'],
  ['a text', 'storageFailed'],
])('storage trouble %#: %s', (cause, code) => expect(storageErrorOf(cause).code).toBe(code))
