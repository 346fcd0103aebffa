// The parts of things load when the first of them is shown: the start is there for what has none.
import { lazy, Suspense, type ComponentProps } from 'react'
import type { FilesBand as Files, PartsBands as Parts } from './PartsBands'

// One door: what stands behind two would load at the start.
const load = () => import('./PartsBands')
const LazyParts = lazy(() => load().then((module) => ({ default: module.PartsBands })))
const LazyFiles = lazy(() => load().then((module) => ({ default: module.FilesBand })))

export const PartsBands = (props: ComponentProps<typeof Parts>) => (
  <Suspense fallback={null}>
    <LazyParts {...props} />
  </Suspense>
)

export const FilesBand = (props: ComponentProps<typeof Files>) => (
  <Suspense fallback={null}>
    <LazyFiles {...props} />
  </Suspense>
)
