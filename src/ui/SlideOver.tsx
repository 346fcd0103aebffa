// A sheet that slides over the page: the platform's own modal dialog, so focus stays inside and Escape closes it.
import { createContext, useContext, useLayoutEffect, useRef, type ReactNode } from 'react'
import { Column, Row } from './layout'
import { IconButton } from './Press'
import { Words } from './Words'

/** What is shown over every open sheet: nothing that happens behind one is said only behind it. */
export const OverSheets = createContext<ReactNode>(null)

/** What every sheet has in its head beside its way out. */
export const SheetTools = createContext<ReactNode>(null)

interface SlideOverProps {
  readonly title: string
  readonly onClose: () => void
  readonly children: ReactNode
  /** Takes the whole screen on a phone. */
  readonly full?: boolean
  /** Draws its own heading; the title is then only for the ear. */
  readonly bare?: boolean
}

export function SlideOver({ title, onClose, children, full = false, bare = false }: SlideOverProps) {
  const ref = useRef<HTMLDialogElement>(null)
  const over = useContext(OverSheets)
  const tools = useContext(SheetTools)
  useLayoutEffect(() => {
    const dialog = ref.current
    const before = document.activeElement
    if (dialog && !dialog.open) {
      dialog.showModal()
      dialog.querySelector<HTMLElement>('[data-first-focus]')?.focus()
    }
    return () => {
      if (dialog?.open) dialog.close()
      if (before instanceof HTMLElement && before.isConnected) before.focus()
    }
  }, [])
  return (
    <dialog
      ref={ref}
      className={full ? 'sheet full' : 'sheet'}
      aria-label={title}
      onCancel={(event) => {
        if (event.target === ref.current) onClose()
      }}
      onClose={(event) => {
        if (event.target === ref.current) onClose()
      }}
      onClick={(event) => {
        if (event.target === ref.current) onClose()
      }}
    >
      <Column
        position="relative"
        backgroundColor="$paper"
        minHeight={full ? '100%' : 0}
        padding="$4"
        paddingBottom="$7"
        gap="$3"
      >
        {bare ? null : (
          <Row justifyContent="space-between" gap="$2">
            <Words render="h2" size="title" flexShrink={1}>
              {title}
            </Words>
            <Row flexShrink={0}>
              {tools}
              <IconButton label="Close" icon="close" onPress={onClose} />
            </Row>
          </Row>
        )}
        {children}
      </Column>
      {over}
    </dialog>
  )
}
