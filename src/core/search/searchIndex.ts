// Finding anything by its words. The index is MiniSearch's; what is indexed and in which order it comes is ours.
import { isOpen } from '../action'
import MiniSearch from 'minisearch'
import { isObject } from '../json'
import { isIdOf, kindOf, type Action, type AnyRecord, type RecordKind } from '../record'
import { registry } from '../record/kinds'
import type { Field, Fields, Kind } from '../record/kinds/field'
import { plainTerm } from './plainTerm'

export interface Found {
  readonly id: string
  readonly kind: RecordKind
}

interface Entry {
  readonly id: string
  readonly title: string
  readonly more: string
  readonly open: boolean
}

/** The texts of some fields: what the record is called, and what else of it is found. */
function textsIn(
  fields: Fields,
  values: Readonly<Record<string, unknown>>,
): { title: string; more: string[] } {
  const texts = { title: '', more: [] as string[] }
  for (const name in fields) {
    const field = fields[name] as Field
    const value = values[name]
    if (field.type === 'text' && typeof value === 'string') {
      if (field.isTitle) texts.title = value
      // What ties a line of a note to its action is no text.
      if (field.isSearched) texts.more.push(value.replace(/<!--.*?-->/g, ''))
    }
    if (field.type === 'object' && isObject(value)) texts.more.push(...textsIn(field.fields, value).more)
  }
  return texts
}

const kindIn = (record: AnyRecord): Kind | null =>
  Object.hasOwn(registry, kindOf(record.id)) ? registry[kindOf(record.id)] : null

const textsOf = (record: AnyRecord, { fields }: Kind) =>
  textsIn(fields, record as unknown as Readonly<Record<string, unknown>>)

/** What belongs to something as records of its own is found with it: its steps, its remarks, the names of its files. */
function textsByOwner(records: readonly AnyRecord[]): ReadonlyMap<string, string> {
  const texts = new Map<string, string>()
  for (const record of records) {
    const kind = kindIn(record)
    if (!kind || kind.opens || !('ownerId' in kind.fields)) continue
    const { ownerId } = record as { ownerId: string }
    texts.set(ownerId, `${texts.get(ownerId) ?? ''} ${textsOf(record, kind).title}`)
  }
  return texts
}

function entryOf(record: AnyRecord, kind: Kind, parts: string): Entry {
  const { title, more } = textsOf(record, kind)
  const isOver = ((record as { letGoAtEpochMs?: number | null }).letGoAtEpochMs ?? null) !== null
  return {
    id: record.id,
    title,
    more: [...more, parts].join(' '),
    open: isIdOf('action', record.id) ? isOpen(record as Action) : !isOver,
  }
}

export interface SearchIndex {
  /** Best first, what is still open before what is over; at most `limit`. Words may be begun or slightly misspelt. */
  find(words: string, limit: number): readonly Found[]
}

/** Records a portion: a few milliseconds each. */
const portionSize = 250

/** Built in portions, so that a large store does not hold the screen. Rejects when `isWanted` turns false. */
export async function makeSearchIndex(
  records: Iterable<AnyRecord>,
  isWanted: () => boolean = () => true,
): Promise<SearchIndex> {
  const index = new MiniSearch<Entry>({
    fields: ['title', 'more'],
    storeFields: ['open'],
    processTerm: plainTerm,
    searchOptions: {
      prefix: true,
      fuzzy: (term) => (term.length > 4 ? 0.2 : false),
      combineWith: 'AND',
      boost: { title: 3 },
      boostDocument: (_, __, stored) => (stored?.['open'] ? 1 : 0.3),
    },
  })
  const all = [...records]
  const texts = textsByOwner(all)
  let portion: Entry[] = []
  for (const record of all) {
    const kind = kindIn(record)
    if (!kind?.opens) continue
    portion.push(entryOf(record, kind, texts.get(record.id) ?? ''))
    if (portion.length < portionSize) continue
    await index.addAllAsync(portion, { chunkSize: portionSize })
    if (!isWanted()) throw new Error('The index is not wanted any more.')
    portion = []
  }
  index.addAll(portion)
  return {
    find: (words, limit) =>
      index
        .search(words)
        .slice(0, limit)
        .map(({ id }) => ({ id: id as string, kind: kindOf(id as string) })),
  }
}
