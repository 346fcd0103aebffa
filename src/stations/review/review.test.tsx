import { fireEvent, screen, within } from '@testing-library/react'
import { recordsIn } from '@/core/journal'
import { addDays, calendarDateUnsafe } from '@/core/time'
import type { TestStore } from '@/state/testing'
import { address } from '../../../test/standIns/expoRouter'
import { showStation } from '@/frame/testing'
import { ReviewStation } from './ReviewStation'

const today = calendarDateUnsafe('2026-03-11')
const documentOf = (store: TestStore) => store.api.getState().document
const press = (name: string | RegExp) => fireEvent.click(screen.getByRole('button', { name }))
const heading = () => screen.getByRole('heading', { level: 2, name: /./ }).textContent

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

async function begun(): Promise<TestStore> {
  const store = await showStation(<ReviewStation />, furnish)
  press('Start the review')
  return store
}

it('leads over the five stones and keeps what it found', async () => {
  const store = await begun()
  expect(heading()).toBe('1 slip is in the Tray')
  press('Next')
  expect(heading()).toBe('1 project has no next action')
  fireEvent.change(screen.getByRole('textbox', { name: 'Next action for Standing still' }), {
    target: { value: 'say hello, 5 min' },
  })
  press('Add the next action for Standing still')
  expect(heading()).toBe('Every project has its next action')
  press('Next')
  expect(screen.getByText('1 of 1 to chase now')).toBeTruthy()
  expect(
    within(screen.getByRole('region', { name: 'Someday' })).getByRole('checkbox', { name: 'sea kayaks' }),
  ).toBeTruthy()
  press('Next')
  expect(screen.getByText('1 action done in seven days')).toBeTruthy()
  press('Next')
  fireEvent.change(await screen.findByRole('textbox', { name: 'First aim' }), {
    target: { value: 'Meters calibrated' },
  })
  fireEvent.blur(screen.getByRole('textbox', { name: 'First aim' }))
  press('Finish the review')
  expect(recordsIn(documentOf(store), 'review')).toMatchObject([
    {
      weekOf: '2026-03-09',
      firstAim: 'Meters calibrated',
      stonesDone: ['aims', 'done', 'projects', 'tray', 'waiting'],
      figures: {
        slipsLeft: 1,
        projectsOpen: 1,
        projectsWithoutNextAction: 0,
        waiting: 1,
        someday: 1,
        done: 1,
        doneMinutes: 30,
        doneTitles: ['done already'],
      },
    },
  ])
  expect(screen.getByRole('article', { name: 'Review of week 11' }).textContent).toContain('1 action, 30 min')
})
it('waits where it was left', async () => {
  await begun()
  press('Next')
  // There is a slip left: the Tray was passed, and is not done.
  expect(screen.getByRole('button', { name: 'Tray, passed' })).toBeTruthy()
  press('Leave the review; it waits here')
  expect(screen.getByText(/1 of 5. Next is “Projects”/)).toBeTruthy()
  press('Go on')
  expect(heading()).toBe('1 project has no next action')
})
it('lets any stone be stepped on, and only those finished count', async () => {
  const store = await begun()
  press('Aims')
  expect(recordsIn(documentOf(store), 'review')).toMatchObject([{ stone: 'aims', stonesDone: [] }])
  press('Back')
  press('Next')
  expect(recordsIn(documentOf(store), 'review')).toMatchObject([{ stone: 'aims', stonesDone: ['done'] }])
})
it('lets a project rest, and takes that back', async () => {
  const store = await begun()
  press('Next')
  press('Standing still: not now')
  expect(recordsIn(documentOf(store), 'project')).toMatchObject([{ state: 'notNow' }])
  press('Undo the last act')
  expect(recordsIn(documentOf(store), 'project')).toMatchObject([{ state: 'open' }])
})
it('leads to sorting from the first stone, and can be dropped', async () => {
  const store = await begun()
  press('Sort')
  expect(address.get().pathname).toBe('/sorting')
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
  expect(recordsIn(documentOf(store), 'review')).toMatchObject([{ firstAim: '', secondAim: 'Loft cleared' }])
  const shown = ['First aim', 'Second aim, if there is one'].map(
    (name) => (screen.getByRole('textbox', { name }) as HTMLInputElement).value,
  )
  expect(shown).toEqual(['', 'Loft cleared'])
})
