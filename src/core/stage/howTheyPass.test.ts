import type { Passage, Project, Stage } from '../record'
import { calendarDateUnsafe } from '../time'
import { plainProject } from '../testing/plainShelf'
import { median } from '../median'
import { daysFrom, daysIn, enteredAt, howTheyPass } from '.'

const day = 86_400_000
const zone = 'Europe/London'
const stages = ['call', 'offer', 'agreed'].map((name, at): Stage => ({
  id: `stage:${name}`,
  areaId: 'area:a',
  projectId: null,
  name,
  limit: null,
  rank: `a${at}`,
}))
const project = (id: string, patch: Partial<Project>): Project => ({
  ...plainProject,
  id: `project:${id}`,
  ...patch,
})
const way = (id: string, ...steps: [stage: string, onDay: number][]): Passage[] =>
  steps.map(([stage, onDay], at) => ({
    id: `passage:${id}${at}`,
    projectId: `project:${id}`,
    stageId: `stage:${stage}`,
    enteredAtEpochMs: onDay * day,
  }))
const figures = (projects: Project[], passages: Passage[]) =>
  howTheyPass({
    stages,
    projects,
    passagesOf: (id) => passages.filter(({ projectId }) => projectId === id),
    zone,
  })

describe('how projects pass through stages', () => {
  it('counts what stands, what went on and how long that took; going back is not going on', () => {
    const told = figures(
      [
        project('a', { stageId: 'stage:offer' }),
        project('b', {
          stageId: 'stage:agreed',
          state: 'finished',
          ending: 'won',
          closedAtEpochMs: 20 * day,
        }),
        project('c', { stageId: 'stage:offer', state: 'letGo', ending: 'notWon', closedAtEpochMs: 9 * day }),
        project('d', { stageId: 'stage:call', state: 'notNow', ending: 'parked' }),
        project('e', { stageId: 'stage:call' }),
      ],
      [
        ...way('a', ['call', 1], ['offer', 5]),
        ...way('b', ['call', 2], ['offer', 4], ['agreed', 14]),
        ...way('c', ['call', 3], ['offer', 6]),
        ...way('d', ['call', 4]),
        ...way('e', ['offer', 1], ['call', 9]),
      ],
    )
    expect(told.stages).toEqual([
      { stageId: 'stage:call', standing: 1, through: 3, medianDays: 3 },
      { stageId: 'stage:offer', standing: 1, through: 1, medianDays: 10 },
      { stageId: 'stage:agreed', standing: 0, through: 1, medianDays: 6 },
    ])
    expect([told.won, told.notWon, told.parked, told.medianDays]).toEqual([1, 1, 1, 18])
  })
  it('counts no going on where two copies put a project into the same stage', () => {
    const twice = figures([project('a', { stageId: 'stage:call' })], way('a', ['call', 1], ['call', 4]))
    expect(twice.stages[0]).toMatchObject({ standing: 1, through: 0 })
  })
  it('tells since when a project has stood where it stands, also where two copies put it there', () => {
    const passages = way('a', ['call', 1], ['offer', 3], ['call', 5], ['call', 6])
    expect(enteredAt({ stageId: 'stage:call' }, [...passages].reverse())).toBe(5 * day)
    expect(enteredAt({ stageId: 'stage:offer' }, passages)).toBeNull()
    expect(enteredAt({ stageId: null }, [])).toBeNull()
    const days = ['1970-01-06', '1970-01-09', '1969-12-31'].map((today) =>
      daysIn({ stageId: 'stage:call' }, passages, calendarDateUnsafe(today), zone),
    )
    expect(days).toEqual([0, 3, 0])
    expect(daysIn({ stageId: null }, [], calendarDateUnsafe('1970-01-06'), zone)).toBeNull()
  })
  it('counts days by the calendar of the zone, and none where a clock ran backwards', () => {
    const late = Date.UTC(2026, 2, 28, 23, 30)
    expect(daysFrom(late, Date.UTC(2026, 2, 29, 0, 30), zone)).toBe(1)
    expect(daysFrom(late, late - day, zone)).toBe(0)
    expect([median([]), median([3]), median([9, 1]), median([5, 1, 9])]).toEqual([null, 3, 1, 5])
  })
})
