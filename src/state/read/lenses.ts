// Lenses over the document: which there are, and what each lists, kept up edit by edit (tableIndex). What a lens is
// seen from (the day, the shelves, what has steps or files) stands for one index; where it changes, the index is made
// anew. Law: whatever happened before, the list equals one made from scratch (lenses.test.ts).
import { recordIn, recordsIn, type Document } from '@/core/journal'
import { isEqual } from '@/core/isEqual'
import {
  compareGroups,
  compileLens,
  emptyLens,
  isOfOpen,
  layUnderAll,
  namesAsked,
  readyMade,
  restOf,
  scaleOf,
  sunkOf,
  type GroupField,
  type LaidUnder,
  type Lens,
  type LensAround,
  type LensOrder,
  type SayingNames,
} from '@/core/lens'
import { byRank, isIdOf, kindOf, type Action, type Id, type LensRecord, type RecordKind } from '@/core/record'
import { anyOpen, openBy, summed } from './actionIndexes'
import { aroundOf, factsOf, named, tablesOf, type Facts, type LensDay } from './lensAround'
import { contextsOf, settingsOf } from './selectors'
import { standingOf } from './standing'
import { makeTableIndex, type TableIndex } from './tableIndex'

/** Every lens that is there: the ready-made, as they were changed, and the person's own, in their order. */
export function lensesOf(document: Document): readonly LensRecord[] {
  if (latestLenses?.table === document.lens) return latestLenses.lenses
  const own = new Map(recordsIn(document, 'lens').map((record) => [record.id, record]))
  const ready = readyMade.filter(({ id }) => !own.has(id))
  const lenses = [...ready, ...own.values()]
    .filter(({ letGoAtEpochMs }) => letGoAtEpochMs === null)
    .sort(byRank)
  latestLenses = { table: document.lens, lenses }
  return lenses
}
let latestLenses: { table: unknown; lenses: readonly LensRecord[] } | null = null

/** A lens by its id, ready-made ones too; undefined where it is gone. */
export const lensOf = (document: Document, id: string): LensRecord | undefined =>
  isIdOf('lens', id) ? (recordIn(document, id) ?? readyMade.find((lens) => lens.id === id)) : undefined

/** Which actions some conditions match, done or not, as the document is now. */
export function matchesOf(
  document: Document,
  conditions: Lens['conditions'],
  day: LensDay,
): (action: Action) => boolean {
  const around = aroundOf(() => document, factsOf(document), day, settingsOf(document).weekStartsOn)
  return compileLens({ ...emptyLens, conditions, done: 'among' }, around).matches
}

type Named = (typeof named)[number]
const isNamed = (kind: RecordKind): kind is Named => (named as readonly RecordKind[]).includes(kind)
const nameIn = (record: { name?: string; title?: string } | undefined): string | null =>
  record?.name ?? record?.title ?? null

let latestNames: { tables: readonly unknown[]; names: SayingNames } | null = null
/** What the names in a lens's sentence mean. */
export function lensNamesOf(document: Document): SayingNames {
  const tables = named.map((kind) => document[kind])
  if (latestNames?.tables.every((table, at) => table === tables[at])) return latestNames.names
  const called = new Map<string, string[]>()
  for (const kind of named)
    for (const record of recordsIn(document, kind)) {
      const key = `${kind} ${nameIn(record)?.toLowerCase()}`
      called.set(key, [...(called.get(key) ?? []), record.id])
    }
  const names: SayingNames = {
    nameOf: (id) => (isNamed(kindOf(id)) ? nameIn(recordIn(document, id as Id<Named>)) : null),
    idsCalled: (kind, name) => called.get(`${kind} ${name.toLowerCase()}`) ?? [],
    idsBeginning(kind, words) {
      const begins = `${kind} ${words.toLowerCase()} `
      return [...called].flatMap(([name, ids]) => (name.startsWith(begins) ? ids : []))
    },
  }
  latestNames = { tables, names }
  return names
}

