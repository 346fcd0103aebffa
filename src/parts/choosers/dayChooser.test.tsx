import { act, fireEvent, screen } from '@testing-library/react'
import { showStation } from '@/frame/testing'
import { enter } from '@/opened/testing'
import { DayChooser } from './DayChooser'

const hidden = { hidden: true } as const

/** What was chosen, as the text of the page; the store's clock is at nine on Wednesday 11 March 2026. */
async function say(words: string, rest: { past?: boolean; time?: null } = {}) {
  const chosen: unknown[] = []
  await showStation(
    <DayChooser
      title="Day"
      anchor={null}
      date={null}
      onChoose={(...given) => void chosen.push(given)}
      onClose={() => {}}
      {...rest}
    />,
  )
  const line = screen.getByRole('textbox', { name: 'Say a day', ...hidden })
  fireEvent.change(line, { target: { value: words } })
  act(() => enter(line))
  return chosen
}

it.each<[string, { past?: boolean; time?: null }, unknown]>([
  ['friday', {}, ['2026-03-13', null]],
  ['in two weeks', {}, ['2026-03-25', null]],
  ['tomorrow 7:30', { time: null }, ['2026-03-12', '07:30']],
  ['friday at half past two', { time: null }, ['2026-03-13', '14:30']],
  ['yesterday', { past: true }, ['2026-03-10', null]],
])('“%s” is a day', async (words, rest, day) => expect(await say(words, rest)).toEqual([day]))

it.each<[string, { past?: boolean }]>([
  ['yesterday', {}],
  ['the friday list', {}],
  ['ring Oda friday', {}],
  ['tomorrow', { past: true }],
])('“%s” is refused with an example, and nothing is chosen', async (words, rest) => {
  expect(await say(words, rest)).toEqual([])
  expect(screen.getByRole('alert', hidden).textContent).toMatch(/^Try “/)
})
