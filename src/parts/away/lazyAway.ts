// Days away are planned in the year and listed in the settings: they load where they are first shown, through one door.
import { lazyPart } from '@/ui/lazyPart'

export const DaysAway = lazyPart(() => import('./DaysAway').then((module) => module.DaysAway))
