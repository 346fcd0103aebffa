// The parts of things load when the first of them is shown: the start is there for what has none. One door: what stands
// behind two would load at the start.
import { lazyPart } from '@/ui/lazyPart'

const load = () => import('./PartsBands')
export const PartsBands = lazyPart(() => load().then((module) => module.PartsBands))
export const FilesBand = lazyPart(() => load().then((module) => module.FilesBand))
