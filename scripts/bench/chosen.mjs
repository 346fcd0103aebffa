// Figures of a thousand actions selected together: how soon the choice, what is said of it and the change are painted.
import { at, base, ms, paintedAfter } from './parts.mjs'

const setValue =
  "const line = document.querySelector('[aria-label=\"Say what to change\"]'); const kind = line instanceof HTMLTextAreaElement ? HTMLTextAreaElement : HTMLInputElement; Object.getOwnPropertyDescriptor(kind.prototype, 'value').set.call(line, given); line.dispatchEvent(new Event('input', { bubbles: true }))"
const pressed = (label) => `document.querySelector('[aria-label="${label}"]').click()`
const named = (words) =>
  `[...document.querySelectorAll('button')].find(({ textContent }) => textContent === '${words}').click()`

/** On a page of a profile that holds a thousand open actions. */
export async function chosenFigures(context) {
  const page = await context.newPage()
  await page.goto(`${base}/day`)
  await page.getByRole('tab', { name: 'In reach' }).click()
  await page.getByRole('list', { name: 'In reach' }).waitFor()
  await page.waitForTimeout(2000)
  const times = { chosen: [], said: [], changed: [] }
  for (let round = 0; round < 8; round++) {
    await page.locator('[data-row]').first().focus()
    await page.keyboard.press('v')
    await page.getByRole('region', { name: 'Selected' }).waitFor()
    times.chosen.push(await paintedAfter(page, pressed('Select all of In reach')))
    await page.getByText('1,000 actions selected').waitFor()
    await page.waitForTimeout(300)
    times.said.push(await paintedAfter(page, setValue, `${20 + round} min, phone`))
    await page.getByRole('button', { name: 'Change it' }).waitFor()
    times.changed.push(await paintedAfter(page, named('Change it')))
    await page.waitForTimeout(300)
    await page.getByRole('button', { name: 'Select none' }).click()
    await page.waitForTimeout(200)
  }
  await page.close()
  const middle = (rounds) => ms(at(rounds.slice(1), 0.5))
  return [
    '1,000 actions selected together: the choice painted, a sentence read for all of them, changed by it (medians)',
    `${middle(times.chosen)}, ${middle(times.said)}, ${middle(times.changed)}`,
    '100 ms each',
  ]
}
