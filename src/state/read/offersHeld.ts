// Offers with the times that are held for them, as they are listed.
import { recordsIn, type Document } from '@/core/journal'
import { byId, type HeldTime, type Offer } from '@/core/record'

/** An offer with its times, in the order they come. */
export interface OfferHeld {
  readonly offer: Offer
  readonly times: readonly HeldTime[]
}

/** Every offer, the latest first. */
export function offersHeld(document: Document): OfferHeld[] {
  const times = recordsIn(document, 'heldTime')
  return recordsIn(document, 'offer')
    .map((offer) => ({
      offer,
      times: times
        .filter(({ offerId }) => offerId === offer.id)
        .sort((a, b) => a.fromEpochMs - b.fromEpochMs),
    }))
    .sort((a, b) => b.offer.madeAtEpochMs - a.offer.madeAtEpochMs || byId(a.offer, b.offer))
}
