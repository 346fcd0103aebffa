// Templates as they are read: which there are, all that belongs to one, what it asks, and what it would make on a day.
import { dateCounted, filledLine, blanksIn, type IsOff } from '@/core/template'
import { recordIn, type Document } from '@/core/journal'
import {
  byId,
  byRank,
  type Action,
  type AnyRecord,
  type Blank,
  type Counted,
  type CountedField,
  type Id,
  type Note,
  type OwnerId,
  type Project,
  type Reference,
} from '@/core/record'
import { textsOf } from '@/core/record/texts'
import { weekdayOf, type CalendarDate } from '@/core/time'
import { checklistsIn } from './checklists'
import { filesOf, remindersOf, repeatOf, stepsOf } from './ownedIndexes'
import { partsOfProject, wholesAbove } from './projectParts'
import { availableMinutesOn, isHeld, projectsOf, stagesOf } from './selectors'
import { writtenInProject } from './standing'
import { isTemplate, type Template } from './isTemplate'
import { makeTableIndex } from './tableIndex'

export { isTemplate, type Template } from './isTemplate'

const blanks = makeTableIndex('blank', {
  keysOf: ({ projectId }) => [projectId],
  compare: byRank,
})
const counted = makeTableIndex('counted', {
  keysOf: ({ actionId, projectId }) => [actionId ?? projectId].filter((of) => of !== null),
  compare: byId,
})
const notes = makeTableIndex('note', {
  keysOf: ({ projectId, letGoAtEpochMs }) => (projectId && letGoAtEpochMs === null ? [projectId] : []),
  compare: byId,
})
const references = makeTableIndex('reference', {
  keysOf: ({ projectId, letGoAtEpochMs }) => (projectId && letGoAtEpochMs === null ? [projectId] : []),
  compare: byId,
})

/** Every template, in its order. */
export const templatesOf = (document: Document): readonly Template[] =>
  projectsOf(document)
    .filter(isTemplate)
    .filter(({ parentId }) => parentId === null)

export const blanksOf = (document: Document, id: Id<'project'>): readonly Blank[] => blanks.of(document, id)
/** The dates that a template gives one of its actions, itself or one of its parts. */
export const countedOf = (document: Document, id: Id<'action'> | Id<'project'>): readonly Counted[] =>
  counted.of(document, id)

/** The template that a part belongs to, however deep; what it asks is asked for all its parts. */
export const wholeTemplate = (document: Document, template: Template): Template =>
  (wholesAbove(document, template).at(-1) as Template | undefined) ?? template

/** The text of the meeting note that a template makes. */
export const meetingNoteOf = (document: Document, { id, makes }: Template): string =>
  makes === 'note' ? (notes.of(document, id)[0]?.note ?? '') : ''

/** The actions of a template, in their order. */
export const actionsOfTemplate = (document: Document, id: Id<'project'>): readonly Action[] =>
  writtenInProject(document, id)

/** What belongs to an action, a checklist or a project as records of its own, and may be copied. */
export function partsToCopy(document: Document, id: OwnerId): AnyRecord[] {
  const lists =
    id.startsWith('action:') || id.startsWith('project:') ? checklistsIn(document, id as Id<'action'>) : []
  return [
    ...stepsOf(document, id),
    ...filesOf(document, id),
    ...lists,
    ...lists.flatMap((list) => stepsOf(document, list.id)),
  ]
}

/** An action with everything that may be copied along. */
export function actionToCopy(document: Document, action: Action): AnyRecord[] {
  const repeat = repeatOf(document, action.id)
  return [
    action,
    ...partsToCopy(document, action.id),
    ...(repeat ? [repeat] : []),
    ...remindersOf(document, action.id),
    ...countedOf(document, action.id),
  ]
}

/** What of a project's parts may be copied: those that are not over; of a template, all. */
const partsKept = (document: Document, id: Id<'project'>): readonly Project[] =>
  partsOfProject(document, id).filter(({ state }) => isHeld(state) || state === 'template')

/**
 * A project's stages and parts, its actions, meeting notes and references, all that may be copied; each whole before
 * its parts.
 */
export function projectToCopy(document: Document, project: Project): AnyRecord[] {
  const pages: (Note | Reference)[] = [
    ...notes.of(document, project.id),
    ...references.of(document, project.id),
  ]
  return [
    project,
    ...partsToCopy(document, project.id),
    ...writtenInProject(document, project.id).flatMap((action) => actionToCopy(document, action)),
    ...pages,
    ...pages.flatMap((page) => partsToCopy(document, page.id)),
    ...blanksOf(document, project.id),
    ...countedOf(document, project.id),
    ...stagesOf(document, project.id),
    ...partsKept(document, project.id).flatMap((part) => projectToCopy(document, part)),
  ]
}

/** Every text in some records. */
export const textsIn = (records: readonly AnyRecord[]): string[] =>
  records.flatMap((record) => textsOf(record).map(([, text]) => text))

/** What is asked when a template is used: its blanks, and such as stand in its texts alone. */
export interface Asked {
  readonly id: Id<'blank'> | null
  readonly name: string
  readonly kind: Blank['kind']
}

