import { makeTimestamp, recordsById, recordsIn, type Change, type Document } from '@/core/journal'
import { parseStoreFile, toStoreFile } from '@/core/exchange'
import { makeArchive, makeMemoryStore, type KeyValueStore } from '../persistence'
import { makeKeeper } from './keeper'
import { toChecksummed } from '../persistence/checksummed'
import { makeTestStore, testStartEpochMs, type TestStore, until } from '../testing'

const shown = (document: Document) => [...recordsById(document).values()]
const held = (store: TestStore) => shown(store.api.getState().document)
function first<T>(items: readonly T[]): T {
  if (items.length === 0) throw new Error('nothing there')
  return items[0] as T
}
const small = { changes: 4, segments: 2, chunkSize: 3 }

/** A sitting with every kind of act, compacting as it goes. Returns what was held after each kept change. */
async function sitting(store: TestStore, compact: () => Promise<void>): Promise<string[]> {
  const states = ['[]']
  const after = async () => {
    await store.settled()
    states.push(JSON.stringify(held(store)))
    await compact()
  }
  for (let i = 0; i < 5; i++) {
    store.clock.epochMs += 60_000
    store.run('setDown', { text: `slip ${i}` })
    await after()
  }
  for (const slip of recordsIn(store.api.getState().document, 'slip').slice(0, 3)) {
    store.run('sortAsAction', { slipId: slip.id, fields: { title: slip.text, minutes: 20 } })
    await after()
  }
  for (const action of recordsIn(store.api.getState().document, 'action')) {
    store.run('tick', { id: action.id })
    await after()
  }
  store.undo()
  await after()
  store.redo()
  await after()
  store.run('removeSlip', { id: first(recordsIn(store.api.getState().document, 'slip')).id })
  await after()
  return states
}

