// Saying what changes in a project: its state, when it begins and is due, its area, what it is a part of. See amend.
import { isIdOf, projectStates, type Project, type ProjectState } from '../record'
import type { SentenceContext } from './claim'
import { parseSentence } from './parseSentence'

export type ProjectPatch = Partial<
  Pick<Project, 'begins' | 'due' | 'state' | 'areaId' | 'notUntil' | 'parentId'>
>

export interface ProjectAmendment {
  readonly patch: ProjectPatch
  readonly unread: readonly string[]
}

const stateSaid: Readonly<Record<string, ProjectState>> = {
  open: 'open',
  'open again': 'open',
  'not now': 'notNow',
  rests: 'notNow',
  finished: 'finished',
  done: 'finished',
  'let go': 'letGo',
}

/** The one other project of a name. */
function projectNamed(
  words: string,
  project: Project,
  context: SentenceContext,
): NonNullable<Project['parentId']> | null {
  const { clauses } = parseSentence(`for ${words}`, { ...context, isBare: true })
  const ids = clauses.flatMap((clause) => {
    if (clause.kind === 'project') return [clause.name.id]
    return clause.kind === 'question' ? clause.options.map(({ id }) => id) : []
  })
  const others = ids.filter((id) => isIdOf('project', id) && id !== project.id)
  return others.length === 1 ? (others[0] as Project['parentId']) : null
}

/** One part: a state, a denial, a day or an area; null where it is none. */
function said(part: string, project: Project, context: SentenceContext): ProjectPatch | null {
  const phrase = part.toLowerCase().replace(/\s+/g, ' ')
  if (Object.hasOwn(stateSaid, phrase)) return { state: stateSaid[phrase] as (typeof projectStates)[number] }
  const until = /^(?:not now|rests) until (.+)$/.exec(phrase)?.[1]
  if (until !== undefined) {
    const day = said(`by ${until}`, project, context)?.due
    return day ? { state: 'notNow', notUntil: day } : null
  }
  const begins = /^(?:begins?|starts?|beginning|starting)(?: on)? (.+)$/.exec(phrase)?.[1]
  if (begins !== undefined) {
    const day = said(`by ${begins}`, project, context)?.due
    return day ? { begins: day } : null
  }
  if (/^(?:part of nothing|a project of its own)$/.test(phrase)) return { parentId: null }
  const whole = /^(?:a )?part of (.+)$/i.exec(part.trim())?.[1]
  if (whole !== undefined) {
    const named = projectNamed(whole, project, context)
    return named ? { parentId: named } : null
  }
  if (/^no (?:beginning|begin|start)$/.test(phrase)) return { begins: null }
  if (/^no (?:due|due date|day|deadline)$/.test(phrase)) return { due: null }
  if (/^(?:no|without an?) area$/.test(phrase)) return { areaId: null }
  const { title, clauses } = parseSentence(part, { ...context, isBare: true })
  const [clause] = clauses
  if (title !== '' || clauses.length !== 1 || !clause) return null
  if (clause.kind === 'due' || clause.kind === 'day') return { due: clause.date }
  if (clause.kind === 'area') return { areaId: clause.name.id as Project['areaId'] }
  if (clause.kind !== 'question') return null
  // A project stands on an area, so of several of one name the area is meant.
  const areas = clause.options.filter(({ id }) => isIdOf('area', id))
  return areas.length === 1 ? { areaId: areas[0]?.id as Project['areaId'] } : null
}

/** Reads what changes in a project: only what differs from it. */
export function amendProject(text: string, project: Project, context: SentenceContext): ProjectAmendment {
  let patch: ProjectPatch = {}
  const unread: string[] = []
  for (const part of text.split(/\s*[,;]\s*/).map((each) => each.trim())) {
    if (part === '') continue
    const change = said(part, project, context)
    if (change) patch = { ...patch, ...change }
    else unread.push(part)
  }
  const changed = Object.entries(patch).filter(([field, value]) => project[field as keyof Project] !== value)
  return { patch: Object.fromEntries(changed) as ProjectPatch, unread }
}
