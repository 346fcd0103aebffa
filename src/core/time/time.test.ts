import {
  addDays,
  calendarDateUnsafe,
  daysBetween,
  epochMsAt,
  isCalendarDate,
  isoWeekOf,
  localMomentAt,
  msUntilMidnight,
  weekdayOf,
  weekStartOf,
} from '.'

const date = calendarDateUnsafe

it.each<[unknown, boolean]>([
  ['2026-03-01', true],
  ['2028-02-29', true],
  ['2026-02-29', false],
  ['2026-13-01', false],
  ['1899-12-31', false],
  ['2026-3-1', false],
  [20260301, false],
  ['', false],
])('%p is a day: %p', (text, is) => expect(isCalendarDate(text)).toBe(is))

it('counts days over month ends, leap days and clock changes', () => {
  expect(addDays(date('2028-02-28'), 2)).toBe('2028-03-01')
  expect(addDays(date('2026-01-01'), -1)).toBe('2025-12-31')
  expect(daysBetween(date('2026-03-28'), date('2026-03-30'))).toBe(2)
  for (let away = 0; away < 800; away += 7)
    expect(daysBetween(date('2026-01-01'), addDays(date('2026-01-01'), away))).toBe(away)
})
it.each([
  ['2026-03-11', 2, '2026-03-09', 11],
  ['2027-01-03', 6, '2026-12-28', 53],
  ['2024-12-30', 0, '2024-12-30', 1],
  ['2026-01-01', 3, '2025-12-29', 1],
] as const)('%s is weekday %i of the week from %s, number %i', (text, weekday, monday, week) => {
  expect([weekdayOf(date(text)), weekStartOf(date(text)), isoWeekOf(date(text))]).toEqual([
    weekday,
    monday,
    week,
  ])
})

describe.each([
  ['Europe/London', '2026-03-29', 23, '2026-10-25', 25],
  ['America/New_York', '2026-03-08', 23, '2026-11-01', 25],
  ['Australia/Lord_Howe', '2026-10-04', 23.5, '2026-04-05', 24.5],
])('in %s', (zone, spring, springHours, autumn, autumnHours) => {
  it('a day has the hours that the clock change leaves it', () => {
    for (const [day, hours] of [
      [spring, springHours],
      [autumn, autumnHours],
    ] as const) {
      expect(msUntilMidnight(epochMsAt({ date: date(day), minute: 0 }, zone), zone)).toBe(hours * 3_600_000)
    }
  })
  it('the wall clock and the instant agree both ways', () => {
    for (let hour = 3; hour < 24; hour += 3)
      for (const day of [spring, autumn, '2026-07-01']) {
        const moment = { date: date(day), minute: hour * 60 + 30 }
        expect(localMomentAt(epochMsAt(moment, zone), zone)).toEqual(moment)
      }
  })
})

describe('days whose clocks are changed', () => {
  const zones: [zone: string, day: string, hours: number, firstMinute: number][] = [
    ['Europe/London', '2026-03-29', 23, 0],
    ['Europe/London', '2026-10-25', 25, 0],
    ['America/Sao_Paulo', '2018-11-04', 23, 60],
    ['Africa/Cairo', '2026-04-24', 23, 60],
    ['Asia/Beirut', '2026-03-29', 23, 60],
    ['Australia/Lord_Howe', '2026-04-05', 24.5, 0],
    ['Pacific/Apia', '2011-12-31', 24, 0],
  ]
  it.each(zones)(
    '%s on %s: begins at its first instant and has %s hours',
    (zone, text, hours, firstMinute) => {
      const day = calendarDateUnsafe(text)
      const begins = epochMsAt({ date: day, minute: 0 }, zone)
      const ends = epochMsAt({ date: addDays(day, 1), minute: 0 }, zone)
      expect(localMomentAt(begins, zone)).toEqual({ date: day, minute: firstMinute })
      expect(localMomentAt(begins - 60_000, zone).date).not.toBe(day)
      expect((ends - begins) / 3_600_000).toBe(hours)
      expect(msUntilMidnight(begins, zone)).toBe(ends - begins)
    },
  )
  it('reads the clock as the browser writes it, in every zone, on every day', () => {
    let seed = 7
    const random = () => (seed = (seed * 48_271) % 2_147_483_647) / 2_147_483_647
    const changes = ['2026-03-29T00:00Z', '2026-10-25T00:00Z', '2011-12-30T00:00Z', '2026-04-04T12:00Z']
    const otherwise: unknown[] = []
    for (const zone of Intl.supportedValuesOf('timeZone')) {
      const format = new Intl.DateTimeFormat('sv-SE', {
        timeZone: zone,
        dateStyle: 'short',
        timeStyle: 'short',
      })
      const anywhere = Array.from({ length: 12 }, () => Math.floor(-2e12 + random() * 6e12))
      const nearChanges = changes.map((day) => Date.parse(day) + Math.floor(random() * 86_400_000))
      for (const instant of [...anywhere, ...nearChanges]) {
        const { date: day, minute } = localMomentAt(instant, zone)
        const clock = [Math.floor(minute / 60), minute % 60]
          .map((part) => String(part).padStart(2, '0'))
          .join(':')
        if (`${day} ${clock}` !== format.format(instant))
          otherwise.push([zone, new Date(instant), day, clock])
        const back = localMomentAt(epochMsAt({ date: day, minute }, zone), zone)
        if (back.date !== day || back.minute !== minute) otherwise.push([zone, new Date(instant), back])
      }
    }
    expect(otherwise).toEqual([])
  })
  it('takes the first of an hour that comes twice', () => {
    expect(epochMsAt({ date: calendarDateUnsafe('2026-10-25'), minute: 90 }, 'Europe/London')).toBe(
      Date.UTC(2026, 9, 25, 0, 30),
    )
  })
  it('counts a week 53', () => {
    expect(
      ['2026-12-28', '2027-01-03', '2027-01-04', '2020-12-31'].map((day) =>
        isoWeekOf(calendarDateUnsafe(day)),
      ),
    ).toEqual([53, 53, 1, 53])
  })
})
