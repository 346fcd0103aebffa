// What is learned from the demo's history: the last fifth of its decisions is held out and guessed from the rest.
import { learnedFrom } from '../scripts/bench/learned'

it('puts the right shelf among the first three, and the right context first, better than the usual and the latest', () => {
  const { shelf, context } = learnedFrom()
  expect(shelf.held).toBeGreaterThan(80)
  expect(context.held).toBeGreaterThan(80)
  expect(shelf.right).toBeGreaterThanOrEqual(0.7)
  expect(context.right).toBeGreaterThanOrEqual(0.75)
  for (const { right, mostFrequent, lastUsed } of [shelf, context]) {
    expect(right).toBeGreaterThan(mostFrequent)
    expect(right).toBeGreaterThan(lastUsed)
  }
})
