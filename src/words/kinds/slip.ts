import type { KindWords } from './kindWords'

export const slip: KindWords<'slip'> = {
  singular: 'slip',
  plural: 'slips',
  fields: {
    text: 'words',
    takenOff: 'words left as they are',
    note: 'note',
    personIds: 'people',
    setDownAtEpochMs: null,
    lineOf: null,
    letGoAtEpochMs: null,
  },
}
