// Questions about one's own past, answered from everything that is held. Answering goes on in steps, so that the screen
// never waits for it.
import { recordIn, type Document } from '@/core/journal'
import { recordsInParts } from '@/core/journal/inParts'
import { median } from '@/core/median'
import { aboutWords, type AboutWords } from '@/core/past/aboutWords'
import type { PastQuestion } from '@/core/past/question'
import { namedBy, type Named } from '@/core/past/namedBy'
import { compareTexts, type Action, type Id, type Project } from '@/core/record'
import { addDays, daysBetween, epochMsAt, localMomentAt, type CalendarDate } from '@/core/time'
import { minutesDone, seriesNameOf } from '@/core/action'
import { waitingOf } from './actionIndexes'
import type { OnDemand } from '../commands/onDemand'
import { allPartsOf } from './projectParts'
import { areaOf, areasOf, contextsOf, groupsOf, isAtWork, peopleOf, projectsOf } from './selectors'

export type NamedId = Id<'person' | 'project' | 'area' | 'context' | 'group'>

/** What an answer rests on. */
export interface PastPlace {
  readonly id: Id<'action' | 'project'>
  /** The day it was done, finished or last moved, or from which it is waited for. */
  readonly on: CalendarDate
  readonly minutes: number | null
}

export interface PastAnswer {
  /** The best of them: the latest first; of what is waited for or untouched, the oldest. */
  readonly places: readonly PastPlace[]
  readonly total: number
  /** What came back counts once. */
  readonly outcomes: number
  readonly minutes: number
  /** So much of the minutes is estimated, not timed. */
  readonly estimatedMinutes: number
  /** Of `howLong`: from its first day to its last. */
  readonly took: { readonly from: CalendarDate; readonly to: CalendarDate } | null
  /** Of `howLong`: it isn't finished. */
  readonly goesOn: boolean
  /** Of `howLong`: the minutes in the middle of all of them; null for fewer than three. */
  readonly usualMinutes: number | null
  /** Where nothing is about all the words: what is about most of them. */
  readonly near: readonly PastPlace[]
}

/** A question with its name as the record that it means. */
export interface PastMeant extends Omit<PastQuestion, 'named'> {
  readonly namedId: NamedId | null
}

const mostPlaces = 30
const mostNear = 5

/** Keeps the first few by an order. */
function makeFirst<T>(most: number, isBefore: (a: T, b: T) => boolean) {
  const kept: T[] = []
  return {
    kept: kept as readonly T[],
    add: (item: T) => {
      const last = kept.at(-1)
      if (kept.length === most && last !== undefined && !isBefore(item, last)) return
      let at = kept.length
      while (at > 0 && isBefore(item, kept[at - 1] as T)) at--
      kept.splice(at, 0, item)
      if (kept.length > most) kept.pop()
    },
  }
}

const nothing: PastAnswer = {
  places: [],
  total: 0,
  outcomes: 0,
  minutes: 0,
  estimatedMinutes: 0,
  took: null,
  goesOn: false,
  usualMinutes: null,
  near: [],
}

/** Everything that a name in a question may mean, closed and retired ones too. */
export function namesIn(document: Document): readonly Named<NamedId>[] {
  return [
    ...peopleOf(document).map(({ id, name }) => ({ id, name })),
    ...projectsOf(document)
      .filter(({ state }) => state !== 'template')
      .map(({ id, title }) => ({ id, name: title })),
    ...areasOf(document).map(({ id, name }) => ({ id, name })),
    ...groupsOf(document).map(({ id, name }) => ({ id, name })),
    ...contextsOf(document).map(({ id, name }) => ({ id, name })),
  ]
}

/** What a question means here; a name that nothing bears is words to look for. */
export function meantBy(document: Document, { named, ...question }: PastQuestion): PastMeant {
  const { kind, about } = question
  // "Work on the canteen" names it. How often and when are asked of words.
  const said = named ?? (kind === 'howMuch' || kind === 'done' ? about : '')
  const namedId = said === '' ? null : (namedBy(namesIn(document), said)[0] ?? null)
  if (namedId !== null) return { ...question, namedId, about: named === null ? '' : about }
  return { ...question, namedId, about: [about, named].filter(Boolean).join(' ') }
}

/** Whether an action belongs to what was named. */
function tiedTo(document: Document, id: NamedId | null): (action: Action) => boolean {
  if (id === null) return () => true
  const kind = id.slice(0, id.indexOf(':'))
  if (kind === 'person')
    return ({ personIds, waiting }) => personIds.includes(id as Id<'person'>) || waiting?.personId === id
  if (kind === 'context') return ({ contextIds }) => contextIds.includes(id as Id<'context'>)
  if (kind === 'area') return (action) => areaOf(document, action)?.id === id
  if (kind === 'group') return (action) => areaOf(document, action)?.groupId === id
  const whole = new Set<string>([id, ...allPartsOf(document, id as Id<'project'>).map((part) => part.id)])
  return ({ projectId }) => projectId !== null && whole.has(projectId)
}

