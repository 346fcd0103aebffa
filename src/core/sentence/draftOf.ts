// From the clauses of a sentence to the fields of a new action.
import { facets } from '../facets'
import type { SaidClauses } from '../facets/facet'
import type { CalendarDate } from '../time'
import { nothingSaid, type Draft } from './draft'
import type { Sentence } from './parseSentence'

/** The fields that a sentence sets, seen from `today`. */
export function draftOf({ title, clauses }: Sentence, today: CalendarDate): Draft {
  const all = ((kind) => clauses.filter((clause) => clause.kind === kind)) as SaidClauses['all']
  const said: SaidClauses = { all, first: (kind) => all(kind)[0], today }
  return facets.reduce<Draft>((draft, facet) => ({ ...draft, ...facet.draft?.(said) }), {
    ...nothingSaid,
    title,
    steps: said.first('steps')?.steps ?? [],
  })
}

/** A draft as it was meant on the day it was said: "today" is that day, however much later it is acted on. */
export const asSaidOn = (draft: Draft, saidOn: CalendarDate): Draft =>
  draft.horizon === 'today' ? { ...draft, horizon: 'week', day: draft.at ? null : saidOn } : draft
