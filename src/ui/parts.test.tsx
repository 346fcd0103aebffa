import { TamaguiProvider } from '@tamagui/core'
import { fireEvent, render, screen } from '@testing-library/react'
import type { ReactElement } from 'react'
import { Button, Chip, Choice, Field, Seal, SlipRow, Tick } from '.'
import { Stones } from './Stones'
import { config } from './tamagui.config'

const show = (part: ReactElement) =>
  render(
    <TamaguiProvider config={config} defaultTheme="light" disableInjectCSS>
      {part}
    </TamaguiProvider>,
  )

it('a tick box is a check box named by its action', () => {
  const onToggle = jest.fn()
  show(<Tick name="Sign the draft" checked={false} onToggle={onToggle} />)
  const box = screen.getByRole('checkbox', { name: 'Sign the draft' })
  expect(box.getAttribute('aria-checked')).toBe('false')
  fireEvent.click(box)
  expect(onToggle).toHaveBeenCalledTimes(1)
})
it('a row is held by a long touch, and the press that ends it opens nothing', () => {
  jest.useFakeTimers()
  const [onHold, onOpen] = [jest.fn(), jest.fn()]
  const face = {
    title: 'Sign the draft',
    details: '',
    letters: null,
    ink: 0,
    ticked: false,
    onTick: jest.fn(),
  }
  show(<SlipRow {...face} onOpen={onOpen} onHold={onHold} />)
  const row = screen.getByRole('button', { name: /^Sign the draft/ })
  const touch = (restMs: number, pointerType = 'touch') => {
    fireEvent(row, Object.assign(new MouseEvent('pointerdown', { bubbles: true }), { pointerType }))
    jest.advanceTimersByTime(restMs)
    fireEvent(row, Object.assign(new MouseEvent('pointerup', { bubbles: true }), { pointerType }))
    fireEvent.click(row)
    return [onHold.mock.calls.length, onOpen.mock.calls.length]
  }
  expect([touch(100), touch(600), touch(100), touch(600, 'mouse')]).toEqual([
    [0, 1],
    [1, 1],
    [1, 2],
    [1, 3],
  ])
  jest.useRealTimers()
})
it('a button that is off says so and does nothing', () => {
  const onPress = jest.fn()
  show(<Button label="Add" disabled onPress={onPress} />)
  const button = screen.getByRole('button', { name: 'Add' })
  fireEvent.click(button)
  expect(button.getAttribute('aria-disabled')).toBe('true')
  expect(onPress).not.toHaveBeenCalled()
})
it('a chip opens by its words, and is taken off by its cross, by Backspace and by Delete', () => {
  const [onPress, onTakeOff] = [jest.fn(), jest.fn()]
  show(<Chip text="20 min" onPress={onPress} onTakeOff={onTakeOff} />)
  const chip = screen.getByRole('button', { name: '20 min' })
  fireEvent.click(chip)
  expect(onPress).toHaveBeenCalledTimes(1)
  fireEvent.click(screen.getByRole('button', { name: 'Take off 20 min' }))
  fireEvent.keyDown(chip, { key: 'Backspace' })
  fireEvent.keyDown(chip, { key: 'Delete' })
  fireEvent.keyDown(chip, { key: 'x' })
  expect([onPress, onTakeOff].map(({ mock }) => mock.calls.length)).toEqual([1, 3])
})
it('choices are a radio group whose arrows move the focus round', () => {
  const onToggle = jest.fn()
  show(
    <Choice
      label="Weight"
      options={[
        { value: 'must', label: 'must' },
        { value: 'could', label: 'could' },
      ]}
      chosen={['must']}
      onToggle={onToggle}
    />,
  )
  const [must, could] = screen.getAllByRole('radio') as [HTMLElement, HTMLElement]
  expect(screen.getByRole('radiogroup', { name: 'Weight' }).contains(must)).toBe(true)
  expect([must.getAttribute('aria-checked'), could.getAttribute('aria-checked')]).toEqual(['true', 'false'])
  must.focus()
  fireEvent.keyDown(must, { key: 'ArrowRight' })
  expect(document.activeElement).toBe(could)
  fireEvent.keyDown(could, { key: 'ArrowRight' })
  expect(document.activeElement).toBe(must)
})
it('a field with a problem says it aloud and is marked', () => {
  show(<Field label="Title" value="" problem="A title is needed." />)
  const field = screen.getByRole('textbox', { name: 'Title' })
  expect(screen.getByRole('alert').textContent).toBe('A title is needed.')
  expect(field.getAttribute('aria-invalid')).toBe('true')
})
it('stones tell which is finished and which is stood on', () => {
  const onStep = jest.fn()
  show(
    <Stones
      label="Stones"
      stones={[
        { key: 'a', label: 'Tray', done: true, here: false },
        { key: 'b', label: 'Aims', done: false, here: true },
      ]}
      onStep={onStep}
    />,
  )
  fireEvent.click(screen.getByRole('button', { name: 'Tray, done' }))
  expect(onStep).toHaveBeenCalledWith('a')
  expect(screen.getByRole('button', { name: 'Aims' }).getAttribute('aria-current')).toBe('step')
})
it('a seal is decoration', () => {
  const { container } = show(<Seal letters="Cl" ink={14} />)
  expect(container.querySelector('[aria-hidden="true"]')?.textContent).toBe('Cl')
})
