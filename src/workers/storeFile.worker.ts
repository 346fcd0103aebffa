// Reads and checks a store file off the screen's thread.
import { countsOf, parseStoreFile, storeFileLimitBytes } from '../core/exchange'

self.onmessage = async ({ data: { file, nowEpochMs } }: MessageEvent<{ file: File; nowEpochMs: number }>) => {
  if (file.size > storeFileLimitBytes) return self.postMessage({ ok: false, fault: { kind: 'tooLarge', bytes: file.size, limitBytes: storeFileLimitBytes } })
  const parsed = parseStoreFile(await file.text(), nowEpochMs)
  self.postMessage(parsed.ok ? { ok: true, ...parsed.value, counts: countsOf(parsed.value.entries) } : { ok: false, fault: parsed.error })
}
