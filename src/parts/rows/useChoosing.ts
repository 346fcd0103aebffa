// Choosing a row together with others: by key, by a press while others are chosen, by a long touch, by a range.
import { useContext, type KeyboardEvent } from 'react'
import { desk, useDesk, type Choosable } from '@/held/desk'
import { actOfKey, type Keymap } from '@/state'
import { chooseTo, InBand } from './inBand'

interface Choosing {
  /** It is one of those chosen together. */
  readonly isTogether: boolean
  /** Chooses it, or lays it down again. */
  readonly choose: () => void
  /** A press on the row: chooses while others are chosen, up to here with shift, and opens it otherwise. */
  readonly press: (event?: { readonly shiftKey: boolean }) => void
  /** What a key does to the choice; false where it is about something else. */
  readonly key: (event: KeyboardEvent, keymap: Keymap) => boolean
}

export function useChoosing(id: Choosable, open: () => void): Choosing {
  const isTogether = useDesk((state) => state.chosen.includes(id))
  const isChoosing = useDesk((state) => state.chosen.length > 0)
  const band = useContext(InBand)
  const choose = () => desk.getState().toggleChosen(id)
  return {
    isTogether,
    choose,
    press: (event) => {
      if (event?.shiftKey) chooseTo(id, band.current())
      else if (isChoosing) choose()
      else open()
    },
    key: (event, keymap) => {
      if (actOfKey(keymap, event.key.toLowerCase()) !== 'choose') return false
      event.preventDefault()
      if (event.shiftKey) chooseTo(id, band.current())
      else choose()
      return true
    },
  }
}
