import { act, fireEvent, screen, within } from '@testing-library/react'
import type { ShownEvent } from '@/core/calendar/calendarReader'
import { recordsIn } from '@/core/journal'
import { calendarDateUnsafe } from '@/core/time'
import { showStation } from '@/frame/testing'
import { calendarsHeld, spanKey } from '@/held/calendars/calendarsHeld'
import { desk } from '@/held/desk'
import { address } from '../../../../test/standIns/expoRouter'
import { HoursRibbon } from './HoursRibbon'

const today = calendarDateUnsafe('2026-03-11')
const at = (time: string) => Date.parse(`2026-03-11T${time}:00Z`)

async function shown() {
  const asked: number[] = []
  const store = await showStation(<HoursRibbon onSeeReach={() => asked.push(1)} />, (fresh) => {
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
    calendarId, id: title, title, place: '', fromEpochMs: at(from), toEpochMs: at(to), isAllDay: false, isBusy: true, isTentative: false, ...more }) // prettier-ignore
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
  return { store, asked }
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
    '10:30–11:00draw the hatchplanned',
    '3 h free: 1 fits. See what fits',
    'Open house12:00–13:00event',
    '14:00–15:00site visitfixed time',
    '3 h free: 1 fits. See what fits',
  ])
  expect(screen.getByText('1 event, longest gap 3 h')).toBeTruthy()
  expect(within(screen.getByRole('list', { name: 'All day' })).getAllByRole('button')).toHaveLength(1)
})
it('opens an event and an action, and asks of a gap what fits into it', async () => {
  const { store, asked } = await shown()
  fireEvent.click(screen.getByRole('button', { name: /^Trustees/ }))
  expect(desk.getState().sheet).toMatchObject({ kind: 'event', event: { title: 'Trustees' } })
  fireEvent.click(screen.getByRole('button', { name: '14:00–15:00 site visit fixed time' }))
  const visit = recordsIn(store.api.getState().document, 'action').find(({ title }) => title === 'site visit')
  expect(address.get().params['open']).toBe(visit?.id)
  fireEvent.click(screen.getByRole('button', { name: /^25 min free/ }))
  expect(asked).toEqual([1])
  expect(JSON.parse(window.localStorage.getItem('zen-tray:at-hand') ?? '{}')).toMatchObject({ minutes: 25 })
})