/** What an action is about: its own words, and the names of whom and what it belongs to. */
function bitsOf(document: Document, about: AboutWords): (action: Action) => number {
  if (about.count === 0) return () => 0
  const byName = new Map<string, number>()
  for (const { id, name } of namesIn(document)) {
    const bits = about.in(name)
    if (bits > 0) byName.set(id, bits)
  }
  const named = (id: string | null) => (id === null ? 0 : (byName.get(id) ?? 0))
  return ({ title, projectId, personIds, contextIds, waiting }) => {
    let bits = about.in(title)
    if (byName.size === 0 || bits === about.all) return bits
    bits |= named(projectId) | named(waiting?.personId ?? null)
    for (const id of personIds) bits |= named(id)
    for (const id of contextIds) bits |= named(id)
    return bits
  }
}

const bitCount = (bits: number): number => {
  let count = 0
  for (let left = bits; left > 0; left &= left - 1) count++
  return count
}

interface Ranked {
  readonly action: Action
  readonly at: number
  readonly bits: number
}

interface Seen {
  readonly today: CalendarDate
  readonly zone: string
  /** Projects that came to their end, and what they took. */
  readonly finished: Pick<OnDemand['reviews'], 'finishedIn' | 'howItEnded'>
}

export function* answerPast(
  document: Document,
  question: PastMeant,
  seen: Seen,
): Generator<void, PastAnswer, void> {
  switch (question.kind) {
    case 'waiting':
      return waitingAnswer(document, question)
    case 'untouched':
      return yield* untouchedAnswer(document, question, seen)
    case 'howMany':
      if (question.ofProjects) return projectsAnswer(document, question, seen)
      break
    case 'howLong': {
      const ended = projectTook(document, question, seen)
      if (ended) return ended
      break
    }
    case 'lastTime':
    case 'done':
    case 'howMuch':
      break
  }
  return yield* doneAnswer(document, question, seen)
}

/** It came of a repeat, and isn't its first. */
const cameBack = (id: Id<'action'>): boolean => id.includes('~')

/** The minutes that were timed for each action. */
function* timedMinutes(document: Document): Generator<void, ReadonlyMap<string, number>, void> {
  const timed = new Map<string, number>()
  for (const part of recordsInParts(document, 'timeEntry')) {
    yield
    for (const { actionId, minutes } of part) timed.set(actionId, (timed.get(actionId) ?? 0) + minutes)
  }
  return timed
}

/** What was done, of everything that ever was. */
function* doneAnswer(
  document: Document,
  question: PastMeant,
  { zone }: Seen,
): Generator<void, PastAnswer, void> {
  const about = aboutWords(question.about)
  const isTied = tiedTo(document, question.namedId)
  const bits = bitsOf(document, about)
  const { span, kind } = question
  const begins = span ? epochMsAt({ date: span.from, minute: 0 }, zone) : -Infinity
  const ends = span ? epochMsAt({ date: addDays(span.to, 1), minute: 0 }, zone) : Infinity
  const isMeant = (action: Action) => {
    const at = action.doneAtEpochMs
    return at !== null && at >= begins && at < ends && isTied(action)
  }
  const timed = yield* timedMinutes(document)
  const first = makeFirst<Ranked>(mostPlaces, (a, b) => a.at > b.at)
  const near = makeFirst<Ranked>(mostNear, (a, b) => a.bits > b.bits || (a.bits === b.bits && a.at > b.at))
  /** Of what came back: the series whose first one is not counted here. */
  const series = new Set<string>()
  const each: number[] = []
  let [total, firsts, minutes, estimatedMinutes] = [0, 0, 0, 0]
  const count = (action: Action) => {
    if (!isMeant(action)) return
    const at = action.doneAtEpochMs as number
    const found = bits(action)
    if (found !== about.all) {
      const words = bitCount(found)
      if (words * 2 >= about.count) near.add({ action, at, bits: words })
      return
    }
    total++
    first.add({ action, at, bits: 0 })
    if (!cameBack(action.id)) firsts++
    else if (!series.has(seriesNameOf(action.id))) {
      const begun = recordIn(document, `action:${seriesNameOf(action.id)}`)
      if (!begun || !isMeant(begun) || bits(begun) !== about.all) series.add(seriesNameOf(action.id))
    }
    const taken = action.takenMinutes ?? timed.get(action.id) ?? null
    const own = minutesDone(action, taken)
    if (own === null) return
    minutes += own
    if (kind === 'howLong') each.push(own)
    if (taken === null) estimatedMinutes += own
  }
  for (const part of recordsInParts(document, 'action')) {
    yield
    part.forEach(count)
  }
  const placeOf = ({ action, at }: Ranked): PastPlace => ({
    id: action.id,
    on: localMomentAt(at, zone).date,
    minutes: minutesDone(action, timed.get(action.id) ?? null),
  })
  const latest = first.kept[0]
  return {
    ...nothing,
    places: first.kept.map(placeOf),
    total,
    outcomes: firsts + series.size,
    minutes,
    estimatedMinutes,
    took:
      kind === 'howLong' && latest
        ? {
            from: localMomentAt(latest.action.createdAtEpochMs, zone).date,
            to: localMomentAt(latest.at, zone).date,
          }
        : null,
    usualMinutes: each.length > 2 ? median(each) : null,
    near: total === 0 ? near.kept.map(placeOf) : [],
  }
}

