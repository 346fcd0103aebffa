// What is likely of a slip, learned from earlier actions: those that share words with it count by how rare the words are,
// and beside them the usual. Law: what is likeliest never depends on the order in which the earlier ones come.
import type { Action, Id } from '../record'

export interface Likely {
  /** Likeliest first; only what some earlier action had. */
  readonly contextIds: readonly Id<'context'>[]
  readonly shelfIds: readonly (Id<'project'> | Id<'area'>)[]
  readonly minutes: readonly number[]
  /** The words of the slip that speak for the first shelf; none where it is only the usual one. */
  readonly because: readonly string[]
}

const shortestWord = 4
const plainWords = new Set(
  'about after again before being between could every from have into more next other over send some than that their them then there these they this those through until what when where which while with would write your'.split(
    ' ',
  ),
)

/** The words of a title that may tell something, in lower case, each once. */
export const tellingWords = (title: string): string[] => [
  ...new Set(
    (title.toLowerCase().match(/[\p{L}\p{N}]+/gu) ?? []).filter(
      (word) => word.length >= shortestWord && !plainWords.has(word),
    ),
  ),
]

/** Singular and plural count as one. */
const stemOf = (word: string): string => (word.length > shortestWord ? word.replace(/s$/, '') : word)

type Tally<K> = Map<K, number>
const add = <K>(tally: Tally<K>, key: K, weight: number) => tally.set(key, (tally.get(key) ?? 0) + weight)
const ranked = <K extends string | number>(tally: Tally<K>): K[] =>
  [...tally].sort(([a, x], [b, y]) => y - x || (a < b ? -1 : 1)).map(([key]) => key)

/** The usual counts a little: a shared word outweighs it. */
const usual = 0.01

export function likelyFor(title: string, earlier: readonly Action[]): Likely {
  const words = tellingWords(title)
  const stems = new Map(words.map((word) => [stemOf(word), word]))
  const sharing = earlier.map((action) => ({
    action,
    shared: [...new Set(tellingWords(action.title).map(stemOf))].filter((stem) => stems.has(stem)),
  }))
  const seen: Tally<string> = new Map()
  sharing.forEach(({ shared }) => shared.forEach((stem) => add(seen, stem, 1)))
  const rarity = (stem: string) => Math.log(1 + earlier.length / (seen.get(stem) ?? 1))

  const contexts: Tally<Id<'context'>> = new Map()
  const shelves: Tally<Id<'project'> | Id<'area'>> = new Map()
  const minutes: Tally<number> = new Map()
  const reasons = new Map<string, Tally<string>>()
  for (const { action, shared } of sharing) {
    const weight = usual + shared.reduce((sum, stem) => sum + rarity(stem) / (seen.get(stem) as number), 0)
    action.contextIds.forEach((id) => add(contexts, id, weight))
    if (action.minutes !== null) add(minutes, action.minutes, weight)
    const shelf = action.projectId ?? action.areaId
    if (shelf === null) continue
    add(shelves, shelf, weight)
    const told = reasons.get(shelf) ?? new Map<string, number>()
    shared.forEach((stem) => add(told, stems.get(stem) as string, rarity(stem)))
    reasons.set(shelf, told)
  }
  const shelfIds = ranked(shelves)
  return {
    contextIds: ranked(contexts),
    shelfIds,
    minutes: ranked(minutes),
    because: shelfIds[0] ? ranked(reasons.get(shelfIds[0]) ?? new Map<string, number>()).slice(0, 2) : [],
  }
}
