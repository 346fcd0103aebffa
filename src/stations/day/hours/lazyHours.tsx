// The day as hours loads with its first look, through one door.
import { lazyPart } from '@/ui/lazyPart'

const load = () => import('./onDemand')
export const HoursRibbon = lazyPart(() => load().then((hours) => hours.HoursRibbon))
export const HoursSheet = lazyPart(() => load().then((hours) => hours.HoursSheet))
