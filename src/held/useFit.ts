// Whether it all fits, for whoever asks: what works it out loads with the first who does.
import { useCallback, useEffect, useMemo, useState } from 'react'
import type { Fit, MendingWay } from '@/core/fit'
import type { CalendarDate } from '@/core/time'
import type { Asked } from '@/state/read/dayLoad'
import type { Asking } from '@/state/read/fit'
import type { Document } from '@/core/journal'
import type { FitSentence } from '@/words/fit'
import { useAskedWithEvents } from './useLoads'
import { useHeldDocument } from './zen'

export type FitReading = typeof import('./fitOnDemand')
type Reading = FitReading
let reading: Reading | null = null
const load = async (): Promise<Reading> => (reading ??= await import('./fitOnDemand'))

function useReading(): Reading | null {
  const [read, setRead] = useState(reading)
  useEffect(() => {
    let isGone = false
    void load().then(
      (loaded) => {
        if (!isGone) setRead(loaded)
      },
      // Offline before it was ever loaded: the page says the rest.
      () => {},
    )
    return () => {
      isGone = true
    }
  }, [])
  return read
}

function useRead<T>(ask: (read: Reading, document: Document, asked: Asked) => T): T | null {
  const read = useReading()
  const document = useHeldDocument()
  const asked = useAskedWithEvents()
  return useMemo(() => (read ? ask(read, document, asked) : null), [ask, read, document, asked])
}

const sentenceOf = (read: Reading, document: Document, asked: Asked) => {
  const fit = read.fitIn(document, asked)
  return fit.points.length === 0 ? null : read.fitSentence(fit, document, asked.now.date)
}
/** In one sentence; null where nothing is due, and until it has been worked out. */
export const useFitSentence = (): FitSentence | null => useRead(sentenceOf)

export interface FitWithWays {
  readonly fit: Fit
  readonly ways: readonly MendingWay[]
  /** How long an action is taken to be that says no minutes. */
  readonly usualMinutes: number
  /** How it is said. */
  readonly words: Reading
}
const withWays = (read: Reading, document: Document, asked: Asked): FitWithWays => ({
  fit: read.fitIn(document, asked),
  ways: read.fitWaysIn(document, asked),
  usualMinutes: read.usualMinutes(document, asked.now.date, asked.zone),
  words: read,
})
export const useFitWithWays = (): FitWithWays | null => useRead(withWays)

const nothingAsked = null
function useAsking<T>(
  asking: Asking | null,
  ask: (read: Reading, document: Document, asked: Asked, asking: Asking) => T,
): T | null {
  const { id, minutes, date, minute } = asking ?? {}
  const about = useMemo(
    () =>
      id && date && minute !== undefined ? { id, minutes: minutes ?? null, date, minute } : nothingAsked,
    [id, minutes, date, minute],
  )
  const of = useCallback(
    (read: Reading, document: Document, asked: Asked) => (about ? ask(read, document, asked, about) : null),
    [about, ask],
  )
  return useRead(of)
}

const breaksOf = (read: Reading, document: Document, asked: Asked, asking: Asking): string | null => {
  const broken = read.brokenBy(document, asked, asking)
  return broken.length === 0 ? null : read.breaksWords(broken, asking.id, document)
}
/** What does not fit where this is promised; null where all does, and until it is known. */
export const useBreaksWords = (asking: Asking | null): string | null => useAsking(asking, breaksOf)

const firstOf = (read: Reading, ...given: Parameters<Reading['fitsFrom']>) => read.fitsFrom(...given)
/** The first day for which this can be promised; null where there is none within a year, and until it is known. */
export const useFitsFrom = (asking: Asking | null): CalendarDate | null => useAsking(asking, firstOf)
