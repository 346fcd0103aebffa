// What is known of a person or a firm, a line each: a number, an address, a birthday.
import { factTypes } from '../scales'
import { kind, line, oneOf, rank, ref, title } from './field'

export const fact = kind({
  ownerId: ref(['person'], 'delete'),
  /** What it is called: "mobile", "likes". */
  label: line(),
  /** As it was written; a date as `2026-05-03`, without a year as `--05-03`. */
  value: title(),
  /** What a tap on it does. */
  type: oneOf(factTypes),
  rank,
})