/** What stands under one heading; without a field, what is not gathered. */
export interface LensGroup {
  readonly field: GroupField | null
  readonly key: string
  readonly count: number
  readonly minutes: number
  /** Headings in this one; none where it holds actions itself. */
  readonly groups: readonly LensGroup[]
  readonly actions: readonly Action[]
}

export interface LensBandList {
  /** Which band of the lens; null is the rest, *done* what has sunk. */
  readonly band: number | 'done' | null
  readonly count: number
  readonly minutes: number
  readonly groups: readonly LensGroup[]
}

export interface LensList {
  readonly bands: readonly LensBandList[]
  readonly count: number
  readonly minutes: number
}

const added = (all: readonly { readonly count: number; readonly minutes: number }[]) => ({
  count: all.reduce((sum, { count }) => sum + count, 0),
  minutes: all.reduce((sum, { minutes }) => sum + minutes, 0),
})

type Leaf = readonly [place: readonly string[], actions: readonly Action[]]

/** Leaves in order, gathered level by level. */
function gathered(leaves: readonly Leaf[], fields: readonly GroupField[], level: number): LensGroup[] {
  const groups: LensGroup[] = []
  let from = 0
  while (from < leaves.length) {
    const key = leaves[from]?.[0][level] ?? ''
    let to = from + 1
    while (to < leaves.length && (leaves[to]?.[0][level] ?? '') === key) to++
    const inside = leaves.slice(from, to)
    const field = leaves[from]?.[0][level] === undefined ? null : (fields[level - 1] ?? null)
    if (field === null || level >= fields.length) {
      const actions = inside[0]?.[1] ?? []
      groups.push({ field, key, count: actions.length, minutes: summed(actions), groups: [], actions })
    } else {
      const deeper = gathered(inside, fields, level + 1)
      groups.push({ field, key, ...added(deeper), groups: deeper, actions: [] })
    }
    from = to
  }
  return groups
}

interface LensIndex {
  readonly lens: Lens
  readonly facts: Facts
  readonly tables: readonly unknown[]
  readonly day: LensDay
  readonly weekStartsOn: number
  readonly list: (document: Document) => LensList
  readonly order: LensOrder
  readonly around: LensAround
}

/**
 * The open actions that a lens can list at all, out of the indexes that stand; undefined where it looks at every one.
 */
function amongOf(lens: Lens): ((document: Document) => readonly Action[]) | undefined {
  if (!isOfOpen(lens)) return undefined
  const asked = namesAsked(lens)
  if (!asked) return (document) => openBy.any.unordered(document, anyOpen)
  const [first, ...others] = [...new Set(asked.ids)].map(
    (id) => (document: Document) => openBy[asked.field].unordered(document, id),
  )
  if (first && others.length === 0) return first
  return (document) => [...new Set([first, ...others].flatMap((list) => list?.(document) ?? []))]
}

function makeLensIndex(
  lens: Lens,
  document: Document,
  facts: Facts,
  day: LensDay,
  weekStartsOn: number,
): LensIndex {
  let now = document
  const around = aroundOf(() => now, facts, day, weekStartsOn)
  const compiled = compileLens(lens, around)
  const index: TableIndex<Action> = makeTableIndex('action', {
    keysOf(action) {
      const place = compiled.placeOf(action)
      return place === null ? [] : [place]
    },
    compare: compiled.compare,
    inOrder: compiled.inOrder,
    standing: standingOf,
    among: amongOf(lens),
  })
  let latest: { table: unknown; standing: unknown; list: LensList } | null = null
  function list(of: Document): LensList {
    const standing = standingOf(of)
    if (latest?.table === of.action && latest.standing === standing) return latest.list
    now = of
    const leaves = index
      .keys(of)
      .sort(compiled.comparePlaces)
      .map((place): Leaf => [place.split('|'), index.of(of, place)])
    const bands: LensBandList[] = []
    for (let from = 0; from < leaves.length;) {
      const number = Number(leaves[from]?.[0][0])
      let to = from + 1
      while (to < leaves.length && Number(leaves[to]?.[0][0]) === number) to++
      const groups = gathered(leaves.slice(from, to), lens.groups, 1)
      bands.push({ band: bandNamed(lens, number), ...added(groups), groups })
      from = to
    }
    latest = { table: of.action, standing, list: { bands, ...added(bands) } }
    return latest.list
  }
  return {
    lens,
    facts,
    tables: tablesOf(lens).map((kind) => document[kind]),
    day,
    weekStartsOn,
    list,
    order: compiled,
    around,
  }
}

