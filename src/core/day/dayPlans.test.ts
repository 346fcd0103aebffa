import fc from 'fast-check'
import { weights, type Action } from '../record'
import { addDays, calendarDateUnsafe, type CalendarDate } from '../time'
import { plainAction } from '../testing/plainAction'
import { anyReach } from '.'
import { pickHandOf } from './pickHand'
import { countInReach, justOutOfReach, pairFor, rankedInReach, type ReachReason } from './reachOrder'
import { spreadOver } from './spread'
import { waysOut } from './waysOut'

const today = calendarDateUnsafe('2026-03-11')
const day = (away: number) => addDays(today, away)
let count = 0
const action = (patch: Partial<Action>): Action => ({ ...plainAction, id: `action:${++count}`, ...patch })
const due = (away: number) => ({ due: { date: day(away), time: null } })

describe('the ways out of a day that is too full', () => {
  const roomy = () => 300
  it('move what weighs least and is just enough, shorten the longest, hand over what anybody can do', () => {
    const must = action({ minutes: 60, weight: 'must' })
    const could = action({ minutes: 30, weight: 'could' })
    const long = action({ minutes: 120, weight: 'must', energy: 'deep' })
    const easy = action({ minutes: 40, payoff: 'much', craft: 'little' })
    expect(waysOut([must, could, long, easy], 25, today, roomy)).toEqual([
      { kind: 'move', id: could.id, to: day(1) },
      { kind: 'shrink', id: long.id, minutes: 95 },
      { kind: 'handOver', id: easy.id },
    ])
  })
  it('leave what is due today, fixed or underway where it is', () => {
    const stays = [
      action({ minutes: 60, ...due(0) }),
      action({ minutes: 60, at: { date: today, time: null } }),
      action({ minutes: 60, startedAtEpochMs: 1 }),
    ]
    expect(waysOut(stays, 30, today, roomy).some(({ kind }) => kind === 'move')).toBe(false)
  })
  it('move to a day that has room, and never behind the promise', () => {
    const promised = action({ minutes: 60, ...due(2) })
    const roomOn = (room: Record<string, number>) => (date: CalendarDate) => room[date] ?? 0
    expect(waysOut([promised], 30, today, roomOn({ [day(2)]: 60 }))[0]).toEqual({
      kind: 'move',
      id: promised.id,
      to: day(2),
    })
    expect(
      waysOut([promised], 30, today, roomOn({ [day(3)]: 600 })).some(({ kind }) => kind === 'move'),
    ).toBe(false)
  })
  it('say nothing of a day that fits, and never more than one of a kind', () => {
    const some = fc.array(
      fc.record({ minutes: fc.constantFrom(null, 5, 30, 90, 400), weight: fc.constantFrom(...weights) }),
      { maxLength: 8 },
    )
    fc.assert(
      fc.property(some, fc.integer({ min: 0, max: 300 }), (patches, over) => {
        const planned = patches.map((patch) => action(patch))
        const ways = waysOut(planned, over, today, roomy)
        if (over === 0) expect(ways).toEqual([])
        expect(new Set(ways.map(({ kind }) => kind)).size).toBe(ways.length)
        for (const way of ways)
          if (way.kind === 'shrink') {
            const before = planned.find(({ id }) => id === way.id)?.minutes ?? 0
            expect(way.minutes).toBeLessThan(before)
            expect(way.minutes).toBeGreaterThanOrEqual(before / 2 - 5)
          }
      }),
      { seed: 51, numRuns: 300 },
    )
  })
})

describe('a bad day spread', () => {
  it('lays promises first, on days that have room', () => {
    const late = action({ minutes: 60 })
    const promised = action({ minutes: 60, ...due(1) })
    const overdue = action({ minutes: 30, ...due(-3) })
    const room: Record<string, number> = { [day(1)]: 60, [day(2)]: 120 }
    expect(spreadOver([late, promised, overdue], [day(2), day(1)], (date) => room[date] ?? 0)).toEqual([
      { id: overdue.id, to: day(1), fits: true },
      { id: promised.id, to: day(1), fits: false },
      { id: late.id, to: day(2), fits: true },
    ])
  })
  it('lays each on one of the chosen days, and none behind its promise', () => {
    const some = fc.array(
      fc.record({
        minutes: fc.constantFrom(null, 15, 45, 120),
        weight: fc.constantFrom(...weights),
        due: fc
          .constantFrom(null, -1, 1, 2, 3)
          .map((away) => (away === null ? null : { date: day(away), time: null })),
      }),
      { maxLength: 12 },
    )
    const rooms = fc.array(fc.integer({ min: 0, max: 200 }), { minLength: 1, maxLength: 4 })
    fc.assert(
      fc.property(some, rooms, (patches, room) => {
        const actions = patches.map((patch) => action(patch))
        const days = room.map((_, at) => day(at + 1))
        const left = new Map(days.map((date, at) => [date, room[at] as number]))
        const spread = spreadOver(actions, days, (date) => left.get(date) ?? 0)
        expect(spread.map(({ id }) => id).sort()).toEqual(actions.map(({ id }) => id).sort())
        for (const { id, to, fits } of spread) {
          const of = actions.find((each) => each.id === id) as Action
          const needed = of.minutes ?? 15
          if (of.due && of.due.date >= day(1)) expect(to <= of.due.date).toBe(true)
          expect(fits).toBe((left.get(to) ?? 0) >= needed)
          left.set(to, (left.get(to) ?? 0) - needed)
        }
      }),
      { seed: 52, numRuns: 300 },
    )
  })
})

