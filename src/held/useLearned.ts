import { useEffect, useSyncExternalStore } from 'react'
import type { Learner } from '@/core/sorting/learning'
import { useReader } from './reader'
import { useZen } from './zen'

const never = () => () => {}

/** What earlier decisions teach, once it is asked for and there; null until then. */
export function useLearned(isAsked = true): Learner | null {
  const parts = useZen()
  const { learned } = useReader()
  useEffect(() => {
    if (isAsked) void learned?.beginLearning(parts)
  }, [isAsked, learned, parts])
  return useSyncExternalStore(learned?.onLearned ?? never, () => learned?.learnedNow() ?? null)
}
