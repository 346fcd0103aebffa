// Reads and checks the file of a template off the screen's thread, alone or with the files that lie beside it.
import { answering } from '../state/store/answering'
import {
  isBundle,
  parseBundle,
  parseTemplateFile,
  templateBundle,
  templateFileLimitBytes,
  type Bundle,
  type TemplateFileFault,
} from '../core/exchange'
import { ok, refuse, type Result } from '../core/result'
import type { TemplateAsked, TemplateRead } from '../state/store/fileWorker'

async function bundleOf(file: Blob): Promise<Result<Bundle, TemplateFileFault>> {
  const isArchive = isBundle(new Uint8Array(await file.slice(0, 4).arrayBuffer()))
  if (file.size > (isArchive ? templateBundle.limitBytes : templateFileLimitBytes))
    return refuse({ kind: 'tooLarge' })
  if (!isArchive) return ok({ text: await file.text(), blobs: new Map() })
  const bundle = parseBundle(new Uint8Array(await file.arrayBuffer()), templateBundle)
  if (bundle.ok) return bundle
  const { error } = bundle
  if (error.kind === 'shape') return refuse({ kind: 'unsound', where: error.where, why: error.why })
  return refuse({ kind: error.kind === 'tooLarge' ? 'tooLarge' : 'noTemplate' })
}

async function read({ file, contexts }: TemplateAsked): Promise<TemplateRead> {
  const bundle = await bundleOf(file)
  if (!bundle.ok) return bundle
  const { text, blobs } = bundle.value
  const called = new Map(contexts)
  const parsed = parseTemplateFile(text, (name) => called.get(name) ?? null, new Set(blobs.keys()))
  if (!parsed.ok) return parsed
  // What no record names stays out.
  const named = new Set(
    parsed.value.records.flatMap((record) => ('smallBlob' in record ? [record.blob, record.smallBlob] : [])),
  )
  const kept = [...blobs].flatMap(([hash, bytes]) => (named.has(hash) ? [new Blob([bytes.slice()])] : []))
  return ok({ ...parsed.value, blobs: kept })
}

self.onmessage = answering(async (asked: TemplateAsked) => self.postMessage(await read(asked)))
