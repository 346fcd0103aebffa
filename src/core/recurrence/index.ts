export { isRule, isTooOften, type WallMs } from './rule'
export { wallsBetween, type Recurrence } from './wallsBetween'
