// What a lens is seen from: the day, the shelves and their order, and what has steps, files or repeats.
import { entryIn, epochMsOf, writtenAt, type Document } from '@/core/journal'
import { isEqual } from '@/core/isEqual'
import type { Condition, Lens, LensAround, LensShelf } from '@/core/lens'
import type { Action, RecordKind } from '@/core/record'
import { epochMsAt, type CalendarDate } from '@/core/time'
import { filesOf, repeatOf, stepsOf } from './ownedIndexes'
import { areasOf, everyContextOf, groupsOf, isHeld, peopleOf, projectsOf } from './selectors'

/** Tables of what has a name that a lens can ask for. */
export const named = ['context', 'person', 'project', 'area', 'group'] as const

/** Shelves and the places of names. */
export interface Facts {
  readonly shelves: ReadonlyMap<string, LensShelf>
  readonly places: ReadonlyMap<string, number>
}
let latestFacts: { tables: readonly unknown[]; facts: Facts } | null = null

/**
 * Shelves and the places of names: the same as long as no order and no shelf has changed, whatever else was written.
 */
export function factsOf(document: Document): Facts {
  const tables = named.map((kind) => document[kind])
  if (latestFacts?.tables.every((table, at) => table === tables[at])) return latestFacts.facts
  const [groups, areas, projects] = [groupsOf(document), areasOf(document), projectsOf(document)]
  const places = new Map<string, number>()
  for (const records of [groups, everyContextOf(document), peopleOf(document)])
    records.forEach(({ id }, place) => places.set(id, place))
  const placeOf = (id: string | null) => (id === null ? 9999 : (places.get(id) ?? 9999))
  const sides = new Map(groups.map(({ id, side }) => [id, side]))
  const shelves = new Map<string, LensShelf>()
  const inOrder = [...areas].sort((a, b) => placeOf(a.groupId) - placeOf(b.groupId))
  inOrder.forEach(({ id, groupId }, place) => {
    places.set(id, place)
    const side = (groupId && sides.get(groupId)) ?? null
    shelves.set(id, { areaId: id, groupId, side, isResting: false, place: place * 1000 })
  })
  const byArea = [...projects].sort((a, b) => placeOf(a.areaId) - placeOf(b.areaId))
  byArea.forEach(({ id, areaId, state }, place) => {
    places.set(id, place)
    const area = areaId === null ? undefined : shelves.get(areaId)
    shelves.set(id, {
      ...(area ?? noShelf),
      isResting: state === 'notNow' || !isHeld(state),
      place: (area?.place ?? noShelf.place) + 1 + (place % 999),
    })
  })
  const facts = { shelves, places }
  const isSame = latestFacts !== null && areSame(latestFacts.facts, facts)
  latestFacts = { tables, facts: isSame && latestFacts ? latestFacts.facts : facts }
  return latestFacts.facts
}

const noShelf: LensShelf = { areaId: null, groupId: null, side: null, isResting: false, place: 1e9 }
const areSame = (a: Facts, b: Facts): boolean =>
  isEqual([...a.shelves], [...b.shelves]) && isEqual([...a.places], [...b.places])

/** The day and the zone a lens is seen from. */
export interface LensDay {
  readonly today: CalendarDate
  readonly zone: string
}

/** The tables besides the actions that a lens looks into. */
export function tablesOf(lens: Lens): readonly RecordKind[] {
  const kinds = new Set<RecordKind>()
  const look = (condition: Condition): void => {
    if (condition.kind === 'many') condition.of.forEach(look)
    if (condition.kind !== 'state') return
    if (condition.state === 'withSteps') kinds.add('step')
    if (condition.state === 'withFiles') kinds.add('file')
    if (condition.state === 'repeating') kinds.add('repeat')
  }
  lens.conditions.forEach(look)
  lens.bands.forEach(({ where }) => look(where))
  return [...kinds]
}

export function aroundOf(
  document: () => Document,
  facts: Facts,
  { today, zone }: LensDay,
  weekStartsOn: number,
): LensAround {
  // Of a record as it stands: whatever it was written with, it is the same record.
  const touched = new WeakMap<Action, number>()
  return {
    today,
    weekStartsOn,
    startOf: (day) => epochMsAt({ date: day, minute: 0 }, zone),
    shelfOf: ({ projectId, areaId }) => facts.shelves.get(projectId ?? areaId ?? '') ?? noShelf,
    placeOf: (id) => facts.places.get(id) ?? 9999,
    hasSteps: (id) => stepsOf(document(), id).length > 0,
    hasFiles: (id) => filesOf(document(), id).length > 0,
    repeats: (id) => repeatOf(document(), id) !== undefined,
    touchedAt(action) {
      const known = touched.get(action)
      if (known !== undefined) return known
      const entry = entryIn(document(), action.id)
      const at = entry ? epochMsOf(writtenAt(entry)) : action.createdAtEpochMs
      touched.set(action, at)
      return at
    },
  }
}
