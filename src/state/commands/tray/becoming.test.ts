// Law: every word of a slip lives on, whatever it becomes: in a field, or word for word in a text of what was made.
import fc from 'fast-check'
import { recordIn, recordsById, recordsIn } from '@/core/journal'
import type { Clause, Draft } from '@/core/sentence'
import { asSaidOn, draftOf, parseSentence } from '@/core/sentence/reader'
import { makeSearchIndex } from '@/core/search'
import { compartments, type Compartment } from '@/core/sorting'
import { becoming } from '@/core/sorting/becoming'
import { toRuleText } from '@/core/repeat'
import type { AnyRecord, Id } from '@/core/record'
import { calendarDateUnsafe } from '@/core/time'
import { makeTestStore, runnerOf, type TestStore } from '../../testing'
import { namesOf } from '../../read/selectors'
import { owned } from '../..'

const today = calendarDateUnsafe('2026-03-11')

async function furnished() {
  const store = makeTestStore()
  await store.load()
  const run = runnerOf(store)
  run('addContext', { name: 'Phone' })
  run('addContext', { name: 'Desk' })
  const area = run('addArea', { name: 'Office', groupId: null }) as Id<'area'>
  run('addProject', { title: 'Fenwick Hall echo report', areaId: area })
  const oda = run('addPerson', { name: 'Oda' }) as Id<'person'>
  return { store, run, oda }
}

const subjects = [
  'paint the sash',
  'ring Oda about glue',
  'Bakery counter',
  'waiting for Oda’s quote',
  'felt',
]
const said = [
  'by friday',
  'by friday 17:00',
  'tomorrow',
  'at 14:30 tomorrow',
  'tomorrow 9-11am',
  'not before 1 april',
  'this week',
  'today',
  'someday',
  '20 min',
  'deep',
  'must',
  'phone',
  'at the desk',
  'for Fenwick Hall echo report',
  'for the office',
  'Oda',
  'every friday',
  'every month on the 3rd, 4 times',
  'remind me the day before',
  'remind me tomorrow at 9',
  'since monday',
  'chase next thursday',
  'https://example.org/felt',
  'much payoff',
  'only me',
]
const lists = ['', ': measure up, draw, price, book fitting', ': hall 7044, stairs 9010']

const sentence = fc
  .tuple(fc.constantFrom(...subjects), fc.constantFrom(...lists), fc.subarray(said, { maxLength: 5 }))
  .map(([subject, list, clauses]) => [subject + list, ...clauses].join(', '))

/** Sorts a slip as the station does. */
function sorted(store: TestStore, slipId: Id<'slip'>, compartment: Compartment, listAs: 'actions' | 'steps') {
  const slip = recordIn(store.api.getState().document, slipId)
  if (!slip) throw new Error('no slip')
  const { document } = store.api.getState()
  const read = parseSentence(slip.text, { today, names: namesOf(document), takenOff: slip.takenOff })
  const { fields: draft, left } = becoming(compartment, slip.text, read, draftOf(read, today), today)
  const fields: Draft = asSaidOn(draft, today)
  const run = runnerOf(store)
  const decided = { slipId, left }
  switch (compartment) {
    case 'action':
      run('sortAsAction', { ...decided, fields })
      break
    case 'twoMinutes':
      run('sortAsDone', { ...decided, fields })
      break
    case 'handOver': {
      const nobody = {
        personId: null,
        whom: 'the mill',
        since: today,
        chaseOn: null,
        how: '',
        toSignOff: false,
      }
      run('sortAsHandedOver', { ...decided, fields: { ...fields, waiting: fields.waiting ?? nobody } })
      break
    }
    case 'notBefore':
      run('sortAsNotBefore', { ...decided, fields: { ...fields, notBefore: fields.notBefore ?? today } })
      break
    case 'someday':
      run('sortAsSomeday', { ...decided, fields })
      break
    case 'letGo':
      run('sortAsLetGo', { ...decided, fields })
      break
    case 'project': {
      const { title, due, areaId } = fields
      const personIds = [...fields.personIds]
      run('sortAsProject', {
        ...decided,
        project: { title, due: due?.date ?? null, areaId, personIds },
        steps: listAs === 'steps' ? fields.steps : [],
        actions: listAs === 'actions' ? fields.steps.map((step) => ({ title: step })) : [],
      })
      break
    }
    case 'reference':
      run('sortAsReference', { ...decided, ...fields })
      break
    case 'reading':
      run('sortAsReading', { ...decided, ...fields })
  }
  return read
}

