// Calendars from elsewhere: what is kept of them is what they are called and how they are shown. Their events are read
// again and again, and are no records.
import { recordsIn } from '@/core/journal'
import { blankOf, inkCount, type Calendar, type Id } from '@/core/record'
import { refuse } from '@/core/result'
import { added, changeLine, diffOf, lineOf, rankAfter, type Command, type CommandContext } from '../command'
import { deleted } from '../deleting'

export type NewCalendar = Pick<Calendar, 'name' | 'link'> &
  Partial<Pick<Calendar, 'blob' | 'readAtEpochMs' | 'side' | 'isFree'>>

/** The first ink that no calendar has; where all are taken, the next in turn. */
function freeInk({ document }: CommandContext): number {
  const taken = recordsIn(document, 'calendar').map(({ ink }) => ink)
  const free = Array.from({ length: inkCount }, (_, ink) => ink).find((ink) => !taken.includes(ink))
  return free ?? taken.length % inkCount
}

/** A link is read once: adding it again is refused with the name it has. */
export const addCalendar: Command<NewCalendar> = (context, { name, link, ...given }) => {
  const line = lineOf(name, 'name')
  if (!line.ok) return line
  const calendars = recordsIn(context.document, 'calendar')
  const same = link === null ? undefined : calendars.find((calendar) => calendar.link === link)
  if (same) return refuse({ kind: 'linkTaken', name: same.name })
  return diffOf(
    added({
      ...blankOf('calendar'),
      ...given,
      id: context.newId('calendar'),
      name: line.value,
      link,
      ink: freeInk(context),
      rank: rankAfter(calendars),
      addedAtEpochMs: context.nowEpochMs,
    }),
  )
}

export const editCalendar: Command<{
  id: Id<'calendar'>
  patch: Partial<
    Pick<Calendar, 'name' | 'ink' | 'side' | 'isHidden' | 'isFree' | 'link' | 'blob' | 'readAtEpochMs'>
  >
}> = (context, { id, patch }) => changeLine(context, id, patch)

/** What was made from its events stays. */
export const removeCalendar: Command<{ id: Id<'calendar'> }> = (context, { id }) =>
  diffOf(...deleted(context, [id]))
