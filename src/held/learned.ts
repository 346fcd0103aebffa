// What was learned from earlier decisions: read off the journal in a worker when it is first asked for, and kept up
// act by act. Nothing of it is kept or leaves the machine.
import { createStore } from 'zustand/vanilla'
import type { Change } from '@/core/journal'
import {
  learnJournal,
  makeLearner,
  learnFrom,
  type Learner,
  type LearnerState,
} from '@/core/sorting/learning'
import type { ZenStore } from '@/state'
import { askWorker } from './askWorker'
import type { ZenParts } from './zen'

interface Learned {
  readonly state: LearnerState
  /** The timestamp of the last change that was learned from. */
  readonly upTo: string
}

const learnInWorker = (kept: ZenParts['kept']): Promise<Learned> =>
  askWorker(new Worker(new URL('../workers/learn.worker', window.location.href)), kept)

/** Where there are no workers, as in tests: here and at once. */
async function learnHere(store: ZenStore): Promise<Learned> {
  const { changes } = await store.journal()
  const learner = makeLearner()
  learnJournal(learner, changes)
  return { state: learner.state(), upTo: changes.at(-1)?.stamp ?? '' }
}

const held = createStore<{ readonly learner: Learner | null }>(() => ({ learner: null }))
let of: ZenStore | null = null

/** Learns from what has been done since: in order, each once. */
function follow(store: ZenStore, { state, upTo }: Learned): void {
  const made = makeLearner(state)
  let last = upTo
  const catchUp = (recent: readonly Change[]) => {
    const byStamp = new Map(recent.map((change) => [change.stamp, change]))
    for (const change of recent) {
      if (change.stamp <= last) continue
      learnFrom(made, change, (stamp) => byStamp.get(stamp))
      last = change.stamp
    }
  }
  catchUp(store.api.getState().recent)
  const stop = store.api.subscribe(({ recent }, before) => {
    if (recent === before.recent) return
    if (recent.length > 0) return catchUp(recent)
    // Everything was removed: so is what was learned.
    stop()
    of = null
    held.setState({ learner: null })
  })
  held.setState({ learner: made })
}

/** Reads the journal, where that was not done yet; where it fails it is tried again when next asked for. */
export async function beginLearning({ store, kept }: ZenParts): Promise<void> {
  if (of === store) return
  of = store
  held.setState({ learner: null })
  try {
    const learned = await (typeof Worker === 'undefined' ? learnHere(store) : learnInWorker(kept))
    if (of === store) follow(store, learned)
  } catch {
    of = null
  }
}

export const onLearned = (listener: () => void): (() => void) => held.subscribe(listener)

/** Null until it is there; without it everything works, and the usual comes first. */
export const learnedNow = (): Learner | null => held.getState().learner
