import type { Lens, LensNames } from '@/core/lens'
import type { CalendarDate } from '@/core/time'
import type { OnDemand } from '@/state'
import type { DetailsFrom } from '@/words/details'
import type { LensLook } from './useLensLook'

export type LensList = ReturnType<OnDemand['lenses']['lensListOf']>
export type BandList = LensList['bands'][number]
export type Group = BandList['groups'][number]

/** What every way of showing a lens is given. */
export interface LensShown {
  /** Under which its place is remembered. */
  readonly id: string
  readonly lens: Lens
  readonly look: LensLook
  readonly list: LensList
  readonly names: LensNames
  readonly lenses: OnDemand['lenses']
  readonly day: { readonly today: CalendarDate; readonly zone: string }
  readonly details: DetailsFrom
  readonly onChange: (lens: Lens) => void
}

/** Whether its bands are headed: a lens of one band without a name is plain. */
export const isTitled = ({ list, lens }: Pick<LensShown, 'list' | 'lens'>): boolean =>
  lens.bands.length > 0 || list.bands[0]?.band === 'done' || list.bands.length > 1
