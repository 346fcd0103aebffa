// A box that scrolls by itself ends where the window does: its foot is in sight without scrolling the page.
import { useLayoutEffect, type RefObject } from 'react'
import { useMedia } from '@tamagui/core'

/** In px: what stands at the foot of the page, and the least that is worth scrolling in. */
const [below, least] = [36, 380]

export function useFitsBelow(boxRef: RefObject<HTMLElement | null>): void {
  const { wide } = useMedia()
  useLayoutEffect(() => {
    const box = boxRef.current
    if (!box || !wide) return
    const fit = () => {
      const top = box.getBoundingClientRect().top + window.scrollY
      box.style.setProperty(
        '--box-height',
        `${Math.max(least, Math.round(window.innerHeight - top - below))}px`,
      )
    }
    fit()
    const watcher = new ResizeObserver(fit)
    // Whatever grows above it moves it.
    if (box.parentElement?.parentElement) watcher.observe(box.parentElement.parentElement)
    window.addEventListener('resize', fit)
    return () => {
      watcher.disconnect()
      window.removeEventListener('resize', fit)
      box.style.removeProperty('--box-height')
    }
  }, [boxRef, wide])
}
