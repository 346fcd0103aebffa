// Several selected are one thing for the keys of a row: what would change the row under the focus changes all of
// them, and the next Tab leads to what can be done with them.
import { useEffect, useEffectEvent } from 'react'
import { isTyping, useKeymap } from '@/held/keys'
import { holdTyping } from '@/held/typedAhead'
import { actOfKey, type KeyAct } from '@/state'

export const selectedId = 'selected'

const bar = (): HTMLElement | null => document.getElementById(selectedId)
const stops = 'button:not([disabled]), input, textarea, [tabindex="0"]'

/** Back from the bar: the row that was left, or the first that is selected. */
let left: HTMLElement | null = null

/** True where the focus went between the rows and the bar. */
function isBarNext(event: KeyboardEvent): boolean {
  const target = event.target as HTMLElement
  const first = bar()?.querySelector<HTMLElement>(stops)
  if (!first) return false
  if (!event.shiftKey && target.closest('#station [data-of]')) {
    left = target
    first.focus()
    return true
  }
  if (event.shiftKey && target === first && left?.isConnected) {
    left.focus()
    return true
  }
  return false
}

export function useKeysOnAll(perform: Partial<Record<KeyAct, () => void>>): void {
  const keymap = useKeymap()
  const onKey = useEffectEvent((event: KeyboardEvent) => {
    if (document.querySelector('dialog[open]')) return
    const take = () => {
      event.preventDefault()
      event.stopPropagation()
    }
    if (event.key === 'Tab') return isBarNext(event) ? take() : undefined
    if (isTyping(event)) return
    const act = actOfKey(keymap, event.key)
    const run = act ? perform[act] : undefined
    // A button that has the focus is pressed by Space.
    const target = event.target as HTMLElement
    const isButtons =
      event.key === ' ' && target.closest('button, [role=button]') && !target.closest('[data-row]')
    if (!run || isButtons || target.closest(`#${selectedId}`)) return
    take()
    run()
  })
  useEffect(() => {
    const listen = (event: KeyboardEvent) => onKey(event)
    window.addEventListener('keydown', listen, { capture: true })
    return () => window.removeEventListener('keydown', listen, { capture: true })
  }, [])
}

/** The keys that begin to say or to choose something: the same for actions and slips. */
export const sayingKeys = (
  choose: (field: 'day' | 'horizon') => void,
): Partial<Record<KeyAct, () => void>> => {
  const byKey = (field: 'day' | 'horizon') => () => {
    holdTyping()
    choose(field)
  }
  return {
    move: byKey('day'),
    horizon: byKey('horizon'),
    amend: () => bar()?.querySelector('input')?.focus(),
  }
}
