import { act, fireEvent, screen, within } from '@testing-library/react'
import { recordsIn } from '@/core/journal'
import { addDays, calendarDateUnsafe } from '@/core/time'
import type { TestStore } from '@/state/testing'
import { address } from '../../../test/standIns/expoRouter'
import { showStation } from '@/frame/testing'
import { ReviewStation } from './ReviewStation'

const today = calendarDateUnsafe('2026-03-11')
const documentOf = (store: TestStore) => store.api.getState().document
const press = (name: string | RegExp) => fireEvent.click(screen.getByRole('button', { name }))
const heading = () => screen.getAllByRole('heading', { level: 2 })[0]?.textContent

function furnish(store: TestStore): void {
  store.run('setDown', { text: 'one slip' })
  store.run('addProject', { title: 'Standing still' })
  store.run('addAction', {
    title: 'a quote',
    waiting: {
      personId: null,
      whom: 'Oda',
      since: addDays(today, -5),
      chaseOn: addDays(today, -1),
      how: '',
      toSignOff: false,
    },
  })
  store.run('addAction', { title: 'sea kayaks', horizon: 'someday' })
  store.run('addAction', { title: 'done already', minutes: 30 })
  const done = recordsIn(documentOf(store), 'action').find(({ title }) => title === 'done already')
  store.run('tick', { id: done?.id ?? 'action:none' })
}

beforeEach(() => address.set('/review'))

async function begun(more: (store: TestStore) => void = () => {}): Promise<TestStore> {
  const store = await showStation(<ReviewStation />, (fresh) => {
    furnish(fresh)
    more(fresh)
  })
  press('Start the review')
  return store
}
const stones = () =>
  within(screen.getByRole('list', { name: 'Parts of the review' }))
    .getAllByRole('button')
    .map((stone) => stone.getAttribute('aria-label'))
const review = (store: TestStore) => recordsIn(documentOf(store), 'review')[0]

