// What lies below what is looked at first: drawn right after it, so that it holds nothing up.
import { useDeferredValue, type ReactNode } from 'react'

export function Afterwards({ children }: { children: ReactNode }) {
  const isTime = useDeferredValue(true, false)
  return isTime ? children : null
}
