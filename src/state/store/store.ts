// The store: everything held, and the one door through which it changes. A commit checks the touched records,
// applies the diff, adds one change to the journal and notifies once; keeping it follows behind.
import type { StoreApi } from 'zustand/vanilla'
import { emptyDocument, nothingToUndo, type Change, type Timestamp } from '@/core/journal'
import { currentVersion } from '@/core/migrations/currentVersion'
import { ok, refuse, type Result } from '@/core/result'
import type { ArgsOf, CommandName, OnDemand, Refusal } from '../commands'
import type { Ran } from '../events/events'
import type { Archive } from '../persistence'
import { prepareIndexes } from '../read/tableIndex'
import type { ImportNeeds, StoreImport } from './storeImport'
import { boundedClock, type Clock, type NewId, type TabChannel } from './clock'
import type { RecordParser } from './faultOf'
import { makeStoreLoader, type JournalRead } from './storeLoader'
import { makeRun } from './running'
import { byStamp, makeSitting } from './sitting'
import type { StoreState } from './storeState'
import type { Unkept } from './unkept'

export type { JournalRead }

export interface StoreNeeds {
  readonly archive: Archive
  readonly clock: Clock
  readonly newId: NewId
  /** Names this open copy; see makeTimestamp. */
  readonly replica: string
  /** Names the device, which all copies on it share. */
  readonly device: string
  readonly tabs: TabChannel
  /** Null until the schemas have loaded: until then only the length of texts is checked. */
  readonly parser: () => RecordParser | null
  /** The acts that load right after the start; null until they have. */
  readonly onDemand: () => OnDemand | null
  /** Lets the screen go on between two portions of long work. */
  readonly rest?: () => Promise<void>
}

export interface RunOptions {
  /** The text goes on being written: the change takes the place of this one, if nothing has been done since. */
  readonly continuing?: Timestamp | undefined
}

export interface ZenStore extends StoreImport {
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
  /** Saves what an earlier page could not save any more. Settles once it is saved; false where it is not. */
  takeUnkept(unkept: readonly Unkept[]): Promise<boolean>
  /** Reads the clock: the day may have turned. */
  turnDay(): void
  /** Reads what other tabs have kept since. */
  catchUp(): Promise<void>
  dropQuarantined(): Promise<void>
  /** Settles once everything so far is kept or refused: whether it is kept. */
  settled(): Promise<boolean>
  /** The journal of one record, oldest first: from the archive and from this sitting. */
  historyOf(ids: readonly string[]): Promise<readonly Change[]>
  /** The whole journal, for a file. Never rejects: what is in memory can always be had. */
  journal(): Promise<JournalRead>
  close(): void
}

export function makeZenStore({
  archive,
  clock: deviceClock,
  newId,
  replica,
  device,
  tabs,
  parser,
  onDemand,
  rest = async () => {},
}: StoreNeeds): ZenStore {
  const clock = boundedClock(deviceClock)
  const sitting = makeSitting({
    archive,
    clock,
    replica,
    device,
    onKept: (changes, instead) => tabs.post({ kind: 'changes', version: currentVersion, changes, instead }),
  })
  const { api, keeper, todayNow, stamp, observe, changeOf, mergeIn, revert } = sitting
  const { load, catchUp, startOver, historyOf, journal } = makeStoreLoader(sitting, archive, device)
  const run = makeRun(sitting, { clock, newId, parser, onDemand })

  async function settled(): Promise<boolean> {
    await keeper.settled()
    return api.getState().keeping.kind === 'kept'
  }

  const stopListening = tabs.listen((message) => {
    // A tab of another version writes other shapes: what it has kept is read, and migrated, from where it is kept.
    if (message.kind === 'changes' && message.version === currentVersion)
      mergeIn(message.changes, [], message.instead)
    else void (message.kind === 'wiped' ? startOver() : catchUp().catch(() => {}))
  })

  const importNeeds: ImportNeeds = {
    api,
    device,
    observe,
    makeAct: (name, diff) => changeOf(name, diff, { brought: true }),
    archive,
    rest,
    prepare: (document) => prepareIndexes(document, rest),
    onBrought: () => tabs.post({ kind: 'more' }),
  }
  /** Loaded when first something is brought in. */
  const importing = async (): Promise<StoreImport> =>
    (await import('./onDemand')).makeStoreImport(importNeeds)

  return {
    api,
    load,
    run: (name, args, { continuing } = {}) => run(name, args, continuing),
    undo: () => revert('undo'),
    redo: () => revert('redo'),
    wouldImport: async (entries) => (await importing()).wouldImport(entries),
    importEntries: async (...given) => (await importing()).importEntries(...given),
    async wipe() {
      if (api.getState().readOnly) return refuse<Refusal>({ kind: 'readOnly' })
      await keeper.settled()
      keeper.forget()
      await archive.wipe(stamp())
      api.setState({
        document: emptyDocument,
        recent: [],
        undo: nothingToUndo,
        quarantined: [],
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
      mergeIn(
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
    async dropQuarantined() {
      if (api.getState().readOnly) return
      await archive.dropQuarantined()
      api.setState({ quarantined: [] })
    },
    settled,
    historyOf,
    journal,
    close: stopListening,
  }
}
