// How near it is held. *Today* stands for its day.
import { horizonOf, withHorizon } from '../action'
import { keptHorizons, type Action, type Horizon } from '../record'
import { strong, weak, type Interpretation } from '../sentence/interpretation'
import { choice } from '../lens/asking'
import { set } from '../lens/dateHeadings'
import type { CalendarDate } from '../time'
import type { Facet } from './facet'

export interface HorizonMeaning {
  readonly kind: 'horizon'
  readonly horizon: Horizon
}

const words: Readonly<Record<string, Interpretation>> = {
  today: strong({ kind: 'horizon', horizon: 'today' }),
  tonight: strong({ kind: 'horizon', horizon: 'today' }),
  'this week': strong({ kind: 'horizon', horizon: 'week' }),
  someday: strong({ kind: 'horizon', horizon: 'someday' }),
  'some day': strong({ kind: 'horizon', horizon: 'someday' }),
  soon: weak({ kind: 'horizon', horizon: 'soon' }),
  later: weak({ kind: 'horizon', horizon: 'shelf' }),
  'on the shelf': weak({ kind: 'horizon', horizon: 'shelf' }),
}
const said = { week: 'this week', soon: 'soon', shelf: 'later', someday: 'someday' } as const

const isOf =
  (today: CalendarDate) =>
  (action: Action): Horizon =>
    horizonOf(action, today)

export const horizonFacet: Facet<HorizonMeaning, 'horizon'> = {
  fields: ['horizon'],
  readFirst: (phrase) => (Object.hasOwn(words, phrase) ? (words[phrase] as Interpretation) : null),
  clauses: {
    horizon: {
      isTimed: true,
      isInFront: true,
      isInMiddle: true,
      // *Today* means nothing where another day is said.
      isOutdone: ({ horizon }, clauses, today) =>
        horizon === 'today' &&
        today !== null &&
        clauses.some(
          (other) =>
            (other.kind === 'day' || other.kind === 'at') && other.date !== null && other.date !== today,
        ),
      set: (action, { horizon }, { today }) =>
        horizonOf(action, today) === horizon ? {} : withHorizon(action, horizon, today),
      deny: (action, { horizon }, today) => {
        if (horizonOf(action, today) !== horizon) return {}
        return horizon === 'today' ? { day: null } : { horizon: 'soon' }
      },
      isHeld: ({ horizon }, fields, saidOn) =>
        fields.horizon === horizon ||
        (horizon === 'today' && (fields.day === saidOn || fields.at?.date === saidOn)),
    },
  },
  draft: ({ first }) => ({ horizon: first('horizon')?.horizon ?? null }),
  off: [{ called: /^horizon$/, patch: { horizon: 'soon' } }],
  again: {
    horizon: { by: ['horizon'], words: (value, { patch }) => (patch.day ? [] : [said[value]]) },
  },
  forOne: (action, patch, today) =>
    withHorizon(action, patch.day === today ? 'today' : (patch.horizon ?? action.horizon), today),
  isForOneAlone: 'always',
  lens: {
    means: {
      soon: choice('horizon', 'soon'),
      someday: choice('horizon', 'someday'),
      'on the shelf': choice('horizon', 'shelf'),
      later: choice('horizon', 'shelf'),
    },
    choices: {
      horizon: {
        valuesOf: ({ today }) => isOf(today),
        scale: { lead: 'held', values: { today: 'today', ...said } },
      },
    },
    groups: {
      horizon: {
        word: 'horizon',
        scale: ['today', ...keptHorizons],
        keyOf: ({ today }) => isOf(today),
        lay: (action, key, _, { today }) =>
          key === 'today' || (keptHorizons as readonly string[]).includes(key)
            ? set(withHorizon(action, key as Horizon, today))
            : { kind: 'not', why: 'follows' },
      },
    },
    sorts: {
      horizon: {
        keyOf:
          ({ today }) =>
          (action) =>
            action.day === today ? -1 : keptHorizons.indexOf(action.horizon),
        words: ['horizon', 'furthest first'],
      },
    },
  },
}
