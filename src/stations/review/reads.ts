// What reviews are read by. It loads along with the acts; the station waits for it once, and hands it down.
import { createContext, useContext } from 'react'
import type { OnDemand } from '@/state'

export const ReviewReads = createContext<OnDemand | null>(null)

/** Within the station only. */
export function useReads(): OnDemand {
  const reads = useContext(ReviewReads)
  if (!reads) throw new Error('Reviews are read within their station.')
  return reads
}
