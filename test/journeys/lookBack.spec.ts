// What was done, looked back on: in plain words, as bars and their table, by what it was for, and through a filter.
import { expect, test } from '@playwright/test'
import { readFileSync } from 'node:fs'
import { captureLine, open, openWithDemo, station, wide } from './parts'

test('a week, said again after each act, by what it was for and through a filter that stays', async ({
  page,
}) => {
  await open(page, '/review')
  await page.getByRole('tab', { name: 'Reviews' }).focus()
  await page.keyboard.press('ArrowRight')
  await expect(page.getByText('Nothing is done yet.')).toBeVisible()

  await station(page, 'Day').click()
  for (const sentence of ['sand the door, 40 min, today', 'oil the lock, 10 min, today']) {
    await captureLine(page).fill(sentence)
    await captureLine(page).press('Shift+Enter')
    await expect(captureLine(page)).toHaveValue('')
  }
  for (const title of ['sand the door', 'oil the lock'])
    await page.getByRole('checkbox', { name: new RegExp(`^${title}`) }).click()

  await station(page, 'Review').click()
  await page.getByRole('tab', { name: 'Look back' }).click()
  await expect(page.getByText('50 min done in 2 actions.')).toBeVisible()
  await page.getByRole('button', { name: 'As a table' }).click()
  await expect(page.getByRole('row', { name: /Wed 11 Mar 50 min/ })).toBeVisible()
  await page.getByRole('button', { name: /No area/ }).click()
  const done = page.getByRole('list', { name: 'Done: No area' })
  await done.getByRole('checkbox', { name: /^oil the lock/ }).click()
  await expect(page.getByText('40 min done in 1 action.')).toBeVisible()
  await page.getByRole('button', { name: 'Undo', exact: true }).first().click()
  await expect(page.getByText('50 min done in 2 actions.')).toBeVisible()

  await page.getByRole('button', { name: 'Filter' }).click()
  await page.getByRole('button', { name: 'minutes', exact: true }).click()
  await page.keyboard.press('Escape')
  await expect(page.getByText('10 min done in 1 action.')).toBeVisible()
  await page.reload()
  await expect(page.getByText('10 min done in 1 action.')).toBeVisible()
  await page.getByRole('button', { name: 'Count everything again' }).click()
  await expect(page.getByText('50 min done in 2 actions.')).toBeVisible()

  await page.getByRole('button', { name: 'The week before' }).click()
  await expect(page.getByText('Nothing was done.')).toBeVisible()
  await page.getByRole('radio', { name: 'Year' }).click()
  await expect(page.getByText('50 min done in 2 actions.')).toBeVisible()
})

test('a month written up and found again, and a report for a client on paper', async ({ page }) => {
  await page.setViewportSize(wide)
  await openWithDemo(page, '/review?view=back')
  await page.getByRole('radio', { name: 'Month' }).click()
  await page.getByRole('button', { name: 'The month before' }).click()
  await expect(page.getByRole('heading', { name: 'February 2026' })).toBeVisible()
  await page.getByRole('button', { name: 'Write it up' }).click()
  await expect(page.getByRole('table').filter({ hasText: 'Client rooms' }).first()).toBeVisible()
  await expect(page.getByRole('textbox', { name: 'Title' })).toHaveValue('Look back: February 2026')
  await page.keyboard.press('Escape')
  await page.getByRole('button', { name: '1 look back written up' }).click()
  await expect(page.getByRole('list', { name: 'Look backs written up' })).toContainText('February 2026')
  await page.keyboard.press('/')
  await page.getByRole('textbox', { name: 'Search for' }).fill('look back february')
  await expect(page.getByText('Look back: February 2026').last()).toBeVisible()
  await page.keyboard.press('Escape')

  await page.getByRole('button', { name: 'Report' }).click()
  const sheet = page.getByRole('dialog', { name: 'Report' })
  await sheet.getByRole('textbox', { name: 'Its heading' }).fill('Work for Fenwick Hall')
  await sheet.getByRole('radio', { name: '30 min' }).click()
  const table = sheet.getByRole('table', { name: 'Report' })
  await expect(table.getByRole('row').nth(1)).toContainText(/ (30 min|h)/)
  // Nothing of the private side is in it.
  await expect(table).not.toContainText('mill pond')
  const saved = page.waitForEvent('download')
  await sheet.getByRole('button', { name: 'Save CSV' }).click()
  expect(readFileSync(await (await saved).path(), 'utf8')).toMatch(
    /^\uFEFFdate,done,minutes,hours\r\n2026-02-\d\d,/,
  )
  await page.emulateMedia({ media: 'print' })
  const paper = page.locator('article.on-paper')
  await expect(paper.getByRole('heading', { name: 'Work for Fenwick Hall' })).toBeVisible()
  await expect(sheet).toBeHidden()
  const pdf = await page.pdf({ format: 'A4' })
  expect(pdf.subarray(0, 5).toString()).toBe('%PDF-')
})

test('a question about one’s own past, its parts changed by keys, and what can be asked instead', async ({
  page,
}) => {
  await openWithDemo(page, '/day')
  await expect(page.getByRole('tab', { name: 'Day sheet' })).toBeVisible()
  await page.keyboard.press('/')
  const line = page.getByRole('textbox', { name: 'Search for' })
  const answer = page.getByRole('status', { name: 'Answer' })
  const understood = page.getByRole('group', { name: 'Understood' })
  await line.pressSequentially('What did I do for Oda this year?', { delay: 15 })
  await expect(answer).toHaveText('3 h in 7 actions. All of it is estimated.')
  const found = page.getByRole('list', { name: 'Found' })
  await expect(found.getByRole('listitem')).toHaveCount(7)

  await page.keyboard.press('Tab')
  await page.keyboard.press('Tab')
  await page.keyboard.press('Tab')
  await expect(understood.getByRole('button', { name: 'this year' })).toBeFocused()
  await page.keyboard.press('Enter')
  await page.getByRole('radio', { name: 'this year' }).focus()
  await page.keyboard.press('ArrowLeft')
  await expect(understood.getByRole('button', { name: 'last month' })).toBeVisible()
  await expect(answer).toHaveText('2 h in 3 actions. All of it is estimated.')
  await understood.getByRole('button', { name: 'What was done' }).click()
  await page.getByRole('radio', { name: 'Waiting for', exact: true }).click()
  await page.getByRole('radio', { name: 'Waiting for', exact: true }).press('Escape')

  await page.keyboard.press('/')
  await line.fill('will Oda ever answer?')
  await page.getByRole('button', { name: 'Ask: What did I do for Oda?' }).click()
  await expect(answer).toContainText('in 8 actions')
  await line.focus()
  await page.keyboard.press('ArrowDown')
  await expect(found.getByRole('button').first()).toBeFocused()
  await page.keyboard.press('Enter')
  await expect(
    page
      .getByRole('complementary', { name: /Send Oda the figures/ })
      .or(page.getByRole('dialog', { name: /Send Oda the figures/ })),
  ).toBeVisible()
})
