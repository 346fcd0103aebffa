// The same acts with the processor slowed four times, which is about a phone's: 10,000 actions, 390 x 844.
import { at, base, ms, paintedAfter, untilTrue } from './parts.mjs'
import { chips, startOf } from './browser.mjs'

const times = 4

async function slowly(context, path) {
  const page = await context.newPage()
  const session = await context.newCDPSession(page)
  await session.send('Emulation.setCPUThrottlingRate', { rate: times })
  await page.goto(`${base}${path}`)
  await page.getByRole('textbox', { name: 'Add to the Tray' }).waitFor({ timeout: 60_000 })
  await page.waitForTimeout(6000)
  return page
}

const row = (what, found, goal) => [
  `${what} at 10,000 actions, the processor slowed ${times} times, 95th percentile`,
  `${ms(at(found, 0.95))} (median ${ms(at(found, 0.5))})`,
  goal,
]

async function ticks(context) {
  const page = await slowly(context, '/day')
  const found = []
  for (let round = 0; round < 30; round++) {
    found.push(
      await paintedAfter(
        page,
        "document.querySelector('[role=checkbox][aria-checked=false][data-tick]').click()",
      ),
    )
    await page.waitForTimeout(250)
  }
  await page.close()
  return found.slice(5)
}

async function keys(context) {
  const page = await slowly(context, '/')
  const found = await chips(page, 40)
  await page.close()
  return found.slice(5)
}

/** From the tap on a station to its heading and what it shows first painted: each was seen once before. */
async function stations(context) {
  const page = await slowly(context, '/')
  const ways = [
    ['Day', '/day', '[data-row]'],
    ['Week', '/week', 'h1'],
    ['Shelves', '/shelves', '.shelf-card, [data-row], h2'],
    ['Review', '/review', 'h1'],
    ['Tray', '/', 'h1'],
  ]
  const found = []
  for (let round = 0; round < 7; round++)
    for (const [name, path, first] of ways) {
      const took = await untilTrue(
        page,
        `[...document.querySelectorAll('nav a')].find((link) => link.textContent.startsWith('${name}')).click()`,
        `location.pathname === '${path}' && document.querySelector('#station h1') && document.querySelector('#station ${first.split(', ').join(', #station ')}')`,
      )
      if (round > 1) found.push(took)
      await page.waitForTimeout(900)
    }
  await page.close()
  return found
}

async function start(context) {
  const found = []
  for (let round = 0; round < 6; round++) found.push(await startOf(context, times))
  return found.slice(1)
}

export async function slowedFigures(context) {
  const started = await start(context)
  return [
    row('tick to painted result', await ticks(context), '100 ms'),
    row('key press to painted chips', await keys(context), '100 ms'),
    row('going to a station to painted', await stations(context), '100 ms'),
    [
      `first start to a usable Tray with 10,000 actions, the processor slowed ${times} times, median`,
      ms(at(started, 0.5)),
      '1.8 s',
    ],
  ]
}
