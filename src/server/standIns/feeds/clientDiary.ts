// The shared diary of a client of the demo's person: Fenwick Hall. It changes from day to day, as diaries do.
import { addDays, daysBetween, weekStartOf, type CalendarDate } from '../../../core/time'
import { icsOf, moment, type WrittenEvent } from './icsText'

/** A Monday: what repeats began then. */
const began = '2025-01-06' as CalendarDate

export function clientDiary(today: CalendarDate): string {
  const monday = weekStartOf(today, 0)
  const day = daysBetween(began, today)
  const trustees = { uid: 'trustees', title: 'Fenwick trustees', place: 'Studio', people: ['Perrin Vale'] }
  const events: readonly WrittenEvent[] = [
    {
      ...trustees,
      on: addDays(began, 2),
      at: '09:30',
      minutes: 60,
      more: ['RRULE:FREQ=WEEKLY;BYDAY=WE', moment('EXDATE', addDays(monday, 16), '09:30')],
    },
    // Next week's is an hour later.
    {
      ...trustees,
      on: addDays(monday, 9),
      at: '10:30',
      minutes: 60,
      more: [moment('RECURRENCE-ID', addDays(monday, 9), '09:30')],
    },
    {
      uid: 'lab',
      title: 'Lab call',
      people: ['Perrin Vale', 'Kofi Mensah'],
      on: addDays(began, 1),
      at: '10:00',
      minutes: 30,
      more: ['RRULE:FREQ=WEEKLY;INTERVAL=2'],
    },
    {
      uid: 'rehearsal',
      title: 'Hall in use: rehearsal',
      place: 'Fenwick Hall',
      on: addDays(began, 3),
      at: '17:00',
      minutes: 150,
      more: ['RRULE:FREQ=MONTHLY;BYDAY=2TH,4TH', 'TRANSP:TRANSPARENT'],
    },
    {
      uid: `seats-${monday}`,
      title: 'Seats out of the hall',
      place: 'Fenwick Hall',
      on: addDays(monday, 10),
      days: 3,
    },
    // It is moved about until it comes: each day says another time.
    {
      uid: `walk-${monday}`,
      title: 'Walk through the hall with the builders',
      place: 'Fenwick Hall',
      note: 'Bring the drawings of the balcony.',
      people: ['Perrin Vale'],
      on: addDays(monday, 4),
      at: `${11 + (day % 3)}:00`,
      minutes: 45,
    },
    // Every third day somebody asks for a call, and takes it back.
    ...(day % 3 === 0
      ? []
      : [
          {
            uid: `call-${monday}`,
            title: 'Short call about the balcony',
            on: addDays(monday, 3),
            at: '15:30',
            minutes: 20,
          },
        ]),
  ]
  return icsOf('Fenwick Hall', events)
}
