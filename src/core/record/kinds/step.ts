// A part of what it belongs to; a step under another names that one too.
import { epochMs, kind, nullable, rank, ref, title } from './field'
import { owners } from './owners'

export const step = kind({
  ownerId: ref(owners, 'delete'),
  underId: nullable(ref(['step'], 'clear')),
  title: title(),
  rank,
  doneAtEpochMs: nullable(epochMs),
})
