// The place of a record among its like, as a text between those of its neighbours: moving one writes one.
import { generateKeyBetween, generateNKeysBetween } from 'fractional-indexing'

const digits = '0123456789ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz'
const width = 8
/** The head that a whole number of `width` digits has in the package's keys. */
const head = 'h'
const longestRank = 200

/** A rank in the order of whole numbers from 0 to 2·10¹⁴: for what is ranked by when it was made. */
export function rankOfNumber(number: number): string {
  let rest = Math.max(0, Math.min(62 ** width - 1, Math.floor(number) || 0))
  let text = ''
  for (let place = 0; place < width; place++) {
    text = digits[rest % 62] + text
    rest = Math.floor(rest / 62)
  }
  return head + text
}

/** The rank between two others, either of which may be missing; null where there is none between them. */
export function rankBetween(before: string | null, after: string | null): string | null {
  if (before !== null && after !== null && before >= after) return null
  try {
    return generateKeyBetween(before, after)
  } catch {
    return null
  }
}

/** So many ranks in order. */
export const ranksInOrder = (count: number): string[] => generateNKeysBetween(null, null, count)

export const isRank = (value: unknown): value is string =>
  typeof value === 'string' && value.length <= longestRank && rankBetween(value, null) !== null

/** By their characters, as ranks, days and ids are put in order. */
export function compareTexts(a: string, b: string): number {
  if (a === b) return 0
  return a < b ? -1 : 1
}

interface Named {
  readonly id: string
}
interface Ranked extends Named {
  readonly rank: string
}

/** What is equal otherwise stands in one order in every copy. */
export const byId = (a: Named, b: Named): number => compareTexts(a.id, b.id)

/** The order of hand: by rank. */
export const byRank = (a: Ranked, b: Ranked): number => compareTexts(a.rank, b.rank) || byId(a, b)
