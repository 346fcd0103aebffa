import { expect, test, type Page } from '@playwright/test'
import { band, open, setDown, station, wide } from './parts'

/** One action for today, opened from the Day sheet. */
async function openAction(page: Page, sentence: string): Promise<void> {
  await page.setViewportSize(wide)
  await open(page)
  await setDown(page, sentence)
  await page.getByRole('button', { name: 'Sort', exact: true }).click()
  await expect(page.getByRole('group', { name: 'Compartments' })).toBeVisible()
  await page.keyboard.press('1')
  await page.keyboard.press('Enter')
  await station(page, 'Day').click()
  await page.getByRole('button', { name: /^write to Oda/ }).click()
}

test('a rule is chosen with its next days in sight; ticking brings the next one, undo takes both back', async ({
  page,
}) => {
  await openAction(page, 'write to Oda today 20 min')
  await page.getByRole('button', { name: 'More to set' }).click()
  await page.getByRole('button', { name: 'repeat' }).click()
  const chooser = page.getByRole('dialog', { name: 'Repeat' })
  await expect(chooser.getByText('every Wednesday')).toBeVisible()
  await expect(
    chooser.getByText('Wed 11 Mar · Wed 18 Mar · Wed 25 Mar · Wed 1 Apr · Wed 8 Apr'),
  ).toBeVisible()
  await chooser.getByRole('button', { name: 'Less often' }).click()
  await chooser.getByRole('button', { name: 'Friday' }).click()
  await expect(chooser.getByText('every other Wednesday and Friday')).toBeVisible()
  await chooser.getByRole('textbox', { name: 'Say how often' }).fill('monthly on the 31st')
  await expect(chooser.getByText('every month on the 31st where there is one')).toBeVisible()
  await chooser.getByRole('button', { name: 'on the last day' }).click()
  await expect(chooser.getByText('Tue 31 Mar · Thu 30 Apr · Sun 31 May')).toBeVisible()
  await chooser.getByRole('textbox', { name: 'Say how often' }).fill('whenever the wind blows')
  await expect(chooser.getByText('I can’t read that. Try “every second Tuesday”.')).toBeVisible()
  await chooser.getByRole('textbox', { name: 'Say how often' }).fill('every wednesday, 3 times')
  await chooser.getByRole('textbox', { name: 'Say how often' }).press('Enter')
  await expect(page.getByRole('button', { name: 'every Wednesday, 3 times' })).toBeVisible()
  await page.getByRole('button', { name: 'Done', exact: true }).click()
  await expect(page.getByText('Done: write to Oda, then Wed 18 Mar').first()).toBeAttached()
  await expect(band(page, 'Picked for today')).toBeHidden()
  await page.getByRole('button', { name: 'Undo the last act' }).click()
  await expect(band(page, 'Picked for today').getByRole('button', { name: /^write to Oda/ })).toBeVisible()
})

test('what was missed stands as one; it is skipped, changed alone or from now on; a habit shows how it went', async ({
  page,
}) => {
  await openAction(page, 'write to Oda every day 20 min')
  await page.getByRole('button', { name: 'Track as a habit' }).click()
  await page.getByRole('button', { name: 'Done', exact: true }).click()
  await page.clock.setSystemTime(new Date('2026-03-15T09:00:00Z'))
  await page.reload()
  await expect(band(page, 'Carried over').getByRole('button', { name: /^write to Oda/ })).toHaveCount(1)
  await expect(band(page, 'Carried over').getByText(/missed 3 times before/)).toBeVisible()
  await band(page, 'Carried over')
    .getByRole('button', { name: /^write to Oda/ })
    .click()
  await expect(page.getByText('missed 3 times before · then')).toBeVisible()
  const marks = () =>
    page
      .getByRole('list', { name: 'How it went' })
      .evaluate((strip) => [...strip.children].map((mark) => mark.className).join(' '))
  await expect.poll(marks).toBe('done missed missed missed open')
  await page.getByRole('button', { name: 'Skip this one' }).click()
  await expect.poll(marks).toBe('done missed missed missed skipped')
  // Moved on by a day: for this one alone, until it is meant from now on.
  const say = page.getByRole('textbox', { name: 'Say what to change' })
  await say.fill('on tuesday')
  await say.press('Enter')
  await expect(page.getByText('This one only: planned day tomorrow → Tue 17 Mar')).toBeVisible()
  await page.getByRole('button', { name: 'This and later ones' }).click()
  await expect(page.getByText('This one only:')).toBeHidden()
  await say.fill('45 min')
  await say.press('Enter')
  await expect(page.getByText('This and later ones: minutes')).toBeVisible()
  await page.getByRole('button', { name: 'This one only' }).click()
  await expect(page.getByText('This one only: minutes 20 min → 45 min')).toBeVisible()
})
