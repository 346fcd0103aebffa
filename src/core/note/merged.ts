// Two texts that came from the same one, brought together line by line: each line of the one they came from was kept,
// changed or taken out on either side, and new lines stand in the gaps between them. Laws: changes of different lines
// both hold, and the number of lines is what the two make of it; spaces at the end of a line are no conflict; where
// both changed the same line, both stay.
import { diffIndices } from 'node-diff3'

interface Side {
  /** What became of each line of the origin; null where it was taken out. */
  readonly lines: readonly (string | null)[]
  /** New lines before the line of the same number; the last gap is the end. */
  readonly gaps: readonly (readonly string[])[]
}

/** How alike two lines are, from 0 to 1: what they have in common at their ends. */
function likeness(a: string, b: string): number {
  const longest = Math.max(a.length, b.length)
  if (longest === 0) return 1
  const shortest = Math.min(a.length, b.length)
  let start = 0
  while (start < shortest && a[start] === b[start]) start++
  let end = 0
  while (end < shortest - start && a[a.length - 1 - end] === b[b.length - 1 - end]) end++
  return (start + end) / longest
}

/** More lines than these on both sides are paired by their place. */
const mostPaired = 60
const alike = 0.4

/** Which old line each new one took the place of, in order; null where it is new. */
function pairsOf(old: readonly string[], now: readonly string[]): (number | null)[] {
  const byPlace = now.map((_, at) => (at < old.length ? at : null))
  if (old.length === now.length || old.length > mostPaired || now.length > mostPaired) return byPlace
  // The pairing with the most likeness in all: the usual table, filled from the end.
  const best = Array.from({ length: old.length + 1 }, () => new Array<number>(now.length + 1).fill(0))
  const at = (i: number, j: number): number => best[i]?.[j] ?? 0
  const pairing = (i: number, j: number): number => {
    const found = likeness(old[i] as string, now[j] as string)
    return found >= alike ? found + at(i + 1, j + 1) : 0
  }
  for (let i = old.length - 1; i >= 0; i--)
    for (let j = now.length - 1; j >= 0; j--)
      (best[i] as number[])[j] = Math.max(at(i + 1, j), at(i, j + 1), pairing(i, j))
  const pairs: (number | null)[] = []
  let i = 0
  for (let j = 0; j < now.length; j++) {
    while (i < old.length && at(i, j) === at(i + 1, j)) i++
    const isPair = i < old.length && pairing(i, j) > 0 && pairing(i, j) === at(i, j)
    pairs.push(isPair ? i : null)
    if (isPair) i++
  }
  return pairs
}

function sideOf(origin: readonly string[], text: readonly string[]): Side {
  const lines: (string | null)[] = [...origin]
  const gaps: string[][] = Array.from({ length: origin.length + 1 }, () => [])
  for (const { buffer1, buffer1Content, buffer2Content } of diffIndices([...origin], [...text])) {
    const [from, old, now] = [buffer1[0], buffer1Content as string[], buffer2Content as string[]]
    old.forEach((_, index) => (lines[from + index] = null))
    let gap = from
    pairsOf(old, now).forEach((pair, index) => {
      const line = now[index] as string
      if (pair === null) return void (gaps[gap] as string[]).push(line)
      lines[from + pair] = line
      gap = from + pair + 1
    })
  }
  return { lines, gaps }
}

const isSameText = (a: string, b: string): boolean => a.trimEnd() === b.trimEnd()

/** What one line became on both sides. */
function lineOf(origin: string, a: string | null, b: string | null): string[] {
  if (a === b || b === origin) return a === null ? [] : [a]
  if (a === origin) return b === null ? [] : [b]
  // What the other side took out was written on here.
  if (a === null || b === null) return [(a ?? b) as string]
  if (isSameText(a, b)) return [a.length > b.length ? a : b]
  if (isSameText(b, origin)) return [a]
  if (isSameText(a, origin)) return [b]
  return [a, b]
}

/** New lines of both sides at one place, without what they have in common at their ends. */
function gapOf(a: readonly string[], b: readonly string[]): readonly string[] {
  if (a.length === 0) return b
  let start = 0
  while (start < a.length && start < b.length && a[start] === b[start]) start++
  let end = 0
  while (end < a.length - start && end < b.length - start && a.at(-1 - end) === b.at(-1 - end)) end++
  return [
    ...a.slice(0, a.length - end),
    ...b.slice(start, b.length - end),
    ...(end > 0 ? a.slice(a.length - end) : []),
  ]
}

/** Whichever of the two is called which: both sides come to the same text, so that two tabs agree. */
export function mergedNotes(from: string, mine: string, other: string): string {
  if (mine === other || other === from) return mine
  if (mine === from) return other
  const origin = from.split('\n')
  const [a, b] = (mine < other ? [mine, other] : [other, mine]).map((text) =>
    sideOf(origin, text.split('\n')),
  ) as [Side, Side]
  const gap = (at: number) => gapOf(a.gaps[at] ?? [], b.gaps[at] ?? [])
  return [
    ...origin.flatMap((line, at) => [...gap(at), ...lineOf(line, a.lines[at] ?? null, b.lines[at] ?? null)]),
    ...gap(origin.length),
  ].join('\n')
}
