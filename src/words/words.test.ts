import { calendarDateUnsafe } from '@/core/time'
import { emptyDocument, type Change } from '@/core/journal'
import { withMerged } from '@/core/journal/document'
import { entryOf } from '@/core/journal/entry'
import { plainAction } from '@/core/testing/plainAction'
import {
  actWordsOf,
  actionDetails,
  duration,
  fewActionDetails,
  keepingWords,
  loadWords,
  longDate,
  nearDate,
  refusalWords,
  shortDate,
  revertedWords,
  saidOf,
  setWords,
  unsaidOf,
} from '.'
import { fileFaultWords } from './files'
import { fieldChangeWords, historyWords } from './history'
import { kindsInWords } from './kinds'

const today = calendarDateUnsafe('2026-03-11')
const date = calendarDateUnsafe

it.each([
  [5, '5 min'],
  [60, '1 h'],
  [90, '1 h 30'],
  [65, '1 h 05'],
  [0, '0 min'],
])('%i minutes are “%s”', (minutes, words) => expect(duration(minutes)).toBe(words))
it.each([
  ['2026-03-11', 'today'],
  ['2026-03-12', 'tomorrow'],
  ['2026-03-10', 'yesterday'],
  ['2026-03-13', 'Fri 13 Mar'],
  ['2027-03-01', '1 Mar 2027'],
])('%s is “%s”', (day, words) => expect(nearDate(date(day), today)).toBe(words))
it('writes dates the British way', () =>
  expect([longDate(today), shortDate(today, today)]).toEqual(['Wednesday, 11 March', 'Wed 11 Mar']))

it.each([
  [
    { plannedMinutes: 340, availableMinutes: 300, overMinutes: 40, withoutMinutes: 0 },
    '5 h 40 of 5 h planned: 40 min too much.',
  ],
  [
    { plannedMinutes: 240, availableMinutes: 300, overMinutes: 0, withoutMinutes: 2 },
    '4 h of 5 h planned: 1 h left. 2 actions without minutes.',
  ],
  [
    { plannedMinutes: 300, availableMinutes: 300, overMinutes: 0, withoutMinutes: 1 },
    '5 h of 5 h planned: it just fits. 1 action without minutes.',
  ],
  [
    { plannedMinutes: 0, availableMinutes: 60, overMinutes: 0, withoutMinutes: 0 },
    'Nothing planned, 1 h available.',
  ],
  [
    {
      plannedMinutes: 90,
      availableMinutes: 55,
      overMinutes: 35,
      withoutMinutes: 0,
      doneMinutes: 130,
      isPartly: true,
    },
    '1 h 30 planned, 55 min left: 35 min too much. 2 h 10 done.',
  ],
  [
    {
      plannedMinutes: 0,
      availableMinutes: 55,
      overMinutes: 0,
      withoutMinutes: 1,
      doneMinutes: 20,
      isPartly: true,
    },
    '1 action without minutes, 55 min left. 20 min done.',
  ],
])('says how the day fits: %#', (load, said) => {
  const { plain, verdict, more } = loadWords({ doneMinutes: 0, isPartly: false, ...load })
  expect(`${plain}${verdict}${more}`).toBe(said)
})

it('tells an action on one line', () => {
  const action = {
    ...plainAction,
    minutes: 25,
    energy: 'deep' as const,
    due: { date: today, time: '17:00' as never },
    moved: ['2026-03-10~a', '2026-03-11~b'],
  }
  expect(actionDetails(action, emptyDocument, today)).toBe('deep · 25 min · due today, 17:00 · moved twice')
})
it('tells on a phone what matters most, in the same order', () => {
  const action = {
    ...plainAction,
    minutes: 25,
    energy: 'deep' as const,
    due: { date: today, time: '17:00' as never },
    moved: ['a'],
  }
  const told = (options: Parameters<typeof fewActionDetails>[3]) =>
    fewActionDetails(action, emptyDocument, today, options)
  expect(told({ steps: { done: 1, of: 3 } })).toBe('25 min · due today, 17:00 · 1 of 3 steps')
  expect(told({ isOver: true, rests: true, hint: 'carried over' })).toBe(
    'rests with its project · overdue since 17:00',
  )
})
it('tells what was set of an action, and what was cleared', () => {
  const action = {
    ...plainAction,
    minutes: 25,
    due: { date: date('2026-03-13'), time: null },
    day: date('2026-03-12'),
  }
  const told = (...fields: string[]) => setWords(fields, action, emptyDocument, today)
  expect(told('due', 'minutes')).toBe('due Fri 13 Mar, 25 min')
  expect(told('day', 'horizon')).toBe('tomorrow')
  expect(told('energy', 'waiting', 'projectId')).toBe('no energy, waiting for nobody, for no project')
  expect(told('moved', 'rank')).toBe('')
})
it('tells what undo and redo brought back, by its name', () => {
  const record = { ...plainAction, title: 'VAT return' }
  const added = { kind: 'added', record } as const
  const there = withMerged(emptyDocument, [entryOf(added, '0mj15e680.0000.a' as never)])
  const updated = { kind: 'updated', id: record.id, fields: {} } as const
  const told = (kind: 'undo' | 'redo', act: string, diff: Change['diff'], before = there, after = there) =>
    revertedWords(kind, { act, diff }, before, after)
  expect(told('undo', 'tick', [updated])).toBe('Undone: VAT return is open again')
  expect(told('redo', 'tick', [updated])).toBe('Done again: VAT return is done again')
  expect(told('undo', 'moveTo', [updated])).toBe('Undone: Moved: VAT return')
  expect(told('undo', 'addAction', [added], there, emptyDocument)).toBe('Undone: Added: VAT return')
  expect(told('undo', 'setSettings', [])).toBe('Undone: Settings changed')
})
it('tells an act it does not know plainly', () =>
  expect([
    actWordsOf('tick'),
    actWordsOf('haggle'),
    actWordsOf('constructor'),
    actWordsOf('__proto__'),
  ]).toEqual(['Done', 'Changed', 'Changed', 'Changed']))

