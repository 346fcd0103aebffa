// How well earlier decisions are learned from, on the demo's history with its last fifth held out, beside two guesses
// that anybody could make: what is decided most, and what was decided last.
import { makeDemo } from '../../demo/makeDemo'
import { calendarDateUnsafe } from '../../src/core/time'
import { decisionsIn, makeLearner, type Decision, type Facet } from '../../src/core/sorting/learning'

export interface Figures {
  /** Decisions held out. */
  readonly held: number
  /** Shares of them guessed rightly. */
  readonly right: number
  readonly mostFrequent: number
  readonly lastUsed: number
}

const today = calendarDateUnsafe('2026-03-11')

function figuresOf(decisions: readonly Decision[], facet: Facet, most: number): Figures {
  const cut = Math.floor(decisions.length * 0.8)
  const known = decisions.slice(0, cut)
  const held = decisions.slice(cut).filter(({ decided }) => (decided[facet] ?? []).length > 0)
  const learner = makeLearner()
  known.forEach(learner.learn)
  const values = known.flatMap(({ decided }) => decided[facet] ?? [])
  const counts = new Map<string, number>()
  for (const value of values) counts.set(value, (counts.get(value) ?? 0) + 1)
  const frequent = [...counts].sort(([, a], [, b]) => b - a).map(([value]) => value)
  const share = (guess: (decision: Decision) => readonly string[]) =>
    held.filter((decision) => guess(decision).some((value) => decision.decided[facet]?.includes(value)))
      .length / held.length
  // What is decided last goes on with what is held out, as it would for the person.
  const latest = [...new Set([...values].reverse())]
  return {
    held: held.length,
    right: share(({ title }) => learner.likely(title, facet, most).map(({ value }) => value)),
    mostFrequent: share(() => frequent.slice(0, most)),
    lastUsed: share((decision) => {
      const guess = latest.slice(0, most)
      for (const value of decision.decided[facet] ?? []) {
        latest.splice(latest.indexOf(value), latest.includes(value) ? 1 : 0)
        latest.unshift(value)
      }
      return guess
    }),
  }
}

export function learnedFrom(): { readonly shelf: Figures; readonly context: Figures } {
  const nowEpochMs = Date.UTC(2026, 2, 11, 9, 5)
  const { changes } = makeDemo({ today, zone: 'Europe/London', nowEpochMs })
  const decisions = changes.flatMap(decisionsIn)
  return { shelf: figuresOf(decisions, 'shelf', 3), context: figuresOf(decisions, 'context', 1) }
}

/** Milliseconds that one slip's suggestions take over so many decisions, at the median of fifty. */
export function suggestionMs(count: number): number {
  const learner = makeLearner()
  for (let at = 0; at < count; at++)
    learner.learn({
      title: `word${at % 997} thing${at % 613} room${at % 89} task${at % 31}`,
      decided: { shelf: [`project:${at % 200}`], context: [`context:${at % 8}`], minutes: [String(at % 60)] },
    })
  const times = Array.from({ length: 50 }, (_, at) => {
    const started = performance.now()
    for (const facet of ['compartment', 'shelf', 'context', 'minutes', 'person'] as const)
      learner.likely(`word${at} thing${at} room${at} and task${at}`, facet, 6)
    return performance.now() - started
  })
  return times.sort((a, b) => a - b)[25] as number
}
