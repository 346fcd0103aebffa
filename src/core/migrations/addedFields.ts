// Fields that came with a version and changed nothing else: the migration is read off the registry.
import { blankIn } from '../record/blankOf'
import type { Kind } from '../record/kinds/field'
import type { Fields } from './newFields'

/** What stands in the fields that came with a version, by kind and field. */
export const fieldsOfVersion = (
  version: number,
  kinds: Readonly<Record<string, Kind>>,
): Readonly<Record<string, Fields>> =>
  Object.fromEntries(
    Object.entries(kinds).flatMap(([kind, { fields }]) => {
      const added = Object.entries(fields).filter(([, field]) => field.since === version)
      return added.length > 0
        ? [[kind, Object.fromEntries(added.map(([name, field]) => [name, blankIn(field)]))]]
        : []
    }),
  )
