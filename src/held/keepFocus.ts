// The focus is never lost: where what had it is gone after an act, it goes to what stood beside it, else to the
// heading of its part, else to that of the station. A new station begins at its heading, for whoever came by a key.

interface Had {
  /** Null once its station was left: nothing of it is to be found again. */
  readonly element: HTMLElement | null
  /** What stood beside its row, nearest first. */
  readonly beside: readonly Element[]
  readonly part: Element | null
  /** What is opened beside the page, where it is in that. */
  readonly pane: Element | null
  /** What its row is of: it may be drawn anew, or stand elsewhere. */
  readonly of: string | null
}

let had: Had | null = null
/**
 * The last row of the page itself: what a sheet over it, what is opened beside it, or the bar of what is selected did may
 * have taken it away, or drawn it anew.
 */
let hadRow: Had | null = null
let wasKey = false

/** Whether the last thing done was a key. */
export const cameByKey = (): boolean => wasKey

/** Something was just opened by a key, and has not taken the focus yet. */
let isOpening = false
export const openingByKey = (): void => {
  isOpening = wasKey
}
/** True once for what was opened by a key: what the address opened, or a press, takes nothing. */
export function takesFocus(): boolean {
  const takes = isOpening
  isOpening = false
  return takes
}

const canTake = (element: Element | null | undefined): element is HTMLElement =>
  element instanceof HTMLElement && element.isConnected && element.getClientRects().length > 0

const firstIn = (element: Element | undefined): HTMLElement | null | undefined =>
  element?.querySelector<HTMLElement>('[data-row]') ??
  element?.querySelector<HTMLElement>('button, a[href], input, textarea, [tabindex]')

/** Of an element in a row: the rows after it, then those before it. */
function besideOf(element: Element): Element[] {
  const row = element.closest('li')
  if (!row) return []
  const beside: Element[] = []
  for (let next = row.nextElementSibling; next && beside.length < 3; next = next.nextElementSibling)
    beside.push(next)
  for (let last = row.previousElementSibling; last && beside.length < 6; last = last.previousElementSibling)
    beside.push(last)
  return beside
}

function remember(event: FocusEvent): void {
  const element = event.target
  if (!(element instanceof HTMLElement)) return
  had = {
    element,
    beside: besideOf(element),
    part: element.closest('section, dialog, aside, [role=group], [role=radiogroup], [role=tabpanel]'),
    pane: element.closest('aside[role=complementary]'),
    of: element.closest<HTMLElement>('[data-of]')?.dataset['of'] ?? null,
  }
  if (!element.closest('dialog, aside[role=complementary], #selected'))
    hadRow = element.closest('li, [data-of]') ? had : null
}

/** A heading takes the focus by a call alone, and shows no ring: it is read, not pressed. */
function focusHeading(heading: Element | null | undefined): boolean {
  if (!canTake(heading)) return false
  if (heading.tabIndex < 0) heading.tabIndex = -1
  heading.dataset['quietFocus'] = ''
  heading.focus({ preventScroll: true })
  return true
}

const focusStationHeading = (): boolean => focusHeading(document.querySelector('#station h1'))

const rowOf = (id: string) => document.querySelector(`[data-of="${CSS.escape(id)}"] [data-row]`)

const isLine = (element: HTMLElement): boolean =>
  element.matches('input:not([type=checkbox]):not([type=radio]), textarea') || element.isContentEditable

/** Out of a line, to what it is in: the next Escape is about that. */
function leaveTo(line: HTMLElement): void {
  const around = line.closest<HTMLElement>('dialog, aside')
  const top = around?.querySelector<HTMLElement>('[data-top]') ?? around
  if (!top) return void focusStationHeading()
  if (top.tabIndex < 0) top.tabIndex = -1
  top.dataset['quietFocus'] = ''
  top.focus({ preventScroll: true })
}

function restore(): void {
  if (document.activeElement !== document.body || !had) return
  const sheet = [...document.querySelectorAll<HTMLElement>('dialog[open]')].at(-1)
  const { element } = had
  // As long as what is opened is there, the focus stays in it.
  const isInside = sheet !== undefined || had.pane?.isConnected === true
  const row = isInside ? had : (hadRow ?? had)
  const { beside, part } = row
  // Left on purpose, as Escape leaves a line: it is not gone back to.
  if (element && isLine(element) && canTake(element)) return leaveTo(element)
  const isInSheet = (target: Element) => !sheet || sheet.contains(target)
  const again = [had, row].map(({ of }) => (of === null ? null : rowOf(of)))
  const target = [element, ...again, row.element, ...beside.map(firstIn)].find(
    (each) => canTake(each) && isInSheet(each),
  )
  if (target instanceof HTMLElement) return target.focus({ preventScroll: true })
  if (sheet) return firstIn(sheet)?.focus()
  if (part?.isConnected && focusHeading(part.querySelector('h1, h2, h3'))) return
  focusStationHeading()
}

/** Looked at when what an act did has been drawn, and again where a part of it loads or is drawn later. */
const looks = [60, 300, 900, 2000]
const later = () => looks.forEach((ms) => setTimeout(restore, ms))

/** Something that had the focus may go long after the act: when a part of the page loads, or another tab removes it. */
function watchRemovals(): () => void {
  let timer: ReturnType<typeof setTimeout> | undefined
  const watcher = new MutationObserver(() => {
    if (document.activeElement !== document.body || !had || had.element?.isConnected) return
    clearTimeout(timer)
    timer = setTimeout(restore, 30)
  })
  watcher.observe(document.body, { childList: true, subtree: true })
  return () => {
    clearTimeout(timer)
    watcher.disconnect()
  }
}

/** Listens from the beginning. */
export function keepFocus(): () => void {
  const stopWatching = watchRemovals()
  const key = () => {
    wasKey = true
    later()
  }
  const press = () => {
    wasKey = false
    later()
  }
  window.addEventListener('focusin', remember)
  window.addEventListener('keyup', key)
  window.addEventListener('click', press)
  const down = () => {
    wasKey = true
  }
  const pointer = () => {
    wasKey = false
  }
  window.addEventListener('keydown', down, { capture: true })
  window.addEventListener('pointerdown', pointer, { capture: true })
  return () => {
    window.removeEventListener('focusin', remember)
    window.removeEventListener('keyup', key)
    window.removeEventListener('click', press)
    window.removeEventListener('keydown', down, { capture: true })
    window.removeEventListener('pointerdown', pointer, { capture: true })
    stopWatching()
    had = null
    hadRow = null
  }
}

/** A station that was left gives nothing back: the same action may be a row of the next one. */
function leaveStation(): void {
  hadRow = null
  if (!had?.element?.closest('dialog, aside[role=complementary]'))
    had = { element: null, beside: [], part: null, pane: null, of: null }
}

/** So many frames a station may take to be there. */
const frames = 60

/** The heading of a station that was gone to by a key, once it is there. */
export function beginAtHeading(): void {
  leaveStation()
  if (!wasKey) return
  let left = frames
  const look = () => {
    const isElsewhere = document.activeElement !== document.body && !document.activeElement?.closest('nav')
    if (isElsewhere || document.querySelector('dialog[open]')) return
    if (!focusStationHeading() && left-- > 0) requestAnimationFrame(look)
  }
  requestAnimationFrame(look)
}
