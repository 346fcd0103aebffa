import type { GoalMoves } from '@/core/goal'
import { movesWords } from './goals'

const of = (moves: Partial<GoalMoves>) =>
  movesWords({ minutes: 0, done: 0, finished: [], still: [], ...moves })
const some = (count: number) => Array.from({ length: count }) as never

it.each<[Partial<GoalMoves>, string]>([
  [{}, 'nothing done for it in 4 weeks'],
  [{ still: some(1) }, 'nothing done for it in 4 weeks; 1 project is standing still'],
  [{ done: 1 }, '1 action in 4 weeks'],
  [
    { done: 2, minutes: 80, finished: some(1), still: some(2) },
    '1 h 20 in 2 actions, 1 project finished in 4 weeks; 2 projects are standing still',
  ],
  [{ finished: some(2) }, '2 projects finished in 4 weeks'],
])('%j is told as “%s”', (moves, words) => {
  expect(of(moves).words).toBe(words)
  expect(of(moves).isMoving).toBe((moves.done ?? 0) > 0 || (moves.finished?.length ?? 0) > 0)
})
