// Figures about the same thing are the same wherever they stand: each against one counted by hand from the records.
import fc from 'fast-check'
import { reviewFiguresOf } from '@/core/review'
import type { Action, Id } from '@/core/record'
import { addDays, localMomentAt, type CalendarDate } from '@/core/time'
import { emptyLens, type Lens } from '@/core/lens'
import { weekSheetOf } from '@/core/week'
import { lists, owned, select } from '..'
import { askedAt, loadOn, tapeOn } from './dayLoad'
import { movesOf } from './goals'
import { lensListOnce } from './lenses'
import { lookBackOf } from './lookBack'
import { paceOf } from './pace'
import { makeTestStore, runnerOf } from '../testing'

interface Made {
  readonly minutes: number | null
  readonly timed: readonly number[]
  readonly corrected: number | null
  readonly waits: 'no' | 'for' | 'to sign off'
  readonly done: boolean
}
const made: fc.Arbitrary<Made> = fc.record({
  minutes: fc.option(fc.integer({ min: 1, max: 60 })),
  timed: fc.array(fc.integer({ min: 1, max: 9 }), { maxLength: 2 }),
  corrected: fc.option(fc.integer({ min: 1, max: 60 })),
  waits: fc.constantFrom('no', 'no', 'for', 'to sign off'),
  done: fc.boolean(),
})

/** Counted by hand: as corrected, else as timed, else as estimated. */
const took = ({ minutes, timed, corrected }: Made): number =>
  corrected ?? (timed.length > 0 ? timed.reduce((sum, each) => sum + each, 0) : (minutes ?? 0))

it('minutes done and what is waited for are the same at every station', async () => {
  await fc.assert(
    fc.asyncProperty(fc.array(made, { minLength: 1, maxLength: 8 }), async (all) => {
      const store = makeTestStore()
      await store.load()
      const run = runnerOf(store)
      const goal = run('addGoal', { title: 'halls', reach: 'near' }) as Id<'goal'>
      const project = run('addProject', { title: 'mill' }) as Id<'project'>
      run('pointAt', { id: project, goalId: goal, points: true })
      run('setSettings', { underwayLimit: 20 })
      const today = store.api.getState().today
      for (const each of all) {
        const { minutes, timed, corrected, waits, done } = each
        const waiting = {
          personId: null,
          whom: 'Oda',
          since: today,
          chaseOn: null,
          how: '',
          toSignOff: waits === 'to sign off',
        }
        const id = run('addAction', { title: 'a', projectId: project, minutes }) as Id<'action'>
        for (const worked of timed) {
          run('startTimer', { id })
          store.clock.epochMs += worked * 60_000
          run('stopTimer', { id })
        }
        if (waits !== 'no') run('setWaiting', { id, waiting })
        if (corrected !== null) run('correctTaken', { id, minutes: corrected })
        store.clock.epochMs += 60_000
        if (done) run('tick', { id })
      }
      const { document } = store.api.getState()
      const asked = askedAt(store.clock.epochMs, store.clock.zone)
      const finished = all.filter(({ done }) => done)
      const minutes = finished.reduce((sum, each) => sum + took(each), 0)
      const waitingFor = all.filter(({ done, waits }) => !done && waits === 'for').length
      const doneToday = lists.doneOf(document, today, today, asked.zone)
      const figures = reviewFiguresOf(
        {
          slipCount: 0,
          projects: select.projectsOf(document),
          actions: select.actionsOf(document),
          minutesDone: (done: readonly Action[]) => owned.minutesDoneIn(document, done),
        },
        today,
        asked.zone,
      )
      expect({
        day: loadOn(document, today, asked).doneMinutes,
        week: owned.minutesDoneIn(document, lists.doneOf(document, addDays(today, -2), today, asked.zone)),
        closing: owned.minutesDoneIn(document, doneToday),
        review: figures.doneMinutes,
        goal: movesOf(document, goal, today, asked.zone).minutes,
        pace: paceOf(document, project, today, asked.zone).doneMinutes,
        lookBack: lookBackOf(
          document,
          { from: today, to: today },
          { zone: asked.zone, side: 'both', grouping: 'goal', weekStartsOn: 0 },
        ).doneMinutes,
      }).toEqual({
        day: minutes,
        week: minutes,
        closing: minutes,
        review: minutes,
        goal: minutes,
        pace: minutes,
        lookBack: minutes,
      })
      expect([figures.waiting, lists.waitingOf(document).length]).toEqual([waitingFor, waitingFor])
      expect(figures.done).toBe(finished.length)
      // To scale, what was done is never longer than it took.
      const drawn = tapeOn(document, today, asked).pieces.filter(({ kind }) => kind === 'done')
      expect(drawn.reduce((sum, { from, to }) => sum + to - from, 0)).toBeLessThanOrEqual(minutes)
      expect(localMomentAt(store.clock.epochMs, asked.zone).date).toBe(today)
    }),
    { seed: 31, numRuns: 60 },
  )
})

