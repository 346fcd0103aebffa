// The said line: all that is set of a thing, as chips in the order of a sentence; what the choosers are called; and
// what a change would change, from what to what.
import { horizonOf } from '@/core/action'
import { kindOfWork, type KindOfWork } from '@/core/action/worth'
import { recordIn, type Document } from '@/core/journal'
import type { Action, Id, Level, Project } from '@/core/record'
import type { AmendedField } from '@/core/sentence'
import type { CalendarDate } from '@/core/time'
import { horizonWords, waitingWords } from './action'
import { duration, fixedWords, nearDate, onDate, shortDate } from './dates'
import { nameOfRecord, shortened, stateWords } from './names'
import { endingWords } from './stages'

/** What a chooser sets. */
export type SaidField =
  | Exclude<AmendedField, 'projectId' | 'areaId'>
  | 'shelf'
  | 'since'
  | 'signOff'
  | 'after'
  | 'chase'
  | 'state'
  | 'notUntil'
  | 'stage'
  | 'seal'
  | 'area'
  | 'begins'
  | 'partOf'
  | 'projectDue'
  | 'projectPeople'
  | 'projectAfter'
  | 'goals'
  | 'order'
  | 'repeat'
  | 'reminder'

export interface SaidChip {
  readonly field: SaidField
  readonly words: string
  /** Which of several, where a field is a record of its own. */
  readonly id?: string
}

/** Choosers are named by what they set. */
export const chooserWords: Readonly<Record<SaidField, string>> = {
  due: 'Due date',
  at: 'Fixed time',
  day: 'Planned day',
  horizon: 'Horizon',
  minutes: 'Minutes',
  contextIds: 'Contexts',
  personIds: 'People',
  shelf: 'For',
  energy: 'Energy',
  payoff: 'Worth',
  craft: 'Worth',
  weight: 'Weight',
  waiting: 'Waiting for',
  signOff: 'Waiting for sign-off',
  after: 'After which action',
  since: 'Waiting since',
  chase: 'Chase on',
  notBefore: 'Not before',
  link: 'Link',
  state: 'State',
  notUntil: 'Not now until',
  stage: 'Stage',
  seal: 'Its own seal',
  area: 'Area',
  begins: 'Begins',
  partOf: 'Part of which project',
  projectDue: 'Due date',
  projectPeople: 'People',
  projectAfter: 'After which project',
  goals: 'Goals',
  order: 'In order or free',
  repeat: 'Repeat',
  reminder: 'Reminder',
}

/** What *+* offers, by name. */
export const offerWords: Readonly<Partial<Record<SaidField, string>>> = {
  due: 'due date',
  at: 'fixed time',
  day: 'planned day',
  minutes: 'minutes',
  contextIds: 'context',
  personIds: 'people',
  energy: 'energy',
  payoff: 'worth',
  weight: 'weight',
  waiting: 'waiting for',
  signOff: 'sign-off',
  after: 'after another action',
  chase: 'chase on',
  notBefore: 'not before',
  link: 'link',
  begins: 'begins on',
  partOf: 'part of a project',
  projectDue: 'due date',
  seal: 'own seal',
  projectPeople: 'people',
  projectAfter: 'after another project',
  goals: 'serves a goal',
  order: 'in order',
  repeat: 'repeat',
  reminder: 'reminder',
}

/** The fields that a said line tells; an action, or what is being made one. */
export type Sayable = Pick<
  Action,
  | 'due'
  | 'at'
  | 'day'
  | 'horizon'
  | 'minutes'
  | 'contextIds'
  | 'personIds'
  | 'projectId'
  | 'areaId'
  | 'energy'
  | 'payoff'
  | 'craft'
  | 'weight'
  | 'waiting'
  | 'notBefore'
  | 'link'
>

/** What follows from the worth of a thing. */
export const workWords: Readonly<Record<KindOfWork, string>> = {
  first: 'do it first',
  handOver: 'hand it over',
  pleasure: 'for pleasure',
  drop: 'let it go',
}

