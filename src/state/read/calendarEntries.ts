// What of the store stands in a calendar: fixed times, due dates, and what is planned at an hour from today on.
import { dayOnSheet, isOpen, occurrenceOf, seriesNameOf } from '@/core/action'
import { ownUid } from '@/core/calendar/ownUid'
import type { CalendarEntry } from '@/core/calendar/writeCalendar'
import { recordIn, recordsIn, type Document } from '@/core/journal'
import type { Action, Id, Project } from '@/core/record'
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

/** The entries of a calendar file. `zone` is that of the person, by whose clock everything is told. */
export function calendarEntriesOf(
  document: Document,
  part: CalendarPart,
  today: CalendarDate,
  zone: string,
): CalendarEntry[] {
  const settings = settingsIn(document)
  const { actions, projects } = heldIn(document, part)
  const plain = {
    minutes: null,
    isPlanned: false,
    repeat: null,
    alarms: [],
    weight: 'should',
  } as const
  const entriesOf = (action: Action): CalendarEntry[] => {
    const { id, title, note, link, at, due, minutes, weight, createdAtEpochMs } = action
    const repeat = repeatOf(document, id)
    // What comes back is one series in the other calendar too, whichever of it stands here now.
    const name = nameOf(repeat ? `action:${seriesNameOf(id)}` : id)
    const occurrence = repeat ? occurrenceOf(action, repeat) : null
    const base = {
      title,
      note,
      link,
      minutes,
      weight,
      createdAtEpochMs,
      isPlanned: false,
      alarms: remindersOf(document, id).flatMap((reminder) => openMoment(reminder, action, settings) ?? []),
    }
    // What was moved off its rule, this once, comes once.
    const repeatOn = (date: CalendarDate) =>
      repeat && !repeat.fromDone && date === occurrence
        ? { rule: repeat.rule, startsOn: repeat.startsOn, skips: repeat.skips }
        : null
    const entries: CalendarEntry[] = []
    if (at)
      entries.push({ ...base, uid: ownUid(name, 'at'), kind: 'event', when: at, repeat: repeatOn(at.date) })
    if (due)
      entries.push({
        ...base,
        uid: ownUid(name, 'due'),
        kind: 'todo',
        when: due,
        repeat: repeatOn(due.date),
        // Once is enough.
        alarms: at ? [] : base.alarms,
      })
    return entries
  }
  const shown = new Set(actions.map(({ id }) => id))
  const planned = recordsIn(document, 'plan').flatMap(({ date, placed }) =>
    date < today
      ? []
      : Object.entries(placed).flatMap(([key, elapsed]): CalendarEntry[] => {
          const action = recordIn(document, key as Id<'action'>)
          if (!action || !shown.has(action.id) || !isOpen(action) || action.at) return []
          // On another day by now it is planned nowhere in this one.
          if (dayOnSheet(action, today) !== date) return []
          const { id, title, note, link, minutes, weight, createdAtEpochMs } = action
          const time = fromMinute(minuteAfterStart(date, elapsed, zone))
          return [
            {
              ...plain,
              uid: ownUid(nameOf(id), 'planned'),
              kind: 'event',
              title,
              note,
              link,
              minutes,
              weight,
              createdAtEpochMs,
              when: { date, time },
              isPlanned: true,
            },
          ]
        }),
  )
  const ofProjects = projects.flatMap(
    ({ id, title, outcome, due, state, createdAtEpochMs }): CalendarEntry[] =>
      due !== null && isHeld(state)
        ? [
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
        : [],
  )
  return [...actions.filter(isOpen).flatMap(entriesOf), ...planned, ...ofProjects]
}
