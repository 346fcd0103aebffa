import { act, fireEvent, screen, within } from '@testing-library/react'
import { recordsIn } from '@/core/journal'
import type { Action } from '@/core/record'
import { addDays, calendarDateUnsafe } from '@/core/time'
import type { TestStore } from '@/state/testing'
import { showStation } from '@/frame/testing'
import { desk } from '@/held/desk'
import { DayStation } from './DayStation'

const today = calendarDateUnsafe('2026-03-11')
const actionIn = (store: TestStore, title: string) =>
  recordsIn(store.api.getState().document, 'action').find((action) => action.title === title) as Action
const band = (name: string) => screen.getByRole('region', { name })
const rows = (name: string) =>
  within(band(name))
    .getAllByRole('checkbox')
    .map((box) => box.getAttribute('aria-label'))

function furnish(store: TestStore): void {
  store.run('addContext', { name: 'Phone' })
  store.run('addAction', { title: 'of yesterday', day: addDays(today, -1), minutes: 30 })
  store.run('addAction', { title: 'promised', due: { date: today, time: null }, minutes: 60 })
  store.run('addAction', { title: 'picked', horizon: 'today', minutes: 20 })
  store.run('addAction', {
    title: 'within reach',
    minutes: 10,
    contextIds: [recordsIn(store.api.getState().document, 'context')[0]?.id ?? 'context:none'],
  })
  store.run('addAction', { title: 'long', minutes: 120 })
}

describe('the Day sheet', () => {
  it('lays everything in its band and says how the day fits', async () => {
    await showStation(<DayStation />, furnish)
    expect([rows('Carried over'), rows('Due today'), rows('Picked for today'), rows('In reach')]).toEqual([
      ['of yesterday'],
      ['promised'],
      ['picked'],
      ['within reach', 'long'],
    ])
    expect(screen.getByText(/1 h 50 planned into 5 h of free time/).textContent).toContain('3 h 10 left.')
  })
  it('ticks, gathers what is done, and takes it back', async () => {
    const store = await showStation(<DayStation />, furnish)
    fireEvent.click(screen.getByRole('checkbox', { name: 'promised' }))
    expect(screen.queryByRole('region', { name: 'Due today' })).toBeNull()
    fireEvent.click(screen.getByRole('button', { name: 'Unfold what is done' }))
    expect(rows('Done today')).toEqual(['promised'])
    fireEvent.click(screen.getByRole('button', { name: 'Undo the last act' }))
    expect(actionIn(store, 'promised').doneAtEpochMs).toBeNull()
  })
  it('picks and unpicks by the button of the row', async () => {
    const store = await showStation(<DayStation />, furnish)
    fireEvent.click(screen.getByRole('button', { name: 'Pick long for today' }))
    expect(actionIn(store, 'long').day).toBe(today)
    fireEvent.click(screen.getByRole('button', { name: 'Take long off today' }))
    expect(actionIn(store, 'long').day).toBeNull()
  })
  it('says when the day does not fit, and counts free time anew', async () => {
    const store = await showStation(<DayStation />, furnish)
    for (let turn = 0; turn < 7; turn++)
      fireEvent.click(screen.getByRole('button', { name: 'Half an hour less free time' }))
    expect(screen.getByText(/1 h 50 planned into 1 h 30 of free time/).textContent).toContain(
      '20 min too much.',
    )
    expect(recordsIn(store.api.getState().document, 'settings')[0]?.freeMinutes).toEqual({ 2: 90 })
  })
  it('turns with the day', async () => {
    const store = await showStation(<DayStation />, furnish)
    act(() => {
      store.clock.epochMs += 24 * 3_600_000
      store.turnDay()
    })
    expect(rows('Carried over').sort()).toEqual(['of yesterday', 'picked', 'promised'])
  })
  it('offers what is in reach when nothing is planned', async () => {
    await showStation(<DayStation />, (store) => void store.run('addAction', { title: 'only this' }))
    fireEvent.click(screen.getByRole('button', { name: 'See what is in reach' }))
    expect(rows('In reach')).toEqual(['only this'])
  })
})

describe('keys on a row', () => {
  const press = (title: string, key: string) =>
    fireEvent.keyDown(screen.getByRole('button', { name: new RegExp(`^Open ${title}`) }), { key })
  it('tick, start, pick and open the action under the focus', async () => {
    const store = await showStation(<DayStation />, furnish)
    press('long', 'u')
    expect(actionIn(store, 'long').startedAtEpochMs).not.toBeNull()
    press('long', 'u')
    expect(actionIn(store, 'long').startedAtEpochMs).toBeNull()
    press('long', 'p')
    expect(actionIn(store, 'long').day).toBe(today)
    press('long', ' ')
    expect(actionIn(store, 'long').doneAtEpochMs).not.toBeNull()
    press('picked', 'q')
    expect(actionIn(store, 'picked').doneAtEpochMs).toBeNull()
  })
  it('leave space and Enter to the other buttons of the row', async () => {
    const store = await showStation(<DayStation />, furnish)
    const quick = screen.getByRole('button', { name: 'Pick long for today' })
    fireEvent.keyDown(quick, { key: ' ' })
    fireEvent.keyDown(screen.getByRole('checkbox', { name: 'long' }), { key: ' ' })
    expect(actionIn(store, 'long')).toMatchObject({ doneAtEpochMs: null, day: null })
    fireEvent.keyDown(quick, { key: 'p' })
    expect(actionIn(store, 'long').day).toBe(today)
  })
  it('choose several, which a press then chooses or lays down too', async () => {
    await showStation(<DayStation />, furnish)
    const row = (title: string) => screen.getByRole('button', { name: new RegExp(`^Open ${title}`) })
    press('long', 'v')
    fireEvent.click(row('picked'))
    expect([row('long'), row('picked')].map((each) => each.getAttribute('aria-pressed'))).toEqual([
      'true',
      'true',
    ])
    fireEvent.click(row('long'))
    expect(desk.getState().chosen).toHaveLength(1)
  })
  it('follow the person’s own keys', async () => {
    const store = await showStation(<DayStation />, (fresh) => {
      furnish(fresh)
      fresh.run('setSettings', { keys: { tick: 'y', underway: null } })
    })
    press('long', ' ')
    press('long', 'u')
    expect(actionIn(store, 'long')).toMatchObject({ doneAtEpochMs: null, startedAtEpochMs: null })
    press('long', 'y')
    expect(actionIn(store, 'long').doneAtEpochMs).not.toBeNull()
  })
  it('say why nothing more can be started', async () => {
    await showStation(<DayStation />, (fresh) => {
      furnish(fresh)
      fresh.run('setSettings', { underwayLimit: 1 })
      fresh.run('start', { id: actionIn(fresh, 'long').id })
    })
    press('within reach', 'u')
    expect(screen.getByRole('status').textContent).toContain('1 action is underway, as many as you allow.')
  })
})

describe('in reach', () => {
  const reach = async () => {
    await showStation(<DayStation />, furnish)
    fireEvent.click(screen.getByRole('tab', { name: 'In reach' }))
  }
  it('narrows to the minutes that are free', async () => {
    await reach()
    fireEvent.click(screen.getByRole('radio', { name: '10 min' }))
    expect(rows('In reach')).toEqual(['within reach'])
  })
  it('keeps what needs no context, with any context at hand', async () => {
    await reach()
    fireEvent.click(screen.getByRole('checkbox', { name: 'Phone' }))
    expect(rows('In reach').sort()).toEqual(['long', 'within reach'])
    expect(window.localStorage.getItem('zen-tray:at-hand')).toContain('context:')
  })
})
