import { fireEvent, screen, within } from '@testing-library/react'
import type { Id } from '@/core/record'
import { addDays, calendarDateUnsafe } from '@/core/time'
import { showStation } from '@/frame/testing'
import { runnerOf } from '@/state/testing'
import { weekNames } from '@/words/month'
import { before, HowItWent } from './HowItWent'

const today = calendarDateUnsafe('2026-03-11')
const monday = addDays(today, -2)
const dates = [0, 1, 2, 3, 4, 5, 6].map((ahead) => addDays(monday, ahead))
const dayMs = 86_400_000

it('tells the minutes planned and done day by day, and area by area against the week before', async () => {
  await showStation(
    <HowItWent
      names={weekNames('Week 11')}
      dates={dates}
      rows={dates.map((date) => ({ label: date, dates: [date] }))}
      before={before(dates)}
    />,
    (store) => {
      const run = runnerOf(store)
      const areaId = run('addArea', { name: 'Garden', groupId: null }) as Id<'area'>
      const add = (title: string, minutes: number, more: object = {}) =>
        run('addAction', { title, minutes, ...more }) as Id<'action'>
      const on = (days: number, what: () => void) => {
        store.clock.epochMs += days * dayMs
        what()
        store.clock.epochMs -= days * dayMs
      }
      on(-8, () => store.run('tick', { id: add('last week', 100, { areaId }) }))
      const planned = add('planned', 60, { areaId, day: today })
      add('left', 45, { day: today })
      store.run('planDay', { ids: [planned] })
      store.run('tick', { id: planned })
      store.run('correctTaken', { id: planned, minutes: 80 })
      store.run('tick', { id: add('besides', 20) })
    },
  )
  fireEvent.click(screen.getByRole('button', { name: 'Minutes' }))
  const sheet = within(screen.getByRole('dialog', { name: 'Week 11', hidden: true }))
  expect(sheet.getByText('1 h 40 done, 1 h 20 of it as planned. 1 h planned.')).toBeTruthy()
  const rows = sheet.getAllByRole('row', { hidden: true }).map((row) => row.textContent)
  expect(rows).toEqual(['AreaDoneTo doWeek before', 'GaGarden1 h 20–1 h 40', 'No area20 min45 min–'])
  const days = sheet.getByRole('list', { name: 'Planned and done', hidden: true })
  expect(
    within(days)
      .getAllByRole('listitem', { hidden: true })
      .map((day) => day.textContent),
  ).toEqual([`${monday}0 min done`, `${addDays(monday, 1)}0 min done`, `${today}1 h 40 done, 1 h planned`])
})
