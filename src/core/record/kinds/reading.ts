// Something to read, watch or hear.
import { readingStates } from '../scales'
import { epochMs, kind, line, minutes, note, nullable, oneOf, ref, title, withBlank } from './field'

export const reading = kind(
  {
    title: title(),
    note: note(),
    link: nullable(line({ isSearched: true })),
    projectId: nullable(ref(['project'], 'clear')),
    areaId: nullable(ref(['area'], 'clear')),
    state: withBlank(oneOf(readingStates), 'unread'),
    minutes: nullable(minutes),
    createdAtEpochMs: epochMs,
    slipId: nullable(ref(['slip'], 'keep')),
    letGoAtEpochMs: nullable(epochMs),
  },
  { opens: true },
)
