// Whether it all fits loads with the first part that says so, through one door.
import { lazyPart } from '@/ui/lazyPart'

const load = () => import('./onDemand')
export const FitPage = lazyPart(() => load().then((fit) => fit.FitPage))
export const FitsByThen = lazyPart(() => load().then((fit) => fit.FitsByThen))
export const FitsFrom = lazyPart(() => load().then((fit) => fit.FitsFrom))
export const FitSentence = lazyPart(() => load().then((fit) => fit.FitSentence))
