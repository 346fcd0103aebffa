export { layOut } from './layOut'
export { minutesBetween } from './rules'
export type { Gap, Layout, LayoutAsked, Place, Placed, Task, WhyLeft, WhyPlaced, Wishes } from './task'
