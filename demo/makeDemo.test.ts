import { isWaitingOrBlocked, isOpen } from '@/core/action'
import { actionsOfProject, cameBackOf, blockedOf, toSignOffOf } from '@/state/read/actionIndexes'
import { lensIn } from '@/core/lens'
import { allChecklists, checklistRunsOf } from '@/state/read/checklists'
import { isTemplate } from '@/state/read/isTemplate'
import { asItStands } from '@/state/read/standing'
import { goalsOf, lookAtOn, movesOf } from '@/state/read/goals'
import { lensListOnce } from '@/state/read/lenses'
import { linesToDo } from '@/state/read/noteLines'
import { meetingNotesOf } from '@/state/read/pages'
import { filesOf, stepCountOf } from '@/state/read/ownedIndexes'
import { parseStoreFile } from '@/core/exchange'
import { dayBandsOf, anyReach } from '@/core/day'
import { emptyDocument, recordsById, recordsIn, withChanges } from '@/core/journal'

import { calendarDateUnsafe, epochMsAt } from '@/core/time'
import { demoFiles } from './demoFiles'
import { makeDemo } from './makeDemo'
import { makeDemoFile } from './makeDemoFile'

const today = calendarDateUnsafe('2026-03-11')
const zone = 'Europe/London'
const nowEpochMs = epochMsAt({ date: today, minute: 560 }, zone)
const demo = makeDemo({ today, zone, nowEpochMs })

