// Random lenses, names and actions for properties.
import fc from 'fast-check'
import { energies, keptHorizons, levels, weights, type Action } from '../record'
import { addDays, calendarDateUnsafe, type CalendarDate } from '../time'
import {
  askable,
  choiceFields,
  countFields,
  dateFields,
  donePlaces,
  groupFields,
  joins,
  lensStates,
  sortFields,
  type Condition,
  type DateSpan,
  type Lens,
} from '../lens/lens'
import { inSentenceOrder } from '../lens/sentenceOrder'
import type { LensAround } from '../lens/matchers'
import { namedFields, type LensNames } from '../lens/vocabulary'
import { plainAction } from './plainAction'

export const lensToday = calendarDateUnsafe('2026-03-11')
const day = (away: number): CalendarDate => addDays(lensToday, away)
const dayMs = 86_400_000
export const lensNowEpochMs = Date.UTC(2026, 2, 11, 9)

/** Names that could be taken for something else stand beside plain ones. */
export const trickyNames = [
  'Desk',
  'On site',
  'Desk or Phone',
  'no context',
  'a, b; c',
  'pleasure',
  'group Home',
  '“x”',
  'desk',
  'this week',
  'Oda (the other)',
  'somebody',
  'a context',
]

export const trickyLensNames: LensNames = {
  nameOf: (id) => trickyNames[Number(id.split(':')[1])] ?? null,
  idsCalled: (kind, name) =>
    trickyNames.flatMap((each, index) =>
      each.toLowerCase() === name.toLowerCase() ? [`${kind}:${index}`] : [],
    ),
}

const anyDay = fc.integer({ min: -40, max: 40 }).map(day)
const span: fc.Arbitrary<DateSpan> = fc.oneof(
  fc
    .constantFrom('none', 'any', 'past', 'today', 'tomorrow', 'week', 'nextWeek')
    .map((kind) => ({ kind }) as DateSpan),
  fc.integer({ min: 1, max: 400 }).map((days): DateSpan => ({ kind: 'next', days })),
  anyDay.map((from): DateSpan => ({ kind: 'between', from, to: null })),
  anyDay.map((to): DateSpan => ({ kind: 'between', from: null, to })),
  fc.tuple(anyDay, anyDay).map(([from, to]): DateSpan => ({ kind: 'between', from, to })),
)
const subset = (values: readonly string[]) =>
  fc.uniqueArray(fc.constantFrom(...values), { minLength: 1, maxLength: 4 })
const minutes = fc.integer({ min: 1, max: 2000 })

const choice: fc.Arbitrary<Condition> = fc.boolean().chain((not) =>
  fc.oneof(
    ...namedFields.map((field) =>
      subset(['', ...trickyNames.map((_, index) => `${field}:${index}`), `${field}:gone`]).map(
        (values): Condition => ({ kind: 'choice', field, values, not }),
      ),
    ),
    ...choiceFields.flatMap((field) => {
      const { values } = askable[field]
      return values
        ? subset(values).map((chosen): Condition => ({ kind: 'choice', field, values: chosen, not }))
        : []
    }),
  ),
)

const leaf: fc.Arbitrary<Condition> = fc.oneof(
  { weight: 3, arbitrary: choice },
  fc.oneof(
    minutes.map((to): Condition => ({ kind: 'minutes', from: null, to })),
    minutes.map((from): Condition => ({ kind: 'minutes', from, to: null })),
    fc.tuple(minutes, minutes).map(([from, to]): Condition => ({ kind: 'minutes', from, to })),
    fc.constant<Condition>({ kind: 'minutes', from: null, to: null }),
  ),
  fc.tuple(fc.constantFrom(...dateFields), span, fc.boolean()).map(([field, within, not]): Condition => ({
    kind: 'date',
    field,
    span: within,
    not: not && within.kind !== 'none' && within.kind !== 'any',
  })),
  fc
    .tuple(fc.constantFrom(...lensStates), fc.boolean())
    .map(([state, not]): Condition => ({ kind: 'state', state, not })),
  fc
    .tuple(fc.constantFrom(...countFields), fc.integer({ min: 0, max: 99 }), fc.boolean())
    .map(([field, number, atMost]): Condition => ({
      kind: 'count',
      field,
      number,
      atMost: atMost || field === 'doneWithin',
    })),
  fc
    .tuple(fc.string({ minLength: 1, maxLength: 12 }), fc.boolean())
    .map(([text, not]): Condition => ({ kind: 'text', text, not })),
  fc
    .constantFrom('tile', 'a”, b', 'x; y (z', '\\”')
    .map((text): Condition => ({ kind: 'text', text, not: false })),
)

