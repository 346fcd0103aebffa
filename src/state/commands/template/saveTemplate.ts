// Keeping a template of what is there.
import { asBlank, farthest } from '@/core/template'
import { recordIn, type Document, type RecordDiff } from '@/core/journal'
import {
  byRank,
  isIdOf,
  kindOf,
  type Action,
  type AnyRecord,
  type Blank,
  type Id,
  type Making,
  type Project,
} from '@/core/record'
import { withTexts } from '@/core/record/texts'
import { refuse } from '@/core/result'
import { daysBetween } from '@/core/time'
import { doneWith } from '../../read/actionIndexes'
import { actionToCopy, partsToCopy, projectToCopy, textsIn } from '../../read/templates'
import { added, diffOf, type Command } from '../command'
import { allPartsOf } from '../../read/projectParts'
import { isHeld } from '../../read/selectors'
import {
  asTemplate,
  copied,
  countedFor,
  datesIn,
  datesInProject,
  fieldsOf,
  partOfTemplate,
  rankedFrom,
  undone,
} from './copied'
import { makeProject } from '../shelf/makeProject'

type Keepable = Id<'project'> | Id<'action'> | Id<'checklist'> | Id<'note'>

/** What is kept of something: its records, its actions done and open, and what the template of it makes. */
function keptOf(
  document: Document,
  id: Keepable,
): { makes: Making; records: AnyRecord[]; title: string } | null {
  if (isIdOf('project', id)) {
    const project = recordIn(document, id)
    if (!project) return null
    const ids = [id, ...allPartsOf(document, id).flatMap((part) => (isHeld(part.state) ? [part.id] : []))]
    const done = ids.flatMap((each) => doneWith(document, each).filter(({ projectId }) => projectId === each))
    const records = [
      ...projectToCopy(document, project),
      ...done.flatMap((each) => actionToCopy(document, each)),
    ]
    return { makes: 'project', records, title: project.title }
  }
  if (isIdOf('action', id)) {
    const action = recordIn(document, id)
    return action ? { makes: 'action', records: actionToCopy(document, action), title: action.title } : null
  }
  if (isIdOf('checklist', id)) {
    const list = recordIn(document, id)
    if (!list) return null
    return { makes: 'checklist', records: [list, ...partsToCopy(document, id)], title: list.name }
  }
  const page = recordIn(document, id)
  if (!page) return null
  return { makes: 'note', records: [page, ...partsToCopy(document, id)], title: page.title }
}

/** The people of a project or an action, by name, whose names stand in its texts. */
function peopleIn(document: Document, records: readonly AnyRecord[], all: readonly string[]): string[] {
  const ids = new Set(records.flatMap((record) => (fieldsOf(record)['personIds'] as Id<'person'>[]) ?? []))
  return [...ids].flatMap((id) => {
    const name = recordIn(document, id)?.name
    return name && all.some((text) => text.includes(name)) ? [name] : []
  })
}

/**
 * Keeps a template of a project, an action, a checklist or a meeting note: what is done comes undone, people become
 * blanks in the texts, and dates are counted from the promise of the project, else from the last of them.
 * `called` is its name where what it is kept of has none.
 */
export const saveAsTemplate: Command<{ id: Keepable; called?: string }> = (context, { id, called = '' }) => {
  const { document } = context
  const kept = keptOf(document, id)
  if (!kept || kept.records.some((record) => fieldsOf(record)['state'] === 'template'))
    return refuse({ kind: 'notFound' })
  const made = makeProject(context, { title: kept.title || called, areaId: areaIn(document, id) })
  if (!made.ok) return made
  const source = isIdOf('project', id) ? recordIn(document, id) : undefined
  const actions = kept.records
    .filter((record): record is Action => kindOf(record.id) === 'action')
    .sort(byRank)
  const projects = kept.records.filter((record): record is Project => kindOf(record.id) === 'project')
  const dated = [
    ...projects.map((project) => [project.id, datesInProject(project)] as const),
    ...actions.map((action) => [action.id, datesIn(action)] as const),
  ]
  const base =
    source?.due ??
    dated
      .flatMap(([, dates]) => dates.map(([, date]) => date))
      .sort()
      .at(-1) ??
    null
  const day: Blank | null = base
    ? { id: context.newId('blank'), projectId: made.value.id, name: 'Day', kind: 'date', rank: 'a0' }
    : null
  const names = peopleIn(document, kept.records, textsIn(kept.records)).slice(0, 3)
  const named = names.map((name, at): [string, Blank] => [
    name,
    {
      id: context.newId('blank'),
      projectId: made.value.id,
      name: at === 0 ? 'Person' : `Person ${at + 1}`,
      kind: 'name',
      rank: `a${at + 1}`,
    },
  ])
  const ids = new Map<string, string>(source ? [[source.id, made.value.id]] : [])
  const ranked = rankedFrom(context, actions)
  const records = [...ranked, ...kept.records.filter(({ id: each }) => kindOf(each) !== 'action')]
  const copies = copied(context, records, ids)
  // What stood in a part stands in that part of the template.
  const within = (record: AnyRecord) => ({
    projectId: source ? fieldsOf(record)['projectId'] : made.value.id,
    areaId: null,
  })
  const blanked = (text: string) =>
    named.reduce((told, [words, { name }]) => asBlank(told, words, name), text)
  const told = copies.flatMap((record): AnyRecord[] => {
    switch (kindOf(record.id)) {
      case 'action':
        return [{ ...record, ...undone, ...within(record), personIds: [] } as AnyRecord]
      case 'project':
        return record.id === made.value.id
          ? [asTemplate(record as Project, kept.makes)]
          : [partOfTemplate(record as Project)]
      case 'step':
        return [{ ...record, doneAtEpochMs: null } as AnyRecord]
      case 'checklist': {
        const { ownerId } = record as { ownerId?: string | null }
        return [{ ...record, ownerId: kept.makes === 'checklist' ? made.value.id : ownerId } as AnyRecord]
      }
      case 'note':
        return [{ ...record, ...within(record), personIds: [] } as AnyRecord]
      case 'repeat':
        return [{ ...record, skips: [] } as unknown as AnyRecord]
      case 'reminder': {
        const { when } = record as { when: { kind: string } }
        return when.kind === 'at' ? [] : [{ ...record, answered: null, snoozedTo: null } as AnyRecord]
      }
      default:
        return [record]
    }
  })
  const counted = dated.flatMap(([of, dates]) =>
    dates.flatMap(([field, date, time]): RecordDiff[] => {
      const shift = { by: 'days' as const, steps: base ? daysBetween(base, date) : 0 }
      // Farther than can be counted: it has no date in the template.
      if (Math.abs(shift.steps) > farthest.days) return []
      const toId = (ids.get(of) ?? of) as typeof of
      return [added(countedFor(context, toId, { field, blankId: day?.id ?? null, shift, time }))]
    }),
  )
  const own = source ? [] : [asTemplate(made.value, kept.makes)]
  return diffOf(
    ...[...own, ...told].map((record) => added(withTexts(record, blanked))),
    ...(day ? [added(day)] : []),
    ...named.map(([, blank]) => added(blank)),
    ...counted,
  )
}

const areaIn = (document: Document, id: Keepable): Id<'area'> | null =>
  (recordIn(document, id as Id<'project'>) as { areaId?: Id<'area'> | null } | undefined)?.areaId ?? null
