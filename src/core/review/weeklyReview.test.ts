import type { Action, Project } from '../record'
import { plainAction } from '../testing/plainAction'
import { plainProject } from '../testing/plainShelf'
import { addDays, calendarDateUnsafe, epochMsAt } from '../time'
import {
  doneBetween,
  lastSevenDays,
  nextActions,
  projectsWithoutNextAction,
  reviewFiguresOf,
  somedayOf,
  waitingOf,
} from '.'

const today = calendarDateUnsafe('2026-03-11')
const project = (id: string, state: Project['state'] = 'open'): Project => ({
  ...plainProject,
  id: `project:${id}`,
  title: id,
  state,
})
const action = (id: string, patch: Partial<Action>): Action => ({
  ...plainAction,
  id: `action:${id}`,
  ...patch,
})
const waiting = {
  personId: null,
  whom: 'Oda',
  since: addDays(today, -2),
  chaseOn: null,
  how: '',
  toSignOff: false,
}

describe('the next action of a project', () => {
  const of = (...actions: Action[]) => nextActions(actions, today).get('project:p')?.id
  it.each<[string, Action[], string | undefined]>([
    [
      'the first in the order of the project, whatever the weight',
      [
        action('a', { projectId: 'project:p', rank: 'a1', weight: 'must' }),
        action('b', { projectId: 'project:p', rank: 'a0', weight: 'could' }),
      ],
      'action:b',
    ],
    [
      'one that can be done before one that waits',
      [
        action('a', { projectId: 'project:p', weight: 'must', waiting }),
        action('b', { projectId: 'project:p', weight: 'could' }),
      ],
      'action:b',
    ],
    [
      'one that waits, where there is no other',
      [action('a', { projectId: 'project:p', waiting })],
      'action:a',
    ],
    ['none, where all is done', [action('a', { projectId: 'project:p', doneAtEpochMs: 1 })], undefined],
    [
      'none, where all is for someday',
      [action('a', { projectId: 'project:p', horizon: 'someday' })],
      undefined,
    ],
  ])('is %s', (_, actions, id) => expect(of(...actions)).toBe(id))
})

it('open projects that nothing moves on are found, others are not', () => {
  const projects = [
    project('still'),
    project('moving'),
    project('off', 'notNow'),
    project('over', 'finished'),
  ]
  expect(
    projectsWithoutNextAction(projects, [action('a', { projectId: 'project:moving' })], today).map(
      ({ title }) => title,
    ),
  ).toEqual(['still'])
})

it('a part that moves moves all that it is in; what is in one that rests is not asked for', () => {
  const part = (id: string, of: string): Project => ({ ...project(id), parentId: `project:${of}` })
  const projects = [
    project('hall'),
    part('roof', 'hall'),
    part('tiles', 'roof'),
    part('floor', 'hall'),
    project('resting', 'notNow'),
    part('in it', 'resting'),
  ]
  const moving = [action('a', { projectId: 'project:tiles' })]
  expect(projectsWithoutNextAction(projects, moving, today).map(({ title }) => title)).toEqual(['floor'])
})

it('waiting and someday keep apart, the longest first', () => {
  const actions = [
    action('w1', { waiting }),
    action('w2', { waiting: { ...waiting, since: addDays(today, -9) }, horizon: 'someday' }),
    action('s', { horizon: 'someday' }),
  ]
  expect(waitingOf(actions).map(({ id }) => id)).toEqual(['action:w2', 'action:w1'])
  expect(somedayOf(actions).map(({ id }) => id)).toEqual(['action:s'])
})

describe.each(['Europe/London', 'America/Los_Angeles', 'Pacific/Auckland'])(
  'what was done, by the days of %s',
  (zone) => {
    const doneOn = (id: string, date: string, minute: number) =>
      action(id, { minutes: 30, doneAtEpochMs: epochMsAt({ date: calendarDateUnsafe(date), minute }, zone) })
    const actions = [
      doneOn('early', '2026-03-05', 0),
      doneOn('late', '2026-03-11', 1439),
      doneOn('before', '2026-03-04', 1439),
      doneOn('spring', '2026-03-29', 150),
    ]
    it('takes both edges of the seven days in', () => {
      expect(doneBetween(actions, ...lastSevenDays(today), zone).map(({ id }) => id)).toEqual([
        'action:late',
        'action:early',
      ])
    })
    it('keeps figures that add up', () => {
      const figures = reviewFiguresOf(
        { slipCount: 2, projects: [project('p')], actions, minutesDone: (done) => done.length * 30 },
        today,
        zone,
      )
      expect(figures).toMatchObject({
        slipsLeft: 2,
        projectsOpen: 1,
        projectsWithoutNextAction: 1,
        done: 2,
        doneMinutes: 60,
        doneTitles: ['a', 'a'],
      })
    })
    it('what came back on five days is one outcome, with all its minutes', () => {
      const walks = ['07', '08', '09', '10', '11'].map((day) =>
        doneOn(`walk~2026-03-${day}`, `2026-03-${day}`, 600),
      )
      expect(
        reviewFiguresOf(
          {
            slipCount: 0,
            projects: [],
            actions: [...actions, ...walks],
            minutesDone: (done) => done.length * 30,
          },
          today,
          zone,
        ),
      ).toMatchObject({ done: 3, doneMinutes: 210, doneTitles: ['a', 'a', 'a'] })
    })
  },
)
