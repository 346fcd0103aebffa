import { act, fireEvent, screen, within } from '@testing-library/react'
import { recordsIn } from '@/core/journal'
import { select } from '@/state'
import type { TestStore } from '@/state/testing'
import { CaptureLine } from '@/parts/capture/CaptureLine'
import { showStation } from '@/frame/testing'
import { SortingStation } from './SortingStation'
import { TrayStation } from './TrayStation'

const held = (store: TestStore, kind: 'slip' | 'action' | 'project' | 'reference' | 'context') =>
  recordsIn(store.api.getState().document, kind)
const type = (field: HTMLElement, text: string) => fireEvent.change(field, { target: { value: text } })
const press = (name: string | RegExp) => fireEvent.click(screen.getByRole('button', { name }))
const three = (store: TestStore) =>
  ['oldest', 'middle, 20 min', 'newest'].forEach((text) => {
    store.clock.epochMs += 1000
    store.run('setDown', { text })
  })

describe('the capture line', () => {
  const line = () => screen.getByRole('textbox', { name: 'Add to the Tray' })
  it('sets down on Enter, is ready for the next, and says what it did', async () => {
    const store = await showStation(<CaptureLine />)
    type(line(), 'ring the mason by friday')
    expect(screen.getByRole('button', { name: 'Take off due Fri 13 Mar' })).toBeTruthy()
    fireEvent.keyDown(line(), { key: 'Enter' })
    expect(held(store, 'slip')).toMatchObject([{ text: 'ring the mason by friday', takenOff: [] }])
    expect((line() as HTMLInputElement).value).toBe('')
    expect(screen.getByRole('status').textContent).toBe('Added to the Tray: ring the mason, due Fri 13 Mar')
  })
  it('gives a chip back to the title, and remembers that with the slip', async () => {
    const store = await showStation(<CaptureLine />)
    type(line(), 'ring the mason by friday')
    press('Take off due Fri 13 Mar')
    expect(screen.queryByRole('group', { name: 'Understood' })).toBeNull()
    fireEvent.keyDown(line(), { key: 'Enter' })
    expect(held(store, 'slip')).toMatchObject([{ takenOff: ['due by friday'] }])
  })
  it('asks when a name means two things, and takes the answer', async () => {
    const store = await showStation(<CaptureLine />, (fresh) => {
      fresh.run('addContext', { name: 'Choir' })
      fresh.run('addArea', { name: 'Choir', groupId: null })
    })
    type(line(), 'copy the parts, choir')
    press('Take Choir as the area')
    expect(screen.getByRole('button', { name: 'Take off Choir' })).toBeTruthy()
    fireEvent.keyDown(line(), { key: 'Enter' })
    expect(held(store, 'slip')).toHaveLength(1)
  })
  it('does nothing with nothing', async () => {
    const store = await showStation(<CaptureLine />)
    type(line(), '   ')
    fireEvent.keyDown(line(), { key: 'Enter' })
    expect(held(store, 'slip')).toEqual([])
  })
  it('keeps a half-typed line in the device’s memory', async () => {
    await showStation(<CaptureLine />)
    type(line(), 'half a tho')
    expect(window.localStorage.getItem('zen-tray:typed one draft')).toContain('half a tho')
  })
})

