// Goals: what is wanted in some years. Areas and projects point at them; how one stands is said in its remarks.
import { recordsIn } from '@/core/journal'
import { blankOf, type Goal, type GoalReach, type GoalState, type Id } from '@/core/record'
import { added, change, changeLine, diffOf, lineOf, rankAfter, type Command } from '../command'

export const addGoal: Command<{ title: string; reach: GoalReach }> = (context, { title, reach }) => {
  const line = lineOf(title, 'title')
  if (!line.ok) return line
  return diffOf(
    added({
      ...blankOf('goal'),
      id: context.newId('goal'),
      title: line.value,
      reach,
      rank: rankAfter(recordsIn(context.document, 'goal')),
      createdAtEpochMs: context.nowEpochMs,
    }),
  )
}

export const editGoal: Command<{
  id: Id<'goal'>
  patch: Partial<Pick<Goal, 'title' | 'note' | 'reach' | 'everyWeeks'>>
}> = (context, { id, patch }) => changeLine(context, id, patch)

/** Reaches a goal, lets it go, or opens it again. What pointed at it still does, and tells so. */
export const setGoalState: Command<{ id: Id<'goal'>; state: GoalState }> = (context, { id, state }) =>
  change(context, id, () => ({ state, closedAtEpochMs: state === 'open' ? null : context.nowEpochMs }))

/** Points a project or an area at a goal, or at it no more. */
export const pointAt: Command<{
  id: Id<'project'> | Id<'area'>
  goalId: Id<'goal'>
  points: boolean
}> = (context, { id, goalId, points }) =>
  change(context, id as Id<'project'>, ({ goalIds }) => ({
    goalIds: points ? [...new Set([...goalIds, goalId])] : goalIds.filter((each) => each !== goalId),
  }))
