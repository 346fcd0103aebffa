// What earlier versions saved, as this one reads it.
import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { parseRecord, parseStoreFile, toStoreFile } from '@/core/exchange'
import { emptyDocument, recordsById, withChanges, withMerged } from '@/core/journal'
import { makeMemoryStore } from '@/state/persistence'
import { makeTestStore } from '@/state/testing'

const saved = join(__dirname, '..', 'fixtures', 'saved')
/** The text of a saved file, such as `v10-template.json`. */
export const savedText = (name: string): string => readFileSync(join(saved, name), 'utf8')

/** A file of an earlier version, read as this one does. */
export function savedBy(version: string) {
  const file = parseStoreFile(savedText(`${version}.json`))
  if (!file.ok) throw new Error(JSON.stringify(file.error))
  const { entries, changes } = file.value
  return { changes, document: withMerged(emptyDocument, entries) }
}

/** Its records are sound, its journal tells the same, and it is the same once more when it was written and read. */
export function holdsTheSame({ document, changes }: ReturnType<typeof savedBy>): void {
  const held = recordsById(document)
  for (const record of held.values()) expect(parseRecord(record).ok).toBe(true)
  expect(recordsById(withChanges(emptyDocument, changes))).toEqual(held)
  const again = parseStoreFile(toStoreFile(document, changes, 0))
  expect(again.ok && recordsById(withMerged(emptyDocument, again.value.entries))).toEqual(held)
}

/** The store that an earlier version kept, opened as it lies, and opened again after what is done to it. */
export async function storeOf(version: string) {
  const text = savedText(`${version}-store.json`)
  const over = makeMemoryStore(new Map(Object.entries(JSON.parse(text))))
  const store = makeTestStore(over, { replica: 'later' })
  await store.load()
  const openedAgain = async () => {
    await store.settled()
    const again = makeTestStore(over, { replica: 'again' })
    await again.load()
    return again.api.getState().document
  }
  return { store, openedAgain }
}
