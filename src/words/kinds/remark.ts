import type { KindWords } from './kindWords'

export const remark: KindWords<'remark'> = {
  singular: 'remark',
  plural: 'remarks',
  fields: {
    ownerId: null,
    text: 'words',
    date: 'day',
    writtenAtEpochMs: null,
  },
}
