// The twins of a slip, as they are found: none until then.
import { useEffect, useState } from 'react'
import type { Slip } from '@/core/record'
import { rest } from '@/held/rest'
import { useHeldDocument } from '@/held/zen'
import { findTwins, type Twin } from '@/state/twins'

const none: readonly Twin[] = []

export function useTwins(slip: Slip, title: string, most: number): readonly Twin[] {
  const document = useHeldDocument()
  const [found, setFound] = useState(none)
  useEffect(() => {
    let isWanted = true
    findTwins(document, slip, title, most, { rest, isWanted: () => isWanted }).then(
      (twins) => {
        if (isWanted) setFound(twins)
      },
      () => {},
    )
    return () => {
      isWanted = false
    }
  }, [document, slip, title, most])
  return found
}
