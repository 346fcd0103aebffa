import type { KindWords } from './kindWords'

export const calendar: KindWords<'calendar'> = {
  singular: 'calendar',
  plural: 'calendars',
  fields: {
    name: 'name',
    ink: 'colour',
    side: 'side',
    isHidden: 'hidden',
    isFree: 'takes no time',
    link: 'link',
    blob: null,
    readAtEpochMs: null,
    rank: null,
    addedAtEpochMs: null,
  },
}
