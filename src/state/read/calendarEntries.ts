// What of the store stands in a calendar: fixed times, due dates, and what is planned at an hour from today on.
import { dayOnSheet, isOpen, occurrenceOf, seriesNameOf } from '@/core/action'
import { ownUid } from '@/core/calendar/ownUid'
import type { CalendarEntry } from '@/core/calendar/writeCalendar'
import { recordIn, recordsIn, type Document } from '@/core/journal'
import type { Action, Id, Plan, Project, When } from '@/core/record'
import { openMoment } from '@/core/reminder'
import { fromMinute, minuteAfterStart, type CalendarDate } from '@/core/time'
import * as lists from './actionIndexes'
import { remindersOf, repeatOf } from './ownedIndexes'
import { allPartsOf } from './projectParts'
import { projectsOf, isHeld } from './selectors'
import { settingsIn } from './settingsIn'
import { ofSide, type SideChoice } from './sides'

/** Everything, one side of life, or one project with its parts. */
export type CalendarPart =
  | { readonly kind: 'side'; readonly side: SideChoice }
  | { readonly kind: 'project'; readonly id: Id<'project'> }

function heldIn(
  document: Document,
  part: CalendarPart,
): { readonly actions: readonly Action[]; readonly projects: readonly Project[] } {
  if (part.kind === 'side')
    return {
      actions: ofSide(document, part.side, lists.openActionsOf(document)),
      projects: ofSide(document, part.side, projectsOf(document)),
    }
  const project = recordIn(document, part.id)
  return {
    actions: lists.actionsOfWhole(document, part.id),
    projects: project ? [project, ...allPartsOf(document, part.id)] : [],
  }
}

const nameOf = (id: string): string => id.replace(':', '-')

/** What every entry of an action says. */
const saidOf = ({ title, note, link, minutes, weight, createdAtEpochMs }: Action) => ({
  ...plain,
  title,
  note,
  link,
  minutes,
  weight,
  createdAtEpochMs,
})
const plain = { minutes: null, isPlanned: false, repeat: null, alarms: [], weight: 'should' } as const

/** Its fixed time as an event, and when it is due as a to-do. */
function ownEntries(document: Document, action: Action): CalendarEntry[] {
  const { id, at, due } = action
  const settings = settingsIn(document)
  const repeat = repeatOf(document, id)
  // What comes back is one series in the other calendar too, whichever of it stands here now.
  const name = nameOf(repeat ? `action:${seriesNameOf(id)}` : id)
  const occurrence = repeat ? occurrenceOf(action, repeat) : null
  const alarms = remindersOf(document, id).flatMap((reminder) => openMoment(reminder, action, settings) ?? [])
  // What was moved off its rule, this once, comes once.
  const repeatOn = (date: CalendarDate) =>
    repeat && !repeat.fromDone && date === occurrence
      ? { rule: repeat.rule, startsOn: repeat.startsOn, skips: repeat.skips }
      : null
  const entry = (part: 'at' | 'due', when: When): CalendarEntry => ({
    ...saidOf(action),
    uid: ownUid(name, part),
    kind: part === 'at' ? 'event' : 'todo',
    when,
    repeat: repeatOn(when.date),
    // Once is enough.
    alarms: part === 'due' && at ? [] : alarms,
  })
  return [...(at ? [entry('at', at)] : []), ...(due ? [entry('due', due)] : [])]
}

/** What is planned at an hour of a day. */
function plannedEntries(
  document: Document,
  { date, placed }: Plan,
  shown: ReadonlySet<string>,
  today: CalendarDate,
  zone: string,
): CalendarEntry[] {
  if (date < today) return []
  return Object.entries(placed).flatMap(([id, elapsed]) => {
    const action = shown.has(id) ? recordIn(document, id as Id<'action'>) : undefined
    // On another day by now, or at a fixed time, it is planned nowhere in this one.
    if (!action || !isOpen(action) || action.at || dayOnSheet(action, today) !== date) return []
    const time = fromMinute(minuteAfterStart(date, elapsed, zone))
    return [
      {
        ...saidOf(action),
        uid: ownUid(nameOf(id), 'planned'),
        kind: 'event',
        when: { date, time },
        isPlanned: true,
      },
    ]
  })
}

const projectEntry = ({ id, title, outcome, due, createdAtEpochMs }: Project): CalendarEntry[] =>
  due === null
    ? []
    : [
        {
          ...plain,
          uid: ownUid(nameOf(id), 'due'),
          kind: 'todo',
          title,
          note: outcome,
          link: null,
          createdAtEpochMs,
          when: { date: due, time: null },
        },
      ]

/** The entries of a calendar file. `zone` is that of the person, by whose clock everything is told. */
export function calendarEntriesOf(
  document: Document,
  part: CalendarPart,
  today: CalendarDate,
  zone: string,
): CalendarEntry[] {
  const { actions, projects } = heldIn(document, part)
  const shown = new Set<string>(actions.map(({ id }) => id))
  return [
    ...actions.filter(isOpen).flatMap((action) => ownEntries(document, action)),
    ...recordsIn(document, 'plan').flatMap((plan) => plannedEntries(document, plan, shown, today, zone)),
    ...projects.filter(({ state }) => isHeld(state)).flatMap(projectEntry),
  ]
}
