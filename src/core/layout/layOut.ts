// Laying out a day: which of the things to do go into which gap, in which order. A beam search over the days that can
// be built from left to right, the best so far at each step; those that come to the same place with the same things
// done are one. The same question has the same answer. Source: the beam search of B. T. Lowerre, "The Harpy Speech
// Recognition System", Carnegie Mellon University, 1976; that equal states are one is Bellman's principle.
import { beginningOf, behind, earliestStart, type Spot } from './rules'
import type { Layout, LayoutAsked, Placed, Task, WhyLeft, WhyPlaced } from './task'

/** Of few tasks every way is kept, of many the best ones. */
const widthFor = (tasks: number): number => (tasks <= 8 ? 4000 : 48)

/** A day as far as it is built. */
export interface Way {
  readonly spot: Spot
  readonly score: number
  readonly minutes: number
  /** Bit by bit, which tasks are placed. */
  readonly done: bigint
  readonly last: Task | null
  readonly placed: Placing | null
}
interface Placing {
  readonly task: Task
  readonly start: number
  readonly why: WhyPlaced
  readonly before: Placing | null
}

const sharesContext = (a: Task, b: Task): boolean => a.contextIds.some((id) => b.contextIds.includes(id))

/** How deep the hours of a stretch usually are. */
function depthOf(start: number, minutes: number, byHour: readonly number[]): number {
  let sum = 0
  for (let at = start; at < start + minutes; at += 15) sum += byHour[Math.floor(at / 60)] ?? 0
  return sum / Math.ceil(minutes / 15)
}

/** Room that is left, as a share of what there is. */
const roomLeft = 0.1

/** What placing a task there is worth, and what speaks for it most. */
function worthOf(
  task: Task,
  start: number,
  way: Way,
  asked: LayoutAsked,
): { points: number; why: WhyPlaced } {
  const { protectDeep, groupAlike, leaveRoom } = asked.wishes
  const depth = depthOf(start, task.minutes, asked.deepByHour)
  const deep = task.energy === 'deep' ? (depth - 0.5) * 20 * protectDeep : 0
  const light = task.energy === 'light' ? -depth * 6 * protectDeep : 0
  const isAlike = way.last !== null && sharesContext(way.last, task)
  const alike = way.last === null ? 0 : (isAlike ? 3 : -4) * groupAlike
  const most = asked.budget * (1 - roomLeft * leaveRoom)
  const over = Math.max(0, way.minutes + task.minutes - Math.max(most, way.minutes))
  const crowded = over * 0.3 * leaveRoom
  // Earlier is safer, by a little.
  const late = start / 400
  const points = task.value + deep + light + alike - crowded - late
  if (task.dueMinute !== null) return { points, why: 'due' }
  if (deep > 4) return { points, why: 'deepHours' }
  return { points, why: isAlike && groupAlike > 0 ? 'alike' : 'matters' }
}

/** Of many tasks each is tried in so many of the gaps ahead that it fits into, of few in all of them. */
const gapsTriedFor = (tasks: number): number => (tasks <= 8 ? Infinity : 3)

/** Everything that can be placed next, in the gap one is in or in one behind it. */
export function* nextWays(
  way: Way,
  tasks: readonly Task[],
  bits: ReadonlyMap<string, bigint>,
  asked: LayoutAsked,
): Generator<Way> {
  const most = gapsTriedFor(tasks.length)
  for (const [at, task] of tasks.entries()) {
    const bit = 1n << BigInt(at)
    if ((way.done & bit) !== 0n || way.minutes + task.minutes > asked.budget) continue
    if (task.afterIds.some((id) => ((bits.get(id) ?? 0n) & way.done) === 0n)) continue
    let tried = 0
    for (let gap = way.spot.gap; gap < asked.gaps.length && tried < most; gap++) {
      const from = inGap(way, gap, asked)
      const start = earliestStart(task, from.spot, asked)
      if (start === null) continue
      tried++
      const { points, why } = worthOf(task, start, from, asked)
      yield {
        spot: behind(task, start, from.spot),
        score: way.score + points,
        minutes: way.minutes + task.minutes,
        done: way.done | bit,
        last: task,
        placed: { task, start, why, before: way.placed },
      }
    }
  }
}

/** A way at the beginning of a later gap: after what was between, nothing goes on. */
const inGap = (way: Way, gap: number, { gaps }: LayoutAsked): Way =>
  gap === way.spot.gap ? way : { ...way, spot: beginningOf(gaps, gap), last: null }

const keyOf = ({ spot, done, last }: Way): string =>
  `${spot.gap} ${spot.minute} ${spot.since} ${done.toString(36)} ${last?.id ?? ''}`

/** Which bit stands for which task. */
export const bitsOf = (tasks: readonly Task[]): ReadonlyMap<string, bigint> =>
  new Map(tasks.map(({ id }, at) => [id, 1n << BigInt(at)]))

/** A day in which nothing is placed yet. */
export const emptyWay = ({ gaps }: LayoutAsked): Way => ({
  spot: beginningOf(gaps, 0),
  score: 0,
  minutes: 0,
  done: 0n,
  last: null,
  placed: null,
})

function bestWay(tasks: readonly Task[], asked: LayoutAsked): Way | null {
  if (asked.gaps.length === 0) return null
  const bits = bitsOf(tasks)
  const width = widthFor(tasks.length)
  let ways: Way[] = [emptyWay(asked)]
  let best = ways[0] as Way
  while (ways.length > 0) {
    const found = new Map<string, Way>()
    for (const way of ways)
      for (const next of nextWays(way, tasks, bits, asked)) {
        const key = keyOf(next)
        const known = found.get(key)
        if (!known || next.score > known.score) found.set(key, next)
      }
    ways = [...found.values()].sort((a, b) => b.score - a.score).slice(0, width)
    if (ways[0] && ways[0].score > best.score) best = ways[0]
  }
  return best
}

/** Why a task is in no gap. */
function whyLeft(
  task: Task,
  way: Way | null,
  bits: ReadonlyMap<string, bigint>,
  asked: LayoutAsked,
): WhyLeft {
  const empty = { ...asked, minutesTo: {} }
  const canAnywhere = (each: Task) =>
    asked.gaps.some((_, at) => earliestStart(each, beginningOf(asked.gaps, at), empty) !== null)
  const anyTime = { ...task, atHand: [{ from: 0, to: 1440 }] }
  if (!canAnywhere({ ...anyTime, dueMinute: null })) return 'tooLong'
  if (!canAnywhere(anyTime)) return 'dueTooEarly'
  if (!canAnywhere(task)) return 'notAtHand'
  const isAfterLeft = task.afterIds.some((id) => ((bits.get(id) ?? 0n) & (way?.done ?? 0n)) === 0n)
  return isAfterLeft ? 'afterAnother' : 'full'
}

export function layOut(asked: LayoutAsked): Layout {
  const tasks = [...asked.tasks].sort((a, b) => b.value - a.value || (a.id < b.id ? -1 : 1))
  const way = bestWay(tasks, asked)
  const placed: Placed[] = []
  for (let at = way?.placed ?? null; at; at = at.before)
    placed.unshift({ id: at.task.id, from: at.start, to: at.start + at.task.minutes, why: at.why })
  const bits = bitsOf(tasks)
  const left = tasks
    .filter(({ id }) => ((bits.get(id) ?? 0n) & (way?.done ?? 0n)) === 0n)
    .map((task) => ({ id: task.id, why: whyLeft(task, way, bits, asked) }))
  return { placed, left, score: way?.score ?? 0 }
}
