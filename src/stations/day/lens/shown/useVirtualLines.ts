// Lines of a box that scrolls by itself, drawn only where they are looked at.
import { useVirtualizer, type Virtualizer } from '@tanstack/react-virtual'
import { useCallback, type RefObject } from 'react'

interface VirtualLines {
  readonly lines: readonly { readonly id: string }[]
  readonly boxRef: RefObject<HTMLDivElement | null>
  /** Height of a line in px, before it is measured. */
  readonly heightOf: (index: number) => number
  /** What a heading and a foot cover, in px: no line is brought into sight under them. */
  readonly covered?: number
}

export function useVirtualLines({
  lines,
  boxRef,
  heightOf,
  covered = 0,
}: VirtualLines): Virtualizer<HTMLDivElement, Element> {
  const keyAt = useCallback((index: number) => (lines[index] as { id: string }).id, [lines])
  // eslint-disable-next-line react-hooks/incompatible-library -- what it returns is read while drawing, and handed on to no memo
  return useVirtualizer({
    count: lines.length,
    getScrollElement: () => boxRef.current,
    estimateSize: heightOf,
    overscan: 8,
    getItemKey: keyAt,
    scrollPaddingStart: covered,
    scrollPaddingEnd: covered,
  })
}
