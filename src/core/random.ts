/** A source of numbers in [0, 1). Handed in wherever chance is wanted, so that a run can be repeated. */
export type Random = () => number

/** A repeatable source from a 32-bit seed. Source: the public-domain mulberry32 generator by Tommy Ettinger. */
export function makeRandom(seed: number): Random {
  let state = seed >>> 0
  return () => {
    state = (state + 0x6d2b79f5) >>> 0
    let mixed = Math.imul(state ^ (state >>> 15), 1 | state)
    mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296
  }
}
