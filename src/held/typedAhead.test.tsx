import { act, cleanup, render, screen } from '@testing-library/react'
import fc from 'fast-check'
import { useEffect, useState } from 'react'
import { holdTyping, listenAhead } from './typedAhead'

/** A sheet with a line, which is there so many drawings after its key, or none that can be typed in. */
function Desk({ hasLine, takesFocus }: { hasLine: boolean; takesFocus: boolean }) {
  const [isOpen, setOpen] = useState(false)
  const [text, setText] = useState('')
  useEffect(() => {
    Object.assign(window, { openIt: () => setOpen(true) })
  }, [])
  useEffect(() => {
    if (!isOpen) return
    const target = takesFocus ? 'input, button' : 'button'
    document.querySelector('dialog')?.querySelector<HTMLElement>(target)?.focus()
  }, [isOpen, takesFocus])
  return isOpen ? (
    <dialog open>
      {hasLine ? (
        <div data-takes-typing>
          <input aria-label="line" value={text} onChange={(event) => setText(event.target.value)} />
        </div>
      ) : null}
      <button type="button">first</button>
    </dialog>
  ) : null
}
const open = () => act(() => (window as unknown as { openIt: () => void }).openIt())
/** As a keyboard does: a field that has the focus takes what nobody kept from it. */
function press(key: string, acted: string[]): void {
  const event = new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true })
  act(() => void (document.activeElement ?? document.body).dispatchEvent(event))
  if (event.defaultPrevented) return
  const field = document.activeElement
  if (field instanceof HTMLInputElement)
    act(() => {
      Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value')?.set?.call(
        field,
        field.value + key,
      )
      field.dispatchEvent(new Event('input', { bubbles: true }))
    })
  else acted.push(key)
}

it('any letters typed at any speed after the key that opens a line arrive whole, and none acts', () => {
  fc.assert(
    fc.property(
      fc
        .string({ minLength: 1, maxLength: 12, unit: fc.constantFrom(...'abmn7 z') })
        .filter((text) => text.trim() !== '' && !text.startsWith(' ')),
      fc.nat(12),
      fc.boolean(),
      (text, after, takesFocus) => {
        const stop = listenAhead()
        const acted: string[] = []
        render(<Desk hasLine takesFocus={takesFocus} />)
        holdTyping()
        ;[...text].forEach((key, at) => {
          if (at === Math.min(after, text.length - 1)) open()
          press(key, acted)
        })
        expect([screen.getByRole<HTMLInputElement>('textbox').value, acted]).toEqual([text, []])
        cleanup()
        stop()
      },
    ),
    { seed: 5, numRuns: 60 },
  )
})
it('drops what was typed where there is nothing to type in, and acts again afterwards', () => {
  const stop = listenAhead()
  const acted: string[] = []
  render(<Desk hasLine={false} takesFocus={false} />)
  holdTyping()
  press('f', acted)
  open()
  expect(acted).toEqual([])
  press('r', acted)
  expect(acted).toEqual(['r'])
  stop()
})
