// The rule alone. Which days it gives needs the rule library, and what is chosen or moved loads with that: days,
// choices and movedRule are imported from their own files.
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
