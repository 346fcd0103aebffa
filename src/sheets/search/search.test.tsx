import { act, fireEvent, screen, waitFor } from '@testing-library/react'
import { showStation } from '@/frame/testing'
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
})
