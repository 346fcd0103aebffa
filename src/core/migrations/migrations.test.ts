import fc from 'fast-check'
import type { Change, Entry } from '../journal'
import { registry } from '../record/kinds'
import { count, flag, kind, line, nullable, since, title, type Kind } from '../record/kinds/field'
import { currentVersion, migrateChange, migrateEntry } from '.'
import { fieldsOfVersion } from './addedFields'
import { lastFieldIn } from './currentVersion'

// Here the migrations that are written by hand; fields that came later are told from the registry (at the end).
jest.mock('./currentVersion', () => ({
  ...jest.requireActual<typeof import('./currentVersion')>('./currentVersion'),
  currentVersion: 12,
}))

const entry = (record: object, more: object = {}) => ({ record, all: 's', ...more }) as unknown as Entry
const updated = (id: string, fields: object) =>
  ({ stamp: 's', act: 'a', diff: [{ kind: 'updated', id, fields }] }) as unknown as Change

it('turns counts, aims, ranks and free minutes of version 1 into what is kept since, with their stamps', () => {
  expect(
    migrateEntry(
      entry(
        { id: 'action:a', moves: 2, rank: 7, contextIds: ['b', 'a'] },
        { own: { moves: 't', rank: 'u' } },
      ),
      1,
    ),
  ).toEqual(
    entry(
      {
        id: 'action:a',
        moved: ['v1~1', 'v1~2'],
        rank: 'h00000007',
        contextIds: ['a', 'b'],
        payoff: null,
        craft: null,
        occurrence: null,
        overrides: {},
        afterIds: [],
        timerFromEpochMs: null,
        takenMinutes: null,
        lineOf: null,
      },
      { own: { moved: 't', rank: 'u' } },
    ),
  )
  expect(migrateEntry(entry({ id: 'review:r', aims: ['one'] }, { own: { aims: 't' } }), 1)).toEqual(
    entry({ id: 'review:r', firstAim: 'one', secondAim: '' }, { own: { firstAim: 't', secondAim: 't' } }),
  )
  expect(
    migrateChange(
      updated('settings:main', {
        freeMinutes: [
          [1, 2],
          [1, 3],
        ],
      }),
      1,
    ),
  ).toEqual(
    updated('settings:main', {
      availableMinutes: [
        { 0: 1, 1: 2 },
        { 0: 1, 1: 3 },
      ],
    }),
  )
  expect(migrateChange(updated('action:a', { moves: [0, 1], day: [null, 'd'] }), 1)).toEqual(
    updated('action:a', { moved: [[], ['v1~1']], day: [null, 'd'] }),
  )
})
const newInAction = {
  occurrence: null,
  overrides: {},
  afterIds: [],
  timerFromEpochMs: null,
  takenMinutes: null,
  lineOf: null,
}

describe('from version 2', () => {
  const waiting = { personId: null, whom: 'Oda' }
  const told = { ...waiting, how: '', toSignOff: false }

  it('gives slips and actions the fields they lacked, and what is waited for how it was told', () => {
    expect(migrateEntry(entry({ id: 'slip:s', text: 'a' }), 2)).toEqual(
      entry({ id: 'slip:s', text: 'a', note: '', personIds: [], letGoAtEpochMs: null, lineOf: null }),
    )
    expect(migrateEntry(entry({ id: 'action:a', waiting }), 2)).toEqual(
      entry({
        id: 'action:a',
        waiting: told,
        payoff: null,
        craft: null,
        ...newInAction,
      }),
    )
    expect(migrateChange(updated('action:a', { waiting: [null, waiting] }), 2)).toEqual(
      updated('action:a', { waiting: [null, told] }),
    )
  })
  it('writes no field that an edit which came before its record did not write', () => {
    const early = { record: { id: 'action:a', waiting }, all: '', own: { waiting: 't' } } as unknown as Entry
    expect(migrateEntry(early, 2).record).toEqual({ id: 'action:a', waiting: told })
  })
  it.each(['added', 'removed', 'restored'] as const)('reaches into a record that was %s', (kind) => {
    const change = (record: object, more: object = {}) =>
      ({ stamp: 's', act: 'a', diff: [{ kind, record }], ...more }) as unknown as Change
    const whole = { id: 'slip:s', note: '', personIds: [], letGoAtEpochMs: null, lineOf: null }
    expect(migrateChange(change({ id: 'slip:s' }), 2)).toEqual(change(whole))
    const brought = { brought: true }
    expect(migrateChange(change({ id: 'slip:s' }, brought), 2)).toEqual(
      change(kind === 'added' ? { id: 'slip:s' } : whole, brought),
    )
  })
})

