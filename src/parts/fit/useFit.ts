// Whether it all fits, at this minute, for the parts that say so.
import { useMemo } from 'react'
import type { Fit, MendingWay } from '@/core/fit'
import type { CalendarDate } from '@/core/time'
import { useAskedWithEvents } from '@/held/useLoads'
import { useHeldDocument } from '@/held/zen'
import { brokenBy, fitIn, fitsFrom, fitWaysIn, type Asking } from '@/state/read/fit'
import { usualMinutes } from '@/state/read/usualMinutes'
import { breaksWords } from '@/words/fit'

export function useFit(): Fit {
  const document = useHeldDocument()
  const asked = useAskedWithEvents()
  return useMemo(() => fitIn(document, asked), [document, asked])
}

export interface FitWithWays {
  readonly fit: Fit
  readonly ways: readonly MendingWay[]
  /** How long an action is taken to be that says no minutes. */
  readonly usualMinutes: number
}
export function useFitWithWays(): FitWithWays {
  const document = useHeldDocument()
  const asked = useAskedWithEvents()
  return useMemo(
    () => ({
      fit: fitIn(document, asked),
      ways: fitWaysIn(document, asked),
      usualMinutes: usualMinutes(document, asked.now.date, asked.zone),
    }),
    [document, asked],
  )
}

/** What does not fit where this is promised; null where all does. */
export function useBreaksWords({ id, minutes, date, minute }: Asking): string | null {
  const document = useHeldDocument()
  const asked = useAskedWithEvents()
  return useMemo(() => {
    const broken = brokenBy(document, asked, { id, minutes, date, minute })
    return broken.length === 0 ? null : breaksWords(broken, id, document)
  }, [document, asked, id, minutes, date, minute])
}

/** The first day for which this can be promised; null where there is none within a year. */
export function useFitsFrom({ id, minutes, date, minute }: Asking): CalendarDate | null {
  const document = useHeldDocument()
  const asked = useAskedWithEvents()
  return useMemo(
    () => fitsFrom(document, asked, { id, minutes, date, minute }),
    [document, asked, id, minutes, date, minute],
  )
}
