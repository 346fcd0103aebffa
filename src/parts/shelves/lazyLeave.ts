// Leaving a shelf is asked seldom: it loads when it is. One door: what stands behind two would load at the start.
import { lazyPart } from '@/ui/lazyPart'

const load = () => import('./LeaveShelf')
export const LeaveShelf = lazyPart(() => load().then((module) => module.LeaveShelf))
export const LeaveProject = lazyPart(() => load().then((module) => module.LeaveProject))
