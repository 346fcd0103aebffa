import { recordIn, recordsIn } from '@/core/journal'
import { lookBackOn } from '@/core/lookBack'
import { reportOf, roundings } from '@/core/lookBack/report'
import type { Id } from '@/core/record'
import { calendarDateUnsafe } from '@/core/time'
import { matchesOf } from '@/state/read/lenses'
import { meetingsFor, reportable } from '@/state/read/reportable'
import { makeTestStore, runnerOf } from '@/state/testing'
import { reportCsv, reportMarkdown, writtenBack } from './report'

const [monday, tuesday] = ['2026-03-09', '2026-03-10'].map(calendarDateUnsafe) as [never, never]
const done = [
  { date: tuesday, title: 'draft', minutes: 50 },
  { date: monday, title: 'measure', minutes: 40 },
  { date: monday, title: 'measure', minutes: 11 },
  { date: monday, title: 'a | b', minutes: null },
]

it.each(roundings)('a day is rounded up to %s minutes, never down, and what is read adds up', (rounding) => {
  const { days, minutes } = reportOf(done, rounding)
  expect(days.map(({ titles }) => titles)).toEqual([['measure', 'a | b'], ['draft']])
  days.forEach((day, at) => {
    const own = at === 0 ? 51 : 50
    expect(day.minutes).toBeGreaterThanOrEqual(own)
    expect(day.minutes - own).toBeLessThan(rounding)
    expect(day.minutes % rounding).toBe(0)
  })
  expect(minutes).toBe(days.reduce((sum, day) => sum + day.minutes, 0))
})
it('is Markdown in which no title is a mark, and a table that holds no formula', () => {
  const report = reportOf([...done, { date: tuesday, title: '=SUM(A1), "x"', minutes: 5 }], 15)
  const text = reportMarkdown(report, { title: 'For *Oda*', span: 'March 2026', meetings: ['Call, 9 Mar'] })
  expect(text).toContain('# For \\*Oda\\*')
  expect(text).toContain('| 9 Mar 2026 | measure; a \\| b | 1 h |')
  expect(text).toContain('| | Together | 2 h |')
  expect(text).toContain('- Call, 9 Mar')
  expect(reportCsv(report).split('\r\n')).toEqual([
    'date,done,minutes,hours',
    '2026-03-09,measure; a | b,60,1.00',
    '2026-03-10,"draft; =SUM(A1), ""x""",60,1.00',
  ])
  expect(reportCsv(reportOf([{ date: monday, title: '=1+1', minutes: 5 }], 1))).toContain(`'=1+1`)
})
it('a report over nothing says so', () =>
  expect(reportMarkdown(reportOf([], 15), { title: 'a', span: 'b', meetings: [] })).toContain(
    'Nothing was done in these days.',
  ))
it('tells nothing private, whatever is asked for, and names meetings of the same projects', async () => {
  const store = makeTestStore()
  await store.load()
  const run = runnerOf(store)
  const document = () => store.api.getState().document
  const group = (name: string, side: 'work' | 'private') => {
    const id = run('addGroup', { name, side }) as Id<'group'>
    return run('addArea', { name: `${name} area`, groupId: id }) as Id<'area'>
  }
  const [work, home] = [group('Practice', 'work'), group('Home', 'private')]
  const [hall, shed] = [work, home].map(
    (areaId) => run('addProject', { title: 'p', areaId }) as Id<'project'>,
  )
  for (const projectId of [hall, shed, null] as const) {
    const id = run('addAction', { title: `of ${projectId}`, minutes: 20, projectId }) as Id<'action'>
    run('tick', { id })
  }
  run('addMeetingNote', { title: 'Hall visit', projectId: hall })
  run('addMeetingNote', { title: 'Shed talk', projectId: shed })
  const { today } = store.api.getState()
  const span = { from: today, to: today }
  const told = (matches: ReturnType<typeof matchesOf> | null) =>
    reportable(document(), span, 'Europe/London', matches)
  expect(told(null).map(({ action }) => action.title)).toEqual([`of ${hall}`, 'of null'])
  const only = matchesOf(
    document(),
    [{ kind: 'choice', field: 'project', values: [shed as string], not: false }],
    { today, zone: 'Europe/London' },
  )
  expect(told(only)).toEqual([])
  const notes = recordsIn(document(), 'note')
  expect(meetingsFor(document(), span, told(null), notes).map(({ title }) => title)).toEqual(['Hall visit'])
})
it('a look back written up begins with its figures, and stays as it was written', async () => {
  const store = makeTestStore()
  await store.load()
  const back = lookBackOn([], () => 0, 0)
  const note = writtenBack({
    back,
    groups: [],
    finished: [{ title: 'A *hall*', on: monday }],
    today: tuesday,
  })
  expect(note).toContain('Nothing was done.\n\n## Finished\n\n- A \\*hall\\*, ')
  const page = { from: monday, to: tuesday, title: 'Look back: two days', note }
  expect(store.run('writeLookBack', page).ok).toBe(true)
  expect(store.run('writeLookBack', { ...page, note: 'other' }).ok).toBe(false)
  const id = 'note:back-2026-03-09-2026-03-10'
  expect(recordIn(store.api.getState().document, id)).toMatchObject({ note, title: 'Look back: two days' })
  // Removed and written up again, the words are those that were there.
  store.run('removeMeetingNote', { id })
  store.run('writeLookBack', { ...page, note: 'other' })
  expect(recordIn(store.api.getState().document, id)).toMatchObject({ note, letGoAtEpochMs: null })
})
