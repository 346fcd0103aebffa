import { act, render, screen } from '@testing-library/react'
import { Preview, SpokenLater } from './SpokenLater'

const spoken = () => document.querySelector('[aria-live=polite]')?.textContent
const after = (ms: number) => act(() => void jest.advanceTimersByTime(ms))

beforeEach(() => jest.useFakeTimers())
afterEach(() => jest.useRealTimers())

it('a preview is seen at once and heard once, a second after the last key', () => {
  const shown = (words: string[]) => (
    <Preview label="What would change">
      {words.map((each) => (
        <p key={each}>{each}</p>
      ))}
    </Preview>
  )
  const { rerender } = render(shown(['due none → fri']))
  const preview = screen.getByRole('status', { name: 'What would change' })
  expect([preview.textContent, preview.getAttribute('aria-live')]).toEqual(['due none → fri', 'off'])
  after(700)
  rerender(shown(['due none → Fri 13 Mar', 'minutes none → 20 min']))
  after(700)
  expect(spoken()).toBe('')
  after(300)
  expect(spoken()).toBe('due none → Fri 13 Mar. minutes none → 20 min')
})
it('what stood there from the beginning is not said, what changed is, also back to that', () => {
  const { rerender } = render(<SpokenLater text="12 actions" fromChange />)
  after(3000)
  expect(spoken()).toBe('')
  rerender(<SpokenLater text="3 actions" fromChange />)
  after(1000)
  expect(spoken()).toBe('3 actions')
  rerender(<SpokenLater text="12 actions" fromChange />)
  after(1000)
  expect(spoken()).toBe('12 actions')
})
