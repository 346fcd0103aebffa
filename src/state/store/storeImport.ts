// ImportNeeds a file or another copy in: told before it is done, done as one act, and never holding the screen.
import type { StoreApi } from 'zustand/vanilla'
import {
  broughtBy,
  latestIn,
  makeGathering,
  undoStateOf,
  withMerged,
  type Change,
  type Diff,
  type Document,
  type Entry,
  type Timestamp,
} from '@/core/journal'
import { ok, refuse, type Result } from '@/core/result'
import type { Refusal } from '../commands'
import type { Archive } from '../persistence'
import type { StoreState } from './storeState'

export interface ImportNeeds {
  readonly api: StoreApi<StoreState>
  readonly device: string
  /** No later timestamp is given out before this one has been seen. */
  readonly observe: (stamp: Timestamp) => void
  readonly makeAct: (name: string, diff: Diff) => Change
  readonly archive: Pick<Archive, 'absorb' | 'know'>
  readonly rest: () => Promise<void>
  /** What is asked of a document as soon as it is shown. */
  readonly prepare: (document: Document) => Promise<void>
  readonly onBrought: () => void
}

/** The journal that comes along: the changes themselves, or what keeps them elsewhere. */
export type BroughtJournal =
  | readonly Change[]
  | {
      /** No earlier than any timestamp in it. */
      readonly latest: Timestamp
      /** Keeps records, journal and the act in one write, and says under which keys. */
      readonly keep: (act: Change) => Promise<readonly string[]>
    }

export interface StoreImport {
  /** What bringing these in would do, by kind of change. */
  wouldImport(entries: readonly Entry[]): Promise<Diff>
  /** Merges entries in, as one act, and keeps them before they are shown. */
  importEntries(
    entries: readonly Entry[],
    journal: BroughtJournal,
    act?: 'bringIn' | 'loadDemo',
  ): Promise<Result<Diff, Refusal>>
}

/** Entries looked at between two rests: some ten milliseconds of work. */
const portionSize = 500

function* portionsOf(entries: readonly Entry[]): Generator<readonly Entry[]> {
  for (let at = 0; at < entries.length; at += portionSize) yield entries.slice(at, at + portionSize)
}

export function makeStoreImport({
  api,
  device,
  observe,
  makeAct,
  archive,
  rest,
  prepare,
  onBrought,
}: ImportNeeds): StoreImport {
  /** The document with the entries merged in; begun anew where it was changed meanwhile. */
  async function merged(entries: readonly Entry[]): Promise<Document> {
    for (;;) {
      const before = api.getState().document
      const gathering = makeGathering(before)
      for (const portion of portionsOf(entries)) {
        gathering.add(portion)
        await rest()
      }
      const document = gathering.document()
      await prepare(document)
      if (api.getState().document === before) return document
    }
  }

  async function wouldImport(entries: readonly Entry[]): Promise<Diff> {
    const { document } = api.getState()
    const parts: Diff[] = []
    for (const portion of portionsOf(entries)) {
      const ids = new Set(portion.map(({ record }) => record.id))
      parts.push(broughtBy(document, withMerged(document, portion), ids))
      await rest()
    }
    return parts.flat()
  }

  return {
    wouldImport,
    async importEntries(entries, journal, name = 'bringIn') {
      if (api.getState().readOnly) return refuse({ kind: 'readOnly' })
      for (const portion of portionsOf(entries)) {
        portion.forEach((entry) => observe(latestIn(entry)))
        await rest()
      }
      if ('latest' in journal) observe(journal.latest)
      else journal.forEach(({ stamp }) => observe(stamp))
      const diff = await wouldImport(entries)
      const act = makeAct(name, diff)
      archive.know(await ('latest' in journal ? journal.keep(act) : archive.absorb(entries, journal, act)))
      const document = await merged(entries)
      const state = api.getState()
      const recent = diff.length > 0 ? [...state.recent, act] : state.recent
      api.setState({ document, recent, undo: undoStateOf(recent, device) })
      onBrought()
      return ok(diff)
    },
  }
}
