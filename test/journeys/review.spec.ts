import { expect, test } from '@playwright/test'
import { openWithDemo, station } from './parts'

test('the weekly review from the first stone to the last, left half-way and taken up again', async ({
  page,
}) => {
  await openWithDemo(page, '/review')
  await page.getByRole('button', { name: 'Start the review' }).click()
  await expect(page.getByRole('heading', { name: '25 slips are in the Tray' })).toBeVisible()
  await page.getByRole('button', { name: 'Next' }).click()
  await expect(page.getByRole('heading', { name: '1 project has no next action' })).toBeVisible()
  await page
    .getByRole('textbox', { name: 'Next action for Sorrel’s bicycle' })
    .fill('pump up the tyres, 10 min')
  await page.getByRole('button', { name: 'Add the next action for Sorrel’s bicycle' }).click()
  await expect(page.getByRole('heading', { name: 'Every project has its next action' })).toBeVisible()

  await page.getByRole('button', { name: 'Leave the review; it waits here' }).click()
  await station(page, 'Day').click()
  await page.reload()
  await station(page, 'Review').click()
  await expect(page.getByText('1 of 5. Next is “Projects”')).toBeVisible()
  await page.getByRole('button', { name: 'Go on' }).click()
  await page.getByRole('button', { name: 'Next' }).click()
  await expect(page.getByRole('heading', { name: '2 of 6 to chase now' })).toBeVisible()
  await expect(page.getByRole('region', { name: 'Someday' })).toBeVisible()
  await page.getByRole('button', { name: 'Next' }).click()
  await expect(page.getByRole('heading', { name: /\d+ actions done in seven days/ })).toBeVisible()
  await page.getByRole('button', { name: 'Next' }).click()
  await page.getByRole('textbox', { name: 'First aim' }).fill('Fenwick draft signed')
  await page.getByRole('button', { name: 'Finish the review' }).click()

  const record = page.getByRole('article', { name: 'Review of week 11' })
  await expect(record.getByText('Aims: Fenwick draft signed')).toBeVisible()
  await page.getByRole('button', { name: 'Back to the reviews' }).click()
  await page.reload()
  await page.getByRole('button', { name: /Week 11/ }).click()
  await expect(record.getByText('0 without a next action')).toBeVisible()
  await station(page, 'Week').click()
  await expect(page.getByText('Aims: Fenwick draft signed')).toBeVisible()
})
