// Figures of core and state, in Node: printed as JSON rows for scripts/bench.mjs.
import { GB as chrono } from 'chrono-node/en'
import { dayBandsOf } from '../../src/core/day'
import { emptyDocument, entryOf, makeTimestamp, withMerged } from '../../src/core/journal'
import { makeRandom } from '../../src/core/random'
import { rankOfNumber, weights, type Action, type Id } from '../../src/core/record'
import { makeNameIndex, type Name } from '../../src/core/sentence'
import { parseSentence } from '../../src/core/sentence/reader'
import { plainAction } from '../../src/core/testing/plainAction'
import { stays, understood } from '../../src/core/testing/sentences'
import { comingBackFigures } from './comingBack'
import { hoursFigures } from './hours'
import { lensFigures } from './lens'
import { noteLineFigures } from './noteLines'
import { learnedFrom, suggestionMs } from './learned'
import { addDays, calendarDateUnsafe } from '../../src/core/time'
import { makeArchive, makeMemoryStore, type KeyValueStore } from '../../src/state/persistence'
import { makeTestStore } from '../../src/state/testing'

const today = calendarDateUnsafe('2026-03-11')
const random = makeRandom(1)
const rows: string[][] = []

function actionsOf(count: number): Action[] {
  return Array.from({ length: count }, (_, index) => ({
    ...plainAction,
    id: `action:${index}` as Id<'action'>,
    title: `Action number ${index}`,
    minutes: 5 + (index % 60),
    weight: weights[index % 3] as Action['weight'],
    rank: rankOfNumber(index),
    createdAtEpochMs: index,
    contextIds: [`context:${index % 8}` as Id<'context'>],
    horizon: random() < 0.5 ? ('someday' as const) : ('soon' as const),
    day: random() < 0.0005 ? today : null,
    due: random() < 0.1 ? { date: addDays(today, Math.floor(random() * 300) - 2), time: null } : null,
    doneAtEpochMs: random() < 0.8 ? 1 : null,
  }))
}

const median = (values: number[]): number =>
  [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)] as number
const timesOf = (runs: number, work: () => unknown): number[] =>
  Array.from({ length: runs }, () => {
    const before = performance.now()
    work()
    return performance.now() - before
  })

// Day bands against one hand-written pass that fills the same five lists, and sorts them by weight alone.
{
  const actions = actionsOf(100_000)
  const reach = { contextIds: ['context:1' as const, 'context:2' as const], minutes: 30 }
  const byHand = () => {
    const bands: Action[][] = [[], [], [], [], [], []]
    for (const action of actions) {
      if (action.doneAtEpochMs !== null || action.letGoAtEpochMs !== null || action.waiting !== null) continue
      const due = action.due?.date
      const at = action.at?.date
      if (
        (action.day !== null && action.day < today) ||
        (due !== undefined && due < today) ||
        (at !== undefined && at < today)
      )
        bands[0]?.push(action)
      else if (due === today || at === today) bands[1]?.push(action)
      else if (action.startedAtEpochMs !== null) bands[2]?.push(action)
      else if (action.day === today) bands[3]?.push(action)
      else if (
        action.horizon === 'week' &&
        (action.notBefore === null || action.notBefore <= today) &&
        !(action.day !== null && action.day > today)
      )
        bands[4]?.push(action)
      else if (
        (action.notBefore === null || action.notBefore <= today) &&
        action.horizon !== 'someday' &&
        !(action.day !== null && action.day > today) &&
        (action.minutes ?? 0) <= reach.minutes &&
        action.contextIds.some((id) => reach.contextIds.includes(id as never))
      )
        bands[5]?.push(action)
    }
    const order = { must: 0, should: 1, could: 2 }
    bands.forEach((band) =>
      band.sort((a, b) => order[a.weight] - order[b.weight] || (a.rank < b.rank ? -1 : 1)),
    )
    return bands
  }
  const ours = () => dayBandsOf(actions, today, reach)
  timesOf(10, byHand)
  timesOf(10, ours)
  // Turn by turn, so that what else the machine does meets both.
  const turns = Array.from({ length: 41 }, () => [timesOf(1, byHand), timesOf(1, ours)].flat())
  const [hand, bands] = [0, 1].map((which) => median(turns.map((turn) => turn[which] as number))) as [
    number,
    number,
  ]
  rows.push([
    'Day bands over 100,000 actions, against one hand-written pass',
    `${(bands / hand).toFixed(2)} times (${bands.toFixed(1)} ms against ${hand.toFixed(1)} ms)`,
    'at most 3 times',
  ])
}

rows.push(...lensFigures(actionsOf(100_000), timesOf), ...hoursFigures(timesOf))

// A sentence with 500 known names, beside the date library alone on the same text.
{
  const names: Name[] = Array.from({ length: 500 }, (_, index) => ({
    id: `${['context', 'project', 'area', 'person'][index % 4] as 'context'}:${index}`,
    name: `${['Phone', 'Fenwick Hall', 'Office', 'Oda'][index % 4]} number ${index} of the list`,
  }))
  const index = makeNameIndex(names)
  const said = [...understood.map(([text]) => text), ...stays.map(([text]) => text)]
  const read = () => said.forEach((text) => parseSentence(text, { today, names: index }))
  const dates = () =>
    said.forEach((text) => chrono.parse(text, { instant: new Date('2026-03-11T12:00:00Z'), timezone: 0 }))
  timesOf(60, read)
  timesOf(60, dates)
  rows.push([
    `a sentence of the table of ${said.length}, 500 known names, median`,
    `${(median(timesOf(200, read)) / said.length).toFixed(3)} ms (the date library alone on the same sentences: ${(median(timesOf(200, dates)) / said.length).toFixed(3)} ms)`,
    'under 1 ms',
  ])
}

