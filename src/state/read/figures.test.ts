// Figures about the same thing are the same wherever they stand: each against one counted by hand from the records.
import fc from 'fast-check'
import { reviewFiguresOf } from '@/core/review'
import type { Action, Id } from '@/core/record'
import { addDays, localMomentAt } from '@/core/time'
import { lists, owned, select } from '..'
import { askedAt, loadOn, tapeOn } from './dayLoad'
import { movesOf } from './goals'
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
      }).toEqual({
        day: minutes,
        week: minutes,
        closing: minutes,
        review: minutes,
        goal: minutes,
        pace: minutes,
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
