// Laying by hand in Shelves: projects beside one another, onto other areas and into stages; areas and groups in their order.
import { recordIn, recordsIn, updateOf, type RecordDiff } from '@/core/journal'
import { ranksKeeping } from '@/core/record/ranksKeeping'
import { compareRanks, isIdOf, type AnyRecord, type Id } from '@/core/record'
import { refuse } from '@/core/result'
import { isHeld, stagesOfArea } from '../selectors'
import { diffOf, type Command } from './command'
import { enteredStage } from './makeProject'

interface Ranked {
  readonly id: Id
  readonly rank: string
}

const byRank = (a: Ranked, b: Ranked) => compareRanks(a.rank, b.rank) || (a.id < b.id ? -1 : 1)

/**
 * The ranks to write so that one stands where `besideId` stood among its new neighbours, coming from before it behind it,
 * from behind or from elsewhere before it; at their end where that is null.
 */
function rankedBeside(one: Ranked, neighbours: readonly Ranked[], besideId: Id | null): RecordDiff[] {
  const had = [...neighbours].sort(byRank)
  const from = had.findIndex(({ id }) => id === one.id)
  if (from >= 0 && besideId === one.id) return []
  const others = had.filter(({ id }) => id !== one.id)
  const target = others.findIndex(({ id }) => id === besideId)
  const isBehind = from >= 0 && from <= target
  const at = target < 0 ? others.length : target + (isBehind ? 1 : 0)
  if (at === from && target >= 0) return []
  const order = [...others.slice(0, at), one, ...others.slice(at)]
  const ranks = ranksKeeping(order.map((each) => (each.id === one.id ? undefined : each.rank)))
  return order.flatMap((each, index) => updateOf(each as AnyRecord, { rank: ranks[index] as string }) ?? [])
}

/** Two changes of one record as one. */
function asOne(first: RecordDiff | null, ranks: readonly RecordDiff[]): (RecordDiff | null)[] {
  const same = ranks.find(
    (part) => part.kind === 'updated' && first?.kind === 'updated' && part.id === first.id,
  )
  if (first?.kind !== 'updated' || same?.kind !== 'updated') return [first, ...ranks]
  return [{ ...first, fields: { ...first.fields, ...same.fields } }, ...ranks.filter((part) => part !== same)]
}

/**
 * Lays a project onto an area, and into a stage of it or none, beside another project there or behind all of them. Onto
 * another area it begins in the first stage where none is said.
 */
export const layProject: Command<{
  id: Id<'project'>
  areaId: Id<'area'> | null
  stageId: Id<'stage'> | null
  besideId: Id<'project'> | null
}> = (context, { id, areaId, stageId, besideId }) => {
  const { document } = context
  const project = recordIn(document, id)
  if (!project || (areaId && !recordIn(document, areaId))) return refuse({ kind: 'notFound' })
  if (stageId && recordIn(document, stageId)?.areaId !== areaId) return refuse({ kind: 'notFound' })
  const isElsewhere = areaId !== project.areaId
  const into = stageId ?? (isElsewhere ? (stagesOfArea(document, areaId)[0]?.id ?? null) : null)
  const there = recordsIn(document, 'project').filter(
    (other) => other.areaId === areaId && other.stageId === into && isHeld(other.state),
  )
  return diffOf(
    ...asOne(updateOf(project, { areaId, stageId: into }), rankedBeside(project, there, besideId)),
    ...(into === project.stageId ? [] : enteredStage(context, { id, stageId: into })),
  )
}

/** Lays an area beside another, into the group of that one or one that is named; or a group beside another. */
export const layShelf: Command<{
  id: Id<'area'> | Id<'group'>
  groupId?: Id<'group'> | null
  besideId: Id<'area'> | Id<'group'> | null
}> = (context, { id, groupId, besideId }) => {
  const { document } = context
  if (isIdOf('group', id)) {
    const group = recordIn(document, id)
    return group
      ? diffOf(...rankedBeside(group, recordsIn(document, 'group'), besideId))
      : refuse({ kind: 'notFound' })
  }
  const area = recordIn(document, id)
  const into = groupId === undefined ? (area?.groupId ?? null) : groupId
  if (!area || (into && !recordIn(document, into))) return refuse({ kind: 'notFound' })
  const neighbours = recordsIn(document, 'area').filter((other) => other.groupId === into)
  return diffOf(...asOne(updateOf(area, { groupId: into }), rankedBeside(area, neighbours, besideId)))
}
