// The sheets around times to offer: they load together, when one is first opened.
export { HeldTimeSheet } from './HeldTimeSheet'
export { OfferTimes } from './OfferTimes'
