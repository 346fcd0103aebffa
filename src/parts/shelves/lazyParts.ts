// What the Shelves and what is opened both show, or ask seldom, loads when it is first needed. One door: what stands
// behind two would load at the start.
import { lazyPart } from '@/ui/lazyPart'

const load = () => import('./onDemand')
export const StageBoard = lazyPart(() => load().then((module) => module.StageBoard))
export const ProjectLine = lazyPart(() => load().then((module) => module.ProjectLine))
export const PartsFold = lazyPart(() => load().then((module) => module.PartsFold))
export const LeaveShelf = lazyPart(() => load().then((module) => module.LeaveShelf))
export const LeaveProject = lazyPart(() => load().then((module) => module.LeaveProject))
