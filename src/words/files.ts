// Files brought in, and what is wrong with them.
import { type StoreFileFault } from '@/core/exchange'
import { assertNever } from '@/core/invariant'
import { idOf, type Diff } from '@/core/journal'
import { kindOf, type RecordKind } from '@/core/record'
import { count, megabytes } from './counts'
import type { KindsInWords } from './kinds/kindWords'

const changeWords = { added: 'new', updated: 'changed', removed: 'removed' } as const

/** What bringing a file in would do, removals too: "12 new, 3 changed, 1 removed". */
export function broughtWords(diff: Diff, kinds: KindsInWords | null): string {
  const counts = (Object.keys(changeWords) as (keyof typeof changeWords)[]).map(
    (kind) => [kind, diff.filter((part) => part.kind === kind)] as const,
  )
  const told = counts
    .filter(([, parts]) => parts.length > 0)
    .map(
      ([kind, parts]) =>
        `${parts.length.toLocaleString('en-GB')} ${changeWords[kind]} (${kindsWords(parts.map(idOf), kinds)})`,
    )
  return told.length === 0 ? 'Nothing here would change.' : `It would make these changes: ${told.join('; ')}.`
}

/** A kind of a newer version. */
const unknownKind = { singular: 'thing of a newer version', plural: 'things of a newer version' }

function kindsWords(ids: readonly string[], kinds: KindsInWords | null): string {
  const counts = new Map<string, number>()
  for (const id of ids) counts.set(kindOf(id), (counts.get(kindOf(id)) ?? 0) + 1)
  return [...counts]
    .map(([kind, number]) => {
      const { singular, plural } =
        kinds && Object.hasOwn(kinds, kind) ? kinds[kind as RecordKind] : unknownKind
      return kind === 'settings' ? singular : count(number, singular, plural)
    })
    .join(', ')
}

export function fileFaultWords(fault: StoreFileFault): string {
  const unchanged = 'Nothing was changed.'
  switch (fault.kind) {
    case 'tooLarge':
      return `The file has ${megabytes(fault.bytes)}; Zen Tray reads files up to ${megabytes(fault.limitBytes)}. ${unchanged}`
    case 'empty':
      return `The file is empty. ${unchanged}`
    case 'notJson':
      return `The file breaks off or is damaged${fault.offset === null ? '' : ` at character ${fault.offset.toLocaleString('en-GB')}`}. ${unchanged}`
    case 'foreign':
      return `This is not a Zen Tray file. ${unchanged}`
    case 'newer':
      return `The file was written by a newer Zen Tray (format ${fault.version}). Update this one first. ${unchanged}`
    case 'shape':
      return `The file cannot be used at ${fault.where}: ${fault.why}. ${unchanged}`
    case 'twice':
      return `The file holds ${fault.id} twice, the second time at ${fault.where}. ${unchanged}`
    case 'tooDeep':
      return `Something in the file is nested too deep: ${fault.where.slice(0, 40)}. Put it further up, save the file again, then import it. ${unchanged}`
    case 'hostileKey':
      return `The file holds a key it must not have, “${fault.key}” in ${fault.where}. ${unchanged}`
    default:
      return assertNever(fault)
  }
}
