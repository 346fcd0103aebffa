// Projects that are parts of others. What two copies wrote may leave a part without its whole, or two within one another:
// such a part stands for itself.
// Law: every project is reached from one that stands for itself (projectParts.test.ts).
import { recordIn, type Document } from '@/core/journal'
import { compareRanks, type Id, type Project } from '@/core/record'
import { makeTableIndex } from './tableIndex'

const byRank = (a: Project, b: Project) => compareRanks(a.rank, b.rank) || (a.id < b.id ? -1 : 1)
const part = 'part'
const written = makeTableIndex('project', {
  keysOf: ({ parentId }) => (parentId === null ? [] : [part]),
  compare: byRank,
  inOrder: (projects) => [...projects].sort(byRank),
})

interface Wholes {
  /** Everything the last look was made from. */
  readonly table: unknown
  readonly partsOf: ReadonlyMap<string, readonly Project[]>
  /** Parts that stand for themselves. */
  readonly loose: readonly Project[]
}

/** Whether a part's whole is not there, or is within the part itself: of a ring, the first by its id stands for itself. */
function isLoose(document: Document, project: Project): boolean {
  const ring = new Set<string>([project.id])
  for (let at: Id<'project'> | null = project.parentId; at !== null;) {
    if (at === project.id) return [...ring].every((id) => project.id <= id)
    const whole: Project | undefined = recordIn(document, at)
    if (!whole) return at === project.parentId
    if (ring.has(at)) return false
    ring.add(at)
    at = whole.parentId
  }
  return false
}

let latest: Wholes | null = null
function wholesIn(document: Document): Wholes {
  if (latest?.table === document.project) return latest
  const partsOf = new Map<string, Project[]>()
  const loose: Project[] = []
  for (const project of written.of(document, part)) {
    if (isLoose(document, project)) loose.push(project)
    else {
      const others = partsOf.get(project.parentId as string) ?? []
      partsOf.set(project.parentId as string, [...others, project])
    }
  }
  latest = { table: document.project, partsOf, loose }
  return latest
}

const none: readonly Project[] = []

/** The parts of a project, in their order, those that rest or are over too. */
export const partsOfProject = (document: Document, id: Id<'project'>): readonly Project[] =>
  wholesIn(document).partsOf.get(id) ?? none

/** Parts that have nothing they could be a part of. */
export const looseParts = (document: Document): readonly Project[] => wholesIn(document).loose

/** What a project is a part of, the nearest first. */
export function wholesAbove(document: Document, project: Project): readonly Project[] {
  if (project.parentId === null) return none
  const { loose } = wholesIn(document)
  const above: Project[] = []
  for (let at = project; at.parentId !== null && !loose.includes(at);) {
    const whole = recordIn(document, at.parentId)
    if (!whole) break
    above.push(whole)
    at = whole
  }
  return above
}

/** Every part of a project, and theirs, each whole before its parts. */
export function allPartsOf(document: Document, id: Id<'project'>): readonly Project[] {
  const parts = partsOfProject(document, id)
  return parts.length === 0 ? parts : parts.flatMap((each) => [each, ...allPartsOf(document, each.id)])
}
