// Conditions as they are asked for in plain words: what several facets make them of.
import { mayBeDate, readDate, type Calendar } from '../sentence/datePhrase'
import type { CalendarDate } from '../time'
import type { ChoiceField, Condition, CountField, DateField, DateSpan, LensState } from './lens'
import { inSentenceOrder } from './sentenceOrder'

export const state = (name: LensState, not = false): Condition => ({ kind: 'state', state: name, not })
export const minutes = (from: number | null, to: number | null): Condition => ({ kind: 'minutes', from, to })
export const date = (field: DateField, span: DateSpan): Condition => ({
  kind: 'date',
  field,
  span,
  not: false,
})
export const choice = (field: ChoiceField, ...values: string[]): Condition => ({
  kind: 'choice',
  field,
  values,
  not: false,
})
export const counted = (field: CountField, number: number, atMost: boolean): Condition => ({
  kind: 'count',
  field,
  number,
  atMost,
})
export const anyOf = (...of: Condition[]): Condition => ({
  kind: 'many',
  joined: 'any',
  of: inSentenceOrder(of),
})

const unitDays: Readonly<Record<string, number>> = { day: 1, week: 7, fortnight: 14, month: 30, year: 365 }
const spanForm = /^(?:the )?(?:(a|\d{1,3}) )?(day|week|fortnight|month|year)s?$/
/** "a month", "2 weeks", in days; null where it is no such span. */
export function daysSaid(words: string): number | null {
  const parts = spanForm.exec(words)
  if (!parts) return null
  return (
    (parts[1] === undefined || parts[1] === 'a' ? 1 : Number(parts[1])) * (unitDays[parts[2] as string] ?? 1)
  )
}

/** Reads a phrase as so many days, by the first form that fits. */
export const byPeriod =
  (...forms: readonly (readonly [RegExp, (days: number) => Condition])[]) =>
  (phrase: string): Condition | null => {
    for (const [form, make] of forms) {
      const days = daysSaid(form.exec(phrase)?.[1] ?? '')
      if (days !== null) return make(days)
    }
    return null
  }

/** Reads a phrase as a fixed day, by the first form that fits. */
export const byDay =
  (...forms: readonly (readonly [RegExp, (day: CalendarDate) => Condition])[]) =>
  (phrase: string, calendar: Calendar): Condition | null => {
    for (const [form, make] of forms) {
      const said = form.exec(phrase)?.[1]
      const day = said && mayBeDate(said) ? readDate(said, calendar) : null
      if (day) return make(day)
    }
    return null
  }
export const onDay = (field: DateField) => (day: CalendarDate) =>
  date(field, { kind: 'between', from: day, to: day })
