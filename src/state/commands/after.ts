// Holding an action back until another is done.
import { isOpen } from '@/core/action'
import { recordIn, type Document } from '@/core/journal'
import type { Action, Id } from '@/core/record'
import { ok, refuse, type Result } from '@/core/result'
import type { PartsSaid } from '@/core/sentence'
import { change, type Command, type CommandContext, type Refusal } from './command'

/** The way from one action to another through what each is held back by; null where there is none. */
function wayTo(document: Document, from: Id<'action'>, to: Id<'action'>): Id<'action'>[] | null {
  const cameFrom = new Map<Id<'action'>, Id<'action'> | null>([[from, null]])
  const waiting = [from]
  for (let next = waiting.shift(); next; next = waiting.shift()) {
    if (next === to) {
      const way: Id<'action'>[] = []
      for (let at: Id<'action'> | null = next; at; at = cameFrom.get(at) ?? null) way.unshift(at)
      return way
    }
    for (const before of recordIn(document, next)?.afterIds ?? [])
      if (!cameFrom.has(before)) {
        cameFrom.set(before, next)
        waiting.push(before)
      }
  }
  return null
}

/** Holds an action back until another is done. Refused where that one waits for it in turn, with the way named. */
export const holdBack: Command<{ id: Id<'action'>; afterId: Id<'action'> }> = (context, { id, afterId }) => {
  const before = recordIn(context.document, afterId)
  if (!before || !isOpen(before)) return refuse({ kind: 'notFound' })
  const way = wayTo(context.document, afterId, id)
  if (way)
    return refuse({
      kind: 'ring',
      way: [id, ...way].map((each) => recordIn(context.document, each)?.title ?? ''),
    })
  return change(context, id, ({ afterIds }) => ({ afterIds: [...new Set([...afterIds, afterId])] }))
}

/** After which others it is held back when these are said too, or why it cannot be. */
export function heldBackAfter(
  context: CommandContext,
  action: Action,
  { after = [], noAfter }: PartsSaid,
): Result<Partial<Pick<Action, 'afterIds'>>, Refusal> {
  if (noAfter) return ok({ afterIds: [] })
  for (const afterId of after) {
    const held = holdBack(context, { id: action.id, afterId })
    if (!held.ok && held.error.kind !== 'nothingToDo') return held
  }
  return ok(after.length > 0 ? { afterIds: [...new Set([...action.afterIds, ...after])] } : {})
}

export const holdBackNoMore: Command<{ id: Id<'action'>; afterId: Id<'action'> }> = (
  context,
  { id, afterId },
) => change(context, id, ({ afterIds }) => ({ afterIds: afterIds.filter((each) => each !== afterId) }))
