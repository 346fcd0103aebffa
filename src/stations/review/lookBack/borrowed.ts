// What a look back borrows, each behind its one door: what is drawn, and the filter of the lenses.
import { lazyPart } from '@/ui/lazyPart'

const load = () => import('@/ui/drawings')
export const DoneTape = lazyPart(() => load().then((drawn) => drawn.DoneTape))
export const InkBars = lazyPart(() => load().then((drawn) => drawn.InkBars))
export const LensFilter = lazyPart(() =>
  import('@/parts/lens/LensStation').then((lenses) => lenses.LensFilter),
)
