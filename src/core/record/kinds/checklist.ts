// Steps under a name of their own that are gone through again and again: in an action or a project, or alone.
import { epochMs, kind, nullable, rank, ref, title } from './field'

export const checklist = kind(
  {
    name: title(),
    ownerId: nullable(ref(['action', 'project'], 'delete')),
    rank,
    createdAtEpochMs: epochMs,
    letGoAtEpochMs: nullable(epochMs),
  },
  { opens: true },
)
