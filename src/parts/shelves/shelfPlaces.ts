// The places on the shelves by their names.
import type { Ending, Id } from '@/core/record'

/** The place for what ended so, of one area or among the parts of one project. */
export const endPlace = (ownerId: Id<'area'> | Id<'project'>, ending: Ending): string =>
  `${ending} ${ownerId}`
/** The place for what lies on an area, and in none of its stages. */
export const areaPlace = (areaId: Id<'area'> | null): string => areaId ?? 'none'
