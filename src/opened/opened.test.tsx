import { act, fireEvent, screen, within } from '@testing-library/react'
import { recordsIn } from '@/core/journal'
import type { Action } from '@/core/record'
import type { TestStore } from '@/state/testing'
import { MoveSheet } from '@/sheets/MoveSheet'
import { showStation } from '@/frame/testing'
import { useHeld } from '@/held/zen'
import { OpenedAction } from './OpenedAction'

const actionOf = (store: TestStore) => recordsIn(store.api.getState().document, 'action')[0] as Action
const press = (name: string | RegExp) => fireEvent.click(screen.getByRole('button', { name }))
const choose = (name: string) => fireEvent.click(screen.getByRole('radio', { name }))

function Opened() {
  const action = useHeld((state) => recordsIn(state.document, 'action')[0])
  return action ? <OpenedAction action={action} /> : null
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
  it('changes every field in place', async () => {
    const store = await opened()
    choose('this week')
    choose('must')
    choose('deep')
    choose('45')
    fireEvent.click(screen.getByRole('checkbox', { name: 'Desk' }))
    fireEvent.change(screen.getByLabelText('Due'), { target: { value: '2026-03-13' } })
    fireEvent.change(screen.getByLabelText('Due, time'), { target: { value: '17:00' } })
    fireEvent.change(screen.getByLabelText('Not before'), { target: { value: '2026-03-12' } })
    fireEvent.change(screen.getByLabelText('Waiting for'), {
      target: { value: recordsIn(store.api.getState().document, 'person')[0]?.id },
    })
    expect(actionOf(store)).toMatchObject({
      horizon: 'week',
      weight: 'must',
      energy: 'deep',
      minutes: 45,
      due: { date: '2026-03-13', time: '17:00' },
      notBefore: '2026-03-12',
      contextIds: [recordsIn(store.api.getState().document, 'context')[0]?.id],
      waiting: { personId: recordsIn(store.api.getState().document, 'person')[0]?.id, since: '2026-03-11' },
    })
  })
  it('clears a field the way it was set', async () => {
    const store = await opened({
      minutes: 45,
      energy: 'deep',
      due: { date: '2026-03-13' as never, time: null },
    })
    choose('45')
    choose('deep')
    fireEvent.change(screen.getByLabelText('Due'), { target: { value: '' } })
    expect(actionOf(store)).toMatchObject({ minutes: null, energy: null, due: null })
  })
  it('takes other minutes than those offered, and no nonsense', async () => {
    const store = await opened()
    const other = screen.getByRole('textbox', { name: 'Other minutes' })
    const write = (value: string) => {
      // As it is typed: one key after the other, whatever lengths are offered.
      for (let end = 1; end <= value.length; end++)
        fireEvent.change(other, { target: { value: value.slice(0, end) } })
      fireEvent.blur(other)
      return actionOf(store).minutes
    }
    expect([write('75'), write('50'), write('1 h 30')]).toEqual([75, 50, 90])
    expect(write('x')).toBe(90)
    expect(screen.getByRole('alert').textContent).toContain('A length such as')
    expect((other as HTMLInputElement).value).toBe('x')
  })
  it('today as a horizon is a day, and leaves with it', async () => {
    const store = await opened()
    choose('today')
    expect([
      actionOf(store).day,
      screen.getByRole('radio', { name: 'today' }).getAttribute('aria-checked'),
    ]).toEqual(['2026-03-11', 'true'])
    choose('someday')
    expect(actionOf(store)).toMatchObject({ day: null, horizon: 'someday' })
  })
  it('keeps an unkept note in the device’s memory until it is kept', async () => {
    const store = await opened()
    const note = screen.getByRole('textbox', { name: 'Note' })
    fireEvent.change(note, { target: { value: 'twice, in ink' } })
    const kept = () => window.localStorage.getItem(`zen-tray:typed one text ${actionOf(store).id} note`)
    expect(kept()).toContain('twice, in ink')
    fireEvent.blur(note)
    expect(actionOf(store).note).toBe('twice, in ink')
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
    const store = await opened({ note: 'one' })
    const note = screen.getByRole('textbox', { name: 'Note' }) as HTMLTextAreaElement
    fireEvent.change(note, { target: { value: 'one, mine' } })
    act(() => void store.run('editAction', { id: actionOf(store).id, patch: { note: 'one, theirs' } }))
    fireEvent.blur(note)
    expect([actionOf(store).note, note.value]).toEqual(['one, theirs', 'one, mine'])
    expect(screen.getByRole('alert').textContent).toContain('“one, theirs”')
    press('Keep mine')
    await act(() => new Promise((resolve) => setTimeout(resolve, 5)))
    expect(screen.queryByRole('alert')).toBeNull()
    expect(actionOf(store).note).toBe('one, mine')
  })
  it('comes back whole when it is unticked: waiting, underway and all', async () => {
    const store = await opened({
      waiting: { personId: null, whom: 'the printer', since: '2026-03-10' as never, chaseOn: null },
    })
    const before = actionOf(store)
    press('Tick')
    press('Open it again')
    expect(actionOf(store)).toEqual(before)
  })
  it('links only addresses of the web', async () => {
    const store = await opened()
    const write = (address: string) => {
      fireEvent.change(screen.getByRole('textbox', { name: 'Address' }), { target: { value: address } })
      fireEvent.blur(screen.getByRole('textbox', { name: 'Address' }))
    }
    write('javascript:alert(1)')
    expect(actionOf(store).address).toBe('javascript:alert(1)')
    expect(screen.queryByRole('link')).toBeNull()
    write('https://library.example/felt')
    expect(screen.getByRole('link', { name: 'Open the address' }).getAttribute('href')).toBe(
      'https://library.example/felt',
    )
  })
  it('is ticked, and opened again', async () => {
    const store = await opened()
    press('Tick')
    expect(actionOf(store).doneAtEpochMs).toBe(store.clock.epochMs)
    press('Open it again')
    expect(actionOf(store).doneAtEpochMs).toBeNull()
  })
  it('tells its history in plain words, latest included', async () => {
    await opened()
    choose('must')
    press('Start')
    await act(async () => {})
    const story = within(screen.getByRole('region', { name: 'What happened' }))
      .getAllByRole('listitem')
      .map((item) => item.textContent)
    expect(story).toEqual([
      'today, 09:00Added',
      'today, 09:00Changed: weight should → must',
      'today, 09:00Underway',
    ])
  })
})

