import { act, fireEvent, screen } from '@testing-library/react'
import { recordsIn } from '@/core/journal'
import type { Action } from '@/core/record'
import { addDays } from '@/core/time'
import type { TestStore } from '@/state/testing'
import { desk } from '@/held/desk'
import { showStation } from '@/frame/testing'
import { enter, hidden, press, say } from '../testing'
import { ChosenTogether } from './ChosenTogether'

const slips = (store: TestStore) => recordsIn(store.api.getState().document, 'slip')
const dayMs = 86_400_000

/** Slips set down yesterday, all of them chosen today, Thursday 12 March. */
const chosen = (...texts: string[]) =>
  showStation(<ChosenTogether />, (store) => {
    for (const text of texts) store.run('setDown', { text })
    store.run('addContext', { name: 'Phone' })
    store.clock.epochMs += dayMs
    store.turnDay()
    desk.getState().chooseToo(slips(store).map(({ id }) => id))
  })
const textsIn = (store: TestStore) =>
  slips(store)
    .map(({ text }) => text)
    .sort()

it('says in each slip what is meant today, in the place of what it said before, with one undo', async () => {
  const store = await chosen('mend the lamp tomorrow', 'ring Oda by monday, 5 min')
  enter(say('tomorrow, 20 min, xylem'))
  expect(screen.getByText('Not understood: “xylem”')).toBeTruthy()
  expect(textsIn(store)).toEqual([
    'mend the lamp, on 13 march 2026, 20 min',
    'ring Oda by monday, on 13 march 2026, 20 min',
  ])
  store.undo()
  expect(textsIn(store)).toEqual(['mend the lamp tomorrow', 'ring Oda by monday, 5 min'])
})
it('takes off what is denied, and says rules and reminders', async () => {
  const store = await chosen('ring Oda by monday, 5 min', 'mend the lamp')
  enter(say('no due, every weekday, remind me the day before at 9'))
  for (const text of textsIn(store)) {
    expect(text).not.toContain('monday')
    expect(text).toMatch(/every weekday, remind me the day before at 09:00$/)
  }
})
it('makes actions of them, each with what it says', async () => {
  const store = await chosen('mend the lamp tomorrow', 'ring Oda, phone')
  press('Make actions')
  expect(slips(store)).toEqual([])
  const actions = recordsIn(store.api.getState().document, 'action').sort((a, b) =>
    a.title < b.title ? -1 : 1,
  )
  expect(actions).toMatchObject([{ title: 'mend the lamp', day: '2026-03-12' }, { title: 'ring Oda' }])
  expect(actions[1]?.contextIds).toHaveLength(1)
})
it('holds actions back until another is done, by its title, as one act', async () => {
  const titled = (store: TestStore) =>
    recordsIn(store.api.getState().document, 'action').filter(({ title }) => title !== 'Compare the quotes')
  const store = await showStation(<ChosenTogether />, (fresh) => {
    for (const title of ['order felt', 'order glue', 'Compare the quotes', 'Compost'])
      fresh.run('addAction', { title })
    desk.getState().chooseToo(titled(fresh).flatMap(({ id, title }) => (title === 'Compost' ? [] : [id])))
  })
  // Two begin so: neither is taken for certain.
  enter(say('after comp'))
  expect(screen.getByText('Not understood: “after comp”')).toBeTruthy()
  const line = say('after compare, 20 min')
  expect(screen.getByText('after none → “Compare the quotes” (2)', { exact: false })).toBeTruthy()
  enter(line)
  const held = titled(store).filter(({ afterIds }) => afterIds.length === 1)
  expect(held).toMatchObject([{ minutes: 20 }, { minutes: 20 }])
  store.undo()
  expect(titled(store).every(({ afterIds, minutes }) => afterIds.length === 0 && minutes === null)).toBe(true)
})

describe('several actions selected are one thing for the keys of a row', () => {
  const held = (store: TestStore) => recordsIn(store.api.getState().document, 'action')
  const selected = async () =>
    showStation(<ChosenTogether />, (fresh) => {
      for (const title of ['order felt', 'order glue', 'left alone']) fresh.run('addAction', { title })
      desk.getState().chooseToo(
        held(fresh)
          .filter(({ title }) => title.startsWith('order'))
          .map(({ id }) => id),
      )
    })
  const key = (name: string) => fireEvent.keyDown(document.body, { key: name })
  const titlesOf = (store: TestStore, is: (action: Action) => boolean) =>
    held(store)
      .filter(is)
      .map(({ title }) => title)
      .sort()
  it('picks them, and takes them off again', async () => {
    const store = await selected()
    const { today } = store.api.getState()
    key('p')
    expect(titlesOf(store, ({ day }) => day === today)).toEqual(['order felt', 'order glue'])
    expect(desk.getState().notice?.text).toBe('2 actions: today')
    key('p')
    expect(titlesOf(store, ({ day }) => day === today)).toEqual([])
  })
  it('moves them all, saying where to', async () => {
    const store = await selected()
    key('m')
    await screen.findByRole('dialog', { name: 'Planned day', ...hidden })
    fireEvent.click(screen.getByRole('button', { name: /^tomorrow/, ...hidden }))
    expect(titlesOf(store, ({ day }) => day === addDays(store.api.getState().today, 1))).toEqual([
      'order felt',
      'order glue',
    ])
    expect(desk.getState().notice?.text).toBe('2 actions: tomorrow')
  })
  it('ticks them, and leaves a letter that is typed alone', async () => {
    const store = await selected()
    const line = say('p')
    fireEvent.keyDown(line, { key: 'p' })
    fireEvent.keyDown(line, { key: ' ' })
    expect(titlesOf(store, ({ doneAtEpochMs, day }) => doneAtEpochMs !== null || day !== null)).toEqual([])
    key('a')
    expect(document.activeElement).toBe(line)
    act(() => line.blur())
    key(' ')
    expect(titlesOf(store, ({ doneAtEpochMs }) => doneAtEpochMs !== null)).toEqual([
      'order felt',
      'order glue',
    ])
    expect(desk.getState().chosen).toEqual([])
  })
})
