// Time that is taken: spans of a day that nothing else can be given to, and the gaps between them.

/** From one minute of the day to another, the last not included. */
export interface Interval {
  readonly from: number
  readonly to: number
}

/** As few as say the same, in order; none of them touches another. */
export function joined(intervals: readonly Interval[]): Interval[] {
  const found: Interval[] = []
  for (const { from, to } of [...intervals].sort((a, b) => a.from - b.from)) {
    const last = found.at(-1)
    if (to <= from) continue
    if (last && from <= last.to) found[found.length - 1] = { from: last.from, to: Math.max(last.to, to) }
    else found.push({ from, to })
  }
  return found
}

/** The parts of joined intervals that lie within a span. */
export const within = (intervals: readonly Interval[], { from, to }: Interval): Interval[] =>
  intervals
    .map((each) => ({ from: Math.max(from, each.from), to: Math.min(to, each.to) }))
    .filter((each) => each.from < each.to)

export const minutesIn = (intervals: readonly Interval[]): number =>
  intervals.reduce((sum, { from, to }) => sum + to - from, 0)

/** What is left of a span between joined intervals: together they make it up, and share nothing. */
export function gapsIn(intervals: readonly Interval[], span: Interval): Interval[] {
  const gaps: Interval[] = []
  let at = span.from
  for (const { from, to } of within(intervals, span)) {
    if (from > at) gaps.push({ from: at, to: from })
    at = to
  }
  if (at < span.to) gaps.push({ from: at, to: span.to })
  return gaps
}
