import { act, fireEvent, screen, within, waitFor } from '@testing-library/react'
import { recordsIn } from '@/core/journal'
import type { Action } from '@/core/record'
import type { TestStore } from '@/state/testing'
import { MoveSheet } from '@/sheets/MoveSheet'
import { showStation } from '@/frame/testing'
import { useHeld } from '@/held/zen'
import { OpenedAction } from './OpenedAction'
import { OpenedMore } from './OpenedMore'
import { press, hidden, openChip, openOffer, chooseIn, optionIn, chips, say, enter } from './testing'

/** The one that is opened: the others of a test stand around it. */
const drafted = (actions: readonly Action[]) => actions.find(({ title }) => title !== 'all friday') as Action
const actionOf = (store: TestStore) => drafted(recordsIn(store.api.getState().document, 'action'))

function Opened() {
  const action = useHeld((state) => drafted(recordsIn(state.document, 'action')))
  return action ? (
    <>
      <OpenedAction action={action} />
      <OpenedMore id={action.id} />
    </>
  ) : null
}
const opened = async (given: Partial<Action> = {}) => {
  const store = await showStation(<Opened />, (fresh) => {
    fresh.run('addContext', { name: 'Desk' })
    fresh.run('addPerson', { name: 'Oda' })
    fresh.run('addAction', { title: 'sign the draft', ...given })
  })
  await act(async () => {})
  return store
}

