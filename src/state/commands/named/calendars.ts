// Calendars from elsewhere: what is kept of them is what they are called and how they are shown. Their events are read
// again and again, and are no records.
import { recordsIn } from '@/core/journal'
import { blankOf, inkCount, type Calendar, type Id } from '@/core/record'
import { ok, refuse, type Result } from '@/core/result'
import { feedLinkFrom } from '@/core/calendar/feed'
import {
  added,
  changeLine,
  diffOf,
  lineOf,
  rankAfter,
  type Command,
  type CommandContext,
  type Refusal,
} from '../command'
import { deleted } from '../deleting'

export type NewCalendar = Pick<Calendar, 'name' | 'link'> &
  Partial<Pick<Calendar, 'blob' | 'readAtEpochMs' | 'side' | 'isFree'>>

/** The first ink that no calendar has; where all are taken, the next in turn. */
function freeInk({ document }: CommandContext): number {
  const taken = recordsIn(document, 'calendar').map(({ ink }) => ink)
  const free = Array.from({ length: inkCount }, (_, ink) => ink).find((ink) => !taken.includes(ink))
  return free ?? taken.length % inkCount
}

/** The link as it is kept. One that another calendar reads is refused with the name of that. */
function linkIn(
  { document }: CommandContext,
  written: string | null,
  of?: Id<'calendar'>,
): Result<string | null, Refusal> {
  if (written === null) return ok(null)
  const link = feedLinkFrom(written)
  if (link === null) return refuse({ kind: 'badLink' })
  const same = recordsIn(document, 'calendar').find(
    (calendar) => calendar.link === link && calendar.id !== of,
  )
  return same ? refuse({ kind: 'linkTaken', name: same.name }) : ok(link)
}

/** A link is read once: adding it again is refused with the name it has. */
export const addCalendar: Command<NewCalendar> = (context, { name, link, ...given }) => {
  const line = lineOf(name, 'name')
  if (!line.ok) return line
  const read = linkIn(context, link)
  if (!read.ok) return read
  return diffOf(
    added({
      ...blankOf('calendar'),
      ...given,
      id: context.newId('calendar'),
      name: line.value,
      link: read.value,
      ink: freeInk(context),
      rank: rankAfter(recordsIn(context.document, 'calendar')),
      addedAtEpochMs: context.nowEpochMs,
    }),
  )
}

export const editCalendar: Command<{
  id: Id<'calendar'>
  patch: Partial<
    Pick<Calendar, 'name' | 'ink' | 'side' | 'isHidden' | 'isFree' | 'link' | 'blob' | 'readAtEpochMs'>
  >
}> = (context, { id, patch }) => {
  if (patch.link === undefined) return changeLine(context, id, patch)
  const read = linkIn(context, patch.link, id)
  return read.ok ? changeLine(context, id, { ...patch, link: read.value }) : read
}

/** What was made from its events stays. */
export const removeCalendar: Command<{ id: Id<'calendar'> }> = (context, { id }) =>
  diffOf(...deleted(context, [id]))
