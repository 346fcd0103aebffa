// A bar in the hand: carried along the line by the mouse or a finger, as a whole or by one of its ends, and told how many
// days that is once it is let go.
import { useState, type PointerEvent } from 'react'
import type { Edge } from '@/core/timeline'

/** So near an end, it is that end that is carried. */
const near = 10
/** Bars narrower than that have no ends to take hold of. */
const wideEnough = 44

interface Held {
  readonly edge: Edge
  readonly startX: number
  readonly pixels: number
}

export function useBarDrag(
  width: number,
  hasEnds: boolean,
  daysIn: (pixels: number) => number,
  onLaid: (days: number, edge: Edge) => void,
) {
  const [held, setHeld] = useState<Held | null>(null)
  const edgeAt = (x: number): Edge => {
    if (!hasEnds || width < wideEnough) return 'whole'
    if (x <= near) return 'begins'
    return x >= width - near ? 'due' : 'whole'
  }
  const days = held ? daysIn(held.pixels) : 0
  return {
    edge: held?.edge ?? null,
    days,
    handlers: {
      onPointerDown(event: PointerEvent<HTMLElement>) {
        if (event.button !== 0) return
        const { left } = event.currentTarget.getBoundingClientRect()
        event.currentTarget.setPointerCapture(event.pointerId)
        setHeld({ edge: edgeAt(event.clientX - left), startX: event.clientX, pixels: 0 })
      },
      onPointerMove(event: PointerEvent<HTMLElement>) {
        if (held) setHeld({ ...held, pixels: event.clientX - held.startX })
      },
      onPointerUp() {
        setHeld(null)
        if (held && days !== 0) onLaid(days, held.edge)
      },
      onPointerCancel: () => setHeld(null),
    },
  }
}
