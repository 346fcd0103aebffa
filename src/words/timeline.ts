// What the time line says, row by row.
import type { FinishRange } from '@/core/pace'
import type { CalendarDate } from '@/core/time'
import { monthShort } from './dates'
import { inTimeWords } from './pace'

const short = (date: CalendarDate): string => `${Number(date.slice(8))} ${monthShort(date)}`

/** "11 Mar – 27 Mar", "12 Mar", "no date yet" */
export function spanWords({
  from,
  to,
}: {
  readonly from: CalendarDate | null
  readonly to: CalendarDate | null
}): string {
  if (!from || !to) return 'no date yet'
  return from === to ? short(from) : `${short(from)} – ${short(to)}`
}

/** "after The lease": what comes before it; "begins before The lease is over" where it is too early. */
export function afterWords(before: readonly string[], isEarly: boolean): string {
  if (before.length === 0) return ''
  const named = before.join(' and ')
  return isEarly ? `begins before ${named} is over` : `after ${named}`
}

/** "at your pace 7 Apr – 2 May: too late" */
export function paceRangeWords({ from, to }: FinishRange, due: CalendarDate | null): string {
  const when = to === null ? `from ${short(from)} on` : spanWords({ from, to })
  return `at your pace ${when}${due ? `: ${inTimeWords({ from, to }, due)}` : ''}`
}
