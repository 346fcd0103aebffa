// Templates: what they make, what they ask, and the dates they count.
import { shiftWords } from '@/core/template/shiftWords'
import type { BlankKind, Counted, CountedField, Making } from '@/core/record'

export const makingWords: Readonly<Record<Making, string>> = {
  project: 'a project',
  action: 'an action',
  checklist: 'a checklist',
  note: 'a meeting note',
}

export const blankKindWords: Readonly<Record<BlankKind, string>> = {
  name: 'a name',
  place: 'a place',
  date: 'a day',
  number: 'a number',
}

/** What is set by a counted date, before the words of when. */
export const countedFieldWords: Readonly<Record<CountedField, string>> = {
  due: 'due',
  day: 'to do',
  notBefore: 'not before',
  at: 'fixed',
  begins: 'begins',
}

/** The day it is used, where it is counted from no blank. */
export const useDay = 'the day it is used'

/** "due 14 days before Visit", "fixed on Visit, 14:30" */
export function countedWords({ field, shift, time }: Counted, from: string | null): string {
  const clock = time ? `, ${time}` : ''
  return `${countedFieldWords[field]} ${shiftWords(shift)} ${from ?? useDay}${clock}`
}
