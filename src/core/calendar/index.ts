// Only the shapes: what reads a calendar loads in its worker.
export type { CalendarFault, LeftOutOfCalendar } from './readCalendar'
export type { CalendarEvent, EventsIn, Span } from './eventsIn'
export type { Attendee, EventTexts } from './series'
