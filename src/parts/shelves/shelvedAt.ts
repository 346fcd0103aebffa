// What lies at the places on the shelves.
import { recordIn, type Document } from '@/core/journal'
import { endings, isIdOf, type Area, type Ending, type Id, type Project } from '@/core/record'
import { select } from '@/state'

/** Where a project lies: on an area or none, or as a part of another project. */
export type Shelved = Pick<Project, 'areaId' | 'parentId'>

/** The ending that a place is for; undefined for any other place. */
export const endOf = (place: string): Ending | undefined =>
  endings.find((ending) => place.startsWith(`${ending} `))

export const onArea = (areaId: Id<'area'> | null): Shelved => ({ areaId, parentId: null })
/** As a part of a project, which is on the area of its whole. */
export const inWhole = (document: Document, id: Id<'project'>): Shelved => ({
  areaId: recordIn(document, id)?.areaId ?? null,
  parentId: id,
})

/** Where a project lies that is laid into this place; null where the place is for none. */
export function shelvedAt(
  document: Document,
  place: string,
): { readonly shelved: Shelved; readonly stageId: Id<'stage'> | null } | null {
  if (isIdOf('stage', place)) {
    const stage = recordIn(document, place)
    const whole = stage?.projectId
    return { shelved: whole ? inWhole(document, whole) : onArea(stage?.areaId ?? null), stageId: place }
  }
  if (isIdOf('project', place)) return { shelved: inWhole(document, place), stageId: null }
  if (isIdOf('area', place)) return { shelved: onArea(place), stageId: null }
  return place === 'none' ? { shelved: onArea(null), stageId: null } : null
}

/** The area that a row or a place belongs to. */
export function areaAt(document: Document, at: string): Id<'area'> | null {
  if (isIdOf('area', at)) return at
  if (isIdOf('project', at) || isIdOf('stage', at)) return recordIn(document, at)?.areaId ?? null
  return null
}

export function groupAt(document: Document, at: string): Id<'group'> | null {
  if (isIdOf('group', at)) return at
  const areaId = areaAt(document, at)
  return areaId ? (recordIn(document, areaId)?.groupId ?? null) : null
}

/** Open areas in the order in which they are shown: group by group, then those in none. */
export function areasInOrder(document: Document): readonly Area[] {
  const areas = select.areasOf(document).filter(({ closedAtEpochMs }) => closedAtEpochMs === null)
  const inGroups = select
    .groupsOf(document)
    .flatMap(({ id }) => areas.filter(({ groupId }) => groupId === id))
  return [...inGroups, ...areas.filter((area) => !inGroups.includes(area))]
}
