// How long things take this person, where minutes are set.
import type { OwnPace } from '@/core/pace/ownPace'
import { recordIn, type Document } from '@/core/journal'
import { isIdOf } from '@/core/record'
import type { PaceGroup } from '@/state/read/ownPace'
import { count } from './counts'

const lengths = {
  short: 'for actions of up to 20 min',
  middling: 'for actions of up to an hour',
  long: 'for actions of over an hour',
} as const

function inGroup(group: PaceGroup | null, document: Document): string {
  if (group === null) return ''
  if (isIdOf('context', group) || isIdOf('area', group)) {
    const name = recordIn(document, group)?.name
    return name ? ` (${name})` : ''
  }
  return ` ${lengths[group]}`
}

/** "You usually take 1.4 times as long (On site), from 23 actions." */
export function ownPaceWords({ group, factor, count: from }: OwnPace<PaceGroup>, document: Document): string {
  const where = inGroup(group, document)
  const rested = `, from ${count(from, 'action')}.`
  return factor > 1
    ? `You usually take ${factor.toFixed(1)} times as long${where}${rested}`
    : `You usually take ${Math.round(factor * 20) * 5} % of the time${where}${rested}`
}
