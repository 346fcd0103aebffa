// The one list of how long each text may be. Schemas read it, and so does the check that every commit passes, which is
// there from the first moment on, before the schemas have loaded.
import { noteLimit, titleLimit } from './ids'
import type { AnyRecord } from './shapes'

/** Longest seal, in UTF-16 units: two letters, or one emoji even of several joined ones. */
export const stampLimit = 16

/** The longest text of a field by its name, in UTF-16 units. */
export const textLimits: Readonly<Record<string, number>> = {
  text: titleLimit,
  title: titleLimit,
  name: titleLimit,
  link: titleLimit,
  whom: titleLimit,
  how: titleLimit,
  aim: titleLimit,
  line: titleLimit,
  note: noteLimit,
  outcome: noteLimit,
  soThat: noteLimit,
  endReason: titleLimit,
  dayNoteBegins: noteLimit,
  stamp: stampLimit,
}

export interface TooLong {
  readonly field: string
  readonly limit: number
}

/** The first text of a record that is longer than it may be, looked for in what it holds too; null where all fit. */
export function tooLongIn(record: AnyRecord | Readonly<Record<string, unknown>>): TooLong | null {
  for (const [field, value] of Object.entries(record as Record<string, unknown>)) {
    const limit = Object.hasOwn(textLimits, field) ? (textLimits[field] as number) : Infinity
    if (typeof value === 'string' && value.length > limit) return { field, limit }
    const inside =
      typeof value === 'object' && value !== null && !Array.isArray(value)
        ? tooLongIn(value as Record<string, unknown>)
        : null
    if (inside) return inside
  }
  return null
}
