// Several areas side by side, on one side of life.
import { sides } from '../scales'
import { epochMs, kind, nullable, oneOf, rank, title } from './field'
import { seal } from './seal'

export const group = kind(
  {
    name: title(),
    side: oneOf(sides),
    ...seal,
    rank,
    closedAtEpochMs: nullable(epochMs),
  },
  { opens: true },
)
