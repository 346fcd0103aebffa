// Reading a store file off the screen's thread, showing what it would bring, and merging it in.
import { useRef, useState } from 'react'
import type { Change, Entry } from '@/core/journal'
import type { StoreFileFault } from '@/core/exchange'
import type { RecordKind } from '@/core/record'
import { desk } from '../shared/desk'
import { count, fileFaultWords } from '../shared/wording'
import { useZen } from '../shared/zen'

export type BringIn =
  | { readonly kind: 'none' }
  | { readonly kind: 'reading' }
  | { readonly kind: 'refused'; readonly why: string }
  | { readonly kind: 'read'; readonly says: string; readonly entries: readonly Entry[]; readonly changes: readonly Change[] }

type Answer = { readonly ok: true; readonly entries: readonly Entry[]; readonly changes: readonly Change[]; readonly counts: Record<RecordKind, number> } | { readonly ok: false; readonly fault: StoreFileFault }

const told: readonly [RecordKind, string][] = [['slip', 'slip'], ['action', 'action'], ['project', 'project'], ['area', 'area'], ['context', 'context'], ['person', 'person'], ['reference', 'reference'], ['review', 'review']]

function saysOf(counts: Record<RecordKind, number>, changes: number): string {
  const parts = told.filter(([kind]) => counts[kind] > 0).map(([kind, word]) => count(counts[kind], word, word === 'person' ? 'people' : undefined))
  return `The file holds ${parts.length > 0 ? parts.join(', ') : 'no records'}, and a history of ${count(changes, 'change')}.`
}

export function useBringIn(): { state: BringIn; read: (file: File) => Promise<void>; take: () => Promise<void>; stop: () => void } {
  const { store, clock } = useZen()
  const [state, setState] = useState<BringIn>({ kind: 'none' })
  const worker = useRef<Worker | null>(null)
  const stop = () => {
    worker.current?.terminate()
    worker.current = null
    setState({ kind: 'none' })
  }
  const read = async (file: File) => {
    setState({ kind: 'reading' })
    const reader = new Worker(new URL('../../workers/storeFile.worker', window.location.href))
    worker.current = reader
    reader.onerror = () => setState({ kind: 'refused', why: 'The file could not be read. Nothing was changed.' })
    reader.onmessage = ({ data }: MessageEvent<Answer>) => {
      setState(data.ok ? { kind: 'read', says: saysOf(data.counts, data.changes.length), entries: data.entries, changes: data.changes } : { kind: 'refused', why: fileFaultWords(data.fault) })
      reader.terminate()
    }
    reader.postMessage({ file, nowEpochMs: clock.nowEpochMs() })
  }
  const take = async () => {
    if (state.kind !== 'read') return
    setState({ kind: 'none' })
    try {
      await store.absorb(state.entries, state.changes)
      desk.getState().tell('Brought in.')
    } catch {
      setState({ kind: 'refused', why: 'The browser could not keep it, perhaps for want of room. Nothing was changed.' })
    }
  }
  return { state, read, take, stop }
}
