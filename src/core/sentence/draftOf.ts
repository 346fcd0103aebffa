// From the clauses of a sentence to the fields of an action.
import { isIdOf, type Energy, type Horizon, type Id, type Weight, type When } from '../record'
import type { CalendarDate } from '../time'
import type { Clause, Name, NameKind } from './clause'
import type { Sentence } from './parseSentence'

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
  } | null
  readonly address: string | null
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
  const [due, at, day, waiting] = [first('due'), first('at'), first('day'), first('waiting')]
  const whom = waiting?.name?.id
  const personId = isIdOf('person', whom) ? whom : null
  return {
    title,
    due: due ? { date: due.date, time: due.time } : null,
    notBefore: first('notBefore')?.date ?? null,
    at: at ? { date: at.date ?? day?.date ?? today, time: at.time } : null,
    day: at ? null : (day?.date ?? null),
    horizon: first('horizon')?.horizon ?? null,
    minutes: first('minutes')?.minutes ?? null,
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
        }
      : null,
    address: first('address')?.address ?? null,
  }
}

/** A draft as it was meant on the day it was said: "today" is that day, however much later it is acted on. */
export const asSaidOn = (draft: Draft, saidOn: CalendarDate): Draft =>
  draft.horizon === 'today' ? { ...draft, horizon: 'week', day: draft.at ? null : saidOn } : draft
