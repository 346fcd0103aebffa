import { act, fireEvent, screen, waitFor } from '@testing-library/react'
import { showStation } from '@/frame/testing'
import { select } from '@/state'
import SearchSheet from './SearchSheet'

const hidden = { hidden: true } as const
const found = () => screen.queryAllByRole('listitem', hidden).map((item) => item.textContent)

describe('the search sheet', () => {
  it('finds by the beginning of a word, and stands when what it shows is undone under it', async () => {
    const store = await showStation(<SearchSheet onClose={() => {}} />, (fresh) => {
      fresh.run('setDown', { text: 'measure the hall' })
      fresh.run('addAction', { title: 'measure the loft' })
    })
    fireEvent.change(screen.getByRole('textbox', hidden), { target: { value: 'meas' } })
    await waitFor(() => expect(found()).toHaveLength(2))
    act(() => void store.undo())
    expect(found()).toEqual([expect.stringContaining('measure the hall')])
    // And once the index is made anew.
    await act(async () => {})
    expect(found()).toEqual([expect.stringContaining('measure the hall')])
  })
  it('answers a question, anew when what it rests on is undone under it', async () => {
    const store = await showStation(<SearchSheet onClose={() => {}} />, (fresh) => {
      fresh.run('addAction', { title: 'measure the loft', minutes: 20 })
      const id = select.actionsOf(fresh.api.getState().document)[0]?.id
      if (id) fresh.run('tick', { id })
    })
    const answer = () => screen.getByRole('status', { name: 'Answer', ...hidden }).textContent
    fireEvent.change(screen.getByRole('textbox', hidden), {
      target: { value: 'When did I last measure the loft?' },
    })
    await waitFor(() => expect(answer()).toBe('Today.'))
    expect(found()).toEqual([expect.stringContaining('measure the loft')])
    act(() => void store.undo())
    await waitFor(() => expect(answer()).toBe('Nothing you ticked is about that.'))
    expect(found()).toEqual([])
  })
  it('offers what can be asked where it can’t answer', async () => {
    await showStation(<SearchSheet onClose={() => {}} />, (fresh) => fresh.run('addPerson', { name: 'Oda' }))
    fireEvent.change(screen.getByRole('textbox', hidden), { target: { value: 'will Oda pay at all?' } })
    fireEvent.click(screen.getByRole('button', { name: 'Ask: What did I do for Oda?', ...hidden }))
    await waitFor(() =>
      expect(screen.getByRole('status', { name: 'Answer', ...hidden }).textContent).toBe('Nothing was done.'),
    )
  })
})
