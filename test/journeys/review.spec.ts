// The weekly review from end to end: by keys alone, by thumb alone, and left half way for another tab.
import { expect, test, type Page } from '@playwright/test'
import { openWithDemo, setDown, station, wide } from './parts'

const stone = (page: Page) =>
  page.getByRole('list', { name: 'Parts of the review' }).locator('[aria-current="step"]')

/** Goes from field to field until one of this name has the focus. */
async function tabTo(page: Page, name: RegExp): Promise<void> {
  for (let tabs = 0; tabs < 60; tabs++) {
    const focused = await page.evaluate(() => {
      const at = document.activeElement
      return at?.getAttribute('aria-label') ?? at?.textContent ?? ''
    })
    if (name.test(focused)) return
    await page.keyboard.press('Tab')
  }
  throw new Error(`${String(name)} is not come to by keys`)
}

test('by keys alone, from the first part to the last', async ({ page }) => {
  await page.setViewportSize(wide)
  await openWithDemo(page, '/review')
  await tabTo(page, /^Start the review$/)
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { name: '25 slips are in the Tray' })).toBeVisible()
  await page.keyboard.press('Enter')
  await expect(stone(page)).toHaveAccessibleName('Meetings')
  await page.keyboard.press('Enter')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { name: '2 were planned and not done' })).toBeVisible()
  await tabTo(page, /This week$/)
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { name: '1 was planned and not done' })).toBeVisible()
  await page.keyboard.press('Control+Enter')
  await expect(page.getByRole('heading', { name: '2 of 6 to chase now' })).toBeVisible()
  await tabTo(page, /^Asked, again .*: Davit$/)
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { name: '1 of 6 to chase now' })).toBeVisible()
  await page.keyboard.press('Control+Enter')

  await expect(page.getByRole('heading', { name: '1 project has no next action' })).toBeVisible()
  await tabTo(page, /^Next action for Sorrel’s bicycle$/)
  await page.keyboard.type('pump up the tyres, 10 min')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { name: 'Every project has its next action' })).toBeVisible()
  const cards = page.getByText(/of 31 open projects to look at/)
  for (let left = 31; left > 0; left--) {
    await expect(cards).toHaveText(`${left} of 31 open projects to look at.`)
    await page.keyboard.press('Control+Enter')
  }
  await expect(page.getByText('All 31 were looked at.')).toBeVisible()
  await page.keyboard.press('Control+Enter')
  for (const name of ['Goals', 'Someday', 'Order', 'Done']) {
    await expect(stone(page)).toHaveAccessibleName(new RegExp(`^${name}`))
    await page.keyboard.press('Enter')
  }
  await tabTo(page, /^First aim$/)
  await page.keyboard.type('Fenwick draft signed')
  await page.keyboard.press('Control+Enter')

  const record = page.getByRole('article', { name: 'Review of week 11' })
  await expect(record.getByText('Aims: Fenwick draft signed')).toBeVisible()
  await expect(record.getByText('0 without a next action')).toBeVisible()
  await station(page, 'Week').click()
  await expect(page.getByText('Aims: Fenwick draft signed')).toBeVisible()
})

test.describe('by touch', () => {
  test.use({ hasTouch: true, isMobile: true })

  test('by thumb alone, sorting in it, left half way and taken up in another tab', async ({
    page,
    context,
  }) => {
    await openWithDemo(page, '/review')
    const tap = (name: string | RegExp, on = page) =>
      on
        .getByRole('button', { name, exact: typeof name === 'string' })
        .first()
        .tap()
    await tap('Start the review')
    await tap('Sort')
    await expect(page.getByRole('heading', { name: '1 of 25' })).toBeVisible()
    await tap(/^Someday/)
    await tap('Leave sorting')
    await expect(page.getByRole('heading', { name: '24 slips are in the Tray' })).toBeVisible()
    for (const name of ['Meetings', 'Ahead', 'Not done', 'Waiting', 'Projects']) {
      await tap('Next')
      await expect(stone(page)).toHaveAccessibleName(name)
    }
    await tap(/^Not now: Sorrel/)
    await expect(page.getByText('30 of 30 open projects to look at.')).toBeVisible()
    await tap('Moves on')
    await expect(page.getByText('29 of 30 open projects to look at.')).toBeVisible()
    await tap('Leave the review; it waits here')

    const other = await context.newPage()
    await other.clock.install({ time: new Date('2026-03-11T09:20:00Z') })
    await other.goto('/review')
    await expect(other.getByText(/5 of \d+. Next is “Projects”/)).toBeVisible()
    await tap('Go on', other)
    await expect(other.getByText('29 of 30 open projects to look at.')).toBeVisible()
    await tap('All in their order', other)
    const first = other
      .getByRole('list', { name: 'Open projects in their order' })
      .getByRole('listitem')
      .first()
    const title = (await first.locator('.slip-title').textContent()) ?? ''
    await tap(`${title} later`, other)
    await expect(first).not.toContainText(title)
    await other.getByRole('list', { name: 'Parts of the review' }).getByRole('button').last().tap()
    await tap('Finish the review', other)
    await expect(other.getByRole('article', { name: 'Review of week 11' })).toBeVisible()
    // The tab that was left knows of it.
    await expect(page.getByRole('button', { name: 'Start the review', exact: true })).toBeVisible()
    await expect(page.getByRole('region', { name: 'Finished reviews' })).toBeVisible()
  })
})

test('what has come about since the last one, and a question of one’s own', async ({ page }) => {
  await openWithDemo(page, '/review')
  await page.getByRole('button', { name: 'Parts of the review' }).click()
  const sheet = page.getByRole('dialog')
  await sheet.getByRole('textbox', { name: 'A question of your own' }).fill('What do I dread?')
  await page.keyboard.press('Enter')
  await page.keyboard.press('Escape')
  await page.getByRole('button', { name: 'Start the review', exact: true }).click()
  await page.getByRole('button', { name: 'Question' }).click()
  await page.getByRole('textbox', { name: 'Your answer' }).fill('the audit in May')
  // Typed, and the page is gone.
  await page.reload()
  await expect(page.getByRole('textbox', { name: 'Your answer' })).toHaveValue('the audit in May')
  await page.getByRole('button', { name: 'Finish the review' }).click()
  await expect(page.getByRole('region', { name: 'What do I dread?' })).toContainText('the audit in May')
  await page.getByRole('button', { name: 'Back to the reviews' }).click()
  await setDown(page, 'a fresh thought')
  await page.getByRole('button', { name: '1 new slip' }).click()
  await expect(page.getByRole('list', { name: 'New slips' })).toContainText('a fresh thought')
})
