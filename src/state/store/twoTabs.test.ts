// Two tabs of one browser over the same storage.
import { madeAtEpochMs, makeTimestamp, recordsById, recordsIn, type Change } from '@/core/journal'
import { makeArchive, makeMemoryStore } from '../persistence'
import { makeTestStore, type TestStore, until } from '../testing'
import type { TabChannel, TabMessage } from './clock'

const held = (store: TestStore) => [...recordsById(store.api.getState().document).values()]
function first<T>(items: readonly T[]): T {
  if (items.length === 0) throw new Error('nothing there')
  return items[0] as T
}
const small = { changes: 4, segments: 2, chunkSize: 3 }

const textsOf = (store: TestStore) =>
  recordsIn(store.api.getState().document, 'slip')
    .map(({ text }) => text)
    .sort()

/** Two tabs over one storage that hear each other until they are deafened. */
async function pair() {
  const kept = makeMemoryStore()
  const hearers = new Map<string, (message: TabMessage) => void>()
  const tab = (name: string): TabChannel => ({
    post: (message) => hearers.forEach((hear, other) => other !== name && hear(message)),
    listen: (hear) => (hearers.set(name, hear), () => hearers.delete(name)),
  })
  const left = makeTestStore(kept, { replica: 'left', tabs: tab('left') })
  const right = makeTestStore(kept, { replica: 'right', tabs: tab('right') })
  await left.load()
  await right.load()
  return { left, right, kept, deafen: () => hearers.clear() }
}

describe('two tabs', () => {
  it('stay in step and neither overwrites the other', async () => {
    const { left, right, deafen } = await pair()
    left.run('addAction', { title: 'from the left' })
    await left.settled()
    const { id } = first(recordsIn(right.api.getState().document, 'action'))
    left.run('editAction', { id, patch: { minutes: 20 } })
    right.run('editAction', { id, patch: { energy: 'deep' } })
    await Promise.all([left.settled(), right.settled()])
    expect(held(left)).toEqual(held(right))
    expect(held(left)).toMatchObject([{ minutes: 20, energy: 'deep' }])
    deafen()
    left.run('tick', { id })
    await left.settled()
    await right.catchUp()
    expect(held(right)).toEqual(held(left))
  })
  it('take back the same: a text that goes on being written is one act in both', async () => {
    const { left, right } = await pair()
    left.run('addAction', { title: 'from the left' })
    left.run('editAction', {
      id: first(recordsIn(left.api.getState().document, 'action')).id,
      patch: { minutes: 5 },
    })
    const { id } = first(recordsIn(left.api.getState().document, 'action'))
    for (const note of ['a', 'ab', 'abc']) {
      const recent = left.api.getState().recent
      const continuing = note === 'a' ? undefined : recent.at(-1)?.stamp
      left.run('editAction', { id, patch: { note } }, { continuing })
      await left.settled()
    }
    const undoOf = (store: TestStore) => store.api.getState().undo.undo.map(({ stamp }) => stamp)
    expect(undoOf(right)).toEqual(undoOf(left))
    right.undo()
    expect(first(recordsIn(right.api.getState().document, 'action'))).toMatchObject({ note: '', minutes: 5 })
    right.undo()
    expect(first(recordsIn(right.api.getState().document, 'action'))).toMatchObject({ minutes: null })
    await right.settled()
    expect(held(left)).toEqual(held(right))
    expect(undoOf(right)).toEqual(undoOf(left))
  })
  it('order what is done later after what was taken up, whatever their clocks say', async () => {
    const { left, right } = await pair()
    left.clock.epochMs += 86_400_000
    left.run('addAction', { title: 'from a day ahead' })
    await left.settled()
    right.run('tick', { id: first(recordsIn(right.api.getState().document, 'action')).id })
    const [ahead, later] = right.api.getState().recent.slice(-2) as [Change, Change]
    expect(later.stamp > ahead.stamp).toBe(true)
    expect(madeAtEpochMs(later)).toBe(right.clock.epochMs)
  })
  it('keep on the screen what is done here while another brings a file in or removes everything', async () => {
    const { left, right, kept } = await pair()
    left.run('setDown', { text: 'before' })
    await left.settled()
    const brought = left.importEntries(
      [
        {
          record: {
            id: 'slip:file',
            text: 'from a file',
            takenOff: [],
            note: '',
            personIds: [],
            setDownAtEpochMs: 1,
            lineOf: null,
            letGoAtEpochMs: null,
          },
          all: makeTimestamp(5, 0, 'file'),
        },
      ],
      [],
    )
    right.run('setDown', { text: 'while it is brought in' })
    await brought
    await Promise.all([left.settled(), right.settled()])
    await right.catchUp()
    expect(textsOf(right)).toEqual(['before', 'from a file', 'while it is brought in'])
    const wiping = left.wipe()
    await wiping
    right.run('setDown', { text: 'after all is gone' })
    await right.settled()
    await until(() => textsOf(left).length === 1)
    expect([textsOf(left), textsOf(right)]).toEqual([['after all is gone'], ['after all is gone']])
    const again = makeTestStore(kept)
    await again.load()
    expect(textsOf(again)).toEqual(['after all is gone'])
  })
  it('that slept through a compaction catch up', async () => {
    const { left, right, kept, deafen } = await pair()
    deafen()
    for (let index = 0; index < 9; index++) left.run('setDown', { text: `slip ${index}` })
    await left.settled()
    await makeArchive(kept, small, 'folder').compact()
    await right.catchUp()
    expect(textsOf(right)).toEqual(textsOf(left))
    expect(right.api.getState().undo.undo).toHaveLength(9)
  })
})
