// The details of an action one by one: as a row of a lens tells them, and as a table does in its cells and at its foot.
import { isOpen } from '@/core/action'
import { recordIn, type Document } from '@/core/journal'
import type { DetailField } from '@/core/lens'
import type { Action, Repeat } from '@/core/record'
import { daysBetween, localMomentAt, type CalendarDate } from '@/core/time'
import { horizonWords, movedWords, waitingWords } from './action'
import { count } from './counts'
import { duration, fixedWords, nearDate, shortDate, when } from './dates'
import { repeatWords } from './repeat'
import { worthWords } from './said'

/** What is looked at besides the action itself. */
export interface DetailsFrom {
  readonly document: Document
  readonly today: CalendarDate
  readonly zone: string
  readonly stepsOf: (id: Action['id']) => { readonly done: number; readonly of: number } | null
  readonly repeatOf: (id: Action['id']) => Repeat | undefined
}

export const detailNames: Readonly<Record<DetailField, string>> = {
  shelf: 'For',
  context: 'Context',
  person: 'People',
  minutes: 'Minutes',
  weight: 'Weight',
  energy: 'Energy',
  horizon: 'Horizon',
  due: 'Due',
  day: 'Planned day',
  at: 'Fixed time',
  notBefore: 'Not before',
  waiting: 'Waiting for',
  worth: 'Worth',
  moved: 'Moved',
  age: 'Age',
  steps: 'Steps',
  repeat: 'Repeats',
  done: 'Done',
}

const namesIn = (
  document: Document,
  ids: readonly (Action['contextIds'][number] | Action['personIds'][number])[],
) => ids.flatMap((id) => recordIn(document, id)?.name ?? []).join(', ')

const ageOf = ({ createdAtEpochMs }: Action, { today, zone }: DetailsFrom): number =>
  Math.max(0, daysBetween(localMomentAt(createdAtEpochMs, zone).date, today))

/** One detail in words; empty where it has none. */
export function detailWords(field: DetailField, action: Action, from: DetailsFrom): string {
  const { document, today } = from
  switch (field) {
    case 'shelf':
      return (
        (action.projectId && recordIn(document, action.projectId)?.title) ||
        (action.areaId && recordIn(document, action.areaId)?.name) ||
        ''
      )
    case 'context':
      return namesIn(document, action.contextIds)
    case 'person':
      return namesIn(document, action.personIds)
    case 'minutes':
      return action.minutes ? duration(action.minutes) : ''
    case 'weight':
      return action.weight
    case 'energy':
      return action.energy ?? ''
    case 'horizon':
      return horizonWords[action.day === today ? 'today' : action.horizon]
    case 'due':
      return action.due ? when(action.due, today) : ''
    case 'day':
      return action.day ? nearDate(action.day, today) : ''
    case 'at':
      return action.at ? fixedWords(action.at, today) : ''
    case 'notBefore':
      return action.notBefore ? shortDate(action.notBefore, today) : ''
    case 'waiting':
      return isOpen(action) ? waitingWords(action, document, today) : ''
    case 'worth':
      return worthWords(action.payoff, action.craft) ?? ''
    case 'moved':
      return movedWords(action) ?? ''
    case 'age':
      return count(ageOf(action, from), 'day')
    case 'steps': {
      const steps = from.stepsOf(action.id)
      return steps ? `${steps.done} of ${steps.of} steps` : ''
    }
    case 'repeat': {
      const repeat = from.repeatOf(action.id)
      return repeat ? repeatWords(repeat, today) : ''
    }
    case 'done':
      return action.doneAtEpochMs ? nearDate(localMomentAt(action.doneAtEpochMs, from.zone).date, today) : ''
  }
}

/** Said as it is on a row, where no heading tells what it is. */
export function detailOnRow(field: DetailField, action: Action, from: DetailsFrom): string {
  const words = detailWords(field, action, from)
  if (words === '') return ''
  switch (field) {
    case 'due':
      return `due ${words}`
    case 'notBefore':
      return `not before ${words}`
    case 'age':
      return `${words} old`
    case 'done':
      return `done ${words}`
    case 'person':
      return `with ${words}`
    case 'weight':
      // The ink says the middle one.
      return words === 'should' ? '' : words
    default:
      return words
  }
}

