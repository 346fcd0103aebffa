// What to raise with a person the next time one talks to them.
import { epochMs, kind, nullable, rank, ref, title } from './field'

export const topic = kind({
  ownerId: ref(['person'], 'delete'),
  text: title(),
  /** What it came from, whatever became of that. */
  aboutId: nullable(ref(['slip', 'action', 'project', 'note', 'reference', 'reading'], 'keep')),
  createdAtEpochMs: epochMs,
  raisedAtEpochMs: nullable(epochMs),
  /** The meeting note of the talk it was raised in. */
  raisedInId: nullable(ref(['note'], 'clear')),
  rank,
})
