import fc from 'fast-check'
import type { Action, Project } from '../record'
import { plainAction } from '../testing/plainAction'
import { plainProject } from '../testing/plainShelf'
import { addDays, calendarDateUnsafe, daysBetween } from '../time'
import { daysIn, followersOf, marksOf, placeOf, rowsOf, shifted, shiftedAction, spanOf, waysOf } from '.'

const today = calendarDateUnsafe('2026-03-11')
const day = calendarDateUnsafe
const project = (id: string, more: Partial<Project> = {}): Project => ({
  ...plainProject,
  id: `project:${id}`,
  title: id,
  ...more,
})
const action = (id: string, more: Partial<Action> = {}): Action => ({
  ...plainAction,
  id: `action:${id}`,
  title: id,
  ...more,
})
const rows = (projects: Project[], parts: Project[] = [], actions: Action[] = [], areActionsHidden = false) =>
  rowsOf({
    projects,
    partsOf: (id) => parts.filter(({ parentId }) => parentId === id),
    actionsOf: (id) => actions.filter(({ projectId }) => projectId === id),
    today,
    areActionsHidden,
  })
const told = (all: ReturnType<typeof rows>) =>
  all.map(({ title, depth, from, to }) => [title, depth, from, to])

describe('what stands on the time line', () => {
  it('is each project with its parts and its dated actions below it, from when to when', () => {
    const hall = project('hall', { begins: day('2026-03-02'), due: day('2026-04-01') })
    const roof = project('roof', { parentId: hall.id })
    const actions = [
      action('measure', { projectId: hall.id, day: day('2026-03-12') }),
      action('undated', { projectId: hall.id }),
      action('ring', {
        projectId: roof.id,
        notBefore: day('2026-03-15'),
        due: { date: day('2026-03-20'), time: null },
      }),
    ]
    expect(told(rows([hall], [roof], actions))).toEqual([
      ['hall', 0, '2026-03-02', '2026-04-01'],
      ['roof', 1, '2026-03-15', '2026-03-20'],
      ['ring', 2, '2026-03-15', '2026-03-20'],
      ['measure', 1, '2026-03-12', '2026-03-12'],
    ])
    expect(told(rows([hall], [roof], actions, true)).map(([title]) => title)).toEqual(['hall', 'roof'])
  })
  it.each<[string, Partial<Project>, [string | null, string | null]]>([
    ['nothing said: not on the line', {}, [null, null]],
    ['only a promise: from today', { due: day('2026-03-20') }, ['2026-03-11', '2026-03-20']],
    ['a promise that is over: that day', { due: day('2026-03-01') }, ['2026-03-01', '2026-03-01']],
    ['only a beginning: that day', { begins: day('2026-05-01') }, ['2026-05-01', '2026-05-01']],
  ])('with %s', (_, more, bar) =>
    expect(rows([project('p', more)]).map(({ from, to }) => [from, to])).toEqual([bar]),
  )
  it('says what begins before that is over which it comes after', () => {
    const first = project('first', { due: day('2026-03-20') })
    const late = project('late', { begins: day('2026-03-21'), due: day('2026-04-01'), afterIds: [first.id] })
    const early = project('early', {
      begins: day('2026-03-20'),
      due: day('2026-04-01'),
      afterIds: [first.id, 'project:gone'],
    })
    expect(rows([first, late, early]).map(({ isEarly, afterIds }) => [isEarly, afterIds])).toEqual([
      [false, []],
      [false, [first.id]],
      [true, [first.id]],
    ])
  })
})

