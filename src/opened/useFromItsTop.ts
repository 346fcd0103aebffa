import { useLayoutEffect, useRef, type RefObject } from 'react'

/**
 * What is opened next is read from its top, however far the one before it was scrolled; where the focus went with that one,
 * it is here, before the first thing that can be pressed.
 */
export function useFromItsTop(id: string): RefObject<HTMLDivElement | null> {
  const ref = useRef<HTMLDivElement>(null)
  const shownRef = useRef(id)
  useLayoutEffect(() => {
    if (shownRef.current === id) return
    shownRef.current = id
    for (let box = ref.current?.parentElement; box && box !== document.body; box = box.parentElement)
      if (box.scrollTop > 0) box.scrollTop = 0
    if (document.activeElement === document.body) ref.current?.focus({ preventScroll: true })
  }, [id])
  return ref
}
