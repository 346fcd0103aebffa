// What the attacks start from. A short run stands in the test command; ATTACKS=long runs each of them many times over
// (`npm run attacks`).
import { toStoreFile } from '@/core/exchange'
import { recordsById, recordsIn } from '@/core/journal'
import { makeRandom, type Random } from '@/core/random'
import { makeArchive, makeMemoryStore, type KeyValueStore } from '@/state/persistence'
import { makeTestStore, type TestStore } from '@/state/testing'

export const rounds = (short: number): number => (process.env['ATTACKS'] === 'long' ? short * 40 : short)
export const small = { changes: 5, segments: 2, chunkSize: 4 }
export const held = (store: TestStore) => [...recordsById(store.api.getState().document).values()]
export const textsIn = (store: TestStore): string[] =>
  recordsIn(store.api.getState().document, 'slip')
    .map(({ text }) => text)
    .sort()
export const pick = <T>(random: Random, items: readonly T[]): T =>
  items[Math.floor(random() * items.length)] as T
export { makeRandom, type Random }

/** A store in which this many slips were set down, some of them sorted and ticked, and folded on the way. */
export async function livedIn(
  slips: number,
  kept: KeyValueStore & { held: Map<string, string> } = makeMemoryStore(),
) {
  const store = makeTestStore(kept, { limits: small })
  const archive = makeArchive(kept, small, 'folder')
  await store.load()
  for (let index = 0; index < slips; index++) {
    store.clock.epochMs += 60_000
    store.run('setDown', { text: `slip ${index}` })
    const [slip] = recordsIn(store.api.getState().document, 'slip')
    if (index % 4 === 3 && slip) store.run('sortAsAction', { slipId: slip.id, fields: { title: slip.text } })
    await store.settled()
    await archive.compact()
  }
  return { store, kept, archive }
}

/** The whole store as the text of a file. */
export async function fileOf(store: TestStore): Promise<string> {
  const { changes } = await store.journal()
  return toStoreFile(store.api.getState().document, changes, store.clock.epochMs)
}
