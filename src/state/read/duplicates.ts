// Things that are much like a slip: open actions and other slips that share its telling words. All of them are looked
// at, in portions between which the screen goes on; what a record's words are is found once for as long as it stands.
import weakMemoize from '@emotion/weak-memoize'
import { isOpen } from '@/core/action'
import { isThere, valuesOf, type Document } from '@/core/journal'
import type { Action, Id, Slip } from '@/core/record'
import { likeness, rarity, stemsOf, duplicatesFrom } from '@/core/sorting/likeness'

export interface Duplicate {
  readonly id: Id<'slip'> | Id<'action'>
  /** See `likeness`. */
  readonly likeness: number
}

type Told = Action | Slip

const stemsIn = weakMemoize((record: Told): readonly string[] =>
  stemsOf('text' in record ? record.text : record.title),
)

/** Records a portion: a few milliseconds each. */
const portionSize = 500
/** A word that stands in more than these tells too little to look by. */
const mostWith = 400

interface Looking {
  /** Lets the screen go on between two portions. */
  readonly rest: () => Promise<void>
  /** Turns false where the answer is not needed any more: then there is none. */
  readonly isWanted?: () => boolean
}

/** Everything a slip could be a duplicate of: what is open or lies in the tray. */
function* others(document: Document, slip: Slip): Generator<Told> {
  for (const kind of ['action', 'slip'] as const)
    for (const entry of valuesOf(document[kind])) {
      if (!isThere(entry)) continue
      const record = entry.record as Told
      const isThat = 'text' in record ? record.letGoAtEpochMs === null : isOpen(record)
      if (isThat && record.id !== slip.id) yield record
    }
}

/** The likest first, at most `most`; none where nothing is much like it. */
export async function findDuplicates(
  document: Document,
  slip: Slip,
  title: string,
  most: number,
  { rest, isWanted = () => true }: Looking,
): Promise<readonly Duplicate[]> {
  const own = stemsOf(title)
  const times = new Map<string, number>()
  const sharing: Told[] = []
  let all = 0
  for (const record of others(document, slip)) {
    const stems = stemsIn(record)
    for (const stem of stems) times.set(stem, (times.get(stem) ?? 0) + 1)
    if (own.some((stem) => stems.includes(stem))) sharing.push(record)
    if (++all % portionSize !== 0) continue
    await rest()
    if (!isWanted()) return []
  }
  const timesOf = (stem: string) => times.get(stem) ?? 0
  const rare = own.filter((stem) => timesOf(stem) <= mostWith)
  return sharing
    .filter((record) => rare.some((stem) => stemsIn(record).includes(stem)))
    .map((record) => ({
      id: record.id,
      likeness: likeness(own, stemsIn(record), (stem) => rarity(timesOf(stem), all)),
    }))
    .filter((duplicate) => duplicate.likeness >= duplicatesFrom)
    .sort((a, b) => b.likeness - a.likeness || (a.id < b.id ? -1 : 1))
    .slice(0, most)
}
