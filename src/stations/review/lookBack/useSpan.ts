// The span that is looked back on: remembered on this device, and turned from here.
import { useState } from 'react'
import { spanAround, spanKinds, turnedBy, type DaySpan, type SpanKind } from '@/core/lookBack'
import { isCalendarDate, type CalendarDate } from '@/core/time'
import { useKept } from '@/held/useKept'
import { useHeld, useToday } from '@/held/zen'
import { select } from '@/state'

export const spanChoices = [...spanKinds, 'between'] as const
export type SpanChoice = (typeof spanChoices)[number]

export interface Span extends DaySpan {
  readonly kind: SpanChoice
  readonly choose: (kind: SpanChoice) => void
  readonly setBetween: (span: DaySpan) => void
  /** Null between two days, which are chosen by hand. */
  readonly turn: ((by: 1 | -1) => void) | null
  /** Whether it is the one that holds today. */
  readonly isNow: boolean
  readonly toNow: () => void
}

/** "2026-03-01 2026-03-11" */
function betweenIn(kept: string | null): DaySpan | null {
  const [from, to] = (kept ?? '').split(' ')
  return isCalendarDate(from) && isCalendarDate(to) && from <= to ? { from, to } : null
}

export function useSpan(): Span {
  const today = useToday()
  const { weekStartsOn } = useHeld((state) => select.settingsOf(state.document))
  const [keptKind, keepKind] = useKept('look-back-span')
  const [keptBetween, keepBetween] = useKept('look-back-between')
  const [around, setAround] = useState<CalendarDate | null>(null)
  const kind = spanChoices.find((each) => each === keptKind) ?? 'week'
  const timed: SpanKind = kind === 'between' ? 'month' : kind
  const span =
    kind === 'between'
      ? (betweenIn(keptBetween) ?? spanAround('month', today, weekStartsOn))
      : spanAround(timed, around ?? today, weekStartsOn)
  const to = kind === 'between' && span.to > today ? today : span.to
  return {
    kind,
    from: span.from,
    to,
    isNow: span.to >= today,
    toNow: () => setAround(null),
    choose: (chosen) => {
      setAround(null)
      keepKind(chosen === 'week' ? null : chosen)
    },
    setBetween: ({ from, to: until }) => keepBetween(`${from} ${until}`),
    turn:
      kind === 'between'
        ? null
        : (by) => {
            const next = turnedBy(timed, around ?? today, by)
            setAround(next >= today ? null : next)
          },
  }
}
