// A note, link or file kept, with nothing to do.
import { epochMs, kind, line, note, nullable, ref, title } from './field'

export const reference = kind(
  {
    title: title(),
    note: note(),
    link: nullable(line({ isSearched: true })),
    projectId: nullable(ref(['project'], 'clear')),
    areaId: nullable(ref(['area'], 'clear')),
    createdAtEpochMs: epochMs,
    slipId: nullable(ref(['slip'], 'keep')),
    letGoAtEpochMs: nullable(epochMs),
  },
  { opens: true },
)
