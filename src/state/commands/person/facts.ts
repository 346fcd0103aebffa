// What is known of a person or a firm: facts, what they do, the firm they belong to.
import { factDateOf, nextFactDate, type FactSaid } from '@/core/person'
import { recordIn, recordsIn, type RecordDiff } from '@/core/journal'
import { blankOf, rankBetween, titleLimit, type Fact, type Id, type Person } from '@/core/record'
import { ok, refuse, type Result } from '@/core/result'
import { addAction } from '../action/makeAction'
import { addPerson } from '../named/around'
import {
  added,
  after,
  change,
  diffOf,
  lineOf,
  rankAfter,
  removed,
  type Command,
  type CommandContext,
  type Refusal,
} from '../command'
import { factsOf, yearlyIdOf } from '../../read/people'

/** More than these are no longer the facts of somebody. */
export const mostFacts = 200

/** A person that is there; or the diff that makes one of this name. */
export function personMeant(
  context: CommandContext,
  { id, name }: { readonly id: Id<'person'> | null; readonly name: string },
): Result<{ id: Id<'person'>; made: readonly RecordDiff[] }, Refusal> {
  if (id !== null) return recordIn(context.document, id) ? ok({ id, made: [] }) : refuse({ kind: 'notFound' })
  const known = recordsIn(context.document, 'person').find(
    (person) => person.name.toLowerCase() === name.trim().toLowerCase(),
  )
  if (known) return ok({ id: known.id, made: [] })
  const made = addPerson(context, { name })
  if (!made.ok) return made
  const [first] = made.value
  return first?.kind === 'added'
    ? ok({ id: first.record.id as Id<'person'>, made: made.value })
    : refuse({ kind: 'notFound' })
}

/** A fact as it is kept: its label may be empty, what it says may not. */
function asKept({ label, value, type }: FactSaid): Result<FactSaid, Refusal> {
  const says = lineOf(value, 'fact')
  if (!says.ok) return says
  const line = label.replace(/\s+/g, ' ').trim()
  if (line.length > titleLimit) return refuse({ kind: 'tooLong', field: 'label', limit: titleLimit })
  // What is no day cannot be kept as one.
  const isDate = type === 'date' && factDateOf(says.value) !== null
  return ok({ label: line, value: says.value, type: type === 'date' && !isDate ? 'text' : type })
}

export const factKept = (
  context: CommandContext,
  ownerId: Id<'person'>,
  said: FactSaid,
  rank: string,
): Fact => ({
  ...blankOf('fact'),
  id: context.newId('fact'),
  ownerId,
  ...said,
  rank,
})

/** Keeps a fact of somebody, who is made where the name is nobody's yet. */
export const addFact: Command<{ id: Id<'person'> | null; name: string; fact: FactSaid }> = (
  context,
  { id, name, fact },
) => {
  const whom = personMeant(context, { id, name })
  if (!whom.ok) return whom
  const kept = asKept(fact)
  if (!kept.ok) return kept
  const there = factsOf(context.document, whom.value.id)
  if (there.length >= mostFacts) return refuse({ kind: 'tooMany', limit: mostFacts })
  return diffOf(...whom.value.made, added(factKept(context, whom.value.id, kept.value, rankAfter(there))))
}

export const editFact: Command<{ id: Id<'fact'>; patch: Partial<FactSaid> }> = (context, { id, patch }) => {
  const fact = recordIn(context.document, id)
  if (!fact) return refuse({ kind: 'notFound' })
  const kept = asKept({ ...fact, ...patch })
  return kept.ok ? change(context, id, () => kept.value) : kept
}

/** Puts a fact behind another of the same person; before all of them where `afterId` is null. */
export const moveFact: Command<{ id: Id<'fact'>; afterId: Id<'fact'> | null }> = (
  context,
  { id, afterId },
) => {
  const fact = recordIn(context.document, id)
  if (!fact) return refuse({ kind: 'notFound' })
  const others = factsOf(context.document, fact.ownerId).filter((other) => other.id !== id)
  const at = others.findIndex((other) => other.id === afterId)
  if (afterId !== null && at < 0) return refuse({ kind: 'notFound' })
  const rank = rankBetween(others[at]?.rank ?? null, others[at + 1]?.rank ?? null)
  return rank === null ? refuse({ kind: 'notFound' }) : change(context, id, () => ({ rank }))
}

export const removeFact: Command<{ id: Id<'fact'> }> = (context, { id }) => {
  const fact = recordIn(context.document, id)
  return fact ? diffOf(removed(fact)) : refuse({ kind: 'notFound' })
}

/** A yearly action on the day of a fact, called by `title`, from the next time on. */
export const remindYearly: Command<{ id: Id<'fact'>; title: string }> = (context, { id, title }) => {
  const fact = recordIn(context.document, id)
  const date = fact ? factDateOf(fact.value) : null
  if (!fact || !date) return refuse({ kind: 'notFound' })
  const actionId = yearlyIdOf(id)
  if (recordIn(context.document, actionId)) return refuse({ kind: 'nothingToDo' })
  const day = nextFactDate(date, context.moment.date)
  const rule = date.month === 2 && date.day === 29 ? 'FREQ=YEARLY;BYMONTH=2;BYMONTHDAY=-1' : 'FREQ=YEARLY'
  return addAction(
    {
      ...context,
      newId: ((kind: string) =>
        kind === 'action' ? actionId : context.newId(kind as 'action')) as CommandContext['newId'],
    },
    { title, day, personIds: [fact.ownerId], repeat: { rule, fromDone: false, time: null, startsOn: day } },
  )
}

/** What somebody does, whether they are a firm, and which they belong to; a firm that is only named is made. */
export const editPerson: Command<{
  id: Id<'person'>
  patch: Partial<Pick<Person, 'role' | 'isFirm' | 'firmId' | 'onBoard'>>
  firmNamed?: string
}> = (context, { id, patch, firmNamed }) => {
  if ((patch.role?.length ?? 0) > titleLimit)
    return refuse({ kind: 'tooLong', field: 'role', limit: titleLimit })
  const firm =
    firmNamed === undefined ? null : personMeant(context, { id: patch.firmId ?? null, name: firmNamed })
  if (firm && !firm.ok) return firm
  const firmId = firm?.value.id ?? patch.firmId
  if (firmId && (firmId === id || !recordIn(after(context, firm?.value.made ?? []).document, firmId)))
    return refuse({ kind: 'notFound' })
  const made = firm?.value.made ?? []
  const whole = { ...patch, ...(firmId === undefined ? {} : { firmId }) }
  const isFirm = firmId ? change(after(context, made), firmId, () => ({ isFirm: true })) : null
  const changed = change(context, id, () => whole)
  if (!changed.ok) return changed
  // Made as a firm at once: one record is written once.
  const first = made.map((part) =>
    part.kind === 'added' && part.record.id === firmId
      ? added({ ...part.record, isFirm: true } as Person)
      : part,
  )
  return diffOf(...first, ...(made.length === 0 && isFirm?.ok ? isFirm.value : []), ...changed.value)
}
