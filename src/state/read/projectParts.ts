// Projects that are parts of others. What two copies wrote may leave a part without its whole, or two within one
// another: such a part stands for itself. Law: every project is reached from one that stands for itself
// (projectParts.test.ts).
import { recordIn, type Document } from '@/core/journal'
import { byRank, type Id, type Project } from '@/core/record'
import { deepestNesting } from '@/core/record/nesting'
import { makeTableIndex } from './tableIndex'

const part = 'part'
const written = makeTableIndex('project', {
  keysOf: ({ parentId }) => (parentId === null ? [] : [part]),
  compare: byRank,
})

interface Wholes {
  /** Everything the last look was made from. */
  readonly table: unknown
  readonly partsOf: ReadonlyMap<string, readonly Project[]>
  /** Parts that stand for themselves. */
  readonly loose: readonly Project[]
  readonly isLoose: ReadonlySet<string>
}

/** Parts whose whole is not there; and of each ring, the first by its id. */
function withoutWhole(document: Document, parts: readonly Project[]): Set<string> {
  const loose = new Set<string>()
  const known = new Set<string>()
  for (const start of parts) {
    const way: Project[] = []
    const onWay = new Set<string>()
    let at: Project | undefined = start
    while (at && at.parentId !== null && !known.has(at.id) && !onWay.has(at.id)) {
      way.push(at)
      onWay.add(at.id)
      at = recordIn(document, at.parentId)
    }
    const last = way.at(-1)
    if (!at && last) loose.add(last.id)
    if (at && onWay.has(at.id)) {
      const [first] = way.slice(way.indexOf(at)).map(({ id }) => id).sort() // prettier-ignore
      if (first) loose.add(first)
    }
    onWay.forEach((id) => known.add(id))
  }
  return loose
}

/**
 * The parts that stand for themselves: those without a whole, and those that lie deeper than anything that is read
 * from a file may (such a store was written by an earlier version).
 */
function looseAmong(document: Document, parts: readonly Project[]): ReadonlySet<string> {
  const loose = withoutWhole(document, parts)
  const within = new Map<string, Project[]>()
  for (const part of parts) {
    const others = within.get(part.parentId as string)
    if (others) others.push(part)
    else within.set(part.parentId as string, [part])
  }
  const ids = new Set<string>(parts.map(({ id }) => id))
  const outermost = [...within.keys()].filter((id) => !ids.has(id))
  const waiting = [...outermost, ...loose].map((id) => ({ id, depth: 0 }))
  for (let next = waiting.pop(); next; next = waiting.pop())
    for (const { id } of within.get(next.id) ?? []) {
      if (loose.has(id)) continue
      const isDeep = next.depth === deepestNesting
      if (isDeep) loose.add(id)
      waiting.push({ id, depth: isDeep ? 0 : next.depth + 1 })
    }
  return loose
}

let latest: Wholes | null = null
function wholesIn(document: Document): Wholes {
  if (latest?.table === document.project) return latest
  const partsOf = new Map<string, Project[]>()
  const loose: Project[] = []
  const parts = written.of(document, part)
  const isLoose = looseAmong(document, parts)
  for (const project of parts) {
    if (isLoose.has(project.id)) loose.push(project)
    else {
      const others = partsOf.get(project.parentId as string)
      if (others) others.push(project)
      else partsOf.set(project.parentId as string, [project])
    }
  }
  latest = { table: document.project, partsOf, loose, isLoose }
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
  const { isLoose } = wholesIn(document)
  const above: Project[] = []
  for (let at = project; at.parentId !== null && !isLoose.has(at.id);) {
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
