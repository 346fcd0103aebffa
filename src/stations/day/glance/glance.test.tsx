import { until } from '@/state/testing'
import { act, fireEvent, screen, within } from '@testing-library/react'
import { recordsIn } from '@/core/journal'
import type { Action } from '@/core/record'
import { addDays, calendarDateUnsafe } from '@/core/time'
import type { TestStore } from '@/state/testing'
import { showStation } from '@/frame/testing'
import { useBadge } from '@/frame/reminding/useBadge'
import { Glance } from './Glance'

jest.mock('expo-router', () => ({
  ...jest.requireActual<object>('expo-router'),
  Link: ({ children }: { children: unknown }) => children,
}))

const today = calendarDateUnsafe('2026-03-11')
const actionIn = (store: TestStore, title: string) =>
  recordsIn(store.api.getState().document, 'action').find((each) => each.title === title) as Action
const told = (name: RegExp) =>
  within(screen.getByRole('region', { name }))
    .queryAllByRole('listitem')
    .map((row) => row.textContent)

/** The store's clock stands at nine in the morning. */
function furnish(store: TestStore): void {
  for (const [title, fields] of [
    ['before breakfast', { at: { date: today, time: '08:00' }, minutes: 30 }],
    ['site visit', { at: { date: today, time: '14:30' }, minutes: 90 }],
    ['call', { at: { date: today, time: '11:15' }, minutes: 15 }],
    ['picked', { day: today, minutes: 20, weight: 'must' }],
    ['of tomorrow', { day: addDays(today, 1) }],
    ['picked and hidden', { day: today, notBefore: addDays(today, 3) }],
    ['loose', {}],
  ] as const)
    store.run('addAction', { title, ...fields } as never)
  store.run('addAction', { title: 'begun' })
  store.run('start', { id: actionIn(store, 'begun').id })
}

describe('the glance', () => {
  it('tells what is underway, what is fixed next and in how long, and what else is left', async () => {
    const store = await showStation(<Glance />, furnish)
    expect(told(/^Underway/)[0]).toMatch(/^begunsince 09:00/)
    expect(told(/^Fixed next/)).toEqual(['call11:15, in 2 h 15start'])
    expect(told(/^Left of today: 4 actions, 2 h 20/)).toEqual(
      expect.arrayContaining(['site visit1 h 30start', 'picked20 minstart', 'before breakfast30 minstart']),
    )
    // It follows every change: what is done is no longer left, and the next fixed one comes up.
    act(() => void store.run('tick', { id: actionIn(store, 'call').id }))
    expect(told(/^Fixed next/)).toEqual(['site visit14:30, in 5 h 30start'])
    act(() => void store.run('pause', { id: actionIn(store, 'begun').id }))
    expect(screen.getByText('Nothing is underway.')).toBeTruthy()
  })
  it('shows the first few, says how many more there are, and lets one start and tick them', async () => {
    await showStation(<Glance />, (store) => {
      for (let at = 0; at < 9; at++) store.run('addAction', { title: `a${at}`, day: today })
    })
    expect(told(/^Left of today: 9 actions/)).toHaveLength(6)
    expect(screen.getByText('and 3 more')).toBeTruthy()
    fireEvent.click(screen.getByRole('button', { name: 'Start a0' }))
    expect(told(/^Underway/)).toHaveLength(1)
    fireEvent.click(screen.getByRole('checkbox', { name: 'a0' }))
    expect(screen.getByText('Nothing is underway.')).toBeTruthy()
    expect(told(/^Left of today: 8 actions/)).toHaveLength(6)
  })
  it('says so where nothing is laid on the day', async () => {
    await showStation(<Glance />)
    expect(screen.getByText('Nothing planned today.')).toBeTruthy()
  })
})

describe('the badge', () => {
  const Badged = () => (useBadge(), null)
  const badge = {
    setAppBadge: jest.fn((_: number) => Promise.resolve()),
    clearAppBadge: jest.fn(() => Promise.resolve()),
  }
  beforeEach(() => {
    jest.clearAllMocks()
    Object.assign(navigator, badge)
  })
  it('counts what is left of today, underway too, and goes with the last of it', async () => {
    const store = await showStation(<Badged />, furnish)
    // Three that are fixed, two that are picked, one underway: as the Day sheet has them.
    expect(badge.setAppBadge).toHaveBeenLastCalledWith(6)
    act(() => void store.run('start', { id: actionIn(store, 'picked').id }))
    expect(badge.setAppBadge).toHaveBeenCalledTimes(1)
    for (const title of ['before breakfast', 'site visit', 'call', 'picked', 'begun', 'picked and hidden'])
      act(() => void store.run('tick', { id: actionIn(store, title).id }))
    expect(badge.setAppBadge).toHaveBeenLastCalledWith(1)
    expect(badge.clearAppBadge).toHaveBeenCalledTimes(1)
    act(() => void store.undo())
    expect(badge.setAppBadge).toHaveBeenLastCalledWith(1)
  })
  it('is none where the browser has none or refuses it', async () => {
    const unheard = jest.fn()
    process.on('unhandledRejection', unheard)
    badge.setAppBadge.mockImplementationOnce(() => Promise.reject(new Error('not installed')))
    await showStation(<Badged />, furnish)
    Object.assign(navigator, { setAppBadge: undefined, clearAppBadge: undefined })
    await showStation(<Badged />, furnish)
    await until(() => badge.setAppBadge.mock.results.length === 1)
    process.off('unhandledRejection', unheard)
    expect(badge.setAppBadge).toHaveBeenCalledTimes(1)
    expect(unheard).not.toHaveBeenCalled()
  })
})
