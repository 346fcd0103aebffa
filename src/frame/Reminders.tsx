import { lazy, Suspense } from 'react'
import { useHeld } from '@/held/zen'

const Reminding = lazy(() => import('./reminding/Reminding'))

/** Reminders, from when everything is read; not shown where what is being done needs the room. */
export function Reminders({ shown }: { shown: boolean }) {
  const isReady = useHeld(({ phase }) => phase === 'ready')
  return isReady ? (
    <Suspense fallback={null}>
      <Reminding shown={shown} />
    </Suspense>
  ) : null
}
