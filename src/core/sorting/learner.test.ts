import fc from 'fast-check'
import { makeTimestamp, type Change } from '../journal'
import { plainAction } from '../testing/plainAction'
import { decisionsIn, facets, learnJournal, makeLearner, type Decision } from './learning'

const decision = (title: string, shelf: string, context: string): Decision => ({
  title,
  decided: { shelf: [shelf], context: [context] },
})
const past = [
  ...Array.from({ length: 20 }, () => decision('Answer the post', 'area:office', 'context:desk')),
  decision('Ring the tile maker about absorber samples', 'project:hall', 'context:phone'),
  decision('Order the absorbers for the hall', 'project:hall', 'context:phone'),
]
const learnt = (decisions: readonly Decision[]) => {
  const learner = makeLearner()
  decisions.forEach(learner.learn)
  return learner
}

it('puts what shares telling words before what is only usual, and says which words', () => {
  const learner = learnt(past)
  expect(learner.likely('chase the absorber samples', 'shelf', 3)).toEqual([
    { value: 'project:hall', because: ['samples', 'absorber'], times: 2 },
    { value: 'area:office', because: [], times: 20 },
  ])
  expect(learner.likely('chase the absorber', 'context', 1)).toMatchObject([{ value: 'context:phone' }])
})
it('gives a word as the reason from a quarter of the times on that it was said', () => {
  const said = (times: number, shelf: string) =>
    Array.from({ length: times }, () => decision('samples', shelf, 'context:desk'))
  const reasons = (own: number, others: number) =>
    learnt([...said(own, 'project:hall'), ...said(others, 'area:office')])
      .likely('samples', 'shelf', 2)
      .find(({ value }) => value === 'project:hall')?.because
  expect([reasons(1, 3), reasons(1, 4)]).toEqual([['samples'], []])
})
it('falls back on the usual without a reason, and on nothing where nothing was decided', () => {
  expect(learnt(past).likely('water the fern', 'shelf', 2)).toMatchObject([
    { value: 'area:office', because: [] },
    { value: 'project:hall', because: [] },
  ])
  expect(learnt(past).likely('water the fern', 'person', 3)).toEqual([])
  expect(learnt([]).likely('anything', 'shelf', 3)).toEqual([])
})

const some = fc.record({
  title: fc
    .array(fc.constantFrom('ring', 'felt', 'hall', 'the', 'arch', 'é', '🎈'), { maxLength: 5 })
    .map((words) => words.join(' ')),
  decided: fc.record({
    shelf: fc.array(fc.constantFrom('a', 'b', 'c'), { maxLength: 1 }),
    context: fc.array(fc.constantFrom('d', 'e'), { maxLength: 2 }),
  }),
})

/** Everything counted, as plain lists that can be compared. */
const told = (value: unknown): unknown =>
  value instanceof Map
    ? [...value]
        .map(([key, inside]) => [key, told(inside)])
        .sort(([a], [b]) => (String(a) < String(b) ? -1 : 1))
    : value
const countsIn = (learner: ReturnType<typeof makeLearner>) =>
  JSON.stringify(facets.map((facet) => Object.values(learner.state().facets[facet]).map(told)))

it('forgets a decision without a trace, and does not care in which order it learned', () => {
  fc.assert(
    fc.property(fc.array(some, { maxLength: 12 }), some, (decisions, more) => {
      const learner = learnt(decisions)
      const before = countsIn(learner)
      learner.learn(more)
      learner.forget(more)
      expect(countsIn(learner)).toBe(before)
      const other = learnt([...decisions].reverse())
      for (const facet of facets)
        expect(other.likely('ring the hall', facet, 5)).toEqual(learner.likely('ring the hall', facet, 5))
      decisions.forEach(learner.forget)
      expect(countsIn(learner)).toBe(countsIn(makeLearner()))
    }),
    { seed: 51, numRuns: 200 },
  )
})
it('suggests only what was decided, each once', () => {
  fc.assert(
    fc.property(fc.array(some, { maxLength: 12 }), fc.string(), (decisions, title) => {
      const values = learnt(decisions)
        .likely(title, 'shelf', 5)
        .map(({ value }) => value)
      const decided = new Set(decisions.flatMap((each) => each.decided.shelf))
      expect(new Set(values)).toEqual(decided)
      expect(values).toHaveLength(decided.size)
    }),
    { seed: 52, numRuns: 200 },
  )
})

describe('the journal', () => {
  const change = (ms: number, act: string, more: Partial<Change> = {}): Change => ({
    stamp: makeTimestamp(ms, 0, 'aaaa'),
    act,
    diff: [
      {
        kind: 'added',
        record: { ...plainAction, id: `action:${ms}`, title: 'ring the mill', areaId: 'area:office' },
      },
    ],
    ...more,
  })
  it('teaches what was sorted and added; an undo takes it back, a redo makes it again', () => {
    const sorted = change(1, 'sortAsSomeday')
    const undone = change(2, 'undo', { diff: [], reverts: { kind: 'undo', stamp: sorted.stamp } })
    const redone = change(3, 'redo', { diff: [], reverts: { kind: 'redo', stamp: sorted.stamp } })
    const compartmentAfter = (...changes: Change[]) => {
      const learner = makeLearner()
      learnJournal(learner, changes)
      return learner.likely('ring', 'compartment', 3).map(({ value }) => value)
    }
    expect(compartmentAfter(sorted)).toEqual(['someday'])
    expect(compartmentAfter(sorted, undone)).toEqual([])
    expect(compartmentAfter(sorted, undone, redone)).toEqual(['someday'])
  })
  it('learns nothing from what a file brought', () => {
    expect(decisionsIn(change(1, 'bringIn', { brought: true }))).toEqual([])
  })
})

it('learns nothing from what templates hold and what is made from them: nobody decides on that', () => {
  const record = { ...plainAction, id: 'action:a' as const, projectId: 'project:p' as const }
  const by = (act: string) =>
    decisionsIn({ stamp: 's' as never, act, diff: [{ kind: 'added', record }] }).length
  const acts = ['addAction', 'saveAsTemplate', 'addToTemplate', 'useTemplate', 'importTemplate']
  expect(acts.map(by)).toEqual([1, 0, 0, 0, 0])
})
