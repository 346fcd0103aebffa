// Why something stands in reach, and why something just does not.
import type { JustOut, ReachReason } from '@/core/day/reachOrder'
import { recordIn, type Document } from '@/core/journal'
import { times } from './counts'
import { duration } from './dates'
import { nameOfRecord, shortened } from './names'

const plain = {
  overdue: 'overdue',
  underway: 'underway',
  picked: 'picked for today',
  carriedOver: 'carried over',
  must: 'must',
  thisWeek: 'this week',
  atHand: null,
} as const

const dueWords = (days: number): string => {
  if (days === 0) return 'due today'
  return days === 1 ? 'due tomorrow' : `due in ${days} days`
}

/**
 * "due tomorrow", "fits 25 min", "moved three times", "last one to finish Fenwick Hall"; null where nothing speaks
 * for it.
 */
export function reasonWords(reason: ReachReason, document: Document): string | null {
  switch (reason.kind) {
    case 'due':
      return dueWords(reason.days)
    case 'moved':
      return `moved ${times(reason.times)}`
    case 'fits':
      return `fits ${duration(reason.minutes)}`
    case 'lastOf':
      return `last one to finish ${shortened(nameOfRecord(document, reason.projectId))}`
    default:
      return plain[reason.kind]
  }
}

/** "needs 45 min", "takes deep energy", "at On site". */
export function missesWords({ action, misses }: JustOut, document: Document): string {
  if (misses === 'minutes') return `needs ${duration(action.minutes ?? 0)}`
  if (misses === 'energy') return `takes ${action.energy} energy`
  const names = action.contextIds.map((id) => recordIn(document, id)?.name ?? '')
  return `needs ${names.join(' or ')}`
}
