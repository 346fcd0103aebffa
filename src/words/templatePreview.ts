// What a template would make, as it is shown beforehand.
import type { CountedField } from '@/core/record'
import type { CalendarDate } from '@/core/time'
import type { OnDemand } from '@/state'
import { count } from './counts'
import { nearDate, shortDate } from './dates'
import { countedFieldWords } from './templates'

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
