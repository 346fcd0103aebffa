import fc from 'fast-check'
import { layOut, minutesBetween, type Gap, type LayoutAsked, type Task } from '.'
import { bitsOf, emptyWay, nextWays, type Way } from './layOut'

const allDay = [{ from: 0, to: 1440 }]
const task = (id: string, minutes: number, more: Partial<Task> = {}): Task => ({
  id,
  minutes,
  value: 20,
  energy: null,
  contextIds: [],
  place: null,
  dueMinute: null,
  atHand: allDay,
  afterIds: [],
  ...more,
})
const gap = (from: number, to: number, more: Partial<Gap> = {}): Gap => ({
  from,
  to,
  placeBefore: undefined,
  placeAfter: undefined,
  ...more,
})
const asked = (tasks: Task[], gaps: Gap[], more: Partial<LayoutAsked> = {}): LayoutAsked => ({
  tasks,
  gaps,
  budget: 480,
  deepByHour: Array.from({ length: 24 }, (_, hour) => (hour >= 9 && hour < 12 ? 1 : 0.2)),
  minutesTo: {},
  wishes: { protectDeep: 1, groupAlike: 1, leaveRoom: 1 },
  ...more,
})
const placed = (of: LayoutAsked) => layOut(of).placed.map(({ id, from, to, why }) => [id, from, to, why])
const left = (of: LayoutAsked) => layOut(of).left.map(({ id, why }) => [id, why])

it('deep work goes into the deep hours, and light work around it', () => {
  const day = asked(
    [task('mail', 30, { energy: 'light' }), task('draft', 90, { energy: 'deep' })],
    [gap(540, 720), gap(780, 1020)],
  )
  expect(placed(day)).toEqual([
    ['draft', 540, 630, 'deepHours'],
    ['mail', 780, 810, 'matters'],
  ])
  // Where it is not asked for, what comes first is first.
  const plain = { ...day, wishes: { ...day.wishes, protectDeep: 0 } }
  expect(placed(plain).map(([id]) => id)).toEqual(['draft', 'mail'])
})
it('what is due at a time is over by then, and what shares a context lies together', () => {
  const day = asked(
    [
      task('call one', 20, { contextIds: ['phone'] }),
      task('write', 60, { contextIds: ['desk'] }),
      task('call two', 20, { contextIds: ['phone'] }),
      task('send', 30, { dueMinute: 600, contextIds: ['desk'] }),
    ],
    [gap(540, 720)],
  )
  expect(placed(day)).toEqual([
    ['send', 540, 570, 'due'],
    ['write', 570, 630, 'alike'],
    ['call one', 640, 660, 'matters'],
    ['call two', 660, 680, 'alike'],
  ])
})
it('says why something is left out', () => {
  const day = asked(
    [
      task('long', 200),
      task('late', 60, { dueMinute: 560 }),
      task('shop', 30, { atHand: [{ from: 1200, to: 1260 }] }),
      task('first', 150, { value: 1 }),
      task('second', 10, { afterIds: ['first'] }),
      task('big', 100, { value: 90 }),
    ],
    [gap(540, 700)],
    { budget: 120 },
  )
  expect(new Map(left(day) as [string, string][])).toEqual(
    new Map([
      ['long', 'tooLong'],
      ['late', 'dueTooEarly'],
      ['shop', 'notAtHand'],
      ['first', 'full'],
      ['second', 'afterAnother'],
    ]),
  )
  expect(left(asked([task('a', 10)], []))).toEqual([['a', 'tooLong']])
})
it('a place takes its minutes to get to and away from, and after an hour and a half there is a break', () => {
  const site = task('site', 40, { place: 'site', contextIds: ['site'] })
  const day = (before: string | null | undefined, after: string | null | undefined) =>
    placed(
      asked([site], [gap(540, 660, { placeBefore: before, placeAfter: after })], { minutesTo: { site: 30 } }),
    )
  expect(day(null, null)).toEqual([['site', 570, 610, 'matters']])
  expect(day('site', undefined)).toEqual([['site', 540, 580, 'matters']])
  expect(
    placed(
      asked([site], [gap(540, 630, { placeBefore: null, placeAfter: null })], { minutesTo: { site: 30 } }),
    ),
  ).toEqual([])
  expect(placed(asked([task('a', 90), task('b', 30, { afterIds: ['a'] })], [gap(540, 720)]))).toEqual([
    ['a', 540, 630, 'matters'],
    ['b', 640, 670, 'matters'],
  ])
})
it('leaves room: a tenth of what there is stays free, unless it matters', () => {
  const tasks = [1, 2, 3, 4, 5].map((at) => task(`t${at}`, 60, { value: 8 }))
  const all = (leaveRoom: number) =>
    placed(
      asked(tasks, [gap(480, 1080)], { budget: 300, wishes: { protectDeep: 0, groupAlike: 0, leaveRoom } }),
    ).length
  expect([all(0), all(1)]).toEqual([5, 4])
})

