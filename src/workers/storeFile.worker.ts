// Reads and checks a store file off the screen's thread, alone or with the files it names, and keeps what it brings.
import { answering } from '../state/store/answering'
import {
  bundleLimitBytes,
  isBundle,
  parseBundle,
  parseStoreFile,
  storeFileLimitBytes,
  type Bundle,
  type StoreFile,
  type StoreFileFault,
} from '../core/exchange'
import { latestIn, laterTimestamp, never, type Diff } from '../core/journal'
import { ok, refuse, type Result } from '../core/result'
import type { FromFileWorker, ToFileWorker } from '../state/store/fileWorker'
import { haveOnDemand, makeArchive, storageErrorOf } from '../state/persistence'
import { makeAsyncStorageStore } from '../state/persistence/asyncStorageStore'
import * as onDemand from '../state/store/onDemand'

haveOnDemand(onDemand)

const portionSize = 500
const say = (message: FromFileWorker) => self.postMessage(message)
let file: StoreFile = { entries: [], changes: [] }
const parts: Diff[] = []

async function bundleOf(chosen: File): Promise<Result<Bundle, StoreFileFault>> {
  const isArchive = isBundle(new Uint8Array(await chosen.slice(0, 4).arrayBuffer()))
  const limitBytes = isArchive ? bundleLimitBytes : storeFileLimitBytes
  if (chosen.size > limitBytes) return refuse({ kind: 'tooLarge', bytes: chosen.size, limitBytes })
  return isArchive
    ? parseBundle(new Uint8Array(await chosen.arrayBuffer()))
    : ok({ text: await chosen.text(), blobs: new Map() })
}

async function read(chosen: File): Promise<void> {
  const bundle = await bundleOf(chosen)
  if (!bundle.ok) return say({ kind: 'refused', fault: bundle.error })
  const parsed = parseStoreFile(bundle.value.text, (share) => say({ kind: 'progress', share }))
  if (!parsed.ok) return say({ kind: 'refused', fault: parsed.error })
  file = parsed.value
  for (let at = 0; at < file.entries.length; at += portionSize)
    say({ kind: 'entries', entries: file.entries.slice(at, at + portionSize) })
  const inRecords = file.entries.reduce((latest, entry) => laterTimestamp(latest, latestIn(entry)), never)
  const latest = file.changes.reduce((before, { stamp }) => laterTimestamp(before, stamp), inRecords)
  const blobs = [...bundle.value.blobs.values()].map((bytes) => new Blob([bytes as Uint8Array<ArrayBuffer>]))
  say({ kind: 'read', latest, blobs })
}

async function keep({ act, database, by }: Extract<ToFileWorker, { kind: 'keep' }>): Promise<void> {
  const archive = makeArchive(makeAsyncStorageStore(database), undefined, by)
  const keys = await archive.absorb(file.entries, file.changes, { ...act, diff: parts.flat() })
  say({ kind: 'kept', keys })
}

self.onmessage = answering(async (asked: ToFileWorker) => {
  if (asked.kind === 'read') return read(asked.file)
  if (asked.kind === 'parts') return void parts.push(asked.parts)
  await keep(asked).catch((error) => say({ kind: 'failed', code: storageErrorOf(error).code }))
})
