// Projects with their parts along the time line; when they will be over; what a project becomes part of; and one side
// of life at a time.
import AxeBuilder from '@axe-core/playwright'
import { expect, test, type Page } from '@playwright/test'
import { band, exported, openWithDemo, recordsIn, station, wide, shelfPart } from './parts'

const lines = (page: Page) => page.getByRole('list', { name: 'Projects and actions by date' })
const bar = (page: Page, title: string) =>
  lines(page).getByRole('button', { name: new RegExp(`^${title}: `) })
const says = (page: Page, title: string) =>
  lines(page).locator('[data-row]', { hasText: new RegExp(`^${title}`) })

async function onLine(page: Page, area?: string): Promise<void> {
  await page.getByRole('button', { name: 'View', exact: true }).click()
  await page.getByRole('button', { name: 'Time line' }).click()
  await expect(lines(page)).toBeVisible()
  if (area) await page.getByRole('combobox', { name: 'Area' }).selectOption(area)
}

test('bars are moved by keys and by the mouse, with what is in them and what follows; the list says the same', async ({
  page,
}) => {
  test.setTimeout(90_000)
  await page.setViewportSize(wide)
  await openWithDemo(page, '/shelves')
  await onLine(page, 'Office')
  await expect(says(page, 'The lease')).toContainText('10 Apr – 12 May')
  await expect(says(page, 'The floor and the door')).toContainText('after The lease')
  const before = await exported(page)
  await page.goto('/shelves')
  await expect(lines(page)).toBeVisible()
  await page.getByRole('combobox', { name: 'Area' }).selectOption('Office')

  // A day by an arrow, a week with Shift, its end alone with Alt.
  await bar(page, 'The lease').focus()
  await page.keyboard.press('ArrowRight')
  await expect(says(page, 'The lease')).toContainText('11 Apr – 13 May')
  await page.keyboard.press('Shift+ArrowLeft')
  await expect(says(page, 'The lease')).toContainText('4 Apr – 6 May')
  await page.keyboard.press('Alt+ArrowRight')
  await expect(says(page, 'The lease')).toContainText('4 Apr – 7 May')
  await expect(bar(page, 'The lease')).toBeFocused()
  await expect(says(page, 'The floor and the door')).toContainText('15 May – 29 Jun')
  // Too late for what comes after it: said, and what follows goes along where that is wanted.
  for (let week = 0; week < 2; week++) await page.keyboard.press('Shift+ArrowRight')
  await expect(says(page, 'The floor and the door')).toContainText('begins before The lease is over')
  await page.getByRole('checkbox', { name: 'what follows moves along' }).click()
  await bar(page, 'The lease').focus()
  await page.keyboard.press('Shift+ArrowLeft')
  await expect(says(page, 'The floor and the door')).toContainText('8 May – 22 Jun')
  await expect(says(page, 'Moving day')).toContainText('30 Jun – 1 Aug')

  // By the mouse, a week in pixels; its parts go with the whole.
  const whole = bar(page, 'Move the studio to the mill loft')
  await whole.scrollIntoViewIfNeeded()
  const place = await whole.boundingBox()
  if (!place) throw new Error('the bar is not there')
  // Right of the list, which stays where it is.
  const list = await says(page, 'Move the studio').boundingBox()
  const [x, y] = [Math.max(place.x, (list?.x ?? 0) + (list?.width ?? 0)) + 60, place.y + place.height / 2]
  await page.mouse.move(x, y)
  await page.mouse.down()
  await page.mouse.move(x + 50, y, { steps: 4 })
  await page.mouse.move(x + 98, y, { steps: 4 })
  await expect(says(page, 'Move the studio')).toContainText('17 Apr')
  await page.mouse.up()
  await expect(says(page, 'The lease')).toContainText('18 Apr – 21 May')
  const { violations } = await new AxeBuilder({ page }).setLegacyMode().analyze()
  expect(violations.filter(({ impact }) => impact === 'serious' || impact === 'critical')).toEqual([])
  for (let act = 0; act < 7; act++) await page.getByRole('button', { name: 'Undo', exact: true }).click()
  await expect(says(page, 'The lease')).toContainText('10 Apr – 12 May')
  expect(recordsIn(await exported(page))).toEqual(recordsIn(before))
})

test('a project says its pace and when it will be over, and what that rests on; the time line shows the same', async ({
  page,
}) => {
  await openWithDemo(page, '/shelves')
  await page.getByRole('button', { name: /^Fenwick Hall echo report/ }).click()
  const sheet = page.getByRole('dialog', { name: 'Fenwick Hall echo report' })
  await expect(sheet.getByText(/10 h 05 done, 5 h 50 to do, .* a week/)).toBeVisible()
  const told = sheet.getByText(/^At your pace done between .* and .*: too late$/)
  await expect(told).toBeVisible()
  const range = /between \w+ (\d+ \w+) and \w+ (\d+ \w+)/.exec((await told.textContent()) ?? '')
  await sheet.getByRole('button', { name: 'What that rests on' }).click()
  await expect(sheet.getByText(/simulations, based on 8 weeks and 10 done actions/)).toBeVisible()
  // What has nothing behind it says nothing.
  await sheet.getByRole('button', { name: 'Close', exact: true }).click()
  await page.getByRole('button', { name: /^Mill school canteen quote/ }).click()
  await expect(page.getByRole('dialog', { name: 'Mill school canteen quote' })).toContainText('to do')
  await expect(page.getByText(/^At your pace/)).toHaveCount(0)
  await page.getByRole('button', { name: 'Close', exact: true }).click()
  await onLine(page)
  await expect(says(page, 'Fenwick Hall')).toContainText(`at your pace ${range?.[1]} – ${range?.[2]}`)
})

