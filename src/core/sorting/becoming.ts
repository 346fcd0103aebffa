// What a sentence becomes in each compartment, and which of its words have no place of their own there. Law: every word
// of a slip is afterwards in the record, as a field or word for word in its note.
import { rulesOf } from '../facets'
import type { Clause, Draft, Sentence } from '../sentence'
import type { CalendarDate } from '../time'
import type { Compartment } from './compartments'
import { fieldsFor } from './fieldsFor'

export interface Becoming {
  /** The fields of the sentence that the compartment keeps; those it has no place for are empty. */
  readonly fields: Draft
  /** The words it has no place for, as they were written, for the note; empty where there are none. */
  readonly left: string
}

/** Whether what a clause says can be read off the fields. */
function isHeld(clause: Clause, fields: Draft, saidOn: CalendarDate): boolean {
  if (clause.kind === 'steps') return fields.steps.length > 0
  // A question was not acted on: its words are in the title.
  return rulesOf(clause.kind)?.isHeld(clause, fields, saidOn) ?? true
}

/**
 * The words of a sentence that `fields` do not hold and that are not in its title: a list by itself, the rest in one
 * line.
 */
function wordsLeft(text: string, { clauses }: Sentence, fields: Draft, saidOn: CalendarDate): string {
  const left = clauses.filter((clause) => !clause.inTitle && !isHeld(clause, fields, saidOn))
  const wordsOf = ({ start, end }: Clause) => text.slice(start, end).trim()
  const lists = left.filter(({ kind }) => kind === 'steps').map(wordsOf)
  const others = left.filter(({ kind }) => kind !== 'steps').map(wordsOf)
  return [...lists, others.join(', ')].filter((line) => line !== '').join('\n\n')
}

/** What `text`, read as `sentence` and drafted as `draft` on the day it was said, becomes in a compartment. */
export function becoming(
  compartment: Compartment,
  text: string,
  sentence: Sentence,
  draft: Draft,
  saidOn: CalendarDate,
): Becoming {
  const fields = fieldsFor(compartment, draft)
  return { fields, left: wordsLeft(text, sentence, fields, saidOn) }
}

/** A first next action that is said while its project is made: it is in that project whatever else it names. */
export function becomingNext(text: string, sentence: Sentence, draft: Draft, saidOn: CalendarDate): Becoming {
  const fields = { ...draft, projectId: null, areaId: null }
  return { fields, left: wordsLeft(text, sentence, fields, saidOn) }
}
