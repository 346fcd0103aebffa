export { daysFrom, enteredAt, howTheyPass, median, type StageFigures, type WayFigures } from './howTheyPass'
