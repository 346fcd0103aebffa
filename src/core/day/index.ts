export { dayBandNames, dayBandOf, dayBandsOf, type DayBandName, type DayBands } from './dayBands'
export { loadOf, minutesOf, type Load } from './load'
export { compareForDay, firstInOrderOfWork, inOrderOfWork } from './order'
export { anyReach, isInReach, type Reach } from './reach'