describe('places along the line', () => {
  it('hold whole weeks with room around today and all bars, but no more than two years ahead', () => {
    expect(spanOf([], today)).toEqual({ from: '2026-03-02', to: '2026-04-26' })
    const far = spanOf([{ from: day('2001-01-01'), to: day('2099-01-01') }], today)
    expect([daysBetween(far.from, today) < 140, daysBetween(today, far.to) < 760]).toEqual([true, true])
  })
  it('are those of days, there and back', () =>
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 500 }),
        fc.constantFrom('weeks' as const, 'months' as const),
        (days, zoom) => {
          const span = spanOf([], today)
          const place = placeOf(span, addDays(span.from, days), zoom)
          expect(daysIn(place, zoom)).toBe(days)
        },
      ),
      { seed: 3 },
    ))
  it('are marked by months, and by weeks where those are shown', () => {
    const span = { from: day('2026-02-23'), to: day('2026-04-05') }
    const toFirst = { from: day('2026-03-02'), to: day('2026-04-01') }
    expect(marksOf(toFirst, 'months').map(({ date }) => date)).toEqual(['2026-04-01'])
    expect(marksOf(span, 'months')).toEqual([
      { date: '2026-03-01', kind: 'month' },
      { date: '2026-04-01', kind: 'month' },
    ])
    // The first day of the line is marked too.
    const fromFirst = { from: day('2026-06-01'), to: day('2026-06-14') }
    expect(marksOf(fromFirst, 'weeks').map(({ date, kind }) => `${kind} ${date}`)).toEqual([
      'month 2026-06-01',
      'week 2026-06-01',
      'week 2026-06-08',
    ])
    expect(marksOf(span, 'weeks').filter(({ kind }) => kind === 'week')).toHaveLength(6)
  })
})

it('ways lead from the end of one to the beginning of another, row by row, downwards and upwards', () => {
  const first = project('first', { begins: today, due: day('2026-03-20'), afterIds: [] })
  const between = project('between')
  const last = project('last', { begins: day('2026-03-25'), due: day('2026-04-01'), afterIds: [first.id] })
  const ends = (projects: Project[]) => {
    const all = rows(projects)
    const ways = waysOf(all, { of: ({ from }) => from && { x: 0, width: 10 }, rowHeight: 40, middle: 20 })
    const heights = (index: number) =>
      (ways.get(index) ?? []).filter(({ x1, x2 }) => x1 === x2).map(({ y1, y2 }) => [y1, y2])
    return all.map((_, index) => heights(index))
  }
  expect(ends([first, between, last])).toEqual([[[20, 40]], [[0, 40]], [[0, 20]]])
  expect(ends([last, between, first])).toEqual([[[20, 40]], [[0, 40]], [[0, 20]]])
  expect(ends([first, between])).toEqual([[], []])
})

describe('moving along the line', () => {
  const bar = { from: today, to: day('2026-04-01') }
  it('takes the days a project has, and makes one where an end is moved that was only read off', () => {
    const both = { begins: day('2026-03-02'), due: day('2026-04-01') }
    expect(shifted(both, bar, 7, 'whole')).toEqual({ begins: '2026-03-09', due: '2026-04-08' })
    expect(shifted({ begins: null, due: null }, bar, 7, 'whole')).toEqual({})
    expect(shifted({ begins: null, due: null }, bar, 7, 'begins')).toEqual({ begins: '2026-03-18' })
    expect(shifted({ begins: null, due: null }, bar, -1, 'due')).toEqual({ due: '2026-03-31' })
  })
  it('leaves what is fixed on the clock where it was agreed, unless it is moved itself', () => {
    const fixed = action('a', {
      at: { date: today, time: null },
      day: today,
      due: { date: today, time: null },
      notBefore: today,
    })
    expect(shiftedAction(fixed, 2, false)).toEqual({
      due: { date: '2026-03-13', time: null },
      notBefore: '2026-03-13',
    })
    expect(shiftedAction(fixed, 2, true).at).toEqual({ date: '2026-03-13', time: null })
  })
  it('finds all that follows, once, whatever goes round', () => {
    const others = [
      { id: 'project:b', afterIds: ['project:a'] },
      { id: 'project:c', afterIds: ['project:b', 'project:a'] },
      { id: 'project:d', afterIds: ['project:x'] },
      { id: 'project:a', afterIds: ['project:c'] },
    ]
    expect(followersOf(['project:a'], others).sort()).toEqual(['project:b', 'project:c'])
    expect(followersOf(['project:none'], others)).toEqual([])
  })
})