it.each([
  refusalWords({ kind: 'underwayFull', limit: 1 }),
  refusalWords({ kind: 'tooManyStages', limit: 24 }),
  refusalWords({ kind: 'tooLong', field: 'title', limit: 2000 }),
  keepingWords({ kind: 'failed', code: 'storageFull', waiting: 1 }),
  fileFaultWords({ kind: 'tooLarge', bytes: 2e8, limitBytes: 1.5e8 }),
  fileFaultWords({ kind: 'newer', version: 3 }),
])('speaks in whole, calm sentences: %s', (said) => {
  expect(said).toMatch(/^[A-Z“0-9].*\.$/)
  expect(said).not.toMatch(/!|undefined|null|NaN/)
})

it.each<[string, Partial<typeof plainAction>, string]>([
  ['nothing but how near', {}, 'soon'],
  ['picked for today', { day: today, horizon: 'week' }, 'today'],
  ['a later day, which stands for how near', { day: date('2026-03-13'), horizon: 'week' }, 'on Fri 13 Mar'],
  [
    'fixed, which stands for the day',
    { at: { date: today, time: '14:30' as never }, day: today },
    'today at 14:30',
  ],
  [
    'everything, in the order of a sentence',
    {
      due: { date: date('2026-03-13'), time: '17:00' as never },
      horizon: 'week',
      minutes: 90,
      energy: 'deep',
      weight: 'must',
      notBefore: date('2026-03-12'),
      link: 'https://www.library.example/felt',
      waiting: {
        personId: null,
        whom: 'the post',
        since: today,
        chaseOn: date('2026-03-16'),
        how: '',
        toSignOff: false,
      },
    },
    'due Fri 13 Mar, 17:00 · this week · 1 h 30 · deep · must · not before Thu 12 Mar · waiting for the post, since today · chase Mon 16 Mar · library.example/felt',
  ],
  [
    'what stands by names that are gone',
    { contextIds: ['context:gone'], personIds: ['person:gone'] },
    'soon',
  ],
])('the said line tells %s', (_, patch, words) =>
  expect(
    saidOf({ ...plainAction, ...patch }, emptyDocument, today)
      .map((chip) => chip.words)
      .join(' · '),
  ).toBe(words),
)
it('offers what is not set, chasing only where somebody is waited for', () => {
  const waiting = { personId: null, whom: 'the post', since: today, chaseOn: null, how: '', toSignOff: false }
  const offered = unsaidOf(plainAction)
  expect(offered).toEqual(
    expect.arrayContaining([
      'due',
      'day',
      'at',
      'minutes',
      'energy',
      'payoff',
      'weight',
      'notBefore',
      'link',
    ]),
  )
  expect(offered).not.toContain('chase')
  // What was set goes, chasing comes, and people and contexts can always be added to.
  expect(unsaidOf({ ...plainAction, waiting, minutes: 5, day: today })).toEqual(
    offered.flatMap((field) => {
      if (field === 'minutes' || field === 'day' || field === 'waiting') return []
      return field === 'signOff' ? ['chase'] : [field]
    }),
  )
})
const around = { document: emptyDocument, today, kinds: kindsInWords }
it('tells a promise with its time, and a project’s, which has none', () => {
  const told = (kind: 'action' | 'project', to: unknown) => fieldChangeWords(kind, 'due', [null, to], around)
  expect(told('action', { date: date('2026-03-13'), time: '17:00' })).toBe('due none → Fri 13 Mar, 17:00')
  expect(told('project', '2026-03-13')).toBe('due none → Fri 13 Mar')
})

it('quotes a slip as it was first written, in the history of what it became', () => {
  const slip = { id: 'slip:a', text: 'fold the leaflets today', takenOff: [] }
  const change = {
    letters: 's',
    act: 'setDown',
    diff: [{ kind: 'added', record: slip }],
  } as unknown as Change
  const told = (ids: readonly string[]) => historyWords(change, 'action:a', around, new Set(ids))
  expect(told(['slip:a', 'action:a'])).toBe('As first written: “fold the leaflets today”')
  expect(told(['slip:b'])).not.toContain('fold')
})
