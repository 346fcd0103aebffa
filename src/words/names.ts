// What stations, bands, states and records are called.
import { recordIn, type Document } from '@/core/journal'
import { type Id } from '@/core/record'

export const bandWords = {
  carriedOver: 'Carried over',
  dueToday: 'Due today',
  chase: 'Chase today',
  underway: 'Underway',
  picked: 'Picked for today',
  week: 'This week',
  inReach: 'In reach',
} as const

export const stationWords = {
  tray: 'Tray',
  day: 'Day',
  week: 'Week',
  shelves: 'Shelves',
  review: 'Review',
} as const

export const stateWords = {
  open: 'open',
  notNow: 'not now',
  finished: 'finished',
  letGo: 'let go',
  template: 'template',
} as const

/** How a goal is held, and in how many years it is wanted. */
export const goalStateWords = { open: 'open', reached: 'reached', letGo: 'let go' } as const
export const reachWords = { near: 'In one to two years', far: 'In three to five years' } as const

/** How far something to read has come. */
export const readingWords = { unread: 'Unread', begun: 'Begun', finished: 'Finished' } as const

/** "Chase the print shop: 2 of 3 in Chase today": where something is after it was put elsewhere. */
export const placeWords = (title: string, at: number, of: number, where?: string): string =>
  `${title}: ${at + 1} of ${of}${where ? ` in ${where}` : ''}`

/** What a record is called, whatever its kind. */
export function nameOfRecord(document: Document, id: string): string {
  const record = recordIn(document, id as Id) as { title?: string; name?: string; text?: string } | undefined
  return record?.title ?? record?.name ?? record?.text ?? ''
}

const longestName = 60

/** A name as it is told in passing: its beginning, where it is long. */
export function shortened(name: string): string {
  const line = name.replace(/\s+/g, ' ').trim()
  return line.length <= longestName
    ? line
    : `${[...line]
        .slice(0, longestName - 1)
        .join('')
        .trimEnd()}…`
}

/** The nine compartments, as they are called. */
export const compartmentNames = {
  action: 'Action',
  twoMinutes: 'Two minutes',
  project: 'Project',
  handOver: 'Hand over',
  notBefore: 'Not before',
  someday: 'Someday',
  reference: 'Reference',
  reading: 'Reading',
  letGo: 'Let go',
} as const

/** What a time that is held for somebody is called on a day. */
export const heldTitle = (title: string): string => `Held: ${title || 'an offer'}`
