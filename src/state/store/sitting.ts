// What one open copy holds, and how that changes: a change is dated, shown and handed on to be kept; those of other
// tabs are merged; what was done here is taken back.
import { createStore, type StoreApi } from 'zustand/vanilla'
import {
  emptyDocument,
  epochMsOf,
  latestIn,
  laterTimestamp,
  never,
  nextTimestamp,
  nothingToUndo,
  revertOf,
  undoStateOf,
  withChange,
  withChanges,
  withMerged,
  withUndoable,
  type Change,
  type Diff,
  type Document,
  type Entry,
  type Timestamp,
} from '@/core/journal'
import { localMomentAt, type CalendarDate } from '@/core/time'
import type { Archive } from '../persistence'
import type { Clock } from './clock'
import { makeKeeper } from './keeper'
import type { StoreState } from './storeState'

type Keeper = ReturnType<typeof makeKeeper>

export interface SittingParts {
  readonly archive: Archive
  readonly clock: Clock
  readonly replica: string
  readonly device: string
  /** Tells the other tabs what has been kept. */
  readonly onKept: Parameters<typeof makeKeeper>[2]
}

export interface Sitting {
  readonly api: StoreApi<StoreState>
  readonly keeper: Keeper
  readonly todayNow: () => CalendarDate
  /** A timestamp later than any this copy has seen. */
  readonly stamp: () => Timestamp
  readonly observe: (stamp: Timestamp) => void
  readonly changeOf: (act: string, diff: Diff, more?: Pick<Change, 'reverts' | 'brought'>) => Change
  /** `instead` is taken out of the journal for the change. `after`: the document with it, where it is made already. */
  readonly commit: (change: Change, instead?: Timestamp, after?: Document) => void
  readonly mergeIn: (
    changes: readonly Change[],
    entries?: readonly Entry[],
    instead?: readonly Timestamp[],
  ) => void
  /** The act that was taken back or done again; null where there is none. */
  readonly revert: (kind: 'undo' | 'redo') => Change | null
  /** What has been committed or merged in since `whileLoading` began; nothing where nothing is being loaded. */
  readonly arrived: () => readonly Change[]
  readonly whileLoading: (read: () => Promise<void>) => Promise<void>
}

/** By their timestamps, the earliest first. */
export const ordered = (changes: Iterable<Change>): Change[] =>
  [...changes].sort((a, b) => (a.stamp < b.stamp ? -1 : 1))
export const byStamp = (changes: Iterable<Change>): Map<Timestamp, Change> =>
  new Map([...changes].map((change) => [change.stamp, change]))

export function makeSitting({ archive, clock, replica, device, onKept }: SittingParts): Sitting {
  let last: Timestamp = never
  /** What is committed or merged in while the store is being read: it is added to what was read. */
  let arriving: Change[] | null = null
  const todayNow = () => localMomentAt(clock.nowEpochMs(), clock.zone()).date
  const api = createStore<StoreState>(() => ({
    phase: 'loading',
    document: emptyDocument,
    undo: nothingToUndo,
    recent: [],
    today: todayNow(),
    keeping: { kind: 'kept' },
    unread: null,
    quarantined: [],
    readOnly: false,
  }))
  const keeper = makeKeeper(archive, (keeping) => api.setState({ keeping }), onKept)
  const stamp = (): Timestamp => (last = nextTimestamp(last, clock.nowEpochMs(), replica))
  const observe = (seen: Timestamp) => {
    last = laterTimestamp(last, seen)
  }

  /** A change of this copy, made now. */
  function changeOf(act: string, diff: Diff, more: Pick<Change, 'reverts' | 'brought'> = {}): Change {
    const nowEpochMs = clock.nowEpochMs()
    const made = stamp()
    const at = epochMsOf(made) === nowEpochMs ? {} : { at: nowEpochMs }
    return { stamp: made, act, diff, by: device, ...at, ...more }
  }

  /**
   * Shows a change and hands it on to be kept; `instead` is taken out of the journal for it. `after`: the document
   * with it.
   */
  function commit(change: Change, instead?: Timestamp, after?: Document): void {
    const state = api.getState()
    const recent =
      instead === undefined ? state.recent : state.recent.filter((other) => other.stamp !== instead)
    const undo =
      instead === undefined ? withUndoable(state.undo, change) : undoStateOf([...recent, change], device)
    arriving?.push(change)
    api.setState({
      document: after ?? withChange(state.document, change),
      undo,
      recent: [...recent, change],
    })
    keeper.keep(change, instead)
  }

  /** Changes of another tab: merged, and open to undo here too, since one person works in both. */
  function mergeIn(
    changes: readonly Change[],
    entries: readonly Entry[] = [],
    instead: readonly Timestamp[] = [],
  ): void {
    const state = api.getState()
    const known = byStamp(state.recent)
    const fresh = changes.filter((change) => !known.has(change.stamp))
    if (fresh.length === 0 && entries.length === 0) return
    for (const change of fresh) observe(change.stamp)
    for (const entry of entries) observe(latestIn(entry))
    arriving?.push(...fresh)
    // A text that goes on being written is one change here too: undo takes back the same in every tab.
    const stays = state.recent.filter(({ stamp: each }) => !instead.includes(each))
    const recent = ordered([...stays, ...fresh])
    api.setState({
      document: withMerged(withChanges(state.document, fresh), entries),
      recent,
      undo: undoStateOf(recent, device),
    })
  }

  function revert(kind: 'undo' | 'redo'): Change | null {
    const { undo, document, readOnly } = api.getState()
    const undone = undo.redo.at(-1)
    const act = kind === 'undo' ? undo.undo.at(-1) : undone?.act
    const back = kind === 'undo' ? act?.diff : undone?.undoing.diff
    if (!act || !back || readOnly) return null
    const change = changeOf(kind, revertOf(document, back), { reverts: { kind, stamp: act.stamp } })
    commit(change)
    return act
  }

  async function whileLoading(read: () => Promise<void>): Promise<void> {
    arriving = []
    try {
      await read()
    } finally {
      arriving = null
    }
  }

  return {
    api,
    keeper,
    todayNow,
    stamp,
    observe,
    changeOf,
    commit,
    mergeIn,
    revert,
    arrived: () => arriving ?? [],
    whileLoading,
  }
}
