import fc from 'fast-check'
import { anyLens, lensToday, trickyLensNames } from '../testing/lenses'
import { lensSentence, sayLens, withCondition, emptyLens, type SayingNames } from '.'

const ids: Readonly<Record<string, string>> = {
  'context:desk': 'Desk',
  'context:phone': 'Phone',
  'project:hall': 'Fenwick Hall echo report',
  'area:rooms': 'Client rooms',
  'group:home': 'Home',
  'person:oda': 'Oda Berg',
  'person:per': 'Per',
}
const find = (test: (name: string) => boolean) => (kind: string) =>
  Object.keys(ids).filter((id) => id.startsWith(`${kind}:`) && test((ids[id] as string).toLowerCase()))
const names: SayingNames = {
  nameOf: (id) => ids[id] ?? null,
  idsCalled: (kind, name) => find((each) => each === name.toLowerCase())(kind),
  idsBeginning: (kind, words) => find((each) => each.startsWith(`${words.toLowerCase()} `))(kind),
}
const saying = { names, today: lensToday, weekStartsOn: 0 }

it.each<[said: string, sentence: string]>([
  ['short phone calls due this week', 'Actions at Phone, up to 15 min, due this week.'],
  ['at the desk or phone, up to 30 min, not waiting', 'Actions at Desk or Phone, up to 30 min, not waiting.'],
  ['phone or desk under 20 minutes', 'Actions at Phone or Desk, up to 20 min.'],
  [
    'deep work for fenwick hall, at least an hour',
    'Actions deep, 1 h or more, for Fenwick Hall echo report.',
  ],
  ['everything with oda by friday', 'Actions with Oda Berg, due up to 13 Mar 2026.'],
  ['all in client rooms without minutes, by due', 'Actions without minutes, in Client rooms; sorted by due.'],
  ['must, by area, then by due', 'Actions must; grouped by area; sorted by due.'],
  [
    'ready, gathered by person, then date, sorted by minutes longest first',
    'Actions ready; grouped by person, then date; sorted by minutes longest first.',
  ],
  [
    'first what is overdue, first due today, then the rest',
    'Actions; first what is overdue, then what is due today, then the rest.',
  ],
  ['things not looked at for a month', 'Actions untouched for 30 days.'],
  ['done in the last 2 weeks', 'Actions done within 14 days.'],
  ['due in the next 10 days not at desk', 'Actions not at Desk, due within 10 days.'],
  ['not with nobody', 'Actions with somebody.'],
  ['with somebody, up to 20 min', 'Actions up to 20 min, with somebody.'],
  ['home, tomorrow', 'Actions in group Home, dated tomorrow.'],
  ['no due date, moved twice', 'Actions without a due date, moved 2 times or more.'],
  ['waiting for oda', 'Actions with Oda Berg, waiting.'],
  ['calls due this week', 'Actions at Phone, due this week.'],
  ['overdue or due this week', 'Actions any of (overdue, due this week).'],
  ['due by today', 'Actions any of (overdue, due today).'],
  ['short, overdue or due today or waiting', 'Actions up to 15 min, any of (overdue, due today, waiting).'],
])('“%s”', (said, sentence) => {
  const read = sayLens(said, saying)
  expect([lensSentence(read.lens, names), read.unread]).toEqual([sentence, []])
})
it('gives back what it does not understand, and keeps the rest', () => {
  const read = sayLens('short zebra calls at the moon', saying)
  expect([lensSentence(read.lens, names), read.unread]).toEqual([
    'Actions at Phone, up to 15 min.',
    ['zebra', 'at', 'moon'],
  ])
})
it.each(['done yesterday', 'yesterday', 'due yesterday', 'done this week', 'done last month'])(
  'refuses “%s”: it is not widened, and not fixed to a date',
  (said) => {
    const read = sayLens(`must ${said}`, saying)
    expect([lensSentence(read.lens, names), read.unread]).toEqual(['Actions must.', said.split(' ')])
  },
)
it('says that it did not read calls where there is no Phone', () => {
  const without = { ...saying, names: { ...names, idsCalled: () => [] } }
  expect(sayLens('short calls', without).unread).toEqual(['calls'])
})
it('says more of a lens: of the same thing the later stands, the rest stays', () => {
  const before = sayLens('phone, up to 30 min, by due', saying).lens
  expect(lensSentence(sayLens('up to 10 min, at desk, must', saying, before).lens, names)).toBe(
    'Actions must, at Desk, up to 10 min; sorted by due.',
  )
  const not = { kind: 'state', state: 'waiting', not: true } as const
  expect(withCondition(withCondition(emptyLens, not), { ...not, not: false }).conditions).toEqual([
    { ...not, not: false },
  ])
})
it('reads the sentence of any lens as that lens', () => {
  const tricky = { ...saying, names: { ...trickyLensNames, idsBeginning: () => [] } }
  fc.assert(
    fc.property(anyLens, (lens) => {
      expect(sayLens(lensSentence(lens, tricky.names), tricky)).toEqual({ lens, unread: [] })
    }),
    { seed: 31, numRuns: 200 },
  )
})
it('never throws and loses no word, whatever is typed', () => {
  const word = fc.constantFrom(
    'by',
    'then',
    'first',
    'due',
    '(',
    '“',
    ')',
    'or',
    'not',
    '30',
    'phone',
    'x',
    ';',
    ',',
    'within',
  )
  fc.assert(
    fc.property(fc.array(word, { maxLength: 14 }), (words) => {
      const { unread } = sayLens(words.join(' '), saying)
      for (const each of words) if (each === 'x') expect(unread.join(' ')).toContain('x')
    }),
    { seed: 32, numRuns: 500 },
  )
})
