import type { PatternAsked, PatternRead } from '@/state'

/** Reads and checks the file of a pattern in a worker of its own; rejects where that cannot be done. */
export function readPatternFile(asked: PatternAsked): Promise<PatternRead> {
  const worker = new Worker(new URL('../../workers/patternFile.worker', window.location.href))
  return new Promise<PatternRead>((resolve, reject) => {
    worker.onmessage = ({ data }: MessageEvent<PatternRead>) => resolve(data)
    worker.onerror = () => reject(new Error('The file could not be read.'))
    worker.postMessage(asked)
  }).finally(() => worker.terminate())
}
