// The day before which it is hidden.
import { isHidden } from '../action'
import { guessOfDate, monthPattern, readDate, type Calendar } from '../sentence/datePhrase'
import { strong } from '../sentence/interpretation'
import type { CalendarDate } from '../time'
import type { Facet } from './facet'
import { dayWords } from './sayDays'

export interface NotBeforeMeaning {
  readonly kind: 'notBefore'
  readonly date: CalendarDate
}

const wholeMonth = new RegExp(`^${monthPattern}$`)

/** "not before May" is its first day. */
const monthAlone = (said: string, calendar: Calendar): CalendarDate | null =>
  wholeMonth.test(said) ? readDate(`start of ${said}`, calendar) : null

export const notBeforeFacet: Facet<NotBeforeMeaning, 'notBefore'> = {
  fields: ['notBefore'],
  read: (phrase, calendar) => {
    const said = /^(?:not (?:before|until)|hide until|hidden until) (.+)$/.exec(phrase)?.[1]
    const date = said ? (readDate(said, calendar) ?? monthAlone(said, calendar)) : null
    return date && strong({ kind: 'notBefore', date }, guessOfDate(said as string))
  },
  clauses: {
    notBefore: {
      isInFront: true,
      isInMiddle: true,
      namedBy: /^(?:not (?:before|until)|hide|hidden)\b/,
      set: (_, { date }) => ({ notBefore: date }),
      isHeld: ({ date }, fields) => fields.notBefore === date,
    },
  },
  draft: ({ first }) => ({ notBefore: first('notBefore')?.date ?? null }),
  off: [{ called: /^(?:tickler|hiding|hidden)$/, patch: { notBefore: null } }],
  again: {
    notBefore: { by: ['notBefore'], words: (value) => [`not before ${dayWords(value)}`] },
  },
  onOccurrence: ({ notBefore }, { moved }) => ({ notBefore: notBefore && moved(notBefore) }),
  isForOneAlone: 'whereMoved',
  lens: {
    dates: {
      notBefore: {
        dateOf: ({ notBefore }) => notBefore,
        lead: 'not before',
        noun: 'a not-before day',
      },
    },
    states: {
      hidden: {
        matches:
          ({ today }) =>
          (action) =>
            isHidden(action, today),
        words: ['hidden', 'not hidden'],
      },
    },
  },
}
