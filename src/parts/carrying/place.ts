import type { Id } from '@/core/record'
import type { CalendarDate } from '@/core/time'

/** Where something can be laid down that is carried: a band, heading or column by its name, beside a row in it, a day. */
export type Place =
  | { readonly kind: 'in'; readonly in: string }
  | { readonly kind: 'row'; readonly in: string; readonly id: Id<'action'> }
  | { readonly kind: 'day'; readonly date: CalendarDate }

export const placeKey = (place: Place): string => {
  switch (place.kind) {
    case 'in':
      return `in ${place.in}`
    case 'row':
      return `row ${place.id}`
    case 'day':
      return `day ${place.date}`
  }
}
