import { act, fireEvent, screen } from '@testing-library/react'
import { useEffect, useState } from 'react'
import { recordIn, withChange, type Change } from '@/core/journal'
import { makeTimestamp } from '@/core/journal/timestamp'
import { showStation } from '@/frame/testing'
import { useZen } from '@/held/zen'
import { onDemand } from '@/state/commands/onDemand'
import { testStartEpochMs, type TestStore } from '@/state/testing'
import { useWriting } from './useWriting'

const of = 'note:day-2026-03-11'
/** What was drawn, one after the other. */
let drawn: string[] = []
function Probe() {
  const { text, write, leave, problem } = useWriting(of, onDemand.notes)
  useEffect(() => void drawn.push(text))
  useEffect(() => {
    writeOver = write
  })
  return (
    <>
      <textarea
        aria-label="Probe"
        value={text}
        onChange={(event) => write(event.target.value)}
        onBlur={leave}
      />
      <p>{problem}</p>
    </>
  )
}
/** Lays the note aside and opens it again. */
let showAgain = () => {}
let writeOver: (text: string, over: string) => void = () => {}
let adoptNothing = () => {}
function Opened() {
  const [times, setTimes] = useState(0)
  const { memory } = useZen()
  useEffect(() => {
    showAgain = () => setTimes((before) => before + 1)
    adoptNothing = () => memory.typed.adopt([])
  }, [memory])
  return <Probe key={times} />
}
/** Null: nothing was written there yet. */
const opened = async (note: string | null = 'base') => {
  const begin = (fresh: TestStore) => void (note !== null && fresh.run('writeNote', { id: of, note }))
  const store = await showStation(<Opened />, begin)
  await act(async () => {})
  return { store, stored: () => recordIn(store.api.getState().document, of)?.note }
}
const field = () => screen.getByRole('textbox', { name: 'Probe' }) as HTMLTextAreaElement
const type = (value: string) => fireEvent.change(field(), { target: { value } })

/** A change that another tab made while it did not know of what was kept here. */
function comesIn(store: TestStore, from: string, to: string): void {
  const { document, recent } = store.api.getState()
  const change: Change = {
    stamp: makeTimestamp(testStartEpochMs + 60_000 + recent.length, 0, 'other'),
    act: 'writeNote',
    diff: [{ kind: 'updated', id: of, fields: { note: [from, to] } }],
  }
  act(() => store.api.setState({ document: withChange(document, change), recent: [...recent, change] }))
  // What is kept from here on is later.
  store.clock.epochMs += 120_000
}
beforeEach(() => {
  drawn = []
  jest.useFakeTimers()
})
afterEach(() => jest.useRealTimers())
const rest = () => act(async () => void jest.advanceTimersByTime(1000))

it('keeps what is typed after a rest, as one change however often one rests, and when it is left', async () => {
  const { store, stored } = await opened()
  for (const text of ['base a', 'base ab', 'base abc']) {
    type(text)
    await rest()
    expect(stored()).toBe(text)
  }
  const acts = store.api.getState().recent.map((change) => change.act)
  expect(acts.filter((name) => name === 'writeNote')).toHaveLength(2)
  type('base abcd')
  fireEvent.blur(field())
  expect(stored()).toBe('base abcd')
})
it('brings in what was written elsewhere while one types', async () => {
  const { store, stored } = await opened('one\ntwo')
  type('one, mine\ntwo')
  comesIn(store, 'one\ntwo', 'one\ntwo\nother')
  expect(field().value).toBe('one, mine\ntwo\nother')
  await rest()
  expect(stored()).toBe('one, mine\ntwo\nother')
})
it('brings together what is written over a text that another has changed in the same moment', async () => {
  const { store, stored } = await opened('one\ntwo')
  act(() => {
    void store.run('writeNote', { id: of, note: 'one\ntwo\nother' })
    writeOver('one, mine\ntwo', 'one\ntwo')
  })
  expect(field().value).toBe('one, mine\ntwo\nother')
  await rest()
  expect(stored()).toBe('one, mine\ntwo\nother')
})
it('reads what is in the store there alone, before it is safely kept', async () => {
  const { store } = await opened('ring Kofi today')
  type('ring Kofi today\nbuy felt')
  fireEvent.blur(field())
  act(() => void store.run('writeNote', { id: of, note: 'ring Kofi\nbuy felt' }))
  act(adoptNothing)
  expect(field().value).toBe('ring Kofi\nbuy felt')
  act(() => showAgain())
  expect(field().value).toBe('ring Kofi\nbuy felt')
})
it('keeps both where the other text was kept over one’s own without knowing of it', async () => {
  const { store, stored } = await opened('one')
  type('one\nmine')
  await rest()
  comesIn(store, 'one', 'one\nother')
  expect(stored()).toBe('one\nother')
  await rest()
  expect(stored()?.split('\n').sort()).toEqual(['mine', 'one', 'other'])
})
it('keeps both where each began the page at the same moment, neither knowing of the other', async () => {
  const { store, stored } = await opened(null)
  expect(stored()).toBeUndefined()
  type('said on the left')
  await rest()
  const mine = recordIn(store.api.getState().document, of)
  if (!mine) throw new Error('it is begun')
  const { document, recent } = store.api.getState()
  const change: Change = {
    stamp: makeTimestamp(testStartEpochMs + 60_000, 0, 'other'),
    act: 'writeNote',
    diff: [{ kind: 'added', record: { ...mine, note: 'said on the right' } }],
  }
  act(() => store.api.setState({ document: withChange(document, change), recent: [...recent, change] }))
  store.clock.epochMs += 120_000
  expect(stored()).toBe('said on the right')
  await rest()
  expect(stored()?.split('\n').sort()).toEqual(['said on the left', 'said on the right'])
  // The other text is never drawn alone: the caret would lose its place.
  expect(drawn).not.toContain('said on the right')
})
it('keeps both also where one has typed on meanwhile', async () => {
  const { store, stored } = await opened('one')
  type('one\nmine')
  await rest()
  type('one\nmine, and more')
  comesIn(store, 'one', 'one\nother')
  await rest()
  expect(stored()?.split('\n').sort()).toEqual(['mine, and more', 'one', 'other'])
})
it('takes what was written over one’s own as it is: what the other took out is out', async () => {
  const { store, stored } = await opened('one')
  type('one\nmine')
  await rest()
  comesIn(store, 'one\nmine', 'one')
  await rest()
  expect([stored(), field().value]).toEqual(['one', 'one'])
})
it('refuses what is too long in words, and keeps it there to be shortened, over a reload too', async () => {
  const { stored } = await opened('short')
  const long = 'x'.repeat(200_001)
  type(long)
  await rest()
  expect(screen.getByText(/200,000/)).toBeTruthy()
  expect([stored(), field().value.length]).toEqual(['short', 200_001])
  expect(window.localStorage.getItem(`zen-tray:typed one written ${of}`)).toContain(long)
})
