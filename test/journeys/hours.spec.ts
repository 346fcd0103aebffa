// The day by the hour: work is planned into it by mouse, by finger and by keys, and taken off again.
import { expect, test, type Locator, type Page } from '@playwright/test'
import { openWithDemo, row, wide } from './parts'

const hours = (page: Page) => page.getByRole('list', { name: 'Hours of today' })
const block = (page: Page, title: string) => hours(page).getByRole('listitem').filter({ hasText: title })
const mileage = 'Send the February mileage to Perrin'
/** It would be there, and was not planned there. */
const atNoHour = /at no hour|does not fit/

interface Point {
  readonly x: number
  readonly y: number
}
async function boxOf(part: Locator) {
  const box = await part.boundingBox()
  if (!box) throw new Error('it is not there')
  return box
}
/** Where an hour of the day lies on the screen. */
async function hourAt(page: Page, hour: number): Promise<Point> {
  const y = await hours(page).evaluate((list: HTMLElement, at) => {
    const { from, anHour } = list.dataset as { from: string; anHour: string }
    return list.getBoundingClientRect().top + (at - Number(from) / 60) * Number(anHour)
  }, hour)
  const { x, width } = await boxOf(hours(page))
  return { x: x + width / 2, y }
}
async function drag(page: Page, from: Point, to: Point): Promise<void> {
  await page.mouse.move(from.x, from.y)
  await page.mouse.down()
  await page.mouse.move(from.x, from.y + 14, { steps: 3 })
  await page.mouse.move(to.x, to.y, { steps: 6 })
  await expect(hours(page)).toHaveClass(/landing-hour/)
  await page.mouse.move(to.x + 1, to.y)
  await page.mouse.up()
}

test.describe('on a wide page', () => {
  // The whole of the day is in sight: the page does not follow the hand.
  test.use({ viewport: { width: 1280, height: 1500 } })
  test('a row is laid on an hour, moved, made longer and sent back by the mouse', async ({ page }) => {
    await openWithDemo(page, '/day')
    await expect(hours(page)).toBeVisible()
    await expect(page.locator('.carries').first()).toBeVisible()
    await expect(block(page, mileage)).toContainText(atNoHour)
    const held = await boxOf(row(page, mileage))
    await drag(page, { x: held.x + 120, y: held.y + 24 }, await hourAt(page, 16))
    await expect(block(page, mileage)).toContainText('planned 16:00–16:25')
    // The block is taken hold of 10 px below its beginning, and begins where that is let go.
    const placed = await boxOf(block(page, mileage))
    const quarter = await hourAt(page, 15.25)
    await drag(page, { x: placed.x + 40, y: placed.y + 10 }, { ...quarter, y: quarter.y + 9 })
    await expect(block(page, mileage)).toContainText('planned 15:15–15:40')
    // Opened, it says which of the two holds.
    await block(page, mileage).getByRole('button').click()
    await page.getByRole('button', { name: 'Planned 15:15–15:40 today' }).click()
    const sheet = page.getByRole('dialog', { name: `When to do “${mileage}” today` })
    await sheet.getByRole('textbox', { name: 'Begins at' }).fill('sometime')
    await sheet.getByRole('button', { name: 'Save' }).click()
    await expect(sheet.getByRole('alert')).toHaveText('I can’t read that. Try 14:30.')
    await sheet.getByRole('textbox', { name: 'Begins at' }).fill('2pm')
    await sheet.getByRole('button', { name: 'Save' }).click()
    await expect(page.getByRole('button', { name: 'Planned 14:00–14:25 today' })).toBeVisible()
    await page.keyboard.press('Escape')

    // Longer by its lower edge: the sketch of an hour takes an hour and a half.
    const sketch = 'Sketch the caretakers’ hand-out'
    const { x, y, width, height } = await boxOf(block(page, sketch))
    await page.mouse.move(x + width / 2, y + height + 2)
    await page.mouse.down()
    await page.mouse.move(x + width / 2, y + height + 2 + 39, { steps: 4 })
    await page.mouse.up()
    await expect(block(page, sketch)).toContainText(/planned \d+:\d\d–\d+:\d\d/)
    await expect(row(page, sketch)).toContainText('1 h 30')

    // Kept over a reload; carried back to its list it is at no hour, and still of today.
    await page.reload()
    await expect(block(page, mileage)).toContainText('planned 14:00–14:25')
    const again = await boxOf(block(page, mileage))
    const list = await boxOf(page.getByRole('region', { name: 'Picked for today' }).getByRole('heading'))
    await page.mouse.move(again.x + 40, again.y + 10)
    await page.mouse.down()
    await page.mouse.move(again.x + 30, again.y + 24, { steps: 3 })
    await page.mouse.move(list.x + 60, list.y + 8, { steps: 6 })
    await page.mouse.up()
    await expect(block(page, mileage)).toContainText(atNoHour)
    await page.keyboard.press('z')
    await expect(block(page, mileage)).toContainText('planned 14:00–14:25')
  })
})

