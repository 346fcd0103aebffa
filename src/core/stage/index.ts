export {
  daysFrom,
  daysIn,
  enteredAt,
  howTheyPass,
  median,
  type StageFigures,
  type WayFigures,
} from './howTheyPass'
