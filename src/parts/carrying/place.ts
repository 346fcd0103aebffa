import type { Id } from '@/core/record'
import type { CalendarDate } from '@/core/time'

/**
 * Where something can be laid down that is carried: a band, heading or column by its name, beside a row in it, a day, an
 * hour of one.
 */
export type Place<I extends Id = Id<'action'>> =
  | { readonly kind: 'in'; readonly in: string }
  | { readonly kind: 'row'; readonly in: string; readonly id: I }
  | { readonly kind: 'day'; readonly date: CalendarDate }
  /** So many minutes after the day began. */
  | { readonly kind: 'hour'; readonly date: CalendarDate; readonly at: number }

/** What an element stands for: the hours of a day as a whole, see `spotAt` for the one that is pointed at. */
export type Marked =
  Exclude<Place, { kind: 'row' | 'hour' }> | { readonly kind: 'hours'; readonly date: CalendarDate }

/** A place as its element carries it: `in picked`, `day 2026-03-13`, `hours 2026-03-13`. */
export const placeMark = (place: Marked): string =>
  place.kind === 'in' ? `in ${place.in}` : `${place.kind} ${place.date}`

/** The place an element stands for. */
export function placeOf(element: Element | null): Marked | null {
  const [, kind, name] = /^(in|day|hours) (.*)$/s.exec(element?.getAttribute('data-place') ?? '') ?? []
  if (kind === undefined || name === undefined) return null
  return kind === 'in' ? { kind, in: name } : { kind: kind as 'day' | 'hours', date: name as CalendarDate }
}
