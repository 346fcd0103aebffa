// The version in which records and changes are written now. It goes up where a migration is added, and where a field is.
import { registry } from '../record/kinds'
import type { Kind } from '../record/kinds/field'

/** The last version that has a migration of its own (see index.ts). */
const lastMigration = 12

/** The last version that one of these kinds was given a field in; 0 where none says. */
export const lastFieldIn = (kinds: Readonly<Record<string, Kind>>): number =>
  Math.max(
    0,
    ...Object.values(kinds).flatMap(({ fields }) => Object.values(fields).map((field) => field.since ?? 0)),
  )

export const currentVersion = Math.max(lastMigration, lastFieldIn(registry))
