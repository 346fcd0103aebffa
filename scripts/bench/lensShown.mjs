// Figures of lenses on the screen: opened, ticked in, carried in, shown another way, scrolled; and a bad day spread.
import { at, base, framesOf, ms, paintedAfter, untilShown } from './parts.mjs'

const tab = (name) =>
  `[...document.querySelectorAll('[role=tab]')].find((tab) => tab.textContent === '${name}').click()`
const radio = (name) =>
  `[...document.querySelectorAll('[role=radio]')].find((way) => way.textContent === '${name}').click()`
const shown = {
  list: '[role=tabpanel] [data-row]',
  columns: '.lens-column [data-row]',
  table: '[role=grid] [data-row]',
  'by date': '[aria-label="Day by day"] [data-row]',
}

const told = (times) => `${ms(at(times, 0.95))} (median ${ms(at(times, 0.5))})`

/** A lens is open when its own heading stands over its rows. */
const opened = async (page, name, wanted) => {
  const took = await untilShown(page, tab(name), `${wanted}:not(.none)`)
  await page.getByRole('heading', { name }).waitFor()
  return took
}

export async function lensFigures(context, count) {
  const page = await context.newPage()
  await page.goto(`${base}/day`)
  await page.getByRole('tab', { name: 'By context' }).waitFor({ timeout: 60_000 })
  await page.waitForTimeout(2500)
  const times = { opened: [], ticked: [], carried: [], shown: [] }
  await page.getByRole('tab', { name: 'By context' }).click()
  await page.locator(shown.list).first().waitFor()
  for (let round = 0; round < 40; round++) {
    // From the sheet, which shows no lens: what is waited for is the lens's own list.
    await page.getByRole('tab', { name: 'Done today' }).click()
    await page.waitForTimeout(250)
    times.opened.push(
      await opened(
        page,
        round % 2 ? 'By context' : 'Everything by date',
        '.lens-sentence ~ * [data-row], .lens-sentence ~ [data-row]',
      ),
    )
    await page.waitForTimeout(250)
  }
  for (let round = 0; round < 40; round++) {
    times.ticked.push(
      await paintedAfter(
        page,
        "document.querySelector('[role=tabpanel] [data-tick][aria-checked=false]').click()",
      ),
    )
    await page.waitForTimeout(200)
  }
  // On a phone the ways are folded away.
  await page.getByRole('button', { name: 'Change what this lens lists' }).click()
  const ways = ['columns', 'table', 'by date', 'list']
  for (let round = 0; round < 40; round++) {
    const way = ways[round % 4]
    times.shown.push(await untilShown(page, radio(way), shown[way]))
    await page.waitForTimeout(300)
  }
  await page.getByRole('radio', { name: 'columns' }).click()
  await page.locator(shown.columns).first().waitFor()
  for (let round = 0; round < 40; round++) {
    times.carried.push(
      await paintedAfter(
        page,
        `document.querySelectorAll('.lens-column')[${2 + (round % 2)}].querySelector('[data-row]').dispatchEvent(new KeyboardEvent('keydown', { key: '${round % 2 ? 'ArrowLeft' : 'ArrowRight'}', altKey: true, bubbles: true, cancelable: true }))`,
      ),
    )
    await page.waitForTimeout(300)
  }
  await page.getByRole('radio', { name: 'list' }).click()
  await page.close()
  const goal = count === '10,000' ? '50 ms' : '100 ms'
  const of = (rounds) => told(rounds.slice(4))
  return [
    [`a lens opened to painted at ${count} actions, 95th percentile`, of(times.opened), goal],
    [`a tick in a lens to painted at ${count} actions, 95th percentile`, of(times.ticked), goal],
    [`carried to the next column to painted at ${count} actions, 95th percentile`, of(times.carried), goal],
    [`a lens shown another way to painted at ${count} actions, 95th percentile`, of(times.shown), goal],
  ]
}

export async function lensScrolling(browser, profileWith) {
  const { context } = await profileWith(browser, 5000, { viewport: { width: 1280, height: 800 } })
  const page = await context.newPage()
  await page.goto(`${base}/day?lens=lens:ready-by-date`)
  await page.getByRole('radio', { name: 'table' }).click({ timeout: 60_000 })
  await page.locator(shown.table).first().waitFor()
  await page.waitForTimeout(1500)
  const table = await framesOf(page, '[role=grid]')
  await page.getByRole('radio', { name: 'columns' }).click()
  await page.locator(shown.columns).first().waitFor()
  await page.waitForTimeout(1500)
  const column = await framesOf(page, '.lens-column:nth-child(3) .lens-column-scroll')
  await page.close()
  return [
    ['scrolling a table of 5,000 rows: 95th percentile frame', told(table), 'under 34 ms'],
    ['scrolling a column of 5,000: 95th percentile frame', told(column), 'under 34 ms'],
  ]
}

/** Three hundred actions carried over, moved to days that have room. */
export async function badDayFigure(context) {
  const page = await context.newPage()
  await page.goto(`${base}/day`)
  const plan = page.getByRole('button', { name: 'Plan', exact: true })
  await plan.waitFor({ timeout: 60_000 })
  await page.waitForTimeout(2500)
  const times = { shown: [], moved: [] }
  for (let round = 0; round < 8; round++) {
    await plan.click()
    await page.getByRole('button', { name: 'Spread out' }).waitFor()
    times.shown.push(
      await untilShown(
        page,
        "[...document.querySelectorAll('dialog button')].find(({ textContent }) => textContent.startsWith('Spread out')).click()",
        'dialog [role=status]',
      ),
    )
    await page.getByRole('dialog').getByRole('button', { name: 'Save', exact: true }).waitFor()
    times.moved.push(
      await paintedAfter(
        page,
        "[...document.querySelectorAll('dialog button')].find(({ textContent }) => textContent === 'Save').click()",
      ),
    )
    await page.waitForTimeout(500)
    await page.getByRole('button', { name: 'Undo', exact: true }).click()
    await plan.waitFor()
    await page.waitForTimeout(500)
  }
  await page.close()
  return [
    'a bad day of 300 actions: the spreading shown, then done and painted, 95th percentile',
    `${told(times.shown.slice(1))}, ${told(times.moved.slice(1))}`,
    '200 ms',
  ]
}
