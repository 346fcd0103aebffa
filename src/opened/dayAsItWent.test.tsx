import { act, screen, within } from '@testing-library/react'
import { recordsIn } from '@/core/journal'
import type { Action } from '@/core/record'
import { addDays, calendarDateUnsafe } from '@/core/time'
import type { TestStore } from '@/state/testing'
import { showStation } from '@/frame/testing'
import { DayAsItWent } from './DayAsItWent'

const day = calendarDateUnsafe('2026-03-11')
const dayMs = 86_400_000
const idOf = (store: TestStore, title: string) =>
  (recordsIn(store.api.getState().document, 'action').find((each) => each.title === title) as Action).id
const lines = (name: string) =>
  within(screen.getByRole('list', { name }))
    .getAllByRole('listitem')
    .map((line) => line.textContent)

it('tells of each that was planned what became of it, and what was done besides; for ever as it was planned', async () => {
  const store = await showStation(<DayAsItWent date={day} />, (fresh) => {
    for (const [title, minutes] of [
      ['done', 30],
      ['done later', 20],
      ['moved on', 45],
      ['put off its day', null],
      ['let go', null],
      ['besides', 15],
    ] as const)
      fresh.run('addAction', { title, minutes, ...(title === 'besides' ? {} : { day }) })
    const planned = ['done', 'done later', 'moved on', 'put off its day', 'let go'].map((title) =>
      idOf(fresh, title),
    )
    fresh.run('planDay', { ids: planned })
    fresh.run('tick', { id: idOf(fresh, 'done') })
    fresh.run('tick', { id: idOf(fresh, 'besides') })
    fresh.run('moveTo', { id: idOf(fresh, 'moved on'), day: addDays(day, 2) })
    fresh.run('unpick', { id: idOf(fresh, 'put off its day') })
    fresh.run('letGo', { id: idOf(fresh, 'let go') })
    fresh.clock.epochMs += dayMs
    fresh.run('tick', { id: idOf(fresh, 'done later') })
  })
  const went = [
    'done30 min',
    'done laternot done · 20 min · done tomorrow',
    'moved onnot done · 45 min · now Fri 13 Mar',
    'put off its daynot done · not planned',
    'let gonot done · let go',
  ]
  expect(lines('As it was planned').sort()).toEqual(went.sort())
  expect(lines('Also done')).toEqual(['besides15 min'])
  expect(screen.getByText('1 of 5 done')).toBeTruthy()
  // Called otherwise since, it is still told as it was planned.
  act(() => void store.run('editAction', { id: idOf(store, 'done'), patch: { title: 'renamed' } as never }))
  expect(lines('As it was planned')).toContain('done30 min')
})

it('lists what was done on a day that was not planned, and nothing where there is nothing', async () => {
  await showStation(
    <>
      <DayAsItWent date={day} />
      <DayAsItWent date={addDays(day, -9)} />
    </>,
    (fresh) => {
      fresh.run('addAction', { title: 'by the way' })
      fresh.run('tick', { id: idOf(fresh, 'by the way') })
    },
  )
  expect(screen.getAllByRole('heading').map((head) => head.textContent)).toEqual(['Done'])
  expect(screen.getByRole('button', { name: 'by the way' })).toBeTruthy()
})
