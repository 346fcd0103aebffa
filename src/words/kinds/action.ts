import { facetLabels } from '../facets'
import type { KindWords } from './kindWords'

export const action: KindWords<'action'> = {
  singular: 'action',
  plural: 'actions',
  fields: {
    title: 'title',
    note: 'note',
    ...facetLabels,
    occurrence: null,
    overrides: null,
    moved: null,
    startedAtEpochMs: null,
    timerFromEpochMs: null,
    takenMinutes: 'minutes taken',
    afterIds: 'after',
    rank: null,
    createdAtEpochMs: null,
    slipId: null,
    lineOf: null,
    event: 'event',
    doneAtEpochMs: null,
    letGoAtEpochMs: null,
  },
}
