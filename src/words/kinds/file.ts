import type { KindWords } from './kindWords'

export const file: KindWords<'file'> = {
  singular: 'file',
  plural: 'files',
  fields: {
    ownerId: null,
    name: 'name',
    mediaType: null,
    bytes: null,
    blob: null,
    smallBlob: null,
    rank: null,
    addedAtEpochMs: null,
  },
}
