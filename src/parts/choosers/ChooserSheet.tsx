// The place of every chooser: beside what was pressed on a wide page, a low sheet above the thumb on a phone. The
// platform's own modal dialog keeps the focus inside, closes on Escape, and gives the focus back.
import { useMedia } from '@tamagui/core'
import { useLayoutEffect, useRef, type CSSProperties, type ReactNode } from 'react'
import { Column, Row, Words } from '@/ui'

interface ChooserSheetProps {
  readonly title: string
  /** What was pressed: the chooser stands beside it. */
  readonly anchor: DOMRect | null
  readonly onClose: () => void
  /** At the end of the heading: the way to set nothing. */
  readonly none?: ReactNode
  readonly children: ReactNode
}

const width = 372
const gap = 6

const within = (value: number, highest: number): number => Math.max(gap, Math.min(value, highest))

/**
 * Below what was pressed where there is room; else at its left or right, so that it stays in sight; never over the edge
 * of the window.
 */
function placeBeside(dialog: HTMLElement, { left, right, top, bottom }: DOMRect): void {
  const { innerWidth, innerHeight } = window
  const height = dialog.offsetHeight
  const [lastLeft, lastTop] = [innerWidth - width - gap, innerHeight - height - gap]
  const isBelow = bottom + gap <= lastTop
  const aside = left - width - gap >= gap ? left - width - gap : right + gap
  dialog.style.left = `${within(isBelow ? left : aside, lastLeft)}px`
  dialog.style.top = `${within(isBelow ? bottom + gap : top, lastTop)}px`
}

export function ChooserSheet({ title, anchor, onClose, none, children }: ChooserSheetProps) {
  const ref = useRef<HTMLDialogElement>(null)
  const { wide } = useMedia()
  const isBeside = wide && anchor !== null
  useLayoutEffect(() => {
    const dialog = ref.current
    const before = document.activeElement
    if (!dialog) return
    if (!dialog.open) dialog.showModal()
    if (isBeside) placeBeside(dialog, anchor)
    // What is chosen may make it taller: it stays in sight.
    const follows = isBeside ? new ResizeObserver(() => placeBeside(dialog, anchor)) : null
    follows?.observe(dialog)
    const first = dialog.querySelector<HTMLElement>('[data-first-focus]')
    if (!dialog.contains(document.activeElement) || first) first?.focus()
    return () => {
      follows?.disconnect()
      if (dialog.open) dialog.close()
      if (before instanceof HTMLElement && before.isConnected) before.focus()
    }
  }, [anchor, isBeside])
  const onlyOwn = (act: () => void) => (event: { target: unknown }) => {
    if (event.target === ref.current) act()
  }
  return (
    <dialog
      ref={ref}
      className={isBeside ? 'chooser beside' : 'sheet chooser'}
      aria-label={title}
      style={isBeside ? ({ width } as CSSProperties) : undefined}
      onCancel={onlyOwn(onClose)}
      onClose={onlyOwn(onClose)}
      onClick={onlyOwn(onClose)}
    >
      <Column backgroundColor="$paper" padding="$4" paddingBottom="$5" gap="$3">
        <Row justifyContent="space-between" gap="$2" minHeight={36}>
          <Words render="h2" size="title" flexShrink={1}>
            {title}
          </Words>
          {none}
        </Row>
        {children}
      </Column>
    </dialog>
  )
}