describe('an opened action', () => {
  it('reads first: all that is set as chips in the order of a sentence, and nothing else', async () => {
    await opened({
      due: { date: '2026-03-13' as never, time: '17:00' as never },
      minutes: 90,
      energy: 'deep',
      weight: 'must',
      horizon: 'week',
    })
    expect(chips()).toEqual(['due Fri 13 Mar, 17:00', 'this week', '1 h 30', 'deep', 'must'])
    expect(screen.queryByRole('dialog', hidden)).toBeNull()
  })
  it('changes what a chip says in its chooser, and one choice closes it', async () => {
    const store = await opened({ minutes: 45 })
    await openChip('45 min')
    chooseIn('20 min')
    expect(actionOf(store).minutes).toBe(20)
    expect(screen.queryByRole('dialog', hidden)).toBeNull()
    await openChip('20 min')
    chooseIn('no minutes')
    expect(actionOf(store).minutes).toBeNull()
    await openChip('soon')
    chooseIn('today')
    expect([actionOf(store).day, chips()]).toEqual(['2026-03-11', ['today']])
  })
  it('offers by name what is not set', async () => {
    const store = await opened()
    await openOffer('weight')
    chooseIn('must')
    await openOffer('context')
    fireEvent.click(optionIn('Desk'))
    await openOffer('waiting for')
    fireEvent.click(optionIn('Oda'))
    expect(actionOf(store)).toMatchObject({
      weight: 'must',
      contextIds: [recordsIn(store.api.getState().document, 'context')[0]?.id],
      waiting: { personId: recordsIn(store.api.getState().document, 'person')[0]?.id, since: '2026-03-11' },
    })
    expect(chips()).toEqual(['soon', 'Desk', 'must', 'waiting for Oda, since today'])
  })
  it('takes a day and a time, and says what a time must look like', async () => {
    const store = await opened()
    await openOffer('due date')
    const time = screen.getByRole('textbox', { name: 'Time', ...hidden })
    fireEvent.change(time, { target: { value: 'teatime' } })
    chooseIn(/^Friday, 13 March 2026/)
    expect([actionOf(store).due, screen.getByRole('alert', hidden).textContent]).toEqual([
      null,
      'Type a time such as 14:30 or 2pm.',
    ])
    fireEvent.change(time, { target: { value: '5pm' } })
    chooseIn(/^Friday, 13 March 2026/)
    expect(actionOf(store).due).toEqual({ date: '2026-03-13', time: '17:00' })
    await openChip('due Fri 13 Mar, 17:00')
    chooseIn('no day')
    expect(actionOf(store).due).toBeNull()
  })
  it('shows on each day how full it is, and offers none that has passed', async () => {
    const store = await opened()
    act(() => void store.run('addAction', { title: 'all friday', day: '2026-03-13' as never, minutes: 150 }))
    await openOffer('planned day')
    const day = (name: RegExp) => screen.getByRole('button', { name, ...hidden }) as HTMLButtonElement
    expect(day(/^Friday, 13 March/).getAttribute('aria-label')).toContain('2 h 30 of 5 h planned')
    expect(day(/^Thursday, 12 March/).getAttribute('aria-label')).toContain('nothing planned')
    expect([day(/Tuesday, 10 March/).disabled, day(/^Today, Wednesday, 11 March/).disabled]).toEqual([
      true,
      false,
    ])
  })
  it('takes any other length, said as in a sentence, and no nonsense', async () => {
    const store = await opened({ minutes: 20 })
    const write = async (text: string) => {
      await openChip(chips().find((words) => / min|h/.test(words ?? '')) as string)
      const line = screen.getByRole('textbox', { name: 'Any other length', ...hidden })
      fireEvent.change(line, { target: { value: text } })
      enter(line)
      return actionOf(store).minutes
    }
    expect([await write('75'), await write('50'), await write('1 h 30')]).toEqual([75, 50, 90])
    expect(await write('x')).toBe(90)
    expect(screen.getByRole('alert', hidden).textContent).toContain('Type a length such as')
  })
  it('finds a shelf by what is typed, and makes one that is not there', async () => {
    const store = await opened()
    store.run('addProject', { title: 'Fenwick Hall report' })
    press('no project or area')
    await screen.findByRole('dialog', hidden)
    const line = screen.getByRole('combobox', { name: 'For: a name', ...hidden })
    fireEvent.change(line, { target: { value: 'hall' } })
    fireEvent.click(optionIn('Fenwick Hall report'))
    const [hall] = recordsIn(store.api.getState().document, 'project')
    expect(actionOf(store).projectId).toBe(hall?.id)
    press('Change: Fenwick Hall report')
    await screen.findByRole('dialog', hidden)
    fireEvent.change(screen.getByRole('combobox', hidden), { target: { value: 'Mill loft' } })
    fireEvent.click(optionIn('make “Mill loft” a project'))
    expect(
      recordsIn(store.api.getState().document, 'project')
        .map(({ title }) => title)
        .sort(),
    ).toEqual(['Fenwick Hall report', 'Mill loft'])
    expect(screen.getByRole('button', { name: 'Mill loft' })).toBeTruthy()
    // Where there is an area to choose, a project that is made on the way is asked its own.
    act(() => void store.run('addArea', { name: 'Office', groupId: null }))
    press('Change: Mill loft')
    await screen.findByRole('dialog', hidden)
    fireEvent.change(screen.getByRole('combobox', hidden), { target: { value: 'Barn' } })
    fireEvent.click(optionIn('make “Barn” a project'))
    await screen.findByRole('dialog', { name: 'Area', ...hidden })
    fireEvent.click(optionIn('Office'))
    const barn = recordsIn(store.api.getState().document, 'project').find(({ title }) => title === 'Barn')
    expect(actionOf(store).projectId).toBe(barn?.id)
    expect(barn?.areaId).toBe(recordsIn(store.api.getState().document, 'area')[0]?.id)
  })
  it('says what would change, does it on Enter as one act, and leaves what it did not understand', async () => {
    const store = await opened({ minutes: 45 })
    const line = say('friday, 20 min, desk, workshop, ')
    expect(screen.getByRole('status', { name: 'What would change' }).textContent).toBe(
      'contexts none → Deskminutes 45 min → 20 minplanned day none → Fri 13 MarNot understood: “workshop”Make “workshop” a context',
    )
    expect(actionOf(store).minutes).toBe(45)
    enter(line)
    expect(actionOf(store)).toMatchObject({ minutes: 20, day: '2026-03-13' })
    expect(line.value).toBe('workshop')
    press('Make “workshop” a context')
    enter(line)
    expect(actionOf(store).contextIds).toHaveLength(2)
    act(() => void store.undo())
    act(() => void store.undo())
    act(() => void store.undo())
    expect(actionOf(store)).toMatchObject({ minutes: 45, day: null, contextIds: [] })
  })
  it('keeps an unkept title in the device’s memory until it is kept', async () => {
    const store = await opened()
    const title = screen.getByRole('textbox', { name: 'Title' })
    fireEvent.change(title, { target: { value: 'sign it twice, in ink' } })
    const kept = () => window.localStorage.getItem(`zen-tray:typed one text ${actionOf(store).id} title`)
    expect(kept()).toContain('twice, in ink')
    fireEvent.blur(title)
    expect(actionOf(store).title).toBe('sign it twice, in ink')
    await act(() => store.settled())
    expect(kept()).toBeNull()
  })
  it('keeps a space that is followed by a pause, and is one change however often one pauses', async () => {
    jest.useFakeTimers()
    const store = await opened()
    const title = screen.getByRole('textbox', { name: 'Title' }) as HTMLTextAreaElement
    for (const text of ['about ', 'about tides ', 'about tides and moons']) {
      fireEvent.change(title, { target: { value: text } })
      await act(async () => jest.advanceTimersByTime(2000))
      expect(title.value).toBe(text)
    }
    jest.useRealTimers()
    expect(actionOf(store).title).toBe('about tides and moons')
    expect(
      store.api
        .getState()
        .recent.map((change) => change.act)
        .filter((name) => name === 'editAction'),
    ).toHaveLength(1)
    act(() => void store.undo())
    expect(actionOf(store).title).toBe('sign the draft')
  })
  it('refuses a text that is too long at its field, and keeps it there to be mended, over a reload too', async () => {
    const store = await opened()
    const long = 'x'.repeat(2001)
    const write = () => {
      const title = screen.getByRole('textbox', { name: 'Title' }) as HTMLTextAreaElement
      fireEvent.change(title, { target: { value: long } })
      fireEvent.blur(title)
      return title
    }
    expect(write().value).toBe(long)
    expect(screen.getByRole('alert').textContent).toContain('The title is longer than 2,000 characters')
    expect(actionOf(store).title).toBe('sign the draft')
    expect(window.localStorage.getItem(`zen-tray:typed one text ${actionOf(store).id} title`)).toContain(long)
  })
  it('offers the other version where the same text was changed elsewhere while it was typed', async () => {
    const store = await opened()
    const title = screen.getByRole('textbox', { name: 'Title' }) as HTMLTextAreaElement
    fireEvent.change(title, { target: { value: 'sign, mine' } })
    act(() => void store.run('editAction', { id: actionOf(store).id, patch: { title: 'sign, theirs' } }))
    fireEvent.blur(title)
    expect([actionOf(store).title, title.value]).toEqual(['sign, theirs', 'sign, mine'])
    expect(screen.getByRole('alert').textContent).toContain('“sign, theirs”')
    press('Keep mine')
    await waitFor(() => expect(screen.queryByRole('alert')).toBeNull())
    expect(actionOf(store).title).toBe('sign, mine')
  })
  it('becomes a step of another action, chosen by its title', async () => {
    const store = await opened()
    act(() => void store.run('addAction', { title: 'all friday' }))
    press('More')
    fireEvent.click(screen.getByRole('button', { name: 'Make it a step of another action', ...hidden }))
    const asked = await screen.findByRole('dialog', { name: 'Which action is it a step of?', ...hidden })
    fireEvent.click(within(asked).getByRole('option', { name: 'all friday', ...hidden }))
    const { document } = store.api.getState()
    expect(recordsIn(document, 'action').map(({ title }) => title)).toEqual(['all friday'])
    expect(recordsIn(document, 'step')).toMatchObject([{ title: 'sign the draft' }])
  })
  it('is signed off and held back by saying it', async () => {
    const store = await opened()
    act(() => void store.run('addAction', { title: 'all friday' }))
    const line = say('to sign off by Oda, after all friday')
    expect(screen.getByRole('status', { name: 'What would change' }).textContent).toContain(
      'after none → “all friday”',
    )
    enter(line)
    expect(actionOf(store)).toMatchObject({ waiting: { toSignOff: true }, afterIds: [expect.any(String)] })
    act(() => void store.undo())
    expect(actionOf(store)).toMatchObject({ waiting: null, afterIds: [] })
  })
  it('comes back whole when it is unticked: waiting, underway and all', async () => {
    const store = await opened({
      waiting: {
        personId: null,
        whom: 'the printer',
        since: '2026-03-10' as never,
        chaseOn: null,
        how: '',
        toSignOff: false,
      },
    })
    const before = actionOf(store)
    press('Done')
    press('Reopen')
    expect(actionOf(store)).toEqual(before)
  })
  it('follows only addresses of the web', async () => {
    const store = await opened()
    const write = async (link: string) => {
      fireEvent.change(screen.getByRole('textbox', { name: 'Link', ...hidden }), {
        target: { value: link },
      })
      chooseIn('Save')
    }
    await openOffer('link')
    await write('javascript:alert(1)')
    expect(actionOf(store).link).toBe('javascript:alert(1)')
    expect(screen.queryByRole('link')).toBeNull()
    await openChip('javascript:alert(1)')
    await write('https://library.example/felt')
    expect(screen.getByRole('link', { name: 'Open the link' }).getAttribute('href')).toBe(
      'https://library.example/felt',
    )
  })
  it('is ticked, and opened again', async () => {
    const store = await opened()
    press('Done')
    expect(actionOf(store).doneAtEpochMs).toBe(store.clock.epochMs)
    press('Reopen')
    expect(actionOf(store).doneAtEpochMs).toBeNull()
  })
  it('tells its history in plain words, latest included', async () => {
    await opened()
    enter(say('must'))
    press('Start')
    press('More')
    await act(async () => {})
    const story = within(screen.getByRole('region', { name: 'History', ...hidden }))
      .getAllByRole('listitem', hidden)
      .map((item) => item.textContent)
    expect(story).toEqual([
      'today, 09:00 · Added',
      'today, 09:00 · Changed: weight should → must',
      'today, 09:00 · Started',
    ])
  })
})

