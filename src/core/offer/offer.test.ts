import { addDays, calendarDateUnsafe, epochMsAt, localMomentAt, weekdayOf } from '../time'
import { makeRandom } from '../random'
import { timesToOffer, type OfferWish, type OwnDays } from '.'

const zone = 'Europe/London'
const monday = calendarDateUnsafe('2026-03-16')
const at = (date: string, minute: number) => epochMsAt({ date: calendarDateUnsafe(date), minute }, zone)
const nine = 540
const wish: OfferWish = {
  minutes: 60,
  from: monday,
  to: addDays(monday, 6),
  weekdays: [0, 1, 2, 3, 4],
  most: 3,
}
const own: OwnDays = {
  zone,
  nowEpochMs: at('2026-03-15', 720),
  hoursOn: () => [
    { from: nine, to: 720 },
    { from: 780, to: 1020 },
  ],
  takenOn: () => [],
}
const said = (wished: Partial<OfferWish>, days: Partial<OwnDays> = {}): string[] =>
  timesToOffer({ ...wish, ...wished }, { ...own, ...days }).map(({ fromEpochMs }) => {
    const { date, minute } = localMomentAt(fromEpochMs, days.zone ?? zone)
    return `${date.slice(8)} ${Math.floor(minute / 60)}:${String(minute % 60).padStart(2, '0')}`
  })

describe('times to offer', () => {
  it('are one a day, in turn early and after noon, before any day gives a second', () => {
    expect(said({})).toEqual(['16 9:00', '17 13:00', '18 9:00'])
    expect(said({ weekdays: [0, 3], most: 4 })).toEqual(['16 9:00', '16 16:00', '19 9:00', '19 13:00'])
  })
  it.each([
    [
      'keep clear of what is taken, however it overlaps',
      {},
      [
        { from: 500, to: 610 },
        { from: 600, to: 640 },
      ],
      '16 10:45',
    ],
    [
      'go on after a break where the morning is too short',
      { minutes: 120 },
      [{ from: 610, to: 700 }],
      '16 13:00',
    ],
    ['begin on the quarter of an hour', {}, [{ from: nine, to: 547 }], '16 9:15'],
  ])('%s', (_, wished, taken, first) => {
    expect(said({ ...wished, most: 1 }, { takenOn: () => taken })).toEqual([first])
  })
  it('are none where nothing is that long, where no day is wanted, and in what has passed', () => {
    expect(said({ minutes: 300 })).toEqual([])
    expect(said({ weekdays: [] })).toEqual([])
    expect(said({ most: 1 }, { nowEpochMs: at('2026-03-16', 600) })).toEqual(['16 10:15'])
  })
  it('are as long as they look on days on which the clock changes', () => {
    const sunday = {
      from: calendarDateUnsafe('2026-03-29'),
      to: calendarDateUnsafe('2026-03-29'),
      weekdays: [6],
    }
    const night = { hoursOn: () => [{ from: 0, to: 240 }] }
    const found = timesToOffer({ ...wish, ...sunday, most: 9 }, { ...own, ...night })
    // From one to two o'clock is not there: the hour before ends where the hour after it begins.
    expect(found.map(({ fromEpochMs }) => localMomentAt(fromEpochMs, zone).minute)).toEqual([0, 120, 180])
    expect(found.every(({ fromEpochMs, toEpochMs }) => toEpochMs - fromEpochMs === 3_600_000)).toBe(true)
  })
  it('lie in the hours, clear of what is taken and of each other, as long as was asked (random days)', () => {
    const random = makeRandom(23)
    const number = (below: number) => Math.floor(random() * below)
    let offered = 0
    for (let round = 0; round < 150; round++) {
      const spans = () =>
        Array.from({ length: number(5) }, () => ({ from: number(1300), to: 0 })).map(({ from }) => ({
          from,
          to: Math.min(1440, from + 1 + number(200)),
        }))
      const days = new Map(
        Array.from({ length: 7 }, (_, day) => [
          addDays(monday, day) as string,
          { hours: spans(), taken: spans() },
        ]),
      )
      const wished = {
        ...wish,
        minutes: 15 + number(90),
        most: 1 + number(9),
        weekdays: [0, 1, 2, 3, 4, 5, 6].filter(() => number(3) > 0),
      }
      const times = timesToOffer(wished, {
        ...own,
        hoursOn: (date) => days.get(date)?.hours ?? [],
        takenOn: (date) => days.get(date)?.taken ?? [],
      })
      offered += times.length
      expect(times.length).toBeLessThanOrEqual(wished.most)
      times.forEach(({ fromEpochMs, toEpochMs }, index) => {
        const { date, minute: from } = localMomentAt(fromEpochMs, zone)
        const to = from + wished.minutes
        expect(toEpochMs - fromEpochMs).toBe(wished.minutes * 60_000)
        expect(wished.weekdays).toContain(weekdayOf(date))
        const { hours, taken } = days.get(date) as {
          hours: { from: number; to: number }[]
          taken: { from: number; to: number }[]
        }
        const isIn = (minute: number) => hours.some((each) => each.from <= minute && minute < each.to)
        for (let minute = from; minute < to; minute++) expect(isIn(minute)).toBe(true)
        expect(taken.some((each) => each.from < to && from < each.to)).toBe(false)
        expect(fromEpochMs).toBeGreaterThanOrEqual(times[index - 1]?.toEpochMs ?? 0)
      })
      const more = timesToOffer(
        { ...wished, most: wished.most + 1 },
        {
          ...own,
          hoursOn: (date) => days.get(date)?.hours ?? [],
          takenOn: (date) => days.get(date)?.taken ?? [],
        },
      )
      expect(more.length).toBeGreaterThanOrEqual(times.length)
    }
    expect(offered).toBeGreaterThan(150)
  })
})
