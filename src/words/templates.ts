// Templates: what they make, what they ask, and the dates they count.
import { shiftWords } from '@/core/template/countedWords'
import type { TemplateFileFault } from '@/core/exchange'
import type { BlankKind, Counted, CountedField, Making } from '@/core/record'
import type { CalendarDate } from '@/core/time'
import { count } from './counts'
import { nearDate, shortDate } from './dates'
import type { OnDemand } from '@/state'

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
const countedFieldWords: Readonly<Record<CountedField, string>> = {
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

type Previewed = ReturnType<OnDemand['templates']['previewOf']>[number]

/** "2 steps", "checklist Packing, 6 lines", "file plan.pdf" */
export function comesWithWords(given: Previewed['with'][number]): string {
  switch (given.kind) {
    case 'steps':
      return count(given.count, 'step')
    case 'checklist':
      return `checklist ${given.name}, ${count(given.count, 'line')}`
    case 'note':
      return `meeting note ${given.name}`
    case 'reference':
      return `reference ${given.name}`
    case 'file':
      return `file ${given.name}`
  }
}

const inOrderOfTime: readonly CountedField[] = ['begins', 'notBefore', 'day', 'at', 'due']

/** "due Fri 20 Mar", for each date that something would get. */
export const previewWords = ({ dates }: Previewed, today: CalendarDate): string[] =>
  inOrderOfTime.flatMap((field) => {
    const given = dates[field]
    if (!given) return []
    const { date, time } = given
    return [`${countedFieldWords[field]} ${shortDate(date, today)}${time ? `, ${time}` : ''}`]
  })

/** A day as it stands in a text. */
export const dayInText = (date: CalendarDate, today: CalendarDate): string => nearDate(date, today)

/** Why a template file is not taken. */
export function templateFileFaultWords(fault: TemplateFileFault): string {
  switch (fault.kind) {
    case 'tooLarge':
      return 'This file is too large for a template. Nothing was changed. Choose a file that was shared from a template.'
    case 'noTemplate':
      return 'This isn’t a template file. Nothing was changed. Choose a file that was shared from a template.'
    case 'newer':
      return 'This template comes from a newer version. Nothing was changed. Reload the page, then import it again.'
    case 'unsound':
      return `This template file is damaged at “${fault.where}”: ${fault.why}. Nothing was changed. Ask for it again.`
  }
}
