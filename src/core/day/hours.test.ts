import fc from 'fast-check'
import { defaultSettings, type Settings } from '../record'
import { calendarDateUnsafe } from '../time'
import { availableIn, hasPrivateHours, hoursOn, stretchedTo } from './hours'
import { minutesIn, type Interval } from './busy'
import { breaksOf, minutesLeft, openIn, roomIn } from './load'

const [friday, saturday] = [calendarDateUnsafe('2026-03-13'), calendarDateUnsafe('2026-03-14')]
const withHours = (more: Partial<Settings>): Settings => ({ ...defaultSettings, ...more })
const span = (from: number, to: number): Interval => ({ from, to })

it('a weekday has its own hours with their breaks, else those from the beginning to the end of a day', () => {
  const settings = withHours({ workingHours: { '4': [span(780, 1080), span(540, 720)], '5': [] } })
  expect(hoursOn(settings, friday)).toEqual([span(540, 720), span(780, 1080)])
  expect([hoursOn(settings, saturday), availableIn(settings, saturday, null)]).toEqual([[], 0])
  expect(hoursOn(settings, calendarDateUnsafe('2026-03-12'))).toEqual([span(480, 1080)])
  // At most so many are available, and no more than the hours have.
  expect(availableIn(settings, friday, null)).toBe(300)
  expect(availableIn(withHours({ workingHours: { '4': [span(540, 600)] } }), friday, null)).toBe(60)
})
it('what is set so that hours overlap or end before they begin is taken for what it can mean', () =>
  expect(
    hoursOn(withHours({ workingHours: { '4': [span(600, 540), span(480, 700), span(660, 720)] } }), friday),
  ).toEqual([span(480, 720)]))
it('work and private hours are told apart once there are any that are private', () => {
  const settings = withHours({
    workingHours: { '4': [span(540, 780)] },
    privateHours: { '4': [span(1080, 1260)] },
    privateMinutes: { '4': 120 },
  })
  const all = (['work', 'private', 'both'] as const).map((side) => [
    minutesIn(hoursOn(settings, friday, side)),
    availableIn(settings, friday, null, side),
  ])
  expect(all).toEqual([
    [240, 240],
    [180, 120],
    [420, 360],
  ])
  // Set by hand, a day has that much for work.
  expect(availableIn(settings, friday, 60, 'both')).toBe(180)
  expect([hasPrivateHours(settings), hasPrivateHours(withHours({ privateHours: { '4': [] } }))]).toEqual([
    true,
    false,
  ])
  expect(availableIn(withHours({}), friday, null, 'private')).toBe(300)
})
it.each([
  ['as they are, where they hold enough', [span(540, 600)], 60, [span(540, 600)]],
  ['longer in the evening', [span(540, 600), span(660, 700)], 160, [span(540, 600), span(660, 760)]],
  ['and earlier, where the evening ends', [span(540, 1380)], 1000, [span(440, 1440)]],
  ['from when a day begins, on one that has none', [], 30, [span(480, 510)]],
])('hours are %s', (_, hours, minutes, stretched) =>
  expect(stretchedTo(hours, minutes, 480)).toEqual(stretched),
)

it('breaks, events and what is open make up the hours of a day, and what is left never grows', () => {
  const some = fc
    .array(fc.tuple(fc.integer({ min: 0, max: 1440 }), fc.integer({ min: 0, max: 400 })), { maxLength: 6 })
    .map((all) => all.map(([from, length]) => span(from, Math.min(1440, from + length))))
  fc.assert(
    fc.property(some, some, fc.integer({ min: 0, max: 900 }), (worked, busy, availableMinutes) => {
      const hours = hoursOn(withHours({ workingHours: { '4': worked } }), friday)
      const size = { availableMinutes, hours, busy }
      const open = openIn(size)
      const isIn = (list: readonly Interval[], at: number) =>
        list.some(({ from, to }) => at >= from && at < to)
      for (let at = 0; at < 1440; at += 7) {
        expect(isIn(open, at)).toBe(isIn(worked, at) && !isIn(busy, at))
        if (isIn(breaksOf(size), at)) expect(isIn(worked, at)).toBe(false)
      }
      expect(roomIn(size)).toBe(Math.min(availableMinutes, minutesIn(open)))
      let before = Infinity
      for (let minute = 0; minute <= 1440; minute += 60) {
        const left = minutesLeft(size, 0, minute)
        expect(left).toBeLessThanOrEqual(before)
        before = left
      }
      expect(before).toBe(0)
    }),
    { seed: 11, numRuns: 80 },
  )
})
