// What is promised, and whether it all fits: every open action that is due, and every project with what is left in it,
// against the minutes there are before.
import { isOpen, isWaitingFor } from '@/core/action'
import { minutesIn, openIn, within } from '@/core/day'
import {
  compareDue,
  fitOf,
  makeAvailable,
  withPromised,
  waysOutOf,
  type Available,
  type DayRoom,
  type Fit,
  type MendingWay,
  type Promised,
} from '@/core/fit'
import { recordIn, type Document } from '@/core/journal'
import { byId, compareTexts, isIdOf, type Action, type Id, type Project } from '@/core/record'
import { addDays, daysBetween, toMinute, type CalendarDate } from '@/core/time'
import { actionsOfWhole } from './actionIndexes'
import { leftOn, sideOf, type Asked } from './dayLoad'
import { isTemplate, outsideTemplates } from './isTemplate'
import { isHeld, projectsOf, settingsOf } from './selectors'
import { ofSide } from './sides'
import { makeTableIndex } from './tableIndex'
import { usualMinutes } from './usualMinutes'

const wholeDay = 1440
const due = 'due'
const minuteOf = ({ due: promised }: Action): number => (promised?.time ? toMinute(promised.time) : wholeDay)
/** Open actions that are due, and not with somebody else. */
const dues = makeTableIndex('action', {
  keysOf: (action) => (action.due && isOpen(action) && !isWaitingFor(action) ? [due] : []),
  compare: (a, b) =>
    compareTexts(a.due?.date ?? '', b.due?.date ?? '') || minuteOf(a) - minuteOf(b) || byId(a, b),
})
const notOfTemplates = outsideTemplates<Action>(({ projectId }) => projectId)

const promisedOf = new WeakMap<Action, { readonly usual: number; readonly promised: Promised }>()
function promisedBy(action: Action, usualOne: number): Promised {
  const found = promisedOf.get(action)
  if (found?.usual === usualOne) return found.promised
  const promised: Promised = {
    id: action.id,
    minutes: action.minutes ?? usualOne,
    date: action.due?.date as CalendarDate,
    minute: minuteOf(action),
    guessed: action.minutes === null ? 1 : 0,
  }
  promisedOf.set(action, { usual: usualOne, promised })
  return promised
}

/** What is left in a project counts as due with it, but for what is due before by itself. */
function promisedByProjects(
  document: Document,
  projects: readonly Project[],
  usualOne: number,
): { readonly promised: readonly Promised[]; readonly taken: ReadonlySet<string> } {
  const taken = new Set<string>()
  const promised = projects.flatMap((project): Promised[] => {
    const date = project.due as CalendarDate
    const left = actionsOfWhole(document, project.id).filter(
      (action) => !isWaitingFor(action) && !taken.has(action.id) && !(action.due && action.due.date <= date),
    )
    left.forEach(({ id }) => taken.add(id))
    if (left.length === 0) return []
    return [
      {
        id: project.id,
        minutes: left.reduce((sum, { minutes }) => sum + (minutes ?? usualOne), 0),
        date,
        minute: wholeDay,
        guessed: left.filter(({ minutes }) => minutes === null).length,
      },
    ]
  })
  return { promised, taken }
}

/** Everything that is promised, in the order it is due. */
export function promisedIn(document: Document, asked: Asked): readonly Promised[] {
  const { now, zone } = asked
  const side = sideOf(document, asked)
  const usualOne = usualMinutes(document, now.date, zone)
  const own = ofSide(document, side, notOfTemplates(document, dues.of(document, due)))
  const projects = ofSide(document, side, projectsOf(document))
    .filter((project) => project.due !== null && isHeld(project.state) && !isTemplate(project))
    .sort((a, b) => compareTexts(a.due ?? '', b.due ?? '') || byId(a, b))
  const ofProjects = promisedByProjects(document, projects, usualOne)
  const ofActions = own
    .filter(({ id }) => !ofProjects.taken.has(id))
    .map((each) => promisedBy(each, usualOne))
  return ofProjects.promised.length === 0
    ? ofActions
    : [...ofActions, ...ofProjects.promised].sort(compareDue)
}

