// The application's badge: how many are left of today. It follows every change, and goes with the last of them.
import { useEffect } from 'react'
import { isHidden } from '@/core/action'
import { lists } from '@/state'
import { useHeld, useToday } from '@/held/zen'

interface Badged {
  readonly setAppBadge?: (count: number) => Promise<void>
  readonly clearAppBadge?: () => Promise<void>
}

export function useBadge(): void {
  const today = useToday()
  const left = useHeld(({ document }) => {
    const laid = lists.actionsOfDay(document, today, today).filter((action) => !isHidden(action, today))
    return new Set([...laid, ...lists.underwayOf(document)]).size
  })
  useEffect(() => {
    const badge = navigator as Badged
    // Not installed, or not allowed: then there is none.
    const set = left > 0 ? badge.setAppBadge?.(left) : badge.clearAppBadge?.()
    set?.catch(() => {})
  }, [left])
}
