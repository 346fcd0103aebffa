// Every figure of the look back against one counted by hand, after every act.
import fc from 'fast-check'
import { makeTimestamp, recordsIn, type Document } from '@/core/journal'
import type { DaySpan } from '@/core/lookBack'
import type { Action, Id, TimeEntry } from '@/core/record'
import { addDays, calendarDateUnsafe, localMomentAt, type CalendarDate } from '@/core/time'
import { owned, select } from '..'
import { makeTestStore, runnerOf } from '../testing'
import { howItWent } from './howItWent'
import { matchesOf } from './lenses'
import * as finished from './finished'
import { groupings, lookBackOf, type Grouping } from './lookBack'
import { answerPast } from './past'

const zone = 'Europe/London'
const doneOn = (action: Action) => localMomentAt(action.doneAtEpochMs ?? 0, zone).date

/** Straight from the records: nothing is remembered from before. */
function byHand(document: Document, from: CalendarDate, to: CalendarDate) {
  const done = recordsIn(document, 'action').filter(
    (action) => action.doneAtEpochMs !== null && doneOn(action) >= from && doneOn(action) <= to,
  )
  const minutesOf = (action: Action) => {
    const timed = recordsIn(document, 'timeEntry').filter(({ actionId }) => actionId === action.id)
    const sum = timed.reduce((total, { minutes }) => total + minutes, 0)
    return action.takenMinutes ?? (timed.length > 0 ? sum : (action.minutes ?? 0))
  }
  const byArea = new Map<string, number>()
  for (const action of done) {
    const project = recordsIn(document, 'project').find(({ id }) => id === action.projectId)
    const area = project?.areaId ?? action.areaId ?? ''
    byArea.set(area, (byArea.get(area) ?? 0) + minutesOf(action))
  }
  return {
    minutes: done.reduce((sum, action) => sum + minutesOf(action), 0),
    outcomes: new Set(done.map(({ id }) => id.split('~')[0])).size,
    byArea,
  }
}

/** The same, asked in the search line. */
function asked(document: Document, span: DaySpan, today: CalendarDate) {
  const question = { kind: 'howMuch', about: '', namedId: null, span, days: null, ofProjects: false } as const
  const answering = answerPast(document, question, { today, zone, finished })
  for (;;) {
    const step = answering.next()
    if (step.done) return step.value
  }
}

type Act = 'done' | 'timed' | 'undone' | 'nextDay' | 'moved' | 'corrected' | 'undo'
const acts = fc.array(
  fc.tuple(
    fc.constantFrom<Act>('done', 'done', 'timed', 'undone', 'nextDay', 'moved', 'corrected', 'undo'),
    fc.nat(9),
  ),
  { minLength: 3, maxLength: 18 },
)