/** "payoff much, only me little: hand it over" */
export function worthWords(payoff: Level | null, craft: Level | null): string | null {
  const told = [payoff && `payoff ${payoff}`, craft && `only me ${craft}`].filter(Boolean).join(', ')
  const kind = kindOfWork(payoff, craft)
  if (told === '') return null
  return kind ? `${told}: ${workWords[kind]}` : told
}

const clockWords = (time: string | null) => (time ? `, ${time}` : '')
/** A link in its shortest form. */
export const bareLink = (link: string) => link.replace(/^https?:\/\/(www\.)?/i, '').slice(0, 28)

/** Where it stands in time: fixed, else on a day, else how near it is held. */
function nearness(of: Sayable, today: CalendarDate): SaidChip {
  if (of.at) return { field: 'at', words: fixedWords(of.at, today) }
  const horizon = horizonOf(of, today)
  if (of.day && horizon !== 'today') return { field: 'day', words: onDate(of.day, today) }
  return { field: 'horizon', words: horizonWords[horizon] }
}

/** Everything set, in the order of a sentence. The shelf stands in the head and is not said again. */
export function saidOf(of: Sayable, document: Document, today: CalendarDate): SaidChip[] {
  const named = (id: Action['contextIds'][number] | Action['personIds'][number]) =>
    recordIn(document, id)?.name ?? ''
  const people = of.personIds.filter((id) => id !== of.waiting?.personId)
  const chip = (field: SaidField, words: string | null | undefined): SaidChip[] =>
    words ? [{ field, words }] : []
  return [
    ...chip('due', of.due && `due ${nearDate(of.due.date, today)}${clockWords(of.due.time)}`),
    nearness(of, today),
    ...chip('minutes', of.minutes ? duration(of.minutes) : null),
    ...of.contextIds.flatMap((id) => chip('contextIds', named(id))),
    ...people.flatMap((id) => chip('personIds', named(id) && `with ${named(id)}`)),
    ...chip('energy', of.energy),
    ...chip('payoff', worthWords(of.payoff, of.craft)),
    ...chip('weight', of.weight === 'should' ? null : of.weight),
    ...chip('notBefore', of.notBefore && `not before ${shortDate(of.notBefore, today)}`),
    ...chip(
      of.waiting?.toSignOff ? 'signOff' : 'waiting',
      of.waiting && waitingWords({ waiting: { ...of.waiting, chaseOn: null } }, document, today),
    ),
    ...chip('chase', of.waiting?.chaseOn && `chase ${nearDate(of.waiting.chaseOn, today)}`),
    ...chip('link', of.link && bareLink(of.link)),
  ]
}

/** Which chip tells a field of an action; where it stands in time is told by one. */
const chipOf: Readonly<Record<string, readonly SaidField[]>> = {
  at: ['at', 'day', 'horizon'],
  day: ['at', 'day', 'horizon'],
  horizon: ['at', 'day', 'horizon'],
  payoff: ['payoff'],
  craft: ['payoff'],
  waiting: ['waiting', 'signOff', 'chase'],
}
/** What is said where it has been cleared, apart from what *+* calls it. */
const noneWords: Readonly<Record<string, string>> = {
  craft: 'no worth',
  payoff: 'no worth',
  waiting: 'waiting for nobody',
  weight: 'should',
}

/** "due Tue 1 Dec, 45 min": what some fields of an action say now; empty where they are none of its chips. */
export function setWords(
  fields: readonly string[],
  of: Sayable,
  document: Document,
  today: CalendarDate,
): string {
  const said = saidOf(of, document, today)
  const words = fields.flatMap((field) => {
    if (field === 'projectId' || field === 'areaId') {
      const shelf = nameOfRecord(document, of.projectId ?? of.areaId ?? '')
      return shelf ? `for ${shortened(shelf)}` : 'for no project'
    }
    const chips = chipOf[field] ?? [field as SaidField]
    const told = said.filter((chip) => chips.includes(chip.field)).map((chip) => chip.words)
    if (told.length > 0) return told
    const offered = offerWords[field as SaidField]
    return noneWords[field] ?? (offered ? `no ${offered}` : [])
  })
  return [...new Set(words)].join(', ')
}

