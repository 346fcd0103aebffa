export { ancestorsOf, isAtHand, nestedOrder, withAncestors, withinOf } from './nested'
