import { useEffect, useLayoutEffect, useRef, type RefObject } from 'react'
import { cameByKey, takesFocus } from '@/held/keepFocus'

const isNowhere = () => document.activeElement === document.body
const isInPage = (element: Element | null) => element?.closest('dialog') === null

/** What is opened by a key takes the focus, and gives it back to its row when it closes. */
function useFocusWhileOpen(id: string, top: RefObject<HTMLDivElement | null>): void {
  const idRef = useRef(id)
  useEffect(() => {
    idRef.current = id
  }, [id])
  useLayoutEffect(() => {
    if (takesFocus() && isInPage(document.activeElement)) top.current?.focus({ preventScroll: true })
    return () => {
      if (!cameByKey()) return
      const of = `[data-of="${CSS.escape(idRef.current)}"] [data-row]`
      // Looked for once the page has its whole width again: its rows may be drawn anew.
      setTimeout(() => {
        const row = document.querySelector<HTMLElement>(of)
        if (row && isInPage(row) && isNowhere()) row.focus({ preventScroll: true })
      })
    }
  }, [top])
}

/**
 * What is opened next is read from its top, however far the one before it was scrolled; where the focus went with
 * that one, it is here, before the first thing that can be pressed.
 */
export function useFromItsTop(id: string): RefObject<HTMLDivElement | null> {
  const ref = useRef<HTMLDivElement>(null)
  const shownRef = useRef(id)
  useLayoutEffect(() => {
    if (shownRef.current === id) return
    shownRef.current = id
    for (let box = ref.current?.parentElement; box && box !== document.body; box = box.parentElement)
      if (box.scrollTop > 0) box.scrollTop = 0
    if (isNowhere()) ref.current?.focus({ preventScroll: true })
  }, [id])
  useFocusWhileOpen(id, ref)
  return ref
}
