// A record’s history, line by line.
import { idOf, idsTold, madeAtEpochMs, recordIn, type Change, type Document } from '@/core/journal'
import { isEqual } from '@/core/isEqual'
import {
  kindOf,
  type Context,
  type Ending,
  type RecordKind,
  type Reminder,
  type Repeat,
  type Waiting,
  type When,
} from '@/core/record'
import { registry } from '@/core/record/kinds'
import type { Field, Fields } from '@/core/record/kinds/field'
import type { PartsSaid } from '@/core/sentence'
import { type CalendarDate } from '@/core/time'
import { horizonWords, waitingWords } from './action'
import { actWordsOf } from './acts'
import { nearDate, duration, when, momentWords } from './dates'
import { goalStateWords, reachWords, shortened, stateWords } from './names'
import { hoursWords } from './contexts'
import { reminderWords, repeatWords } from './repeat'
import type { KindsInWords } from './kinds/kindWords'
import { endingWords } from './stages'

/** What a history is told by: names of what is pointed at, days as they are seen from today, the words of the kinds. */
export interface HistoryAround {
  readonly document: Document
  readonly today: CalendarDate
  /** Null until they have loaded. */
  readonly kinds: KindsInWords | null
}

/** What a field is called in the history of a kind; null where it is not told there, as of a newer version. */
export function fieldNameWords(kind: RecordKind, field: string, kinds: KindsInWords | null): string | null {
  const words: Readonly<Record<string, string | null>> =
    kinds && Object.hasOwn(kinds, kind) ? kinds[kind].fields : {}
  return Object.hasOwn(words, field) ? (words[field] as string | null) : null
}

/** A field's value in words, for history. */
function valueWords(
  kind: RecordKind,
  field: string,
  value: unknown,
  { document, today }: HistoryAround,
): string {
  if (value === null || value === '' || (Array.isArray(value) && value.length === 0)) return 'none'
  const named = (id: string) => {
    const record = recordIn(document, id as `${RecordKind}:`) as { title?: string; name?: string } | undefined
    return record?.title ?? record?.name ?? 'something removed'
  }
  const shape: Field | undefined = (registry[kind].fields as Fields)[field]
  if (shape?.type === 'date') return nearDate(value as CalendarDate, today)
  if (shape?.type === 'flag') return value ? 'yes' : 'no'
  if (shape?.type === 'ref') return named(value as string)
  if (shape?.type === 'set' && shape.of.type === 'ref') return (value as string[]).map(named).join(', ')
  if (field === 'due' || field === 'at') return when(value as When, today)
  if (field === 'ending') return endingWords[value as Ending]
  if (field === 'hours') return hoursWords(value as Context['hours'])
  if (field === 'ink') return String((value as number) + 1)
  if (field === 'minutes' || field === 'takenMinutes') return duration(value as number)
  if (field === 'horizon') return horizonWords[value as keyof typeof horizonWords]
  if (field === 'state') return { ...stateWords, ...goalStateWords }[value as keyof typeof stateWords]
  if (field === 'reach') return reachWords[value as keyof typeof reachWords].toLowerCase()
  if (field === 'waiting')
    return waitingWords({ waiting: value as Waiting }, document, today).replace(/^waiting for /, '')
  return String(value).length > 60 ? `${String(value).slice(0, 57)}…` : String(value)
}

/** "minutes none → 20 min": one field of a kind, from what to what; null where its history does not tell of it. */
export function fieldChangeWords(
  kind: RecordKind,
  field: string,
  [from, to]: readonly [unknown, unknown],
  around: HistoryAround,
): string | null {
  const name = fieldNameWords(kind, field, around.kinds)
  if (name === null) return null
  return `${name} ${valueWords(kind, field, from, around)} → ${valueWords(kind, field, to, around)}`
}

/** What a patch would change of a record, field by field, in the order of its kind. */
export const patchWords = (
  kind: RecordKind,
  before: object,
  patch: object,
  around: HistoryAround,
): string[] =>
  Object.keys(registry[kind].fields).flatMap((field) => {
    const [from, to] = [before, patch].map((values) => (values as Record<string, unknown>)[field])
    return field in patch ? (fieldChangeWords(kind, field, [from, to], around) ?? []) : []
  })

/** "repeat none → every weekday": what is said of the records that belong to an action, where it changes any. */
export function partsChangeWords(
  { repeat, reminders = [], noReminders, after = [], noAfter }: PartsSaid,
  standing: { readonly repeat: Repeat | undefined; readonly reminders: readonly Reminder[] },
  today: CalendarDate,
  titleOf: (id: string) => string = () => '',
): string[] {
  const [from, to] = [standing.repeat, repeat].map((rule) => (rule ? repeatWords(rule, today) : 'none'))
  const isNew = (when: Reminder['when']) => !standing.reminders.some((other) => isEqual(other.when, when))
  return [
    ...(repeat === undefined || from === to ? [] : [`repeat ${from} → ${to}`]),
    ...(noReminders ? standing.reminders.map(({ when }) => `${reminderWords(when, today)} → none`) : []),
    ...reminders.filter(isNew).map((when) => `none → ${reminderWords(when, today)}`),
    ...after.map((id) => `after none → “${titleOf(id)}”`),
    ...(noAfter ? ['after → none'] : []),
  ]
}

/** The words a slip was added with, where this change added one of `ids`; null where it added none. */
function firstWritten({ diff }: Change, ids: ReadonlySet<string>): string | null {
  for (const part of diff)
    if (
      part.kind === 'added' &&
      ids.has(part.record.id) &&
      'text' in part.record &&
      'takenOff' in part.record
    )
      return part.record.text
  return null
}

/** One line of a record's history: "Moved: day from tomorrow to today". */
export function historyWords(
  change: Change,
  id: string,
  around: HistoryAround,
  /** What it was made of, and itself: the slips among them are quoted as they were first written. */
  ids: ReadonlySet<string> = new Set([id]),
): string {
  const written = firstWritten(change, ids)
  if (written !== null) return `As first written: “${written}”`
  const act = actWordsOf(change.act)
  const part = change.diff.find((candidate) => candidate.kind === 'updated' && candidate.id === id)
  if (part?.kind !== 'updated') return [act, ...namesOfParts(change, id)].join(': ')
  const told = Object.entries(part.fields)
    // A text that was written on may have come back to what it was.
    .filter(([, [from, to]]) => !isEqual(from, to))
    .map(([field, pair]) =>
      field === 'note' ? 'note' : fieldChangeWords(kindOf(part.id), field, pair, around),
    )
    .filter((words) => words !== null)
  return told.length > 0 ? `${act}: ${told.join('; ')}` : act
}

/** What came or went with it: the names of files, the words of remarks, all in one. */
function namesOfParts({ diff }: Change, id: string): string[] {
  const names = diff.flatMap((part) => {
    if (part.kind === 'updated' || idOf(part) === id || !idsTold(part).includes(id)) return []
    const { name, text } = part.record as { readonly name?: string; readonly text?: string }
    return [shortened(name ?? text ?? '')]
  })
  return names.length > 0 ? [names.join(', ')] : []
}

export const changeMoment = (change: Change, zone: string, today: CalendarDate): string =>
  momentWords(madeAtEpochMs(change), zone, today)
