// Which actions a condition takes: each condition becomes one small function, and those that ask least come first.
import { isCarriedOver, isWaitingOrBlocked, isHidden, isToChase, standsOn } from '../action'
import { kindOfWork } from '../action/worth'
import type { Action, Id, Side } from '../record'
import { addDays, type CalendarDate } from '../time'
import type { ChoiceField, Condition, DateField, LensState } from './lens'
import { spanDays, type SpanAround } from './spanDays'

/** Where an action belongs. */
export interface LensShelf {
  readonly areaId: Id<'area'> | null
  readonly groupId: Id<'group'> | null
  readonly side: Side | null
  /** Its project rests or is over. */
  readonly isResting: boolean
  /** By rank: groups, areas in them, projects in those. */
  readonly place: number
}

/** What a lens is seen from: the day, and what is told of an action elsewhere than in its own record. */
export interface LensAround extends SpanAround {
  /** The instant at which a day begins on the wall, in milliseconds since 1970. */
  readonly startOf: (day: CalendarDate) => number
  readonly shelfOf: (action: Action) => LensShelf
  /** The place of a context, person, project, area or group among its kind. */
  readonly placeOf: (id: string) => number
  readonly hasSteps: (id: Id<'action'>) => boolean
  readonly hasFiles: (id: Id<'action'>) => boolean
  readonly repeats: (id: Id<'action'>) => boolean
  /** When it was last changed, in milliseconds since 1970. */
  readonly touchedAt: (action: Action) => number
}

export type Takes = (action: Action) => boolean

/** A day of an action; `date` is the one it stands on. */
export const dateOf = (action: Action, field: DateField): CalendarDate | null => {
  switch (field) {
    case 'due':
      return action.due ? action.due.date : null
    case 'at':
      return action.at ? action.at.date : null
    case 'day':
      return action.day
    case 'notBefore':
      return action.notBefore
    case 'date':
      return standsOn(action)
  }
}

type Values = (action: Action) => readonly (string | null)[] | string | null

function valuesOf(field: ChoiceField, { shelfOf, today }: LensAround): Values {
  switch (field) {
    case 'context':
      return (action) => action.contextIds
    case 'person':
      return ({ personIds, waiting }) =>
        waiting?.personId && !personIds.includes(waiting.personId)
          ? [...personIds, waiting.personId]
          : personIds
    case 'horizon':
      return (action) => (action.day === today ? 'today' : action.horizon)
    case 'project':
      return (action) => action.projectId
    case 'area':
      return (action) => shelfOf(action).areaId
    case 'group':
      return (action) => shelfOf(action).groupId
    case 'side':
      return (action) => shelfOf(action).side
    case 'work':
      return ({ payoff, craft }) => kindOfWork(payoff, craft)
    case 'weight':
    case 'energy':
    case 'payoff':
    case 'craft':
      return (action) => action[field]
  }
}

function choiceTakes(field: ChoiceField, values: readonly string[], around: LensAround): Takes {
  const read = valuesOf(field, around)
  const wanted = new Set(values)
  const takesNone = wanted.has('')
  const [only] = values
  const isSingle = values.length === 1 && !takesNone
  return (action) => {
    const value = read(action)
    if (value === null) return takesNone
    if (typeof value === 'string') return isSingle ? value === only : wanted.has(value)
    if (value.length === 0) return takesNone
    for (const each of value) if (wanted.has(each as string)) return true
    return false
  }
}

function dateTakes({ field, span }: Extract<Condition, { kind: 'date' }>, around: LensAround): Takes {
  if (span.kind === 'none') return (action) => dateOf(action, field) === null
  if (span.kind === 'any') return (action) => dateOf(action, field) !== null
  const [from, to] = spanDays(span, around)
  return (action) => {
    const date = dateOf(action, field)
    return date !== null && (from === null || date >= from) && (to === null || date <= to)
  }
}

