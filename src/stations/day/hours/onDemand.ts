// The day as hours, behind one door.
export { HoursRibbon } from './HoursRibbon'
export { HoursSheet } from './HoursSheet'