const ever = '0001-01-01' as CalendarDate

const isAboutProject = (about: AboutWords, { title }: Project): boolean => about.in(title) === about.all

/** What the last finished project of that name took, else what an open one has; null where none is called like it. */
function projectTook(
  document: Document,
  question: PastMeant,
  { zone, finished, today }: Seen,
): PastAnswer | null {
  const about = aboutWords(question.about)
  if (about.count === 0) return null
  const isOne = (project: Project) => isAboutProject(about, project)
  const over = finished
    .finishedIn(document, question.span ?? { from: ever, to: today }, zone, 'both')
    .filter(({ project }) => isOne(project))
  const open =
    over.length > 0 ? [] : projectsOf(document).filter((each) => isAtWork(document, each) && isOne(each))
  const all = [...over, ...open.map((project) => ({ project, closedOn: today }))]
  const [latest] = all
  if (!latest) return null
  const took = (project: Project) => finished.howItEnded(document, project, zone)
  return {
    ...nothing,
    places: all.slice(0, mostPlaces).map(({ project, closedOn }) => ({
      id: project.id,
      on: over.length === 0 ? took(project).begunOn : closedOn,
      minutes: took(project).doneMinutes,
    })),
    total: all.length,
    minutes: took(latest.project).doneMinutes,
    took: { from: took(latest.project).begunOn, to: latest.closedOn },
    goesOn: over.length === 0,
  }
}

/** The projects that were finished in some days. */
function projectsAnswer(
  document: Document,
  question: PastMeant,
  { zone, finished, today }: Seen,
): PastAnswer {
  const about = aboutWords(question.about)
  const isTied = tiedToProject(document, question.namedId)
  const span = question.span ?? { from: ever, to: today }
  const all = finished
    .finishedIn(document, span, zone, 'both')
    .filter(({ project }) => isAboutProject(about, project) && isTied(project))
  return listed(all.map(({ project, closedOn }) => ({ id: project.id, on: closedOn })))
}

/** An answer that is a list of things, each on its day. */
const listed = (all: readonly Pick<PastPlace, 'id' | 'on'>[]): PastAnswer => ({
  ...nothing,
  total: all.length,
  outcomes: all.length,
  places: all.slice(0, mostPlaces).map((each) => ({ ...each, minutes: null })),
})

function tiedToProject(document: Document, id: NamedId | null): (project: Project) => boolean {
  if (id === null) return () => true
  const parts = new Set<string>(
    id.startsWith('project:') ? allPartsOf(document, id as Id<'project'>).map((part) => part.id) : [],
  )
  return (project) =>
    project.id === id ||
    parts.has(project.id) ||
    project.areaId === id ||
    areaOf(document, { projectId: project.id, areaId: project.areaId })?.groupId === id
}

/** What is still waited for, since the days that were asked for: the longest first. */
function waitingAnswer(document: Document, question: PastMeant): PastAnswer {
  const about = aboutWords(question.about)
  const isTied = tiedTo(document, question.namedId)
  const bits = bitsOf(document, about)
  const { span } = question
  const held = waitingOf(document).flatMap((action) => {
    const since = action.waiting?.since
    return since && (!span || (since >= span.from && since <= span.to)) ? [{ action, since }] : []
  })
  const all = held
    .filter(
      ({ action }) => isTied(action) && (bits(action) | about.in(action.waiting?.whom ?? '')) === about.all,
    )
    .sort((a, b) => compareTexts(a.since, b.since))
  return listed(all.map(({ action, since }) => ({ id: action.id, on: since })))
}

/** Projects at work in which nothing was done for so many days: the longest first. */
function* untouchedAnswer(
  document: Document,
  { days }: PastMeant,
  { today, zone }: Seen,
): Generator<void, PastAnswer, void> {
  const latest = new Map<string, number>()
  for (const part of recordsInParts(document, 'action')) {
    yield
    for (const { projectId, doneAtEpochMs } of part)
      if (projectId !== null && doneAtEpochMs !== null && doneAtEpochMs > (latest.get(projectId) ?? 0))
        latest.set(projectId, doneAtEpochMs)
  }
  const still = projectsOf(document)
    .filter((project) => isAtWork(document, project))
    .map(({ id, createdAtEpochMs }) => {
      const whole = [id, ...allPartsOf(document, id).map((part) => part.id)]
      const moved = Math.max(...whole.map((each) => latest.get(each) ?? 0))
      return { id, on: localMomentAt(moved || createdAtEpochMs, zone).date }
    })
    .filter(({ on }) => daysBetween(on, today) >= (days ?? 0))
    .sort((a, b) => compareTexts(a.on, b.on))
  return listed(still)
}
