// The day laid out by the program: shown first, changed by hand, kept, and laid out anew when it slips.
import AxeBuilder from '@axe-core/playwright'
import { expect, test, type Page } from '@playwright/test'
import { openWithDemo } from './parts'

const proposed = (page: Page) => page.getByRole('list', { name: 'As it would be' })
const lines = (page: Page) => proposed(page).getByRole('listitem')
const hours = (page: Page) => page.getByRole('list', { name: 'Hours of today' })
const mileage = 'Send the February mileage to Perrin'
/** From–to of each line, in minutes. */
const spans = async (page: Page) =>
  (await lines(page).allTextContents()).map((text) => {
    const [, a, b, c, d] = (/(\d+):(\d\d)–(\d+):(\d\d)/.exec(text) ?? []).map(Number) as [
      number,
      number,
      number,
      number,
      number,
    ]
    return [a * 60 + b, c * 60 + d] as const
  })

test('a morning is laid out, slips, and is laid out again', async ({ page }) => {
  await openWithDemo(page, '/day')
  await page.getByRole('button', { name: 'Show as hours' }).click()
  // The trustees are at half past nine.
  await expect(hours(page).getByRole('button', { name: /^Fenwick trustees/ })).toBeVisible()
  await page.getByRole('button', { name: 'Lay out the day' }).click()
  await expect(lines(page).filter({ hasText: 'Sign off the Fenwick Hall draft' })).toContainText('due 17:00')
  const first = await spans(page)
  expect(first.length).toBeGreaterThan(3)
  first.forEach(([from, to], at) => {
    expect(from).toBeGreaterThanOrEqual(first[at - 1]?.[1] ?? 9 * 60 + 5)
    // Never over the event.
    expect(to <= 570 || from >= 630).toBe(true)
  })
  // Changed by hand: left out, and put back.
  await proposed(page)
    .getByRole('button', { name: `Leave out: ${mileage}` })
    .click()
  await expect(lines(page).filter({ hasText: mileage })).toHaveCount(0)
  await page
    .getByRole('list', { name: 'Not in it' })
    .getByRole('button', { name: `Put back: ${mileage}` })
    .click()
  await expect(lines(page).filter({ hasText: mileage })).toHaveCount(1)
  expect(await spans(page)).toEqual(first)
  // Given another hour by hand, the rest goes around it; let go of, it is as it was.
  const line = lines(page).filter({ hasText: mileage })
  await line.getByRole('button', { name: mileage }).first().click()
  await page.getByRole('textbox', { name: 'Begins at' }).fill('16:40')
  await page.keyboard.press('Enter')
  await expect(line).toContainText('16:40–17:05 · set by you')
  await expect(line.getByRole('button').first()).toBeFocused()
  await page.keyboard.press('Alt+ArrowDown')
  await page.keyboard.press('Alt+Shift+ArrowUp')
  await expect(line).toContainText('16:15–16:40 · set by you')
  await expect(line.getByRole('button').first()).toBeFocused()
  await expect(async () => {
    const around = await spans(page)
    around.forEach(([from], at) => expect(from).toBeGreaterThanOrEqual(around[at - 1]?.[1] ?? 0))
  }).toPass()
  await page.keyboard.press('Enter')
  await page.getByRole('button', { name: 'any hour' }).click()
  await expect.poll(() => spans(page)).toEqual(first)
  // What matters is said in plain words, and remembered.
  await page.getByRole('button', { name: 'What matters today' }).click()
  await page
    .getByRole('group', { name: 'What matters today' })
    .getByRole('radio', { name: 'much' })
    .last()
    .click()
  await expect(async () => expect((await spans(page)).length).toBeLessThanOrEqual(first.length)).toPass()
  const { violations } = await new AxeBuilder({ page }).setLegacyMode().analyze()
  expect(violations.filter(({ impact }) => impact === 'serious' || impact === 'critical')).toEqual([])
  await page.getByRole('button', { name: 'Save', exact: true }).click()
  await expect(page.getByRole('dialog')).toHaveCount(0)
  await expect(
    hours(page)
      .getByText(/^planned 1\d:\d\d–/)
      .first(),
  ).toBeVisible()
  const kept = await hours(page).locator('.hours-block').filter({ hasText: 'planned 1' }).count()
  expect(kept).toBeGreaterThan(1)

  // Nothing of it is done by two o'clock: the rest of the day is laid out, from then on.
  await page.clock.setSystemTime(new Date('2026-03-11T14:02:00Z'))
  await page.reload()
  await page.getByRole('button', { name: /^Lay out the/ }).click()
  await expect(lines(page).first()).toBeVisible()
  const rest = await spans(page)
  for (const [from] of rest) expect(from).toBeGreaterThanOrEqual(14 * 60)
  await page.getByRole('button', { name: 'Save', exact: true }).click()
  await expect(
    page
      .getByRole('status')
      .filter({ hasText: /\d actions? planned by the hour/ })
      .first(),
  ).toBeAttached()
  // One undo, and it is as it was.
  await page.getByRole('button', { name: 'Undo', exact: true }).first().click()
  await page.getByRole('button', { name: /^Lay out the/ }).click()
  await expect(lines(page).first()).toBeVisible()
  expect(await spans(page)).toEqual(rest)
})
