// Which actions a condition takes: each condition becomes one small function, and those that ask least come first.
import type { Action } from '../record'
import type { CalendarDate } from '../time'
import type { ChoiceField, Condition, DateField } from './lens'
import type { LensAround, LensShelf, Takes } from './lensTerms'
import { spanDays } from './spanDays'
import { choiceTerms, countTerms, dateTerms, stateTerms, textsAsked } from './terms'

export type { LensAround, LensShelf, Takes }

/** A day of an action; `date` is the one it stands on. */
export const dateOf = (action: Action, field: DateField): CalendarDate | null =>
  dateTerms[field].dateOf(action)

function choiceTakes(field: ChoiceField, values: readonly string[], around: LensAround): Takes {
  const read = choiceTerms[field].valuesOf(around)
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
  const { dateOf: dayOf } = dateTerms[field]
  if (span.kind === 'none') return (action) => dayOf(action) === null
  if (span.kind === 'any') return (action) => dayOf(action) !== null
  const [from, to] = spanDays(span, around)
  return (action) => {
    const date = dayOf(action)
    return date !== null && (from === null || date >= from) && (to === null || date <= to)
  }
}

function textTakes(text: string): Takes {
  const wanted = text.toLowerCase()
  return (action) =>
    textsAsked.some((textOf) => {
      const own = textOf(action)
      return own !== '' && own.toLowerCase().includes(wanted)
    })
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
      const takes = stateTerms[condition.state].takes(around)
      return condition.not ? not(takes) : takes
    }
    case 'count':
      return countTerms[condition.field].takes(around, condition.number, condition.atMost)
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
      return choiceTerms[condition.field].isCostly ? 4 : 1
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