/** The move sheet over the only action there is. */
function Moving({ onClose }: { onClose: () => void }) {
  const action = useHeld((state) => recordsIn(state.document, 'action')[0])
  return action ? <MoveSheet id={action.id} onClose={onClose} /> : null
}

describe('the move sheet', () => {
  const hidden = { hidden: true } as const
  it('warns of a promise, and moves it along with a later day', async () => {
    const onClose = jest.fn()
    const store = await showStation(
      <Moving onClose={onClose} />,
      (fresh) =>
        void fresh.run('addAction', {
          title: 'sign the draft',
          due: { date: '2026-03-12' as never, time: null },
        }),
    )
    expect(screen.getByText('Due tomorrow: a later day moves the promise too.')).toBeTruthy()
    fireEvent.click(screen.getByRole('button', { name: 'Sat 14 Mar', ...hidden }))
    expect(actionOf(store)).toMatchObject({
      day: '2026-03-14',
      due: { date: '2026-03-14' },
      moved: [expect.any(String)],
    })
    expect(onClose).toHaveBeenCalledTimes(1)
  })
  it('takes any other day, and none in the past', async () => {
    const onClose = jest.fn()
    const store = await showStation(
      <Moving onClose={onClose} />,
      (fresh) => void fresh.run('addAction', { title: 'sign the draft' }),
    )
    fireEvent.change(screen.getByLabelText('Any other day'), { target: { value: '2026-03-01' } })
    expect(onClose).not.toHaveBeenCalled()
    fireEvent.change(screen.getByLabelText('Any other day'), { target: { value: '2026-06-01' } })
    expect(actionOf(store).day).toBe('2026-06-01')
  })
  it('takes an action off its day', async () => {
    const store = await showStation(
      <Moving onClose={() => {}} />,
      (fresh) => void fresh.run('addAction', { title: 'sign the draft', day: '2026-03-12' as never }),
    )
    fireEvent.click(screen.getByRole('button', { name: 'No day', ...hidden }))
    expect(actionOf(store).day).toBeNull()
  })
})