/** The move sheet over the only action there is. */
function Moving({ onClose }: { onClose: () => void }) {
  const action = useHeld((state) => recordsIn(state.document, 'action')[0])
  return action ? <MoveSheet id={action.id} onClose={onClose} /> : null
}

describe('the move sheet', () => {
  const moving = async (given: Partial<Action> = {}) => {
    const onClose = jest.fn()
    const store = await showStation(
      <Moving onClose={onClose} />,
      (fresh) => void fresh.run('addAction', { title: 'sign the draft', ...given }),
    )
    await screen.findByRole('dialog', hidden)
    return { store, onClose }
  }
  it('warns of a promise, and moves it along with a later day', async () => {
    const { store, onClose } = await moving({ due: { date: '2026-03-12' as never, time: null } })
    expect(screen.getByText('A day after the due date moves the due date too.')).toBeTruthy()
    chooseIn(/^Saturday, 14 March/)
    expect(actionOf(store)).toMatchObject({
      day: '2026-03-14',
      due: { date: '2026-03-14' },
      moved: [expect.any(String)],
    })
    expect(onClose).toHaveBeenCalledTimes(1)
    expect(store.api.getState().recent.at(-1)?.act).toBe('moveTo')
  })
  it('turns to any other month', async () => {
    const { store } = await moving()
    chooseIn('The month after')
    chooseIn(/^Wednesday, 1 April/)
    expect(actionOf(store).day).toBe('2026-04-01')
  })
  it('takes an action off its day', async () => {
    const { store } = await moving({ day: '2026-03-12' as never })
    chooseIn('no day')
    expect(actionOf(store).day).toBeNull()
  })
})