describe('the Tray', () => {
  it('says what belongs there while it is empty', async () => {
    await showStation(<TrayStation />)
    expect(screen.getByRole('heading', { name: 'Nothing here yet' })).toBeTruthy()
    fireEvent.click(await screen.findByRole('button', { name: 'Skip' }))
    expect(screen.getByRole('button', { name: 'Add something' })).toBeTruthy()
  })
  it('takes the first choices as they stand or as they were changed, in one act', async () => {
    const store = await showStation(<TrayStation />)
    fireEvent.click(await screen.findByRole('button', { name: 'Remove Errands' }))
    type(screen.getByRole('textbox', { name: 'Context 1' }), 'Bench')
    press('Another context')
    type(screen.getByRole('textbox', { name: 'Context 6' }), ' desk ')
    press('Another context')
    type(screen.getByRole('textbox', { name: 'Area 1' }), 'office')
    press('Remove Household')
    fireEvent.click(screen.getByRole('radio', { name: '4 h' }))
    fireEvent.click(screen.getByRole('radio', { name: 'Sunday' }))
    press('Start')
    const named = (kind: 'context' | 'area' | 'group') =>
      recordsIn(store.api.getState().document, kind)
        .map(({ name }) => name)
        .sort()
    expect(named('context')).toEqual(['Anywhere', 'Bench', 'Computer', 'Home', 'Phone', 'desk'])
    // Said twice, made once.
    expect([named('area'), named('group')]).toEqual([['office'], ['Work']])
    expect(recordsIn(store.api.getState().document, 'settings')[0]).toMatchObject({
      weekStartsOn: 6,
      availableMinutes: { 0: 240, 4: 240 },
    })
    expect(store.api.getState().recent).toHaveLength(1)
  })
  it('lies newest first, and can be turned', async () => {
    await showStation(<TrayStation />, three)
    const titles = () =>
      within(screen.getByRole('list', { name: 'Slips' }))
        .getAllByRole('button', { name: /^(newest|middle|oldest)/ })
        .map((row) => row.textContent?.replace(/today.*/, ''))
    expect(titles()).toEqual(['newest', 'middle', 'oldest'])
    press('Oldest first')
    expect(titles()).toEqual(['oldest', 'middle', 'newest'])
  })
  it('changes a slip where it lies, and keeps an empty one as it was', async () => {
    const store = await showStation(
      <TrayStation />,
      (fresh) => void fresh.run('setDown', { text: 'paint the shed' }),
    )
    press(/^paint the shed/)
    type(screen.getByRole('textbox', { name: 'The slip’s words' }), ' ')
    press('Save')
    expect(screen.getByRole('alert').textContent).toContain('needs at least one word')
    type(screen.getByRole('textbox', { name: 'The slip’s words' }), 'paint the shed green')
    press('Save')
    expect(held(store, 'slip')).toMatchObject([{ text: 'paint the shed green' }])
  })
  it('removes a slip, and undo brings it back', async () => {
    const store = await showStation(<TrayStation />, three)
    const pile = () => select.slipsOf(store.api.getState().document)
    press('Remove middle')
    expect(pile().map(({ text }) => text)).toEqual(['newest', 'oldest'])
    press('Undo the last act')
    expect(pile()).toHaveLength(3)
  })
})

