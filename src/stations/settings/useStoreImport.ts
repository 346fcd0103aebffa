// Reading a store file off the screen's thread, telling what it would bring, and merging it in. It can be stopped at
// any moment: what the worker has not kept whole is not kept at all.
import { useRef, useState } from 'react'
import type { Change, Entry, Timestamp } from '@/core/journal'
import type { FromFileWorker, ToFileWorker } from '@/state'
import { desk } from '@/held/desk'
import { loadedReader } from '@/held/reader'
import { rest } from '@/held/rest'
import { refusalWords } from '@/words'
import { broughtWords, fileFaultWords } from '@/words/files'
import { useZen } from '@/held/zen'

export type StoreImport =
  | { readonly kind: 'none' }
  /** `share` from 0 to 1 of what is being read; null where nobody can say. */
  | { readonly kind: 'reading' | 'keeping'; readonly share: number | null }
  | { readonly kind: 'refused'; readonly why: string }
  | { readonly kind: 'read'; readonly says: string; readonly found: Found }

interface Found {
  readonly entries: readonly Entry[]
  readonly latest: Timestamp
  readonly blobs: readonly Blob[]
}

/** Parts of an act told in one message. */
const partsAtOnce = 2000
const unread = 'The file could not be read. Try another one.'
const unkept = 'The browser could not keep it, perhaps for want of room. Nothing was changed.'

/**
 * Hands the act over and waits until all of it is kept; rejects where it could not be, or where the worker was
 * stopped.
 */
async function keepIn(
  worker: Worker,
  { diff, ...act }: Change,
  kept: { readonly database: string; readonly by: string },
): Promise<readonly string[]> {
  const say = (message: ToFileWorker) => worker.postMessage(message)
  for (let at = 0; at < diff.length; at += partsAtOnce) {
    say({ kind: 'parts', parts: diff.slice(at, at + partsAtOnce) })
    await rest()
  }
  return new Promise((resolve, reject) => {
    worker.onmessage = ({ data }: MessageEvent<FromFileWorker>) => {
      if (data.kind === 'kept') resolve(data.keys)
      if (data.kind === 'failed') reject(new Error(data.code))
    }
    worker.onerror = () => reject(new Error('failed'))
    say({ kind: 'keep', act, ...kept })
  })
}

export function useStoreImport(): {
  state: StoreImport
  read: (file: File) => void
  take: () => Promise<void>
  stop: () => void
} {
  const { store, blobs, kept } = useZen()
  const [state, setState] = useState<StoreImport>({ kind: 'none' })
  const worker = useRef<Worker | null>(null)
  const end = (next: StoreImport) => {
    worker.current?.terminate()
    worker.current = null
    setState(next)
  }
  const stop = () => {
    const wasKeeping = state.kind === 'keeping'
    end({ kind: 'none' })
    // The very last moment may have been too late to stop it: what is kept is shown.
    if (wasKeeping) void store.catchUp().catch(() => {})
  }
  const read = (file: File) => {
    if (store.api.getState().readOnly)
      return end({ kind: 'refused', why: refusalWords({ kind: 'readOnly' }) })
    setState({ kind: 'reading', share: null })
    const reader = new Worker(new URL('../../workers/storeFile.worker', window.location.href))
    worker.current = reader
    const entries: Entry[] = []
    reader.onerror = () => end({ kind: 'refused', why: unread })
    reader.onmessage = async ({ data }: MessageEvent<FromFileWorker>) => {
      if (data.kind === 'progress') setState({ kind: 'reading', share: data.share })
      if (data.kind === 'entries') for (const entry of data.entries) entries.push(entry)
      if (data.kind === 'refused') end({ kind: 'refused', why: fileFaultWords(data.fault) })
      if (data.kind !== 'read') return
      const would = await store.wouldImport(entries).catch(() => null)
      if (worker.current !== reader) return
      if (!would) return end({ kind: 'refused', why: unread })
      const says = broughtWords(would, (await loadedReader()).kinds)
      if (worker.current === reader)
        setState({ kind: 'read', says, found: { entries, latest: data.latest, blobs: data.blobs } })
    }
    reader.postMessage({ kind: 'read', file } satisfies ToFileWorker)
  }
  const take = async () => {
    const keeper = worker.current
    if (state.kind !== 'read' || !keeper) return
    const { entries, latest, blobs: files } = state.found
    setState({ kind: 'keeping', share: null })
    try {
      // The files first: records that name them never stand without them.
      if (files.length > 0) {
        const bytes = await blobs()
        for (const file of files) await bytes.put(file)
      }
      const brought = await store.importEntries(entries, { latest, keep: (act) => keepIn(keeper, act, kept) })
      if (worker.current !== keeper) return
      end(brought.ok ? { kind: 'none' } : { kind: 'refused', why: refusalWords(brought.error) })
      if (brought.ok) desk.getState().tell('Imported.', { undoable: brought.value.length > 0 })
    } catch {
      if (worker.current === keeper) end({ kind: 'refused', why: unkept })
    }
  }
  return { state, read, take, stop }
}