export function askedBy(document: Document, template: Template): Asked[] {
  const own = blanksOf(document, template.id)
  const known = new Set(own.map(({ name }) => name))
  const texts = textsIn(projectToCopy(document, template).filter(({ id }) => !id.startsWith('blank:')))
  const loose = [...new Set(texts.flatMap(blanksIn))].filter((name) => !known.has(name))
  return [...own, ...loose.map((name) => ({ id: null, name, kind: 'name' as const }))]
}

/** What was answered, by the names of the blanks; dates as days. */
export type Answers = Readonly<Record<string, CalendarDate | undefined>>

/** Whether nothing is done on a day: a weekend, or one without available time, as the person has said. */
const isOffIn =
  (document: Document): IsOff =>
  (date) =>
    weekdayOf(date) > 4 || availableMinutesOn(document, date) === 0

/** The dates that something of a template gets; those are left out that are counted from what was not answered. */
export function datesOf(
  document: Document,
  id: Id<'action'> | Id<'project'>,
  answers: Answers,
  today: CalendarDate,
): Partial<Record<CountedField, { readonly date: CalendarDate; readonly time: Counted['time'] }>> {
  const isOff = isOffIn(document)
  const dates: Partial<Record<CountedField, { date: CalendarDate; time: Counted['time'] }>> = {}
  for (const { field, blankId, shift, time } of countedOf(document, id)) {
    const blank = blankId ? recordIn(document, blankId) : null
    const from = blankId ? answers[blank?.name ?? ''] : today
    if (from) dates[field] = { date: dateCounted(from, shift, isOff), time }
  }
  return dates
}

/**
 * The dates that a project made from a template gets: where nothing is counted for its promise, the first day asked.
 */
export function wholeDatesOf(
  document: Document,
  template: Template,
  answers: Answers,
  today: CalendarDate,
): ReturnType<typeof datesOf> {
  const dates = datesOf(document, template.id, answers, today)
  const isDueCounted = countedOf(document, template.id).some(({ field }) => field === 'due')
  const first = blanksOf(document, template.id).flatMap(({ name }) => answers[name] ?? [])[0]
  return isDueCounted || !first ? dates : { ...dates, due: { date: first, time: null } }
}

/** What comes with something that a template makes. */
export type ComesWith =
  | { readonly kind: 'steps'; readonly count: number }
  | { readonly kind: 'checklist'; readonly name: string; readonly count: number }
  | { readonly kind: 'note' | 'reference' | 'file'; readonly name: string }

export interface Previewed {
  readonly id: Id
  /** How deep it stands in parts: the template itself and its actions at 0. */
  readonly depth: number
  readonly isPart: boolean
  readonly title: string
  readonly dates: ReturnType<typeof datesOf>
  /** One of its dates is over already. */
  readonly isPast: boolean
  readonly with: readonly ComesWith[]
}

/**
 * What a template would make, as it would stand: of a project first itself, then its actions in their order, and each
 * part with its actions behind it; of an action that; of a checklist its lines; of a meeting note nothing.
 */
export function previewOf(
  document: Document,
  template: Template,
  answers: Answers,
  said: ReadonlyMap<string, string>,
  today: CalendarDate,
): Previewed[] {
  const made = (id: Id<'action'> | Id<'project'>, title: string, depth: number): Previewed => {
    const isWhole = id === template.id
    const dates = isWhole
      ? wholeDatesOf(document, template, answers, today)
      : datesOf(document, id, answers, today)
    const isPast = Object.values(dates).some(({ date }) => date < today)
    const words = { title: filledLine(title, said), with: comesWith(document, id, said) }
    return { id, depth, isPart: id.startsWith('project:'), dates, isPast, ...words }
  }
  const within = (project: Project, depth: number): Previewed[] => [
    made(project.id, project.title, depth),
    ...actionsOfTemplate(document, project.id).map(({ id, title }) => made(id, title, depth)),
    ...partsOfProject(document, project.id).flatMap((part) => within(part, depth + 1)),
  ]
  if (template.makes === 'checklist') return linesOf(document, template, said)
  return template.makes === 'project' ? within(template, 0) : within(template, 0).slice(1)
}

/** The lines of the checklists of a template. */
const linesOf = (document: Document, { id }: Template, said: ReadonlyMap<string, string>): Previewed[] =>
  checklistsIn(document, id).flatMap((list) =>
    stepsOf(document, list.id).map((line) => ({
      id: line.id,
      depth: 0,
      isPart: false,
      title: filledLine(line.title, said),
      dates: {},
      isPast: false,
      with: [],
    })),
  )

function comesWith(
  document: Document,
  id: Id<'action'> | Id<'project'>,
  said: ReadonlyMap<string, string>,
): ComesWith[] {
  const name = (text: string) => filledLine(text, said)
  const steps = stepsOf(document, id).length
  const pages: ComesWith[] = id.startsWith('project:')
    ? [
        ...notes.of(document, id).map(({ title }) => ({ kind: 'note', name: name(title) }) as const),
        ...references
          .of(document, id)
          .map(({ title }) => ({ kind: 'reference', name: name(title) }) as const),
      ]
    : []
  return [
    ...(steps > 0 ? [{ kind: 'steps', count: steps } as const] : []),
    ...checklistsIn(document, id).map((list): ComesWith => {
      return { kind: 'checklist', name: name(list.name), count: stepsOf(document, list.id).length }
    }),
    ...pages,
    ...filesOf(document, id).map((file): ComesWith => ({ kind: 'file', name: file.name })),
  ]
}
