// How long it will take.
import { readLength } from '../sentence/lengthPhrase'
import { strong } from '../sentence/interpretation'
import { minutes as asked } from '../lens/asking'
import { set } from '../lens/dateHeadings'
import type { Condition } from '../lens/lens'
import type { Facet } from './facet'

export interface MinutesMeaning {
  readonly kind: 'minutes'
  readonly minutes: number
}

const upTo = [15, 30, 60, 120] as const
/** Headings of minutes: up to so many, and more than the last. */
export const minuteGroups: readonly string[] = [...upTo.map(String), 'more']

function lengthAsked(words: string): Condition | null {
  const form =
    /^(up to|under|less than|at most|within|no more than|over|more than|at least|longer than)? ?(.+)$/.exec(
      words,
    )
  const said = form?.[2] ?? ''
  const length = readLength(/^\d+$/.test(said) ? `${said} min` : said)
  // A bare number is a length only behind such a word.
  if (length === null || (form?.[1] === undefined && /^\d+$/.test(said))) return null
  return /^(?:over|more than|at least|longer than)$/.test(form?.[1] ?? '')
    ? asked(length, null)
    : asked(null, length)
}

export const minutesFacet: Facet<MinutesMeaning, 'minutes'> = {
  fields: ['minutes'],
  readFirst: (phrase) => {
    const said = /^(?:for |takes |about |roughly |around |approx |~ ?)?(.+)$/.exec(phrase)?.[1] ?? phrase
    // "wait a minute" is no length.
    const minutes = /^[\dahotfsqnelc]/.test(said) && !/^an? min/.test(said) ? readLength(said) : null
    return minutes ? strong({ kind: 'minutes', minutes }) : null
  },
  clauses: {
    minutes: {
      isTimed: true,
      isInMiddle: true,
      set: (_, { minutes }) => ({ minutes }),
      deny: (action, { minutes }) => (action.minutes === minutes ? { minutes: null } : {}),
      isHeld: ({ minutes }, fields) => fields.minutes === minutes,
    },
  },
  draft: ({ first }) => ({ minutes: first('minutes')?.minutes ?? first('at')?.minutes ?? null }),
  off: [{ called: /^(?:minutes?|length|time needed|estimate)$/, patch: { minutes: null } }],
  again: { minutes: { by: ['minutes'], words: (value) => [`${value} min`] } },
  lens: {
    means: {
      short: asked(null, 15),
      quick: asked(null, 15),
      brief: asked(null, 15),
      long: asked(60, null),
      'no minutes': asked(null, null),
      unestimated: asked(null, null),
    },
    askFirst: lengthAsked,
    groups: {
      minutes: {
        word: 'minutes',
        scale: minuteGroups,
        keyOf:
          () =>
          ({ minutes }) => {
            if (minutes === null) return ''
            return String(upTo.find((most) => minutes <= most) ?? 'more')
          },
        lay: (_, key) =>
          key === 'more'
            ? { kind: 'ask', field: 'minutes' }
            : set({ minutes: key === '' ? null : Number(key) }),
      },
    },
    sorts: {
      minutes: {
        keyOf:
          () =>
          ({ minutes }) =>
            minutes,
        words: ['minutes', 'longest first'],
      },
    },
  },
}