interface Laid {
  readonly minutes: number | null
  readonly day: 'earlier' | 'today' | 'tomorrow' | 'none'
  readonly isPromise: boolean
  readonly waits: boolean
  readonly isUnderway: boolean
  readonly people: readonly ('oda' | 'per')[]
  readonly done: boolean
}
const laid: fc.Arbitrary<Laid> = fc.record({
  minutes: fc.option(fc.integer({ min: 1, max: 90 })),
  day: fc.constantFrom('earlier', 'today', 'tomorrow', 'none'),
  isPromise: fc.boolean(),
  waits: fc.constantFrom(false, false, true),
  isUnderway: fc.boolean(),
  people: fc.subarray(['oda', 'per']),
  done: fc.constantFrom(false, false, true),
})
const sumOf = (all: readonly Laid[]): number => all.reduce((sum, { minutes }) => sum + (minutes ?? 0), 0)

it('what is planned on a day, and what a person’s list holds, are the same at every station', async () => {
  await fc.assert(
    fc.asyncProperty(fc.array(laid, { maxLength: 8 }), async (all) => {
      const store = makeTestStore()
      await store.load()
      const run = runnerOf(store)
      const people = { oda: run('addPerson', { name: 'Oda' }), per: run('addPerson', { name: 'Per' }) }
      run('setSettings', { underwayLimit: 20 })
      const today = store.api.getState().today
      const days = { earlier: addDays(today, -2), today, tomorrow: addDays(today, 1), none: null }
      const ids = all.map((each) => {
        const day = days[each.day]
        const dated = each.isPromise ? { due: day && { date: day, time: null } } : { day }
        const personIds = each.people.map((name) => people[name] as Id<'person'>)
        const id = run('addAction', {
          title: 'a',
          minutes: each.minutes,
          personIds,
          ...dated,
        }) as Id<'action'>
        if (each.isUnderway) run('start', { id })
        if (each.waits) {
          const to = {
            personId: null,
            whom: 'the mill',
            since: today,
            chaseOn: null,
            how: '',
            toSignOff: false,
          }
          run('setWaiting', { id, waiting: to })
        }
        if (each.done) run('tick', { id })
        return id
      })
      const { document } = store.api.getState()
      const asked = askedAt(store.clock.epochMs, store.clock.zone)
      const recordsOf = (which: (each: Laid) => boolean) =>
        ids.filter((_, index) => which(all[index] as Laid)).sort()
      const idsIn = (actions: readonly Action[]) => actions.map(({ id }) => id).sort()

      // By hand: open and not waiting; on the day, on today what an earlier day has left over too, and what is underway.
      const isOpenHere = ({ done, waits }: Laid) => !done && !waits
      const isOnToday = (each: Laid) =>
        isOpenHere(each) &&
        (each.day === 'earlier' || each.day === 'today' || (each.isUnderway && each.day === 'none'))
      const isOnTomorrow = (each: Laid) => isOpenHere(each) && each.day === 'tomorrow'
      expect(loadOn(document, today, asked).plannedMinutes).toBe(sumOf(all.filter(isOnToday)))
      expect(loadOn(document, addDays(today, 1), asked).plannedMinutes).toBe(sumOf(all.filter(isOnTomorrow)))
      const week = weekSheetOf(select.actionsOf(document), addDays(today, 1), today)
      const onDay = (date: CalendarDate) => week.days.find((day) => day.date === date)?.actions ?? []
      expect(idsIn(onDay(addDays(today, 1)))).toEqual(recordsOf(isOnTomorrow))

      for (const name of ['oda', 'per'] as const) {
        const expected = recordsOf(({ done, people: its }) => !done && its.includes(name))
        expect(idsIn(lists.actionsOfPerson(document, people[name] as Id<'person'>))).toEqual(expected)
        const asksFor = { kind: 'choice', field: 'person', values: [people[name]], not: false } as const
        const lens = { ...emptyLens, conditions: [asksFor] } as Lens
        const at = { today, zone: asked.zone }
        const listed = lensListOnce(document, lens, at).bands.flatMap(({ groups }) =>
          groups.flatMap(({ actions }) => actions),
        )
        expect(idsIn(listed)).toEqual(expected)
      }
    }),
    { seed: 32, numRuns: 60 },
  )
})
