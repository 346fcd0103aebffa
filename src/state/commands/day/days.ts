// Planning a day and ending it: its own available time, what was planned into it, laying things where they were
// carried to, spreading a bad day, and what is laid down so that something else can begin.
import { isOpen } from '@/core/action'
import { recordIn, updateOf, type RecordDiff } from '@/core/journal'
import { titleLimit, unwritten, type Action, type Id, type Plan } from '@/core/record'
import { ranksKeeping } from '@/core/record/ranksKeeping'
import { refuse } from '@/core/result'
import type { ActionPatch } from '@/core/sentence'
import type { CalendarDate } from '@/core/time'
import { settingsIn } from '../../read/settingsIn'
import { dayNoteIdOf, noteIn } from '../../read/tiedTo'
import { availableMinutesOn, planIdOf } from '../../read/selectors'
import { underwayOf } from '../../read/actionIndexes'
import { editAction, moveTo, pick, setHorizon, start, pause, unpick } from '../action/actions'
import { writeNote } from '../note/notes'
import { diffOf, together, type Command, type CommandContext, type Outcome } from '../command'

/** Changes the plan of a day; one that is not there yet comes with what is written into it. */
export const planWith = (
  { document }: CommandContext,
  date: CalendarDate,
  patch: Partial<Plan>,
): RecordDiff | null => {
  const id = planIdOf(date)
  return updateOf(recordIn(document, id) ?? (unwritten(id) as Plan), patch)
}

/** The available minutes of one day alone; null goes back to those of its weekday. */
export const setDayAvailable: Command<{ date: CalendarDate; minutes: number | null }> = (
  context,
  { date, minutes },
) => {
  if (minutes !== null && (!Number.isInteger(minutes) || minutes < 0 || minutes > 1440))
    return refuse({ kind: 'unfit', field: 'availableMinutes' })
  const isSame = recordIn(context.document, planIdOf(date))?.availableMinutes === minutes
  if (isSame || (minutes !== null && availableMinutesOn(context.document, date, 'work') === minutes))
    return refuse({ kind: 'nothingToDo' })
  return diffOf(planWith(context, date, { availableMinutes: minutes }))
}

/** Keeps a day as it is planned now: what stands in it, told so that it reads the same for ever. */
export const planDay: Command<{ ids: readonly Id<'action'>[] }> = (context, { ids }) => {
  const { date } = context.moment
  const planned = ids.flatMap((id) => {
    const action = recordIn(context.document, id)
    return action ? [[id, { title: action.title, minutes: action.minutes }] as const] : []
  })
  return diffOf(
    planWith(context, date, {
      planned: Object.fromEntries(planned),
      plannedAtEpochMs: context.nowEpochMs,
    }),
  )
}

/** The line of a day at the end of its day note; one that was written there before is written anew. */
function lineWritten(context: CommandContext, date: CalendarDate, line: string): Outcome {
  const id = dayNoteIdOf(date)
  const note = noteIn(context.document, id).trimEnd()
  const before = recordIn(context.document, planIdOf(date))?.line ?? ''
  // Only where it is still a line of its own: words of the person's that end alike are left alone.
  const isThere = before !== '' && (note === before || note.endsWith(`\n${before}`))
  const rest = isThere ? note.slice(0, -before.length).trimEnd() : note
  const text = [rest, line].filter((part) => part !== '').join('\n\n')
  return text === note ? refuse({ kind: 'nothingToDo' }) : writeNote(context, { id, note: text })
}

/** Ends a day: a line about it, kept with its plan and at the end of its note, and where what is left goes. */
export const endDay: Command<{
  date: CalendarDate
  line: string
  moves: readonly { readonly id: Id<'action'>; readonly to: CalendarDate | null }[]
}> = (context, { date, line, moves }) => {
  const said = line.replace(/\s+/g, ' ').trim()
  if (said.length > titleLimit) return refuse({ kind: 'tooLong', field: 'line', limit: titleLimit })
  const moved = together(moves, ({ id, to }) => moveTo(context, { id, day: to }))
  if (!moved.ok && moved.error.kind !== 'nothingToDo') return moved
  const written = lineWritten(context, date, said)
  if (!written.ok && written.error.kind !== 'nothingToDo') return written
  return diffOf(
    ...(moved.ok ? moved.value : []),
    ...(written.ok ? written.value : []),
    planWith(context, date, { endedAtEpochMs: context.nowEpochMs, line: said }),
  )
}