it('gives what version 3 knew of coming back the fields of version 4', () => {
  expect(migrateEntry(entry({ id: 'action:a' }), 3)).toEqual(entry({ id: 'action:a', ...newInAction }))
  expect(migrateEntry(entry({ id: 'repeat:a', rule: 'r' }), 3)).toEqual(
    entry({ id: 'repeat:a', rule: 'r', skips: [], watched: false }),
  )
  expect(migrateEntry(entry({ id: 'reminder:a' }), 3)).toEqual(
    entry({ id: 'reminder:a', answered: null, snoozedTo: null }),
  )
  const handed = (more: object) => updated('action:a', { waiting: [null, { whom: 'Oda', how: '', ...more }] })
  expect(migrateChange(handed({}), 3)).toEqual(handed({ toSignOff: false }))
  const moved = updated('action:a', { day: [null, 'd'], odd: 'no pair' })
  expect(migrateChange(moved, 3)).toEqual(moved)
})
it('gives projects and areas of version 6 what points and holds back', () => {
  expect(migrateEntry(entry({ id: 'project:p', title: 'P' }), 6).record).toMatchObject({
    title: 'P',
    inOrder: false,
    afterIds: [],
    personIds: [],
    goalIds: [],
  })
  expect(migrateEntry(entry({ id: 'area:a' }), 6).record).toMatchObject({ goalIds: [] })
})
it('gives shelves of version 7 their seals, and projects what stages and rest need', () => {
  const project = {
    letters: '',
    ink: 0,
    soThat: '',
    notUntil: null,
    stageId: null,
    ending: null,
    endReason: '',
    makes: null,
    parentId: null,
    begins: null,
  }
  expect(migrateEntry(entry({ id: 'project:p', title: 'P' }), 7)).toEqual(
    entry({ id: 'project:p', title: 'P', ...project }),
  )
  expect(migrateEntry(entry({ id: 'area:a', stamp: 'Of' }), 7)).toEqual(
    entry({ id: 'area:a', letters: 'Of', lookedOn: null, everyWeeks: null }),
  )
  expect(migrateEntry(entry({ id: 'group:g' }), 7)).toEqual(entry({ id: 'group:g', letters: '', ink: 0 }))
  const context = { parentId: null, hours: null, retiredAtEpochMs: null }
  expect(migrateEntry(entry({ id: 'context:c' }), 7)).toEqual(entry({ id: 'context:c', ...context }))
})
it('lets the stages of version 8 be those of an area, and its projects parts of none', () => {
  const stage = { id: 'stage:s', areaId: 'area:a', name: 'call' }
  expect(migrateEntry(entry(stage), 8)).toEqual(entry({ ...stage, projectId: null }))
  expect(migrateEntry(entry({ id: 'project:p' }), 8)).toEqual(
    entry({ id: 'project:p', parentId: null, begins: null }),
  )
})
describe('from version 10', () => {
  const blocked = (state: string) => ({
    kind: 'many',
    joined: 'any',
    of: [{ kind: 'state', state, not: false }],
  })
  const of10 = {
    conditions: {
      heldBack: { kind: 'state', state: 'heldBack', not: true },
      'heldBack~2': blocked('heldBack'),
    },
    bands: { b: { name: 'B', where: blocked('heldBack'), rank: 'a0' } },
  }
  const of11 = {
    conditions: { blocked: { kind: 'state', state: 'blocked', not: true }, 'blocked~2': blocked('blocked') },
    bands: { b: { name: 'B', where: blocked('blocked'), rank: 'a0' } },
  }

  it.each<[id: string, id11: string, record: object, own: object, record11: object, own11: object]>([
    [
      'action:a',
      'action:a',
      { address: 'l', clockFromEpochMs: 5, alone: { address: 'm' } },
      { address: 't', clockFromEpochMs: 'u' },
      { link: 'l', timerFromEpochMs: 5, overrides: { link: 'm' } },
      { link: 't', timerFromEpochMs: 'u' },
    ],
    ['reference:r', 'reference:r', { address: 'l' }, { address: 't' }, { link: 'l' }, { link: 't' }],
    ['reading:r', 'reading:r', { address: null }, {}, { link: null }, {}],
    [
      'settings:main',
      'settings:main',
      { freeMinutes: { 3: 90 } },
      { 'freeMinutes/3': 't' },
      { availableMinutes: { 3: 90 } },
      { 'availableMinutes/3': 't' },
    ],
    ['plan:day-1', 'plan:day-1', { freeMinutes: 90 }, {}, { availableMinutes: 90 }, {}],
    ['project:p', 'project:p', { state: 'pattern' }, {}, { state: 'template' }, {}],
    ['spell:s', 'timeEntry:s', { minutes: 5 }, { minutes: 't' }, { minutes: 5 }, { minutes: 't' }],
    [
      'lens:l',
      'lens:l',
      of10,
      { 'conditions/heldBack~2': 't', 'limits/context:heldBack': 'u' },
      of11,
      { 'conditions/blocked~2': 't', 'limits/context:heldBack': 'u' },
    ],
  ])('%s has the fields of today, each with its own stamp, in records and in changes', (...row) => {
    const [id, id11, record, own, record11, own11] = row
    expect(migrateEntry(entry({ id, ...record }, { own }), 10)).toEqual(
      entry({ id: id11, ...record11 }, { own: own11 }),
    )
    const pairs = (fields: object) =>
      Object.fromEntries(Object.entries(fields).map(([name, value]) => [name, [value, value]]))
    expect(migrateChange(updated(id, pairs(record)), 10)).toEqual(updated(id11, pairs(record11)))
    for (const kind of ['added', 'removed', 'restored'])
      expect(migrateChange({ diff: [{ kind, record: { id, ...record } }] } as never, 10)).toEqual({
        diff: [{ kind, record: { id: id11, ...record11 } }],
      })
  })
  it('says acts as they are said today, and leaves those it does not know', () => {
    const acts = ['stop', 'runClock', 'holdBack', 'usePattern', 'tick', 'constructor']
    expect(acts.map((act) => migrateChange({ act, diff: [] } as never, 10).act)).toEqual([
      'pause',
      'startTimer',
      'blockAction',
      'useTemplate',
      'tick',
      'constructor',
    ])
  })
})
it('gives the letters of a seal their name of version 12, in records, in what was written when, and in changes', () => {
  const area = {
    record: { id: 'area:a', stamp: 'Of', name: 'Office' },
    all: 's1',
    own: { stamp: 's2', name: 's3' },
  }
  expect(migrateEntry(area as unknown as Entry, 11)).toEqual({
    record: { id: 'area:a', letters: 'Of', name: 'Office' },
    all: 's1',
    own: { letters: 's2', name: 's3' },
  })
  const diff = [
    { kind: 'updated', id: 'lens:l', fields: { stamp: ['A', 'B'] } },
    { kind: 'updated', id: 'dream:d', fields: { stamp: ['A', 'B'] } },
    { kind: 'removed', record: { id: 'project:p', stamp: 'Mh' } },
  ]
  expect(migrateChange({ stamp: 's', act: 'editLens', diff } as unknown as Change, 11)).toEqual({
    stamp: 's',
    act: 'editLens',
    diff: [
      { kind: 'updated', id: 'lens:l', fields: { letters: ['A', 'B'] } },
      { kind: 'updated', id: 'dream:d', fields: { stamp: ['A', 'B'] } },
      { kind: 'removed', record: { id: 'project:p', letters: 'Mh' } },
    ],
  })
})
it('leaves a kind it does not know, and what is of this version, as it is', () => {
  const dream = entry({ id: 'dream:1', moves: 3, aims: ['fly'] })
  expect(migrateEntry(dream, 1)).toEqual(dream)
  const action = entry({ id: 'action:a', moves: 2 })
  expect(migrateEntry(action, currentVersion)).toBe(action)
})
it('is the same done twice, and never throws, whatever it is given', () => {
  fc.assert(
    fc.property(
      fc.anything(),
      fc.constantFrom('action:a', 'review:r', 'settings:main', 'slip:s', 'lens:l', 'spell:s'),
      (value, id) => {
        for (const field of [
          'moves',
          'rank',
          'aims',
          'freeMinutes',
          'takenOff',
          'keys',
          'alone',
          'conditions',
          'bands',
        ]) {
          const once = migrateEntry(entry({ id, [field]: value }), 1)
          expect(migrateEntry(once, 1)).toEqual(once)
          migrateChange(updated(id, { [field]: value }), 1)
          migrateChange(updated(id, { [field]: [value, value] }), 1)
        }
        migrateEntry(value as Entry, 1)
        migrateChange(value as Change, 1)
      },
    ),
    { seed: 3, numRuns: 300 },
  )
})

describe('fields that came with a version', () => {
  const lamp = kind({
    name: title(),
    place: since(12, line()),
    watts: since(13, nullable(count())),
    lit: since(12, flag),
  })
  const kinds = { lamp, plain: kind({ name: title() }) }

  it('are known by the registry alone, with what stands in them where they were not there', () => {
    expect(lastFieldIn(kinds)).toBe(13)
    expect(lastFieldIn({ plain: kinds.plain })).toBe(0)
    expect([12, 13, 14].map((version) => fieldsOfVersion(version, kinds))).toEqual([
      { lamp: { place: '', lit: false } },
      { lamp: { watts: null } },
      {},
    ])
  })
  it('are counted by the version that is written now', () => {
    const now = jest.requireActual<typeof import('./currentVersion')>('./currentVersion').currentVersion
    expect(now).toBe(Math.max(12, lastFieldIn(registry)))
    for (const { fields } of Object.values<Kind>(registry))
      for (const field of Object.values(fields))
        expect(field.since === undefined || field.since > 12).toBe(true)
  })
})
