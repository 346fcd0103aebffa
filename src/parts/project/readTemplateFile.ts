import type { TemplateAsked, TemplateRead } from '@/state'

/** Reads and checks the file of a template in a worker of its own; rejects where that cannot be done. */
export function readTemplateFile(asked: TemplateAsked): Promise<TemplateRead> {
  const worker = new Worker(new URL('../../workers/templateFile.worker', window.location.href))
  return new Promise<TemplateRead>((resolve, reject) => {
    worker.onmessage = ({ data }: MessageEvent<TemplateRead>) => resolve(data)
    worker.onerror = () => reject(new Error('The file could not be read.'))
    worker.postMessage(asked)
  }).finally(() => worker.terminate())
}
