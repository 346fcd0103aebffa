import { lazy, Suspense } from 'react'

const Glance = lazy(() => import('./day').then((module) => ({ default: module.Glance })))

export default function GlanceRoute() {
  return (
    <Suspense fallback={null}>
      <Glance />
    </Suspense>
  )
}
