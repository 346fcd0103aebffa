import { act, fireEvent, screen, within } from '@testing-library/react'
import { recordsIn } from '@/core/journal'
import type { Action } from '@/core/record'
import type { TestStore } from '@/state/testing'
import { showStation } from '@/frame/testing'
import { desk } from '@/held/desk'
import { useHeld } from '@/held/zen'
import { ChosenTogether } from './chosen/ChosenTogether'
import { OpenedRecord } from './OpenedRecord'
import { chooseIn, press, say, enter } from './testing'

describe('an opened project', () => {
  function OpenedOne() {
    const project = useHeld((state) => recordsIn(state.document, 'project')[0])
    return project ? <OpenedRecord id={project.id} /> : null
  }
  const project = (store: TestStore) => recordsIn(store.api.getState().document, 'project')[0]
  const openedProject = async () => {
    const store = await showStation(<OpenedOne />, (fresh) => {
      fresh.run('addArea', { name: 'Office', groupId: null })
      fresh.run('addProject', { title: 'Quarter accounts', outcome: 'The books are closed' })
      const projectId = project(fresh)?.id ?? null
      for (const title of ['gather', 'add up', 'send']) {
        fresh.clock.epochMs += 60_000
        fresh.run('addAction', { title, projectId, minutes: 30 })
      }
      const gather = recordsIn(fresh.api.getState().document, 'action').find(
        ({ title }) => title === 'gather',
      )
      fresh.run('tick', { id: gather?.id as Action['id'] })
    })
    await act(async () => {})
    return store
  }
  const listed = (name: string) =>
    within(screen.getByRole('region', { name }))
      .getAllByRole('button', { name: /30 min/ })
      .map((row) => row.textContent?.replace(/30 min.*/, ''))
  it('shows what is done at the end, among the rest or not at all: one switch, remembered', async () => {
    await openedProject()
    const rows = () =>
      screen
        .getAllByRole('button', { name: /^(gather|add up|send)/ })
        .map((row) => row.textContent?.replace(/30 min.*/, ''))
    expect(rows()).toEqual(['add up', 'send'])
    const put = async (from: string, to: string) => {
      press(`Done: ${from}`)
      await act(async () => {})
      chooseIn(to)
      await act(async () => {})
    }
    await put('at the end', 'among the rest')
    expect(rows()).toEqual(['add up', 'gather', 'send'])
    await put('among the rest', 'left out')
    expect(rows()).toEqual(['add up', 'send'])
    expect(screen.getByRole('button', { name: 'Done: left out' })).toBeTruthy()
    await put('left out', 'at the end')
    fireEvent.click(screen.getByRole('button', { name: /^Done \d/ }))
    expect(rows()).toEqual(['add up', 'send', 'gather'])
    await act(async () => {})
  })
  it('reads its outcome, its next action, the rest in order, and how far it is', async () => {
    await openedProject()
    expect((screen.getByRole('textbox', { name: 'What will be true' }) as HTMLTextAreaElement).value).toBe(
      'The books are closed',
    )
    expect([listed('Next'), listed('The others')]).toEqual([['add up'], ['send']])
    expect(screen.getByText('30 min done, 1 h to do, 30 min a week')).toBeTruthy()
  })
  it('takes what changes in a sentence, state and closing day included, as one act', async () => {
    const store = await openedProject()
    enter(say('office, by 27 march, not now'))
    expect(project(store)).toMatchObject({
      state: 'notNow',
      due: '2026-03-27',
      areaId: recordsIn(store.api.getState().document, 'area')[0]?.id,
    })
    // With something open in it, nothing is changed before it is said where that goes.
    enter(say('finished'))
    expect(project(store)?.state).toBe('notNow')
    expect(desk.getState().sheet).toMatchObject({ kind: 'leaveProject', as: { state: 'finished' } })
    act(() => {
      desk.getState().closeSheet()
      for (const { id, doneAtEpochMs } of recordsIn(store.api.getState().document, 'action'))
        if (doneAtEpochMs === null) store.run('letGo', { id })
    })
    enter(say('finished, no due'))
    expect(project(store)).toMatchObject({
      state: 'finished',
      due: null,
      closedAtEpochMs: store.clock.epochMs,
    })
    press('Reopen')
    expect(project(store)).toMatchObject({ state: 'open', closedAtEpochMs: null })
    act(() => void store.undo())
    act(() => void store.undo())
    act(() => void store.undo())
    act(() => void store.undo())
    act(() => void store.undo())
    expect(project(store)).toMatchObject({ state: 'open', due: null, areaId: null })
  })
})

describe('several chosen together', () => {
  it('are changed by one sentence, and one undo takes all of it back', async () => {
    const store = await showStation(<ChosenTogether />, (fresh) => {
      fresh.run('addAction', { title: 'one', minutes: 5 })
      fresh.run('addAction', { title: 'two' })
      fresh.run('addAction', { title: 'three', minutes: 20 })
    })
    const all = () => recordsIn(store.api.getState().document, 'action')
    act(() => all().forEach(({ id }) => desk.getState().toggleChosen(id)))
    const line = say('friday, 20 min')
    expect(screen.getByRole('status', { name: 'What would change' }).textContent).toContain(
      'day none → Fri 13 Mar (3)',
    )
    enter(line)
    expect(all().map(({ minutes, day }) => [minutes, day])).toEqual(Array(3).fill([20, '2026-03-13']))
    act(() => void store.undo())
    expect(
      all()
        .map(({ minutes }) => minutes)
        .sort(),
    ).toEqual([20, 5, null])
    press('Done')
    expect(all().every(({ doneAtEpochMs }) => doneAtEpochMs !== null)).toBe(true)
    expect(desk.getState().chosen).toEqual([])
  })
})
