// The store: everything held, and the one door through which it changes. A commit checks the touched records,
// applies the diff, adds one change to the journal and notifies once; keeping it follows behind.
import { eventsOf, type Ran } from '../events/events'
import { createStore, type StoreApi } from 'zustand/vanilla'
import {
  emptyDocument,
  epochMsOf,
  idsTold,
  latestIn,
  laterStamp,
  never,
  nextStamp,
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
  type Stamp,
} from '@/core/journal'
import { currentVersion } from '@/core/migrations/currentVersion'
import { ok, refuse, type Result } from '@/core/result'
import { localMomentAt } from '@/core/time'
import type { Bringing, BringIn } from './bringIn'
import { prepareIndexes } from '../read/tableIndex'
import type { StoreState } from './storeState'
import { boundedClock, type Clock, type NewId, type TabChannel } from './clock'
import {
  commands,
  type ArgsOf,
  type Command as AnyCommand,
  type CommandName,
  type Outcome,
  type Refusal,
  type Later,
} from '../commands'
import { continued } from '../read/continued'
import { faultOf, withoutGone, type RecordParser } from './faultOf'
import type { Unkept } from './unkept'
import { makeKeeper } from './keeper'
import { storageErrorOf, type AppErrorCode, type Archive, type HistoryPortion } from '../persistence'

export interface StoreParts {
  readonly archive: Archive
  readonly clock: Clock
  readonly newId: NewId
  /** Names this open copy; see makeStamp. */
  readonly replica: string
  /** Names the device, which all copies on it share. */
  readonly device: string
  readonly tabs: TabChannel
  /** Null until the schemas have loaded: until then only the length of texts is checked. */
  readonly parser: () => RecordParser | null
  /** The acts that load right after the start; null until they have. */
  readonly later: () => Later | null
  /** Lets the screen go on between two portions of long work. */
  readonly rest?: () => Promise<void>
}

export interface RunOptions {
  /** The text goes on being written: the change takes the place of this one, if nothing has been done since. */
  readonly continuing?: Stamp | undefined
}

/** The whole journal in no order to rely on, and how much of it could not be read. */
export interface JournalRead {
  readonly changes: readonly Change[]
  readonly unread: number
  /** Null, or why the storage could not be read at all: the changes are then those in memory. */
  readonly unreached: AppErrorCode | null
}

export interface ZenStore extends BringIn {
  readonly api: StoreApi<StoreState>
  load(): Promise<void>
  /** Runs a command and commits its diff. The refusal comes back where there is one; nothing is changed then. */
  run<N extends CommandName>(name: N, args: ArgsOf<N>, options?: RunOptions): Ran
  undo(): Change | null
  redo(): Change | null
  wipe(): Promise<Result<null, Refusal>>
  /** Opens the storage anew, reads what could not be read and keeps what could not be kept. */
  retry(): Promise<void>
  /** What is not kept yet: for a page that is being left. */
  unkept(): readonly Unkept[]
  /** Takes up what an earlier page could not keep any more. Settles once it is kept; false where it is not. */
  takeUnkept(unkept: readonly Unkept[]): Promise<boolean>
  /** Reads the clock: the day may have turned. */
  turnDay(): void
  /** Takes up what other tabs have kept since. */
  catchUp(): Promise<void>
  dropAsides(): Promise<void>
  /** Settles once everything so far is kept or refused: whether it is kept. */
  settled(): Promise<boolean>
  /** The journal of one record, oldest first: from the archive and from this sitting. */
  historyOf(ids: readonly string[]): Promise<readonly Change[]>
  /** The whole journal, for a file. Never rejects: what is in memory can always be had. */
  journal(): Promise<JournalRead>
  close(): void
}

const ordered = (changes: Iterable<Change>): Change[] =>
  [...changes].sort((a, b) => (a.stamp < b.stamp ? -1 : 1))
const byStamp = (changes: Iterable<Change>): Map<Stamp, Change> =>
  new Map([...changes].map((change) => [change.stamp, change]))