/** Lays several on days of their own at once: one act, one undo. */
export const spreadDay: Command<{
  moves: readonly { readonly id: Id<'action'>; readonly to: CalendarDate }[]
}> = (context, { moves }) =>
  together(
    moves.filter(({ id }) => {
      const action = recordIn(context.document, id)
      return action !== undefined && isOpen(action)
    }),
    ({ id, to }) => moveTo(context, { id, day: to }),
  )

/** Begins one and lays another down for it. */
export const startInstead: Command<{ id: Id<'action'>; insteadId: Id<'action'> }> = (
  context,
  { id, insteadId },
) => {
  const laidDown = pause(context, { id: insteadId })
  if (!laidDown.ok) return laidDown
  const { underwayLimit: limit } = settingsIn(context.document)
  const others = underwayOf(context.document).filter((each) => each.id !== id && each.id !== insteadId)
  if (others.length >= limit) return refuse({ kind: 'underwayFull', limit })
  const action = recordIn(context.document, id)
  if (!action) return refuse({ kind: 'notFound' })
  return diffOf(
    ...laidDown.value,
    updateOf(action, { startedAtEpochMs: action.startedAtEpochMs ?? context.nowEpochMs, waiting: null }),
  )
}

/** The bands of the Day sheet that something can be laid into by hand. */
export type LaidInto = 'dueToday' | 'underway' | 'picked' | 'week' | 'inReach'

/** What laying an action into a band of the day does to it; null where it stands there already. */
function laidInto(context: CommandContext, action: Action, band: LaidInto): Outcome | null {
  const { id } = action
  const today = context.moment.date
  switch (band) {
    case 'dueToday':
      return action.due?.date === today
        ? null
        : editAction(context, { id, patch: { due: { date: today, time: action.due?.time ?? null } } })
    case 'underway':
      return action.startedAtEpochMs === null ? start(context, { id }) : null
    case 'picked':
      return action.startedAtEpochMs === null
        ? moveTo(context, { id, day: today })
        : together([0, 1], (step) => (step === 0 ? pause(context, { id }) : pick(context, { id })))
    case 'week':
      return setHorizon(context, { id, horizon: 'week' })
    case 'inReach':
      return action.day === null ? setHorizon(context, { id, horizon: 'soon' }) : unpick(context, { id })
  }
}

/**
 * Lays an action into a band of the Day sheet, null for none of them, or under a heading that sets `patch`. What the
 * place means is done to it, and its place among those of `order`, itself one of them, is its rank. One act.
 */
export const layInto: Command<{
  id: Id<'action'>
  band: LaidInto | null
  patch?: ActionPatch
  order: readonly Id<'action'>[]
}> = (context, { id, band, patch, order }) => {
  const action = recordIn(context.document, id)
  if (!action) return refuse({ kind: 'notFound' })
  const intoBand = band === null ? null : laidInto(context, action, band)
  const meant = patch ? editAction(context, { id, patch }) : intoBand
  if (meant && !meant.ok && meant.error.kind !== 'nothingToDo') return meant
  return diffOf(...(meant?.ok ? meant.value : []), ...ranksAsIn(context, id, order))
}

/** New ranks for `id`, and for those behind it that share one: the others keep theirs. */
function ranksAsIn(
  { document }: CommandContext,
  id: Id<'action'>,
  order: readonly Id<'action'>[],
): readonly (RecordDiff | null)[] {
  const actions = order.flatMap((each) => recordIn(document, each) ?? [])
  const isInOrder = actions.every((each, at) => at === 0 || (actions[at - 1] as Action).rank < each.rank)
  if (isInOrder) return []
  const ranks = ranksKeeping(actions.map((each) => (each.id === id ? undefined : each.rank)))
  return actions.map((each, at) => updateOf(each, { rank: ranks[at] as string }))
}
