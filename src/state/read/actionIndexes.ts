// Lists of actions that stations ask for again and again, each followed edit by edit (tableIndex).
import weakMemoize from '@emotion/weak-memoize'
import {
  bySince,
  hasComeBack,
  isOpen,
  isToSignOff,
  isWaitingFor,
  isWaitingOrBlocked,
  standsOn,
} from '@/core/action'
import {
  compareByHand,
  compareForDay,
  dayBandNames,
  dayBandOf,
  firstInOrderOfWork,
  inOrderOfHand,
  inOrderOfWork,
  isSameReach,
  minutesOf,
  type DayBands,
  type Reach,
} from '@/core/day'
import type { Document } from '@/core/journal'
import { compareTexts, byId, byRank, type Action, type Id } from '@/core/record'
import { doneBetween } from '@/core/review/doneBetween'
import { nextActions } from '@/core/review/nextActions'
import { addDays, epochMsAt, type CalendarDate } from '@/core/time'
import { allPartsOf, partsOfProject } from './projectParts'
import { standingOf } from './standing'
import { makeTableIndex, type IndexRules, type TableIndex } from './tableIndex'

type Keys = IndexRules<Action>['keysOf']

const orderOfWork = { compare: compareForDay, inOrder: inOrderOfWork, firstInOrder: firstInOrderOfWork }
const ownOrder = { compare: byRank }

const ofOpen =
  (keysOf: Keys): Keys =>
  (action) =>
    isOpen(action) ? keysOf(action) : []
const keysOf = (...ids: readonly (string | null | undefined)[]): string[] => [
  ...new Set(ids.filter((id) => id !== null && id !== undefined)),
]

/** An index of actions as they stand: blocked by the order of their project, or by one before it. */
const indexOf = (rules: IndexRules<Action>): TableIndex<Action> =>
  makeTableIndex('action', { ...rules, standing: standingOf })

const byProject = indexOf({
  keysOf: ofOpen(({ projectId }) => keysOf(projectId)),
  ...ownOrder,
})
const byArea = indexOf({ keysOf: ofOpen(({ areaId }) => keysOf(areaId)), ...ownOrder })
const byContext = indexOf({ keysOf: ofOpen(({ contextIds }) => contextIds), ...orderOfWork })
const byPerson = indexOf({
  keysOf: ofOpen(({ personIds, waiting }) => keysOf(...personIds, waiting?.personId)),
  ...orderOfWork,
})

const blocked = 'blocked'
const byBefore = makeTableIndex('action', {
  keysOf: ofOpen(({ afterIds }) => (afterIds.length > 0 ? [blocked, ...afterIds] : [])),
  ...ownOrder,
})
/** Blocked until another is done, where that was said. */
export const blockedOf = (document: Document): readonly Action[] => byBefore.of(document, blocked)
/** Those that one is done before. */
export const blockedBy = (document: Document, id: Id<'action'>): readonly Action[] =>
  byBefore.of(document, id)

/** An action as it stands: blocked too by the order of its project, or by one before it. */
export { asItStands } from './standing'

export const anyOpen = 'open'
const open = indexOf({
  keysOf: ofOpen(() => [anyOpen]),
  compare: (a, b) => b.createdAtEpochMs - a.createdAtEpochMs || byId(a, b),
})

/** Open actions by what they have: for lists that are made of some of them. */
export const openBy = { context: byContext, project: byProject, person: byPerson, any: open }

const [waiting, signOff, someday, hidden, underway] = [
  'waiting',
  'signOff',
  'someday',
  'hidden',
  'underway',
] as const
const waitingSince = indexOf({
  keysOf: ofOpen((action) => [
    ...(isWaitingFor(action) ? [waiting] : []),
    ...(isToSignOff(action) ? [signOff] : []),
  ]),
  compare: bySince,
})
const laidBy = indexOf({
  keysOf: ofOpen(({ horizon, waiting: whom }) =>
    (horizon === 'someday' || horizon === 'shelf') && !whom ? [horizon] : [],
  ),
  compare: (a, b) => a.createdAtEpochMs - b.createdAtEpochMs || byId(a, b),
})
const byNotBefore = indexOf({
  keysOf: ofOpen((action) => (action.notBefore ? [hidden] : [])),
  compare: (a, b) => compareTexts(a.notBefore ?? '', b.notBefore ?? '') || byId(a, b),
})
const begun = indexOf({
  keysOf: ofOpen((action) => (action.startedAtEpochMs === null ? [] : [underway])),
  ...ownOrder,
})

