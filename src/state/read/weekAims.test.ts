import { recordIn, recordsIn, withChanges, type Change, type Timestamp } from '@/core/journal'
import type { Id } from '@/core/record'
import { calendarDateUnsafe } from '@/core/time'
import { makeTestStore } from '../testing'
import { noteIn } from './tiedTo'
import { weekAims } from './weekAims'

const monday = calendarDateUnsafe('2026-03-09')
const zone = 'Europe/London'

async function opened() {
  const store = makeTestStore()
  await store.load()
  const document = () => store.api.getState().document
  const aims = () => Object.values(weekAims(document(), monday, zone))
  return { store, document, aims }
}
const figures = {
  slipsLeft: 0,
  projectsOpen: 0,
  projectsWithoutNextAction: 0,
  waiting: 0,
  someday: 0,
  done: 0,
  doneMinutes: 0,
  doneTitles: [],
}

it('are those of the review that looked ahead to the week, until they are set on the week', async () => {
  const { store, document, aims } = await opened()
  store.run('startReview', {})
  const { id } = recordsIn(document(), 'review')[0] as { id: Id<'review'> }
  store.run('setAims', { id, firstAim: 'Draft out', secondAim: 'Meters done' })
  expect(aims()).toEqual(['', ''])
  store.run('finishReview', { id, figures })
  expect(aims()).toEqual(['Draft out', 'Meters done'])
  store.run('setWeekAims', { first: monday, secondAim: '' })
  expect(aims()).toEqual(['Draft out', ''])
  store.undo()
  expect(aims()).toEqual(['Draft out', 'Meters done'])
  // The review keeps what it aimed at.
  store.run('setWeekAims', { first: monday, firstAim: 'Another' })
  expect(recordIn(document(), id)).toMatchObject({ firstAim: 'Draft out' })
})
it('a review held after they were set on the week begins with them, and what it sets holds on the week', async () => {
  const { store, document, aims } = await opened()
  store.run('setWeekAims', { first: monday, firstAim: 'Set on the week' })
  store.run('startReview', {})
  const { id } = recordsIn(document(), 'review')[0] as { id: Id<'review'> }
  store.run('setAims', { id, secondAim: 'Said in the review' })
  expect(aims()).toEqual(['Set on the week', 'Said in the review'])
  store.run('finishReview', { id, figures })
  expect(recordIn(document(), id)).toMatchObject({
    firstAim: 'Set on the week',
    secondAim: 'Said in the review',
  })
})
it('the note of a week is there from the first word on, and is no meeting note', async () => {
  const { store, document } = await opened()
  const id = 'note:week-2026-03-12' as const
  expect(noteIn(document(), id)).toBe('')
  expect(store.run('writeNote', { id, note: 'Two trains' }).ok).toBe(true)
  expect(noteIn(document(), id)).toBe('Two trains')
  expect(recordIn(document(), id)).toMatchObject({ title: '', date: '2026-03-12' })
})
it('two copies that each set one aim keep both', async () => {
  const { store, document } = await opened()
  const base = document()
  const acts = [{ firstAim: 'Here' }, { secondAim: 'There' }].map((aim, at): Change => {
    const outcome = store.run('setWeekAims', { first: monday, ...aim })
    store.undo()
    return { stamp: `0zzz0000.0000.aaa${at}` as Timestamp, act: 'x', diff: outcome.ok ? outcome.value : [] }
  })
  for (const order of [acts, acts.toReversed()])
    expect(Object.values(weekAims(withChanges(base, order), monday, zone))).toEqual(['Here', 'There'])
})
