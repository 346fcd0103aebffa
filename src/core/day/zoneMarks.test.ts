import { calendarDateUnsafe, epochMsAt } from '../time'
import { zoneMarks } from './zoneMarks'

const london = 'Europe/London'
const day = calendarDateUnsafe('2026-03-11')
const at = (minute: number, zone: string | null, date = day) => ({
  fromEpochMs: epochMsAt({ date, minute }, london),
  zone,
})

describe('where the clock is another', () => {
  it('on a plain day is nowhere, whatever the names of the zones', () => {
    expect(zoneMarks(day, london, [])).toEqual([])
    expect(zoneMarks(day, london, [at(600, london), at(660, null), at(720, 'Europe/Lisbon')])).toEqual([])
  })
  it('is where an event is told in another zone, and where the next is in one’s own again', () => {
    // America is on summer time already, so it is four hours behind.
    const events = [at(540, london), at(600, 'America/New_York'), at(660, null), at(700, 'America/Toronto')]
    expect(zoneMarks(day, london, [...events, at(780, london), at(840, 'Asia/Kolkata')])).toEqual([
      { at: 600, zone: 'America/New_York', minutes: -240 },
      { at: 780, zone: london, minutes: 0 },
      { at: 840, zone: 'Asia/Kolkata', minutes: 330 },
    ])
  })
  it.each([
    ['forward', '2026-03-29', { at: 60, zone: null, minutes: 60 }],
    ['back', '2026-10-25', { at: 120, zone: null, minutes: -60 }],
  ])('is where one’s own is put %s', (_, date, mark) => {
    expect(zoneMarks(calendarDateUnsafe(date), london, [])).toEqual([mark])
  })
  it('is both on one day, in their order, counted from its beginning', () => {
    const date = calendarDateUnsafe('2026-03-29')
    expect(zoneMarks(date, london, [at(600, 'Asia/Tokyo', date)])).toEqual([
      { at: 60, zone: null, minutes: 60 },
      { at: 540, zone: 'Asia/Tokyo', minutes: 480 },
    ])
  })
})
