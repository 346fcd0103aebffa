import type { Action, Project } from '../record'
import { plainAction } from '../testing/plainAction'
import { calendarDateUnsafe } from '../time'
import { howItMoves, lookOn } from '.'

const since = 1000
const project = (id: string, patch: Partial<Project>) =>
  ({ id: `project:${id}`, state: 'open', createdAtEpochMs: 1, closedAtEpochMs: null, ...patch }) as Project
const done = (patch: Partial<Action>): Action => ({ ...plainAction, doneAtEpochMs: 2000, ...patch })

describe('how a goal moves', () => {
  it('counts what was done; tells what was finished and what stands still', () => {
    const projects = [
      project('moved', {}),
      project('still', {}),
      project('new', { createdAtEpochMs: since }),
      project('resting', { state: 'notNow' }),
      project('over', { state: 'finished', closedAtEpochMs: since }),
      project('long over', { state: 'finished', closedAtEpochMs: since - 1 }),
      project('let go', { state: 'letGo', closedAtEpochMs: since }),
    ]
    const moves = howItMoves({
      projects,
      sinceEpochMs: since,
      done: [done({ projectId: 'project:moved' }), done({ projectId: 'project:moved' }), done({})],
      doneMinutes: 70,
    })
    expect([moves.minutes, moves.done]).toEqual([70, 3])
    expect(moves.finished.map(({ id }) => id)).toEqual(['project:over'])
    expect(moves.still.map(({ id }) => id)).toEqual(['project:still'])
  })
  it('is looked at again so many weeks after it was last said how it stands', () => {
    const last = calendarDateUnsafe('2026-03-11')
    expect([lookOn(4, last), lookOn(null, last)]).toEqual(['2026-04-08', null])
  })
})
