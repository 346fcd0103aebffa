import { act, fireEvent, screen, waitFor, within } from '@testing-library/react'
import { recordsIn } from '@/core/journal'
import { showStation } from '@/frame/testing'
import { NoteBand } from './NoteBand'

const of = 'note:day-2026-03-11'
const shown = async (note: string) => {
  const store = await showStation(<NoteBand of={of} />, (fresh) => {
    fresh.run('addContext', { name: 'Phone' })
    fresh.run('writeNote', { id: of, note })
  })
  await act(async () => {})
  const text = () => recordsIn(store.api.getState().document, 'note')[0]?.note
  const actions = () => recordsIn(store.api.getState().document, 'action')
  return { store, text, actions }
}
const box = (name: string) => screen.getByRole('checkbox', { name })

it('ticks a box where it stands, and only that one', async () => {
  const { text } = await shown(
    'words\n\n- [ ] same\n- [ ] same\n  - [ ] under **it**\n\n> - [ ] said by another',
  )
  expect(screen.getAllByRole('checkbox')).toHaveLength(3)
  fireEvent.click(screen.getAllByRole('checkbox')[1] as HTMLElement)
  expect(text()).toBe('words\n\n- [ ] same\n- [x] same\n  - [ ] under **it**\n\n> - [ ] said by another')
  fireEvent.click(box('under **it**'))
  expect(text()).toContain('  - [x] under **it**')
})
it('makes actions of one line or of all that are left, each read as a sentence', async () => {
  const { text, actions, store } = await shown(
    '- [ ] ring Kofi by friday, 10 min, phone\n- [ ] buy felt\n- [x] over',
  )
  fireEvent.click(screen.getByRole('button', { name: /^Make an action of: buy felt/ }))
  expect(actions()).toMatchObject([{ title: 'buy felt', lineOf: of }])
  expect(screen.queryByRole('button', { name: /^Make 1/ })).toBeNull()
  act(() => void store.undo())
  fireEvent.click(screen.getByRole('button', { name: 'Make 2 actions' }))
  const ring = actions().find(({ title }) => title === 'ring Kofi')
  expect(ring).toMatchObject({ due: { date: '2026-03-13' }, minutes: 10, contextIds: [expect.any(String)] })
  expect(text()).toContain(`- [ ] ring Kofi <!-- ${ring?.id} -->`)
  fireEvent.click(box('ring Kofi'))
  expect(actions().find(({ id }) => id === ring?.id)?.doneAtEpochMs).not.toBeNull()
  expect(box('ring Kofi').getAttribute('aria-checked')).toBe('true')
})
it('shows what is hostile as words, and reads a long note only as far as is asked', async () => {
  const long = 'a paragraph of some words\n\n'.repeat(400)
  await shown(`<img src=x onerror=alert(1)>\n\n[go](javascript:alert(2))\n\n${long}the end`)
  const note = document.querySelector('.note') as HTMLElement
  expect([note.querySelector('img'), note.querySelector('a')]).toEqual([null, null])
  expect(within(note).getByText('<img src=x onerror=alert(1)>')).toBeTruthy()
  expect(screen.queryByText('the end')).toBeNull()
  fireEvent.click(screen.getByRole('button', { name: 'Show all' }))
  expect(screen.getByText('the end')).toBeTruthy()
})
it('shows what is too deep or too long for a page as it is written, to be written in all the same', async () => {
  const { text } = await shown('>'.repeat(200) + ' deep')
  const field = screen.getByRole('textbox', { name: 'Note' })
  fireEvent.change(field, { target: { value: 'shallow' } })
  fireEvent.blur(field)
  expect(text()).toBe('shallow')
})

it('never writes as a page what is none to its end', async () => {
  const note = `${'a paragraph of some words\n\n'.repeat(200)}${'>'.repeat(200)} deep`
  await shown(note)
  fireEvent.click(screen.getByRole('button', { name: 'Edit note: Note' }))
  expect((screen.getByRole('textbox', { name: 'Note' }) as HTMLTextAreaElement).value).toBe(note)
})
it('leaves a text that was opened to be written in as it was, and changes it with the first key', async () => {
  const asCame = '* one\n\n[site](https://mill.example "the mill")'
  const { text } = await shown(asCame)
  // Until the editor is there, a plain field takes the keys.
  const editor = async () => {
    fireEvent.click(screen.getByRole('button', { name: 'Edit note: Note' }))
    return waitFor(
      () => {
        const field = screen.getByRole('textbox', { name: 'Note' })
        expect(field.getAttribute('contenteditable')).toBe('true')
        return field
      },
      { timeout: 10_000 },
    )
  }
  const escape = async (field: HTMLElement) => {
    fireEvent.keyDown(field, { key: 'Escape' })
    await act(async () => {})
  }
  await escape(await editor())
  expect(text()).toBe(asCame)
  const field = await editor()
  field.append(Object.assign(document.createElement('p'), { textContent: 'two' }))
  await act(async () => {})
  await escape(field)
  expect(text()).toContain('two')
})
