import { entriesIn, makeTimestamp, recordsById, type Entry } from '@/core/journal'
import { makeMemoryStore } from '../persistence'
import { makeTestStore, type TestStore } from '../testing'

const slips = (count: number): Entry[] =>
  Array.from({ length: count }, (_, index) => ({
    record: {
      id: `slip:file${index}`,
      text: `from a file ${index}`,
      takenOff: [],
      note: '',
      personIds: [],
      setDownAtEpochMs: 1,
      lineOf: null,
      letGoAtEpochMs: null,
    },
    all: makeTimestamp(5000 + index, 0, 'file'),
  }))
const ids = (store: TestStore) => [...recordsById(store.api.getState().document).keys()]

it('what is done while a file is brought in stays, whenever it is done, and undo takes the file back whole', async () => {
  for (let moment = 0; moment < 6; moment++) {
    let rests = 0
    const kept = makeMemoryStore()
    const store: TestStore = makeTestStore(kept, {
      rest: async () => {
        if (rests++ === moment) store.run('setDown', { text: 'thought meanwhile' })
      },
    })
    await store.load()
    const brought = await store.importEntries(slips(600), [])
    expect(brought.ok && brought.value.length).toBe(600)
    await store.settled()
    expect(ids(store)).toHaveLength(601)
    const again = makeTestStore(kept)
    await again.load()
    expect(ids(again)).toEqual(ids(store))
    expect(store.undo()?.act).toBe('bringIn')
    expect(ids(store)).toHaveLength(1)
  }
})

it('nothing of a file is shown, and nothing is kept, where keeping it fails', async () => {
  const kept = makeMemoryStore()
  const store = makeTestStore(kept)
  await store.load()
  const before = new Map(kept.held)
  const keep = () => Promise.reject(new Error('stopped'))
  await expect(
    store.importEntries(slips(3), { latest: makeTimestamp(9000, 0, 'file'), keep }),
  ).rejects.toThrow('stopped')
  expect([...entriesIn(store.api.getState().document)]).toEqual([])
  expect(kept.held).toEqual(before)
})

it('acts order after everything in a file that was kept elsewhere', async () => {
  const store = makeTestStore()
  await store.load()
  const latest = makeTimestamp(store.clock.epochMs + 1e9, 0, 'file')
  await store.importEntries(slips(1), { latest, keep: async () => [] })
  store.run('setDown', { text: 'after it' })
  expect((store.api.getState().recent.at(-1)?.stamp ?? '') > latest).toBe(true)
})