function stateTakes(state: LensState, around: LensAround): Takes {
  const { today, shelfOf } = around
  switch (state) {
    case 'ready':
      return (action) =>
        !isWaitingOrBlocked(action) &&
        !isHidden(action, today) &&
        action.horizon !== 'someday' &&
        !shelfOf(action).isResting
    case 'carriedOver':
      return (action) => isCarriedOver(action, today)
    case 'underway':
      return ({ startedAtEpochMs }) => startedAtEpochMs !== null
    case 'waiting':
      return ({ waiting }) => waiting !== null
    case 'toSignOff':
      return ({ waiting }) => waiting !== null && waiting.toSignOff
    case 'chase':
      return (action) => isToChase(action, today)
    case 'blocked':
      return ({ afterIds }) => afterIds.length > 0
    case 'hidden':
      return (action) => isHidden(action, today)
    case 'repeating':
      return ({ id }) => around.repeats(id)
    case 'withSteps':
      return ({ id }) => around.hasSteps(id)
    case 'withNote':
      return ({ note }) => note !== ''
    case 'withFiles':
      return ({ id }) => around.hasFiles(id)
  }
}

function countTakes(
  { field, number, atMost }: Extract<Condition, { kind: 'count' }>,
  around: LensAround,
): Takes {
  if (field === 'moved') return ({ moved }) => (atMost ? moved.length <= number : moved.length >= number)
  // So many days ago, today counted as none.
  const since = around.startOf(addDays(around.today, -number))
  if (field === 'doneWithin') return ({ doneAtEpochMs }) => doneAtEpochMs !== null && doneAtEpochMs >= since
  const read = field === 'age' ? (action: Action) => action.createdAtEpochMs : around.touchedAt
  return (action) => (atMost ? read(action) >= since : read(action) < since)
}

function textTakes(text: string): Takes {
  const wanted = text.toLowerCase()
  return ({ title, note }) =>
    title.toLowerCase().includes(wanted) || (note !== '' && note.toLowerCase().includes(wanted))
}

function manyTakes({ joined, of }: Extract<Condition, { kind: 'many' }>, around: LensAround): Takes {
  const all = allTake(of, around)
  if (joined === 'all') return all
  const each = of.map((condition) => takesOf(condition, around))
  return joined === 'any'
    ? (action) => each.some((takes) => takes(action))
    : (action) => !each.some((takes) => takes(action))
}

const not =
  (takes: Takes): Takes =>
  (action) =>
    !takes(action)

/** Which actions one condition takes. */
export function takesOf(condition: Condition, around: LensAround): Takes {
  switch (condition.kind) {
    case 'choice': {
      const takes = choiceTakes(condition.field, condition.values, around)
      return condition.not ? not(takes) : takes
    }
    case 'minutes': {
      const { from, to } = condition
      if (from === null && to === null) return ({ minutes }) => minutes === null
      return ({ minutes }) =>
        minutes !== null && (from === null || minutes >= from) && (to === null || minutes <= to)
    }
    case 'date': {
      const takes = dateTakes(condition, around)
      return condition.not ? not(takes) : takes
    }
    case 'state': {
      const takes = stateTakes(condition.state, around)
      return condition.not ? not(takes) : takes
    }
    case 'count':
      return countTakes(condition, around)
    case 'text': {
      const takes = textTakes(condition.text)
      return condition.not ? not(takes) : takes
    }
    case 'many':
      return manyTakes(condition, around)
  }
}

/** What a condition costs to ask, roughly: a field, a day, a shelf, a look elsewhere, a text. */
function costOf(condition: Condition): number {
  switch (condition.kind) {
    case 'choice':
      return ['area', 'group', 'side'].includes(condition.field) ? 4 : 1
    case 'minutes':
      return 1
    case 'date':
    case 'count':
      return 2
    case 'state':
      return 3
    case 'text':
      return 20
    case 'many':
      return condition.of.reduce((sum, each) => sum + costOf(each), 1)
  }
}

/** Whether all of some conditions hold; none at all take everything. */
export function allTake(conditions: readonly Condition[], around: LensAround): Takes {
  const each = [...conditions]
    .sort((a, b) => costOf(a) - costOf(b))
    .map((condition) => takesOf(condition, around))
  const [a, b, c] = each as [Takes, Takes, Takes]
  switch (each.length) {
    case 0:
      return () => true
    case 1:
      return a
    case 2:
      return (action) => a(action) && b(action)
    case 3:
      return (action) => a(action) && b(action) && c(action)
    default: {
      const rest = allTakeInTurn(each.slice(3))
      return (action) => a(action) && b(action) && c(action) && rest(action)
    }
  }
}

const allTakeInTurn =
  (each: readonly Takes[]): Takes =>
  (action) => {
    for (const takes of each) if (!takes(action)) return false
    return true
  }
