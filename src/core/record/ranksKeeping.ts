import { rankBetween, ranksInOrder } from './rank'

/**
 * Ranks for things in order: each keeps the one it had where that still stands behind the one before it; one without
 * a rank, and one whose rank does not fit, gets one in between.
 */
export function ranksKeeping(had: readonly (string | undefined)[]): string[] {
  const ranks: string[] = []
  for (const [index, own] of had.entries()) {
    const before = ranks.at(-1) ?? null
    if (own !== undefined && (before === null || own > before)) {
      ranks.push(own)
      continue
    }
    const next = had.slice(index + 1).find((rank) => rank !== undefined && (before === null || rank > before))
    const between = rankBetween(before, next ?? null) ?? rankBetween(before, null)
    if (between === null) return ranksInOrder(had.length)
    ranks.push(between)
  }
  return ranks
}