export const { condition: anyCondition } = fc.letrec<{ condition: Condition }>((tie) => ({
  condition: fc.oneof(
    { maxDepth: 3, depthSize: 'small' },
    { weight: 5, arbitrary: leaf },
    {
      weight: 1,
      arbitrary: fc
        .tuple(fc.constantFrom(...joins), fc.array(tie('condition'), { minLength: 1, maxLength: 3 }))
        .map(([joined, of]): Condition => ({ kind: 'many', joined, of: inSentenceOrder(of) })),
    },
  ),
}))

export const anyLens: fc.Arbitrary<Lens> = fc.record({
  conditions: fc.array(anyCondition, { maxLength: 5 }).map(inSentenceOrder),
  bands: fc.uniqueArray(
    fc.record({ name: fc.constantFrom('', 'Urgent', 'as “it” is, then'), where: anyCondition }),
    { maxLength: 3, selector: ({ where }) => JSON.stringify(where) },
  ),
  groups: fc.uniqueArray(fc.constantFrom(...groupFields), { maxLength: 2 }),
  sorts: fc.uniqueArray(fc.record({ by: fc.constantFrom(...sortFields), down: fc.boolean() }), {
    maxLength: 3,
    selector: ({ by }) => by,
  }),
  done: fc.constantFrom(...donePlaces),
})

const near = fc.option(fc.integer({ min: -9, max: 9 }).map(day), { nil: null })
const when = near.map((date) => date && { date, time: null })
const idsOf = (kind: 'context' | 'person') =>
  fc.uniqueArray(
    fc.integer({ min: 0, max: 3 }).map((number) => `${kind}:${number}` as const),
    { maxLength: 2 },
  )

/** What differs between random actions. */
export const anyActionFields: fc.Arbitrary<Partial<Action>> = fc.record({
  title: fc.constantFrom('ring the tile maker', 'draft', 'Draft', 'oil the door'),
  note: fc.constantFrom('', 'about tile'),
  contextIds: idsOf('context') as fc.Arbitrary<Action['contextIds']>,
  personIds: idsOf('person') as fc.Arbitrary<Action['personIds']>,
  projectId: fc.constantFrom(null, null, 'project:0', 'project:1') as fc.Arbitrary<Action['projectId']>,
  horizon: fc.constantFrom(...keptHorizons),
  weight: fc.constantFrom(...weights),
  energy: fc.constantFrom(null, ...energies),
  payoff: fc.constantFrom(null, ...levels),
  craft: fc.constantFrom(null, ...levels),
  minutes: fc.constantFrom(null, 5, 15, 30, 60, 400),
  due: when,
  at: when,
  day: near,
  notBefore: near,
  moved: fc.constantFrom([], ['a'], ['a', 'b', 'c']),
  afterIds: fc.constantFrom<Action['afterIds']>([], [], ['action:b']),
  startedAtEpochMs: fc.constantFrom(null, 1),
  createdAtEpochMs: fc.integer({ min: 0, max: 60 }).map((days) => lensNowEpochMs - days * dayMs),
  doneAtEpochMs: fc.constantFrom(null, null, lensNowEpochMs - dayMs, lensNowEpochMs - 20 * dayMs),
  rank: fc.constantFrom('a0', 'a1', 'a2'),
  waiting: fc.constantFrom(null, null, null, {
    personId: 'person:1' as const,
    whom: '',
    since: day(-3),
    chaseOn: day(0),
    how: '',
    toSignOff: true,
  }),
})

export const someActions = (maxLength: number): fc.Arbitrary<Action[]> =>
  fc
    .array(anyActionFields, { maxLength })
    .map((patches) =>
      patches.map((patch, index) => ({ ...plainAction, ...patch, id: `action:${index}` }) as Action),
    )

/** Every action of the first project is of the first area, whose group is at work; the second project rests. */
export const plainAround: LensAround = {
  today: lensToday,
  weekStartsOn: 0,
  startOf: (date) => Date.parse(`${date}T00:00:00Z`),
  shelfOf: ({ projectId }) =>
    projectId === null
      ? { areaId: null, groupId: null, side: null, isResting: false, place: 99 }
      : {
          areaId: 'area:0',
          groupId: 'group:0',
          side: 'work',
          isResting: projectId === 'project:1',
          place: projectId === 'project:0' ? 0 : 1,
        },
  placeOf: (id) => Number(id.split(':')[1] ?? 99),
  hasSteps: (id) => id.endsWith('2'),
  hasFiles: (id) => id.endsWith('3'),
  repeats: (id) => id.endsWith('4'),
  touchedAt: ({ createdAtEpochMs }) => createdAtEpochMs,
}
