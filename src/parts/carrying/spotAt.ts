// Where something would be laid: what stands under the pointer.
import type { Id } from '@/core/record'
import type { CalendarDate } from '@/core/time'
import { placeOf, type Place } from './place'

export interface Spot {
  readonly place: Place<Id>
  readonly element: Element
  /** The class that shows it. */
  readonly mark: 'landing-row' | 'landing-place' | 'landing-hour'
  /** For an hour: how many pixels below the top of the element it is. */
  readonly below?: number
}

/** The row that an element is part of. */
export const rowAt = (element: Element): HTMLElement | null =>
  element.closest('.slip-row[data-of], .shelf-card[data-of], .hours-block[data-of], .week-card[data-of]')

/** Whether something can be laid from a box at an element: one within it, or within another box of its name. */
const isWithin = (box: HTMLElement, element: Element): boolean =>
  box.contains(element) ||
  (box.dataset['among'] !== undefined &&
    element.closest<HTMLElement>('[data-among]')?.dataset['among'] === box.dataset['among'])

/** What is laid on an hour begins at a multiple of so many minutes. */
export const snap = 5

/** The hour at a height of the hours of a day: where what is carried begins, else where the pointer is. */
function hourAt(y: number, hours: HTMLElement, date: CalendarDate, carried: Element | null): Spot {
  const top = carried?.matches('.hours-block') ? carried.getBoundingClientRect().top : y
  const [from, to, anHour] = ['from', 'to', 'anHour'].map((name) => Number(hours.dataset[name])) as [
    number,
    number,
    number,
  ]
  const minutes = ((top - hours.getBoundingClientRect().top) / anHour) * 60
  const at = Math.min(to - snap, Math.max(from, Math.round((from + minutes) / snap) * snap))
  return {
    place: { kind: 'hour', date, at },
    element: hours,
    mark: 'landing-hour',
    below: ((at - from) / 60) * anHour,
  }
}

/**
 * A row is more exact than the place it stands in; what is carried hides nothing, and a sheet all that is behind it.
 */
export function spotAt(
  { x, y }: { readonly x: number; readonly y: number },
  box: HTMLElement,
  carried: Element | null,
): Spot | null {
  for (const element of document.elementsFromPoint(x, y)) {
    if (element.matches('dialog')) return null
    const row = rowAt(element)
    if (!isWithin(box, element) || (row !== null && row === carried)) continue
    const held = element.closest<HTMLElement>('[data-place]')
    const place = placeOf(held)
    if (!held || !place || !isWithin(box, held)) continue
    if (place.kind === 'hours') return hourAt(y, held, place.date, carried)
    if (!row || place.kind !== 'in') return { place, element: held, mark: 'landing-place' }
    const id = (row.dataset['of'] ?? '') as Id
    return { place: { kind: 'row', in: place.in, id }, element: row, mark: 'landing-row' }
  }
  return null
}
