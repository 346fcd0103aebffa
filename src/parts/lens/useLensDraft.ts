// What is changed of a lens *just now*: it holds on this device until it is kept or put back, and never changes the
// lens by itself.
import { useMemo } from 'react'
import { isEqual } from '@/core/isEqual'
import type { Lens, LensNames } from '@/core/lens'
import type { OnDemand } from '@/state'
import { useKept } from '@/held/useKept'

/** A lens out of the device's memory; null where it is none that could have been laid there. */
function lensOf(text: string | null, lenses: OnDemand['lenses'], names: LensNames): Lens | null {
  if (text === null) return null
  try {
    const lens = JSON.parse(text) as Lens
    // Whatever can be said and read again is sound.
    return isEqual(lenses.readLens(lenses.lensSentence(lens, names), names), lens) ? lens : null
  } catch {
    return null
  }
}

export interface LensDraft {
  readonly lens: Lens
  readonly isChanged: boolean
  readonly change: (lens: Lens) => void
  readonly putBack: () => void
}

export function useLensDraft(
  id: string,
  kept: Lens,
  lenses: OnDemand['lenses'],
  names: LensNames,
): LensDraft {
  const [text, write] = useKept(`lens-now:${id}`)
  const changed = useMemo(() => lensOf(text, lenses, names), [text, lenses, names])
  const isChanged = changed !== null && !isEqual(changed, kept)
  return {
    lens: isChanged ? changed : kept,
    isChanged,
    change: (lens) => write(isEqual(lens, kept) ? null : JSON.stringify(lens)),
    putBack: () => write(null),
  }
}