describe('sorting', () => {
  it('takes the oldest first, counts on, and a slip laid under the pile comes last', async () => {
    await showStation(<SortingStation />, three)
    const slip = () =>
      within(screen.getByRole('article', { name: 'The slip' })).getByRole('heading').textContent
    expect([screen.getByRole('heading', { level: 1 }).textContent, slip()]).toEqual(['1 of 3', 'oldest'])
    press(/^Skip/)
    expect(slip()).toBe('middle')
    press('Someday')
    press('Let go')
    expect([screen.getByRole('heading', { level: 1 }).textContent, slip()]).toEqual(['3 of 3', 'oldest'])
    press('Reference')
    expect(screen.getByRole('heading', { name: 'The Tray is empty' })).toBeTruthy()
  })
  it('does not show again in the same round what is kept for the review', async () => {
    await showStation(<SortingStation />, three)
    press('For review')
    press(/^Skip/)
    press('For review')
    expect(screen.getByRole('heading', { level: 1 }).textContent).toBe('3 of 3')
    press('Someday')
    expect(screen.getByRole('heading', { name: '2 slips kept for the review' })).toBeTruthy()
  })
  it('puts each slip where it was told', async () => {
    const store = await showStation(<SortingStation />, three)
    press('Action')
    press('Save action')
    press('Project')
    type(screen.getByRole('textbox', { name: 'Outcome' }), 'It stands')
    type(screen.getByRole('textbox', { name: 'First next action' }), 'buy wood, 30 min')
    press('Save project')
    press('Let go')
    expect(held(store, 'slip')).toEqual([])
    expect(held(store, 'project')).toMatchObject([{ title: 'middle', outcome: 'It stands' }])
    expect(
      held(store, 'action')
        .map(
          (action) => 'horizon' in action && [action.title, action.minutes, action.letGoAtEpochMs !== null],
        )
        .sort(),
    ).toEqual([
      ['buy wood', 30, false],
      ['newest', null, true],
      ['oldest', null, false],
    ])
  })
  it('prefills the action from the sentence and takes what is chosen', async () => {
    const store = await showStation(<SortingStation />, (fresh) => {
      fresh.run('addContext', { name: 'Phone' })
      fresh.run('setDown', { text: 'ring the mason, phone, 20 min' })
    })
    press('Action')
    expect(screen.getByRole('checkbox', { name: 'Phone' }).getAttribute('aria-checked')).toBe('true')
    expect(screen.getByRole('radio', { name: '20 min' }).getAttribute('aria-checked')).toBe('true')
    fireEvent.click(screen.getByRole('radio', { name: 'today' }))
    press('More to set')
    press('weight')
    fireEvent.click(await screen.findByRole('button', { name: 'must', hidden: true }))
    fireEvent.keyDown(screen.getByRole('radio', { name: '20 min' }), { key: 'Enter' })
    expect(held(store, 'action')).toMatchObject([
      { title: 'ring the mason', minutes: 20, weight: 'must', day: '2026-03-11' },
    ])
  })
  it('keeps nothing when Enter is pressed in a chooser', async () => {
    const store = await showStation(<SortingStation />, three)
    press('Action')
    press('Contexts: more')
    const line = await screen.findByRole('combobox')
    expect(line.closest('form')).toBeNull()
    fireEvent.keyDown(line, { key: 'Enter' })
    expect(held(store, 'action')).toEqual([])
  })
  it('puts first what earlier decisions make likely, and says why', async () => {
    const store = await showStation(<SortingStation />, (fresh) => {
      for (const name of ['Desk', 'Errands', 'Phone']) fresh.run('addContext', { name })
      fresh.run('addProject', { title: 'Hall ceiling' })
      const phone = held(fresh, 'context').find((context) => 'name' in context && context.name === 'Phone')
      fresh.run('addAction', {
        title: 'Order absorber samples',
        contextIds: [phone!.id as 'context:x'],
        projectId: held(fresh, 'project')[0]!.id as 'project:x',
      })
      fresh.run('setDown', { text: 'chase the absorber samples' })
    })
    press('Action')
    const first = (row: string, role: 'checkbox' | 'radio') =>
      within(screen.getByLabelText(row)).getAllByRole(role)[0] as HTMLElement
    // Contexts keep their places: the likely one is where the keys begin.
    const contexts = within(screen.getByLabelText('Contexts')).getAllByRole('checkbox')
    expect(contexts.map(({ textContent }) => textContent)).toEqual(['Desk', 'Errands', 'Phone'])
    expect(contexts.map(({ tabIndex }) => tabIndex)).toEqual([-1, -1, 0])
    expect(screen.queryByText(/because of/)).toBeNull()
    press('Why these first?')
    expect(screen.getAllByText(/because of/).map(({ textContent }) => textContent)).toEqual([
      'Phone, because of absorber and samples',
      'Hall ceiling, because of absorber and samples',
    ])
    expect(screen.getByRole('button', { name: 'Save action' })).toBeTruthy()
    fireEvent.click(first('For', 'radio'))
    press('Save action')
    const kept = held(store, 'action').find((action) => 'title' in action && action.title.startsWith('chase'))
    expect(kept).toMatchObject({ projectId: held(store, 'project')[0]!.id })
  })
  it('goes back from a compartment without deciding', async () => {
    const store = await showStation(<SortingStation />, three)
    press('Project')
    fireEvent.keyDown(document, { key: 'Escape' })
    expect(screen.getByRole('group', { name: 'Compartments' })).toBeTruthy()
    expect(held(store, 'slip')).toHaveLength(3)
  })
  it('runs two minutes down, and then asks', async () => {
    jest.useFakeTimers()
    const store = await showStation(
      <SortingStation />,
      (fresh) => void fresh.run('setDown', { text: 'water the fern' }),
    )
    press('Two minutes')
    expect(screen.getByRole('timer').textContent).toBe('2:00')
    store.clock.epochMs += 119_000
    act(() => void jest.advanceTimersByTime(300))
    expect(screen.getByRole('timer').textContent).toBe('0:01')
    store.clock.epochMs += 5_000
    act(() => void jest.advanceTimersByTime(300))
    expect(screen.getByText(/The two minutes are over/)).toBeTruthy()
    press('Done')
    expect(held(store, 'action')).toMatchObject([
      { title: 'water the fern', minutes: 2, doneAtEpochMs: store.clock.epochMs },
    ])
    jest.useRealTimers()
  })
})
