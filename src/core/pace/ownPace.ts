// How long something takes this person against what was estimated: a factor per group of actions (a context, an area,
// a length), drawn toward the overall one while there is little to go by. Ratios are averaged as logarithms, so that
// twice as long and half as long weigh the same; the shrinking is that of a normal prior worth `priorCount` actions
// (B. Efron and C. Morris, "Stein's Paradox in Statistics", Scientific American 236, 1977).

/** One that was estimated, and timed or corrected. */
export interface Taken {
  readonly estimated: number
  readonly taken: number
  /** What it is one of: ids of contexts and of an area, and its length (see `lengthGroup`). */
  readonly groups: readonly string[]
}

export interface OwnPace<G extends string = string> {
  /** What it is told of; null for everything together. */
  readonly group: G | null
  /** How many times as long as estimated. */
  readonly factor: number
  /** From so many actions. */
  readonly count: number
}

const priorCount = 8
/** Fewer say nothing. */
const enough = 5
/** Nobody needs to hear of less: from 0.85 to 1.15 the estimates are good. */
const goodFrom = 0.85
const goodTo = 1.15
/** An action left running over night is no pace. */
const mostTimes = 5

/** The group of an estimate by its length. */
export function lengthGroup(minutes: number): 'short' | 'middling' | 'long' {
  if (minutes <= 20) return 'short'
  return minutes <= 60 ? 'middling' : 'long'
}

const logRatio = ({ estimated, taken }: Taken): number =>
  Math.log(Math.min(mostTimes, Math.max(1 / mostTimes, taken / estimated)))

const usable = ({ estimated, taken }: Taken): boolean => estimated > 0 && taken > 0

/** The factor of one group, or of everything together where that is null. */
export function ownPaceOf<G extends string>(all: readonly Taken[], group: G | null): OwnPace<G> | null {
  const every = all.filter(usable)
  const of = group === null ? every : every.filter(({ groups }) => groups.includes(group))
  if (of.length === 0) return null
  const sum = (some: readonly Taken[]) => some.reduce((total, each) => total + logRatio(each), 0)
  // Everything together is drawn toward the estimate being right.
  const overall = sum(every) / (every.length + priorCount)
  const log = group === null ? overall : (sum(of) + priorCount * overall) / (of.length + priorCount)
  return { group, factor: Math.exp(log), count: of.length }
}

/**
 * What is worth telling of an action: by the first of its groups that is known well enough, else by everything
 * together; null where that is too little, or where the estimates are good.
 */
export function paceToTell<G extends string>(all: readonly Taken[], groups: readonly G[]): OwnPace<G> | null {
  const known = [...groups, null]
    .map((group) => ownPaceOf(all, group))
    .find((pace) => pace !== null && pace.count >= enough)
  return known && (known.factor < goodFrom || known.factor > goodTo) ? known : null
}

/** An estimate at this pace, as one says it: to five minutes, and never none. */
export const atPace = (minutes: number, { factor }: Pick<OwnPace, 'factor'>): number =>
  Math.max(5, Math.round((minutes * factor) / 5) * 5)