describe('keeping', () => {
  it('gives back on the next start what was held: the reloaded journal equals the live one', async () => {
    const kept = makeMemoryStore()
    const store = makeTestStore(kept, { limits: small })
    await store.load()
    const archive = makeArchive(kept, small)
    await sitting(store, () => archive.compact())
    const again = makeTestStore(kept, { limits: small })
    await again.load()
    expect(held(again)).toEqual(held(store))
    expect(await again.journal()).toEqual(await store.journal())
    expect(again.api.getState().undo.undo.at(-1)?.act).toBe('removeSlip')
  })

  it('writes one key for one act, whatever is held', async () => {
    const kept = makeMemoryStore()
    const writes: Record<string, string>[] = []
    const spied: KeyValueStore = { ...kept, setMany: (values) => (writes.push(values), kept.setMany(values)) }
    const store = makeTestStore(spied)
    await store.load()
    for (let i = 0; i < 50; i++) store.run('addAction', { title: `action ${i}` })
    await store.settled()
    writes.length = 0
    store.run('tick', { id: first(recordsIn(store.api.getState().document, 'action')).id })
    await store.settled()
    expect(writes.map((values) => Object.keys(values).length)).toEqual([1])
    expect(Object.values(writes[0] as Record<string, string>)[0]?.length).toBeLessThan(400)
  })

  it('killed before any write, holds every change that was said to be kept, and nothing half-done', async () => {
    const cutAt = async (index: number): Promise<boolean> => {
      const memory = makeMemoryStore()
      let writes = 0
      const dying =
        <A extends unknown[]>(write: (...args: A) => Promise<void>) =>
        async (...args: A) => {
          if (writes++ >= index) throw new Error('killed')
          return write(...args)
        }
      const kept: KeyValueStore = {
        ...memory,
        setMany: dying(memory.setMany),
        removeMany: dying(memory.removeMany),
      }
      const store = makeTestStore(kept, { limits: small })
      const archive = makeArchive(kept, small)
      await store.load()
      let acknowledged = '[]'
      const states = await sitting(store, async () => {
        if (store.api.getState().keeping.kind === 'kept') acknowledged = JSON.stringify(held(store))
        await archive.compact().catch(() => {})
      })
      const again = makeTestStore(makeMemoryStore(memory.held), { limits: small })
      await again.load()
      // Keeping stops at the first refused write, so what was said to be kept last is all that can be there.
      expect(JSON.stringify(held(again))).toBe(acknowledged)
      expect(states).toContain(acknowledged)
      return writes > index
    }
    let index = 0
    while (await cutAt(index)) index++
    expect(index).toBeGreaterThan(20)
  })

  it('says that a write was refused, loses nothing, and keeps it on the next try', async () => {
    const kept = makeMemoryStore()
    let full = true
    const store = makeTestStore({
      ...kept,
      setMany: async (values) => {
        if (full && !('meta' in values)) throw new DOMException('x', 'QuotaExceededError')
        return kept.setMany(values)
      },
    })
    await store.load()
    store.run('setDown', { text: 'one' })
    await store.settled()
    expect(store.api.getState().keeping).toEqual({ kind: 'failed', code: 'storageFull', waiting: 1 })
    store.run('setDown', { text: 'two' })
    await store.settled()
    expect(held(store)).toHaveLength(2)
    full = false
    await store.retry()
    expect(store.api.getState().keeping).toEqual({ kind: 'kept' })
    const again = makeTestStore(kept)
    await again.load()
    expect(held(again)).toEqual(held(store))
  })

  it('quarantines damaged data, loads the rest, and gives the damaged text out', async () => {
    const kept = makeMemoryStore()
    const store = makeTestStore(kept)
    await store.load()
    store.run('setDown', { text: 'one' })
    await store.settled()
    store.run('setDown', { text: 'two' })
    await store.settled()
    const [key] = [...kept.held.keys()].filter((candidate) => candidate.startsWith('change/'))
    kept.held.set(key as string, (kept.held.get(key as string) as string).slice(0, 40))
    const again = makeTestStore(kept)
    await again.load()
    expect(held(again)).toMatchObject([{ text: 'two' }])
    expect(again.api.getState().quarantined).toEqual([{ key, text: expect.stringContaining('"stamp"') }])
    await again.dropQuarantined()
    expect([...kept.held.keys()].filter((candidate) => candidate.startsWith('aside/'))).toEqual([])
    const after = makeTestStore(kept)
    await after.load()
    expect([after.api.getState().quarantined, held(after)]).toEqual([[], held(again)])
  })

  it('opens a newer format for reading only, shows what it knows, and writes nothing whatever is asked', async () => {
    const kept = makeMemoryStore()
    const store = makeTestStore(kept)
    await store.load()
    store.run('setDown', { text: 'one' })
    await store.settled()
    const stamp = makeTimestamp(testStartEpochMs, 0, 'newer')
    kept.held.set('meta', toChecksummed({ format: 99 }))
    kept.held.set(
      `piece/0/${stamp}~x/00000`,
      toChecksummed([{ record: { id: 'dream:1', colour: 'blue' }, all: stamp }]),
    )
    kept.held.set(`change/${stamp}`, 'damaged')
    const before = new Map(kept.held)
    const again = makeTestStore(kept)
    await again.load()
    expect(held(again)).toMatchObject([{ id: 'dream:1' }, { text: 'one' }])
    const refused = { ok: false, error: { kind: 'readOnly' } }
    expect(again.run('setDown', { text: 'two' })).toEqual(refused)
    expect(await again.wipe()).toEqual(refused)
    expect(await again.importEntries([], [])).toEqual(refused)
    expect([again.undo(), again.redo()]).toEqual([null, null])
    await again.dropQuarantined()
    await makeArchive(kept, small).load()
    expect(kept.held).toEqual(before)
  })

  it('does not take one damaged bit in the number of the format for a newer version', async () => {
    const kept = makeMemoryStore()
    const store = makeTestStore(kept)
    await store.load()
    kept.held.set('meta', (kept.held.get('meta') as string).replace(/(\d)\}$/, '9}'))
    const again = makeTestStore(kept)
    await again.load()
    expect(again.run('setDown', { text: 'one' }).ok).toBe(true)
  })

  it('says so for as long as what was kept is not read, lays what is done beside it, and reads it on the next try', async () => {
    const kept = makeMemoryStore()
    const first = makeTestStore(kept)
    await first.load()
    first.run('setDown', { text: 'before' })
    await first.settled()
    let dead = true
    const store = makeTestStore(
      {
        ...kept,
        getAllKeys: async () => (dead ? Promise.reject(new Error('dead handle')) : kept.getAllKeys()),
        reopen: () => {
          dead = false
        },
      },
      { replica: 'bbbb' },
    )
    await store.load()
    store.run('setDown', { text: 'meanwhile' })
    await store.settled()
    expect([store.api.getState().keeping.kind, store.api.getState().unread]).toEqual([
      'kept',
      'storageFailed',
    ])
    expect(await store.journal()).toMatchObject({ changes: [{ act: 'setDown' }], unreached: 'storageFailed' })
    await store.retry()
    expect(store.api.getState().unread).toBeNull()
    expect(
      held(store)
        .map((record) => (record as { text?: string }).text)
        .sort(),
    ).toEqual(['before', 'meanwhile'])
  })

  it('refuses a bad record from the first commit on, before the schemas are there', async () => {
    const store = makeTestStore(makeMemoryStore(), { parser: () => null })
    await store.load()
    store.run('addAction', { title: 'one' })
    const { id } = first(recordsIn(store.api.getState().document, 'action'))
    expect(store.run('editAction', { id, patch: { link: 'x'.repeat(3000) } })).toEqual({
      ok: false,
      error: { kind: 'tooLong', field: 'link', limit: 2000 },
    })
    expect(first(recordsIn(store.api.getState().document, 'action')).link).toBeNull()
  })

  it('lets a change go from the queue only once it is kept', async () => {
    let release = () => {}
    const waitingAt: number[] = []
    const keeper = makeKeeper(
      {
        append: () =>
          new Promise<void>((resolve) => {
            release = resolve
          }),
      },
      () => {},
      () => waitingAt.push(keeper.waiting().length),
    )
    const change = (ms: number): Change => ({ stamp: makeTimestamp(ms, 0, 'aaaa'), act: 'setDown', diff: [] })
    keeper.keep(change(1))
    keeper.keep(change(2))
    expect(keeper.waiting()).toHaveLength(2)
    await Promise.resolve()
    release()
    await until(() => keeper.waiting().length === 1)
    release()
    await keeper.settled()
    expect(waitingAt).toEqual([1, 0])
  })
})

describe('the whole store in one file', () => {
  it('comes back equal after a wipe', async () => {
    const kept = makeMemoryStore()
    const store = makeTestStore(kept, { limits: small })
    await store.load()
    await sitting(store, async () => {})
    const before = held(store)
    const file = parseStoreFile(
      toStoreFile(store.api.getState().document, (await store.journal()).changes, testStartEpochMs),
    )
    if (!file.ok) throw new Error(JSON.stringify(file.error))
    const { changes: journal } = await store.journal()
    await store.wipe()
    expect(held(store)).toEqual([])
    await store.importEntries(file.value.entries, file.value.changes)
    const again = makeTestStore(kept, { limits: small })
    await again.load()
    expect(held(again)).toEqual(before)
    const { changes } = await again.journal()
    expect(changes.slice(0, -1)).toEqual(journal)
    // One act that undo takes back; what the file brought is nobody's act here.
    expect(again.api.getState().undo.undo.map(({ act }) => act)).toEqual(['bringIn'])
    again.undo()
    expect(held(again)).toEqual([])
    again.redo()
    expect(held(again)).toEqual(before)
    expect(again.redo()).toBeNull()
  })
})
