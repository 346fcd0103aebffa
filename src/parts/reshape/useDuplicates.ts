// The duplicates of a slip, as they are found: none until then.
import { useEffect, useState } from 'react'
import type { Slip } from '@/core/record'
import { rest } from '@/held/rest'
import { useHeldDocument } from '@/held/zen'
import { findDuplicates, type Duplicate } from '@/state/read/duplicates'

const none: readonly Duplicate[] = []

export function useDuplicates(slip: Slip, title: string, most: number): readonly Duplicate[] {
  const document = useHeldDocument()
  const [found, setFound] = useState(none)
  useEffect(() => {
    let isWanted = true
    findDuplicates(document, slip, title, most, { rest, isWanted: () => isWanted }).then(
      (duplicates) => {
        if (isWanted) setFound(duplicates)
      },
      () => {},
    )
    return () => {
      isWanted = false
    }
  }, [document, slip, title, most])
  return found
}
