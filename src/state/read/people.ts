// What is read of people: their facts, what to raise with them, who owes whom, the talks there were.
import { isToChase } from '@/core/action'
import { minutesOf } from '@/core/day'
import { owedOf, type Owed } from '@/core/person'
import { recordIn, recordsIn, type Document } from '@/core/journal'
import {
  byRank,
  compareTexts,
  type Action,
  type Fact,
  type Id,
  type Note,
  type Person,
  type Project,
  type Remark,
  type Topic,
} from '@/core/record'
import { localMomentAt, type CalendarDate } from '@/core/time'
import { actionsOfPerson } from './actionIndexes'
import { remarksOf } from './ownedIndexes'
import { meetingNotesWith } from './pages'
import { makeTableIndex } from './tableIndex'

const facts = makeTableIndex('fact', { keysOf: ({ ownerId }) => [ownerId], compare: byRank })
/** In the order of hand. */
export const factsOf = (document: Document, id: Id<'person'>): readonly Fact[] => facts.of(document, id)

/** The action that reminds of the day of a fact each year: two devices that each ask for it make the same. */
export const yearlyIdOf = (id: Id<'fact'>): Id<'action'> => `action:yearly-${id.slice(id.indexOf(':') + 1)}`

export const hasYearly = (document: Document, id: Id<'fact'>): boolean =>
  recordIn(document, yearlyIdOf(id)) !== undefined

const openTopics = makeTableIndex('topic', {
  keysOf: ({ ownerId, raisedAtEpochMs }) => (raisedAtEpochMs === null ? [ownerId] : []),
  compare: byRank,
})
/** What is still to be raised with somebody. */
export const topicsOf = (document: Document, id: Id<'person'>): readonly Topic[] =>
  openTopics.of(document, id)

const raised = makeTableIndex('topic', {
  keysOf: ({ ownerId, raisedAtEpochMs, raisedInId }) =>
    raisedAtEpochMs === null ? [] : [raisedInId ?? ownerId],
  compare: byRank,
})
/** What was raised in the talk of a meeting note; or with somebody, outside of any. */
export const raisedIn = (document: Document, id: Id<'person'> | Id<'note'>): readonly Topic[] =>
  raised.of(document, id)

/** What is to be raised with the people of a meeting note, and what was raised in it. */
export const topicsAround = (document: Document, { id, personIds }: Pick<Note, 'id' | 'personIds'>) => ({
  open: personIds.flatMap((personId) => topicsOf(document, personId)),
  raised: raisedIn(document, id),
})

/** The open actions with somebody, by who owes whom; those that are due first, the soonest first. */
export function owedWith(document: Document, id: Id<'person'>): Readonly<Record<Owed, readonly Action[]>> {
  const owed: Record<Owed, Action[]> = { theirs: [], promised: [], with: [] }
  for (const action of actionsOfPerson(document, id)) owed[owedOf(action, id)].push(action)
  owed.theirs.sort((a, b) => compareTexts(a.waiting?.since ?? '', b.waiting?.since ?? ''))
  owed.promised.sort((a, b) => compareTexts(a.due?.date ?? '', b.due?.date ?? ''))
  return owed
}

/** A talk there was: a meeting, a remark, something raised outside of any meeting. */
export type Talk =
  | { readonly kind: 'meeting'; readonly date: CalendarDate; readonly page: Note }
  | { readonly kind: 'remark'; readonly date: CalendarDate; readonly remark: Remark }
  | { readonly kind: 'raised'; readonly date: CalendarDate; readonly topic: Topic }

const writtenAt = (talk: Talk): number => {
  if (talk.kind === 'meeting') return talk.page.createdAtEpochMs
  return talk.kind === 'remark' ? talk.remark.writtenAtEpochMs : (talk.topic.raisedAtEpochMs ?? 0)
}
const latestFirst = (a: Talk, b: Talk) => compareTexts(b.date, a.date) || writtenAt(b) - writtenAt(a)

/** The talks with somebody, the latest first. */
export const talksWith = (document: Document, id: Id<'person'>, zone: string): readonly Talk[] =>
  [
    ...meetingNotesWith(document, id).map((page): Talk => ({ kind: 'meeting', date: page.date, page })),
    ...remarksOf(document, id).map((remark): Talk => ({ kind: 'remark', date: remark.date, remark })),
    ...raisedIn(document, id).map((topic): Talk => ({
      kind: 'raised',
      date: localMomentAt(topic.raisedAtEpochMs ?? 0, zone).date,
      topic,
    })),
  ].sort(latestFirst)

const people = makeTableIndex('person', { keysOf: ({ firmId }) => (firmId ? [firmId] : []), compare: byRank })
/** The people of a firm. */
export const peopleOfFirm = (document: Document, id: Id<'person'>): readonly Person[] =>
  people.of(document, id)

export const firmsOf = (document: Document): readonly Person[] =>
  recordsIn(document, 'person').filter(({ isFirm }) => isFirm)

/** The firm of somebody, where it is there. */
export const firmOf = (document: Document, { firmId }: Pick<Person, 'firmId'>): Person | undefined =>
  firmId ? recordIn(document, firmId) : undefined

const projects = makeTableIndex('project', {
  keysOf: ({ personIds, state }) => (state === 'open' || state === 'notNow' ? personIds : []),
  compare: byRank,
})
/** The projects somebody has a part in, those that are over left out. */
export const projectsWith = (document: Document, id: Id<'person'>): readonly Project[] =>
  projects.of(document, id)

/** The day of the last talk with somebody, without putting all of them in order. */
function lastTalkWith(document: Document, id: Id<'person'>, today: CalendarDate, zone: string) {
  const raisedAt = raisedIn(document, id).map(({ raisedAtEpochMs }) => raisedAtEpochMs ?? 0)
  const days = [
    meetingNotesWith(document, id).find(({ date }) => date <= today)?.date,
    remarksOf(document, id).findLast(({ date }) => date <= today)?.date,
    raisedAt.length > 0
      ? localMomentAt(
          raisedAt.reduce((a, b) => Math.max(a, b)),
          zone,
        ).date
      : undefined,
  ]
  return (
    days
      .filter((day) => day !== undefined)
      .sort()
      .at(-1) ?? null
  )
}

/** What somebody one is responsible for carries, what of it is late, and when one talks. */
export interface Carried {
  readonly person: Person
  /** What they are waited for, the longest first. */
  readonly actions: readonly Action[]
  readonly minutes: number
  /** Of these: to be chased by now, or due before today. */
  readonly late: number
  readonly toRaise: number
  readonly lastTalk: CalendarDate | null
  /** The next time that is fixed with them. */
  readonly next: CalendarDate | null
}

export function carriedBy(document: Document, person: Person, today: CalendarDate, zone: string): Carried {
  const { id } = person
  const actions = owedWith(document, id).theirs
  const fixed = actionsOfPerson(document, id).flatMap(({ at }) => (at && at.date >= today ? [at.date] : []))
  const isLate = (action: Action) =>
    isToChase(action, today) || (action.due !== null && action.due.date < today)
  return {
    person,
    actions,
    minutes: minutesOf(actions),
    late: actions.filter(isLate).length,
    toRaise: topicsOf(document, id).length,
    lastTalk: lastTalkWith(document, id, today, zone),
    next: fixed.sort()[0] ?? null,
  }
}

/** Those on the board, in the order of hand. */
export const boardOf = (document: Document): readonly Person[] =>
  recordsIn(document, 'person')
    .filter(({ onBoard }) => onBoard)
    .sort(byRank)
