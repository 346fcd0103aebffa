import { act as settle, fireEvent, screen } from '@testing-library/react'
import { recordsIn } from '@/core/journal'
import type { Action } from '@/core/record'
import { addDays, calendarDateUnsafe } from '@/core/time'
import type { TestStore } from '@/state/testing'
import { showStation } from '@/frame/testing'
import { desk, useDesk } from '@/held/desk'
import { useAct, useHeld } from '@/held/zen'
import { MovedThrice } from './MovedThrice'

const today = calendarDateUnsafe('2026-03-11')
const actionIn = (store: TestStore) => recordsIn(store.api.getState().document, 'action')[0] as Action
const press = (name: string | RegExp) => fireEvent.click(screen.getByRole('button', { name, hidden: true }))

/** Moves the one action a day on with each press, and asks where it is to be asked. */
function Mover() {
  const act = useAct()
  const asked = useDesk((state) => state.asked)
  const action = useHeld((state) => recordsIn(state.document, 'action')[0])
  if (!action) return null
  const { id, day } = action
  return (
    <>
      <button type="button" onClick={() => act('moveTo', { id, day: addDays(day ?? today, 1) })}>
        Move on
      </button>
      {asked?.kind === 'movedThrice' ? (
        <MovedThrice id={asked.id} onClose={() => desk.getState().ask(null)} />
      ) : null}
    </>
  )
}

const movedTimes = async (times: number) => {
  const store = await showStation(<Mover />, (fresh) =>
    fresh.run('addAction', { title: 'the offer', day: today }),
  )
  for (let time = 0; time < times; time++) await settle(async () => press('Move on'))
  return store
}
const question = () => screen.queryByText(/has been moved three times/)

it('asks at the third re-dating, once, and not before or after', async () => {
  await movedTimes(2)
  expect(question()).toBeNull()
  press('Move on')
  expect(question()).not.toBeNull()
  press('Leave it as it is')
  expect(question()).toBeNull()
  press('Move on')
  expect(question()).toBeNull()
})
it.each<[answer: string, then: Partial<Action>]>([
  ['It can wait', { horizon: 'shelf', day: null }],
  ['Let it go', { letGoAtEpochMs: expect.any(Number) as never }],
])('“%s” is one act with one undo', async (answer, then) => {
  const store = await movedTimes(3)
  const before = actionIn(store)
  press(answer)
  expect(actionIn(store)).toMatchObject(then)
  expect(question()).toBeNull()
  store.undo()
  expect(actionIn(store)).toEqual(before)
})
it('takes a smaller step in its place, and keeps its history', async () => {
  const store = await movedTimes(3)
  press('It is too large: a smaller step')
  const field = screen.getByRole('textbox', { name: 'The smallest step of it', hidden: true })
  press('Do this instead')
  expect(actionIn(store).title).toBe('the offer')
  fireEvent.change(field, { target: { value: 'open last year’s offer' } })
  press('Do this instead')
  expect(actionIn(store)).toMatchObject({
    title: 'open last year’s offer',
    moved: expect.any(Array) as never,
  })
})
