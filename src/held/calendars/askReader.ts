// The reader of calendars as the page asks it: one worker that stays, and a number on each question.
import type { CalendarQuestion, CalendarReader } from '@/core/calendar/calendarReader'

/** The reader, answering later. */
export type AskReader = {
  readonly [Name in keyof CalendarReader]: (
    ...given: Parameters<CalendarReader[Name]>
  ) => Promise<ReturnType<CalendarReader[Name]>>
}

interface Waiting {
  readonly resolve: (answer: never) => void
  readonly reject: (error: Error) => void
}

/** A worker that fails takes its questions with it; the next one is asked of a new worker, which has read nothing. */
export function askReaderIn(makeWorker: () => Worker, onLost: () => void): AskReader {
  const waiting = new Map<number, Waiting>()
  let [worker, last]: [Worker | null, number] = [null, 0]

  function lost(error: Error): void {
    worker?.terminate()
    worker = null
    for (const { reject } of waiting.values()) reject(error)
    waiting.clear()
    onLost()
  }
  function current(): Worker {
    if (worker) return worker
    worker = makeWorker()
    worker.onerror = (event) => lost(new Error(event.message))
    worker.onmessage = ({ data }: MessageEvent<{ number: number; answer: never }>) => {
      waiting.get(data.number)?.resolve(data.answer)
      waiting.delete(data.number)
    }
    return worker
  }
  const ask =
    (name: keyof CalendarReader) =>
    (...given: readonly unknown[]): Promise<never> =>
      new Promise((resolve, reject) => {
        const number = ++last
        waiting.set(number, { resolve, reject })
        current().postMessage({ number, ask: name, given } satisfies CalendarQuestion)
      })
  return {
    read: ask('read'),
    forget: ask('forget'),
    eventsIn: ask('eventsIn'),
    busyIn: ask('busyIn'),
    search: ask('search'),
    whole: ask('whole'),
  }
}

export const makeReaderWorker = (): Worker =>
  new Worker(new URL('../../workers/calendar.worker', window.location.href))
