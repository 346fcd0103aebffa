// Figures of one action with 200 steps and a long note: opened to painted, and a key in it to painted.
import { at, base, ms, paintedAfter } from './parts.mjs'

const steps = Array.from(
  { length: 200 },
  (_, index) => `${index % 4 ? '  ' : ''}- step number ${index}`,
).join('\n')
const note = 'A line of the note, as long as lines of notes usually are.\n'.repeat(850)

/** Opens the first row and resolves once its last step and its note stand there and a frame has passed. */
const openedAfter = (page) =>
  page.evaluate(
    () =>
      new Promise((resolve) => {
        const before = performance.now()
        const look = () => {
          const isThere =
            document.querySelectorAll('.step-row').length >= 200 &&
            document.querySelector('textarea[aria-label=Note]')?.value.length > 40_000
          if (isThere) requestAnimationFrame(() => setTimeout(() => resolve(performance.now() - before)))
          else requestAnimationFrame(look)
        }
        document.querySelector('[data-row]').click()
        look()
      }),
  )

export async function openedFigures(context) {
  const page = await context.newPage()
  await page.goto(`${base}/day`)
  await page.getByRole('tab', { name: 'In reach' }).click()
  await page.locator('[data-row]').first().click()
  await page.getByRole('textbox', { name: 'Another step' }).evaluate((line, text) => {
    const data = new DataTransfer()
    data.setData('text/plain', text)
    line.dispatchEvent(new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }))
  }, steps)
  await page.getByRole('textbox', { name: 'Note' }).fill(note)
  await page.waitForTimeout(1500)
  const close = async () => {
    await page.getByRole('button', { name: 'Close' }).first().click()
    await page.waitForTimeout(300)
  }
  await close()
  const opened = []
  for (let round = 0; round < 22; round++) {
    opened.push(await openedAfter(page))
    if (round < 21) await close()
  }
  const typed = []
  const press =
    "const note = document.querySelector('textarea[aria-label=Note]'); Object.getOwnPropertyDescriptor(HTMLTextAreaElement.prototype, 'value').set.call(note, note.value + given); note.dispatchEvent(new Event('input', { bubbles: true }))"
  for (let key = 0; key < 40; key++) {
    typed.push(await paintedAfter(page, press, 'x'))
    await page.waitForTimeout(40)
  }
  await page.close()
  return [
    [
      'an action with 200 steps and a note of 50 kB opened to painted, 95th percentile',
      `${ms(at(opened.slice(2), 0.95))} (median ${ms(at(opened.slice(2), 0.5))})`,
      '100 ms',
    ],
    [
      'a key typed into that note to painted, 95th percentile',
      `${ms(at(typed.slice(5), 0.95))} (median ${ms(at(typed.slice(5), 0.5))})`,
      '50 ms',
    ],
  ]
}
