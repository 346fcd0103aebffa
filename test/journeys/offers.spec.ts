// Free times for somebody else: found, sent as text, held until they are answered, agreed on or taken back.
import { expect, test } from '@playwright/test'
import { open, openWithDemo } from './parts'

test('times are found, copied and held; one is agreed on, and the others are free again', async ({
  page,
  context,
}) => {
  await context.grantPermissions(['clipboard-read', 'clipboard-write'])
  await openWithDemo(page, '/week')
  await page.getByRole('button', { name: 'Times to offer' }).click()
  const sheet = page.getByRole('dialog', { name: 'Times to offer' })
  const times = sheet.getByRole('group', { name: 'Free times' }).getByRole('checkbox')
  // Events of today are kept clear of: the trustees meet from 9:30 to 10:30.
  await expect(times.first()).toHaveText(/^Wed 11 Mar 10:30–11:30/)
  await expect(times).toHaveCount(5)
  await sheet.getByRole('button', { name: 'up to 5' }).click()
  await page.getByRole('radio', { name: '3', exact: true }).click()
  await expect(times).toHaveCount(3)
  await sheet.getByRole('button', { name: 'working hours' }).click()
  await page.getByRole('textbox', { name: 'Any other hours' }).fill('whenever')
  await page.keyboard.press('Enter')
  await expect(page.getByText('I can’t read that.')).toBeVisible()
  await page.getByRole('textbox', { name: 'Any other hours' }).fill('14 to 16')
  await page.keyboard.press('Enter')
  await expect(times.first()).toHaveText(/^Wed 11 Mar 14:\d\d–15:\d\d/)
  await sheet.getByRole('button', { name: 'your time zone' }).click()
  await expect(page.getByRole('combobox')).toBeFocused()
  await page.keyboard.type('new york')
  await page.keyboard.press('Enter')
  await expect(times.first()).toContainText('Wed 11 Mar 10:')
  // One is left out, and is neither sent nor held.
  await times.nth(1).click()
  await expect(times.nth(1)).not.toBeChecked()
  await sheet.getByRole('textbox', { name: 'For whom, or what for' }).fill('Oda, the kitchen')
  await sheet.getByRole('button', { name: 'Copy and hold' }).click()
  await expect(sheet).toBeHidden()
  await expect(page.getByText('Held for Oda, the kitchen, and copied').first()).toBeVisible()
  const text = await page.evaluate(() => navigator.clipboard.readText())
  expect(text).toMatch(
    /^I am free at these times:\n\nWed 11 Mar 10:\d\d–11:\d\d\nFri 13 Mar 10:\d\d–11:\d\d\n\nThese are in New York time\.$/,
  )
  await expect(page.getByRole('button', { name: /Held: Oda, the kitchen/ })).toHaveCount(2)
  // What is held is offered to nobody else, and a reload keeps it.
  await page.reload()
  await page.getByRole('button', { name: 'Times to offer' }).click()
  const held = sheet.getByRole('list', { name: 'Held for others' }).getByRole('listitem')
  await expect(held).toContainText('Oda, the kitchen')
  await expect(times.first()).toBeVisible()
  const again = await times.allTextContents()
  await held.getByRole('button', { name: /^Fri 13 Mar/ }).click()
  const one = page.getByRole('dialog', { name: 'Held: Oda, the kitchen' })
  const when =
    (await one
      .getByText(/^Fri 13 Mar/)
      .first()
      .textContent()) ?? ''
  expect(again.some((each) => each.startsWith(when))).toBe(false)
  await one.getByRole('button', { name: 'Agree' }).click()
  await expect(one).toBeHidden()
  await expect(page.getByRole('button', { name: /Held: Oda/ })).toHaveCount(0)
  await page
    .getByRole('button', { name: /^Oda, the kitchen/ })
    .first()
    .click()
  await expect(page.getByRole('group', { name: 'What is set' })).toContainText(
    `Fri 13 Mar at ${when.slice(11, 16)}`,
  )
  await page.keyboard.press('Escape')
  await page.keyboard.press('Control+z')
  await expect(page.getByRole('button', { name: /Held: Oda/ })).toHaveCount(2)
})

test('where copying is forbidden the text is shown to be copied; taken back, the times are free', async ({
  page,
}) => {
  await page.addInitScript(() =>
    Object.defineProperty(navigator, 'clipboard', {
      value: { writeText: () => Promise.reject(new Error('forbidden')) },
    }),
  )
  await open(page, '/week')
  await page.getByRole('button', { name: 'Times to offer' }).click()
  const sheet = page.getByRole('dialog', { name: 'Times to offer' })
  await sheet.getByRole('button', { name: 'Copy and hold' }).click()
  await expect(sheet.getByRole('textbox', { name: 'Text to copy' })).toHaveValue(/^I am free at these times:/)
  const list = sheet.getByRole('list', { name: 'Held for others' })
  await expect(list.getByRole('listitem')).toHaveCount(1)
  await list.getByRole('button', { name: 'Take back the times for Meeting' }).click()
  await expect(list).toHaveCount(0)
  // Without a free hour there is nothing to copy, and it is said what to try.
  await sheet.getByRole('button', { name: '1 h', exact: true }).click()
  await page.getByRole('textbox', { name: 'Any other length' }).fill('20 hours')
  await page.keyboard.press('Enter')
  await expect(sheet.getByText('Nothing is free for that long.')).toBeVisible()
  await expect(sheet.getByRole('button', { name: 'Copy only' })).toBeDisabled()
})
