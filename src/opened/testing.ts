// How tests press, choose and say in what is opened.
import { fireEvent, screen, within } from '@testing-library/react'

export const press = (name: string | RegExp) => fireEvent.click(screen.getByRole('button', { name }))
export const hidden = { hidden: true } as const
/** Opens the chooser of a chip, or of what *+* offers, and waits until it has loaded. */
export const openChip = async (words: string) => {
  press(words)
  await screen.findByRole('dialog', hidden)
}
export const openOffer = async (words: string) => {
  press('More to set')
  await openChip(words)
}
export const chooseIn = (name: string | RegExp) =>
  fireEvent.click(within(screen.getByRole('dialog', hidden)).getByRole('button', { name, ...hidden }))
export const optionIn = (name: string | RegExp) =>
  within(screen.getByRole('dialog', hidden)).getByRole('option', { name, ...hidden })
export const chips = () =>
  within(screen.getByRole('group', { name: 'What is set' }))
    .getAllByRole('button')
    .map((chip) => chip.textContent)
    .filter((words) => words !== '')
export const say = (text: string) => {
  const line = screen.getByRole('textbox', { name: 'Say what to change' })
  fireEvent.change(line, { target: { value: text } })
  return line as HTMLInputElement
}
export const enter = (line: HTMLElement) => fireEvent.keyDown(line, { key: 'Enter', which: 13, keyCode: 13 })
