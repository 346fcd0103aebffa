// Where a list was left: how far it was scrolled, for as long as this tab is open and over a reload.
import { useLayoutEffect, type RefObject } from 'react'
import { useZen } from '@/held/zen'

const quietMs = 200

/** The box that scrolls; null is the page itself. */
export function useRemembered(name: string, box: RefObject<HTMLElement | null> | null): void {
  const { memory } = useZen()
  useLayoutEffect(() => {
    const scrolls = box ? box.current : document.scrollingElement
    if (!scrolls) return
    const kept = memory.typed.read(`at ${name}`)?.split(' ').map(Number)
    const [left, top] = kept ?? [0, 0]
    const target: EventTarget = box ? scrolls : window
    let timer: ReturnType<typeof setTimeout> | undefined
    let frame = 0
    const keep = () => {
      const at = `${Math.round(scrolls.scrollLeft)} ${Math.round(scrolls.scrollTop)}`
      memory.typed.write(`at ${name}`, at === '0 0' ? null : at)
    }
    const onScroll = () => {
      clearTimeout(timer)
      timer = setTimeout(keep, quietMs)
    }
    if (kept)
      frame = requestAnimationFrame(() =>
        scrolls.scrollTo({ left: left ?? 0, top: top ?? 0, behavior: 'instant' }),
      )
    target.addEventListener('scroll', onScroll, { passive: true })
    return () => {
      cancelAnimationFrame(frame)
      if (timer !== undefined) clearTimeout(timer)
      target.removeEventListener('scroll', onScroll)
    }
  }, [memory, name, box])
}
