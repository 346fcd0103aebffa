// The store: everything held, and the one door through which it changes. A commit checks the touched records,
// applies the diff, adds one change to the journal and notifies once; keeping it follows behind.
import { createStore, type StoreApi } from 'zustand/vanilla'
import { invariant } from '@/core/invariant'
import {
  emptyDocument, idOf, laterStamp, never, nextStamp, nothingToUndo, recordIn, revertOf, undoStateOf, withChange, withChanges, withMerged, withUndoable, writtenAt,
  type Change, type Diff, type Document, type Entry, type Stamp, type UndoState,
} from '@/core/journal'
import type { RecordKind } from '@/core/record'
import type { parseRecord } from '@/core/exchange'
import { ok, refuse } from '@/core/result'
import { localMomentAt, type CalendarDate } from '@/core/time'
import type { Clock, NewId, TabChannel } from './clock'
import { commands, type ArgsOf, type Command as AnyCommand, type CommandName, type Outcome, type Refusal } from './commands'
import { makeKeeper, type Keeping } from './keeper'
import { storageErrorOf, type Archive, type Aside } from './persistence'

export interface StoreState {
  readonly phase: 'loading' | 'ready'
  readonly document: Document
  readonly undo: UndoState
  /** The changes of this sitting and the latest before it, in order. */
  readonly recent: readonly Change[]
  readonly today: CalendarDate
  readonly keeping: Keeping
  readonly asides: readonly Aside[]
  /** A newer version of the application has written here: this one only reads. */
  readonly readOnly: boolean
}

export interface StoreParts {
  readonly archive: Archive
  readonly clock: Clock
  readonly newId: NewId
  /** Names this open copy; see makeStamp. */
  readonly replica: string
  readonly tabs: TabChannel
  /** Checks touched records; null until the schemas have loaded. */
  readonly parser: () => typeof parseRecord | null
}

export interface ZenStore {
  readonly api: StoreApi<StoreState>
  load(): Promise<void>
  /** Runs a command and commits its diff. The refusal comes back where there is one. */
  run<N extends CommandName>(name: N, args: ArgsOf<N>): Outcome
  undo(): Change | null
  redo(): Change | null
  /** Merges a file or another copy in and keeps it before it is shown. */
  absorb(entries: readonly Entry[], changes: readonly Change[]): Promise<void>
  wipe(): Promise<void>
  retry(): Promise<void>
  /** Reads the clock: the day may have turned. */
  turnDay(): void
  /** Takes up what other tabs have kept since. */
  catchUp(): Promise<void>
  dropAsides(): Promise<void>
  /** Settles once everything so far is kept or refused. */
  settled(): Promise<void>
  /** The journal of one record, oldest first: from the archive and from this sitting. */
  historyOf(ids: readonly string[]): Promise<readonly Change[]>
  /** The whole journal, for a file. */
  journal(): Promise<readonly Change[]>
  close(): void
}

const ordered = (changes: Iterable<Change>): Change[] => [...changes].sort((a, b) => (a.stamp < b.stamp ? -1 : 1))

/** Every touched record must still be one of its kind: a command that makes a bad one is our own mistake. */
function checkTouched(document: Document, diff: Diff, parse: typeof parseRecord): void {
  for (const part of diff) {
    const record = recordIn(document, idOf(part) as `${RecordKind}:`)
    if (!record) continue
    const parsed = parse(record)
    invariant(parsed.ok, parsed.ok ? '' : `a ${idOf(part).split(':')[0]} with a bad ${parsed.error.where}: ${parsed.error.why}`)
  }
}

