// Finding anything by its words. The index is MiniSearch's; what is indexed and in which order it comes is ours.
import { isOpen } from '../action'
import MiniSearch from 'minisearch'
import { kindOf, type Action, type AnyRecord, type RecordKind } from '../record'

export interface Found {
  readonly id: string
  readonly kind: RecordKind
}

const searchable: readonly RecordKind[] = [
  'slip',
  'action',
  'project',
  'area',
  'person',
  'context',
  'reference',
  'reading',
  'note',
  'checklist',
  'goal',
]

interface Entry {
  readonly id: string
  readonly title: string
  readonly more: string
  readonly open: boolean
}

/** What belongs to something as records of its own is found with it: its steps, its remarks, the names of its files. */
function textsByOwner(records: readonly AnyRecord[]): ReadonlyMap<string, string> {
  const texts = new Map<string, string>()
  for (const record of records) {
    const kind = kindOf(record.id)
    if (kind !== 'step' && kind !== 'remark' && kind !== 'file') continue
    const { ownerId, ...said } = record as { ownerId: string; title?: string; text?: string; name?: string }
    texts.set(ownerId, `${texts.get(ownerId) ?? ''} ${said.title ?? said.text ?? said.name ?? ''}`)
  }
  return texts
}

function entryOf(record: AnyRecord, parts: string): Entry {
  const fields = record as unknown as Record<string, unknown>
  const waiting = fields['waiting'] as Action['waiting'] | undefined
  const text = (name: string) => (typeof fields[name] === 'string' ? (fields[name] as string) : '')
  return {
    id: record.id,
    title: text('title') || text('name') || text('text'),
    more: [
      text('outcome'),
      text('soThat'),
      text('endReason'),
      text('note').replace(/<!--.*?-->/g, ''),
      text('link'),
      waiting?.whom ?? '',
      waiting?.how ?? '',
      parts,
    ].join(' '),
    open:
      kindOf(record.id) === 'action' ? isOpen(record as Action) : (fields['letGoAtEpochMs'] ?? null) === null,
  }
}

export interface SearchIndex {
  /** Best first, what is still open before what is over; at most `limit`. Words may be begun or slightly misspelt. */
  find(words: string, limit: number): readonly Found[]
}

/** Records a portion: a few milliseconds each. */
const portionSize = 250

const plain = (term: string): string => term.toLowerCase().normalize('NFD').replace(/\p{M}/gu, '')

/** Built in portions, so that a large store does not hold the screen. Rejects when `isWanted` turns false. */
export async function makeSearchIndex(
  records: Iterable<AnyRecord>,
  isWanted: () => boolean = () => true,
): Promise<SearchIndex> {
  const index = new MiniSearch<Entry>({
    fields: ['title', 'more'],
    storeFields: ['open'],
    processTerm: plain,
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
    if (!searchable.includes(kindOf(record.id))) continue
    portion.push(entryOf(record, texts.get(record.id) ?? ''))
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