/** What a record must say, in JSON, where a field holds what a clause means. */
function inJson(clause: Clause): string[] {
  switch (clause.kind) {
    case 'due':
      return clause.time
        ? [`"due":{"date":"${clause.date}","time":"${clause.time}"}`]
        : [`"due":{"date":"${clause.date}","time":null}`, `"due":"${clause.date}"`]
    case 'at':
      return [`"at":{"date":"${clause.date ?? today}","time":"${clause.time}"}`]
    case 'day':
      return ['day', 'notBefore', 'startsOn', 'date'].map((field) => `"${field}":"${clause.date}"`)
    case 'notBefore':
      return [`"notBefore":"${clause.date}"`]
    case 'horizon':
      return [`"horizon":"${clause.horizon}"`, ...(clause.horizon === 'today' ? [`"day":"${today}"`] : [])]
    case 'minutes':
      return [`"minutes":${clause.minutes}`]
    case 'weight':
      return [`"weight":"${clause.weight}"`]
    case 'energy':
      return [`"energy":"${clause.energy}"`]
    case 'payoff':
    case 'craft':
      return [`"${clause.kind}":"${clause.level}"`]
    case 'context':
    case 'project':
    case 'area':
    case 'person':
      return [`"${clause.name.id}"`]
    case 'since':
      return [`"since":"${clause.date}"`]
    case 'chase':
      return [`"chaseOn":"${clause.date}"`]
    case 'repeat':
      return [toRuleText(clause.rule)]
    case 'times':
      return [`COUNT=${clause.times}`]
    case 'reminder':
      return [JSON.stringify(clause.when)]
    default:
      return []
  }
}

const squeezed = (text: string) => text.toLowerCase().replace(/[\s,;:.]+/g, ' ')

/** What was made by the last act, and what belongs to it. */
function madeOf(before: ReadonlyMap<string, AnyRecord>, store: TestStore): AnyRecord[] {
  const after = recordsById(store.api.getState().document)
  return [...after.values()].filter((record) => before.get(record.id) !== record)
}

const cases = fc.record({
  text: sentence,
  compartment: fc.constantFrom(...compartments),
  listAs: fc.constantFrom('actions', 'steps'),
  note: fc.constantFrom('', 'in the blue folder'),
  steps: fc.constantFrom<readonly string[]>([], ['look in the shed']),
  isFrom: fc.boolean(),
  isBoxed: fc.boolean(),
})

it('keeps every word of a slip, and all that came with it, in every compartment', async () => {
  const { store, run, oda } = await furnished()
  fc.assert(
    fc.property(cases, ({ text, compartment, listAs, note, steps, isFrom, isBoxed }) => {
      const slipId = run('setDown', { text, note, steps, personIds: isFrom ? [oda] : [] }) as Id<'slip'>
      if (isBoxed) run('layAside', { ids: [slipId] })
      const before = recordsById(store.api.getState().document)
      const { clauses } = sorted(store, slipId, compartment, listAs as 'actions')
      const made = madeOf(before, store)
      const json = JSON.stringify(made)
      const texts = squeezed(
        made
          .flatMap((record) =>
            ['title', 'note', 'text', 'link', 'outcome'].map((field) =>
              String((record as never)[field] ?? ''),
            ),
          )
          .join(' '),
      )
      // Each clause: in a field, or word for word in a text.
      for (const clause of clauses) {
        const words = squeezed(text.slice(clause.start, clause.end))
        const isInField = inJson(clause).some((piece) => json.includes(piece))
        if (!isInField && clause.kind !== 'steps') expect(texts).toContain(words)
        if (clause.kind === 'steps') for (const step of clause.steps) expect(texts).toContain(squeezed(step))
      }
      // Each word outside the clauses.
      const inClause = (at: number) => clauses.some(({ start, end }) => start <= at && at < end)
      for (const { 0: word, index } of text.matchAll(/[\p{L}\p{N}]+/gu))
        if (!inClause(index) && !/^and$/.test(word)) expect(texts).toContain(word.toLowerCase())
      // What came with it.
      if (note) expect(texts).toContain(note)
      for (const step of steps) expect(texts).toContain(step)
      const hasPerson = json.includes(`"${oda}"`) || texts.includes('oda')
      if (isFrom) expect(hasPerson).toBe(true)
      if (isBoxed) expect(made.map(({ id }) => id.split(':')[0])).toContain('aside')
      expect(recordIn(store.api.getState().document, slipId)).toBeUndefined()
      store.undo()
      expect(recordsById(store.api.getState().document)).toEqual(before)
    }),
    { numRuns: 600, seed: 21 },
  )
})

