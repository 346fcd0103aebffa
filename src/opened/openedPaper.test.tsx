import { act, screen } from '@testing-library/react'
import { recordsIn } from '@/core/journal'
import { showStation } from '@/frame/testing'
import { useHeldDocument } from '@/held/zen'
import { OpenedPaper } from './OpenedPaper'

function Opened() {
  const [action] = recordsIn(useHeldDocument(), 'action')
  return action ? <OpenedPaper id={action.id} /> : null
}

it('is whole on paper: what is set, its steps with a box each, its remarks; and only while it is printed', async () => {
  document.body.appendChild(Object.assign(document.createElement('div'), { id: 'root' }))
  Object.assign(window, {
    matchMedia: () => ({ matches: false, addEventListener() {}, removeEventListener() {} }),
  })
  await showStation(<Opened />, (store) => {
    store.run('addAction', { title: 'pack the meters', minutes: 20, weight: 'must' })
    const id = recordsIn(store.api.getState().document, 'action')[0]?.id ?? 'action:none'
    store.run('addSteps', { ownerId: id, titles: ['cables', 'tripod'] })
    store.run('addRemark', { ownerId: id, text: 'one case is full' })
  })
  await act(async () => {})
  expect(screen.queryByRole('article')).toBeNull()
  act(() => void window.dispatchEvent(new Event('beforeprint')))
  const paper = screen.getByRole('article')
  expect(paper.querySelector('h1')?.textContent).toBe('pack the meters')
  for (const told of ['20 min · must', 'cables', 'tripod', 'one case is full'])
    expect(paper.textContent).toContain(told)
  expect(paper.querySelectorAll('.paper-box')).toHaveLength(2)
  act(() => void window.dispatchEvent(new Event('afterprint')))
  expect(screen.queryByRole('article')).toBeNull()
})
