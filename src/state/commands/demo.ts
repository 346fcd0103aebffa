// Taking the demo data out again.
import { entryIn, latestIn, recordsById, recordsIn, updateOf, type Document } from '@/core/journal'
import { kindOf, kinds, type Action, type AnyRecord, type RecordKind } from '@/core/record'
import { withRefs } from '@/core/record/refs'
import { demoMark, demoReplica } from '../store/demoMark'
import { added, diffOf, removed, type Command } from './command'

type Fields = Readonly<Record<string, unknown>>

/** What a record belongs to: without it, it would be in no sight. */
const belonging = ['ownerId', 'underId'] as const
/** What is nothing without what it belongs to, and has no words of its own: it goes along. */
const goesAlong = new Set<RecordKind>([
  'repeat',
  'reminder',
  'timeEntry',
  'run',
  'aside',
  'passage',
  'counted',
  'blank',
])
const ofWhat = ['actionId', 'checklistId', 'ofId', 'projectId', 'stageId'] as const

/** The fields of a record that name something that goes, with nothing in its place; `name` is what it was called. */
function without(record: AnyRecord, isGoing: (id: string) => boolean, name: (id: string) => string): Fields {
  const patch: Record<string, unknown> = {
    ...withRefs(record, ({ id, onDelete }) => (onDelete !== 'keep' && isGoing(id) ? null : id)),
  }
  const { waiting } = record as Partial<Action>
  if (waiting?.personId && isGoing(waiting.personId))
    patch['waiting'] = { ...waiting, personId: null, whom: name(waiting.personId) }
  return patch
}

/** Contexts and people go by their names and bear no mark: those that the demo alone has written. */
const namedByDemo = (document: Document): AnyRecord[] =>
  [...recordsIn(document, 'context'), ...recordsIn(document, 'person')].filter(({ id }) => {
    const entry = entryIn(document, id)
    const isDemos = (stamp: string) => stamp.endsWith(`.${demoReplica}`)
    return !id.includes(`:${demoMark}`) && entry && isDemos(entry.all) && isDemos(latestIn(entry))
  })

/**
 * Removes every demo record, and the contexts and people that nothing else is with. What the person made since stays,
 * also where it stood in a demo project; where it was added
 * to a demo record (a step, a remark, a file), that record stays with it, as the person's own.
 */
export const removeDemo: Command<Record<string, never>> = ({ document, newId }) => {
  const isDemo = (id: unknown): id is string =>
    typeof id === 'string' && id.includes(`:${demoMark}`) && kindOf(id) !== 'settings'
  const all = recordsById(document)
  const demo = kinds
    .filter((kind) => kind !== 'settings')
    .flatMap((kind) => recordsIn(document, kind) as AnyRecord[])
    .filter(({ id }) => id.startsWith(`${kindOf(id)}:${demoMark}`))
  const others = [...all.values()].filter(({ id }) => !isDemo(id) && kindOf(id) !== 'settings')
  const along = others.filter(
    (record) =>
      goesAlong.has(kindOf(record.id)) &&
      ofWhat.some((field) => isDemo((record as unknown as Fields)[field])),
  )
  const named = new Set(namedByDemo(document))
  const own = others.filter((record) => !along.includes(record) && !named.has(record))
  const nameOf = (id: string) => (all.get(id) as { name?: string } | undefined)?.name ?? ''
  // What the person's own belongs to, and what that belongs to in turn.
  const kept = new Map<string, AnyRecord>()
  const keep = (record: AnyRecord) => {
    for (const field of belonging) {
      const id = (record as unknown as Fields)[field]
      const owner = isDemo(id) ? all.get(id) : undefined
      if (!owner || kept.has(owner.id)) continue
      kept.set(owner.id, { ...owner, id: newId(kindOf(owner.id) as RecordKind) } as AnyRecord)
      keep(owner)
    }
  }
  own.forEach(keep)
  // A context lies within another, so that one that stays keeps those around it.
  const staying = [...own, ...kept.values()]
  for (let at = 0; at < staying.length; at++) {
    const told = JSON.stringify(staying[at])
    for (const record of named)
      if (told.includes(`"${record.id}"`)) {
        named.delete(record)
        staying.push(record)
      }
  }
  const isGoing = (id: string): boolean => isDemo(id) && all.has(id)
  const moved = (record: AnyRecord): Fields => ({
    ...without(record, isGoing, nameOf),
    ...Object.fromEntries(
      belonging.flatMap((field) => {
        const owner = kept.get(String((record as unknown as Fields)[field]))
        return owner ? [[field, owner.id]] : []
      }),
    ),
  })
  return diffOf(
    ...[...demo, ...along, ...named].map(removed),
    ...[...kept.values()].map((record) => added({ ...record, ...moved(record) } as AnyRecord)),
    ...own.map((record) => updateOf<AnyRecord>(record, moved(record) as Partial<AnyRecord>)),
  )
}
