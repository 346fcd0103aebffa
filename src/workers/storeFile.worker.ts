// Reads and checks a store file, alone or with the files it names, off the screen's thread.
import {
  bundleLimitBytes,
  isBundle,
  parseBundle,
  parseStoreFile,
  storeFileLimitBytes,
  type Bundle,
  type StoreFileFault,
} from '../core/exchange'
import { ok, refuse, type Result } from '../core/result'

async function bundleOf(file: File): Promise<Result<Bundle, StoreFileFault>> {
  const isArchive = isBundle(new Uint8Array(await file.slice(0, 4).arrayBuffer()))
  const limitBytes = isArchive ? bundleLimitBytes : storeFileLimitBytes
  if (file.size > limitBytes) return refuse({ kind: 'tooLarge', bytes: file.size, limitBytes })
  return isArchive
    ? parseBundle(new Uint8Array(await file.arrayBuffer()))
    : ok({ text: await file.text(), blobs: new Map() })
}

self.onmessage = async ({ data: { file } }: MessageEvent<{ file: File }>) => {
  const bundle = await bundleOf(file)
  if (!bundle.ok) return self.postMessage({ ok: false, fault: bundle.error })
  const parsed = parseStoreFile(bundle.value.text)
  if (!parsed.ok) return self.postMessage({ ok: false, fault: parsed.error })
  const blobs = [...bundle.value.blobs.values()].map((bytes) => new Blob([bytes as Uint8Array<ArrayBuffer>]))
  self.postMessage({ ok: true, ...parsed.value, blobs })
}
