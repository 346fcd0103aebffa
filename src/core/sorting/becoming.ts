// What a sentence becomes in each compartment, and which of its words have no place of their own there. Law: every word
// of a slip is afterwards in the record, as a field or word for word in its note.
import { isEqual } from '../isEqual'
import { nothingSaid, type Clause, type Draft, type Sentence } from '../sentence'
import type { CalendarDate } from '../time'
import type { Compartment } from './compartments'

/** A list after a colon, as a project takes it. */
export type ListAs = 'actions' | 'anyOrder' | 'steps'

export interface Becoming {
  /** The fields of the sentence that the compartment takes; those it has no place for are empty. */
  readonly fields: Draft
  /** The words it has no place for, as they were written, for the note; empty where there are none. */
  readonly left: string
}

/** What each compartment takes of a draft. An action can hold all of it. */
const takes: Record<Compartment, (draft: Draft) => Draft> = {
  action: (draft) => draft,
  twoMinutes: (draft) => draft,
  handOver: (draft) => draft,
  letGo: (draft) => draft,
  notBefore: (draft) => {
    const notBefore = draft.notBefore ?? draft.day ?? draft.at?.date ?? null
    return { ...draft, day: null, notBefore }
  },
  someday: (draft) => ({ ...draft, day: null, horizon: 'someday' }),
  project: ({ title, due, areaId, personIds, steps }) => ({
    ...nothingSaid,
    title,
    due: due && { date: due.date, time: null },
    areaId,
    personIds,
    steps,
  }),
  reference: ({ title, link, projectId, areaId }) => ({
    ...nothingSaid,
    title,
    link,
    projectId,
    areaId,
  }),
  reading: ({ title, link, projectId, areaId, minutes }) => ({
    ...nothingSaid,
    title,
    link,
    projectId,
    areaId,
    minutes,
  }),
}

/** Whether what a clause says can be read off the fields. */
function isHeld(clause: Clause, fields: Draft, saidOn: CalendarDate): boolean {
  switch (clause.kind) {
    case 'due':
      return isEqual(fields.due, { date: clause.date, time: clause.time })
    case 'at':
      return (
        fields.at?.time === clause.time &&
        (clause.date === null || fields.at.date === clause.date) &&
        (clause.minutes === undefined || fields.minutes === clause.minutes)
      )
    case 'day':
      return [fields.day, fields.at?.date, fields.notBefore, fields.repeat?.startsOn].includes(clause.date)
    case 'horizon':
      return (
        fields.horizon === clause.horizon ||
        (clause.horizon === 'today' && (fields.day === saidOn || fields.at?.date === saidOn))
      )
    case 'minutes':
    case 'weight':
    case 'energy':
      return fields[clause.kind] === (clause as Readonly<Record<string, unknown>>)[clause.kind]
    case 'link':
      return fields.link === clause.link
    case 'notBefore':
      return fields.notBefore === clause.date
    case 'payoff':
    case 'craft':
      return fields[clause.kind] === clause.level
    case 'context':
    case 'person':
      return (fields[`${clause.kind}Ids`] as readonly string[]).includes(clause.name.id)
    case 'project':
    case 'area':
      return fields[`${clause.kind}Id`] === clause.name.id
    case 'waiting':
      return fields.waiting !== null
    case 'since':
      return fields.waiting?.since === clause.date
    case 'chase':
      return fields.waiting?.chaseOn === clause.date
    case 'repeat':
    case 'until':
    case 'times':
      return fields.repeat !== null
    case 'reminder':
      return fields.reminders.some((when) => isEqual(when, clause.when))
    case 'steps':
      return fields.steps.length > 0
    // It was not acted on: its words are in the title.
    case 'question':
      return true
  }
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
  const fields = takes[compartment](draft)
  return { fields, left: wordsLeft(text, sentence, fields, saidOn) }
}

/** A first next action that is said while its project is made: it is in that project whatever else it names. */
export function becomingNext(text: string, sentence: Sentence, draft: Draft, saidOn: CalendarDate): Becoming {
  const fields = { ...draft, projectId: null, areaId: null }
  return { fields, left: wordsLeft(text, sentence, fields, saidOn) }
}
