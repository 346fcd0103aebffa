export { monthsOfYear, monthStartOf, weeksOfMonth } from './month'
export { weekSheetOf, type WeekDay, type WeekSheet } from './weekSheet'
export { dayAsItWent, daysTogether, type DayAsItWent, type DonePart } from './asItWent'
