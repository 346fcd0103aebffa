// Will it all fit? A promise that does not, what it breaks, and the cheapest way out.
import AxeBuilder from '@axe-core/playwright'
import { expect, test, type Page } from '@playwright/test'
import { openWithDemo, row, station } from './parts'

const title = 'Sketch the caretakers’ hand-out'
const sentence = (page: Page) => page.getByRole('tabpanel').getByRole('status')
const ways = (page: Page) => page.getByRole('list', { name: 'What would mend it' })

test('a promise that does not fit says so where it is made, and is mended by one tap and one undo', async ({
  page,
}) => {
  await openWithDemo(page, '/week')
  // On the week in one sentence; behind it, promise by promise.
  await page.getByRole('button', { name: 'Everything due fits.' }).click()
  await expect(page.getByRole('heading', { name: 'Will it all fit?' })).toBeVisible()
  await expect(sentence(page)).toHaveText('Everything due fits.')
  await expect(ways(page)).toHaveCount(0)

  await station(page, 'Day').click()
  await row(page, title).locator('[data-row]').click()
  const opened = page.getByRole('dialog', { name: title })
  await opened.getByRole('textbox', { name: 'Say what to change' }).fill('9 hours, due tomorrow')
  await page.keyboard.press('Enter')
  const breaks = opened.getByRole('button', { name: /^It does not fit by then\./ })
  await expect(breaks).toBeVisible()
  // Asked before a promise is made, too.
  await opened.getByRole('button', { name: /^Change: due tomorrow|^due tomorrow/ }).click()
  await expect(page.getByText(/Fits from Fri 13 Mar on\.|Fits from Sat 14 Mar on\./)).toBeVisible()
  await page.keyboard.press('Escape')
  await breaks.click()
  await expect(page).toHaveURL(/view=fit/)
  await page.keyboard.press('Escape')
  await expect(sentence(page)).toHaveText(
    `Everything due fits until tomorrow, 12:00. ${title} is 2 h 50 short.`,
  )
  const points = page.getByRole('list', { name: 'What is due' }).getByRole('button')
  await expect(points.filter({ hasText: title })).toContainText(/tomorrow · \d+ h( \d\d)? of 8 h 25/)

  const { violations } = await new AxeBuilder({ page }).setLegacyMode().analyze()
  expect(violations.filter(({ impact }) => impact === 'serious' || impact === 'critical')).toEqual([])

  const way = ways(page).getByRole('listitem').filter({ hasText: 'more tomorrow' })
  await way.getByRole('button', { name: /^Do it: / }).click()
  await expect(sentence(page)).toHaveText('Everything due fits.')
  await page.getByRole('button', { name: 'Undo', exact: true }).first().click()
  await expect(sentence(page)).toHaveText(/short/)

  // Promised later instead.
  await ways(page)
    .getByRole('button', { name: `Do it: Promise ${title} for Fri 13 Mar` })
    .click()
  await expect(sentence(page)).toHaveText('Everything due fits.')
  await expect(points.filter({ hasText: title })).toContainText('Fri 13 Mar')
})
