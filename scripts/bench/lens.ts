// A lens of five conditions and three sorts over 100,000 actions: first asked, and after each edit; beside one
// hand-written pass, and beside the same question asked of two general query engines.
import Loki from 'lokijs'
import { Query } from 'mingo'
import {
  emptyDocument,
  entryOf,
  makeTimestamp,
  valuesOf,
  withChange,
  withMerged,
  type Document,
} from '../../src/core/journal'
import { emptyLens, type Lens } from '../../src/core/lens'
import { weights, type Action, type Id } from '../../src/core/record'
import { addDays, calendarDateUnsafe } from '../../src/core/time'
import { lensListOf, lensListOnce } from '../../src/state/read/lenses'

const today = calendarDateUnsafe('2026-03-11')
const day = { today, zone: 'Europe/London' }
const energies = ['deep', 'plain', 'light', null] as const

const lens: Lens = {
  ...emptyLens,
  conditions: [
    { kind: 'choice', field: 'context', values: ['context:1', 'context:2'], not: false },
    { kind: 'minutes', from: null, to: 40 },
    { kind: 'choice', field: 'energy', values: ['light', 'plain'], not: false },
    { kind: 'state', state: 'waiting', not: true },
    { kind: 'date', field: 'due', span: { kind: 'next', days: 90 }, not: false },
  ],
  sorts: [
    { by: 'due', down: false },
    { by: 'weight', down: false },
    { by: 'minutes', down: true },
  ],
}

function varied(actions: readonly Action[]): Action[] {
  return actions.map((action, index) => ({
    ...action,
    energy: energies[index % 4] ?? null,
    minutes: 5 + ((index * 7) % 60),
    due: { date: addDays(today, (index * 13) % 300), time: null },
    doneAtEpochMs: index % 3 === 0 ? 1 : null,
  }))
}

const isHit = (
  { contextIds, minutes, energy, waiting, due, doneAtEpochMs, letGoAtEpochMs }: Action,
  last: string,
) =>
  doneAtEpochMs === null &&
  letGoAtEpochMs === null &&
  (contextIds.includes('context:1') || contextIds.includes('context:2')) &&
  minutes !== null &&
  minutes <= 40 &&
  (energy === 'light' || energy === 'plain') &&
  waiting === null &&
  due !== null &&
  due.date >= today &&
  due.date <= last

const bySorts = (a: Action, b: Action): number => {
  const [first, second] = [a.due?.date ?? '', b.due?.date ?? '']
  if (first !== second) return first < second ? -1 : 1
  return (
    weights.indexOf(a.weight) - weights.indexOf(b.weight) ||
    (b.minutes ?? 0) - (a.minutes ?? 0) ||
    (a.rank < b.rank ? -1 : 1)
  )
}

export function lensFigures(
  given: readonly Action[],
  timesOf: (runs: number, work: () => unknown) => number[],
): string[][] {
  const actions = varied(given)
  const stamp = makeTimestamp(1, 0, 'bench')
  let document: Document = withMerged(
    emptyDocument,
    actions.map((record) => entryOf({ kind: 'added', record }, stamp)),
  )
  const last = addDays(today, 89)
  const sorted = (values: number[]) => [...values].sort((a, b) => a - b)
  const at = (values: number[], share: number) => sorted(values)[Math.floor(values.length * share)] as number

  const byHand = () => {
    const hits: Action[] = []
    for (const entry of valuesOf(document.action)) {
      const action = entry.record as Action
      if (isHit(action, last)) hits.push(action)
    }
    return hits.sort(bySorts)
  }
  const ours = () => lensListOnce(document, lens, day)
  const hits = byHand()
  const same = ours().bands.flatMap(({ groups }) =>
    groups.flatMap((group) => group.actions.map(({ id }) => id)),
  )
  if (same.join() !== hits.map(({ id }) => id).join()) throw new Error('The lens and the hand do not agree.')

  // Each engine has what it needs: plain records, and for the second a table of them with its index.
  const query = new Query({
    doneAtEpochMs: null,
    letGoAtEpochMs: null,
    contextIds: { $in: ['context:1', 'context:2'] },
    minutes: { $ne: null, $lte: 40 },
    energy: { $in: ['light', 'plain'] },
    waiting: null,
    'due.date': { $gte: today, $lte: last },
  })
  const order = { 'due.date': 1, weightAt: 1, minutes: -1, rank: 1 } as const
  const told = actions.map((action) => ({ ...action, weightAt: weights.indexOf(action.weight) }))
  const byMingo = () => query.find(told).sort(order).all()
  const table = new Loki('bench').addCollection('actions', { indices: ['minutes'] })
  table.insert(told)
  const byLoki = () =>
    table
      .chain()
      .find({
        doneAtEpochMs: null,
        letGoAtEpochMs: null,
        contextIds: { $containsAny: ['context:1', 'context:2'] },
        minutes: { $lte: 40 },
        energy: { $in: ['light', 'plain'] },
        waiting: null,
        'due.date': { $between: [today, last] },
      })
      .compoundsort([['due.date', false], 'weightAt', ['minutes', true], 'rank'])
      .data()
  for (const [name, found] of [
    ['mingo', byMingo().length],
    ['lokijs', byLoki().length],
  ] as const)
    if (found !== hits.length) throw new Error(`${name} finds ${found} of ${hits.length}.`)

  for (const work of [byHand, ours, byMingo, byLoki]) timesOf(3, work)
  const [hand, lensMs, mingo, loki] = [byHand, ours, byMingo, byLoki].map((work) =>
    at(timesOf(15, work), 0.5),
  ) as [number, number, number, number]

  lensListOf(document, lens, day)
  const edits = Array.from({ length: 400 }, (_, index) => {
    const id = `action:${(index * 251) % actions.length}` as Id<'action'>
    const fields = index % 2 ? { weight: ['should', 'must'] } : { minutes: [30, 5 + (index % 50)] }
    document = withChange(document, {
      stamp: makeTimestamp(1000 + index, 0, 'bench'),
      act: 'editAction',
      diff: [{ kind: 'updated', id, fields } as never],
    })
    const before = performance.now()
    lensListOf(document, lens, day)
    return performance.now() - before
  })
  const share = ((hits.length / actions.length) * 100).toFixed(1)
  return [
    [
      `a lens of five conditions and three sorts over 100,000 actions, ${share} % hits, first asked of the indexes that stand, against one hand-written pass`,
      `${(lensMs / hand).toFixed(2)} times (${lensMs.toFixed(1)} ms against ${hand.toFixed(1)} ms)`,
      'at most 2 times',
    ],
    [
      'the same question asked of two general query engines (mingo, lokijs)',
      `${(mingo / lensMs).toFixed(1)} and ${(loki / lensMs).toFixed(1)} times as long (${mingo.toFixed(0)} ms, ${loki.toFixed(0)} ms)`,
      'at least 3 times',
    ],
    [
      'the same lens after one edit, median; 99th percentile',
      `${at(edits, 0.5).toFixed(2)} ms; ${at(edits, 0.99).toFixed(2)} ms`,
      'under 1 ms; 4 ms',
    ],
  ]
}