/** What the days to come have, for as long as neither their hours, plans nor events change; today goes with the clock. */
let known: {
  readonly of: readonly unknown[]
  readonly rooms: Map<CalendarDate, DayRoom>
} = { of: [], rooms: new Map() }
function roomsOf(document: Document, asked: Asked): Map<CalendarDate, DayRoom> {
  const of = [
    settingsOf(document),
    document.plan,
    document.heldTime,
    asked.zone,
    asked.busyOn,
    sideOf(document, asked),
  ]
  if (of.some((each, at) => each !== known.of[at])) known = { of, rooms: new Map() }
  return known.rooms
}

function roomOn(document: Document, date: CalendarDate, asked: Asked): DayRoom {
  const { size, minutes } = leftOn(document, date, asked)
  const open = openIn(size, date === asked.now.date ? asked.now.minute : 0)
  return {
    minutes,
    before: (minute) => Math.min(minutes, minutesIn(within(open, { from: 0, to: minute }))),
  }
}

/** The minutes there are, day by day, from the moment of asking. */
export function availableFrom(document: Document, asked: Asked): Available {
  const rooms = roomsOf(document, asked)
  return makeAvailable(asked.now.date, (date) => {
    if (date === asked.now.date) return roomOn(document, date, asked)
    const room = rooms.get(date) ?? roomOn(document, date, asked)
    rooms.set(date, room)
    return room
  })
}

export const fitIn = (document: Document, asked: Asked): Fit =>
  fitOf(promisedIn(document, asked), availableFrom(document, asked))

/** What would mend the first break, cheapest first. */
export const fitWaysIn = (document: Document, asked: Asked): MendingWay[] =>
  waysOutOf({
    promised: promisedIn(document, asked),
    available: availableFrom(document, asked),
    actionOf: (id) => (isIdOf('action', id) ? recordIn(document, id as Id<'action'>) : undefined),
  })

/** Something that would be promised; its minutes null where it says none. */
export interface Asking extends Pick<Promised, 'id' | 'date' | 'minute'> {
  readonly minutes: number | null
}
const asPromised = (document: Document, { now, zone }: Asked, asking: Asking): Promised => ({
  ...asking,
  minutes: asking.minutes ?? usualMinutes(document, now.date, zone),
  guessed: 0,
})

/** What would not fit any longer if something were promised for a day; with itself, where it does not. */
export function brokenBy(document: Document, asked: Asked, asking: Asking): readonly Promised[] {
  const others = promisedIn(document, asked).filter(({ id }) => id !== asking.id)
  const available = availableFrom(document, asked)
  const fit = fitOf(others, available)
  const short = new Set(fit.points.flatMap((point) => (point.shortMinutes > 0 ? [point.promised.id] : [])))
  const all = withPromised(others, asking.id, asPromised(document, asked, asking))
  return fitOf(all, available).points.flatMap((point) =>
    point.shortMinutes > 0 && !short.has(point.promised.id) ? [point.promised] : [],
  )
}

/** Further than that nobody promises by the minute. */
const farthest = 365

/** The first day for which something can be promised so that it fits and breaks nothing; null within a year. */
export function fitsFrom(document: Document, asked: Asked, asking: Asking): CalendarDate | null {
  const others = promisedIn(document, asked).filter(({ id }) => id !== asking.id)
  const available = availableFrom(document, asked)
  const { minutes } = asPromised(document, asked, asking)
  const tight = fitOf(others, available).points.findLast(
    ({ promisedMinutes, availableMinutes, shortMinutes }) =>
      shortMinutes === 0 && promisedMinutes + minutes > availableMinutes,
  )
  const from = tight ? Math.max(0, daysBetween(asked.now.date, tight.promised.date) + 1) : 0
  let [at, sum] = [0, minutes]
  for (let day = 0; day <= farthest; day++) {
    const date = addDays(asked.now.date, day)
    while (at < others.length && (others[at] as Promised).date <= date)
      sum += (others[at++] as Promised).minutes
    if (day >= from && sum <= available.before(day, wholeDay)) return date
  }
  return null
}
