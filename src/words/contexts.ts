// Contexts by their path, and the hours in which they are at hand.
import { ancestorsOf } from '@/core/context'
import { recordIn, recordsIn, type Document } from '@/core/journal'
import type { Context, Id } from '@/core/record'

/** "On site › Fenwick Hall": a context with all it lies within. */
export function contextWords(document: Document, id: Id<'context'>): string {
  const context = recordIn(document, id)
  if (!context?.parentId) return context?.name ?? ''
  const all = new Map<string, Context>(recordsIn(document, 'context').map((each) => [each.id, each]))
  const way = [...ancestorsOf(all, id)].reverse().map((each) => all.get(each)?.name ?? '')
  return [...way.filter((name) => name !== ''), context.name].join(' › ')
}

export const weekdayNames = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'] as const

/** "Mon to Fri", "Mon, Wed", "each day" */
export function weekdaysWords(weekdays: readonly number[]): string {
  const days = [...weekdays].sort((a, b) => a - b)
  if (days.length === 0 || days.length === 7) return 'each day'
  const isRun = days.length > 2 && days.every((day, at) => day === (days[0] ?? 0) + at)
  const names = days.map((day) => weekdayNames[day] ?? '')
  return isRun ? `${names[0]} to ${names.at(-1)}` : names.join(', ')
}

/** "Mon to Fri, 09:00 to 17:00" */
export const hoursWords = (hours: Context['hours']): string =>
  hours ? `${weekdaysWords(hours.weekdays)}, ${hours.from} to ${hours.until}` : 'always at hand'
