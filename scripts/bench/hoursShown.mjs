// Figures of the Day by the hour, with 12 events and 40 actions of that day among 10,000.
import { mkdtempSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { at, base, ms, paintedAfter, untilTrue } from './parts.mjs'

const told = (times) => `${ms(at(times, 0.95))} (median ${ms(at(times, 0.5))})`
const minuteMs = 60_000

/** Twelve meetings of half an hour today, from eight o'clock on. */
function twelveEvents() {
  const day = new Date().toISOString().slice(0, 10).replaceAll('-', '')
  const clock = (minute) =>
    `${String(Math.floor(minute / 60)).padStart(2, '0')}${String(minute % 60).padStart(2, '0')}00`
  const events = Array.from({ length: 12 }, (_, index) => 480 + index * 50).flatMap((begins, index) => [
    'BEGIN:VEVENT',
    `UID:bench-${index}`,
    `SUMMARY:Meeting ${index + 1}`,
    `DTSTART:${day}T${clock(begins)}`,
    `DTEND:${day}T${clock(begins + 30)}`,
    'END:VEVENT',
  ])
  const path = join(mkdtempSync(join(tmpdir(), 'zen-tray-bench-')), 'twelve.ics')
  writeFileSync(path, ['BEGIN:VCALENDAR', ...events, 'END:VCALENDAR'].join('\r\n'))
  return path
}

const station = (name) =>
  `[...document.querySelectorAll('nav a')].find((one) => one.textContent.startsWith('${name}')).click()`
/** An action is laid into the day at another hour each time. */
const laid = `
  const block = document.querySelector('.hours-block button')
  block.focus()
  block.dispatchEvent(new KeyboardEvent('keydown', { key: 'ArrowDown', altKey: true, bubbles: true, cancelable: true }))`

/** `context` holds 10,000 actions, 40 of them of today. */
export async function hoursFigures(context) {
  const page = await context.newPage()
  await page.setViewportSize({ width: 1280, height: 800 })
  // A morning, whenever this is run: the day has its gaps.
  const now = Date.now()
  const morning = Math.floor(now / 86_400_000) * 86_400_000 + 485 * minuteMs
  await page.addInitScript((shift) => {
    const real = Date.now.bind(Date)
    Date.now = () => real() + shift
  }, morning - now)
  await page.goto(`${base}/settings`)
  await page.getByRole('button', { name: 'Add a calendar' }).click({ timeout: 120_000 })
  await page.getByLabel('Calendar file').setInputFiles(twelveEvents())
  await page.getByRole('dialog').waitFor({ state: 'detached', timeout: 60_000 })
  await page.goto(`${base}/day`)
  await page
    .getByRole('list', { name: 'Hours of today' })
    .getByText('Meeting 12')
    .waitFor({ timeout: 60_000 })
  await page.waitForTimeout(3000)
  const opened = []
  for (let round = 0; round < 30; round++) {
    await page.evaluate(station('Review'))
    await page.waitForTimeout(500)
    opened.push(
      await untilTrue(
        page,
        station('Day'),
        `document.querySelector('.hours-block') && document.querySelector('#station [data-row]')`,
      ),
    )
    await page.waitForTimeout(500)
  }
  const placed = []
  for (let round = 0; round < 40; round++) {
    placed.push(await paintedAfter(page, laid))
    await page.waitForTimeout(250)
  }
  await page.close()
  const by = 'with 12 events and 40 actions among 10,000, painted, 95th percentile'
  return [
    [`the Day and its hours opened ${by}`, told(opened.slice(3)), '50 ms'],
    [`an action laid at another hour there ${by}`, told(placed.slice(3)), '50 ms'],
  ]
}
