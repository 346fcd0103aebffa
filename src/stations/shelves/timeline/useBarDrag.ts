// A bar in the hand: carried along the line by the mouse, or by a finger that has rested on it, as a whole or by one
// of its ends, and told how many days that is once it is let go. A finger that does not rest scrolls the line.
import { useCallback, useRef, useState, type MouseEvent, type PointerEvent } from 'react'
import type { Edge } from '@/core/timeline'

/** So near an end, in px, it is that end that is carried; a finger is broader. */
const near = { finger: 22, mouse: 10 }
/** What must be left between its ends, or it has none to take hold of. */
const between = 24

const restMs = 300
/** A finger that has moved so far does not rest. */
const stillWithin = 8

interface Held {
  readonly edge: Edge
  readonly startX: number
  readonly pixels: number
}

interface Resting {
  readonly timer: ReturnType<typeof setTimeout>
  readonly x: number
  readonly y: number
}

export function useBarDrag(
  width: number,
  hasEnds: boolean,
  daysIn: (pixels: number) => number,
  onLaid: (days: number, edge: Edge) => void,
) {
  const [held, setHeld] = useState<Held | null>(null)
  const restingRef = useRef<Resting>(null)
  const isHeldRef = useRef(false)
  const hold = (next: Held | null) => {
    isHeldRef.current = next !== null
    setHeld(next)
  }
  const letRest = () => {
    if (restingRef.current) clearTimeout(restingRef.current.timer)
    restingRef.current = null
  }
  const barRef = useCallback((bar: HTMLButtonElement) => {
    // What is carried does not scroll: that can be said by a listener of its own alone, from the first touch on.
    const stay = (event: TouchEvent) => {
      if (isHeldRef.current) event.preventDefault()
    }
    bar.addEventListener('touchmove', stay, { passive: false })
    return () => {
      bar.removeEventListener('touchmove', stay)
      if (restingRef.current) clearTimeout(restingRef.current.timer)
    }
  }, [])
  const edgeAt = (x: number, reach: number): Edge => {
    if (!hasEnds || width < 2 * reach + between) return 'whole'
    if (x <= reach) return 'begins'
    return x >= width - reach ? 'due' : 'whole'
  }
  return {
    barRef,
    edge: held?.edge ?? null,
    days: held ? daysIn(held.pixels) : 0,
    handlers: {
      onPointerDown(event: PointerEvent<HTMLElement>) {
        if (event.button !== 0) return
        const { clientX: x, clientY: y, currentTarget, pointerId } = event
        const { left } = currentTarget.getBoundingClientRect()
        if (event.pointerType === 'touch') {
          const take = () => hold({ edge: edgeAt(x - left, near.finger), startX: x, pixels: 0 })
          restingRef.current = { timer: setTimeout(take, restMs), x, y }
          return
        }
        currentTarget.setPointerCapture(pointerId)
        hold({ edge: edgeAt(x - left, near.mouse), startX: x, pixels: 0 })
      },
      onPointerMove({ clientX, clientY }: PointerEvent<HTMLElement>) {
        const resting = restingRef.current
        if (held) hold({ ...held, pixels: clientX - held.startX })
        else if (resting && Math.hypot(clientX - resting.x, clientY - resting.y) > stillWithin) letRest()
      },
      onPointerUp({ clientX }: PointerEvent<HTMLElement>) {
        letRest()
        hold(null)
        // Where it was let go, not where it was last drawn.
        const laid = held ? daysIn(clientX - held.startX) : 0
        if (held && laid !== 0) onLaid(laid, held.edge)
      },
      onPointerCancel() {
        letRest()
        hold(null)
      },
      // A finger that rests asks for no menu.
      onContextMenu(event: MouseEvent) {
        if (restingRef.current) event.preventDefault()
      },
    },
  }
}
