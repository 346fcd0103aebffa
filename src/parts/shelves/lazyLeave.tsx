// Leaving a shelf is asked seldom: it loads when it is.
import { lazy, Suspense, type ComponentProps } from 'react'
import type { LeaveProject as Project, LeaveShelf as Shelf } from './LeaveShelf'

// One door: what stands behind two would load at the start.
const load = () => import('./LeaveShelf')
const LazyShelf = lazy(() => load().then((module) => ({ default: module.LeaveShelf })))
const LazyProject = lazy(() => load().then((module) => ({ default: module.LeaveProject })))

export const LeaveShelf = (props: ComponentProps<typeof Shelf>) => (
  <Suspense fallback={null}>
    <LazyShelf {...props} />
  </Suspense>
)

export const LeaveProject = (props: ComponentProps<typeof Project>) => (
  <Suspense fallback={null}>
    <LazyProject {...props} />
  </Suspense>
)
