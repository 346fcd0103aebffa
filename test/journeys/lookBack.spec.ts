// What was done, looked back on: in plain words, as bars and their table, by what it was for, and through a filter.
import { expect, test } from '@playwright/test'
import { captureLine, open, station } from './parts'

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
