// The day as it would be laid out, from now on: asked of a worker, and asked again when a wish changes, or it is
// changed by hand.
import { useEffect, useMemo, useState } from 'react'
import type { Layout, LayoutAsked, Wishes } from '@/core/layout'
import type { CalendarDate } from '@/core/time'
import { askWorker } from '@/held/askWorker'
import { useAskedWithEvents } from '@/held/useLoads'
import { useKept } from '@/held/useKept'
import { useHeldDocument } from '@/held/zen'
import { layoutAskedOf, pinnedOn } from '@/state/read/layout'
import { useReach } from '../useReach'
import { useRibbon } from './useRibbon'

const levels = [0, 1, 2] as const
export type WishLevel = (typeof levels)[number]
const usual: Wishes = { protectDeep: 1, groupAlike: 1, leaveRoom: 1 }

function wishesIn(kept: string | null): Wishes {
  const read = (kept ?? '').split(' ').map(Number)
  const level = (at: number): number => levels.find((each) => each === read[at]) ?? 1
  return kept === null ? usual : { protectDeep: level(0), groupAlike: level(1), leaveRoom: level(2) }
}

/** What is wanted of a day, as this device remembers it. */
export function useWishes(): readonly [Wishes, (wishes: Wishes) => void] {
  const [kept, keep] = useKept('day-wishes')
  const wishes = useMemo(() => wishesIn(kept), [kept])
  return [
    wishes,
    ({ protectDeep, groupAlike, leaveRoom }) => keep(`${protectDeep} ${groupAlike} ${leaveRoom}`),
  ]
}

async function laidOut(asked: LayoutAsked): Promise<Layout> {
  if (typeof Worker === 'undefined') return (await import('@/core/layout/layOut')).layOut(asked)
  return askWorker(new Worker(new URL('../../../workers/layout.worker', window.location.href)), asked)
}

/** What was changed of it by hand. */
export interface ByHand {
  readonly without: ReadonlySet<string>
  /** The minute at which each begins that was given its hour. */
  readonly pinned: ReadonlyMap<string, number>
}

/** Null until it has been worked out; `hasFailed` where it cannot be. */
export function useLayout(
  today: CalendarDate,
  { without, pinned }: ByHand,
): { readonly layout: Layout | null; readonly hasFailed: boolean } {
  const document = useHeldDocument()
  const asked = useAskedWithEvents()
  const { anyhow } = useReach()
  const [wishes] = useWishes()
  const { ribbon } = useRibbon(today)
  const [layout, setLayout] = useState<Layout | null>(null)
  const [hasFailed, setFailed] = useState(false)
  const question = useMemo(() => {
    const events = ribbon.blocks.flatMap(({ event, isFree, from, to }) =>
      event && !isFree ? [{ from, to, place: event.place }] : [],
    )
    return layoutAskedOf(document, asked, { reach: anyhow, events, wishes, without, pinned })
  }, [anyhow, asked, document, ribbon, wishes, without, pinned])
  // The clock moves on, and the question with it, only where it asks something else.
  const key = JSON.stringify(question)
  useEffect(() => {
    let isGone = false
    laidOut(JSON.parse(key) as LayoutAsked).then(
      (answer) => {
        if (!isGone) setLayout(answer)
      },
      () => {
        if (!isGone) setFailed(true)
      },
    )
    return () => {
      isGone = true
    }
  }, [key])
  return { layout, hasFailed }
}

/** All that would be planned at an hour, in order: what was given its hour by hand stands there at once. */
export function usePlaced(layout: Layout | null, { without, pinned }: ByHand) {
  const document = useHeldDocument()
  const asked = useAskedWithEvents()
  return useMemo(() => {
    const others = (layout?.placed ?? []).filter(({ id }) => !pinned.has(id) && !without.has(id))
    return [...others, ...pinnedOn(document, asked, pinned)].sort((a, b) => a.from - b.from)
  }, [layout, document, asked, without, pinned])
}
