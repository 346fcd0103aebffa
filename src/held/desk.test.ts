import { desk } from './desk'

const chosen = () => desk.getState().chosen

it('what is chosen together is of one kind: another kind begins anew', () => {
  const { toggleChosen, chooseToo, chooseNone } = desk.getState()
  chooseNone()
  toggleChosen('action:a')
  toggleChosen('action:b')
  toggleChosen('action:a')
  expect(chosen()).toEqual(['action:b'])
  chooseToo(['action:b', 'action:c'])
  expect(chosen()).toEqual(['action:b', 'action:c'])
  toggleChosen('slip:a')
  expect(chosen()).toEqual(['slip:a'])
  chooseToo(['reading:a'])
  expect(chosen()).toEqual(['reading:a'])
  chooseNone()
})

it('what is asked comes one after the other', () => {
  const { askEach, ask } = desk.getState()
  const questions = [
    { kind: 'movedThrice', id: 'action:a' },
    { kind: 'noNext', id: 'project:a' },
  ] as const
  askEach(questions)
  const told = [desk.getState().asked]
  ask(null)
  told.push(desk.getState().asked)
  ask(null)
  expect([...told, desk.getState().asked]).toEqual([...questions, null])
})

it('a notice is hushed by its number alone: the next one with the same words stays', () => {
  const { tell, hush } = desk.getState()
  tell('Saved.')
  const first = desk.getState().notice?.number ?? 0
  tell('Saved.')
  hush(first)
  expect(desk.getState().notice?.number).toBe(first + 1)
  hush(first + 1)
  expect(desk.getState().notice).toBeNull()
})
