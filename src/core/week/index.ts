export { weekSheetOf, type WeekDay, type WeekSheet } from './weekSheet'
