// Figures of one action with 200 steps and a long note: opened to painted, and a key in it to painted.
import { at, base, ms, paintedAfter, untilTrue } from './parts.mjs'

const steps = Array.from(
  { length: 200 },
  (_, index) => `${index % 4 ? '  ' : ''}- step number ${index}`,
).join('\n')
const paragraph = 'A line of the **note**, as long as lines of notes usually are.\n'.repeat(4)
const note = Array.from(
  { length: 190 },
  (_, index) => `${index % 12 ? '' : `## Part ${index}\n\n`}${paragraph}\n- [ ] to do about ${index}\n`,
).join('\n')

/** Opens the first row; painted once its note and so many of its steps stand there. */
const openedAfter = (page, steps) =>
  untilTrue(
    page,
    "document.querySelector('[data-row]').click()",
    `document.querySelectorAll('.step-row').length >= ${steps} && document.querySelector('.note')?.textContent.length > 1000`,
  )

const pasted = (line, text) => {
  const data = new DataTransfer()
  data.setData('text/plain', text)
  line.dispatchEvent(new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }))
}

export async function openedFigures(context) {
  const page = await context.newPage()
  await page.goto(`${base}/day`)
  await page.getByRole('tab', { name: 'In reach' }).click()
  // What loads right after the start is there.
  await page.waitForTimeout(1500)
  await page.locator('[data-row]').first().click()
  await page.waitForTimeout(800)
  await page.getByRole('button', { name: 'Add step' }).click()
  await page.getByRole('textbox', { name: 'Add a step' }).evaluate(pasted, steps)
  await page.getByRole('button', { name: 'Add note' }).click()
  await page.locator('.note.writing[contenteditable=true]').evaluate(pasted, note)
  await page.waitForTimeout(1500)
  const close = async () => {
    await page.getByRole('button', { name: 'Close' }).first().click()
    await page.waitForTimeout(300)
  }
  await close()
  const opened = { 0: [], 200: [] }
  for (let round = 0; round < 80; round++) {
    const wanted = round % 2 ? 0 : 200
    opened[wanted].push(await openedAfter(page, wanted))
    if (round < 79) await close()
  }
  const typed = []
  await page.getByRole('button', { name: 'Edit note: Note' }).click()
  await page.getByRole('textbox', { name: 'Note' }).waitFor()
  await page.waitForTimeout(1500)
  const press = "document.execCommand('insertText', false, given)"
  for (let key = 0; key < 40; key++) {
    typed.push(await paintedAfter(page, press, 'x'))
    await page.waitForTimeout(40)
  }
  await page.close()
  return [
    [
      'an action with 200 steps and a note of 50 kB opened to what is in sight painted, 95th percentile',
      `${ms(at(opened[0].slice(2), 0.95))} (median ${ms(at(opened[0].slice(2), 0.5))})`,
      '100 ms',
    ],
    [
      'the same, to the last of its 200 steps',
      `${ms(at(opened[200].slice(2), 0.95))} (median ${ms(at(opened[200].slice(2), 0.5))})`,
      '',
    ],
    [
      'a key typed into that note to painted, 95th percentile',
      `${ms(at(typed.slice(5), 0.95))} (median ${ms(at(typed.slice(5), 0.5))})`,
      '50 ms',
    ],
  ]
}
