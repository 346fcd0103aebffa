// What stations read off the document. Each result is kept as long as the tables it was made from stand.
import { isThere, recordIn, recordsIn, valuesOf, type Document, type Entry, type Table } from '@/core/journal'
import {
  byRank,
  kinds,
  type Area,
  type Group,
  type Plan,
  type Project,
  type Id,
  type ProjectState,
  type RecordKind,
  type RecordOf,
  type Settings,
  type Side,
  type Stage,
} from '@/core/record'
import { availableIn, hoursOn, stretchedTo, type Interval } from '@/core/day'
import type { CalendarDate } from '@/core/time'
import { demoMark } from '../store/demoMark'
import { looseParts, wholesAbove } from './projectParts'
import { settingsIn } from './settingsIn'
import { makeTableIndex } from './tableIndex'
import { makeNameIndex, type Name, type NameIndex } from '@/core/sentence'

/** Remembers the last result of `make` for the tables it names; made again when one of them changes. */
function byTables<T>(
  kinds: readonly RecordKind[],
  make: (document: Document) => T,
): (document: Document) => T {
  let tables: readonly unknown[] = []
  let result: T
  return (document) => {
    const now = kinds.map((kind) => document[kind])
    if (tables.length === 0 || now.some((table, index) => table !== tables[index])) {
      result = make(document)
      tables = now
    }
    return result
  }
}

const ranked = <R extends { readonly rank: string; readonly id: string }>(records: R[]): R[] =>
  records.sort(byRank)
const rankedOf = <K extends 'group' | 'area' | 'project' | 'context' | 'person' | 'stage'>(kind: K) =>
  byTables([kind], (document) => ranked(recordsIn(document, kind) as RecordOf[K][]))

/** Whether anything of a kind is there, without looking at all of it. */
export function hasAny(document: Document, kind: RecordKind): boolean {
  for (const entry of valuesOf(document[kind])) if (isThere(entry)) return true
  return false
}

const inBucket = new WeakMap<object, number>()
/** Of a bucket that has not changed the count is known. */
function countIn(bucket: Table<Entry>['buckets'][number]): number {
  if (!bucket) return 0
  let count = inBucket.get(bucket)
  if (count === undefined) {
    count = 0
    for (const entry of bucket.values()) if (isThere(entry)) count++
    inBucket.set(bucket, count)
  }
  return count
}

const countOfKind = (kind: RecordKind) =>
  byTables([kind], (document) => document[kind].buckets.reduce((sum, bucket) => sum + countIn(bucket), 0))
const counts = kinds.map(countOfKind)
/** How many records there are, of every kind. */
export const countOf = (document: Document): number => counts.reduce((sum, count) => sum + count(document), 0)

export const fileCountOf = countOfKind('file')
/** The bytes that some file or calendar still stands for. */
export const blobsOf = byTables(['file', 'calendar'], (document) => {
  const files = recordsIn(document, 'file').flatMap(({ blob, smallBlob }) => [blob, smallBlob])
  const calendars = recordsIn(document, 'calendar').map(({ blob }) => blob)
  return new Set([...files, ...calendars].filter((blob) => blob !== null))
})

/** In the order of hand. */
export const calendarsOf = byTables(['calendar'], (document) => recordsIn(document, 'calendar').sort(byRank))

const isKept = ({ letGoAtEpochMs }: { readonly letGoAtEpochMs: number | null }): boolean =>
  letGoAtEpochMs === null

/** Every action: for what is done once. Stations read `lists`, which follow each edit. */
export const actionsOf = byTables(['action'], (document) => recordsIn(document, 'action'))
export const groupsOf = rankedOf('group')
export const areasOf = rankedOf('area')
export const projectsOf = rankedOf('project')
const noStages: readonly Stage[] = []
const stagesByOwner = byTables(['stage'], (document) => {
  const found = new Map<StageOwnerId, Stage[]>()
  for (const stage of ranked(recordsIn(document, 'stage'))) {
    const ownerId = ownerOfStage(stage)
    if (ownerId) found.set(ownerId, [...(found.get(ownerId) ?? []), stage])
  }
  return found
})
/** Whose stages there are: an area's for its projects, a project's for its parts. */
export type StageOwnerId = Id<'area'> | Id<'project'>
/** Whose stages a project goes through. */
export const stageOwnerOf = ({ parentId, areaId }: Pick<Project, 'parentId' | 'areaId'>) => parentId ?? areaId
export const ownerOfStage = ({ projectId, areaId }: Stage): StageOwnerId | null => projectId ?? areaId
/** The stages of an area or a project, in their order: the same list as long as no stage has changed. */
export const stagesOf = (document: Document, ownerId: StageOwnerId | null): readonly Stage[] =>
  (ownerId !== null && stagesByOwner(document).get(ownerId)) || noStages
