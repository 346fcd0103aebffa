// A lens as a small file for somebody else. Names go along with their ids: where the id is not known, the name is
// looked for.
import type { LensRecord } from '../record'
import type { Condition, Lens } from './lens'
import { lensSentence } from './lensSentence'
import type { LensNames } from './vocabulary'

export const lensFileFormat = 'zen-tray lens'
/** Version 1 said `heldBack` where this one says `blocked`; version 2 said `stamp` where this one says `letters`. */
export const lensFileVersion = 3
/** A longer text is not read as a lens. */
export const lensFileLimitBytes = 1_000_000

/** What of a lens goes along besides what it asks. */
export type LensLook = Pick<
  LensRecord,
  'letters' | 'ink' | 'view' | 'columnsBy' | 'limits' | 'columns' | 'shows'
>

export const lookOf = ({ letters, ink, view, columnsBy, limits, columns, shows }: LensLook): LensLook => ({
  letters,
  ink,
  view,
  columnsBy,
  limits,
  columns,
  shows,
})

/** Every id that conditions name. */
export function idsIn(conditions: readonly Condition[]): readonly string[] {
  const ids = conditions.flatMap((condition): readonly string[] => {
    if (condition.kind === 'many') return idsIn(condition.of)
    return condition.kind === 'choice' ? condition.values.filter((value) => value.includes(':')) : []
  })
  return [...new Set(ids)]
}

export const conditionsIn = ({ conditions, bands }: Lens): readonly Condition[] => [
  ...conditions,
  ...bands.map(({ where }) => where),
]

/** The text of the file. */
export function toLensFile(name: string, lens: Lens, look: LensLook, names: LensNames): string {
  const called = idsIn(conditionsIn(lens)).flatMap((id) => {
    const known = names.nameOf(id)
    return known === null ? [] : [[id, known] as const]
  })
  return `${JSON.stringify(
    {
      format: lensFileFormat,
      version: lensFileVersion,
      name,
      says: lensSentence(lens, names),
      lens,
      names: Object.fromEntries(called),
      look: lookOf(look),
    },
    null,
    2,
  )}\n`
}

/** A name as a file can be called. */
export const fileNameOf = (name: string): string =>
  name
    .toLowerCase()
    .replace(/[^\p{L}\p{N}]+/gu, '-')
    .replace(/^-|-$/g, '')
    .slice(0, 60) || 'lens'