export const actionsOfProject = byProject.of
export const actionsOfArea = byArea.of
export const actionsOfContext = byContext.of
export const actionsOfPerson = byPerson.of
/** Every open action, the latest made first. */
export const openActionsOf = (document: Document): readonly Action[] => open.of(document, anyOpen)
/** Waiting, the longest-waited first. */
export const waitingOf = (document: Document) => waitingSince.of(document, waiting)
/** Done by me and not accepted yet, the longest-waited first. */
export const toSignOffOf = (document: Document) => waitingSince.of(document, signOff)
/** Held for someday, the oldest first. */
export const somedayOf = (document: Document) => laidBy.of(document, someday)
/** Held on the shelf, the oldest first. */
export const onShelfOf = (document: Document) => laidBy.of(document, 'shelf')
/** With a day before which they are hidden, past ones too, the nearest first. */
export const notBeforeOf = (document: Document) => byNotBefore.of(document, hidden)

let back: { hidden: readonly Action[]; today: CalendarDate; actions: readonly Action[] } | null = null
/** What the tickler has brought back and nobody has decided on since, the longest back first. */
export function cameBackOf(document: Document, today: CalendarDate): readonly Action[] {
  const hidden = notBeforeOf(document)
  if (back?.hidden !== hidden || back.today !== today)
    back = { hidden, today, actions: hidden.filter((action) => hasComeBack(action, today)) }
  return back.actions
}
export const underwayOf = (document: Document) => begun.of(document, underway)

const noDay = 'none'
const byDay = indexOf({
  keysOf: ofOpen((action) =>
    isWaitingOrBlocked(action) ? [] : keysOf(standsOn(action) ?? (action.horizon === 'week' ? noDay : null)),
  ),
  ...orderOfWork,
})

/** Open actions laid on a day; on today also what an earlier day has left over. */
export function actionsOfDay(document: Document, day: CalendarDate, today: CalendarDate): readonly Action[] {
  if (day < today) return []
  if (day > today) return byDay.of(document, day)
  const past = byDay.keys(document).filter((key) => key !== noDay && key <= today)
  return past.flatMap((key) => byDay.of(document, key))
}

/**
 * What the sheet of the week from `first` on is made of: laid on its days, held for this week without a day, underway
 * on no day, or waiting.
 */
export const actionsOfWeek = (document: Document, first: CalendarDate, today: CalendarDate): Action[] => [
  ...[0, 1, 2, 3, 4, 5, 6].flatMap((ahead) => actionsOfDay(document, addDays(first, ahead), today)),
  ...byDay.of(document, noDay),
  ...underwayOf(document).filter(
    (action) => !isWaitingOrBlocked(action) && action.horizon !== 'week' && standsOn(action) === null,
  ),
  ...waitingOf(document),
  ...toSignOffOf(document),
]

const letGo = 'letGo'
const byLetGo = makeTableIndex('action', {
  keysOf: ({ letGoAtEpochMs, doneAtEpochMs }) =>
    letGoAtEpochMs !== null && doneAtEpochMs === null ? [letGo] : [],
  compare: (a, b) => (b.letGoAtEpochMs ?? 0) - (a.letGoAtEpochMs ?? 0) || byId(a, b),
})
/** Actions decided against, latest first. */
export const letGoOf = (document: Document): readonly Action[] => byLetGo.of(document, letGo)

const dayMs = 86_400_000
const utcDayOf = (epochMs: number): number => Math.floor(epochMs / dayMs)
const byDoneDay = makeTableIndex('action', {
  keysOf: ({ doneAtEpochMs }) => (doneAtEpochMs === null ? [] : [String(utcDayOf(doneAtEpochMs))]),
  ...ownOrder,
})

/** Done on a day of UTC: the same list as long as none of it has changed. */
export const doneByUtcDay = (document: Document, utcDay: number): readonly Action[] =>
  byDoneDay.of(document, String(utcDay))

export const prepareDoneDays = byDoneDay.prepare

/** Done from `from` to `to`, both days included by the wall clock of `zone`, latest first. */
export function doneOf(document: Document, from: CalendarDate, to: CalendarDate, zone: string): Action[] {
  const [first, last] = [epochMsAt({ date: from, minute: 0 }, zone), epochMsAt({ date: to, minute: 0 }, zone)]
  const actions: Action[] = []
  // A day and a half behind the last midnight: no zone and no clock change reaches further.
  for (let day = utcDayOf(first); day <= utcDayOf(last + 1.5 * dayMs); day++)
    actions.push(...doneByUtcDay(document, day))
  return doneBetween(actions, from, to, zone)
}

const doneByNamed = makeTableIndex('action', {
  keysOf: ({ projectId, contextIds, personIds, doneAtEpochMs, letGoAtEpochMs }) =>
    doneAtEpochMs === null || letGoAtEpochMs !== null ? [] : keysOf(projectId, ...contextIds, ...personIds),
  compare: (a, b) => (b.doneAtEpochMs as number) - (a.doneAtEpochMs as number) || byId(a, b),
})
/** Done actions of a project, with a context or a person, the latest first. */
export const doneWith = doneByNamed.of