test('parts are made and carried into order on the page of a project; it is joined with another; all by keys', async ({
  page,
}) => {
  test.setTimeout(90_000)
  await page.setViewportSize(wide)
  await openWithDemo(page, '/shelves')
  await page.getByRole('button', { name: /^Choir weekend on the coast/ }).focus()
  await page.keyboard.press('Enter')
  const pane = page.getByRole('complementary', { name: 'Choir weekend on the coast' })
  await pane.getByRole('button', { name: 'Add part' }).focus()
  await page.keyboard.press('Enter')
  for (const name of ['The house', 'The music']) {
    await expect(pane.getByRole('textbox', { name: 'New part' })).toHaveValue('')
    await page.keyboard.type(name)
    await page.keyboard.press('Enter')
  }
  const parts = pane.getByRole('list', { name: 'Parts of Choir weekend on the coast' }).getByRole('listitem')
  await expect(parts).toHaveText([/The house/, /The music/])
  // Escape closes the line, and not the page it stands in.
  await page.keyboard.press('Escape')
  await expect(pane.getByRole('button', { name: 'New part' })).toBeFocused()
  await parts.first().getByRole('button').focus()
  await page.keyboard.press('Alt+ArrowDown')
  await expect(parts).toHaveText([/The music/, /The house/])
  // A part is opened, says what it is a part of, and cannot take in its whole.
  await parts.first().getByRole('button').focus()
  await page.keyboard.press('Enter')
  const part = page.getByRole('complementary', { name: 'The music' })
  await expect(part.getByText('Part of Choir weekend on the coast')).toBeVisible()
  // What had the focus is gone with the page before it: the next Tab is at the first thing of this one.
  await page.keyboard.press('Tab')
  await expect(part.locator(':focus')).toHaveCount(1)
  await part.getByRole('textbox', { name: 'Add an action' }).fill('copy the alto part')
  await page.keyboard.press('Enter')
  const choir = page.getByRole('button', { name: /^Choir weekend on the coast/ })
  await choir.click()
  await expect(parts.first()).toContainText('copy the alto part')
  // On its shelf they are folded under it, and carried there as well.
  await page.getByRole('button', { name: '2 parts of Choir weekend on the coast' }).press('Enter')
  const under = page.getByRole('list', { name: 'Parts under Choir weekend on the coast' })
  await under.getByRole('button').last().press('Alt+ArrowUp')
  await expect(under.getByRole('listitem')).toHaveText([/The house/, /The music/])
  await expect(under.getByRole('button').first()).toBeFocused()
  await under.getByRole('button').last().press('Alt+ArrowUp')
  await expect(parts).toHaveText([/The music/, /The house/])
  // Carried on the page, a part keeps the focus there, though it stands later as well.
  await parts.first().getByRole('button').press('Alt+ArrowDown')
  await expect(parts.last().getByRole('button')).toBeFocused()
  await page.keyboard.press('Alt+ArrowUp')
  await expect(parts.first().getByRole('button')).toBeFocused()
  await pane.getByRole('textbox', { name: 'Say what to change' }).fill('part of The music')
  await page.keyboard.press('Enter')
  await expect(page.getByText(/It would be a part of itself: .* in “The music” in/).first()).toBeVisible()
  await page.keyboard.press('Escape')

  const before = await exported(page)
  await page.goto('/shelves')
  await choir.click()
  await pane.getByRole('button', { name: 'Merge with another project' }).focus()
  await page.keyboard.press('Enter')
  await page.getByRole('combobox').fill('Summer programme')
  await page.keyboard.press('Enter')
  const summer = page.getByRole('complementary', { name: 'Summer programme' })
  await expect(summer.getByRole('list', { name: 'Parts of Summer programme' })).toContainText('The music')
  await expect(page.getByRole('button', { name: /^Choir weekend on the coast/ })).toHaveCount(0)
  await page.getByRole('button', { name: 'Undo', exact: true }).click()
  await expect(page.getByRole('button', { name: /^Choir weekend on the coast/ })).toBeVisible()
  expect(recordsIn(await exported(page))).toEqual(recordsIn(before))
})

