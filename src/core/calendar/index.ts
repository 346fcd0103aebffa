// The shapes and limits: what reads a calendar loads in its worker.
export { calendarLimitBytes } from './limits'
export type { CalendarFault, LeftOutOfCalendar } from './readCalendar'
export type { CalendarEvent, EventsIn, Span } from './eventsIn'
export type { Attendee, EventTexts } from './series'