function bandNamed(lens: Lens, number: number): LensBandList['band'] {
  if (number === sunkOf(lens)) return 'done'
  return number === restOf(lens) ? null : number
}

const mostKept = 6
let indexes: LensIndex[] = []

/** The index of a lens as it is seen now: one that stands is followed, the last few are kept. */
function indexOf(document: Document, lens: Lens, day: LensDay): LensIndex {
  const facts = factsOf(document)
  const { weekStartsOn } = settingsOf(document)
  const found = indexes.find(
    (index) =>
      index.facts === facts &&
      index.day.today === day.today &&
      index.day.zone === day.zone &&
      index.weekStartsOn === weekStartsOn &&
      (index.lens === lens || isEqual(index.lens, lens)) &&
      tablesOf(lens).every((kind, at) => index.tables[at] === document[kind]),
  )
  const index = found ?? makeLensIndex(lens, document, facts, day, weekStartsOn)
  indexes = [index, ...indexes.filter((other) => other !== index)].slice(0, mostKept)
  return index
}

/** What a lens lists: bands, headings in them, and actions, each in its order. */
export const lensListOf = (document: Document, lens: Lens, day: LensDay): LensList =>
  indexOf(document, lens, day).list(document)

/** The same for what is asked once: nothing of it is kept. */
export const lensListOnce = (document: Document, lens: Lens, day: LensDay): LensList =>
  makeLensIndex(lens, document, factsOf(document), day, settingsOf(document).weekStartsOn).list(document)

/**
 * How a lens tells its actions apart: which are equal, so that only the hand does, and where one stands in a place of
 * it.
 */
export const orderIn = (document: Document, lens: Lens, day: LensDay): LensOrder =>
  indexOf(document, lens, day).order

/** What laying an action by hand under headings of a lens does to it. */
export const laidUnderIn = (
  document: Document,
  lens: Lens,
  day: LensDay,
  action: Action,
  under: readonly (readonly [GroupField, string])[],
): LaidUnder => layUnderAll(under, action, indexOf(document, lens, day).around)

/** One column of a lens: what stands in it, band by band. */
export interface LensColumn {
  readonly key: string
  readonly count: number
  readonly minutes: number
  readonly bands: readonly { readonly band: LensBandList['band']; readonly actions: readonly Action[] }[]
}

/** Fields that nothing is without. */
const neverNone: readonly GroupField[] = ['weight', 'horizon']

/**
 * A list that is gathered by one field, as columns: every step of a scale and every context, so that something can be
 * laid there; of other names, those that are in use.
 */
export function columnsOf(document: Document, list: LensList, lens: Lens, day: LensDay): LensColumn[] {
  const field = lens.groups[0] as GroupField
  const columns = new Map<string, { band: LensBandList['band']; actions: readonly Action[] }[]>()
  const always = scaleOf(field) ?? (field === 'context' ? contextsOf(document).map(({ id }) => id) : [])
  for (const key of [...always, ...(neverNone.includes(field) ? [] : [''])])
    if (key !== 'past') columns.set(key, [])
  for (const { band, groups } of list.bands)
    for (const { key, actions } of groups) columns.set(key, [...(columns.get(key) ?? []), { band, actions }])
  const compare = compareGroups(field, indexOf(document, lens, day).around)
  return [...columns]
    .sort(([a], [b]) => compare(a, b))
    .map(([key, bands]) => ({
      key,
      bands,
      ...added(bands.map(({ actions }) => ({ count: actions.length, minutes: summed(actions) }))),
    }))
}