describe('what is in reach now', () => {
  const around = (reach = anyReach) => ({
    today,
    reach,
    isLastOf: ({ projectId }: Action) => projectId === 'project:last',
  })
  it.each<[string, Partial<Action>, Partial<typeof anyReach>, ReachReason]>([
    ['due tomorrow', due(1), {}, { kind: 'due', days: 1 }],
    ['overdue', due(-2), {}, { kind: 'overdue' }],
    ['moved three times', { moved: ['a', 'b', 'c'] }, {}, { kind: 'moved', times: 3 }],
    [
      'the last of its project',
      { projectId: 'project:last' },
      {},
      { kind: 'lastOf', projectId: 'project:last' },
    ],
    ['just as long as there is time', { minutes: 25 }, { minutes: 25 }, { kind: 'fits', minutes: 25 }],
    ['picked', { day: today }, {}, { kind: 'picked' }],
    ['nothing of its own', {}, {}, { kind: 'atHand' }],
  ])('says why: %s', (_, patch, reach, reason) =>
    expect(rankedInReach([action(patch)], around({ ...anyReach, ...reach }))[0]?.reason).toEqual(reason),
  )
  it('ranks what presses before what does not', () => {
    const [plain, tomorrow, must, could] = [
      action({}),
      action(due(1)),
      action({ weight: 'must' }),
      action({ weight: 'could' }),
    ]
    expect(rankedInReach([could, plain, must, tomorrow], around()).map(({ action: { id } }) => id)).toEqual(
      [tomorrow, must, plain, could].map(({ id }) => id),
    )
  })
  it('tells what just does not fit, and by what alone', () => {
    const reach = {
      ...anyReach,
      minutes: 30,
      energy: 'light' as const,
      contextIds: ['context:desk' as const],
    }
    const long = action({ minutes: 45 })
    const deep = action({ energy: 'deep' })
    const away = action({ contextIds: ['context:site'] })
    const tooLong = action({ minutes: 90 })
    const both = action({ minutes: 45, energy: 'deep' })
    const out = justOutOfReach([long, deep, away, tooLong, both], around(reach), 9)
    expect(new Map(out.map(({ action: { id }, misses }) => [id, misses]))).toEqual(
      new Map([
        [long.id, 'minutes'],
        [deep.id, 'energy'],
        [away.id, 'contexts'],
      ]),
    )
    expect(rankedInReach([long, deep, away], around(reach))).toEqual([])
    // They are counted as they are listed, and no further than is asked.
    const fitting = [action({ minutes: 5 }), action({}), action({ minutes: 30 })]
    const all = [long, ...fitting, deep, away]
    expect(countInReach(all, around(reach), 9)).toBe(rankedInReach(all, around(reach)).length)
    expect(countInReach(all, around(reach), 2)).toBe(2)
  })
  it('finds two that fill half an hour together, where no one does', () => {
    const [a, b, c] = [action({ minutes: 20 }), action({ minutes: 10 }), action({ minutes: 25 })]
    const ranked = rankedInReach([a, b, c], around({ ...anyReach, minutes: 30 }))
    expect(new Set(pairFor(ranked, 30)?.map(({ id }) => id))).toEqual(new Set([a.id, b.id]))
    expect(pairFor(rankedInReach([action({ minutes: 30 }), a, b], around()), 30)).toBeNull()
  })
})

it('the hand holds what presses first, then the first of what is soon', () => {
  const soon = Array.from({ length: 12 }, () => action({}))
  const [late, now, week] = [action({}), action({}), action({})]
  const hand = pickHandOf({ carriedOver: [late], dueToday: [now], week: [week] }, [
    action({ horizon: 'shelf' }),
    ...soon,
  ])
  expect(hand.map(({ from }) => from)).toEqual([
    'carriedOver',
    'dueToday',
    'week',
    ...Array<string>(8).fill('soon'),
  ])
})
