// Forty questions as people ask them, on Wednesday 11 March 2026, weeks from Monday.
import { calendarDateUnsafe } from '../time'
import type { PastQuestion } from './question'
import { readQuestion } from './readQuestion'

const calendar = { today: calendarDateUnsafe('2026-03-11'), weekStartsOn: 0 }
type Expected = Partial<Omit<PastQuestion, 'span'>> & { readonly span?: string | null }

const cases: readonly (readonly [question: string, expected: Expected])[] = [
  ['When did I last ring the tile maker?', { kind: 'lastTime', about: 'ring the tile maker', named: null }],
  ['when did i last measure in the chapel', { kind: 'lastTime', about: 'measure in the chapel' }],
  [
    'When was the last time I invoiced the town baths?',
    { kind: 'lastTime', about: 'invoiced the town baths' },
  ],
  ['when did I calibrate the meters last?', { kind: 'lastTime', about: 'calibrate the meters' }],
  ['Last time I cleaned the gutters', { kind: 'lastTime', about: 'cleaned the gutters' }],
  ['How long did the last tender take?', { kind: 'howLong', about: 'tender' }],
  ['how long did the echo report take me', { kind: 'howLong', about: 'echo report' }],
  ['How long does the VAT return take?', { kind: 'howLong', about: 'vat return' }],
  ['how long did I need for the last hall survey', { kind: 'howLong', about: 'hall survey' }],
  ['What did I do for Oda in May?', { kind: 'done', named: 'oda', span: '2025-05-01 2025-05-31' }],
  ['what did I do last week', { kind: 'done', named: null, span: '2026-03-02 2026-03-08' }],
  ['What did I do yesterday?', { kind: 'done', span: '2026-03-10 2026-03-10' }],
  ['what have I done this month', { kind: 'done', span: '2026-03-01 2026-03-31' }],
  ['What did I finish in 2025?', { kind: 'done', span: '2025-01-01 2025-12-31' }],
  ['what did I do on Monday', { kind: 'done', span: '2026-03-09 2026-03-09' }],
  [
    'What did I do for Mill school since January?',
    { kind: 'done', named: 'mill school', span: '2026-01-01 2026-03-11' },
  ],
  [
    'what did I do with Per in the last three weeks',
    { kind: 'done', named: 'per', span: '2026-02-18 2026-03-11' },
  ],
  ['what did we do between 2 February and 6 March', { kind: 'done', span: '2026-02-02 2026-03-06' }],
  ['What was done in February?', { kind: 'done', span: '2026-02-01 2026-02-28' }],
  ['what did I do', { kind: 'done', about: '', named: null, span: null }],
  ['What did I do last March?', { kind: 'done', span: '2025-03-01 2025-03-31' }],
  ['What did I do in December?', { kind: 'done', span: '2025-12-01 2025-12-31' }],
  [
    'how much time did I spend on Fenwick Hall in February',
    { kind: 'howMuch', span: '2026-02-01 2026-02-28' },
  ],
  ['How many hours did I work last week?', { kind: 'howMuch', about: '', span: '2026-03-02 2026-03-08' }],
  [
    'how many hours did I work for Oda this year',
    { kind: 'howMuch', named: 'oda', span: '2026-01-01 2026-12-31' },
  ],
  ['How long did I work on the canteen?', { kind: 'howMuch', about: 'the canteen' }],
  [
    'How many projects did I finish last year?',
    { kind: 'howMany', ofProjects: true, span: '2025-01-01 2025-12-31' },
  ],
  ['how many actions did I do last quarter', { kind: 'howMany', span: '2025-10-01 2025-12-31' }],
  ['How often did I walk round the pond this month?', { kind: 'howMany', about: 'walk round the pond' }],
  ['how many times have I rung Davit since 1 February', { kind: 'howMany', span: '2026-02-01 2026-03-11' }],
  ['Who is waiting since before April?', { kind: 'waiting', about: '', span: '1970-01-01 2025-03-31' }],
  ['Who am I waiting for?', { kind: 'waiting', span: null }],
  ['what am I still waiting for from Kofi', { kind: 'waiting', named: 'kofi' }],
  ['who owes me something since January', { kind: 'waiting', span: '2026-01-01 2026-03-11' }],
  ['Which projects have I not touched for six weeks?', { kind: 'untouched', days: 42, ofProjects: true }],
  ['which projects have I not moved in two months', { kind: 'untouched', days: 59 }],
  ['which projects haven’t I touched since January', { kind: 'untouched', days: 69 }],
  ['which projects are standing still', { kind: 'untouched', days: 42 }],
  ['what did I do in the last 10 days?', { kind: 'done', span: '2026-03-01 2026-03-11' }],
  ['what did I do at Desk today', { kind: 'done', named: 'desk', span: '2026-03-11 2026-03-11' }],
]

it.each(cases)('%s', (question, { span, ...expected }) => {
  const read = readQuestion(question, calendar)
  expect(read).toMatchObject(expected)
  if (span !== undefined) expect(read?.span ? `${read.span.from} ${read.span.to}` : null).toBe(span)
})
it.each([
  ['What did I do in May for Oda?', 'oda', '2025-05-01', '2025-05-31'],
  ['what did I do yesterday at Desk', 'desk', '2026-03-10', '2026-03-10'],
  ['how much time did I spend last week on Fenwick Hall', 'fenwick hall', '2026-03-02', '2026-03-08'],
  ['what did I do since 2 February for the mill', 'mill', '2026-02-02', '2026-03-11'],
])('days before the name: %s', (question, named, from, to) =>
  expect(readQuestion(question, calendar)).toMatchObject({ about: '', named, span: { from, to } }),
)
it('days are said at the end, in as many words as they need', () => {
  expect(
    readQuestion('what did I do for the old mill between 2 February 2025 and 6 March 2026', calendar),
  ).toMatchObject({ named: 'old mill', span: { from: '2025-02-02', to: '2026-03-06' } })
  expect(readQuestion(`what did I do for ${'a b '.repeat(20_000)}`, calendar)).toBeNull()
})
it.each(['oda invoice', 'when', 'the last time capsule', 'how long is the hall', 'what did Oda do', ''])(
  'asks nothing of the past: %s',
  (words) => expect(readQuestion(words, calendar)).toBeNull(),
)
