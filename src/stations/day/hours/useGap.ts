// What fits into a gap of the day: In reach, asked for its minutes at its hour.
import { useMemo } from 'react'
import { isAtHand } from '@/core/context'
import type { Interval, Reach } from '@/core/day'
import {
  countInReach,
  justOutOfReach,
  rankedInReach,
  type InReachNow,
  type JustOut,
} from '@/core/day/reachOrder'
import { recordIn } from '@/core/journal'
import type { Action } from '@/core/record'
import { minuteAfterStart, type CalendarDate } from '@/core/time'
import { lists, select } from '@/state'
import { useHeldDocument, useToday, useZen } from '@/held/zen'
import { candidates } from '../candidates'
import { useSided } from '../useDayBands'
import { useReach } from '../useReach'

export interface InGap {
  readonly fitting: readonly InReachNow[]
  /** Too long for it, by so many minutes. */
  readonly tooLong: readonly (JustOut & { readonly by: number })[]
}

/** More than so many are not shown. */
export const mostFitting = 12
const mostTooLong = 4

/** The reach of a gap: what is at hand at its hour, and what was chosen where the gap is open now. */
function useReachOf(date: CalendarDate): (gap: Interval, isNow: boolean) => Reach {
  const { clock } = useZen()
  const { anyhow, reach } = useReach()
  const contexts = select.contextsOf(useHeldDocument())
  const zone = clock.zone()
  return useMemo(
    () => (gap, isNow) => {
      if (isNow) return { ...reach, minutes: gap.to - gap.from }
      const minute = minuteAfterStart(date, gap.from, zone)
      const away = contexts.filter((context) => !isAtHand(context, { date, minute }))
      return { ...anyhow, minutes: gap.to - gap.from, awayContextIds: new Set(away.map(({ id }) => id)) }
    },
    [anyhow, contexts, date, reach, zone],
  )
}

/** What may be laid into a gap: what has no hour of the day yet, and is with nobody else. */
function useOpenForGaps(date: CalendarDate): readonly Action[] {
  const document = useHeldDocument()
  const today = useToday()
  const { anyhow } = useReach()
  const bands = useSided(lists.dayBandsWith(today, anyhow))
  return useMemo(() => {
    const placed = select.placedOn(document, date)
    return candidates(bands, document).filter(
      ({ id, at }) => placed[id] === undefined && at?.date !== date && !recordIn(document, id)?.waiting,
    )
  }, [bands, date, document])
}

/** What fits into each of the gaps of a day is counted from one list. */
export const useFitting = (date: CalendarDate): ((gap: Interval, isNow: boolean) => number) => {
  const open = useOpenForGaps(date)
  const today = useToday()
  const reachOf = useReachOf(date)
  return useMemo(
    () => (gap, isNow) => countInReach(open, { today, reach: reachOf(gap, isNow) }, mostFitting),
    [open, today, reachOf],
  )
}

export function useGap(date: CalendarDate, gap: Interval, isNow: boolean): InGap {
  const document = useHeldDocument()
  const today = useToday()
  const open = useOpenForGaps(date)
  const reachOf = useReachOf(date)
  return useMemo(() => {
    const around = {
      today,
      reach: reachOf(gap, isNow),
      isLastOf: ({ projectId }: { projectId: string | null }) =>
        projectId !== null && lists.actionsOfProject(document, projectId as `project:`).length === 1,
    }
    const minutes = gap.to - gap.from
    const tooLong = justOutOfReach(open, around, 60).filter(({ misses }) => misses === 'minutes')
    return {
      fitting: rankedInReach(open, around).slice(0, mostFitting),
      tooLong: tooLong
        .map((each) => ({ ...each, by: (each.action.minutes ?? 0) - minutes }))
        .sort((a, b) => a.by - b.by)
        .slice(0, mostTooLong),
    }
  }, [document, gap, isNow, open, reachOf, today])
}
