// The side of life that is shown, at every station alike: one switch, remembered on this device.
import { useCallback } from 'react'
import { sides } from '@/core/record'
import { hasBothSides, ofSide, type Shelved, type SideChoice } from '@/state/read/sides'
import { useKept } from './useKept'
import { useHeld, useHeldDocument } from './zen'

export const sideChoices: readonly SideChoice[] = [...sides, 'both']
export const sideNames: Readonly<Record<SideChoice, string>> = {
  work: 'Work',
  private: 'Private',
  both: 'Both',
}

/** Both, where there is only one. */
export function useSide(): readonly [SideChoice, (side: SideChoice) => void] {
  const [kept, keep] = useKept('side')
  const isChoosing = useHeld(({ document }) => hasBothSides(document))
  const side = isChoosing ? sideChoices.find((each) => each === kept) : undefined
  return [side ?? 'both', (chosen) => keep(chosen === 'both' ? null : chosen)]
}

/** Leaves out of a list what is on the other side. */
export function useOfSide(): <R extends Shelved>(list: readonly R[]) => readonly R[] {
  const [side] = useSide()
  const document = useHeldDocument()
  return useCallback((list) => ofSide(document, side, list), [document, side])
}
