// Reads and checks a store file off the screen's thread.
import { parseStoreFile, storeFileLimitBytes } from '../core/exchange'

self.onmessage = async ({ data: { file } }: MessageEvent<{ file: File }>) => {
  if (file.size > storeFileLimitBytes)
    return self.postMessage({
      ok: false,
      fault: { kind: 'tooLarge', bytes: file.size, limitBytes: storeFileLimitBytes },
    })
  const parsed = parseStoreFile(await file.text())
  self.postMessage(parsed.ok ? { ok: true, ...parsed.value } : { ok: false, fault: parsed.error })
}
