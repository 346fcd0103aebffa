// What keys are about wherever they are pressed: which key does what, whether it belongs to typing, where it leads.
import { useMemo } from 'react'
import { keymapOf, select, type Keymap } from '@/state'
import { useHeld } from './zen'

export const useKeymap = (): Keymap => {
  const changed = useHeld((state) => select.settingsOf(state.document).keys)
  return useMemo(() => keymapOf(changed), [changed])
}

/** Whether a key press belongs to what is being typed, or to the browser. */
export function isTyping(event: KeyboardEvent | React.KeyboardEvent): boolean {
  if (event.ctrlKey || event.metaKey || event.altKey) return true
  const target = event.target as HTMLElement | null
  return !!target?.closest?.(
    'input:not([type=checkbox]):not([type=radio]), textarea, select, [contenteditable=true]',
  )
}

export const captureInputId = 'set-down'
export const focusCapture = (): void => document.getElementById(captureInputId)?.focus()

/** Moves the focus to the next or the previous row of the page. */
export function focusRow(step: 1 | -1): void {
  const rows = [...document.querySelectorAll<HTMLElement>('[data-row]')].filter(
    (row) => row.offsetParent !== null,
  )
  const at = rows.findIndex(
    (row) => row === document.activeElement || row.closest('li')?.contains(document.activeElement),
  )
  const fromOutside = step > 0 ? 0 : rows.length - 1
  const beside = Math.min(rows.length - 1, Math.max(0, at + step))
  const target = rows[at < 0 ? fromOutside : beside]
  target?.focus()
  target?.scrollIntoView({ block: 'nearest' })
}
