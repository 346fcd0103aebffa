// A list after a colon: "pack for the hall: meters, tripod and spare batteries, by friday" has three steps. It is
// always a guess, and only made where there are at least two short parts that nothing else has claimed.
import { partsOf, type Word } from './words'

/** Words before a colon that say what kind of text follows, and not what it is a list of. */
const headings = new Set('re fw fwd aw wg antw note nb ps idea question quote remember reminder'.split(' '))
const longestItem = 6
const mostSteps = 100

export interface StepsFound {
  readonly steps: readonly string[]
  /** Words from and to, exclusive. */
  readonly from: number
  readonly to: number
}

/** Without the "and" that leads the last of a list. */
const bare = (item: string): string => item.replace(/^and\s+/i, '')

/** "felt and glue" at the end of a list is two of its things. */
function lastSplit(items: readonly string[]): string[] {
  const last = items.at(-1) as string
  const pair = /^(\S+(?:\s+\S+)?)\s+and\s+(\S+(?:\s+\S+)?)$/i.exec(last)
  return pair && items.length > 1
    ? [...items.slice(0, -1), pair[1] as string, pair[2] as string]
    : [...items.slice(0, -1), bare(last)]
}

/** `isClaimed` tells whether a word, by its place, was taken by a clause. */
export function stepsAfterColon(
  text: string,
  words: readonly Word[],
  isClaimed: (place: number) => boolean,
): StepsFound | null {
  const colon = words.findIndex(({ breakAfter, quoted }) => breakAfter === ':' && !quoted)
  const head = words.slice(0, colon + 1)
  if (colon < 0 || head.every((_, place) => isClaimed(place))) return null
  if (colon === 0 && headings.has((words[0] as Word).text)) return null
  const items: string[] = []
  let to = colon + 1
  for (const [from, end] of partsOf(words)) {
    if (from <= colon) continue
    let last = from
    while (last < end && !isClaimed(last)) last++
    if (last === from || last - from > longestItem || items.length === mostSteps) break
    if (words.slice(from, last).some(({ quoted }) => quoted)) break
    items.push(text.slice((words[from] as Word).start, (words[last - 1] as Word).end))
    to = last
    const breakAfter = (words[last - 1] as Word).breakAfter
    if (last < end || (breakAfter !== ',' && breakAfter !== ';')) break
  }
  return items.length >= 2 ? { steps: lastSplit(items), from: colon + 1, to } : null
}
