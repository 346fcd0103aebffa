import { reminderWords } from '../repeat'
import type { FacetWords } from './facetWords'

export const reminderFacetWords: FacetWords<'reminder', 'reminder'> = {
  settings: { reminder: { name: 'Reminder', offered: 'reminder', isOffered: () => false } },
  clauses: { reminder: { words: ({ when }, today) => reminderWords(when, today), again: 'Reminder' } },
  fields: {},
  details: {},
}
