// A day of work: picked in the morning, carried about by hand, spread when it is too much, ended, and carried on the
// next.
import { expect, test, type Page } from '@playwright/test'
import { band, carry, carryByFinger, narrow, open, openWithDemo, plan, row } from './parts'

const titlesIn = (page: Page, name: string) =>
  band(page, name)
    .getByRole('checkbox')
    .evaluateAll((boxes) => boxes.map((box) => box.getAttribute('aria-label')))
const dialog = (page: Page, name: string) => page.getByRole('dialog', { name })

test('a morning: the day is picked from a hand of slips, kept as it is planned, and ended', async ({
  page,
}) => {
  await openWithDemo(page, '/day')
  await plan(page, 'Plan the day')
  const hand = dialog(page, 'Plan the day')
  await expect(hand.getByText('Carried over')).toBeVisible()
  await expect(hand.getByRole('heading', { name: 'Send the February mileage to Perrin' })).toBeVisible()
  await hand.getByRole('button', { name: 'Pick it' }).click()
  await expect(hand.getByRole('heading', { name: 'Find the fan’s data sheet' })).toBeVisible()
  await hand.getByRole('button', { name: 'Not today' }).click()
  // What is due today is there already.
  await expect(hand.getByRole('button', { name: 'Pick it' })).toHaveCount(0)
  await hand.getByRole('button', { name: 'Enough' }).click()
  const list = hand.getByRole('list', { name: 'Planned for today' })
  await expect(list).toContainText('Send the February mileage to Perrin')
  const planned = await list.getByRole('listitem').count()
  await hand.getByRole('button', { name: 'Save plan' }).click()
  await expect(hand).toHaveCount(0)
  expect(await titlesIn(page, 'Picked for today')).toContain('Send the February mileage to Perrin')

  await page.getByRole('checkbox', { name: 'Send the February mileage to Perrin' }).click()
  await plan(page, 'Close the day')
  const end = dialog(page, 'Close the day')
  await expect(end.getByText(`1 of ${planned} that were planned`)).toBeVisible()
  await end.getByRole('button', { name: 'Oil the kitchen door: no day' }).click()
  await end.getByRole('textbox', { name: 'One line about this day' }).fill('The report took longer')
  await end.getByRole('button', { name: 'Save' }).click()
  await expect(end).toHaveCount(0)
  await expect(band(page, 'Picked for today')).toHaveCount(0)
  // What was told to go on stands on the next day, and nothing is carried over that was.
  await page.clock.setSystemTime(new Date('2026-03-12T08:00:00Z'))
  await page.goto('/day')
  await expect(page.getByRole('heading', { name: 'Thu 12 Mar' })).toBeVisible()
  expect(await titlesIn(page, 'Picked for today')).toContain('Sketch the caretakers’ hand-out')
  // The day before reads as it was planned and as it went, for ever.
  await page.getByRole('button', { name: /^Day note/ }).click()
  await page.getByRole('button', { name: 'Day note of yesterday' }).click()
  const went = page.getByRole('list', { name: 'As it was planned' })
  await expect(went.getByRole('listitem')).toHaveCount(planned)
  await expect(went.getByRole('listitem').filter({ hasText: 'February mileage' })).not.toContainText(
    'not done',
  )
  await expect(went.getByRole('listitem').filter({ hasText: 'Sketch the caretakers' })).toContainText(
    'not done · 1 h · now today',
  )
  await expect(went.getByRole('listitem').filter({ hasText: 'Oil the kitchen door' })).toContainText(
    'not planned',
  )
  await expect(page.getByRole('heading', { name: 'Wednesday, 11 March' })).toBeVisible()
})

test('the day is picked by keys alone: each slip begins under the hand', async ({ page }) => {
  await openWithDemo(page, '/day')
  await page.getByRole('button', { name: 'Plan', exact: true }).focus()
  await page.keyboard.press('Enter')
  await expect(page.getByRole('button', { name: 'Plan the day' })).toBeFocused()
  await page.keyboard.press('Enter')
  const hand = dialog(page, 'Plan the day')
  for (const title of ['Send the February mileage to Perrin', 'Find the fan’s data sheet']) {
    await expect(hand.getByRole('heading', { name: title })).toBeVisible()
    await expect(hand.getByRole('button', { name: 'Pick it' })).toBeFocused()
    await page.keyboard.press('Enter')
  }
  await expect(hand.getByRole('button', { name: 'It stays due today' })).toBeFocused()
  await page.keyboard.press('Escape')
  await expect(page.getByRole('button', { name: 'Plan', exact: true })).toBeFocused()
  expect(await titlesIn(page, 'Picked for today')).toContain('Find the fan’s data sheet')
})

