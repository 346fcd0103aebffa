// All that keeps calendars read, behind one door: what stands behind two would load at the start.
export { engineOf } from './engine'
export { addCalendarFile, addCalendarLink } from './addCalendar'
