// One side of life, work or private: what is shown where one of them was chosen. What stands on no side is on both.
import { recordIn, type Document } from '@/core/journal'
import type { Id, Side } from '@/core/record'
import { areaOf, groupsOf } from './selectors'

export type SideChoice = Side | 'both'

export interface Shelved {
  readonly projectId?: Id<'project'> | null
  readonly areaId: Id<'area'> | null
}

const sideOf = (document: Document, shelved: Shelved): Side | null => {
  const groupId = areaOf(document, shelved)?.groupId
  return (groupId && recordIn(document, groupId)?.side) || null
}

/** Whether something is shown where a side was chosen. */
export const isOfSide = (document: Document, side: SideChoice, shelved: Shelved): boolean =>
  side === 'both' || (sideOf(document, shelved) ?? side) === side

interface Sided {
  readonly side: SideChoice
  readonly tables: readonly unknown[]
  readonly list: readonly unknown[]
}
const found = new WeakMap<readonly unknown[], Sided>()

/** A list without what is on the other side: the same as long as the list and the shelves are. */
export function ofSide<R extends Shelved>(
  document: Document,
  side: SideChoice,
  list: readonly R[],
): readonly R[] {
  if (side === 'both') return list
  const tables = [document.project, document.area, document.group]
  const known = found.get(list)
  if (known?.side === side && known.tables.every((table, at) => table === tables[at]))
    return known.list as readonly R[]
  const left = list.filter((record) => isOfSide(document, side, record))
  found.set(list, { side, tables, list: left })
  return left
}

/** Whether there is anything to choose between. */
export function hasBothSides(document: Document): boolean {
  const open = groupsOf(document).filter(({ closedAtEpochMs }) => closedAtEpochMs === null)
  return new Set(open.map(({ side }) => side)).size > 1
}
