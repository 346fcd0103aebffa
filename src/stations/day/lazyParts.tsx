// The hours of the Day and what is in reach load with the first look at one of them, through one door.
import { lazyPart } from '@/ui/lazyPart'

const load = () => import('./onDemand')
export const InReach = lazyPart(() => load().then((day) => day.InReach))
export const ReachChoices = lazyPart(() => load().then((day) => day.ReachChoices))
export const HoursRibbon = lazyPart(() => load().then((day) => day.HoursRibbon))
export const HoursSheet = lazyPart(() => load().then((day) => day.HoursSheet))