/** Where a project begins that comes there; null where there are no stages. */
export const firstStageOf = (document: Document, ownerId: StageOwnerId | null): Id<'stage'> | null =>
  stagesOf(document, ownerId)[0]?.id ?? null
/** Every context, retired ones too. */
export const everyContextOf = rankedOf('context')
/** Those that are offered. */
export const contextsOf = byTables(['context'], (document) =>
  everyContextOf(document).filter(({ retiredAtEpochMs }) => retiredAtEpochMs === null),
)
export const peopleOf = rankedOf('person')
export const referencesOf = byTables(['reference'], (document) =>
  recordsIn(document, 'reference')
    .filter(isKept)
    .sort((a, b) => b.createdAtEpochMs - a.createdAtEpochMs),
)
export const reviewsOf = byTables(['review'], (document) =>
  recordsIn(document, 'review').sort((a, b) => b.startedAtEpochMs - a.startedAtEpochMs),
)

/** What was laid aside for the review, latest first. */
export const asidesOf = byTables(['aside'], (document) =>
  recordsIn(document, 'aside').sort((a, b) => b.laidAtEpochMs - a.laidAtEpochMs || (a.id < b.id ? -1 : 1)),
)
export const readingsOf = byTables(['reading'], (document) =>
  recordsIn(document, 'reading')
    .filter(isKept)
    .sort((a, b) => b.createdAtEpochMs - a.createdAtEpochMs),
)

/** The pile, newest first. */
export const slipsOf = byTables(['slip'], (document) =>
  recordsIn(document, 'slip')
    .filter(isKept)
    .sort((a, b) => b.setDownAtEpochMs - a.setDownAtEpochMs || (a.id < b.id ? 1 : -1)),
)

/** Slips, references and reading that were removed, latest first; actions let go of are in `lists`. */
export const removedOf = byTables(['slip', 'reference', 'reading'], (document) =>
  (['slip', 'reference', 'reading'] as const)
    .flatMap(
      (kind) =>
        recordsIn(document, kind) as (RecordOf['slip'] | RecordOf['reference'] | RecordOf['reading'])[],
    )
    .filter((record) => !isKept(record))
    .sort((a, b) => (b.letGoAtEpochMs ?? 0) - (a.letGoAtEpochMs ?? 0) || (a.id < b.id ? -1 : 1)),
)

export const settingsOf: (document: Document) => Settings = byTables(['settings'], settingsIn)

/** The plan of a day: both of two copies that make it make the same. */
export const planIdOf = (date: CalendarDate): Id<'plan'> => `plan:day-${date}`
/** The available minutes of a day: none where one is away, its own, else those of its weekday. */
export function availableMinutesOn(document: Document, date: CalendarDate, side?: Side | 'both'): number {
  const plan = recordIn(document, planIdOf(date))
  return plan && plan.away !== null
    ? 0
    : availableIn(settingsOf(document), date, plan?.availableMinutes ?? null, side)
}

const nothingPlaced: Plan['placed'] = {}
/** Where in a day actions are placed: the minute at which each begins. */
export const placedOn = (document: Document, date: CalendarDate): Plan['placed'] =>
  recordIn(document, planIdOf(date))?.placed ?? nothingPlaced

/** The hours of a day that are worked, none where one is away: longer where it was given more minutes than they hold. */
export function workedHoursOn(document: Document, date: CalendarDate, side?: Side | 'both'): Interval[] {
  const settings = settingsOf(document)
  const plan = recordIn(document, planIdOf(date))
  if (plan && plan.away !== null) return []
  const byHand = plan?.availableMinutes ?? 0
  const hours = hoursOn(settings, date, side)
  return side === 'private' ? hours : stretchedTo(hours, byHand, settings.dayStartsAtMinute)
}

