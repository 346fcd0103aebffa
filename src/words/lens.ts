// What a lens gathers under, and what of it can be set, by name.
import type { GroupField, LensFileFault, LensNames, LensView } from '@/core/lens'
import { capital, duration } from './dates'

/** What is said of none, where that is not *no* with its name. */
const noneWords: Readonly<Partial<Record<GroupField, string>>> = {
  side: 'On no side',
  person: 'Nobody',
  work: 'Not weighed',
  minutes: 'No minutes yet',
  due: 'Not due',
  day: 'Not picked',
}

const keyWords: Readonly<Record<string, string>> = {
  past: 'Carried over',
  today: 'Today',
  tomorrow: 'Tomorrow',
  week: 'This week',
  nextWeek: 'Next week',
  later: 'Later',
  shelf: 'Later',
  first: 'Do it first',
  handOver: 'Hand it over',
  pleasure: 'For pleasure',
  drop: 'Let it go',
}

/** The heading over what is gathered under a key. */
export function headingWords(field: GroupField, key: string, names: LensNames): string {
  if (key === '') return noneWords[field] ?? `No ${field}`
  if (field === 'minutes')
    return key === 'more' ? `More than ${duration(120)}` : `Up to ${duration(Number(key))}`
  if (key.includes(':')) return names.nameOf(key) ?? 'Something that is gone'
  return keyWords[key] ?? capital(key)
}

export const viewWords: Readonly<Record<LensView, string>> = {
  list: 'list',
  columns: 'columns',
  table: 'table',
  byDate: 'by date',
}

/** Why something is not laid there by hand. */
export const notByHandWords = {
  band: 'This band fills itself. Change its condition instead.',
  past: 'You can’t plan for a day that is over. Choose today or later.',
  follows: 'Its place depends on another field. Open it and change that.',
} as const

/** "14 · 2 h 50" */
export const sumWords = ({ count, minutes }: { readonly count: number; readonly minutes: number }): string =>
  [count.toLocaleString('en-GB'), minutes > 0 ? duration(minutes) : null].filter(Boolean).join(' · ')

/** Why a lens file is not taken. */
export function lensFileFaultWords(fault: LensFileFault): string {
  switch (fault.kind) {
    case 'tooLarge':
      return 'This file is too large for a lens. Nothing was changed. Choose a file that was shared from a lens.'
    case 'noLens':
      return 'This isn’t a lens file. Nothing was changed. Choose a file that was shared from a lens.'
    case 'newer':
      return 'This lens comes from a newer version. Nothing was changed. Reload the page, then import it again.'
    case 'unsound':
      return `This lens file is damaged at “${fault.where}”: ${fault.why}. Nothing was changed. Ask for it again.`
  }
}

/** Names that a lens from elsewhere asks for and nobody has here. */
export const missingWords = (missing: readonly string[]): string =>
  `Lens imported. Not known here: ${missing.slice(0, 5).join(', ')}${missing.length > 5 ? ' and more' : ''}.`