test('one switch shows one side of life at every station, and is remembered', async ({ page }) => {
  test.setTimeout(60_000)
  await openWithDemo(page, '/day')
  await expect(page.getByText('Oil the kitchen door')).toBeVisible()
  await expect(page.getByText('Sign off the Fenwick Hall draft')).toBeVisible()
  await station(page, 'Shelves').click()
  const show = async (side: string) => {
    await page.getByRole('button', { name: 'More', exact: true }).click()
    await page.getByRole('radio', { name: side }).click()
    await page.getByRole('dialog', { name: 'More' }).getByRole('button', { name: 'Close' }).click()
  }
  await show('Work')
  await station(page, 'Day').click()
  await expect(page.getByText('Sign off the Fenwick Hall draft')).toBeVisible()
  await expect(page.getByText('Oil the kitchen door')).toBeHidden()
  await show('Private')
  await expect(page.getByText('Oil the kitchen door')).toBeVisible()
  await expect(page.getByText('Sign off the Fenwick Hall draft')).toBeHidden()
  await page.reload()
  await expect(page.getByText('Sign off the Fenwick Hall draft')).toBeHidden()
  await page.getByRole('tab', { name: 'Everything by date' }).click()
  await expect(page.getByText('Call Nan')).toBeVisible()
  await expect(page.getByText(/Fenwick|bakery/)).toHaveCount(0)
  await station(page, 'Week').click()
  await expect(page.getByText('Call Nan').first()).toBeVisible()
  await expect(page.getByText('Sign off the Fenwick Hall draft')).toHaveCount(0)
  await station(page, 'Shelves').click()
  await expect(band(page, 'Home')).toBeVisible()
  await expect(band(page, 'Practice')).toHaveCount(0)
  await shelfPart(page, 'People', 'Waiting for')
  await expect(page.getByText('Waiting for Wim to say if he cooks')).toBeVisible()
  await expect(page.getByText('Waiting for Oda’s quote')).toHaveCount(0)
})

test('what is sorted into a project can be the very next thing there', async ({ page }) => {
  await openWithDemo(page)
  await page.goto('/sorting')
  await page
    .getByRole('button', { name: /^Action/ })
    .first()
    .click()
  await page.getByRole('textbox', { name: 'Next action' }).fill('ring the trustees about the ceiling')
  await page.getByRole('button', { name: 'For: more' }).click()
  await page.getByRole('combobox').fill('Fenwick Hall')
  await page.keyboard.press('Enter')
  await page.getByRole('checkbox', { name: 'as the next' }).click()
  await page.getByRole('button', { name: /^Save action/ }).click()
  await page.goto('/shelves')
  await expect(page.getByRole('button', { name: /^Fenwick Hall echo report/ })).toContainText(
    'ring the trustees about the ceiling',
  )
})

test.describe('with a finger', () => {
  test.use({ hasTouch: true, isMobile: true })
  test('a bar is moved by a finger that has rested on it; one that does not rest scrolls the line', async ({
    page,
  }) => {
    await openWithDemo(page, '/shelves')
    await onLine(page, 'Office')
    await expect(says(page, 'The lease')).toContainText('10 Apr – 12 May')
    await bar(page, 'The lease').scrollIntoViewIfNeeded()
    const scrolled = () => lines(page).evaluate((list) => list.closest('.time-box')?.scrollLeft ?? -1)
    const devtools = await page.context().newCDPSession(page)
    const touch = (type: 'touchStart' | 'touchMove' | 'touchEnd', at?: { x: number; y: number }) =>
      devtools.send('Input.dispatchTouchEvent', { type, touchPoints: at ? [at] : [] })
    const swipe = async (rests: boolean, by: number) => {
      const place = await bar(page, 'The lease').boundingBox()
      if (!place) throw new Error('the bar is not there')
      const from = { x: Math.max(place.x, 0) + 60, y: place.y + place.height / 2 }
      await touch('touchStart', from)
      if (rests) {
        await page.clock.runFor(400)
        await expect(page.locator('.time-bar.held')).toBeVisible()
      }
      for (let part = 1; part <= 7; part++) await touch('touchMove', { ...from, x: from.x + (by * part) / 7 })
      await touch('touchEnd')
    }
    const before = await scrolled()
    await swipe(false, 70)
    await expect.poll(scrolled).toBeLessThan(before)
    await expect(says(page, 'The lease')).toContainText('10 Apr – 12 May')
    await bar(page, 'The lease').scrollIntoViewIfNeeded()
    const stays = await scrolled()
    await swipe(true, 98)
    await expect(says(page, 'The lease')).toContainText('17 Apr – 19 May')
    expect(await scrolled()).toBe(stays)
    // It lies where it was let go, also where nothing was drawn on the way.
    const send = (...parts: readonly (readonly [type: string, x: number])[]) =>
      bar(page, 'The lease').evaluate((of, told) => {
        for (const [type, clientX] of told)
          of.dispatchEvent(new PointerEvent(type, { bubbles: true, pointerType: 'touch', clientX }))
      }, parts)
    const held = ((await bar(page, 'The lease').boundingBox())?.x ?? 0) + 100
    await send(['pointerdown', held])
    await page.clock.runFor(400)
    await expect(page.locator('.time-bar.held')).toBeVisible()
    await send(['pointermove', held + 42], ['pointerup', held + 42])
    await expect(says(page, 'The lease')).toContainText('20 Apr – 22 May')
  })
})
