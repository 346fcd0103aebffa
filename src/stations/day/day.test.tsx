import { act, fireEvent, screen, within } from '@testing-library/react'
import { recordsIn } from '@/core/journal'
import type { Action } from '@/core/record'
import { addDays, calendarDateUnsafe } from '@/core/time'
import { select } from '@/state'
import type { TestStore } from '@/state/testing'
import { chooseIn, hidden } from '@/opened/testing'
import { showStation } from '@/frame/testing'
import { desk } from '@/held/desk'
import { address } from '../../../test/standIns/expoRouter'
import { DayStation } from './DayStation'

const today = calendarDateUnsafe('2026-03-11')
const actionIn = (store: TestStore, title: string) =>
  recordsIn(store.api.getState().document, 'action').find((action) => action.title === title) as Action
const band = (name: string) => screen.getByRole('region', { name })
const rows = (name: string) =>
  within(band(name))
    .queryAllByRole('checkbox')
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

beforeEach(() => address.set('/day'))

describe('the Day sheet', () => {
  it('lays everything in its band and says how the day fits', async () => {
    await showStation(<DayStation />, furnish)
    expect([rows('Carried over'), rows('Due today'), rows('Picked for today'), rows('In reach')]).toEqual([
      ['of yesterday'],
      ['promised'],
      ['picked'],
      ['within reach', 'long'],
    ])
    expect(screen.getByText(/1 h 50 of 5 h planned/).textContent).toContain('3 h 10 left.')
  })
  it('ticks, gathers what is done, and takes it back', async () => {
    const store = await showStation(<DayStation />, furnish)
    fireEvent.click(screen.getByRole('checkbox', { name: 'promised' }))
    expect(screen.queryByRole('region', { name: 'Due today' })).toBeNull()
    fireEvent.click(await screen.findByRole('button', { name: /^Done today \d/ }))
    expect(rows('Done today')).toEqual(['promised'])
    const put = async (from: string, to: string) => {
      fireEvent.click(screen.getByRole('button', { name: `Done today: ${from}` }))
      await screen.findByRole('dialog', hidden)
      chooseIn(to)
      await act(async () => {})
    }
    await put('at the end', 'among the rest')
    expect([rows('Due today'), rows('Picked for today'), rows('Done today')]).toEqual([
      ['promised'],
      ['picked'],
      [],
    ])
    await put('among the rest', 'left out')
    expect(screen.queryByRole('region', { name: 'Due today' })).toBeNull()
    expect([rows('Picked for today'), rows('Done today')]).toEqual([['picked'], []])
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
  it('says when the day does not fit, and counts available time anew', async () => {
    const store = await showStation(<DayStation />, furnish)
    fireEvent.click(screen.getByRole('button', { name: 'Show the days to come' }))
    for (let turn = 0; turn < 7; turn++)
      fireEvent.click(screen.getByRole('button', { name: 'Half an hour less today' }))
    expect(screen.getByText(/1 h 50 of 1 h 30 planned/).textContent).toContain('20 min too much.')
    // Of this day alone: the next Wednesday is as it was.
    const { document } = store.api.getState()
    expect([today, addDays(today, 7)].map((day) => select.availableMinutesOn(document, day))).toEqual([
      90, 300,
    ])
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
    await screen.findByRole('region', { name: 'In reach' })
    expect(rows('In reach')).toEqual(['only this'])
  })
})

describe('the bands', () => {
  it('roll up what belongs to one project, and unfold it', async () => {
    await showStation(<DayStation />, (store) => {
      store.run('addProject', { title: 'Quarter accounts' })
      const projectId = recordsIn(store.api.getState().document, 'project')[0]?.id ?? null
      for (const title of ['sort', 'add up', 'send'])
        store.run('addAction', { title, projectId, day: today, minutes: 10 })
      store.run('addAction', { title: 'alone', day: today })
    })
    expect(rows('Picked for today')).toEqual(['alone'])
    fireEvent.click(screen.getByRole('button', { name: /Quarter accounts.*3 actions · 30 min/ }))
    expect(rows('Picked for today').sort()).toEqual(['add up', 'alone', 'send', 'sort'])
    // It is acted on as a whole: what it holds is selected together.
    fireEvent.click(screen.getByRole('button', { name: 'Select all 3' }))
    expect(desk.getState().chosen).toHaveLength(3)
    act(() => desk.getState().chooseNone())
    fireEvent.keyDown(screen.getByRole('button', { name: /Quarter accounts.*3 actions/ }), { key: 'v' })
    expect(desk.getState().chosen).toHaveLength(3)
  })
  it('put one before another by Alt and an arrow, and never over what weighs more', async () => {
    await showStation(<DayStation />, (store) => {
      store.run('addAction', { title: 'must', day: today, weight: 'must' })
      for (const title of ['first', 'second']) store.run('addAction', { title, day: today })
    })
    const press = (title: string, key: string) =>
      fireEvent.keyDown(screen.getByRole('button', { name: new RegExp(`^${title}`) }), {
        key,
        altKey: true,
      })
    expect(rows('Picked for today')).toEqual(['must', 'first', 'second'])
    press('second', 'ArrowUp')
    expect(rows('Picked for today')).toEqual(['must', 'second', 'first'])
    press('second', 'ArrowUp')
    expect(rows('Picked for today')).toEqual(['must', 'second', 'first'])
  })
  it('hold what is of this week, which is picked by its button', async () => {
    const store = await showStation(<DayStation />, (fresh) => {
      fresh.run('addAction', { title: 'this week', horizon: 'week' })
      fresh.run('addAction', { title: 'by friday', due: { date: addDays(today, 2), time: null } })
    })
    expect(rows('This week').sort()).toEqual(['by friday', 'this week'])
    fireEvent.click(screen.getByRole('button', { name: 'Pick this week for today' }))
    expect(actionIn(store, 'this week').day).toBe(today)
  })
})

describe('keys on a row', () => {
  const press = (title: string, key: string) =>
    fireEvent.keyDown(screen.getByRole('button', { name: new RegExp(`^${title}`) }), { key })
  it('tick, start, pick and open the action under the focus', async () => {
    const store = await showStation(<DayStation />, furnish)
    press('long', 'u')
    expect(actionIn(store, 'long').startedAtEpochMs).not.toBeNull()
    expect(screen.getByRole('button', { name: /^long/ }).textContent).toContain('since today, 09:00')
    press('long', 'u')
    // Paused, it stays on the sheet.
    expect(actionIn(store, 'long')).toMatchObject({ startedAtEpochMs: null, day: today })
    press('long', 'p')
    expect(actionIn(store, 'long').day).toBeNull()
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
    const row = (title: string) => screen.getByRole('button', { name: new RegExp(`^${title}`) })
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
  it('ask which is laid down where nothing more can be started', async () => {
    const store = await showStation(<DayStation />, (fresh) => {
      furnish(fresh)
      fresh.run('setSettings', { underwayLimit: 1 })
      fresh.run('start', { id: actionIn(fresh, 'long').id })
    })
    press('within reach', 'u')
    expect(desk.getState().sheet).toEqual({ kind: 'layDown', id: actionIn(store, 'within reach').id })
    expect(actionIn(store, 'within reach').startedAtEpochMs).toBeNull()
  })
})

describe('in reach', () => {
  const narrow = (chip: string, role: 'radio' | 'checkbox', name: string) => {
    fireEvent.click(screen.getByRole('button', { name: chip }))
    fireEvent.click(within(screen.getByRole('dialog', hidden)).getByRole(role, { name, ...hidden }))
  }
  const reach = async () => {
    await showStation(<DayStation />, furnish)
    fireEvent.click(screen.getByRole('tab', { name: 'In reach' }))
  }
  it('narrows to the minutes that are available', async () => {
    await reach()
    narrow('any length', 'radio', '10 min')
    expect(rows('In reach')).toEqual(['within reach'])
  })
  it('keeps what needs no context, with any context at hand', async () => {
    await reach()
    narrow('any place', 'checkbox', 'Phone')
    expect(rows('In reach').sort()).toEqual(['long', 'of yesterday', 'picked', 'promised', 'within reach'])
    expect(window.localStorage.getItem('zen-tray:at-hand')).toContain('context:')
  })
  it('says on the Day sheet by what it is narrowed, and shows all again by one tap', async () => {
    await reach()
    narrow('any length', 'radio', '10 min')
    fireEvent.click(screen.getByRole('tab', { name: 'Day sheet' }))
    expect(rows('In reach')).toEqual(['within reach'])
    fireEvent.click(screen.getByRole('button', { name: 'In reach shows only 10 min. Show all' }))
    expect(rows('In reach')).toEqual(['within reach', 'long'])
  })
  it('says why each stands there, and what just does not fit', async () => {
    await reach()
    expect(screen.getByRole('button', { name: /^promised/ }).textContent).toContain('due today')
    narrow('any length', 'radio', '45 min')
    expect(rows('In reach')).not.toContain('promised')
    fireEvent.click(screen.getByRole('button', { name: 'Unfold what is just out of reach' }))
    const out = within(screen.getByRole('list', { name: 'Just out of reach' }))
    expect(out.getByRole('button', { name: /^promised/ }).textContent).toContain('needs 1 h')
  })
  it('offers what was chosen at about this hour, and takes it only when asked', async () => {
    await reach()
    narrow('any length', 'radio', '20 min')
    fireEvent.click(screen.getByRole('button', { name: 'Show all' }))
    expect(rows('In reach')).toContain('long')
    fireEvent.click(screen.getByRole('button', { name: 'Same as last time: 20 min' }))
    expect(rows('In reach')).not.toContain('long')
  })
  it('holds all that is in reach, however much: what is not ranked follows', async () => {
    await showStation(<DayStation />, (store) => {
      for (let at = 0; at < 310; at++) store.run('addAction', { title: `piece ${at}` })
    })
    fireEvent.click(screen.getByRole('tab', { name: 'In reach' }))
    expect(within(band('In reach')).getByText('310')).toBeTruthy()
  })
  it('finds two that fill the time together', async () => {
    await showStation(<DayStation />, (store) => {
      store.run('addAction', { title: 'ten', minutes: 10 })
      store.run('addAction', { title: 'twenty', minutes: 20 })
    })
    fireEvent.click(screen.getByRole('tab', { name: 'In reach' }))
    narrow('any length', 'radio', '30 min')
    expect(rows('Two together').sort()).toEqual(['ten', 'twenty'])
  })
})
