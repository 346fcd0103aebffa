import type { Id } from '@/core/record'
import type { CalendarDate } from '@/core/time'

/**
 * Where something can be laid down that is carried: a band, heading or column by its name, beside a row in it, a day.
 */
export type Place<I extends Id = Id<'action'>> =
  | { readonly kind: 'in'; readonly in: string }
  | { readonly kind: 'row'; readonly in: string; readonly id: I }
  | { readonly kind: 'day'; readonly date: CalendarDate }

type Marked = Exclude<Place, { kind: 'row' }>

/** A place as its element carries it: `in picked`, `day 2026-03-13`. */
export const placeMark = (place: Marked): string =>
  place.kind === 'in' ? `in ${place.in}` : `day ${place.date}`

/** The place an element stands for. */
export function placeOf(element: Element | null): Marked | null {
  const [, kind, name] = /^(in|day) (.*)$/s.exec(element?.getAttribute('data-place') ?? '') ?? []
  if (kind === undefined || name === undefined) return null
  return kind === 'in' ? { kind, in: name } : { kind: 'day', date: name as CalendarDate }
}
