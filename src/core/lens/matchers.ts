// Which actions a condition matches: each condition becomes one small function, and those that ask least come first.
import type { Action } from '../record'
import type { CalendarDate } from '../time'
import type { ChoiceField, Condition, DateField } from './lens'
import type { LensAround, LensShelf, Matches } from './lensTerms'
import { spanDays } from './spanDays'
import { choiceTerms, countTerms, dateTerms, stateTerms, textsAsked } from './terms'

export type { LensAround, LensShelf, Matches }

/** A day of an action; `date` is the one it stands on. */
export const dateOf = (action: Action, field: DateField): CalendarDate | null =>
  dateTerms[field].dateOf(action)

function choiceMatcher(field: ChoiceField, values: readonly string[], around: LensAround): Matches {
  const read = choiceTerms[field].valuesOf(around)
  const wanted = new Set(values)
  const matchesNone = wanted.has('')
  const [only] = values
  const isSingle = values.length === 1 && !matchesNone
  return (action) => {
    const value = read(action)
    if (value === null) return matchesNone
    if (typeof value === 'string') return isSingle ? value === only : wanted.has(value)
    if (value.length === 0) return matchesNone
    for (const each of value) if (wanted.has(each as string)) return true
    return false
  }
}

function dateMatcher({ field, span }: Extract<Condition, { kind: 'date' }>, around: LensAround): Matches {
  const { dateOf: dayOf } = dateTerms[field]
  if (span.kind === 'none') return (action) => dayOf(action) === null
  if (span.kind === 'any') return (action) => dayOf(action) !== null
  const [from, to] = spanDays(span, around)
  return (action) => {
    const date = dayOf(action)
    return date !== null && (from === null || date >= from) && (to === null || date <= to)
  }
}

function textMatcher(text: string): Matches {
  const wanted = text.toLowerCase()
  return (action) =>
    textsAsked.some((textOf) => {
      const own = textOf(action)
      return own !== '' && own.toLowerCase().includes(wanted)
    })
}

function manyMatcher({ joined, of }: Extract<Condition, { kind: 'many' }>, around: LensAround): Matches {
  const all = allMatch(of, around)
  if (joined === 'all') return all
  const each = of.map((condition) => matcherOf(condition, around))
  return joined === 'any'
    ? (action) => each.some((matches) => matches(action))
    : (action) => !each.some((matches) => matches(action))
}

/** What matches, or what does not where that is asked. */
const notIf = ({ not }: { readonly not: boolean }, matches: Matches): Matches =>
  not ? (action) => !matches(action) : matches

/** Which actions one condition matches. */
export function matcherOf(condition: Condition, around: LensAround): Matches {
  switch (condition.kind) {
    case 'choice':
      return notIf(condition, choiceMatcher(condition.field, condition.values, around))
    case 'minutes': {
      const { from, to } = condition
      if (from === null && to === null) return ({ minutes }) => minutes === null
      return ({ minutes }) =>
        minutes !== null && (from === null || minutes >= from) && (to === null || minutes <= to)
    }
    case 'date':
      return notIf(condition, dateMatcher(condition, around))
    case 'state':
      return notIf(condition, stateTerms[condition.state].matches(around))
    case 'count':
      return countTerms[condition.field].matches(around, condition.number, condition.atMost)
    case 'text':
      return notIf(condition, textMatcher(condition.text))
    case 'many':
      return manyMatcher(condition, around)
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

/** Whether all of some conditions hold; none at all match everything. */
export function allMatch(conditions: readonly Condition[], around: LensAround): Matches {
  const each = [...conditions]
    .sort((a, b) => costOf(a) - costOf(b))
    .map((condition) => matcherOf(condition, around))
  const [a, b, c] = each as [Matches, Matches, Matches]
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
  (each: readonly Matches[]): Matches =>
  (action) => {
    for (const matches of each) if (!matches(action)) return false
    return true
  }
