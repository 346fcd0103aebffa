// The application's badge: how many are left of today. It follows every change, and goes with the last of them.
import { useEffect } from 'react'
import { leftOfToday } from '@/state/read/leftOfToday'
import { useHeld, useToday } from '@/held/zen'

interface Badged {
  readonly setAppBadge?: (count: number) => Promise<void>
  readonly clearAppBadge?: () => Promise<void>
}

export function useBadge(): void {
  const today = useToday()
  const left = useHeld(({ document }) => leftOfToday(document, today))
  useEffect(() => {
    const badge = navigator as Badged
    // Not installed, or not allowed: then there is none.
    const set = left > 0 ? badge.setAppBadge?.(left) : badge.clearAppBadge?.()
    set?.catch(() => {})
  }, [left])
}
