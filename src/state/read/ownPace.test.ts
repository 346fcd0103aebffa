import type { Id } from '@/core/record'
import { calendarDateUnsafe } from '@/core/time'
import { ownPaceWords } from '@/words/ownPace'
import { makeTestStore, runnerOf } from '../testing'
import { ownPaceFor } from './ownPace'

const zone = 'Europe/London'
const today = calendarDateUnsafe('2026-03-11')

async function opened() {
  const store = makeTestStore()
  await store.load()
  const run = runnerOf(store)
  const document = () => store.api.getState().document
  const context = (name: string) => run('addContext', { name }) as Id<'context'>
  const done = (fields: object, takenMinutes: number | null) => {
    const id = run('addAction', { title: 'x', minutes: 30, ...fields }) as Id<'action'>
    if (takenMinutes !== null) store.run('correctTaken', { id, minutes: takenMinutes })
    store.run('tick', { id })
  }
  const told = (contextIds: Id<'context'>[], minutes: number | null = 30) => {
    const pace = ownPaceFor(document(), { contextIds, projectId: null, areaId: null, minutes }, today, zone)
    return pace && ownPaceWords(pace, document())
  }
  return { store, context, done, told }
}

it('tells what actions of a context take against what was estimated, from those that were timed', async () => {
  const { context, done, told } = await opened()
  const [site, desk] = [context('On site'), context('Desk')]
  for (let n = 0; n < 12; n++) done({ contextIds: [site] }, 60)
  for (let n = 0; n < 40; n++) done({ contextIds: [desk] }, 30)
  // What was neither timed nor corrected says nothing of a pace, nor does what was never estimated.
  for (let n = 0; n < 30; n++) done({ contextIds: [site] }, null)
  for (let n = 0; n < 30; n++) done({ contextIds: [site], minutes: null }, 5)
  expect(told([site])).toBe('You usually take 1.6 times as long (On site), from 12 actions.')
  expect(told([desk])).toBeNull()
})
it('without a context it goes by the length, and tells nothing from a few', async () => {
  const { done, told } = await opened()
  for (let n = 0; n < 4; n++) done({ minutes: 100 }, 40)
  expect(told([], 90)).toBeNull()
  for (let n = 0; n < 20; n++) done({ minutes: 100 }, 40)
  expect(told([], 90)).toBe('You usually take 40 % of the time for actions of over an hour, from 24 actions.')
})
