export { ancestorsOf, isAtHand, nestedOrder, windowsOn, withAncestors, withinOf } from './nested'
