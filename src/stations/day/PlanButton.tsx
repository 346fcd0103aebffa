// The one way to plan, spread or close the day; what it opens loads when it is first pressed.
import { lazy, Suspense, useState } from 'react'
import { Button } from '@/ui'

const Planning = lazy(() => import('./planning/Planning').then((module) => ({ default: module.Planning })))

export function PlanButton() {
  const [isOpen, setOpen] = useState(false)
  return (
    <>
      <Button kind="main" label="Plan" aria-haspopup="dialog" onPress={() => setOpen(true)} />
      {isOpen ? (
        <Suspense fallback={null}>
          <Planning onClose={() => setOpen(false)} />
        </Suspense>
      ) : null}
    </>
  )
}
