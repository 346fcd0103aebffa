// The worth of an action: what it brings in, and how much of it only this person can do. Four kinds of work follow.
import type { Level } from '../record'

export const kindsOfWork = ['first', 'handOver', 'pleasure', 'drop'] as const
export type KindOfWork = (typeof kindsOfWork)[number]

/**
 * What follows from the worth: what brings something in is done first where it takes this person, and handed over
 * where it does not; what brings in little is for pleasure, or can be dropped. Null where either is not said.
 */
export function kindOfWork(payoff: Level | null, craft: Level | null): KindOfWork | null {
  if (payoff === null || craft === null) return null
  if (payoff === 'little') return craft === 'little' ? 'drop' : 'pleasure'
  return craft === 'little' ? 'handOver' : 'first'
}
