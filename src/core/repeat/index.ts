// The rule alone. Which days it gives needs the rule library: days.ts is imported from its own file.
export {
  everyDay,
  frequencies,
  longestInterval,
  mostTimes,
  parseRuleText,
  toRuleText,
  type Frequency,
  type RepeatRule,
} from './rule'
export { movedRule } from './movedRule'
export { bodiesFor, everyWeekOn, mayLackDay, withBody } from './choices'