export function makeZenStore({ archive, clock, newId, replica, tabs, parser }: StoreParts): ZenStore {
  let last: Stamp = never
  let wasRead = false
  const todayNow = () => localMomentAt(clock.nowEpochMs(), clock.zone()).date
  const api = createStore<StoreState>(() => ({
    phase: 'loading', document: emptyDocument, undo: nothingToUndo, recent: [], today: todayNow(), keeping: { kind: 'kept' }, asides: [], readOnly: false,
  }))
  const keeper = makeKeeper(archive, (keeping) => api.setState({ keeping }), (changes) => tabs.post({ kind: 'changes', changes }))
  const stamp = (): Stamp => (last = nextStamp(last, clock.nowEpochMs(), replica))
  const observe = (changes: readonly Change[]) => changes.forEach((change) => (last = laterStamp(last, change.stamp)))

  function commit(act: string, diff: Diff, reverts?: Change['reverts']): Change {
    const change: Change = { stamp: stamp(), act, diff, ...(reverts ? { reverts } : {}) }
    const state = api.getState()
    const document = withChange(state.document, change)
    const parse = parser()
    if (parse) checkTouched(document, diff, parse)
    api.setState({ document, undo: withUndoable(state.undo, change), recent: [...state.recent, change] })
    keeper.keep(change)
    return change
  }

  /** Changes of another tab: merged, and open to undo here too, since one person works in both. */
  function takeUp(changes: readonly Change[]): void {
    const state = api.getState()
    const known = new Set(state.recent.map((change) => change.stamp))
    const fresh = changes.filter((change) => !known.has(change.stamp))
    if (fresh.length === 0) return
    observe(fresh)
    const recent = ordered([...state.recent, ...fresh])
    api.setState({ document: withChanges(state.document, fresh), recent, undo: undoStateOf(recent) })
  }

  function revert(kind: 'undo' | 'redo'): Change | null {
    const { undo, document, readOnly } = api.getState()
    const target = undo[kind].at(-1)
    if (!target || readOnly) return null
    const forward = target.diff.map((part) => (part.kind === 'updated' ? { ...part, fields: flipped(part.fields) } : part.kind === 'added' ? { ...part, kind: 'removed' as const } : { ...part, kind: 'added' as const })).reverse()
    const diff = revertOf(document, kind === 'undo' ? target.diff : forward)
    return commit(kind, diff, { kind, stamp: target.stamp })
  }

  /** Reads what is kept. Where that is refused the store works from memory, says so, and `retry` reads again. */
  async function load(): Promise<void> {
    try {
      await readAll()
    } catch (error) {
      api.setState({ phase: 'ready', keeping: { kind: 'failed', code: storageErrorOf(error).code, waiting: keeper.waiting().length } })
    }
  }

  async function readAll(): Promise<void> {
    const loaded = await archive.load()
    const asides = await archive.asides()
    const unkept = [...keeper.waiting(), ...(wasRead ? [] : api.getState().recent)]
    wasRead = true
    const recent = ordered(new Map([...loaded.recent, ...unkept].map((change) => [change.stamp, change])).values())
    observe(recent)
    api.setState({
      phase: 'ready', document: withChanges(loaded.document, unkept), recent, undo: undoStateOf(recent), today: todayNow(),
      asides: asides.length > 0 ? asides : loaded.asides, readOnly: loaded.newerFormat,
    })
  }

  const stopListening = tabs.listen((message) => (message.kind === 'changes' ? takeUp(message.changes) : void load()))

  return {
    api,
    load,
    run(name, args) {
      const state = api.getState()
      if (state.readOnly) return refuse<Refusal>({ kind: 'readOnly' })
      const nowEpochMs = clock.nowEpochMs()
      const command = commands[name] as AnyCommand<unknown>
      const outcome = command({ document: state.document, moment: localMomentAt(nowEpochMs, clock.zone()), nowEpochMs, newId }, args)
      if (outcome.ok) commit(name, outcome.value)
      return outcome.ok ? ok(outcome.value) : outcome
    },
    undo: () => revert('undo'),
    redo: () => revert('redo'),
    async absorb(entries, changes) {
      for (const entry of entries) last = laterStamp(last, writtenAt(entry))
      observe(changes)
      await archive.absorb(entries, changes, stamp())
      const state = api.getState()
      api.setState({ document: withMerged(state.document, entries) })
      tabs.post({ kind: 'replaced' })
    },
    async wipe() {
      await keeper.settled()
      await archive.wipe()
      api.setState({ document: emptyDocument, recent: [], undo: nothingToUndo, asides: [] })
      await load()
      tabs.post({ kind: 'replaced' })
    },
    async retry() {
      if (!wasRead) await load()
      if (wasRead) await keeper.retry()
    },
    turnDay() {
      const today = todayNow()
      if (today !== api.getState().today) api.setState({ today })
    },
    async catchUp() {
      takeUp(await archive.changesBeyond(new Set(api.getState().recent.map((change) => change.stamp))))
    },
    async dropAsides() {
      await archive.dropAsides()
      api.setState({ asides: [] })
    },
    settled: () => keeper.settled(),
    async historyOf(ids) {
      const wanted = new Set(ids)
      const found = new Map<Stamp, Change>()
      const gather = (changes: readonly Change[]) => changes.forEach((change) => change.diff.some((part) => wanted.has(idOf(part))) && found.set(change.stamp, change))
      for await (const portion of archive.history()) gather(portion)
      gather(api.getState().recent)
      return ordered(found.values())
    },
    async journal() {
      const all = new Map<Stamp, Change>()
      for await (const portion of archive.history()) portion.forEach((change) => all.set(change.stamp, change))
      api.getState().recent.forEach((change) => all.set(change.stamp, change))
      return ordered(all.values())
    },
    close: stopListening,
  }
}

function flipped(fields: Readonly<Record<string, readonly [unknown, unknown]>>): Record<string, readonly [unknown, unknown]> {
  return Object.fromEntries(Object.entries(fields).map(([field, [from, to]]) => [field, [to, from] as const]))
}
