export { dayBandNames, dayBandOf, dayBandsOf, doneBandOf, type DayBandName, type DayBands } from './dayBands'
export { ticklerMonths, type TicklerDay, type TicklerMonth } from './ticklerMonths'
export { gapsIn, joined, minutesIn, within, type Interval } from './busy'
export { availableIn, hasPrivateHours, hoursOn, stretchedTo } from './hours'
export {
  breaksOf,
  endOfDay,
  loadAt,
  loadOf,
  minutesLeft,
  minutesOf,
  openIn,
  roomIn,
  startOfDay,
  type DaySize,
  type Load,
} from './load'
export { tapeOf, type DayTape, type TapePiece } from './tapeOf'
export {
  compareByHand,
  compareForDay,
  firstInOrderOfWork,
  inOrderOfHand,
  inOrderOfWork,
  isHandAlone,
} from './order'
export {
  anyReach,
  fitsContexts,
  fitsEnergy,
  fitsMinutes,
  isDoable,
  isInReach,
  isSameReach,
  type Reach,
} from './reach'
