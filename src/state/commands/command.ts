// What a command is: a pure function from what is held and what is asked to a diff, or to a refusal without words.
import {
  latestStampedEpochMs,
  makeTimestamp,
  recordIn,
  updateOf,
  withChange,
  type Diff,
  type Document,
  type RecordDiff,
} from '@/core/journal'
import {
  type Ending,
  rankBetween,
  rankOfNumber,
  titleLimit,
  type AnyRecord,
  type Id,
  type RecordKind,
  type RecordOf,
} from '@/core/record'
import { ok, refuse, type Result } from '@/core/result'
import type { OnDemand } from './onDemand'
import type { LocalMoment } from '@/core/time'

export interface CommandContext {
  readonly document: Document
  /** Now, as the person's wall clock shows it. */
  readonly moment: LocalMoment
  readonly nowEpochMs: number
  readonly newId: <K extends RecordKind>(kind: K) => Id<K>
  /** Null for the moment until it has loaded. */
  readonly repeats: OnDemand['repeats'] | null
}

/** How a project ends. */
export interface EndsAs {
  readonly state: 'finished' | 'letGo'
  /** Where it went through stages. */
  readonly ending: Ending | null
}

export type Refusal =
  | { readonly kind: 'notFound' }
  | { readonly kind: 'empty'; readonly field: string }
  | { readonly kind: 'tooLong'; readonly field: string; readonly limit: number }
  | { readonly kind: 'nameTaken'; readonly name: string }
  /** No link to a calendar. */
  | { readonly kind: 'badLink' }
  /** A calendar reads this link already. */
  | { readonly kind: 'linkTaken'; readonly name: string }
  | { readonly kind: 'underwayFull'; readonly limit: number }
  /** Only what holds a single open action can shrink to it. */
  | { readonly kind: 'notOneAction'; readonly count: number }
  /** A part of itself, by way of others: the titles from it back to it. */
  | { readonly kind: 'withinItself'; readonly way: readonly string[] }
  /** What repeats cannot become a step. */
  | { readonly kind: 'repeats' }
  /** A project does not end before it is said where what is open in it goes: see `leaveShelf`. */
  | { readonly kind: 'openInside'; readonly id: Id<'project'>; readonly as: EndsAs }
  /** What has parts cannot shrink to an action. */
  | { readonly kind: 'hasParts' }
  /** More than there may be in one thing. */
  | { readonly kind: 'tooMany'; readonly limit: number }
  /** Things within one another, deeper than can be worked from. */
  | { readonly kind: 'nestedTooDeep'; readonly limit: number }
  | { readonly kind: 'tooManyStages'; readonly limit: number }
  /** Each would have to be done before the next: the titles on the way, back to the first. */
  | { readonly kind: 'ring'; readonly way: readonly string[] }
  /** It would be due before it begins. */
  | { readonly kind: 'endsFirst'; readonly begins: string; readonly due: string }
  /** The rule gives no day after this one. */
  | { readonly kind: 'lastOccurrence' }
  /** The rule gives no day at all: the 30th of February. */
  | { readonly kind: 'neverComes' }
  /** What it needs is still loading. */
  | { readonly kind: 'notYet' }
  | { readonly kind: 'nothingToDo' }
  | { readonly kind: 'readOnly' }
  /** A field is not as it must be: nothing the interface lets in, and refused all the same. */
  | { readonly kind: 'unfit'; readonly field: string }

export type Outcome = Result<Diff, Refusal>
export type Command<A> = (context: CommandContext, args: A) => Outcome

export const added = (record: AnyRecord): RecordDiff => ({ kind: 'added', record })
export const removed = (record: AnyRecord): RecordDiff => ({ kind: 'removed', record })

/** A trimmed line of text, or why it cannot be one. */
export function lineOf(text: string, field: string): Result<string, Refusal> {
  const line = text.replace(/\s+/g, ' ').trim()
  if (line === '') return refuse({ kind: 'empty', field })
  return line.length > titleLimit ? refuse({ kind: 'tooLong', field, limit: titleLimit }) : ok(line)
}

/** A diff out of parts, leaving out those that change nothing. */
export const diffOf = (...parts: readonly (RecordDiff | null)[]): Outcome => {
  const diff = parts.filter((part) => part !== null)
  return diff.length > 0 ? ok(diff) : refuse({ kind: 'nothingToDo' })
}

/** Later than anything that is written: what is only tried out is never overruled. */
const trial = makeTimestamp(latestStampedEpochMs, 0, 'trial')

/**
 * The context as it is once a diff has been applied: for an act that is made of several, each seeing the one before.
 */
export const after = (context: CommandContext, diff: Diff): CommandContext => ({
  ...context,
  document: withChange(context.document, { stamp: trial, act: 'trial', diff }),
})

/** Changes fields of one record, if it is still there. */
export function change<K extends RecordKind>(
  context: CommandContext,
  id: Id<K>,
  patch: (record: RecordOf[K]) => Partial<RecordOf[K]>,
): Outcome {
  const record = recordIn(context.document, id)
  return record
    ? diffOf(updateOf(record as AnyRecord, patch(record) as Partial<AnyRecord>))
    : refuse({ kind: 'notFound' })
}

/** The titles and names of a patch, each as a line of text, or why one of them cannot be one. */
export function linesOf(patch: object): Result<Record<string, string>, Refusal> {
  const lines: Record<string, string> = {}
  for (const field of ['title', 'name']) {
    const text = (patch as Record<string, unknown>)[field]
    if (typeof text !== 'string') continue
    const line = lineOf(text, field)
    if (!line.ok) return line
    lines[field] = line.value
  }
  return ok(lines)
}

/** As `change`, where the patch holds a title or name that must be a line of text. */
export function changeLine<K extends RecordKind>(
  context: CommandContext,
  id: Id<K>,
  patch: Partial<RecordOf[K]>,
): Outcome {
  const lines = linesOf(patch)
  return lines.ok ? change(context, id, () => ({ ...patch, ...lines.value }) as Partial<RecordOf[K]>) : lines
}

/** The next rank behind all of these. */
export function rankAfter(records: readonly { readonly rank: string }[]): string {
  const highest = records.reduce<string | null>(
    (last, { rank }) => (last === null || rank > last ? rank : last),
    null,
  )
  return rankBetween(highest, null) ?? rankOfNumber(records.length)
}

/** One act out of the same act on several things; those that change nothing are left out. */
export function together<T>(many: readonly T[], each: (one: T) => Outcome): Outcome {
  const diffs: Diff[] = []
  for (const one of many) {
    const outcome = each(one)
    if (outcome.ok) diffs.push(outcome.value)
    else if (outcome.error.kind !== 'nothingToDo') return outcome
  }
  const made = new Set<string>()
  const isFirst = (part: RecordDiff): boolean => {
    if (part.kind !== 'added') return true
    const isNew = !made.has(part.record.id)
    made.add(part.record.id)
    return isNew
  }
  return diffOf(...diffs.flat().filter(isFirst))
}
