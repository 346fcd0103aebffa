import type { Lens, LensPart } from '@/core/lens'
import type { OnDemand } from '@/state'

/** A part of the sentence, or *+*. */
export type LensTarget = Exclude<LensPart, { kind: 'words' }> | { readonly kind: 'more' }

export interface LensChooserProps {
  readonly target: LensTarget
  readonly lens: Lens
  /** Only conditions can be said: the order is not this list's. */
  readonly onlyConditions?: boolean
  readonly lenses: OnDemand['lenses']
  readonly weekStartsOn: number
  readonly anchor: DOMRect | null
  readonly onSet: (lens: Lens) => void
  readonly onClose: () => void
}

/** What every part of the chooser is given. */
export type LensPartProps = Omit<LensChooserProps, 'target'>
export type LensPartAt = LensPartProps & { readonly index: number }
