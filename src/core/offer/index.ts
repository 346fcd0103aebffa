export { timesToOffer, type OfferedTime, type OfferWish, type OwnDays } from './timesToOffer'
