/** The middle of some numbers, the lower of two middles; null of none. */
export function median(numbers: readonly number[]): number | null {
  const sorted = [...numbers].sort((a, b) => a - b)
  return sorted[Math.floor((sorted.length - 1) / 2)] ?? null
}
