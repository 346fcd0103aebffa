// One of the times of an offer: nothing else is planned there until it is answered or taken back.
import { epochMs, kind, ref } from './field'

export const heldTime = kind({
  offerId: ref(['offer'], 'delete'),
  fromEpochMs: epochMs,
  toEpochMs: epochMs,
})
