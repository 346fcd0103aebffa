// Reads the journal that is kept and learns from it, off the screen's thread.
import { answering } from '../state/store/answering'
import type { Change } from '../core/journal'
import { learnJournal, makeLearner } from '../core/sorting/learning'
import { haveOnDemand, makeArchive, usualLimits } from '../state/persistence'
import { makeAsyncStorageStore } from '../state/persistence/asyncStorageStore'
import * as onDemand from '../state/store/onDemand'

// A history of an earlier version is migrated as it is read.
haveOnDemand(onDemand)

self.onmessage = answering(async ({ database, by }: { database: string; by: string }) => {
  const archive = makeArchive(makeAsyncStorageStore(database), usualLimits, by)
  const changes: Change[] = []
  for await (const portion of archive.history()) changes.push(...portion.changes)
  changes.sort((a, b) => (a.stamp < b.stamp ? -1 : 1))
  const learner = makeLearner()
  learnJournal(learner, changes)
  self.postMessage({ state: learner.state(), upTo: changes.at(-1)?.stamp ?? '' })
})
