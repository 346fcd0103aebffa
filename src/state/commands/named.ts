// Contexts and people that go, or become one with another: what mentions them is told along.
import { recordIn, recordsIn, updateOf, type RecordDiff } from '@/core/journal'
import { ancestorsOf } from '@/core/context'
import { isIdOf, kindOf, noteLimit, type Action, type AnyRecord, type Context, type Id } from '@/core/record'
import { deepestNesting } from '@/core/record/nesting'
import { refuse } from '@/core/result'
import { change, diffOf, removed, type Command, type CommandContext } from './command'
import { handedOn, removedWith } from './parts'
import { linesAlong } from './writtenAlong'

type Named = Id<'context'> | Id<'person'>

/**
 * Every mention of a context or a person, in actions, projects, meeting notes and slips, made one of another, or
 * taken out.
 */
function mentioned(context: CommandContext, id: Named, intoId: Named | null): (RecordDiff | null)[] {
  const { document } = context
  const of = <T extends string>(ids: readonly T[]): T[] =>
    ids.includes(id as unknown as T)
      ? [...new Set(ids.flatMap((each) => (each === id ? ((intoId ?? []) as T) : each)))]
      : [...ids]
  const name = recordIn(document, id as Id<'person'>)?.name ?? ''
  const inAction = (action: Action): RecordDiff | null => {
    const { contextIds, personIds } = action.alone
    const isWaiting = action.waiting?.personId === id
    return updateOf(action, {
      contextIds: of(action.contextIds),
      personIds: of(action.personIds),
      alone: {
        ...action.alone,
        ...(contextIds ? { contextIds: of(contextIds) } : {}),
        ...(personIds ? { personIds: of(personIds) } : {}),
      },
      ...(isWaiting && action.waiting
        ? {
            waiting: intoId
              ? { ...action.waiting, personId: intoId as Id<'person'> }
              : { ...action.waiting, personId: null, whom: name },
          }
        : {}),
    })
  }
  const withPeople = isIdOf('person', id)
    ? [...recordsIn(document, 'project'), ...recordsIn(document, 'note'), ...recordsIn(document, 'slip')].map(
        (record) => updateOf(record as AnyRecord, { personIds: of(record.personIds) } as Partial<AnyRecord>),
      )
    : []
  return [...recordsIn(document, 'action').map(inAction), ...withPeople]
}

/** What lies within a context, once that is gone: within another, or what it lay within itself. */
const movedOut = ({ document }: CommandContext, id: Named, intoId: Id<'context'> | null) =>
  recordsIn(document, 'context')
    .filter((each) => each.parentId === id && each.id !== intoId)
    .map((each) => updateOf(each, { parentId: intoId }))

type Patch = Partial<Pick<Context, 'parentId' | 'hours' | 'retiredAtEpochMs'>>

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
  const parts = isIdOf('person', id) ? removedWith(context, id) : []
  const within = isIdOf('context', id)
    ? movedOut(context, id, recordIn(context.document, id)?.parentId ?? null)
    : []
  return diffOf(removed(record), ...parts, ...within, ...mentioned(context, id, null))
}

/**
 * Joins a context or a person with another: what was the one's is the other's from then on, with remarks and note,
 * and in the lenses that ask for it.
 */
export const joinNamed: Command<{ id: Named; intoId: Named }> = (context, { id, intoId }) => {
  const { document } = context
  const [record, into] = [id, intoId].map((each) => recordIn(document, each as Id<'person'>))
  if (!record || !into || id === intoId || kindOf(id) !== kindOf(intoId)) return refuse({ kind: 'notFound' })
  const told = <T>(value: T): T => JSON.parse(JSON.stringify(value).replaceAll(`"${id}"`, `"${intoId}"`)) as T
  const lenses = recordsIn(document, 'lens').map((lens) =>
    updateOf(lens, { conditions: told(lens.conditions), bands: told(lens.bands) }),
  )
  const note = [into.note, record.note].filter(Boolean).join('\n\n')
  if (note.length > noteLimit) return refuse({ kind: 'tooLong', field: 'note', limit: noteLimit })
  const ofPerson = isIdOf('person', id)
    ? [
        updateOf(into, { note }),
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
  return diffOf(removed(record), ...ofPerson, ...lenses, ...mentioned(context, id, intoId))
}