it('equals what is counted from the records, whatever was done, undone, timed, corrected or moved', async () => {
  await fc.assert(
    fc.asyncProperty(acts, async (all) => {
      const store = makeTestStore()
      await store.load()
      const run = runnerOf(store)
      const areas = ['halls', 'home'].map((name) => run('addArea', { name, groupId: null }) as Id<'area'>)
      const project = run('addProject', { title: 'mill', areaId: areas[0] }) as Id<'project'>
      const desk = run('addContext', { name: 'Desk' }) as Id<'context'>
      const begins = store.api.getState().today
      const made: Id<'action'>[] = []
      const look = (grouping: Grouping) =>
        lookBackOf(
          store.api.getState().document,
          { from: begins, to: addDays(begins, 20) },
          { zone, side: 'both', grouping, weekStartsOn: 0 },
        )
      for (const [act, number] of all) {
        const id = made[number % Math.max(1, made.length)]
        const action = recordsIn(store.api.getState().document, 'action').find((each) => each.id === id)
        if (act === 'nextDay') store.clock.epochMs += 86_400_000
        else if (act === 'done' || act === 'timed' || !action) {
          const on = number % 3 === 0 ? { projectId: project } : { areaId: areas[number % 2] ?? null }
          const contextIds = number % 2 === 0 ? [desk] : []
          const added = { title: 'a', minutes: number * 5 || null, contextIds, ...on }
          const fresh = run('addAction', added) as Id<'action'>
          made.push(fresh)
          if (act === 'timed') {
            run('startTimer', { id: fresh })
            store.clock.epochMs += number * 60_000
            run('stopTimer', { id: fresh })
          }
          run('tick', { id: fresh })
        } else if (act === 'undone') run(action.doneAtEpochMs === null ? 'tick' : 'untick', { id: action.id })
        else if (act === 'corrected') store.run('correctTaken', { id: action.id, minutes: 7 + number })
        else if (act === 'undo') store.undo()
        else store.run('editProject', { id: project, patch: { areaId: areas[number % 2] ?? null } })
        const { document } = store.api.getState()
        const hand = byHand(document, begins, addDays(begins, 20))
        for (const grouping of groupings) {
          const back = look(grouping)
          expect([back.doneMinutes, back.outcomes]).toEqual([hand.minutes, hand.outcomes])
          expect(back.groups.reduce((sum, { minutes }) => sum + minutes, 0)).toBe(hand.minutes)
        }
        expect(asked(document, { from: begins, to: addDays(begins, 20) }, begins)).toMatchObject({
          minutes: hand.minutes,
          outcomes: hand.outcomes,
          estimatedMinutes: look('area').estimatedMinutes,
        })
        expect(new Map(look('area').groups.map(({ key, minutes }) => [key, minutes]))).toEqual(hand.byArea)
        const week = Array.from({ length: 21 }, (_, at) => addDays(begins, at))
        expect(look('area').days).toEqual(howItWent(document, week, zone, 'both'))
      }
    }),
    { seed: 24, numRuns: 40 },
  )
})
it('a project that is finished is on its day, with what it took against what it was meant to take', async () => {
  const store = makeTestStore()
  await store.load()
  const run = runnerOf(store)
  const project = run('addProject', { title: 'mill' }) as Id<'project'>
  const id = run('addAction', { title: 'survey', projectId: project, minutes: 30 }) as Id<'action'>
  run('tick', { id })
  run('correctTaken', { id, minutes: 50 })
  run('setProjectState', { id: project, state: 'finished' })
  const { document, today } = store.api.getState()
  const of = (from: CalendarDate, to: CalendarDate) =>
    finished.finishedIn(document, { from, to }, zone, 'both')
  expect(of(today, today)).toMatchObject([{ project: { id: project }, closedOn: today }])
  expect(of(addDays(today, -9), addDays(today, -1))).toEqual([])
  expect(owned.minutesDoneIn(document, select.actionsOf(document))).toBe(50)
})
it('a filter counts only what it matches, done or planned; a taken time that another copy brings is counted', async () => {
  const store = makeTestStore()
  await store.load()
  const run = runnerOf(store)
  const day = store.api.getState().today
  const [long, short] = [40, 10].map((minutes) => {
    const id = run('addAction', { title: 'a', minutes }) as Id<'action'>
    run('tick', { id })
    return id
  }) as [Id<'action'>, Id<'action'>]
  const look = (most: number | null) => {
    const { document } = store.api.getState()
    const conditions = [{ kind: 'minutes', from: null, to: most }] as const
    const matches = most === null ? null : matchesOf(document, conditions, { today: day, zone })
    const asked = { zone, side: 'both', grouping: 'area', weekStartsOn: 0, matches } as const
    return lookBackOf(document, { from: day, to: day }, asked)
  }
  expect(look(null).doneMinutes).toBe(50)
  expect(look(20)).toMatchObject({ doneMinutes: 10, outcomes: 1 })
  expect(look(20).groups.map(({ ids }) => ids())).toEqual([[short]])
  // Only a copy from elsewhere writes one beside an action that is done.
  const entry: TimeEntry = { id: 'timeEntry:other', actionId: long, startedAtEpochMs: 0, minutes: 70 }
  await store.importEntries([{ record: entry, all: makeTimestamp(store.clock.epochMs + 1, 0, 'other') }], [])
  expect(look(null).doneMinutes).toBe(80)
})
it('the last minute before midnight is that day’s, wherever the clock hangs', async () => {
  const store = makeTestStore()
  await store.load()
  const run = runnerOf(store)
  // Two minutes before midnight in London, in the hour that summer time begins.
  store.clock.epochMs = Date.UTC(2026, 2, 29, 22, 58)
  run('tick', { id: run('addAction', { title: 'late', minutes: 10 }) as Id<'action'> })
  const { document } = store.api.getState()
  const minutesOn = (day: string, at: string) => {
    const date = calendarDateUnsafe(day)
    const asked = { zone: at, side: 'both', grouping: 'area', weekStartsOn: 0 } as const
    return lookBackOf(document, { from: date, to: date }, asked).doneMinutes
  }
  expect(minutesOn('2026-03-29', 'Europe/London')).toBe(10)
  expect(minutesOn('2026-03-30', 'Europe/London')).toBe(0)
  expect(minutesOn('2026-03-30', 'Europe/Berlin')).toBe(10)
})