export function makeZenStore({
  archive,
  clock: deviceClock,
  newId,
  replica,
  device,
  tabs,
  parser,
  later,
  rest = async () => {},
}: StoreParts): ZenStore {
  const clock = boundedClock(deviceClock)
  let last: Stamp = never
  /** What is committed or taken up while the store is being read: laid over what was read. */
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
    asides: [],
    readOnly: false,
  }))
  const keeper = makeKeeper(
    archive,
    (keeping) => api.setState({ keeping }),
    (changes, instead) => tabs.post({ kind: 'changes', version: currentVersion, changes, instead }),
  )
  const stamp = (): Stamp => (last = nextStamp(last, clock.nowEpochMs(), replica))
  const observe = (changes: readonly Change[]) =>
    changes.forEach((change) => (last = laterStamp(last, change.stamp)))

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
  function commit(change: Change, instead?: Stamp, after?: Document): void {
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
  function takeUp(
    changes: readonly Change[],
    entries: readonly Entry[] = [],
    instead: readonly Stamp[] = [],
  ): void {
    const state = api.getState()
    const known = byStamp(state.recent)
    const fresh = changes.filter((change) => !known.has(change.stamp))
    if (fresh.length === 0 && entries.length === 0) return
    observe(fresh)
    entries.forEach((entry) => (last = laterStamp(last, latestIn(entry))))
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

  /**
   * What the first station needs, while the rest is being read. A copy that shows everything already stays as it is.
   */
  function showFirst(document: Document): void {
    if (api.getState().phase === 'ready') return
    api.setState({
      phase: 'partly',
      document: withChanges(document, [...keeper.waiting(), ...(arriving ?? [])]),
    })
  }

  async function settled(): Promise<boolean> {
    await keeper.settled()
    return api.getState().keeping.kind === 'kept'
  }

  /** Reads what is kept. Where that is refused the store works from memory, says so, and `retry` reads again. */
  async function load(): Promise<void> {
    arriving = []
    try {
      const loaded = await archive.load(showFirst)
      const asides = await archive.asides().catch(() => [])
      const { unread, recent: before } = api.getState()
      const unkept = [...keeper.waiting(), ...arriving, ...(unread === null ? [] : before)]
      last = laterStamp(last, loaded.latest)
      observe(unkept)
      const recent = ordered(byStamp([...loaded.recent, ...unkept]).values())
      api.setState({
        phase: 'ready',
        document: withChanges(loaded.document, unkept),
        recent,
        undo: undoStateOf(recent, device),
        today: todayNow(),
        unread: null,
        asides: asides.length > 0 ? asides : loaded.asides,
        readOnly: loaded.newerFormat,
      })
    } catch (error) {
      api.setState({ phase: 'ready', unread: storageErrorOf(error).code })
    } finally {
      arriving = null
    }
  }

  async function catchUp(): Promise<void> {
    const news = await archive.news()
    if (news.kind === 'wiped') return startOver()
    takeUp(news.changes, news.entries)
  }

  /** Everything was removed by another tab: what is here goes too, but for what was not kept yet. */
  async function startOver(): Promise<void> {
    api.setState({ document: emptyDocument, recent: [], undo: nothingToUndo, asides: [] })
    await load()
  }

  /** Portions of the archive with the changes of this sitting. What cannot be reached is said, not thrown. */
  async function gathered(portions: AsyncGenerator<HistoryPortion>): Promise<JournalRead> {
    const all = new Map<Stamp, Change>()
    let unread = 0
    let unreached: AppErrorCode | null = null
    try {
      for await (const portion of portions) {
        portion.changes.forEach((change) => all.set(change.stamp, change))
        unread += portion.unread
      }
    } catch (error) {
      unreached = storageErrorOf(error).code
    }
    api.getState().recent.forEach((change) => all.set(change.stamp, change))
    return { changes: [...all.values()], unread, unreached }
  }

  const stopListening = tabs.listen((message) => {
    // A tab of another version writes other shapes: what it has kept is read, and migrated, from where it is kept.
    if (message.kind === 'changes' && message.version === currentVersion)
      takeUp(message.changes, [], message.instead)
    else void (message.kind === 'wiped' ? startOver() : catchUp().catch(() => {}))
  })

  const bringing: Bringing = {
    api,
    device,
    observe: (stamp) => (last = laterStamp(last, stamp)),
    makeAct: (name, diff) => changeOf(name, diff, { brought: true }),
    archive,
    rest,
    prepare: (document) => prepareIndexes(document, rest),
    onBrought: () => tabs.post({ kind: 'more' }),
  }
  /** Loaded when first something is brought in. */
  const bring = async (): Promise<BringIn> => (await import('./onDemand')).makeBringIn(bringing)

  const readOnly: Result<never, Refusal> = refuse<Refusal>({ kind: 'readOnly' })

  /** Runs a command and commits its diff. */
  function outcomeOf(name: CommandName, args: unknown, continuing: RunOptions['continuing']): Outcome {
    const state = api.getState()
    if (state.readOnly) return readOnly
    const nowEpochMs = clock.nowEpochMs()
    const loaded = later()
    const those = Object.hasOwn(commands, name) ? commands : loaded?.commands
    const command = (those as Partial<Record<string, AnyCommand<unknown>>> | undefined)?.[name]
    if (!command) return refuse({ kind: 'notYet' })
    const moment = localMomentAt(nowEpochMs, clock.zone())
    const repeats = loaded?.repeats ?? null
    const outcome = command({ document: state.document, moment, nowEpochMs, newId, repeats }, args)
    if (!outcome.ok) return outcome
    const made = changeOf(name, outcome.value)
    // Until all has been read, what something points at may not have come yet.
    const isWhole = state.phase === 'ready' && state.unread === null
    const asMade = withChange(state.document, made)
    const diff = isWhole ? withoutGone(asMade, made.diff) : made.diff
    const change = diff === made.diff ? made : { ...made, diff }
    const after = change === made ? asMade : withChange(state.document, change)
    const fault = faultOf(after, diff, parser(), isWhole)
    if (fault) return refuse(fault)
    const earlier = continuing === undefined ? undefined : state.recent.at(-1)
    const joined = earlier?.stamp === continuing && earlier ? continued(earlier, change) : null
    if (joined) commit(joined, continuing)
    else commit(change, undefined, after)
    return ok(diff)
  }

  return {
    api,
    load,
    run(name, args, { continuing } = {}) {
      const outcome = outcomeOf(name, args, continuing)
      return outcome.ok ? { ...outcome, events: eventsOf(api.getState().document, outcome.value) } : outcome
    },
    undo: () => revert('undo'),
    redo: () => revert('redo'),
    wouldBring: async (entries) => (await bring()).wouldBring(entries),
    bringIn: async (...given) => (await bring()).bringIn(...given),
    async wipe() {
      if (api.getState().readOnly) return readOnly
      await keeper.settled()
      keeper.forget()
      await archive.wipe(stamp())
      api.setState({
        document: emptyDocument,
        recent: [],
        undo: nothingToUndo,
        asides: [],
        keeping: { kind: 'kept' },
        unread: null,
      })
      tabs.post({ kind: 'wiped' })
      return ok(null)
    },
    async retry() {
      archive.reopen()
      if (api.getState().unread !== null) await load()
      await keeper.retry()
    },
    unkept: () => keeper.unkept(),
    async takeUnkept(unkept) {
      if (api.getState().readOnly) return false
      const known = byStamp(api.getState().recent)
      const lost = unkept.filter(({ change }) => !known.has(change.stamp))
      takeUp(
        lost.map(({ change }) => change),
        [],
        lost.flatMap(({ instead }) => instead ?? []),
      )
      lost.forEach(({ change, instead }) => keeper.keep(change, instead))
      return settled()
    },
    turnDay() {
      const today = todayNow()
      if (today !== api.getState().today) api.setState({ today })
    },
    catchUp,
    async dropAsides() {
      if (api.getState().readOnly) return
      await archive.dropAsides()
      api.setState({ asides: [] })
    },
    settled,
    async historyOf(ids) {
      const wanted = new Set(ids)
      const touches = (change: Change) =>
        change.diff.some((part) => idsTold(part).some((id) => wanted.has(id)))
      const { changes } = await gathered(archive.historyOf(wanted))
      return ordered(changes.filter(touches))
    },
    journal: () => gathered(archive.history()),
    close: stopListening,
  }
}
