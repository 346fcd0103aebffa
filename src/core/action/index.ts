// What is true of one action, whatever list it stands in.
export { isCarriedOver, meantFor } from './carryOver'
export { dayOnSheet } from './dayOnSheet'
export { heldAt, horizonOf, laidOnDay, withHorizon } from './held'
export { isHeldUp, isToChase } from './isHeldUp'
export { isHidden } from './isHidden'
export { isOpen } from './isOpen'
export { isRedated } from './redated'
export { hasComeBack } from './hasComeBack'
export {
  aloneAfter,
  idOnTurn,
  madeAlone,
  onTurn,
  remindedOn,
  remindersOnTurn,
  seriesNameOf,
  standsOn,
  stepsOnTurn,
  turnOf,
} from './series'