/** Whether a project is neither finished nor let go. */
export const isHeld = (state: ProjectState): boolean => state === 'open' || state === 'notNow'

/** Whether a project was to rest until a day that has come. */
export const isToWake = ({ state, notUntil }: Project, today: CalendarDate): boolean =>
  state === 'notNow' && notUntil !== null && notUntil <= today

/** Every name a sentence may mean: what is closed or over is not meant any more. */
export const namesOf: (document: Document) => NameIndex = byTables(
  ['context', 'person', 'project', 'area'],
  (document) => {
    const named: Name[] = [
      ...contextsOf(document),
      ...peopleOf(document),
      ...areasOf(document).filter(({ closedAtEpochMs }) => closedAtEpochMs === null),
    ]
    const projects = projectsOf(document)
      .filter(({ state }) => isHeld(state))
      .map(({ id, title }) => ({ id, name: title }))
    return makeNameIndex([...named.map(({ id, name }) => ({ id, name })), ...projects])
  },
)

/** Whether the demo data is laid out: its groups are never removed but with all of it. */
export const hasDemo = (document: Document): boolean =>
  groupsOf(document).some(({ id }) => id.startsWith(`group:${demoMark}`))

/** The area an action or a project belongs to, its own or its project's. */
export function areaOf(
  document: Document,
  { projectId, areaId }: { readonly projectId?: Id<'project'> | null; readonly areaId: Id<'area'> | null },
): Area | undefined {
  const project = projectId ? recordIn(document, projectId) : undefined
  const id = project?.areaId ?? areaId
  return id ? recordIn(document, id) : undefined
}

/** The record whose seal something bears: its project, else its area, else the group of that. */
export function sealOf(
  document: Document,
  shelved: Parameters<typeof areaOf>[1],
): Area | Project | Group | undefined {
  const project = shelved.projectId ? recordIn(document, shelved.projectId) : undefined
  if (project?.letters) return project
  const area = areaOf(document, shelved)
  const group = area?.groupId ? recordIn(document, area.groupId) : undefined
  return area?.letters || !group?.letters ? area : group
}

const noArea = 'none'
const projectsByArea = makeTableIndex('project', {
  keysOf: ({ areaId, parentId, state }) => (parentId === null && isHeld(state) ? [areaId ?? noArea] : []),
  compare: byRank,
})
/** Projects of an area, or of none, that are open or rest; what is a part of another stands with that one. */
export function projectsOfArea(document: Document, areaId: Id<'area'> | null): readonly Project[] {
  const own = projectsByArea.of(document, areaId ?? noArea)
  const left = looseParts(document).filter((part) => part.areaId === areaId && isHeld(part.state))
  return left.length > 0 ? ranked([...own, ...left]) : own
}

/** Projects that stand on no area, or on one that is closed or gone. */
export const projectsOnNoArea: (document: Document) => readonly Project[] = byTables(
  ['project', 'area'],
  (document) => {
    const open = areasOf(document).flatMap(({ id, closedAtEpochMs }) =>
      closedAtEpochMs === null ? [id] : [],
    )
    const shelved = new Set<string>(open)
    const keys = projectsByArea.keys(document).filter((key) => !shelved.has(key))
    const loose = looseParts(document).filter(({ areaId }) => areaId === null || !shelved.has(areaId))
    return ranked([
      ...keys.flatMap((key) => projectsByArea.of(document, key)),
      ...loose.filter(({ state }) => isHeld(state)),
    ])
  },
)

/** The project that another is a part of. */
export const wholeOf = (document: Document, project: Project): Project | undefined =>
  wholesAbove(document, project)[0]

/** Whether a project can be worked on: it is open, and so is all it is a part of. */
export const isAtWork = (document: Document, project: Project): boolean =>
  project.state === 'open' && wholesAbove(document, project).every(({ state }) => state === 'open')

/** Projects that rest or are over, by themselves or with what they are a part of. */
export const restingProjectIdsOf: (document: Document) => ReadonlySet<string> = byTables(
  ['project'],
  (document) =>
    new Set(
      projectsOf(document)
        .filter((project) => !isAtWork(document, project))
        .map(({ id }) => id),
    ),
)
