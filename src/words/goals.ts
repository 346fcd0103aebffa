// How a goal moves, in words.
import { weeksBack, type GoalMoves } from '@/core/goal'
import { count } from './counts'
import { duration } from './dates'

/** "6 h 20 in 9 actions, 1 project finished; 2 stand still": the last weeks of a goal. */
export function movesWords({ minutes, done, finished, still }: GoalMoves): {
  readonly words: string
  readonly isMoving: boolean
} {
  const isMoving = done > 0 || finished.length > 0
  const moved = [
    done > 0 ? `${minutes > 0 ? `${duration(minutes)} in ` : ''}${count(done, 'action')}` : null,
    finished.length > 0 ? `${count(finished.length, 'project')} finished` : null,
  ].filter(Boolean)
  const told = isMoving
    ? `${moved.join(', ')} in ${weeksBack} weeks`
    : `nothing done for it in ${weeksBack} weeks`
  const standing =
    still.length > 0
      ? `; ${count(still.length, 'project')} ${still.length === 1 ? 'is' : 'are'} standing still`
      : ''
  return { words: `${told}${standing}`, isMoving }
}
