// The part of a row that is pressed: it opens what the row is, or chooses it together with others.
import type { ReactNode } from 'react'
import { useHold } from '@/ui'
import type { useChoosing } from './useChoosing'

export function RowOpen({
  choosing,
  children,
}: {
  choosing: ReturnType<typeof useChoosing>
  children: ReactNode
}) {
  const hold = useHold(choosing.choose)
  return (
    <button
      type="button"
      className="slip-open"
      data-row
      aria-pressed={choosing.isTogether || undefined}
      {...hold}
      onClick={choosing.press}
    >
      {children}
    </button>
  )
}
