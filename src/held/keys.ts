// Single-letter keys. They rest while something is being typed or a sheet is open.
import { useEffect, useMemo } from 'react'
import { useRouter } from 'expo-router'
import { actOfKey, keymapOf, select, type KeyAct, type Keymap } from '@/state'
import { desk } from './desk'
import { useHeld, useUndo } from './zen'

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

/** The platform's own undo keys, outside of text that has an undo of its own. */
function isPlatformUndo(event: KeyboardEvent): boolean {
  const target = event.target as HTMLElement | null
  return (
    (event.ctrlKey || event.metaKey) &&
    !event.altKey &&
    event.key.toLowerCase() === 'z' &&
    !target?.closest?.('input, textarea, [contenteditable=true]')
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
  const target =
    rows[at < 0 ? (step > 0 ? 0 : rows.length - 1) : Math.min(rows.length - 1, Math.max(0, at + step))]
  target?.focus()
  target?.scrollIntoView({ block: 'nearest' })
}

const paths = { tray: '/', day: '/day', week: '/week', shelves: '/shelves', review: '/review' } as const

/** The keys that work at every station. Rows see to their own. */
export function useStationKeys(): void {
  const keymap = useKeymap()
  const router = useRouter()
  const { undo, redo } = useUndo()
  useEffect(() => {
    const perform: Partial<Record<KeyAct, () => void>> = {
      capture: focusCapture,
      search: () => desk.getState().openSheet({ kind: 'search' }),
      help: () => desk.getState().openSheet({ kind: 'keys' }),
      undo,
      redo,
      next: () => focusRow(1),
      previous: () => focusRow(-1),
      ...Object.fromEntries(Object.entries(paths).map(([act, path]) => [act, () => router.navigate(path)])),
    }
    const onKey = (event: KeyboardEvent) => {
      if (isPlatformUndo(event)) {
        event.preventDefault()
        return event.shiftKey ? redo() : undo()
      }
      if (event.defaultPrevented || isTyping(event) || document.querySelector('dialog[open]')) return
      if (desk.getState().sheet?.kind === 'search') {
        if (event.key.length === 1) desk.getState().typeAhead(event.key)
        return event.preventDefault()
      }
      const arrow = event.key === 'ArrowDown' ? 'next' : event.key === 'ArrowUp' ? 'previous' : null
      const inRows =
        arrow !== null && !document.activeElement?.closest('[role=radiogroup],[role=group],[role=tablist]')
      const act = inRows && document.activeElement?.closest('li') ? arrow : actOfKey(keymap, event.key)
      const run = act ? perform[act] : undefined
      if (!run) return
      event.preventDefault()
      run()
    }
    document.addEventListener('keydown', onKey)
    return () => document.removeEventListener('keydown', onKey)
  }, [keymap, router, undo, redo])
}
