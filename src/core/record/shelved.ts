// What stands on a shelf: on a project, on an area, or on none of them. Read off the registry.
import type { Id, OpenableKind } from './ids'
import { registry, type RecordKind } from './kinds'
import type { RecordOf } from './shapes'

interface OnShelf {
  readonly projectId: Id<'project'> | null
  readonly areaId: Id<'area'> | null
}
export type ShelvedKind = {
  [K in OpenableKind]: RecordOf[K] extends OnShelf ? K : never
}[OpenableKind]
export type Shelved = RecordOf[ShelvedKind]

/** The kinds of it. */
export const shelvedKinds = (Object.keys(registry) as RecordKind[]).filter((kind): kind is ShelvedKind => {
  const { fields, opens } = registry[kind] as { fields: object; opens?: true }
  return opens === true && 'projectId' in fields && 'areaId' in fields
})
