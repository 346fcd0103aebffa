import type { LensFileChecks } from '../lens'
import { conditionToVersion11 } from '../migrations/toVersion11'
import { parseRecord } from '../record/parseRecord'

/** What a lens from a file is looked at with. */
export const lensFileChecks: LensFileChecks = { parseRecord, conditionToVersion11 }
