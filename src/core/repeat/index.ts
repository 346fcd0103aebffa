export { firstOn } from './firstOn'
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