describe('the demo data', () => {
  it('has the promised size', () => {
    const actions = recordsIn(demo.document, 'action').filter(
      (action) => asItStands(demo.document, action).letGoAtEpochMs === null,
    )
    const done = actions.filter(({ doneAtEpochMs }) => doneAtEpochMs !== null)
    expect(recordsIn(demo.document, 'slip').length).toBe(25)
    const projects = recordsIn(demo.document, 'project')
    expect([projects.length, projects.filter(isTemplate).length]).toEqual([42, 3])
    expect(Math.abs(actions.filter(isOpen).length - 150)).toBeLessThan(15)
    expect(Math.abs(done.length - 400)).toBeLessThan(40)
    expect(done.every(({ doneAtEpochMs }) => (doneAtEpochMs as number) <= nowEpochMs)).toBe(true)
  })
  it('has slips with files, a letter and steps, and brings the bytes of every file', () => {
    const files = recordsIn(demo.document, 'file')
    expect(files.map(({ blob }) => blob).sort()).toEqual(demoFiles.map(({ file }) => file.blob).sort())
    const steps = recordsIn(demo.document, 'step').filter(({ ownerId }) => ownerId.startsWith('slip:'))
    expect(steps).toHaveLength(3)
    expect(recordsIn(demo.document, 'slip').filter(({ note }) => note.startsWith('From '))).toHaveLength(1)
  })
  it('has a habit with its marks, a monthly return, steps, remarks, and what is with somebody else', () => {
    const { document } = demo
    const [walk] = recordsIn(document, 'repeat').filter(({ watched }) => watched)
    expect(walk?.skips).toHaveLength(1)
    const walks = recordsIn(document, 'action').filter(({ title }) => title.startsWith('Walk once round'))
    expect(walks.length).toBeGreaterThan(20)
    expect(walks.filter(isOpen)).toMatchObject([{ day: '2026-03-12' }])
    expect(
      recordsIn(document, 'action').filter(({ title }) => title.startsWith('Send Perrin the month')),
    ).toHaveLength(3)
    expect(
      stepCountOf(
        document,
        recordsIn(document, 'action').find(({ title }) => title.startsWith('Order spare'))?.id ??
          'action:none',
      ),
    ).toEqual({ done: 1, of: 3 })
    const remarks = recordsIn(document, 'remark').filter(({ ownerId }) => ownerId.startsWith('action:'))
    expect(remarks).toHaveLength(2)
    expect([toSignOffOf(document).length, blockedOf(document).length]).toEqual([1, 1])
  })
  it('has two goals, one that moves and one that is to be looked at, and projects in order', () => {
    const { document } = demo
    const goals = goalsOf(document)
    expect(goals.map(({ reach }) => reach)).toEqual(['near', 'far'])
    const [halls, teaching] = goals.map((goal) => movesOf(document, goal.id, today, zone))
    expect([halls?.done, teaching?.done].every((done) => (done ?? 0) > 0)).toBe(true)
    expect(goals.map((goal) => (lookAtOn(document, goal, zone) ?? '') <= today)).toEqual([true, false])
    const inOrder = recordsIn(document, 'project').filter(
      (project) => project.inOrder && !isTemplate(project),
    )
    expect(
      inOrder.map(
        ({ id }) => actionsOfProject(document, id).filter((each) => !isWaitingOrBlocked(each)).length,
      ),
    ).toEqual([1, 1])
  })
  it('has six lenses of its person, each of which lists something or says what it waits for', () => {
    const day = { today, zone: 'Europe/London' }
    const listed = recordsIn(demo.document, 'lens').map((record) => [
      record.name,
      lensListOnce(demo.document, lensIn(record), day).count,
    ])
    expect(listed).toHaveLength(6)
    for (const [name, count] of listed) expect([name, Number(count) > 0]).toEqual([name, true])
  })
  it('has checklists that were gone through, meeting notes, of which a line became an action, and no day note', () => {
    const { document } = demo
    const [visits, market] = allChecklists(document)
    expect([visits, market].map((list) => list && checklistRunsOf(document, list.id).length)).toEqual([2, 3])
    expect(market && stepCountOf(document, market.id)).toEqual({ done: 2, of: 5 })
    const [meetingNote] = meetingNotesOf(document)
    expect(meetingNote && linesToDo(document, meetingNote)).toHaveLength(2)
    expect(meetingNote && filesOf(document, meetingNote.id)).toHaveLength(1)
    expect(recordsIn(document, 'action').filter(({ lineOf }) => lineOf === meetingNote?.id)).toMatchObject([
      { title: 'Send Kofi the width of the counter', projectId: meetingNote?.projectId },
    ])
    expect(meetingNotesOf(document)).toHaveLength(2)
    // A day has one page in every copy: one's own must not meet the demo's.
    expect(recordsIn(document, 'note').filter(({ id }) => !id.startsWith('note:demo-'))).toEqual([])
  })
  it('has two things to chase whose day is over', () =>
    expect(
      recordsIn(demo.document, 'action').filter(
        (action) => isOpen(action) && (action.waiting?.chaseOn ?? today) < today,
      ),
    ).toHaveLength(2))
  it('has what came back from the tickler, today and yesterday', () =>
    expect(cameBackOf(demo.document, today)).toHaveLength(2))
  it('is a real journal: replayed from nothing it gives the same document', () => {
    expect([...recordsById(withChanges(emptyDocument, demo.changes)).values()]).toEqual([
      ...recordsById(demo.document).values(),
    ])
  })
  it('is the same every time, on any day, and a valid store file', () => {
    expect(makeDemoFile({ today, zone, nowEpochMs })).toBe(makeDemoFile({ today, zone, nowEpochMs }))
    for (const day of ['2026-01-01', '2026-03-29', '2028-02-29', '2026-11-25'].map(calendarDateUnsafe)) {
      const text = makeDemoFile({
        today: day,
        zone: 'America/New_York',
        nowEpochMs: epochMsAt({ date: day, minute: 600 }, 'America/New_York'),
      })
      expect(parseStoreFile(text).ok).toBe(true)
    }
  })
  it('fills every band of the day', () => {
    const bands = dayBandsOf(recordsIn(demo.document, 'action'), today, anyReach)
    expect([
      bands.carriedOver.length,
      bands.dueToday.length,
      bands.underway.length,
      bands.picked.length,
    ]).toEqual([2, 2, 1, 2])
    expect(bands.inReach.length).toBeGreaterThan(60)
  })
})
