export { daysFrom, daysIn, enteredAt, howTheyPass, type StageFigures, type WayFigures } from './howTheyPass'
