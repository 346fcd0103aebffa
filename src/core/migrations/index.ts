// From what an earlier version kept to what this one keeps. Migrations are numbered and only ever added to; they run on
// what is read, from the store and from files, before it is checked. They never throw: what they cannot make sense of
// they leave as it is, and the check that follows says where it is wrong.
import type { Change, Entry } from '../journal'
import { registry } from '../record/kinds'
import { fieldsOfVersion } from './addedFields'
import { currentVersion } from './currentVersion'
import { withNewFields } from './newFields'
import { changeToVersion2, entryToVersion2 } from './toVersion2'
import { changeToVersion3, entryToVersion3 } from './toVersion3'
import { changeToVersion4, entryToVersion4 } from './toVersion4'
import { changeToVersion5, entryToVersion5 } from './toVersion5'
import { changeToVersion6, entryToVersion6 } from './toVersion6'
import { changeToVersion7, entryToVersion7 } from './toVersion7'
import { changeToVersion8, entryToVersion8 } from './toVersion8'
import { changeToVersion9, entryToVersion9 } from './toVersion9'
import { changeToVersion10, entryToVersion10 } from './toVersion10'
import { changeToVersion11, entryToVersion11 } from './toVersion11'
import { changeToVersion12, entryToVersion12 } from './toVersion12'
import { changeToVersion17, entryToVersion17 } from './toVersion17'

export { currentVersion } from './currentVersion'

interface Migration {
  readonly to: number
  readonly entry: (entry: Entry) => Entry
  readonly change: (change: Change) => Change
}

const migrations: readonly Migration[] = [
  { to: 2, entry: entryToVersion2, change: changeToVersion2 },
  { to: 3, entry: entryToVersion3, change: changeToVersion3 },
  { to: 4, entry: entryToVersion4, change: changeToVersion4 },
  { to: 5, entry: entryToVersion5, change: changeToVersion5 },
  { to: 6, entry: entryToVersion6, change: changeToVersion6 },
  { to: 7, entry: entryToVersion7, change: changeToVersion7 },
  { to: 8, entry: entryToVersion8, change: changeToVersion8 },
  { to: 9, entry: entryToVersion9, change: changeToVersion9 },
  { to: 10, entry: entryToVersion10, change: changeToVersion10 },
  { to: 11, entry: entryToVersion11, change: changeToVersion11 },
  { to: 12, entry: entryToVersion12, change: changeToVersion12 },
]
const last = (migrations.at(-1) as Migration).to

/** What came after them was new fields, which the registry tells. */
const addedSince: readonly Migration[] = Array.from({ length: currentVersion - last }, (_, index) => {
  const to = last + 1 + index
  return { to, ...withNewFields(fieldsOfVersion(to, registry)) }
})
/** And what was called otherwise besides. */
const renamedSince: readonly Migration[] = [{ to: 17, entry: entryToVersion17, change: changeToVersion17 }]

const since = (version: number): readonly Migration[] =>
  [...migrations, ...addedSince, ...renamedSince].filter(({ to }) => to > version).sort((a, b) => a.to - b.to)

export const migrateEntry = (entry: Entry, version: number): Entry =>
  since(version).reduce((migrated, { entry: step }) => step(migrated), entry)

export const migrateChange = (change: Change, version: number): Change =>
  since(version).reduce((migrated, { change: step }) => step(migrated), change)
