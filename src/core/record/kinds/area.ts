// A part of life or work that is never over.
import { date, epochMs, kind, nullable, rank, ref, setOf, title } from './field'
import { seal, weeks } from './seal'

export const area = kind(
  {
    groupId: nullable(ref(['group'], 'clear')),
    name: title(),
    ...seal,
    goalIds: setOf(ref(['goal'], 'clear')),
    /** The day it was last looked through, and after how many weeks it is to be again; null for never. */
    lookedOn: nullable(date),
    everyWeeks: nullable(weeks),
    rank,
    closedAtEpochMs: nullable(epochMs),
  },
  { opens: true },
)