/** Whether an action has anything to tell of a detail; for lists of thousands, without making words. */
function has(field: DetailField, action: Action, { stepsOf, repeatOf }: DetailsFrom): boolean {
  switch (field) {
    case 'shelf':
      return action.projectId !== null || action.areaId !== null
    case 'context':
      return action.contextIds.length > 0
    case 'person':
      return action.personIds.length > 0
    case 'moved':
      return action.moved.length > 0
    case 'worth':
      return action.payoff !== null || action.craft !== null
    case 'steps':
      return stepsOf(action.id) !== null
    case 'repeat':
      return repeatOf(action.id) !== undefined
    case 'done':
      return action.doneAtEpochMs !== null
    case 'age':
    case 'weight':
    case 'horizon':
      return true
    default:
      return action[field] !== null && action[field] !== 0
  }
}

/** The foot of a column: a sum where it can be summed, else how many have it. Empty where that says nothing. */
export function footWords(field: DetailField, actions: readonly Action[], from: DetailsFrom): string {
  const sum = (of: (action: Action) => number) => actions.reduce((total, action) => total + of(action), 0)
  switch (field) {
    case 'minutes': {
      const total = sum(({ minutes }) => minutes ?? 0)
      return total > 0 ? duration(total) : ''
    }
    case 'moved': {
      const total = sum(({ moved }) => moved.length)
      return total > 0 ? count(total, 'time') : ''
    }
    case 'steps': {
      const steps = actions.map(({ id }) => from.stepsOf(id))
      const of = steps.reduce((total, each) => total + (each?.of ?? 0), 0)
      return of > 0 ? `${steps.reduce((total, each) => total + (each?.done ?? 0), 0)} of ${of}` : ''
    }
    case 'age': {
      const first = actions.reduce<Action | undefined>(
        (oldest, action) => (oldest && oldest.createdAtEpochMs <= action.createdAtEpochMs ? oldest : action),
        undefined,
      )
      return first ? `oldest ${count(ageOf(first, from), 'day')}` : ''
    }
    case 'weight':
      return `${sum(({ weight }) => Number(weight === 'must'))} must`
    case 'horizon':
      return ''
    default: {
      const those = sum((action) => Number(has(field, action, from)))
      return those > 0 ? `${those.toLocaleString('en-GB')} set` : 'none'
    }
  }
}

/** A spreadsheet takes no text for a formula. */
const plainCell = (text: string): string => {
  const flat = text.replace(/[\t\r\n]+/g, ' ')
  return /^[=+\-@]/.test(flat) ? `'${flat}` : flat
}

/** Values as a table elsewhere can work with: dates as 2026-03-11, minutes as a number. */
function valueOf(field: DetailField, action: Action, from: DetailsFrom): string {
  const moment = (at: Action['at'] | Action['due']) =>
    at ? [at.date, at.time].filter(Boolean).join(' ') : ''
  switch (field) {
    case 'minutes':
      return action.minutes === null ? '' : String(action.minutes)
    case 'due':
    case 'at':
      return moment(action[field])
    case 'day':
    case 'notBefore':
      return action[field] ?? ''
    case 'moved':
      return String(action.moved.length)
    case 'age':
      return String(ageOf(action, from))
    case 'done':
      return action.doneAtEpochMs ? localMomentAt(action.doneAtEpochMs, from.zone).date : ''
    default:
      return detailWords(field, action, from)
  }
}

/** Actions as tab-separated text, a heading first. */
export const asTabbedText = (
  columns: readonly DetailField[],
  actions: readonly Action[],
  from: DetailsFrom,
): string =>
  [
    ['Action', ...columns.map((field) => detailNames[field])],
    ...actions.map((action) => [action.title, ...columns.map((field) => valueOf(field, action, from))]),
  ]
    .map((cells) => cells.map(plainCell).join('\t'))
    .join('\n')