it('finds what was made by any word that went into its note', async () => {
  const { store, run } = await furnished()
  const slipId = run('setDown', {
    text: 'paint codes: hall 7044, stairs 9010, by friday, for Fenwick Hall echo report',
  }) as Id<'slip'>
  sorted(store, slipId, 'reference', 'actions')
  const index = await makeSearchIndex(recordsById(store.api.getState().document).values())
  for (const words of ['7044', 'stairs', 'paint codes', 'friday'])
    expect(index.find(words, 3).map(({ kind }) => kind)).toContain('reference')
})

it('brings the next one of what repeats and was done in two minutes', async () => {
  const { store, run } = await furnished()
  const slipId = run('setDown', { text: 'water the ferns every friday' }) as Id<'slip'>
  sorted(store, slipId, 'twoMinutes', 'actions')
  const actions = [...recordsById(store.api.getState().document).values()].filter(({ id }) =>
    id.startsWith('action:'),
  ) as { doneAtEpochMs: number | null; day: string | null }[]
  expect(actions.map(({ doneAtEpochMs, day }) => [doneAtEpochMs !== null, day])).toEqual([
    [true, '2026-03-13'],
    [false, '2026-03-20'],
  ])
})

it('makes actions of a list in the order it was written, or steps', async () => {
  const { store, run } = await furnished()
  const text = 'Bakery counter: measure up, draw, price, book fitting'
  const first = run('setDown', { text }) as Id<'slip'>
  sorted(store, first, 'project', 'actions')
  const titles = () =>
    [...recordsById(store.api.getState().document).values()]
      .filter((record) => record.id.startsWith('action:'))
      .sort((a, b) => ((a as { rank: string }).rank < (b as { rank: string }).rank ? -1 : 1))
      .map((record) => (record as { title: string }).title)
  expect(titles()).toEqual(['measure up', 'draw', 'price', 'book fitting'])
  store.undo()
  sorted(store, first, 'project', 'steps')
  expect(titles()).toEqual([])
  const { document } = store.api.getState()
  const id = `project:${first.slice('slip:'.length)}` as const
  expect(owned.stepsOf(document, id).map(({ title }) => title)).toEqual([
    'measure up',
    'draw',
    'price',
    'book fitting',
  ])
})

describe('an action right from the line', () => {
  it('is one act, keeps what was typed in its history, and goes again with one undo', async () => {
    const { store, run } = await furnished()
    const before = recordsById(store.api.getState().document)
    const text = 'fold the leaflets today, 10 min'
    const { document } = store.api.getState()
    const read = parseSentence(text, { today, names: namesOf(document) })
    const { fields, left } = becoming('action', text, read, draftOf(read, today), today)
    run('addAsAction', { slip: { text, steps: ['count them'] }, fields, left })
    const [action] = recordsIn(store.api.getState().document, 'action')
    expect(action).toMatchObject({ title: 'fold the leaflets', day: today, minutes: 10 })
    expect(owned.stepsOf(store.api.getState().document, action?.id as Id<'action'>)).toMatchObject([
      { title: 'count them' },
    ])
    expect(recordsIn(store.api.getState().document, 'slip')).toEqual([])
    // Its history tells what was typed: the slip it came from is in the same act.
    const [change] = await store.historyOf([action?.slipId ?? '', action?.id ?? ''])
    const written = change?.diff.find((part) => part.kind === 'added' && part.record.id === action?.slipId)
    expect(written).toMatchObject({ record: { text } })
    store.undo()
    expect(recordsById(store.api.getState().document)).toEqual(before)
    store.redo()
    expect(recordsIn(store.api.getState().document, 'action')).toMatchObject([{ title: 'fold the leaflets' }])
    expect(recordsIn(store.api.getState().document, 'slip')).toEqual([])
  })
  it('makes the person it waits for, where a name was said that is not there', async () => {
    const { store, run } = await furnished()
    const slipId = run('setDown', { text: 'waiting for Anna’s quote since monday' }) as Id<'slip'>
    sorted(store, slipId, 'action', 'actions')
    const { document } = store.api.getState()
    const anna = recordsIn(document, 'person').find(({ name }) => name === 'Anna')
    expect(recordsIn(document, 'action')).toMatchObject([
      { waiting: { personId: anna?.id, since: '2026-03-09' }, personIds: [anna?.id] },
    ])
    store.undo()
    expect(recordsIn(store.api.getState().document, 'person').map(({ name }) => name)).toEqual(['Oda'])
  })
})
