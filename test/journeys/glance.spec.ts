// Always in sight: the day at a glance, the badge, and paper.
import AxeBuilder from '@axe-core/playwright'
import { expect, test, type Page } from '@playwright/test'
import { band, openWithDemo, wide } from './parts'

const told = (page: Page, name: RegExp) => page.getByRole('region', { name })

test('a glance follows what another tab does, tells what is fixed next, and turns at midnight', async ({
  page,
  context,
}) => {
  test.setTimeout(90_000)
  await openWithDemo(page, '/day')
  await expect(page.getByRole('checkbox', { name: 'Oil the kitchen door' })).toBeVisible()
  const [corner] = await Promise.all([
    context.waitForEvent('page'),
    (async () => {
      await page.getByRole('button', { name: 'Plan', exact: true }).click()
      await page.getByRole('button', { name: 'The day at a glance' }).click()
    })(),
  ])
  await corner.clock.install({ time: new Date('2026-03-11T09:05:00Z') })
  await corner.goto('/glance')
  await expect(told(corner, /^Underway/)).toContainText('Read the bakery’s night readings')
  const left = told(corner, /^Left of today: 6 actions/)
  await expect(left).toContainText('Oil the kitchen door')
  // Nothing of the stations is around it; one can tick there, and every tab follows.
  await expect(corner.getByRole('textbox')).toHaveCount(0)
  await expect(corner.getByRole('navigation')).toHaveCount(0)
  await corner.getByRole('checkbox', { name: 'Oil the kitchen door' }).click()
  await expect(told(corner, /^Left of today: 5 actions/)).not.toContainText('Oil the kitchen door')
  await expect(band(page, 'Picked for today').getByText('Oil the kitchen door')).toHaveCount(0)

  const axe = await new AxeBuilder({ page: corner }).analyze()
  expect(axe.violations.filter(({ impact }) => impact === 'serious' || impact === 'critical')).toEqual([])
  await corner.clock.fastForward('15:30:00')
  await expect(corner.getByRole('heading', { name: 'Thu 12 Mar' })).toBeVisible()
  await expect(told(corner, /^Fixed next/)).toContainText('Measure the canteen at lunch time')
  await expect(told(corner, /^Fixed next/)).toContainText('12:15, in 11 h')
})

test('the badge counts what is left of today', async ({ page }) => {
  await page.addInitScript(() => {
    const set = (count: number | null) => {
      document.documentElement.dataset['badge'] = String(count)
      return Promise.resolve()
    }
    Object.assign(navigator, { setAppBadge: set, clearAppBadge: () => set(null) })
  })
  await openWithDemo(page, '/day')
  const badge = () => page.locator('html').getAttribute('data-badge')
  await expect.poll(badge).toBe('7')
  await page.getByRole('checkbox', { name: 'Oil the kitchen door' }).click()
  await expect.poll(badge).toBe('6')
  await page.getByRole('button', { name: 'Undo', exact: true }).click()
  await expect.poll(badge).toBe('7')
})

test('on paper the day and a lens are whole, ink alone, with a box for each', async ({ page }) => {
  await page.setViewportSize(wide)
  await openWithDemo(page, '/day')
  await expect(page.getByRole('checkbox', { name: 'Oil the kitchen door' })).toBeVisible()
  const pages = (pdf: Buffer) => pdf.toString('latin1').match(/\/Type \/Page\b/g)?.length
  expect(pages(await page.pdf({ preferCSSPageSize: true }))).toBe(2)
  await page.goto('/day?lens=lens:ready-by-date')
  await page.getByRole('radio', { name: 'table' }).click()
  const count = Number(await page.getByRole('grid').getAttribute('aria-rowcount'))
  expect(pages(await page.pdf({ preferCSSPageSize: true }))).toBeGreaterThan(4)
  await page.emulateMedia({ media: 'print' })
  // Every one of them, though a table draws only what is looked at.
  await expect.poll(() => page.locator('.paper-box').count()).toBeGreaterThan(100)
  expect(await page.locator('.paper-box').count()).toBeLessThan(count)
  await expect(page.getByRole('heading', { name: 'Everything by date' })).toBeVisible()
  await expect(page.getByRole('textbox')).toHaveCount(0)
  const grounds = await page
    .locator('body, .on-paper, .on-paper *')
    .evaluateAll((all) => [...new Set(all.map((each) => getComputedStyle(each).backgroundColor))])
  expect(grounds).toEqual(['rgba(0, 0, 0, 0)'])
  await page.emulateMedia({ media: 'screen' })
  await expect(page.getByRole('grid')).toBeVisible()
  await expect(page.locator('.on-paper')).toHaveCount(0)
})
