import { recordIn, recordsIn } from '@/core/journal'
import type { Action, Id, Reminder } from '@/core/record'
import { whenOf } from '@/core/reminder'
import { calendarDateUnsafe as day, fromMinute, localMomentAt } from '@/core/time'
import { dueReminders, nextReminderOf } from '../../read/reminding'
import { makeTestStore, testStartEpochMs } from '../../testing'

const minuteMs = 60_000
async function storeWith(given: Partial<Action>, ...whens: Reminder['when'][]) {
  const store = makeTestStore()
  await store.load()
  const made = store.run('addAction', { title: 'ring Oda', ...given, reminders: whens })
  if (!made.ok || made.value[0]?.kind !== 'added') throw new Error('not made')
  const id = made.value[0].record.id as Id<'action'>
  let zone = 'Europe/London'
  const now = () => localMomentAt(store.clock.epochMs, zone)
  return {
    store,
    id,
    document: () => store.api.getState().document,
    /** Minutes after Wednesday 11 March 2026, 09:00 in London. */
    at: (minutes: number) => (store.clock.epochMs = testStartEpochMs + minutes * minuteMs),
    fly: (to: string) => (zone = to),
    due: () => dueReminders(store.api.getState().document, now()),
    answer: () => {
      const [first] = dueReminders(store.api.getState().document, now())
      if (!first) throw new Error('nothing reminds')
      return store.run('answerReminders', {
        answers: [{ id: first.reminder.id, moment: whenOf(first.moment) }],
      })
    },
  }
}
const halfPastNine = { kind: 'at', date: day('2026-03-11'), time: fromMinute(570) } as const
const times = (found: ReturnType<typeof dueReminders>) =>
  found.map(({ moment }) => [moment.date, moment.minute])

it('reminds from its minute on until it is answered', async () => {
  const { at, due, answer } = await storeWith({}, halfPastNine)
  at(29)
  expect(due()).toEqual([])
  at(30)
  expect(due()).toHaveLength(1)
  at(600)
  expect(due()).toHaveLength(1)
  answer()
  expect(due()).toEqual([])
})
it('what was missed in a sleep of days is gathered, the longest past first', async () => {
  const { at, due } = await storeWith(
    { due: { date: day('2026-03-14'), time: null } },
    { kind: 'daysBefore', days: 1, time: fromMinute(540) },
    halfPastNine,
  )
  at(5 * 1440)
  expect(times(due())).toEqual([
    ['2026-03-11', 570],
    ['2026-03-13', 540],
  ])
})
it('reminds at its time on the wall on both sides of a clock change, in a clock set back too', async () => {
  const { at, due, answer } = await storeWith(
    {},
    { kind: 'at', date: day('2026-03-29'), time: fromMinute(540) },
  )
  // The clocks in London go forward that night: nine is eight hours after midnight in UTC.
  const nine = (Date.UTC(2026, 2, 29, 8) - testStartEpochMs) / minuteMs
  at(nine - 1)
  expect(due()).toEqual([])
  at(nine)
  expect(due()).toHaveLength(1)
  at(nine - 600)
  expect(due()).toEqual([])
  at(nine)
  answer()
  at(nine + 60 * 24 * 365)
  expect(due()).toEqual([])
})
it('once answered does not remind again in another zone', async () => {
  const { at, due, answer, fly } = await storeWith({}, halfPastNine)
  at(31)
  answer()
  fly('America/New_York')
  at(31 + 6 * 60)
  expect(due()).toEqual([])
})
it('snoozed, reminds then, and is one undo', async () => {
  const { store, at, due, document } = await storeWith({}, halfPastNine)
  at(31)
  const [standing] = due()
  if (!standing) throw new Error('nothing reminds')
  const before = document()
  store.run('snoozeReminder', {
    id: standing.reminder.id,
    moment: whenOf(standing.moment),
    to: { date: day('2026-03-11'), time: fromMinute(590) },
  })
  expect(due()).toEqual([])
  at(50)
  expect(due()).toHaveLength(1)
  store.undo()
  expect(recordIn(document(), standing.reminder.id)).toEqual(recordIn(before, standing.reminder.id))
})
it('is silent once its action is done, and comes along with the next of what repeats', async () => {
  const { store, id, at, due, document } = await storeWith({ day: day('2026-03-11') }, halfPastNine)
  store.run('setRepeat', { id, repeat: { rule: 'FREQ=WEEKLY;BYDAY=WE', fromDone: false, time: null } })
  at(31)
  store.run('tick', { id })
  expect(due()).toEqual([])
  at(7 * 1440 + 31)
  expect(times(due())).toEqual([['2026-03-18', 570]])
  expect(recordsIn(document(), 'reminder')).toHaveLength(2)
})
it('says when an action reminds next', async () => {
  const { id, document, answer, at } = await storeWith(
    { due: { date: day('2026-03-14'), time: null } },
    { kind: 'daysBefore', days: 1, time: fromMinute(540) },
    halfPastNine,
  )
  expect(nextReminderOf(document(), id)).toEqual({ date: '2026-03-11', minute: 570 })
  at(31)
  answer()
  expect(nextReminderOf(document(), id)).toEqual({ date: '2026-03-13', minute: 540 })
})
