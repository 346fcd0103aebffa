// When projects will be over at the pace they have had: drawn in a worker that stays for the next question.
import { useEffect, useMemo, useState } from 'react'
import type { FinishAsked, FinishRange } from '@/core/pace'
import type { CalendarDate } from '@/core/time'
import { useToday } from './zen'

type Ranges = ReadonlyMap<string, FinishRange | null>
interface Answer {
  readonly turn: number
  readonly ranges: readonly (readonly [string, FinishRange | null])[]
}

let worker: Worker | null = null
let turn = 0
const waiting = new Map<number, (ranges: Ranges) => void>()

function open(): Worker {
  const made = new Worker(new URL('../workers/finish.worker', window.location.href))
  made.onmessage = ({ data }: MessageEvent<Answer>) => {
    waiting.get(data.turn)?.(new Map(data.ranges))
    waiting.delete(data.turn)
  }
  // Nothing is told then; the next question begins anew.
  made.onerror = () => {
    made.terminate()
    waiting.clear()
    worker = null
  }
  return made
}

function ask(asked: readonly FinishAsked[], today: CalendarDate, tell: (ranges: Ranges) => void): () => void {
  worker ??= open()
  const own = ++turn
  waiting.set(own, tell)
  worker.postMessage({ turn: own, today, asked })
  return () => void waiting.delete(own)
}

const none: Ranges = new Map()

/**
 * By the keys of what is asked; those from before stand until the new ones have come. Nothing where there are no
 * workers.
 */
export function useFinishRanges(asked: readonly FinishAsked[]): Ranges {
  const today = useToday()
  const [ranges, setRanges] = useState(none)
  const question = JSON.stringify(asked)
  const same = useMemo(() => JSON.parse(question) as FinishAsked[], [question])
  useEffect(
    () => (same.length === 0 || typeof Worker === 'undefined' ? undefined : ask(same, today, setRanges)),
    [same, today],
  )
  return same.length === 0 ? none : ranges
}
