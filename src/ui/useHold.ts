// A long touch, as another way to press.
import { useRef, type MouseEvent, type PointerEvent } from 'react'

const holdMs = 450

/** A touch that rests on the row; the press that ends it opens nothing. */
export function useHold(onHold: (() => void) | undefined) {
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined)
  const isHeld = useRef(false)
  const stop = () => clearTimeout(timer.current)
  return {
    onPointerDown: ({ pointerType }: PointerEvent) => {
      isHeld.current = false
      if (pointerType !== 'touch' || !onHold) return
      timer.current = setTimeout(() => {
        isHeld.current = true
        onHold()
      }, holdMs)
    },
    onPointerUp: stop,
    onPointerCancel: stop,
    onPointerMove: ({ movementX, movementY }: PointerEvent) => {
      if (Math.abs(movementX) + Math.abs(movementY) > 6) stop()
    },
    onContextMenu: (event: MouseEvent) => {
      if (isHeld.current) event.preventDefault()
    },
    onClickCapture: (event: MouseEvent) => {
      if (!isHeld.current) return
      isHeld.current = false
      event.preventDefault()
      event.stopPropagation()
    },
  }
}
