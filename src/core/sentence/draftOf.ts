// From the clauses of a sentence to the fields of an action.
import { isIdOf, type Energy, type Horizon, type Id, type Weight, type When } from '../record'
import type { CalendarDate } from '../time'
import type { Clause } from './clause'
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
  readonly waiting: { readonly personId: Id<'person'>; readonly since: CalendarDate; readonly chaseOn: CalendarDate | null } | null
  readonly address: string | null
}

/** The fields that a sentence sets, seen from `today`. */
export function draftOf({ title, clauses }: Sentence, today: CalendarDate): Draft {
  const first = <K extends Clause['kind']>(kind: K) => clauses.find((clause): clause is Extract<Clause, { kind: K }> => clause.kind === kind)
  const idsOf = <K extends 'context' | 'person'>(kind: K): Id<K>[] =>
    clauses.flatMap((clause) => ('name' in clause && clause.kind === kind && isIdOf(kind, clause.name.id) ? [clause.name.id] : []))
  const idOf = <K extends 'project' | 'area'>(kind: K): Id<K> | null => {
    const clause = clauses.find((candidate) => candidate.kind === kind)
    return clause && 'name' in clause && isIdOf(kind, clause.name.id) ? clause.name.id : null
  }
  const [due, at, day, waiting] = [first('due'), first('at'), first('day'), first('waiting')]
  const whom = waiting?.name.id
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
    personIds: [...new Set([...idsOf('person'), ...(isIdOf('person', whom) ? [whom] : [])])],
    waiting: isIdOf('person', whom) ? { personId: whom, since: first('since')?.date ?? today, chaseOn: first('chase')?.date ?? null } : null,
    address: first('address')?.address ?? null,
  }
}
