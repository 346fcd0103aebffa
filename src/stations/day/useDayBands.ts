import { useMemo } from 'react'
import type { Reach } from '@/core/day'
import type { Document } from '@/core/journal'
import type { Action } from '@/core/record'
import { lists } from '@/state'
import { useOfSide, useSide } from '@/held/side'
import { useHeldDocument, useToday } from '@/held/zen'
import { useReach } from './useReach'

type OfSide = (list: readonly Action[]) => readonly Action[]

/** The same bands without what is on the other side. */
function bandsOfSide(bands: lists.HeldDayBands, ofSide: OfSide): lists.HeldDayBands {
  const inReach = (document: Document) => ofSide(bands.inReach(document))
  return {
    planned: (document) =>
      Object.fromEntries(
        Object.entries(bands.planned(document)).map(([name, actions]) => [name, ofSide(actions)]),
      ) as unknown as ReturnType<lists.HeldDayBands['planned']>,
    inReach,
    fewInReach: (document, count) => inReach(document).slice(0, count),
    countInReach: (document) => inReach(document).length,
  }
}

/** Bands of the side that is shown. */
export function useSided(bands: lists.HeldDayBands): lists.HeldDayBands {
  const [side] = useSide()
  const ofSide = useOfSide()
  return useMemo(() => (side === 'both' ? bands : bandsOfSide(bands, ofSide)), [bands, side, ofSide])
}

/**
 * Today's bands with what is at hand, and the document to ask them about. `whole` are those of both sides: a day has
 * one size, whichever side is shown.
 */
export function useDayBands(): {
  bands: lists.HeldDayBands
  whole: lists.HeldDayBands
  document: Document
  reach: Reach
} {
  const document = useHeldDocument()
  const today = useToday()
  const { reach } = useReach()
  const whole = lists.dayBandsWith(today, reach)
  return { bands: useSided(whole), whole, document, reach }
}
