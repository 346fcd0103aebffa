// A part of the reviews of one rhythm, where it differs from what comes with the program; or an own question.
import { reviewRhythms } from '../scales'
import { epochMs, flag, kind, nullable, oneOf, rank, text } from './field'

export const reviewStone = kind({
  rhythm: oneOf(reviewRhythms),
  /** Empty where it comes with the program: its name is in its id then. */
  question: text(5000),
  rank,
  /** Left out of the round. */
  isOff: flag,
  /** An own question that is asked no longer; its answers stay. */
  letGoAtEpochMs: nullable(epochMs),
})