const contexts = ['desk', 'phone', 'site']
const days = (mostTasks: number, mostGaps: number) =>
  fc
    .record({
      tasks: fc.array(
        fc.record({
          minutes: fc.integer({ min: 1, max: 24 }).map((each) => each * 5),
          value: fc.integer({ min: 2, max: 90 }),
          energy: fc.constantFrom('deep', 'plain', 'light', null),
          context: fc.nat(3),
          due: fc.option(fc.integer({ min: 500, max: 1100 })),
          window: fc.option(fc.tuple(fc.integer({ min: 420, max: 900 }), fc.integer({ min: 60, max: 500 }))),
          after: fc.option(fc.nat(7)),
        }),
        { maxLength: mostTasks },
      ),
      gaps: fc.array(fc.tuple(fc.nat(90), fc.integer({ min: 15, max: 180 }), fc.nat(3), fc.nat(3)), {
        maxLength: mostGaps,
      }),
      budget: fc.integer({ min: 60, max: 600 }),
      wishes: fc.record({ protectDeep: fc.nat(2), groupAlike: fc.nat(2), leaveRoom: fc.nat(2) }),
    })
    .map(({ tasks, gaps, budget, wishes }) => {
      let at = 480
      const places = [undefined, null, 'site', null]
      return asked(
        tasks.map(({ minutes, value, energy, context, due, window, after }, index) =>
          task(`t${index}`, minutes, {
            value,
            energy,
            contextIds: context < 3 ? [contexts[context] as string] : [],
            place: context === 2 ? 'site' : null,
            dueMinute: due,
            atHand: window ? [{ from: window[0], to: window[0] + window[1] }] : allDay,
            // What is before another comes before it: no ring.
            afterIds: after !== null && after < index ? [`t${after}`] : [],
          }),
        ),
        gaps.map(([wait, length, before, behind]) => {
          const from = at + wait
          at = from + length
          return gap(from, at, { placeBefore: places[before], placeAfter: places[behind] })
        }),
        { budget, wishes, minutesTo: { site: 20 } },
      )
    })

it('never breaks a hard rule, places nothing twice, and says of everything where it is', () =>
  fc.assert(
    fc.property(days(14, 5), (day) => {
      const { placed: all, left: rest } = layOut(day)
      const of = new Map(day.tasks.map((each) => [each.id, each]))
      expect([...all, ...rest].map(({ id }) => id).sort()).toEqual([...of.keys()].sort())
      expect(all.reduce((sum, { from, to }) => sum + to - from, 0)).toBeLessThanOrEqual(day.budget)
      all.forEach((piece, at) => {
        const each = of.get(piece.id) as Task
        expect([piece.to - piece.from, piece.from % 5]).toEqual([each.minutes, 0])
        const inside = day.gaps.find(({ from, to }) => piece.from >= from && piece.to <= to) as Gap
        expect(inside).toBeDefined()
        expect(each.atHand.some(({ from, to }) => piece.from >= from && piece.to <= to)).toBe(true)
        if (each.dueMinute !== null) expect(piece.to).toBeLessThanOrEqual(each.dueMinute)
        for (const id of each.afterIds) {
          const before = all.find((other) => other.id === id)
          expect(before && before.to <= piece.from).toBe(true)
        }
        const last = all[at - 1]
        const isSameGap = last !== undefined && last.from >= inside.from
        const [from, free] = isSameGap
          ? [of.get(last.id)?.place, piece.from - last.to]
          : [inside.placeBefore, piece.from - inside.from]
        expect(free).toBeGreaterThanOrEqual(minutesBetween(from, each.place, day.minutesTo))
        const next = all[at + 1]
        if (!next || next.from >= inside.to)
          expect(inside.to - piece.to).toBeGreaterThanOrEqual(
            minutesBetween(each.place, inside.placeAfter, day.minutesTo),
          )
      })
    }),
    { seed: 41, numRuns: 200 },
  ))
it('is the same day for the same question, in whatever order it is asked', () =>
  fc.assert(
    fc.property(days(10, 4), (day) => {
      expect(layOut({ ...day, tasks: [...day.tasks].reverse() })).toEqual(layOut(day))
    }),
    { seed: 42, numRuns: 60 },
  ))

/** The best of all days there are, by trying every one. */
function exhaustive(day: LayoutAsked): number {
  const tasks = [...day.tasks]
  const bits = bitsOf(tasks)
  const known = new Map<string, number>()
  const bestFrom = (way: Way): number => {
    const { spot, done, last } = way
    const key = [spot.gap, spot.minute, spot.since, spot.place, done, last?.id].join(' ')
    const found = known.get(key)
    if (found !== undefined) return found
    let best = 0
    for (const next of nextWays(way, tasks, bits, day))
      best = Math.max(best, next.score - way.score + bestFrom(next))
    known.set(key, best)
    return best
  }
  return day.gaps.length === 0 ? 0 : bestFrom(emptyWay(day))
}
it('is within a twentieth of the best of all days, on 200 days of up to eight actions', () =>
  fc.assert(
    fc.property(days(8, 4), (day) => {
      const best = exhaustive(day)
      expect(layOut(day).score).toBeGreaterThanOrEqual(best * 0.95 - 1e-9)
      expect(layOut(day).score).toBeLessThanOrEqual(best + 1e-9)
    }),
    { seed: 43, numRuns: 200 },
  ))
