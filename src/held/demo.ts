// Loading the demo data: made in a worker from today's date, then merged in like a file.
import { useState } from 'react'
import { select } from '@/state'
import { askWorker } from './askWorker'
import { desk } from './desk'
import { useHeld, useZen, type ZenParts } from './zen'

interface Made {
  readonly text: string
  readonly files: readonly Uint8Array<ArrayBuffer>[]
}

const madeInWorker = (input: { today: string; zone: string; nowEpochMs: number }): Promise<Made> =>
  askWorker(new Worker(new URL('../workers/demo.worker', window.location.href)), input)

/** Lays the demo data beside whatever is held. */
export async function loadDemo({ store, clock, blobs }: ZenParts): Promise<void> {
  const nowEpochMs = clock.nowEpochMs()
  const { parseStoreFile } = await import('@/state/store/onDemand')
  const { text, files } = await madeInWorker({
    today: store.api.getState().today,
    zone: clock.zone(),
    nowEpochMs,
  })
  // Without room for its files the demo is still worth looking at.
  const port = await blobs().catch(() => null)
  for (const bytes of files) await port?.put(new Blob([bytes])).catch(() => {})
  const file = parseStoreFile(text)
  if (file.ok) await store.importEntries(file.value.entries, file.value.changes, 'loadDemo')
}

export function useDemo(): { load: () => Promise<void>; busy: boolean; held: boolean } {
  const parts = useZen()
  const [busy, setBusy] = useState(false)
  const held = useHeld((state) => select.hasDemo(state.document))
  const load = async () => {
    setBusy(true)
    try {
      await loadDemo(parts)
      desk.getState().tell('The demo data is here. You can remove it in Settings.')
    } catch {
      desk.getState().tell('The demo data could not be loaded. Nothing was changed.', { problem: true })
    } finally {
      setBusy(false)
    }
  }
  return { load, busy, held }
}
