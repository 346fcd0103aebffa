// Which slip is being sorted, and how far the pile has come. The pile itself is the store's.
import { useState } from 'react'
import type { Slip } from '@/core/record'
import { owned, select } from '@/state'
import { useHeld, useHeldDocument } from '@/held/zen'

export interface Sorting {
  readonly slip: Slip | null
  /** 1-based, of `total`: both count every slip that lay here since sorting began. */
  readonly position: number
  readonly total: number
  /** Lays the slip under the pile. */
  readonly later: () => void
  /** Kept for the review: it does not come again in this round. */
  readonly leave: () => void
  /** How many are left in the Tray for the review. */
  readonly left: number
}

/** Oldest first; `firstId` asks for one slip before the others. */
export function useSorting(firstId: string | undefined): Sorting {
  const slips = useHeld((state) => select.slipsOf(state.document))
  const [seen, setSeen] = useState<ReadonlySet<string>>(new Set())
  const [laterIds, setLaterIds] = useState<readonly string[]>([])
  const [leftIds, setLeftIds] = useState<readonly string[]>([])
  const document = useHeldDocument()
  // Taken out of the review box again, it comes again.
  const isLeft = ({ id }: Slip) => leftIds.includes(id) && owned.asideOf(document, id) !== undefined
  if (slips.some(({ id }) => !seen.has(id))) setSeen(new Set([...seen, ...slips.map(({ id }) => id)]))
  const placeOf = ({ id }: Slip) => {
    if (laterIds.includes(id)) return 1 + laterIds.indexOf(id)
    return id === firstId ? -1 : 0
  }
  const pile = slips
    .filter((slip) => !isLeft(slip))
    .reverse()
    .sort((a, b) => placeOf(a) - placeOf(b))
  const slip = pile[0] ?? null
  const total = Math.max(seen.size, slips.length)
  return {
    slip,
    position: total - pile.length + 1,
    total,
    left: slips.length - pile.length,
    leave: () => {
      if (slip) setLeftIds([...leftIds, slip.id])
    },
    later: () => {
      if (slip) setLaterIds([...laterIds.filter((id) => id !== slip.id), slip.id])
    },
  }
}
