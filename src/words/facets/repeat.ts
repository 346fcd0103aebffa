import { count } from '../counts'
import { shortDate } from '../dates'
import { repeatWords, ruleWords } from '../repeat'
import type { FacetWords } from './facetWords'

export const repeatFacetWords: FacetWords<'repeat', 'repeat' | 'until' | 'times', 'repeat'> = {
  settings: { repeat: { name: 'Repeat', offered: 'repeat', isOffered: () => false } },
  clauses: {
    repeat: { words: (clause, today) => ruleWords(clause.rule, clause, today), again: 'Repeat' },
    until: { words: ({ date }, today) => `until ${shortDate(date, today)}`, again: 'Repeat until' },
    times: { words: ({ times }) => count(times, 'time'), again: 'How many times' },
  },
  fields: {},
  details: {
    repeat: {
      name: 'Repeats',
      words: ({ id }, { repeatOf, today }) => {
        const repeat = repeatOf(id)
        return repeat ? repeatWords(repeat, today) : ''
      },
      isSet: ({ id }, { repeatOf }) => repeatOf(id) !== undefined,
    },
  },
}
