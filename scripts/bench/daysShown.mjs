// Figures of the Week and the Month with 100,000 actions and a calendar of 20,000 events.
import { at, base, ms, untilTrue } from './parts.mjs'

const told = (times) => `${ms(at(times, 0.95))} (median ${ms(at(times, 0.5))})`
const press = (name) =>
  `[...document.querySelectorAll('button')].find((one) => (one.getAttribute('aria-label') ?? one.textContent) === '${name}').click()`
const heading = "document.querySelector('#station h1')?.textContent"

/** From the press to the page under its new heading, there and back again. */
async function turned(page, unit, rounds = 23) {
  const times = []
  for (let round = 0; round < rounds; round++) {
    const before = await page.evaluate(heading)
    const name = round % 6 < 3 ? `The ${unit} after` : `The ${unit} before`
    times.push(await untilTrue(page, press(name), `${heading} !== ${JSON.stringify(before)}`))
    await page.waitForTimeout(700)
  }
  return told(times.slice(3))
}

async function opened(page, view, shown, rounds = 15) {
  const times = []
  for (let round = 0; round < rounds; round++) {
    await page.evaluate(press('By date'))
    await page.waitForTimeout(500)
    times.push(await untilTrue(page, press(view), shown))
    await page.waitForTimeout(500)
  }
  return told(times.slice(3))
}

export async function daysFigures(context, calendar) {
  const page = await context.newPage()
  await page.setViewportSize({ width: 1280, height: 800 })
  await page.goto(`${base}/settings`)
  await page.getByRole('button', { name: 'Add a calendar' }).click({ timeout: 120_000 })
  await page.getByLabel('Calendar file').setInputFiles(calendar)
  await page.getByRole('dialog').waitFor({ state: 'detached', timeout: 60_000 })
  await page.goto(`${base}/week`)
  await page.getByRole('tab', { name: 'Month' }).waitFor({ timeout: 120_000 })
  await page.waitForTimeout(6000)
  const goal = '100 ms'
  const week = await turned(page, 'week')
  const weekOpened = await opened(page, 'Week', `${heading}?.startsWith('Week')`)
  await page.evaluate(press('Month'))
  await page.waitForTimeout(4000)
  const month = await turned(page, 'month')
  const monthOpened = await opened(page, 'Month', "document.querySelector('.month-day')")
  await page.close()
  const with100 = 'with 100,000 actions and 20,000 events'
  return [
    [
      `the Week opened; the next or previous one, painted, ${with100}, 95th percentile`,
      `${weekOpened}; ${week}`,
      goal,
    ],
    [`the Month opened; the next or previous one, painted, the same`, `${monthOpened}; ${month}`, goal],
  ]
}