it('leads over the parts that have something, and keeps what it found', async () => {
  const store = await begun()
  expect(heading()).toBe('1 slip is in the Tray')
  expect(stones()).toEqual(['Tray', 'Waiting', 'Projects', 'Someday', 'Done', 'Aims'])
  store.clock.epochMs += 4 * 60_000
  press('Next')
  expect(heading()).toBe('1 of 1 to chase now')
  press(/^Asked, again Wed 18 Mar: Oda/)
  expect(heading()).toBe('1 waiting, none to chase yet')
  press('Next')
  expect(heading()).toBe('1 project has no next action')
  fireEvent.change(screen.getByRole('textbox', { name: 'Next action for Standing still' }), {
    target: { value: 'say hello, 5 min' },
  })
  press('Add')
  expect(heading()).toBe('Every project has its next action')
  press('Moves on')
  press('Next')
  expect(heading()).toBe('1 of 1 for someday or later')
  press('sea kayaks: Leave it')
  expect(review(store)?.looked).toEqual(
    [...recordsIn(documentOf(store), 'action'), ...recordsIn(documentOf(store), 'project')]
      .flatMap(({ id, title }) => (['sea kayaks', 'Standing still'].includes(title) ? [id] : []))
      .sort(),
  )
  press('Next')
  expect(screen.getByText('1 action done in seven days')).toBeTruthy()
  press('Next')
  fireEvent.change(await screen.findByRole('textbox', { name: 'First aim' }), {
    target: { value: 'Meters calibrated' },
  })
  fireEvent.blur(screen.getByRole('textbox', { name: 'First aim' }))
  press('Finish the review')
  expect(review(store)).toMatchObject({
    rhythm: 'week',
    periodFrom: '2026-03-09',
    firstAim: 'Meters calibrated',
    stonesDone: ['aims', 'done', 'projects', 'someday', 'tray', 'waiting'],
    met: { tray: 1, waiting: 1, projects: 1 },
    figures: {
      slipsLeft: 1,
      projectsWithoutNextAction: 0,
      waiting: 1,
      done: 1,
      doneTitles: ['done already'],
    },
  })
  const record = screen.getByRole('article', { name: 'Review of week 11' }).textContent
  expect(record).toContain('1 action, 30 min')
  expect(record).toContain('Time it took4 min')
})
it('waits where it was left, and tells what was there last time', async () => {
  const store = await begun()
  press('Next')
  // There is a slip left: the Tray was passed, and is not done.
  expect(screen.getByRole('button', { name: 'Tray, passed' })).toBeTruthy()
  press('Leave the review; it waits here')
  expect(screen.getByText(/1 of 6. Next is “Waiting”/)).toBeTruthy()
  press('Go on')
  expect(heading()).toBe('1 of 1 to chase now')
  press('Aims')
  press('Finish the review')
  press('Back to the reviews')
  store.clock.epochMs += 8 * 86_400_000
  press('Start the review')
  expect(screen.getByText('Last time, Wed 11 Mar: 1 slip.')).toBeTruthy()
})
it('lets any stone be stepped on, and only those finished count', async () => {
  const store = await begun()
  press('Aims')
  expect(review(store)).toMatchObject({ stone: 'aims', stonesDone: [] })
  press('Back')
  press('Next')
  expect(review(store)).toMatchObject({ stone: 'aims', stonesDone: ['done'] })
})
it('lets a project rest, and takes that back', async () => {
  const store = await begun()
  press('Projects')
  press('Not now: Standing still')
  expect(recordsIn(documentOf(store), 'project')).toMatchObject([{ state: 'notNow' }])
  press('Undo the last act')
  expect(recordsIn(documentOf(store), 'project')).toMatchObject([{ state: 'open' }])
})
it('a project that goes while it lies there makes way for the next, and comes back with undo', async () => {
  const store = await begun((fresh) => {
    fresh.run('addProject', { title: 'Mill survey' })
    fresh.run('addProject', { title: 'Yard wall' })
  })
  press('Projects')
  const shown = () => screen.queryAllByRole('article').map((card) => card.getAttribute('aria-label'))
  const [first] = shown()
  const going = recordsIn(documentOf(store), 'project').find(({ title }) => title === first)
  act(() => void store.run('setProjectState', { id: going?.id ?? 'project:none', state: 'letGo' }))
  expect(shown()).toHaveLength(1)
  expect(shown()).not.toContain(first)
  // As another tab would: everything goes.
  act(() => {
    for (const { id } of recordsIn(documentOf(store), 'project'))
      store.run('setProjectState', { id, state: 'letGo' })
  })
  expect(shown()).toEqual([])
  expect(screen.getByRole('button', { name: 'Next' })).toBeTruthy()
  act(() => {
    for (let undone = 0; undone < 3; undone++) store.undo()
  })
  expect(shown()).toHaveLength(1)
})
it('leads to sorting from the first stone, and can be dropped', async () => {
  const store = await begun()
  const id = review(store)?.id
  press('Sort')
  expect(address.get().pathname).toBe(`/sorting?review=${id}`)
  act(() => address.set('/review', { round: id }))
  press('Leave the review; it waits here')
  press('Let go of this review')
  expect(recordsIn(documentOf(store), 'review')).toEqual([])
  expect(screen.getByRole('button', { name: 'Start the review' })).toBeTruthy()
})
it('keeps the second aim in its place while there is no first', async () => {
  const store = await begun()
  press('Aims')
  const second = await screen.findByRole('textbox', { name: 'Second aim, if there is one' })
  fireEvent.change(second, { target: { value: 'Loft cleared' } })
  fireEvent.blur(second)
  expect(review(store)).toMatchObject({ firstAim: '', secondAim: 'Loft cleared' })
  const shown = ['First aim', 'Second aim, if there is one'].map(
    (name) => (screen.getByRole('textbox', { name }) as HTMLInputElement).value,
  )
  expect(shown).toEqual(['', 'Loft cleared'])
})
it('a part is left out and a question of one’s own added; its answer stays with the review', async () => {
  const store = await showStation(<ReviewStation />, furnish)
  press('Parts of the review')
  press('Leave out: Someday')
  const line = screen.getByRole('textbox', { name: 'A question of your own' })
  fireEvent.change(line, { target: { value: 'x'.repeat(5001) } })
  press('Add the question')
  expect(screen.getByText(/5,000/)).toBeTruthy()
  expect((line as HTMLInputElement).value).toHaveLength(5001)
  fireEvent.change(line, { target: { value: 'What do I dread?' } })
  press('Add the question')
  press('Close')
  press('Start the review')
  expect(stones()).toEqual(['Tray', 'Waiting', 'Projects', 'Done', 'Aims', 'Question'])
  press('Question')
  const answer = await screen.findByRole('textbox', { name: 'Your answer' })
  fireEvent.change(answer, { target: { value: 'the audit' } })
  fireEvent.blur(answer)
  const [question] = recordsIn(documentOf(store), 'reviewStone').filter((stone) => stone.question !== '')
  store.run('removeQuestion', { id: question?.id ?? 'reviewStone:none' })
  act(() => {})
  press('Aims')
  press('Finish the review')
  const record = screen.getByRole('article', { name: 'Review of week 11' }).textContent
  expect(record).toContain('What do I dread?the audit')
})
it('says which longer review is due, and asks what it always asks', async () => {
  const store = await showStation(<ReviewStation />, (fresh) => {
    fresh.clock.epochMs -= 40 * 86_400_000
    fresh.run('addAction', { title: 'long ago', minutes: 20 })
    const [old] = recordsIn(documentOf(fresh), 'action')
    fresh.run('tick', { id: old?.id ?? 'action:none' })
    fresh.clock.epochMs += 40 * 86_400_000
  })
  expect(screen.getByText('February 2026 is due')).toBeTruthy()
  press('Start the review of February 2026')
  expect(stones()).toEqual(['Done', 'Stopped', 'Learned', 'What matters'])
  press('Stopped')
  expect(heading()).toBe('What did you stop this month, or want to stop?')
  press('Next')
  press('Next')
  press('Finish the review')
  expect(review(store)).toMatchObject({ rhythm: 'month', periodFrom: '2026-02-01' })
  press('Back to the reviews')
  expect(screen.queryByText('February 2026 is due')).toBeNull()
})
