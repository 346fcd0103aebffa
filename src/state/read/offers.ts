// Times that are held for somebody until they answer: what they take of each day, and whose they are.
import type { ShownEvent } from '@/core/calendar/calendarReader'
import type { Interval } from '@/core/day'
import { recordIn, recordsIn, type Document } from '@/core/journal'
import { localMomentAt, type CalendarDate, type LocalMoment } from '@/core/time'

interface OnDays {
  readonly zone: string
  readonly spans: readonly { readonly from: LocalMoment; readonly to: LocalMoment }[]
}
const known = new WeakMap<object, OnDays>()

/** What held times take of a day. */
export function heldOn(document: Document, date: CalendarDate, zone: string): Interval[] {
  let days = known.get(document.heldTime)
  if (days?.zone !== zone) {
    const spans = recordsIn(document, 'heldTime').map(({ fromEpochMs, toEpochMs }) => ({
      from: localMomentAt(fromEpochMs, zone),
      to: localMomentAt(toEpochMs, zone),
    }))
    days = { zone, spans }
    known.set(document.heldTime, days)
  }
  return days.spans.flatMap(({ from, to }) =>
    from.date > date || to.date < date
      ? []
      : [{ from: from.date < date ? 0 : from.minute, to: to.date > date ? 1440 : to.minute }],
  )
}

/** What stands for a calendar where a time is held. */
export const heldCalendarId = 'held'

const none: ShownEvent[] = []
/** Held times as a day shows them, beside the events of calendars. */
export function heldEvents(document: Document, titled: (title: string) => string): readonly ShownEvent[] {
  const times = recordsIn(document, 'heldTime')
  return times.length === 0
    ? none
    : times.map(({ id, offerId, fromEpochMs, toEpochMs }) => ({
        id,
        calendarId: heldCalendarId,
        title: titled(recordIn(document, offerId)?.title ?? ''),
        place: '',
        fromEpochMs,
        toEpochMs,
        isAllDay: false,
        isBusy: true,
        isTentative: true,
        zone: null,
      }))
}
