export { dayBandNames, dayBandOf, dayBandsOf, doneBandOf, type DayBandName, type DayBands } from './dayBands'
export { ticklerMonths, type TicklerDay, type TicklerMonth } from './ticklerMonths'
export { loadOf, minutesOf, type Load } from './load'
export {
  compareByHand,
  compareForDay,
  firstInOrderOfWork,
  inOrderOfHand,
  inOrderOfWork,
  isHandAlone,
} from './order'
export { anyReach, fitsContexts, fitsEnergy, fitsMinutes, isDoable, isInReach, type Reach } from './reach'