// The slowest of them, and of random sentences of 300 characters.
{
  const names = makeNameIndex(
    Array.from({ length: 500 }, (_, index): Name => ({ id: `context:${index}`, name: `Place ${index}` })),
  )
  const table = [...understood.map(([text]) => text), ...stays.map(([text]) => text)]
  const words = table.join(' ').split(' ')
  const longSentence = () => {
    let text = ''
    while (text.length < 300) text += `${words[Math.floor(random() * words.length)]} `
    return text.slice(0, 300)
  }
  const timeOf = (text: string) => median(timesOf(3, () => parseSentence(text, { today, names })))
  table.forEach(timeOf)
  const inOrder = (values: number[]) => values.sort((a, b) => a - b)
  const ofTable = inOrder(table.map(timeOf))
  const ofLong = inOrder(Array.from({ length: 2000 }, () => timeOf(longSentence())))
  const share = (values: number[], part: number) =>
    (values[Math.floor(values.length * part)] as number).toFixed(2)
  rows.push([
    'the same, 99th percentile; and of 2,000 random sentences of 300 characters',
    `${share(ofTable, 0.99)} ms; ${share(ofLong, 0.99)} ms (the slowest ${(ofLong.at(-1) as number).toFixed(2)} ms)`,
    'under 5 ms',
  ])
}

// Suggestions from earlier decisions.
{
  const { shelf, context } = learnedFrom()
  const percent = (value: number) => `${Math.round(value * 100)} %`
  const told = ({ right, mostFrequent, lastUsed, held }: typeof shelf) =>
    `${percent(right)} of ${held} (most frequent ${percent(mostFrequent)}, last used ${percent(lastUsed)})`
  rows.push(
    ['the right shelf among the first three, the demo’s last fifth held out', told(shelf), 'at least 70 %'],
    ['the right context first, the same', told(context), 'at least 75 %'],
    ['suggestions for a slip after 10,000 decisions', `${suggestionMs(10_000).toFixed(2)} ms`, 'under 10 ms'],
  )
}

// One repeated mark, ten thousand characters of it, with 500 known names: the slowest of the marks.
{
  const names = makeNameIndex(
    Array.from({ length: 500 }, (_, index): Name => ({ id: `context:${index}`, name: `Place ${index}` })),
  )
  const slowest = [',', ';', ':', '.', '-', '(', '"', ' ', 'a', '9']
    .map(
      (mark) =>
        [mark, median(timesOf(9, () => parseSentence(mark.repeat(10_000), { today, names })))] as const,
    )
    .sort((a, b) => b[1] - a[1])[0]
  rows.push([
    '10,000 characters of one repeated mark',
    `${slowest?.[1].toFixed(1)} ms (the slowest, “${slowest?.[0]}”)`,
    'under 20 ms',
  ])
}

// One edit in a large store against one in a small: what is written, folding included over 1,000 edits.
async function writtenBy(count: number): Promise<{ bytes: number; keys: number; foldedBytes: number }> {
  const memory = makeMemoryStore()
  let bytes = 0
  let keys = 0
  const counting: KeyValueStore = {
    ...memory,
    setMany: (values) => {
      for (const [key, text] of Object.entries(values)) {
        keys++
        bytes += key.length + text.length
      }
      return memory.setMany(values)
    },
  }
  const archive = makeArchive(counting)
  const stamp = makeTimestamp(1000, 0, 'bench')
  const document = withMerged(
    emptyDocument,
    actionsOf(count).map((record) =>
      entryOf({ kind: 'added', record: { ...record, doneAtEpochMs: null } }, stamp),
    ),
  )
  await archive.absorb(
    [...document.action.buckets].flatMap((bucket) => [...(bucket?.values() ?? [])]),
    [],
    { stamp, act: 'bringIn', brought: true, diff: [] },
  )
  const store = makeTestStore(counting)
  await store.load()
  bytes = keys = 0
  store.run('editAction', { id: 'action:7', patch: { minutes: 99 } })
  await store.settled()
  const once = { bytes, keys }
  bytes = 0
  for (let edit = 0; edit < 1000; edit++) {
    store.run('editAction', { id: `action:${edit % count}`, patch: { minutes: 1 + ((edit * 7) % 90) } })
    if (edit % 50 === 49) {
      await store.settled()
      await archive.compact()
    }
  }
  await store.settled()
  return { ...once, foldedBytes: bytes / 1000 }
}
const small = await writtenBy(100)
const large = await writtenBy(100_000)
rows.push([
  'one edit at 100,000 actions against one at 100: bytes and keys written',
  `${(large.bytes / small.bytes).toFixed(2)} times the bytes (${large.bytes} against ${small.bytes}), ${large.keys} key against ${small.keys}`,
  'at most twice',
])
rows.push([
  'the same with folding, over 1,000 edits',
  `${(large.foldedBytes / small.foldedBytes).toFixed(2)} times the bytes (${Math.round(large.foldedBytes)} against ${Math.round(small.foldedBytes)} an edit)`,
  'no goal set',
])

rows.push(comingBackFigures(), ...noteLineFigures())

process.stdout.write(JSON.stringify(rows))
