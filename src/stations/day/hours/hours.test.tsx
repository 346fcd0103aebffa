import { act, fireEvent, screen, within } from '@testing-library/react'
import type { ShownEvent } from '@/core/calendar/calendarReader'
import { recordIn, recordsIn } from '@/core/journal'
import type { Action } from '@/core/record'
import { calendarDateUnsafe } from '@/core/time'
import { showStation } from '@/frame/testing'
import { calendarsHeld, spanKey } from '@/held/calendars/calendarsHeld'
import { desk } from '@/held/desk'
import { address } from '../../../../test/standIns/expoRouter'
import { HoursRibbon } from './HoursRibbon'

const today = calendarDateUnsafe('2026-03-11')
const at = (time: string) => Date.parse(`2026-03-11T${time}:00Z`)

async function shown() {
  const store = await showStation(<HoursRibbon />, (fresh) => {
    fresh.clock.epochMs = at('09:05')
    fresh.turnDay()
    fresh.run('addCalendar', { name: 'Hall', link: 'https://hall.example/a.ics' })
    fresh.run('addAction', { title: 'site visit', minutes: 60, at: { date: today, time: '14:00' } as never })
    fresh.run('addAction', { title: 'draw the hatch', minutes: 30, horizon: 'today' })
    fresh.run('addAction', { title: 'short', minutes: 15 })
    fresh.run('addAction', { title: 'long', minutes: 400 })
  })
  const calendarId = recordsIn(store.api.getState().document, 'calendar')[0]?.id ?? ''
  const event = (title: string, from: string, to: string, more: Partial<ShownEvent> = {}): ShownEvent => ({
    calendarId, id: title, title, place: '', fromEpochMs: at(from), toEpochMs: at(to), isAllDay: false, isBusy: true, isTentative: false, zone: null, ...more }) // prettier-ignore
  const events = [
    event('Holiday', '00:00', '23:59', { isAllDay: true, isBusy: false }),
    event('Trustees', '09:30', '10:30', { place: 'Studio' }),
    event('Open house', '12:00', '13:00', { isBusy: false }),
  ]
  await act(async () =>
    calendarsHeld.setState({
      events: { [spanKey(today, today)]: { events, isCut: false } },
      busy: { [today]: [{ from: 570, to: 630 }] },
    }),
  )
  const actionOf = (title: string) =>
    recordsIn(store.api.getState().document, 'action').find((action) => action.title === title) as Action
  const placed = () => recordIn(store.api.getState().document, `plan:day-${today}`)?.placed ?? {}
  return { store, actionOf, placed }
}
const names = () =>
  within(screen.getByRole('list', { name: 'Hours of today' }))
    .getAllByRole('button')
    .map((button) => button.getAttribute('aria-label') ?? button.textContent)

it('has events, what is fixed and planned, and the gaps between them, in the order of the day', async () => {
  await shown()
  expect(names()).toEqual([
    '25 min free: 1 fits. See what fits',
    'Trustees09:30–10:30 · Studioevent',
    '10:30–11:00draw the hatchplanned, at no hour',
    '3 h free: 2 fit. See what fits',
    'Open house12:00–13:00event',
    '14:00–15:00site visitfixed time',
    '3 h free: 2 fit. See what fits',
  ])
  expect(screen.getByText('1 event, longest gap 3 h')).toBeTruthy()
  expect(within(await screen.findByRole('list', { name: 'All day' })).getAllByRole('button')).toHaveLength(1)
})
it('opens an event and an action', async () => {
  const { actionOf } = await shown()
  fireEvent.click(screen.getByRole('button', { name: /^Trustees/ }))
  expect(desk.getState().sheet).toMatchObject({ kind: 'event', event: { title: 'Trustees' } })
  fireEvent.click(screen.getByRole('button', { name: '14:00–15:00 site visit fixed time' }))
  expect(address.get().params['open']).toBe(actionOf('site visit').id)
})
it('a gap says what fits and what is just too long by how much, and plans what is chosen at its beginning', async () => {
  const { store, actionOf, placed } = await shown()
  store.run('addAction', { title: 'two hours', minutes: 200 } as never)
  await act(async () => undefined)
  fireEvent.click(screen.getAllByRole('button', { name: /^3 h free/ })[0] as HTMLElement)
  const sheet = within(screen.getByRole('dialog'))
  expect(screen.getByRole('dialog', { name: '11:00–14:00, 3 h free' })).toBeTruthy()
  const rows = (name: string) =>
    within(sheet.getByRole('list', { name }))
      .getAllByRole('button')
      .map(({ textContent }) => textContent)
  expect(rows('What fits')).toEqual(['draw the hatch30 min · picked for today', 'short15 min · fits 15 min'])
  expect(rows('Just too long')).toEqual(['two hours3 h 20 · 20 min too long'])
  fireEvent.click(sheet.getByRole('button', { name: /^short/ }))
  expect(placed()).toEqual({ [actionOf('short').id]: 660 })
  expect(actionOf('short').day).toBe(today)
  expect(screen.queryByRole('dialog')).toBeNull()
  expect(names()).toContain('11:00–11:15shortplanned 11:00–11:15')
})
it('keys move what is planned by five minutes, make it longer, and send it back', async () => {
  const { actionOf, placed } = await shown()
  const { id } = actionOf('draw the hatch')
  const press = (key: string, more: object = { altKey: true }) =>
    fireEvent.keyDown(screen.getByRole('button', { name: /draw the hatch/ }), { key, ...more })
  press('ArrowDown')
  expect(placed()).toEqual({ [id]: 635 })
  press('ArrowDown', { altKey: true, shiftKey: true })
  press('ArrowUp')
  expect(placed()).toEqual({ [id]: 660 })
  press('ArrowRight')
  press('ArrowLeft', { altKey: true, shiftKey: true })
  expect([actionOf('draw the hatch').minutes, placed()[id]]).toEqual([5, 660])
  press('Delete', {})
  expect([placed(), actionOf('draw the hatch').day]).toEqual([{}, today])
})
it('a fixed time is not moved by the way, and an event by nothing', async () => {
  const { actionOf, placed } = await shown()
  const { at } = actionOf('site visit')
  for (const name of [/site visit/, /^Trustees/]) {
    const block = screen.getByRole('button', { name })
    for (const key of ['ArrowDown', 'ArrowUp', 'Delete'])
      fireEvent.keyDown(block, { key, altKey: key !== 'Delete' })
    expect(block.closest('.hours-block')).toBeNull()
  }
  expect([actionOf('site visit').at, placed()]).toEqual([at, {}])
})
