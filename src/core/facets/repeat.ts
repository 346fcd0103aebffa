// How often it comes back. The rule is a record that belongs to the action.
import { state } from '../lens/asking'
import type { RepeatRule } from '../repeat'
import { readRepeat, readTimes, readUntil } from '../sentence/repeatPhrase'
import { strong } from '../sentence/interpretation'
import type { CalendarDate, ClockTime } from '../time'
import type { Clause } from '../sentence/clause'
import type { Facet } from './facet'
import { ruleSaid } from './ruleSaid'

export interface RuleMeaning {
  readonly kind: 'repeat'
  readonly rule: RepeatRule
  /** Counted from when it was done, not by the calendar. */
  readonly fromDone: boolean
  readonly time: ClockTime | null
}
/** The end of a repeat that is said beside it: "daily, 10 times". */
export type RuleEndMeaning =
  { readonly kind: 'until'; readonly date: CalendarDate } | { readonly kind: 'times'; readonly times: number }
export type RepeatMeaning = RuleMeaning | RuleEndMeaning

/** A rule ends once. */
const hasEnd = (clauses: readonly Clause[]): boolean => {
  const repeat = clauses.find((clause) => clause.kind === 'repeat')
  return repeat?.rule.until !== null || repeat.rule.times !== null
}

export const repeatFacet: Facet<RepeatMeaning> = {
  fields: [],
  read: (phrase, calendar) => {
    const repeat = readRepeat(phrase, calendar)
    if (repeat) {
      const { rule, fromDone, at } = repeat
      return strong({ kind: 'repeat', rule, fromDone, time: at?.time ?? null }, at?.guess ?? null)
    }
    const times = readTimes(phrase)
    if (times) return strong({ kind: 'times', times })
    const until = /^(?:until|till) (.+)$/.exec(phrase)?.[1]
    const date = until ? readUntil(until, calendar) : null
    return date && strong({ kind: 'until', date })
  },
  clauses: {
    repeat: {
      isTimed: true,
      isInFront: true,
      isInMiddle: true,
      namedBy: /^(?:every|each|repeat|repeats)\b/,
      isHeld: (_, fields) => fields.repeat !== null,
    },
    until: {
      goesWith: 'repeat',
      isOutdone: (_, clauses) => hasEnd(clauses),
      isHeld: (_, fields) => fields.repeat !== null,
    },
    times: {
      goesWith: 'repeat',
      isOutdone: (_, clauses) => hasEnd(clauses) || clauses.some(({ kind }) => kind === 'until'),
      isHeld: (_, fields) => fields.repeat !== null,
    },
  },
  draft: (said) => {
    const repeat = ruleSaid(said)
    if (!repeat) return { repeat: null }
    const { rule, fromDone, time } = repeat
    return { repeat: { rule, fromDone, time, startsOn: said.first('day')?.date ?? null } }
  },
  // What comes back by the calendar is laid on its first day, where the action is on none.
  alongside: ({ repeat, day, at }, action) => {
    if (!repeat) return null
    const isOnNoDay = !action.day && !action.at && !action.due && !action.notBefore
    const first = at ? { at } : { day }
    return { parts: { repeat }, patch: isOnNoDay && (day || at) ? first : {} }
  },
  off: [{ called: /^(?:repeats?|repeating|rule|coming back)$/, parts: { repeat: null } }],
  lens: {
    means: {
      'coming back': state('repeating'),
      repeating: state('repeating'),
      recurring: state('repeating'),
    },
    states: {
      repeating: {
        matches:
          ({ repeats }) =>
          ({ id }) =>
            repeats(id),
        words: ['repeating', 'not repeating'],
      },
    },
  },
}