test('a bad day is spread over days that have room, and comes back by one undo', async ({ page }) => {
  await openWithDemo(page, '/day')
  await expect(band(page, 'Carried over')).toBeVisible()
  const before = [await titlesIn(page, 'Carried over'), await titlesIn(page, 'Due today')]
  await plan(page, 'Spread out')
  const sheet = dialog(page, 'Spread out')
  await expect(sheet.getByRole('status')).toContainText('4 of 4 actions move')
  await sheet.getByRole('button', { name: 'Order spare microphone cells stays today' }).click()
  await expect(sheet.getByRole('status')).toContainText('3 of 4 actions move')
  await sheet.getByRole('button', { name: 'Save' }).click()
  await expect(band(page, 'Carried over')).toHaveCount(0)
  expect(await titlesIn(page, 'Due today')).toEqual(['Order spare microphone cells'])
  await page.getByRole('button', { name: 'Undo', exact: true }).click()
  await expect(band(page, 'Carried over')).toBeVisible()
  expect([await titlesIn(page, 'Carried over'), await titlesIn(page, 'Due today')]).toEqual(before)
})

test('a place: what fits here and now, each with its reason', async ({ page }) => {
  await openWithDemo(page, '/day')
  await page.getByRole('tab', { name: 'In reach' }).click()
  await narrow(page, 'any place', 'checkbox', 'On site')
  await narrow(page, 'any length', 'radio', '45 min')
  await expect(band(page, 'In reach').getByRole('checkbox').first()).toBeVisible()
  // Everything that stands there can be done on site, or anywhere.
  const told = await band(page, 'In reach').getByRole('listitem').allTextContents()
  expect(told.length).toBeGreaterThan(0)
  for (const line of told) expect(line).not.toMatch(/Desk|Errands|Workshop|deep · 2 h/)
  await page.getByRole('button', { name: 'Unfold what is just out of reach' }).click()
  await expect(page.getByRole('list', { name: 'Just out of reach' })).toContainText(/needs|at /)
})

test.describe('carrying by hand', () => {
  // High enough that every band is in sight at once.
  test.use({ viewport: { width: 1280, height: 1700 } })
  test('between bands and to a day, each said and taken back by one undo', async ({ page }) => {
    await openWithDemo(page, '/day')
    const status = page.getByRole('status')
    await carry(page, 'Find the fan’s data sheet', band(page, 'Picked for today'))
    await expect(
      status.filter({ hasText: 'Picked for today: Find the fan’s data sheet' }).first(),
    ).toBeAttached()
    expect(await titlesIn(page, 'Picked for today')).toContain('Find the fan’s data sheet')
    await page.getByRole('button', { name: 'Undo', exact: true }).click()
    expect(await titlesIn(page, 'Carried over')).toContain('Find the fan’s data sheet')

    await carry(page, 'Oil the kitchen door', page.getByRole('link', { name: /^Fri 13/ }))
    await expect(status.filter({ hasText: 'To Fri 13 Mar: Oil the kitchen door' }).first()).toBeAttached()
    expect(await titlesIn(page, 'Picked for today')).not.toContain('Oil the kitchen door')

    // A promise is not taken back by the way: the day is asked for.
    await carry(page, 'Order spare microphone cells', band(page, 'In reach'))
    await expect(page.getByRole('dialog')).toBeVisible()
    await page.keyboard.press('Escape')
    await expect(page.getByRole('dialog')).toHaveCount(0)
    expect(await titlesIn(page, 'Due today')).toContain('Order spare microphone cells')

    await carry(page, 'Sketch the caretakers’ hand-out', band(page, 'Carried over'))
    await expect(status.filter({ hasText: 'Carried over fills itself' }).first()).toBeAttached()
  })
  test('within a band, by the mouse and by keys', async ({ page }) => {
    await open(page, '/day')
    const line = page.getByRole('textbox', { name: 'Add to the Tray' })
    for (const title of ['one', 'two', 'three']) {
      await line.fill(`${title}, today`)
      await line.press('Enter')
      await expect(line).toHaveValue('')
    }
    await page.goto('/sorting')
    for (let at = 0; at < 3; at++) {
      await page.getByRole('button', { name: /^Action/ }).click()
      await page
        .getByRole('button', { name: /^(Save|Make|Sort)/ })
        .last()
        .click()
    }
    await page.goto('/day')
    await expect(band(page, 'Picked for today').getByRole('checkbox')).toHaveCount(3)
    const [first, second, third] = (await titlesIn(page, 'Picked for today')) as [string, string, string]
    await carry(page, third, row(page, first))
    await expect.poll(() => titlesIn(page, 'Picked for today')).toEqual([third, first, second])
    await row(page, third).locator('[data-row]').focus()
    await page.keyboard.press('Alt+ArrowDown')
    await expect.poll(() => titlesIn(page, 'Picked for today')).toEqual([first, third, second])
  })
})

