// Reading what is kept into a sitting: at the start, after other tabs, and for histories.
import {
  emptyDocument,
  idsTold,
  nothingToUndo,
  undoStateOf,
  withChanges,
  type Change,
  type Document,
  type Timestamp,
} from '@/core/journal'
import { storageErrorOf, type AppErrorCode, type Archive, type HistoryPortion } from '../persistence'
import { byStamp, ordered, type Sitting } from './sitting'

/** The whole journal in no order to rely on, and how much of it could not be read. */
export interface JournalRead {
  readonly changes: readonly Change[]
  readonly unread: number
  /** Null, or why the storage could not be read at all: the changes are then those in memory. */
  readonly unreached: AppErrorCode | null
}

export interface StoreLoader {
  readonly load: () => Promise<void>
  readonly catchUp: () => Promise<void>
  /** Everything was removed by another tab. */
  readonly startOver: () => Promise<void>
  readonly historyOf: (ids: readonly string[]) => Promise<readonly Change[]>
  readonly journal: () => Promise<JournalRead>
}

export function makeStoreLoader(
  { api, keeper, todayNow, observe, mergeIn, arrived, whileLoading }: Sitting,
  archive: Archive,
  device: string,
): StoreLoader {
  /**
   * What the first station needs, while the rest is being read. A copy that shows everything already stays as it is.
   */
  function showFirst(document: Document): void {
    if (api.getState().phase === 'ready') return
    api.setState({
      phase: 'partly',
      document: withChanges(document, [...keeper.waiting(), ...arrived()]),
    })
  }

  /** Reads what is kept. Where that is refused the store works from memory, says so, and `retry` reads again. */
  const load = (): Promise<void> =>
    whileLoading(async () => {
      try {
        const loaded = await archive.load(showFirst)
        const asides = await archive.quarantined().catch(() => [])
        const { unread, recent: before } = api.getState()
        const unkept = [...keeper.waiting(), ...arrived(), ...(unread === null ? [] : before)]
        observe(loaded.latest)
        for (const { stamp } of unkept) observe(stamp)
        const recent = ordered(byStamp([...loaded.recent, ...unkept]).values())
        api.setState({
          phase: 'ready',
          document: withChanges(loaded.document, unkept),
          recent,
          undo: undoStateOf(recent, device),
          today: todayNow(),
          unread: null,
          quarantined: asides.length > 0 ? asides : loaded.quarantined,
          readOnly: loaded.newerFormat,
        })
      } catch (error) {
        api.setState({ phase: 'ready', unread: storageErrorOf(error).code })
      }
    })

  async function catchUp(): Promise<void> {
    const news = await archive.news()
    if (news.kind === 'wiped') return startOver()
    mergeIn(news.changes, news.entries)
  }

  /** Everything was removed by another tab: what is here goes too, but for what was not kept yet. */
  async function startOver(): Promise<void> {
    api.setState({ document: emptyDocument, recent: [], undo: nothingToUndo, quarantined: [] })
    await load()
  }

  /** Portions of the archive with the changes of this sitting. What cannot be reached is said, not thrown. */
  async function gathered(portions: AsyncGenerator<HistoryPortion>): Promise<JournalRead> {
    const all = new Map<Timestamp, Change>()
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

  async function historyOf(ids: readonly string[]): Promise<readonly Change[]> {
    const wanted = new Set(ids)
    const touches = (change: Change) => change.diff.some((part) => idsTold(part).some((id) => wanted.has(id)))
    const { changes } = await gathered(archive.historyOf(wanted))
    return ordered(changes.filter(touches))
  }

  return { load, catchUp, startOver, historyOf, journal: () => gathered(archive.history()) }
}
