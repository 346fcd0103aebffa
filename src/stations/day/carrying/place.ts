import type { DayBandName } from '@/core/day'
import type { Id } from '@/core/record'
import type { CalendarDate } from '@/core/time'

/** Where something can be laid down that is carried over the Day sheet. */
export type Place =
  | { readonly kind: 'band'; readonly band: DayBandName }
  | { readonly kind: 'row'; readonly band: DayBandName; readonly id: Id<'action'> }
  | { readonly kind: 'day'; readonly date: CalendarDate }

export const placeKey = (place: Place): string => {
  switch (place.kind) {
    case 'band':
      return `band ${place.band}`
    case 'row':
      return `row ${place.id}`
    case 'day':
      return `day ${place.date}`
  }
}
