// From the clauses of a sentence to the fields of an action.
import { isIdOf, type Energy, type Horizon, type Id, type Level, type Weight, type When } from '../record'
import { toRuleText, type RepeatRule } from '../repeat'
import { firstOn } from '../repeat/days'
import type { CalendarDate, ClockTime } from '../time'
import type { Clause, Name, NameKind } from './clause'
import type { Sentence } from './parseSentence'
import type { ReminderWhen } from './reminderPhrase'

/** What a sentence says of an action. Null and empty where it says nothing. */
export interface Draft {
  readonly title: string
  readonly due: When | null
  readonly notBefore: CalendarDate | null
  readonly at: When | null
  readonly day: CalendarDate | null
  readonly horizon: Horizon | null
  readonly minutes: number | null
  readonly weight: Weight | null
  readonly energy: Energy | null
  readonly contextIds: readonly Id<'context'>[]
  readonly projectId: Id<'project'> | null
  readonly areaId: Id<'area'> | null
  readonly personIds: readonly Id<'person'>[]
  readonly waiting: {
    readonly personId: Id<'person'> | null
    readonly whom: string
    readonly since: CalendarDate
    readonly chaseOn: CalendarDate | null
    readonly how: string
    readonly toSignOff: boolean
  } | null
  readonly link: string | null
  readonly payoff: Level | null
  readonly craft: Level | null
  readonly repeat: {
    /** As RFC 5545 writes it. */
    readonly rule: string
    readonly fromDone: boolean
    readonly time: ClockTime | null
    /** The day it is counted from, where one was said. */
    readonly startsOn: CalendarDate | null
  } | null
  readonly reminders: readonly ReminderWhen[]
  readonly steps: readonly string[]
}

type Repeating = Omit<NonNullable<Draft['repeat']>, 'startsOn'> & { readonly whole: RepeatRule }

/** A rule with the end that was said beside it. */
function ruleOf(clauses: readonly Clause[]): Repeating | null {
  const repeat = clauses.find((clause) => clause.kind === 'repeat')
  if (!repeat) return null
  const until = clauses.find((clause) => clause.kind === 'until')
  const times = clauses.find((clause) => clause.kind === 'times')
  const whole = {
    ...repeat.rule,
    ...(until ? { until: until.date } : {}),
    ...(times ? { times: times.times } : {}),
  }
  return { rule: toRuleText(whole), fromDone: repeat.fromDone, time: repeat.time, whole }
}

/** The fields that a sentence sets, seen from `today`. */
export function draftOf({ title, clauses }: Sentence, today: CalendarDate): Draft {
  const first = <K extends Clause['kind']>(kind: K) =>
    clauses.find((clause): clause is Extract<Clause, { kind: K }> => clause.kind === kind)
  const namesOf = (kind: NameKind): Name[] =>
    clauses.flatMap((clause) => (clause.kind === kind ? [(clause as { name: Name }).name] : []))
  const idsOf = <K extends NameKind>(kind: K): Id<K>[] =>
    namesOf(kind).flatMap(({ id }) => (isIdOf(kind, id) ? [id as Id<K>] : []))
  const idOf = <K extends NameKind>(kind: K): Id<K> | null => idsOf(kind)[0] ?? null
  const levelOf = (kind: 'payoff' | 'craft'): Level | null => {
    const said = clauses.find((clause) => clause.kind === kind)
    return said ? (said as { level: Level }).level : null
  }
  const [due, at, day, waiting] = [first('due'), first('at'), first('day'), first('waiting')]
  const whom = waiting?.name?.id
  const personId = isIdOf('person', whom) ? whom : null
  const repeating = ruleOf(clauses)
  // What comes back by the calendar stands on its first day, where no other is said.
  const comesFirst = repeating && !repeating.fromDone ? firstOn(repeating.whole, day?.date ?? today) : null
  const time = at?.time ?? repeating?.time ?? null
  const fixedOn = at?.date ?? day?.date ?? comesFirst ?? today
  const laidOn = day?.date ?? (due || first('notBefore') ? null : comesFirst)
  return {
    title,
    due: due ? { date: due.date, time: due.time } : null,
    notBefore: first('notBefore')?.date ?? null,
    at: time ? { date: fixedOn, time } : null,
    day: time ? null : laidOn,
    horizon: first('horizon')?.horizon ?? null,
    minutes: first('minutes')?.minutes ?? at?.minutes ?? null,
    weight: first('weight')?.weight ?? null,
    energy: first('energy')?.energy ?? null,
    contextIds: idsOf('context'),
    projectId: idOf('project'),
    areaId: idOf('area'),
    personIds: [...new Set([...idsOf('person'), ...(personId ? [personId] : [])])],
    waiting: waiting
      ? {
          personId,
          whom: personId ? '' : waiting.whom,
          since: first('since')?.date ?? today,
          chaseOn: first('chase')?.date ?? null,
          how: '',
          toSignOff: false,
        }
      : null,
    link: first('link')?.link ?? null,
    payoff: levelOf('payoff'),
    craft: levelOf('craft'),
    repeat: repeating && {
      rule: repeating.rule,
      fromDone: repeating.fromDone,
      time: repeating.time,
      startsOn: day?.date ?? null,
    },
    reminders: clauses.flatMap((clause) => (clause.kind === 'reminder' ? [clause.when] : [])),
    steps: first('steps')?.steps ?? [],
  }
}

/** A draft as it was meant on the day it was said: "today" is that day, however much later it is acted on. */
export const asSaidOn = (draft: Draft, saidOn: CalendarDate): Draft =>
  draft.horizon === 'today' ? { ...draft, horizon: 'week', day: draft.at ? null : saidOn } : draft