interface Next {
  readonly today: CalendarDate
  readonly action: Action | undefined
}
const nextOf = new WeakMap<readonly Action[], Next>()
/** The next of a project's own actions; looked for again when one of them has changed. */
function ownNextActionOf(document: Document, id: Id<'project'>, today: CalendarDate): Action | undefined {
  const actions = byProject.of(document, id)
  const known = nextOf.get(actions)
  if (known?.today === today) return known.action
  const action = nextActions(actions, today).get(id)
  if (actions.length > 0) nextOf.set(actions, { today, action })
  return action
}

/** The action that moves a project on, if there is one: its own, else that of one of its parts that are at work. */
export function nextActionOf(document: Document, id: Id<'project'>, today: CalendarDate): Action | undefined {
  const own = ownNextActionOf(document, id, today)
  const parts = partsOfProject(document, id)
  if (parts.length === 0 || (own && !isWaitingOrBlocked(own))) return own
  const inParts = parts.flatMap((part) =>
    part.state === 'open' ? (nextActionOf(document, part.id, today) ?? []) : [],
  )
  return inParts.find((action) => !isWaitingOrBlocked(action)) ?? own ?? inParts[0]
}

/** The open actions of a project and of its parts. */
export const actionsOfWhole = (document: Document, id: Id<'project'>): readonly Action[] => {
  const parts = allPartsOf(document, id)
  const own = byProject.of(document, id)
  return parts.length === 0 ? own : [own, ...parts.map((part) => byProject.of(document, part.id))].flat()
}

/** The minutes of a list, added up once for as long as it is the same. */
export const summed = weakMemoize((actions: readonly Action[]): number => minutesOf(actions))

/** How much of a project with its parts is done, by minutes, from 0 to 1; by counts where nothing has minutes. */
export function shareDoneOf(document: Document, id: Id<'project'>): number {
  const ids = [id, ...allPartsOf(document, id).map((part) => part.id)]
  const open = ids.map((each) => byProject.of(document, each))
  const done = ids.map((each) => doneByNamed.of(document, each))
  const sum = (of: (list: readonly Action[]) => number, some: (readonly Action[])[]) =>
    some.reduce((total, list) => total + of(list), 0)
  const counted = ({ length }: readonly Action[]) => length
  const by = sum(summed, open) + sum(summed, done) > 0 ? summed : counted
  const all = sum(by, open) + sum(by, done)
  return all === 0 ? 0 : sum(by, done) / all
}

/** What was done for a project and its parts. */
export const doneWithWhole = (document: Document, id: Id<'project'>): readonly Action[] => {
  const parts = allPartsOf(document, id)
  const own = doneByNamed.of(document, id)
  return parts.length === 0 ? own : [own, ...parts.map((part) => doneByNamed.of(document, part.id))].flat()
}

export type HeldDayBands = ReturnType<typeof makeDayBands>

/** The last two: what is in reach, and all that would be. */
let latest: readonly { today: CalendarDate; reach: Reach; bands: HeldDayBands }[] = []

/** The bands of a day with what is at hand; made anew only when either has changed. */
export function dayBandsWith(today: CalendarDate, reach: Reach): HeldDayBands {
  const found = latest.find((each) => each.today === today && isSameReach(each.reach, reach))
  const held = found ?? { today, reach, bands: makeDayBands(today, reach) }
  if (latest[0] !== held) latest = [held, ...latest.filter((each) => each !== held)].slice(0, 2)
  return held.bands
}

/** The bands of one day with what is at hand, followed edit by edit: `inReach` as far as it is asked for. */
function makeDayBands(today: CalendarDate, reach: Reach) {
  const bandOf = (action: Action) => dayBandOf(action, today, reach)
  const planned = indexOf({
    keysOf(action) {
      const band = bandOf(action)
      return band === null || band === 'inReach' ? [] : [band]
    },
    compare: compareByHand,
    inOrder: inOrderOfHand,
  })
  const reachable = indexOf({
    keysOf: (action) => (bandOf(action) === 'inReach' ? ['inReach'] : []),
    ...orderOfWork,
  })
  const ofDay = dayBandNames.filter((name) => name !== 'inReach')
  return {
    planned: (document: Document): Omit<DayBands, 'inReach'> =>
      Object.fromEntries(ofDay.map((name) => [name, planned.of(document, name)])) as unknown as Omit<
        DayBands,
        'inReach'
      >,
    inReach: (document: Document) => reachable.of(document, 'inReach'),
    fewInReach: (document: Document, count: number) => reachable.head(document, 'inReach', count),
    countInReach: (document: Document) => reachable.count(document, 'inReach'),
  }
}
