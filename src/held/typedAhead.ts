// Letters typed between the key that opens something to type in and the moment it can take them: they are held, and
// given to it whole. Where what opened has nothing to type in, they are dropped: no letter meant for a field ever
// acts.

/** Given up where nothing has opened by then. */
const longestMs = 4000

let held: { text: string; isEntered: boolean; isEscaped: boolean; readonly until: number } | null = null

/** Called by whatever opens something to type in by a key. */
export function holdTyping(): void {
  held = { text: '', isEntered: false, isEscaped: false, until: performance.now() + longestMs }
}

const isText = (element: Element | null): element is HTMLInputElement | HTMLTextAreaElement =>
  element instanceof HTMLTextAreaElement ||
  (element instanceof HTMLInputElement && !['checkbox', 'radio', 'button', 'file'].includes(element.type))
const isWritten = (element: Element | null): boolean =>
  element instanceof HTMLElement && (isText(element) || element.isContentEditable)

/** As if it had been typed there: whoever controls the field hears of it. */
function give(
  field: HTMLInputElement | HTMLTextAreaElement,
  { text, isEntered }: NonNullable<typeof held>,
): void {
  const kind = field instanceof HTMLTextAreaElement ? HTMLTextAreaElement : HTMLInputElement
  const set = Object.getOwnPropertyDescriptor(kind.prototype, 'value')?.set
  set?.call(field, field.value + text)
  field.dispatchEvent(new Event('input', { bubbles: true }))
  if (!isEntered) return
  // Once what was typed has been taken up, and before any other key.
  queueMicrotask(() =>
    queueMicrotask(() =>
      field.dispatchEvent(
        new KeyboardEvent('keydown', {
          key: 'Enter',
          keyCode: 13,
          which: 13,
          bubbles: true,
          cancelable: true,
        }),
      ),
    ),
  )
}

const topSheet = (): Element | null => [...document.querySelectorAll('dialog[open]')].at(-1) ?? null
/** The line of the sheet on top that takes what is typed anywhere in it. */
const lineOf = (sheet: Element | null): HTMLElement | null =>
  sheet?.querySelector<HTMLElement>('[data-takes-typing] input, [data-takes-typing] textarea') ?? null

function isPlainLetter(event: KeyboardEvent): boolean {
  return event.key.length === 1 && !event.ctrlKey && !event.metaKey && !event.altKey
}

function onKeyDown(event: KeyboardEvent): void {
  if (held && performance.now() > held.until) held = null
  if (isWritten(document.activeElement)) return
  if (held && held.text !== '' && event.key === 'Enter') {
    held.isEntered = true
    event.preventDefault()
    event.stopImmediatePropagation()
    return
  }
  if (held && event.key === 'Escape' && !topSheet()) {
    held.isEscaped = true
    event.preventDefault()
    event.stopImmediatePropagation()
    return
  }
  if (!isPlainLetter(event)) return
  const line = lineOf(topSheet())
  // In a sheet with a line of its own, a letter begins to say it; a space presses what has the focus.
  if (line && (event.key !== ' ' || held?.text)) {
    const ahead = held
    held = null
    line.focus()
    if (ahead && ahead.text !== '' && isText(line)) give(line, ahead)
    return
  }
  if (!held) return
  held.text += event.key
  event.preventDefault()
  event.stopImmediatePropagation()
}

function onFocus(event: FocusEvent): void {
  if (!held) return
  const ahead = held
  const { text } = ahead
  const target = event.target as Element
  // Escape was faster than what it was about: that closes as soon as it is there.
  const opened = target.closest<HTMLDialogElement>('dialog[open]')
  if (ahead.isEscaped && opened) {
    held = null
    setTimeout(() => opened.close())
    return
  }
  if (isText(target)) {
    held = null
    if (text !== '') give(target, ahead)
    return
  }
  const sheet = target.closest('dialog[open]')
  if (!sheet) return
  const line = lineOf(sheet)
  if (text !== '' && line) line.focus()
  // There is nothing to type in: what was typed ahead has no place.
  else if (text === '' || !sheet.querySelector('input, textarea')) held = null
}

/** Listens from the beginning, before everything else does. */
export function listenAhead(): () => void {
  window.addEventListener('keydown', onKeyDown, { capture: true })
  window.addEventListener('focusin', onFocus)
  return () => {
    window.removeEventListener('keydown', onKeyDown, { capture: true })
    window.removeEventListener('focusin', onFocus)
    held = null
  }
}
