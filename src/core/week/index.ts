export { dayOnSheet, weekSheetOf, type WeekDay, type WeekSheet } from './weekSheet'