test.describe('by a finger', () => {
  test.use({ viewport: { width: 390, height: 1700 }, hasTouch: true, isMobile: true })
  test('a row is carried at its seal, beside another and to a day of the strip; held on its words it is chosen', async ({
    page,
  }) => {
    await openWithDemo(page, '/day')
    const status = page.getByRole('status')
    const title = 'Find the fan’s data sheet'
    const beside = 'Oil the kitchen door'
    await expect(row(page, beside)).toBeVisible()
    await carryByFinger(page, title, row(page, beside))
    await expect(status.filter({ hasText: `Picked for today: ${title}` }).first()).toBeAttached()
    await expect.poll(() => titlesIn(page, 'Picked for today')).toContain(title)
    await carryByFinger(page, title, page.getByRole('link', { name: /^Fri 13/ }))
    await expect(status.filter({ hasText: `To Fri 13 Mar: ${title}` }).first()).toBeAttached()
    await expect.poll(() => titlesIn(page, 'Picked for today')).not.toContain(title)
    // Held on its words it is chosen, not carried.
    const words = await row(page, beside).locator('[data-row]').boundingBox()
    if (!words) throw new Error('it is there')
    const devtools = await page.context().newCDPSession(page)
    const at = { x: words.x + words.width / 2, y: words.y + words.height / 2 }
    await devtools.send('Input.dispatchTouchEvent', { type: 'touchStart', touchPoints: [at] })
    await page.clock.runFor(700)
    await expect(page.getByText('1 action selected')).toBeVisible()
    await expect(page.locator('.slip-row.carried')).toHaveCount(0)
    // Nothing moves under the finger, and letting go opens nothing.
    expect(await row(page, beside).locator('[data-row]').boundingBox()).toEqual(words)
    await devtools.send('Input.dispatchTouchEvent', { type: 'touchEnd', touchPoints: [] })
    await page.clock.runFor(500)
    await expect(page.getByText('1 action selected')).toBeVisible()
    await expect(page.getByRole('dialog')).toHaveCount(0)
    expect(await row(page, beside).locator('[data-row]').boundingBox()).toEqual(words)
  })
})

test('as many underway as allowed: which is laid down is asked', async ({ page }) => {
  await openWithDemo(page, '/day')
  for (const title of [
    'Sketch the caretakers’ hand-out',
    'Oil the kitchen door',
    'Find the fan’s data sheet',
  ]) {
    await row(page, title).locator('[data-row]').focus()
    await page.keyboard.press('u')
  }
  const sheet = dialog(page, 'Which one will you pause?')
  await expect(sheet.getByRole('list', { name: 'Underway' }).getByRole('listitem')).toHaveCount(3)
  await sheet.getByRole('button', { name: /Read the bakery’s night readings/ }).click()
  await expect(sheet).toHaveCount(0)
  expect((await titlesIn(page, 'Underway')).sort()).toEqual(
    expect.arrayContaining(['Oil the kitchen door', 'Sketch the caretakers’ hand-out']),
  )
  expect(await titlesIn(page, 'Underway')).not.toContain('Read the bakery’s night readings')
})
