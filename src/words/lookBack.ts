// What a look back says.
import type { LookBack, SpanKind } from '@/core/lookBack'
import type { Grouping } from '@/state/read/lookBack'
import type { CalendarDate } from '@/core/time'
import { count } from './counts'
import { duration, monthWords, shortDate, spanWords } from './dates'
import { quarterWords } from './reviews'

export const spanKindWords: Readonly<Record<SpanKind | 'between', string>> = {
  week: 'Week',
  month: 'Month',
  quarter: 'Quarter',
  year: 'Year',
  between: 'Between',
}

export const groupingWords: Readonly<Record<Grouping, { readonly name: string; readonly none: string }>> = {
  area: { name: 'Area', none: 'No area' },
  project: { name: 'Project', none: 'No project' },
  context: { name: 'Context', none: 'No context' },
  person: { name: 'Person', none: 'Nobody' },
  goal: { name: 'Goal', none: 'No goal' },
}

/** "March 2026", "Jan–Mar 2026", "9–15 March", "12 Mar 2025 – 11 Mar 2026" */
export function spanTitle(
  kind: SpanKind | 'between',
  { from, to }: { readonly from: CalendarDate; readonly to: CalendarDate },
  today: CalendarDate,
): string {
  if (kind === 'month') return monthWords(from)
  if (kind === 'quarter') return quarterWords(from)
  const isOneYear = from.slice(0, 4) === to.slice(0, 4) && to.slice(0, 4) === today.slice(0, 4)
  if (isOneYear) return spanWords(from, to)
  return [from, to].map((date) => shortDate(date, '0000-01-01' as CalendarDate)).join(' – ')
}

/** "712 h done in 1,604 actions." */
export function doneSaid({ doneMinutes, outcomes }: LookBack, isNow: boolean): string {
  if (outcomes === 0) return isNow ? 'Nothing is done yet.' : 'Nothing was done.'
  if (doneMinutes === 0) return `${count(outcomes, 'action')} done.`
  return `${duration(doneMinutes)} done in ${count(outcomes, 'action')}.`
}

/** "68 % of it was planned. 2 h 05 is estimated, not timed." */
export function sharesSaid({
  doneMinutes,
  plannedMinutes,
  asPlannedMinutes,
  estimatedMinutes,
}: LookBack): string {
  if (doneMinutes === 0) return ''
  const timed = estimatedMinutes > 0 ? `${duration(estimatedMinutes)} is estimated, not timed.` : ''
  const share = `${Math.round((asPlannedMinutes / doneMinutes) * 100)} %`
  return [
    plannedMinutes === null ? 'No day was planned beforehand.' : `${share} of it was planned for its day.`,
    estimatedMinutes === doneMinutes ? 'All minutes are estimates: nothing was timed.' : timed,
  ]
    .filter(Boolean)
    .join(' ')
}

/** "38 h, meant 30 h, 11 weeks" */
export function endedSaid(
  { doneMinutes, meantMinutes }: { readonly doneMinutes: number; readonly meantMinutes: number | null },
  days: number,
): string {
  const length = days < 14 ? count(Math.max(1, days), 'day') : count(Math.round(days / 7), 'week')
  return [
    doneMinutes > 0 ? duration(doneMinutes) : null,
    meantMinutes !== null && meantMinutes !== doneMinutes ? `estimated ${duration(meantMinutes)}` : null,
    length,
  ]
    .filter(Boolean)
    .join(' · ')
}
