// The one value that says in which format the rest is kept, and when everything was last removed.
import type { Timestamp } from '@/core/journal'
import { currentVersion } from '@/core/migrations/currentVersion'
import { metaKey } from './keys'
import { fromChecksummed, toChecksummed } from './checksummed'

export interface Meta {
  readonly format: number
  /** The act of removing everything; two tabs that know different ones do not look at the same store. */
  readonly wiped: string | null
}

export const metaValue = (wiped: Timestamp | string | null): Record<string, string> => ({
  [metaKey]: toChecksummed(wiped === null ? { format: currentVersion } : { format: currentVersion, wiped }),
})

/** Null where it is missing or damaged. A damaged number is not believed, least of all to be a newer format. */
export function metaIn(text: string | null | undefined): Meta | null {
  const opened = text ? fromChecksummed(text) : null
  if (opened?.kind !== 'whole' || typeof opened.value !== 'object' || opened.value === null) return null
  const { format, wiped } = opened.value as { format?: unknown; wiped?: unknown }
  return typeof format === 'number' ? { format, wiped: typeof wiped === 'string' ? wiped : null } : null
}
