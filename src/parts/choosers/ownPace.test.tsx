import { fireEvent, screen } from '@testing-library/react'
import type { Id } from '@/core/record'
import { showStation } from '@/frame/testing'
import { runnerOf } from '@/state/testing'
import { OwnPace } from './OwnPace'

const onUse = jest.fn()
const shown = (minutes: number | null, taken: number) =>
  showStation(
    <OwnPace of={{ contextIds: [], projectId: null, areaId: null, minutes }} onUse={onUse} />,
    (store) => {
      const run = runnerOf(store)
      for (let n = 0; n < 20; n++) {
        const id = run('addAction', { title: 'x', minutes: 60 }) as Id<'action'>
        store.run('correctTaken', { id, minutes: taken })
        store.run('tick', { id })
      }
    },
  )

it('says how long such things take, and takes that by one tap', async () => {
  await shown(60, 90)
  expect(
    screen.getByText('You usually take 1.5 times as long for actions of up to an hour, from 20 actions.'),
  )
  fireEvent.click(screen.getByRole('button', { name: 'Use 1 h 25' }))
  expect(onUse).toHaveBeenCalledWith(85)
})
it('says nothing where estimates are good', async () => {
  await shown(60, 60)
  expect(screen.queryByText(/You usually/)).toBeNull()
})
it('offers nothing where there are no minutes yet', async () => {
  await shown(null, 90)
  expect(screen.getByText(/^You usually take 1\.3 times as long, from 20 actions/)).toBeTruthy()
  expect(screen.queryByRole('button', { name: /^Use/ })).toBeNull()
})
