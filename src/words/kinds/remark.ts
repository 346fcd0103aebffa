import type { KindWords } from './kindWords'

export const remark: KindWords<'remark'> = {
  one: 'remark',
  many: 'remarks',
  fields: {
    ownerId: null,
    text: 'words',
    date: 'day',
    writtenAtEpochMs: null,
  },
}
