// Notes: what is written in them, what their check-box lines become, day notes and meeting notes.
import { isOpen } from '@/core/action'
import { recordIn, updateOf } from '@/core/journal'
import type { CalendarDate } from '@/core/time'
import {
  checkLinesOf,
  linksOf,
  plainOf,
  tieChanges,
  titleAndRest,
  withCheckLines,
  writtenOf,
  type CheckLine,
  type TieName,
} from '@/core/note'
import {
  blankOf,
  datedNoteId,
  datedNoteOf,
  writtenBackId,
  isIdOf,
  noteLimit,
  type Action,
  type AnyRecord,
  type DatedNote,
  type Id,
  type Note,
  type NoteOwnerId,
} from '@/core/record'
import { ok, refuse } from '@/core/result'
import { noteIn, recordTied } from '../../read/tiedTo'
import { editAction, tick, untick } from '../action/actions'
import { actionAdded, type NewAction } from '../action/makeAction'
import {
  added,
  change,
  changeLine,
  diffOf,
  lineOf,
  together,
  type Command,
  type CommandContext,
  type Outcome,
} from '../command'
import { oneAfterAnother } from '../inOneDiff'
import { editSlip, slipAdded } from '../tray/slips'
import { joinedNotes } from '../joinedNotes'
import { sortAsDone } from '../tray/sorting'

const noteOn = (context: CommandContext, dated: DatedNote, note: string): Note => ({
  ...blankOf('note'),
  id: datedNoteId(dated),
  title: '',
  note,
  date: dated.date,
  createdAtEpochMs: context.nowEpochMs,
})

/** The text of a note, as it is. A day or a week has its note from the first word on. */
function textSet(context: CommandContext, of: NoteOwnerId, note: string): Outcome {
  if (note.length > noteLimit) return refuse({ kind: 'tooLong', field: 'note', limit: noteLimit })
  if (isIdOf('action', of)) return editAction(context, { id: of, patch: { note } })
  const record = recordIn(context.document, of) as AnyRecord | undefined
  if (record) return diffOf(updateOf(record, { note } as Partial<AnyRecord>))
  const dated = datedNoteOf(of)
  return dated === null ? refuse({ kind: 'notFound' }) : diffOf(added(noteOn(context, dated, note)))
}

function tickTied(context: CommandContext, name: TieName): Outcome {
  const record = recordTied(context.document, name)
  if (!record) return ok([])
  if (isIdOf('slip', record.id))
    return sortAsDone(context, { slipId: record.id, fields: { title: (record as { text: string }).text } })
  return isOpen(record as Action) ? tick(context, { id: record.id as Id<'action'> }) : ok([])
}

function untickTied(context: CommandContext, name: TieName): Outcome {
  const action = recordIn(context.document, `action:${name}`)
  return action && action.doneAtEpochMs !== null ? untick(context, { id: action.id }) : ok([])
}

/**
 * What a line stands for is called as the line is now. A line without words leaves it its name; one that is longer
 * than a title gives it its beginning, and is itself still whole in the note.
 */
function renameTied(context: CommandContext, name: TieName, said: string): Outcome {
  const record = recordTied(context.document, name)
  if (!record || said === '') return ok([])
  const { title } = titleAndRest(said)
  return isIdOf('slip', record.id)
    ? editSlip(context, { id: record.id, text: title })
    : editAction(context, { id: record.id as Id<'action'>, patch: { title } })
}

function untie(context: CommandContext, name: TieName, of: NoteOwnerId): Outcome {
  const record = recordTied(context.document, name) as AnyRecord | undefined
  const stands = record && 'lineOf' in record && record.lineOf === of
  return stands ? diffOf(updateOf(record, { lineOf: null } as Partial<AnyRecord>)) : ok([])
}

/**
 * Keeps the text of a note. What was ticked or renamed in its tied lines is so where they stand for something; what a
 * line stood for stays when the line goes.
 */
export const writeNote: Command<{ id: NoteOwnerId; note: string }> = (context, { id, note }) => {
  const changes = tieChanges(noteIn(context.document, id), note)
  return oneAfterAnother(context, [
    (now) => textSet(now, id, note),
    ...changes.renamed.map(
      ({ name, title }) =>
        (now: CommandContext) =>
          renameTied(now, name, title),
    ),
    ...changes.ticked.map((name) => (now: CommandContext) => tickTied(now, name)),
    ...changes.unticked.map((name) => (now: CommandContext) => untickTied(now, name)),
    ...changes.gone.map((name) => (now: CommandContext) => untie(now, name, id)),
  ])
}

/** Where what is made of a line of a note belongs: to the shelf and the people of what the note is of. */
function belongingOf(
  context: CommandContext,
  of: NoteOwnerId,
): Pick<NewAction, 'projectId' | 'areaId' | 'personIds'> {
  const owner = recordIn(context.document, of) as AnyRecord | undefined
  if (isIdOf('person', of)) return { personIds: [of] }
  if (isIdOf('project', of)) return { projectId: of }
  const fields = (owner ?? {}) as Partial<Action>
  return {
    projectId: fields.projectId ?? null,
    areaId: fields.areaId ?? null,
    personIds: isIdOf('note', of) ? (fields.personIds ?? []) : [],
  }
}

export interface LineTaken {
  /** Which line of the note, and what it said: one that has changed since is left alone. */
  readonly at: number
  readonly written: string
}

