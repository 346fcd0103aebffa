// Single-letter keys that work at every station. They rest while something is being typed or a sheet is open.
import { useLayoutEffect } from 'react'
import { useRouter } from 'expo-router'
import { desk } from '@/held/desk'
import { keepFocus } from '@/held/keepFocus'
import { captureInputId, focusCapture, focusRow, isTyping, useKeymap } from '@/held/keys'
import { holdTyping, listenAhead } from '@/held/typedAhead'
import { useUndo } from '@/held/zen'
import { actOfKey, type KeyAct } from '@/state'

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

/** The line, where it is in sight; else over what is open. */
const addAThought = () => {
  if (document.getElementById(captureInputId)) focusCapture()
  else addOverIt()
}
const addOverIt = () => {
  holdTyping()
  desk.getState().capture(true)
}

const arrowActs: Readonly<Record<string, KeyAct>> = { ArrowDown: 'next', ArrowUp: 'previous' }
const leading: ReadonlySet<KeyAct> = new Set(['tray', 'day', 'week', 'shelves', 'review'])
const paths = { tray: '/', day: '/day', week: '/week', shelves: '/shelves', review: '/review' } as const

/** The keys that work at every station. Rows see to their own. */
export function useStationKeys(): void {
  const keymap = useKeymap()
  const router = useRouter()
  const { undo, redo } = useUndo()
  useLayoutEffect(listenAhead, [])
  useLayoutEffect(keepFocus, [])
  // Before the first picture: what is seen listens.
  useLayoutEffect(() => {
    const perform: Partial<Record<KeyAct, () => void>> = {
      capture: addAThought,
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
      if (
        event.key === 'Escape' &&
        desk.getState().chosen.length > 0 &&
        !document.querySelector('dialog[open]')
      )
        return desk.getState().chooseNone()
      if (event.defaultPrevented || isTyping(event)) return
      if (document.querySelector('dialog[open]')) {
        if (actOfKey(keymap, event.key) !== 'capture') return
        event.preventDefault()
        return addOverIt()
      }
      if (desk.getState().sheet?.kind === 'search') {
        if (event.key.length === 1) desk.getState().typeAhead(event.key)
        return event.preventDefault()
      }
      // While a form is filled in, a letter leads nowhere else.
      if (document.querySelector('#station form') && !/^[/?]$/.test(event.key)) {
        const inForm = actOfKey(keymap, event.key)
        if (inForm !== null && leading.has(inForm)) return
      }
      const arrow = arrowActs[event.key] ?? null
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
