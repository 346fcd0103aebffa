// Laying by hand in Shelves: projects beside one another, onto other areas and into stages; areas and groups in their
// order.
import { recordIn, recordsIn, updateOf, type RecordDiff } from '@/core/journal'
import { ranksKeeping } from '@/core/record/ranksKeeping'
import { byRank, isIdOf, type AnyRecord, type Id } from '@/core/record'
import { refuse } from '@/core/result'
import { firstStageOf, isHeld, ownerOfStage, stageOwnerOf } from '../../read/selectors'
import { partRefused } from '../action/after'
import { diffOf, type Command } from '../command'
import { placed } from '../tray/placing'

interface Ranked {
  readonly id: Id
  readonly rank: string
}

/**
 * The ranks to write so that one stands where `besideId` stood among its new neighbours, coming from before it behind
 * it, from behind or from elsewhere before it; at their end where that is null.
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
 * Lays a project onto an area, and into a stage of it or none, beside another project there or behind all of them;
 * or, in the same way, among the parts of a project. Elsewhere it begins in the first stage where none is said.
 */
export const layProject: Command<{
  id: Id<'project'>
  areaId: Id<'area'> | null
  parentId?: Id<'project'> | null
  stageId: Id<'stage'> | null
  besideId: Id<'project'> | null
}> = (context, { id, areaId, parentId = null, stageId, besideId }) => {
  const { document } = context
  const project = recordIn(document, id)
  const whole = parentId ? recordIn(document, parentId) : undefined
  if (!project || (areaId && !recordIn(document, areaId)) || (parentId && !whole))
    return refuse({ kind: 'notFound' })
  const place = { areaId: whole ? whole.areaId : areaId, parentId }
  const stage = stageId ? recordIn(document, stageId) : undefined
  if (stageId && (!stage || ownerOfStage(stage) !== stageOwnerOf(place))) return refuse({ kind: 'notFound' })
  const refused = partRefused(document, project, parentId)
  if (refused) return refuse(refused)
  const isElsewhere = stageOwnerOf(place) !== stageOwnerOf(project)
  const into = stageId ?? (isElsewhere ? firstStageOf(document, stageOwnerOf(place)) : null)
  const there = recordsIn(document, 'project').filter(
    (other) => isHeld(other.state) && stageOwnerOf(other) === stageOwnerOf(place) && other.stageId === into,
  )
  const written = placed(context, project, { ...place, stageId: into })
  const own = written.find((part) => part.kind === 'updated' && part.id === id) ?? null
  return diffOf(
    ...asOne(own, rankedBeside(project, there, besideId)),
    ...written.filter((part) => part !== own),
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