/** A line as a slip: its words, and in the note what is longer than a title and the links its words stood for. */
function slipOf(written: string): { readonly text: string; readonly note: string } {
  const { title, rest } = titleAndRest(plainOf(written))
  return { text: title, note: joinedNotes(rest, ...linksOf(written)) }
}

const isTaken = (line: CheckLine, { at, written }: LineTaken): boolean =>
  line.at === at && line.written === written && line.tie === null && !line.isDone

/** Ties lines of a note to what was made of them; `titles` says what each is called now. */
function lineTied(
  context: CommandContext,
  of: NoteOwnerId,
  made: ReadonlyMap<number, { readonly name: TieName; readonly title: string }>,
): Outcome {
  const note = withCheckLines(noteIn(context.document, of), (line) => {
    const tied = made.get(line.at)
    if (!tied) return null
    // A line that is longer than a title, or has links, stays as it is written: what it stands for begins with its
    // words.
    const isKept = titleAndRest(plainOf(line.written)).title === tied.title
    return { tie: tied.name, ...(isKept ? {} : { written: writtenOf(tied.title) }) }
  })
  return textSet(context, of, note)
}

function linesMade<L extends LineTaken>(
  context: CommandContext,
  id: NoteOwnerId,
  lines: readonly L[],
  make: (line: L) => Outcome,
): Outcome {
  const there = checkLinesOf(noteIn(context.document, id))
  const made = new Map<number, { name: TieName; title: string }>()
  const outcomes: Outcome[] = []
  for (const taken of lines) {
    if (!there.some((line) => isTaken(line, taken))) continue
    const outcome = make(taken)
    if (!outcome.ok) return outcome
    outcomes.push(outcome)
    const [first] = outcome.value
    if (first?.kind !== 'added') continue
    const record = first.record as unknown as { id: string; title?: string; text?: string }
    made.set(taken.at, {
      name: record.id.slice(record.id.indexOf(':') + 1),
      title: record.title ?? record.text ?? '',
    })
  }
  if (made.size === 0) return refuse({ kind: 'nothingToDo' })
  return together([...outcomes, lineTied(context, id, made)], (outcome) => outcome)
}

/** Makes actions of check-box lines, each with what it says of itself; they stay tied. */
export const makeActionsOfLines: Command<{
  id: NoteOwnerId
  lines: readonly (LineTaken & { readonly fields: NewAction })[]
}> = (context, { id, lines }) => {
  const belonging = belongingOf(context, id)
  return linesMade(context, id, lines, ({ fields, written }) => {
    const shelf = fields.projectId || fields.areaId ? fields : { ...fields, ...belonging }
    const personIds = [...new Set([...(fields.personIds ?? []), ...(belonging.personIds ?? [])])]
    const links = linksOf(written).filter((link) => link !== fields.link && !fields.title.includes(link))
    const [link] = fields.link ? [fields.link] : links
    const kept = fields.link ? links : links.slice(1)
    const whole = {
      ...shelf,
      personIds,
      link: link ?? null,
      note: joinedNotes(fields.note ?? '', ...kept),
    }
    return actionAdded(context, whole, { lineOf: id })
  })
}

/** Lays check-box lines into the Tray as slips, to be decided; they stay tied to what each becomes. */
export const liftLines: Command<{ id: NoteOwnerId; lines: readonly LineTaken[] }> = (
  context,
  { id, lines },
) => {
  const { personIds } = belongingOf(context, id)
  return linesMade(context, id, lines, ({ written }) =>
    slipAdded(context, { ...slipOf(written), personIds, lineOf: id }, context.nowEpochMs),
  )
}

/** Begins a meeting note. */
export const addMeetingNote: Command<
  Pick<Note, 'title'> & Partial<Pick<Note, 'date' | 'personIds' | 'projectId' | 'areaId' | 'note'>>
> = (context, { title, date, personIds = [], projectId = null, areaId = null, note = '' }) => {
  const line = lineOf(title, 'title')
  if (!line.ok) return line
  return diffOf(
    added({
      ...noteOn(context, { of: 'day', date: date ?? context.moment.date }, note),
      id: context.newId('note'),
      title: line.value,
      personIds: [...personIds],
      projectId,
      areaId,
    }),
  )
}

/** Writes up a span of days that is looked back on: its page begins with what is given. One that was removed comes back. */
export const writeLookBack: Command<{ from: CalendarDate; to: CalendarDate; title: string; note: string }> = (
  context,
  { from, to, title, note },
) => {
  const id = writtenBackId(from, to)
  const before = recordIn(context.document, id)
  if (before && before.letGoAtEpochMs === null) return refuse({ kind: 'nothingToDo' })
  if (before) return diffOf(updateOf(before, { letGoAtEpochMs: null }))
  const line = lineOf(title, 'title')
  if (!line.ok) return line
  if (note.length > noteLimit) return refuse({ kind: 'tooLong', field: 'note', limit: noteLimit })
  return diffOf(added({ ...noteOn(context, { of: 'day', date: to }, note), id, title: line.value }))
}

export const editMeetingNote: Command<{
  id: Id<'note'>
  patch: Partial<Pick<Note, 'title' | 'date' | 'personIds' | 'projectId' | 'areaId'>>
}> = (context, { id, patch }) => changeLine(context, id, patch)

export const removeMeetingNote: Command<{ id: Id<'note'> }> = (context, { id }) =>
  change(context, id, () => ({ letGoAtEpochMs: context.nowEpochMs }))
