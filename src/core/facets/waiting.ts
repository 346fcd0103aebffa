// For whom or what it waits, since when, and when to chase. Done by me and not accepted yet, it waits for a sign-off.
import { state } from '../lens/asking'
import { isToChase } from '../action'
import { guessOfDate, readDate } from '../sentence/datePhrase'
import { strong } from '../sentence/interpretation'
import type { Clause, Name } from '../sentence/clause'
import type { Action, Id } from '../record'
import type { CalendarDate } from '../time'
import type { ActionPatch, Amendable } from './amendable'
import type { Facet } from './facet'
import { dayWords } from './sayDays'

/** Somebody known, or whoever and whatever is named in words. */
interface WhomMeaning {
  readonly kind: 'waiting'
  readonly name: Name | null
  readonly whom: string
}
interface DayOf<K extends 'since' | 'chase'> {
  readonly kind: K
  readonly date: CalendarDate
}
export type WaitingMeaning = WhomMeaning | DayOf<'since'> | DayOf<'chase'>

const signOff = /^(?:to be |to )?sign(?:ed)?[- ]?off by (.+)$/i

const whomIn = ({ name, whom }: WhomMeaning): Pick<NonNullable<Action['waiting']>, 'personId' | 'whom'> =>
  name ? { personId: name.id as Id<'person'>, whom: '' } : { personId: null, whom }

function waitingFor(
  { waiting: before }: Amendable,
  clause: WhomMeaning,
  today: CalendarDate,
  toSignOff: boolean,
): ActionPatch {
  const meant = whomIn(clause)
  const isSame = before?.personId === meant.personId && before.whom === meant.whom
  if (!isSame) return { waiting: { ...meant, since: today, chaseOn: null, how: '', toSignOff } }
  return before.toSignOff === toSignOff ? {} : { waiting: { ...before, toSignOff } }
}

const withDay = (action: Amendable, day: Partial<NonNullable<Action['waiting']>>): ActionPatch | null =>
  action.waiting ? { waiting: { ...action.waiting, ...day } } : null

/** "waiting for Oda’s quote" with somebody else in it. */
function withWhom(
  text: string,
  clauses: readonly Clause[],
  { waiting }: ActionPatch,
  nameOf: (id: string) => string,
): string {
  const clause = clauses.find(({ kind }) => kind === 'waiting')
  if (!waiting || !clause) return text
  const whom = waiting.personId ? nameOf(waiting.personId) : waiting.whom
  const ending = /['’]s$/.exec(text.slice(clause.start, clause.end))?.[0] ?? ''
  return `${text.slice(0, clause.start)}waiting for ${whom}${ending}${text.slice(clause.end)}`
}

export const waitingFacet: Facet<WaitingMeaning, 'waiting'> = {
  fields: ['waiting'],
  read: (phrase, calendar) => {
    const since = /^since (.+)$/.exec(phrase)?.[1]
    const began = since ? readDate(since.replace(/^last /, ''), calendar, true) : null
    if (began) return strong({ kind: 'since', date: began }, guessOfDate(since as string))
    const chase = /^chase(?: up)?(?: on)? (.+)$/.exec(phrase)?.[1]
    const date = chase ? readDate(chase, calendar) : null
    return date && strong({ kind: 'chase', date }, guessOfDate(chase as string))
  },
  clauses: {
    waiting: {
      order: 1,
      set: (action, clause, { today, parts }) =>
        waitingFor(
          action,
          clause,
          today,
          parts.some((part) => signOff.test(part)),
        ),
      deny: () => ({ waiting: null }),
      isHeld: (_, fields) => fields.waiting !== null,
    },
    since: {
      goesWith: 'waiting',
      order: 2,
      namedBy: /^since\b/,
      set: (action, { date }) => withDay(action, { since: date }),
      isHeld: ({ date }, fields) => fields.waiting?.since === date,
    },
    chase: {
      goesWith: 'waiting',
      order: 2,
      namedBy: /^chase\b/,
      set: (action, { date }) => withDay(action, { chaseOn: date }),
      deny: (action) => withDay(action, { chaseOn: null }) ?? {},
      isHeld: ({ date }, fields) => fields.waiting?.chaseOn === date,
    },
  },
  draft: ({ first, today }) => {
    const said = first('waiting')
    return {
      waiting: said
        ? {
            ...whomIn(said),
            since: first('since')?.date ?? today,
            chaseOn: first('chase')?.date ?? null,
            how: '',
            toSignOff: false,
          }
        : null,
    }
  },
  off: [{ called: /^(?:waiting|waiting for|(?:to )?sign[- ]?off|signing off)$/, patch: { waiting: null } }],
  reword: (part) => part.replace(signOff, 'waiting for $1'),
  // Whom an action waits for counts among its people.
  follow: (before, { waiting, personIds }) =>
    waiting !== before.waiting && waiting?.personId && !personIds.includes(waiting.personId)
      ? { personIds: [...personIds, waiting.personId] }
      : {},
  again: {
    waiting: {
      by: ['since', 'chase'],
      words: ({ since, chaseOn }, { today }) => [
        ...(since === today ? [] : [`since ${dayWords(since)}`]),
        ...(chaseOn ? [`chase ${dayWords(chaseOn)}`] : []),
      ],
    },
  },
  againInPlace: withWhom,
  onOccurrence: () => ({ waiting: null }),
  lens: {
    means: {
      'to sign off': state('toSignOff'),
      'to be signed off': state('toSignOff'),
      'waiting for': state('waiting'),
    },
    states: {
      waiting: {
        matches:
          () =>
          ({ waiting }) =>
            waiting !== null,
        words: ['waiting', 'not waiting'],
      },
      toSignOff: {
        matches:
          () =>
          ({ waiting }) =>
            waiting !== null && waiting.toSignOff,
        words: ['waiting for sign-off', 'not waiting for sign-off'],
      },
      chase: {
        matches:
          ({ today }) =>
          (action) =>
            isToChase(action, today),
        words: ['to chase', 'not to chase'],
      },
    },
  },
}
