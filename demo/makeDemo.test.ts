import { isOpen } from '@/core/action'
import { cameBackOf } from '@/state/actionIndexes'
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
    const actions = recordsIn(demo.document, 'action')
    const done = actions.filter(({ doneAtEpochMs }) => doneAtEpochMs !== null)
    expect(recordsIn(demo.document, 'slip').length).toBe(25)
    expect(recordsIn(demo.document, 'project').length).toBe(25)
    expect(Math.abs(actions.filter(isOpen).length - 150)).toBeLessThan(15)
    expect(Math.abs(done.length - 400)).toBeLessThan(40)
    expect(done.every(({ doneAtEpochMs }) => (doneAtEpochMs as number) <= nowEpochMs)).toBe(true)
  })
  it('has slips with files, a letter and steps, and brings the bytes of every file', () => {
    const files = recordsIn(demo.document, 'file')
    expect(files.map(({ blob }) => blob).sort()).toEqual(demoFiles.map(({ file }) => file.blob).sort())
    expect(recordsIn(demo.document, 'step')).toHaveLength(3)
    expect(recordsIn(demo.document, 'slip').filter(({ note }) => note.startsWith('From '))).toHaveLength(1)
  })
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
