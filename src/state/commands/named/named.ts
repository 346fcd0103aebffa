// Contexts and people that go, or become one with another: what mentions them is told along.
import { recordIn, recordsIn, updateOf, type RecordDiff } from '@/core/journal'
import { ancestorsOf } from '@/core/context'
import {
  isIdOf,
  kindOf,
  noteLimit,
  type AnyRecord,
  type Context,
  type Fact,
  type Id,
  type Person,
} from '@/core/record'
import { deepestNesting } from '@/core/record/nesting'
import { mentionsOf, withRefs } from '@/core/record/refs'
import { refuse } from '@/core/result'
import { factsOf } from '../../read/people'
import { after, change, removed, type Command, type CommandContext } from '../command'
import { thenDeleted } from '../deleting'
import { handedOn } from '../action/owned'
import { joinedNotes } from '../joinedNotes'
import { linesAlong } from '../note/writtenAlong'

type Named = Id<'context'> | Id<'person'>

/** Every mention of a context or a person, wherever it stands, made one of another; lenses ask for that one too. */
const mentioned = ({ document }: CommandContext, id: Named, intoId: Named): (RecordDiff | null)[] => {
  const ids = new Set([id])
  return mentionsOf(new Set([kindOf(id)])).flatMap(({ kind, mayHold }) =>
    (recordsIn(document, kind) as AnyRecord[]).flatMap((record) => {
      if (record.id === id || !mayHold(record, ids)) return []
      return (
        updateOf(
          record,
          withRefs(record, (ref) => (ref.id === id ? intoId : ref.id)),
        ) ?? []
      )
    }),
  )
}

/** What waits for a person that goes keeps the name in words. */
const waitingInWords = ({ document }: CommandContext, id: Named, name: string): (RecordDiff | null)[] =>
  recordsIn(document, 'action').flatMap((action) =>
    action.waiting?.personId === id
      ? (updateOf(action, { waiting: { ...action.waiting, personId: null, whom: name } }) ?? [])
      : [],
  )

/** What lies within a context, once that is gone: within another, or what it lay within itself. */
const movedOut = ({ document }: CommandContext, id: Named, intoId: Id<'context'> | null) =>
  recordsIn(document, 'context')
    .filter((each) => each.parentId === id && each.id !== intoId)
    .map((each) => updateOf(each, { parentId: intoId }))

type Patch = Partial<Pick<Context, 'parentId' | 'hours' | 'minutesToGetThere' | 'retiredAtEpochMs'>>

/** Lays a context within another, sets the hours in which it is at hand, retires it or takes it up again. */
export const editContext: Command<{ id: Id<'context'>; patch: Patch }> = (context, { id, patch }) => {
  const { document } = context
  const { parentId } = patch
  if (parentId) {
    const all = new Map<string, Context>(recordsIn(document, 'context').map((each) => [each.id, each]))
    if (!all.has(parentId)) return refuse({ kind: 'notFound' })
    const way = [parentId, ...ancestorsOf(all, parentId)]
    const below = recordsIn(document, 'context').map((each) => ancestorsOf(all, each.id).indexOf(id) + 1)
    if (way.length + Math.max(0, ...below) > deepestNesting)
      return refuse({ kind: 'nestedTooDeep', limit: deepestNesting })
    const at = way.indexOf(id)
    if (at >= 0)
      return refuse({
        kind: 'ring',
        way: [id, ...way.slice(0, at + 1)].map((each) => all.get(each)?.name ?? ''),
      })
  }
  return change(context, id, () => patch)
}

/**
 * Removes a context or a person, and the mention of it from everything; what waits for the person keeps the name in
 * words.
 */
export const removeNamed: Command<{ id: Named }> = (context, { id }) => {
  const record = recordIn(context.document, id as Id<'person'>)
  if (!record) return refuse({ kind: 'notFound' })
  const within = isIdOf('context', id)
    ? movedOut(context, id, recordIn(context.document, id)?.parentId ?? null)
    : waitingInWords(context, id, record.name)
  return thenDeleted(context, within, [id])
}

/** What a person is, where two become one: of the other only what the one does not say. */
function saidOfBoth(record: Person, into: Person): Pick<Person, 'role' | 'isFirm' | 'firmId' | 'onBoard'> {
  const firmId = [into.firmId, record.firmId].find((each) => each && each !== record.id && each !== into.id)
  return {
    role: into.role || record.role,
    isFirm: into.isFirm || record.isFirm,
    onBoard: into.onBoard || record.onBoard,
    firmId: firmId ?? null,
  }
}

/** The facts of one that the other has word for word: they go. */
function factsTwice({ document }: CommandContext, id: Id<'person'>, intoId: Id<'person'>): RecordDiff[] {
  const wordsOf = ({ label, value }: Fact) => `${label.toLowerCase()} ${value.toLowerCase()}`
  const there = new Set(factsOf(document, intoId).map(wordsOf))
  return factsOf(document, id)
    .filter((fact) => there.has(wordsOf(fact)))
    .map(removed)
}

/**
 * Joins a context or a person with another: what was the one's is the other's from then on, with remarks, facts and
 * note, and in the lenses that ask for it.
 */
export const joinNamed: Command<{ id: Named; intoId: Named }> = (context, { id, intoId }) => {
  const { document } = context
  const [record, into] = [id, intoId].map((each) => recordIn(document, each as Id<'person'>))
  if (!record || !into || id === intoId || kindOf(id) !== kindOf(intoId)) return refuse({ kind: 'notFound' })
  // What it was called is kept where it was called otherwise.
  const called = record.name.toLowerCase() === into.name.toLowerCase() ? '' : record.name
  const does = record.role && into.role && record.role !== into.role ? record.role : ''
  const note = joinedNotes(into.note ?? '', [called, does].filter(Boolean).join(', '), record.note ?? '')
  if (note.length > noteLimit) return refuse({ kind: 'tooLong', field: 'note', limit: noteLimit })
  const ofPerson = isIdOf('person', id)
    ? [
        updateOf(into, { note, ...saidOfBoth(record, into) }),
        ...factsTwice(context, record.id, into.id),
        ...handedOn(context, [id], intoId as Id<'person'>),
        ...linesAlong(context, id, intoId as Id<'person'>),
      ]
    : [
        ...movedOut(context, id, intoId as Id<'context'>),
        // Joined with what lies within it: that takes its place.
        isIdOf('context', intoId) && recordIn(document, intoId)?.parentId === id
          ? updateOf(recordIn(document, intoId) as Context, {
              parentId: recordIn(document, id as Id<'context'>)?.parentId ?? null,
            })
          : null,
      ]
  const first = ofPerson.filter((part) => part !== null)
  return thenDeleted(context, [...first, ...mentioned(after(context, first), id, intoId)], [id])
}
