export { makeAvailable, withMore, type Available, type DayRoom } from './available'
export { compareDue, fitOf, withPromised, type Fit, type FitPoint, type Promised } from './fit'
export { waysOutOf, type FitWay, type MendingWay } from './waysOut'
