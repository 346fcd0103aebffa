// The said line: all that is set of a thing, as chips in the order of a sentence; what the choosers are called; and
// what was set, for a notice.
import { recordIn, type Document } from '@/core/journal'
import type { Id, Project } from '@/core/record'
import type { CalendarDate } from '@/core/time'
import { nearDate, shortDate } from './dates'
import { chipsOf, offersOf, settingWords, wordsOfFacet, type FacetSetting } from './facets'
import type { SaidWords, Sayable, SettingWords } from './facets/facetWords'
import { nameOfRecord, shortened, stateWords } from './names'
import { endingWords } from './stages'

export type { Sayable }
export { bareLink } from './facets/link'
export { workWords, worthWords } from './facets/worth'

/** What the choosers of a project set; *+* calls each by what is offered. */
const projectSettings = {
  state: { name: 'State' },
  notUntil: { name: 'Not now until' },
  stage: { name: 'Stage' },
  seal: { name: 'Its own seal', offered: 'own seal' },
  area: { name: 'Area' },
  begins: { name: 'Begins', offered: 'begins on' },
  partOf: { name: 'Part of which project', offered: 'part of a project' },
  projectDue: { name: 'Due date', offered: 'due date' },
  projectPeople: { name: 'People', offered: 'people' },
  projectAfter: { name: 'After which project', offered: 'after another project' },
  goals: { name: 'Goals', offered: 'serves a goal' },
  order: { name: 'In order or free', offered: 'in order' },
} as const satisfies Readonly<Record<string, SettingWords>>
export type ProjectSetting = keyof typeof projectSettings

/** What a chooser sets. */
export type SaidField = FacetSetting | ProjectSetting
export type SaidChip = SaidWords<SaidField>

const settings: Readonly<Record<SaidField, SettingWords>> = { ...settingWords, ...projectSettings }
const words = <T extends string | undefined>(of: (setting: SettingWords) => T) =>
  Object.fromEntries(Object.entries(settings).map(([field, setting]) => [field, of(setting)])) as Record<
    SaidField,
    T
  >

/** Choosers are named by what they set. */
export const chooserWords: Readonly<Record<SaidField, string>> = words(({ name }) => name)
/** What *+* offers, by name. */
export const offerWords: Readonly<Record<SaidField, string | undefined>> = words(({ offered }) => offered)
/** What can be set of several actions that are chosen together. */
export const ofSeveral = (Object.keys(settingWords) as FacetSetting[]).filter(
  (field) => settingWords[field].isOfSeveral,
)

/** Everything set, in the order of a sentence. The shelf stands in the head and is not said again. */
export const saidOf = (of: Sayable, document: Document, today: CalendarDate): SaidChip[] =>
  chipsOf(of, { document, today })

/** "due Tue 1 Dec, 45 min": what some fields of an action say now; empty where they are none of its chips. */
export function setWords(
  fields: readonly string[],
  of: Sayable,
  document: Document,
  today: CalendarDate,
): string {
  const said = saidOf(of, document, today)
  const told = fields.flatMap((field) => {
    if (field === 'projectId' || field === 'areaId') {
      const shelf = nameOfRecord(document, of.projectId ?? of.areaId ?? '')
      return shelf ? `for ${shortened(shelf)}` : 'for no project'
    }
    const facet = wordsOfFacet(field)
    if (!facet) return []
    const own = Object.keys(facet.settings)
    const chips = said.filter((chip) => (facet.toldBy ?? own).includes(chip.field))
    if (chips.length > 0) return chips.map((chip) => chip.words)
    const offered = offerWords[own[0] as SaidField]
    return facet.none ?? (offered ? `no ${offered}` : [])
  })
  return [...new Set(told)].join(', ')
}

/** Everything that can be set and is not, for *+*. */
export const unsaidOf = (of: Sayable): SaidField[] => offersOf(of)

/** "not now until 3 April", "won". */
export function stateSaid(
  { state, ending, notUntil }: Pick<Project, 'state' | 'ending' | 'notUntil'>,
  today: CalendarDate,
): string {
  if (ending) return endingWords[ending]
  const until = state === 'notNow' && notUntil ? ` until ${nearDate(notUntil, today)}` : ''
  return `${stateWords[state]}${until}`
}

export function saidOfProject(
  {
    state,
    begins,
    due,
    parentId,
    afterIds,
    personIds,
    goalIds,
    inOrder,
    notUntil,
    stageId,
    ending,
    letters,
  }: Pick<
    Project,
    | 'state'
    | 'begins'
    | 'due'
    | 'parentId'
    | 'afterIds'
    | 'personIds'
    | 'goalIds'
    | 'inOrder'
    | 'notUntil'
    | 'stageId'
    | 'ending'
    | 'letters'
  >,
  document: Document,
  today: CalendarDate,
): SaidChip[] {
  const each = (field: SaidField, ids: readonly Id[], words: (name: string, id: Id) => string): SaidChip[] =>
    ids.flatMap((id) => {
      const name = nameOfRecord(document, id)
      return name ? [{ field, words: words(shortened(name), id) }] : []
    })
  const isOver = (id: Id) => (recordIn(document, id as Id<'project'>)?.closedAtEpochMs ?? null) !== null
  return [
    { field: 'state', words: stateSaid({ state, ending, notUntil }, today) },
    ...each('stage', stageId ? [stageId] : [], (name) => (ending ? `ended at ${name}` : `at ${name}`)),
    ...each('partOf', parentId ? [parentId] : [], (name) => `part of ${name}`),
    ...(begins ? [{ field: 'begins', words: `begins ${shortDate(begins, today)}` } as const] : []),
    ...(due ? [{ field: 'projectDue', words: `due ${shortDate(due, today)}` } as const] : []),
    ...each('projectAfter', afterIds, (name, id) => `after ${name}${isOver(id) ? ', which is over' : ''}`),
    ...each('projectPeople', personIds, (name) => `with ${name}`),
    ...saidGoals(goalIds, document),
    ...(inOrder ? [{ field: 'order', words: 'in order' } as const] : []),
    ...(letters ? [{ field: 'seal', words: `seal ${letters}` } as const] : []),
  ]
}

/** "serves three halls a year": the goals something points at. */
export const saidGoals = (goalIds: readonly Id<'goal'>[], document: Document): SaidChip[] =>
  goalIds.flatMap((id) => {
    const name = nameOfRecord(document, id)
    return name ? [{ field: 'goals', words: `serves ${shortened(name)}` }] : []
  })
