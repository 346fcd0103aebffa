// What of the Day is not there at once, behind one door: its hours, and what is in reach.
export { InReach, ReachChoices } from './InReach'
export { HoursRibbon } from './hours/HoursRibbon'
export { HoursSheet } from './hours/HoursSheet'