/** Everything that can be set and is not, for *+*. */
export function unsaidOf(of: Sayable): SaidField[] {
  const unset: Partial<Record<SaidField, boolean>> = {
    due: of.due === null,
    day: of.day === null && of.at === null,
    at: of.at === null,
    minutes: of.minutes === null,
    contextIds: true,
    personIds: true,
    energy: of.energy === null,
    payoff: of.payoff === null && of.craft === null,
    weight: of.weight === 'should',
    waiting: of.waiting === null,
    signOff: of.waiting === null,
    chase: of.waiting !== null && of.waiting.chaseOn === null,
    notBefore: of.notBefore === null,
    link: of.link === null,
  }
  return (Object.keys(unset) as SaidField[]).filter((field) => unset[field])
}

/** "not now until 3 April", "won". */
export function stateSaid(
  { state, ending, notUntil }: Pick<Project, 'state' | 'ending' | 'notUntil'>,
  today: CalendarDate,
): string {
  if (ending) return endingWords[ending]
  const until = state === 'notNow' && notUntil ? ` until ${nearDate(notUntil, today)}` : ''
  return `${stateWords[state]}${until}`
}

export function saidOfProject(
  {
    state,
    begins,
    due,
    parentId,
    afterIds,
    personIds,
    goalIds,
    inOrder,
    notUntil,
    stageId,
    ending,
    stamp,
  }: Pick<
    Project,
    | 'state'
    | 'begins'
    | 'due'
    | 'parentId'
    | 'afterIds'
    | 'personIds'
    | 'goalIds'
    | 'inOrder'
    | 'notUntil'
    | 'stageId'
    | 'ending'
    | 'stamp'
  >,
  document: Document,
  today: CalendarDate,
): SaidChip[] {
  const each = (field: SaidField, ids: readonly Id[], words: (name: string, id: Id) => string): SaidChip[] =>
    ids.flatMap((id) => {
      const name = nameOfRecord(document, id)
      return name ? [{ field, words: words(shortened(name), id) }] : []
    })
  const isOver = (id: Id) => (recordIn(document, id as Id<'project'>)?.closedAtEpochMs ?? null) !== null
  return [
    { field: 'state', words: stateSaid({ state, ending, notUntil }, today) },
    ...each('stage', stageId ? [stageId] : [], (name) => (ending ? `ended at ${name}` : `at ${name}`)),
    ...each('partOf', parentId ? [parentId] : [], (name) => `part of ${name}`),
    ...(begins ? [{ field: 'begins', words: `begins ${shortDate(begins, today)}` } as const] : []),
    ...(due ? [{ field: 'projectDue', words: `due ${shortDate(due, today)}` } as const] : []),
    ...each('projectAfter', afterIds, (name, id) => `after ${name}${isOver(id) ? ', which is over' : ''}`),
    ...each('projectPeople', personIds, (name) => `with ${name}`),
    ...saidGoals(goalIds, document),
    ...(inOrder ? [{ field: 'order', words: 'in order' } as const] : []),
    ...(stamp ? [{ field: 'seal', words: `seal ${stamp}` } as const] : []),
  ]
}

/** "serves three halls a year": the goals something points at. */
export const saidGoals = (goalIds: readonly Id<'goal'>[], document: Document): SaidChip[] =>
  goalIds.flatMap((id) => {
    const name = nameOfRecord(document, id)
    return name ? [{ field: 'goals', words: `serves ${shortened(name)}` }] : []
  })
