// Reading a store file off the screen's thread, showing what it would bring, and merging it in.
import { useRef, useState } from 'react'
import type { Change, Entry } from '@/core/journal'
import type { StoreFileFault } from '@/core/exchange'
import { desk } from '@/held/desk'
import { broughtWords, fileFaultWords, refusalWords } from '@/words'
import { useZen } from '@/held/zen'

export type BringIn =
  | { readonly kind: 'none' }
  | { readonly kind: 'reading' }
  | { readonly kind: 'refused'; readonly why: string }
  | {
      readonly kind: 'read'
      readonly says: string
      readonly entries: readonly Entry[]
      readonly changes: readonly Change[]
      readonly blobs: readonly Blob[]
    }

type Answer =
  | {
      readonly ok: true
      readonly entries: readonly Entry[]
      readonly changes: readonly Change[]
      readonly blobs: readonly Blob[]
    }
  | { readonly ok: false; readonly fault: StoreFileFault }

export function useBringIn(): {
  state: BringIn
  read: (file: File) => Promise<void>
  take: () => Promise<void>
  stop: () => void
} {
  const { store, blobs } = useZen()
  const [state, setState] = useState<BringIn>({ kind: 'none' })
  const worker = useRef<Worker | null>(null)
  const stop = () => {
    worker.current?.terminate()
    worker.current = null
    setState({ kind: 'none' })
  }
  const read = async (file: File) => {
    if (store.api.getState().readOnly)
      return setState({ kind: 'refused', why: refusalWords({ kind: 'readOnly' }) })
    setState({ kind: 'reading' })
    const reader = new Worker(new URL('../../workers/storeFile.worker', window.location.href))
    worker.current = reader
    reader.onerror = () =>
      setState({ kind: 'refused', why: 'The file could not be read. Nothing was changed.' })
    reader.onmessage = ({ data }: MessageEvent<Answer>) => {
      setState(
        data.ok
          ? {
              kind: 'read',
              says: broughtWords(store.wouldBring(data.entries)),
              entries: data.entries,
              changes: data.changes,
              blobs: data.blobs,
            }
          : { kind: 'refused', why: fileFaultWords(data.fault) },
      )
      reader.terminate()
    }
    reader.postMessage({ file })
  }
  const take = async () => {
    if (state.kind !== 'read') return
    setState({ kind: 'none' })
    try {
      // The files first: records that name them never stand without them.
      if (state.blobs.length > 0) {
        const files = await blobs()
        for (const bytes of state.blobs) await files.put(bytes)
      }
      const brought = await store.bringIn(state.entries, state.changes)
      if (!brought.ok) return setState({ kind: 'refused', why: refusalWords(brought.error) })
      desk.getState().tell('Brought in.', { undoable: brought.value.length > 0 })
    } catch {
      setState({
        kind: 'refused',
        why: 'The browser could not keep it, perhaps for want of room. Nothing was changed.',
      })
    }
  }
  return { state, read, take, stop }
}