test('by keys: earlier, later, longer, off the hours; and the day after it is carried over without its hour', async ({
  page,
}) => {
  await page.setViewportSize(wide)
  await openWithDemo(page, '/day')
  const button = block(page, mileage).getByRole('button')
  await button.focus()
  for (const key of ['Alt+ArrowDown', 'Alt+Shift+ArrowDown', 'Alt+ArrowUp', 'Alt+Shift+ArrowRight']) {
    await page.keyboard.press(key)
    await expect(button).toBeFocused()
  }
  await expect(block(page, mileage)).toContainText(/planned \d+:\d\d–\d+:\d\d/)
  await expect(row(page, mileage)).toContainText('55 min')
  await page.keyboard.press('Delete')
  await expect(block(page, mileage)).toContainText(atNoHour)
  await expect(button).toBeFocused()
  await page.keyboard.press('z')
  await page.clock.setSystemTime(new Date('2026-03-12T08:00:00Z'))
  await page.goto('/day')
  await expect(page.getByRole('heading', { name: 'Thursday, 12 March' })).toBeVisible()
  await expect(block(page, mileage)).toContainText(atNoHour)
})

test.describe('by a finger', () => {
  test.use({ viewport: { width: 390, height: 1500 }, hasTouch: true, isMobile: true })
  test('a gap is filled by one tap, and what lies there is carried to another hour', async ({ page }) => {
    await openWithDemo(page, '/day')
    await page.getByRole('button', { name: 'Show as hours' }).click()
    await hours(page)
      .getByRole('button', { name: /^3 h free: / })
      .tap()
    const gap = page.getByRole('dialog', { name: '15:00–18:00, 3 h free' })
    await gap.getByRole('button', { name: /^Sign the school trip form/ }).tap()
    const form = 'Sign the school trip form'
    await expect(block(page, form)).toContainText('planned 15:00–15:05')
    await expect(page.locator('.carries').first()).toBeVisible()
    const devtools = await page.context().newCDPSession(page)
    const touch = (type: 'touchStart' | 'touchMove' | 'touchEnd', at?: Point) =>
      devtools.send('Input.dispatchTouchEvent', { type, touchPoints: at ? [at] : [] })
    const held = await boxOf(block(page, form))
    const from = { x: held.x + 60, y: held.y + 10 }
    const to = await hourAt(page, 17)
    await touch('touchStart', from)
    await page.clock.runFor(600)
    await touch('touchMove', { x: from.x + 6, y: from.y + 12 })
    await expect(page.locator('.hours-block.carried')).toBeVisible()
    await touch('touchMove', { x: to.x, y: to.y + 9 })
    await touch('touchMove', { x: to.x + 1, y: to.y + 9 })
    await expect(hours(page)).toHaveClass(/landing-hour/)
    await touch('touchEnd')
    await expect(block(page, form)).toContainText('planned 17:00–17:05')
  })
})

test('on a journey the same events are at other hours at once, and it is said where two clocks meet', async ({
  page,
}) => {
  await page.addInitScript(() => {
    const form = Intl.DateTimeFormat.prototype
    const resolved = form.resolvedOptions
    form.resolvedOptions = function () {
      const zone = sessionStorage.getItem('zone of this test')
      return { ...resolved.call(this), ...(zone ? { timeZone: zone } : {}) }
    }
  })
  await openWithDemo(page, '/day')
  await page.getByRole('button', { name: 'Show as hours' }).click()
  await expect(block(page, 'Fenwick trustees')).toContainText('09:30–10:30')
  await expect(hours(page)).not.toContainText('ahead')
  await page.evaluate(() => sessionStorage.setItem('zone of this test', 'America/New_York'))
  await page.clock.runFor(100_000)
  await expect(block(page, 'Fenwick trustees')).toContainText('05:30–06:30')
  await expect(hours(page)).toContainText('London time, 4 h ahead')
  await page.goto('/week')
  await expect(page.getByRole('button', { name: /Fenwick trustees/ }).first()).toContainText('05:30–06:30')
})
