// One question to a worker that is made for it, and its one answer.

/**
 * Asks, and ends the worker once it has answered. Rejects where it cannot be loaded, or throws: a worker whose script
 * does not load says so by its error event alone.
 */
export function askWorker<Answer>(worker: Worker, question: unknown): Promise<Answer> {
  return new Promise<Answer>((resolve, reject) => {
    worker.onmessage = ({ data }: MessageEvent<Answer>) => resolve(data)
    worker.onerror = (event) => reject(new Error(event.message))
    worker.postMessage(question)
  }).finally(() => worker.terminate())
}
