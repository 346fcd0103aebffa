import { recordsIn, type Document } from '@/core/journal'
import { isIdOf, type Id } from '@/core/record'
import { shelvedKinds, type Shelved } from '@/core/record/shelved'

/** Everything that can stand on a shelf, wherever it stands; over or let go of, too. */
export const everyShelved = (document: Document): readonly Shelved[] =>
  shelvedKinds.flatMap((kind) => recordsIn(document, kind) as Shelved[])

/** What stands in a project itself, or on an area without one in between. */
export const standingOn = (document: Document, id: Id<'project'> | Id<'area'>): readonly Shelved[] =>
  everyShelved(document).filter(({ projectId, areaId }) =>
    isIdOf('project', id) ? projectId === id : areaId === id && projectId === null,
  )
