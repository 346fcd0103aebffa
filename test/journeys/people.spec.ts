// People: what is known of them and what to raise is said in the line; a talk ticks it into its note, and a line of the
// note is raised again or becomes an action; chasing gives a text.
import { expect, test } from '@playwright/test'
import { captureLine, open, openWithDemo } from './parts'

test('a talk: said in the line, raised and ticked, noted, followed up', async ({ page }) => {
  await open(page)
  const line = captureLine(page)
  await line.fill("Oda Marsh's mobile is 07700 900123")
  await expect(page.getByRole('group', { name: 'Understood' })).toContainText(
    'Oda Marsh, new: mobile 07700 900123',
  )
  await line.press('Enter')
  await expect(page.getByRole('status')).toContainText('Added to Oda Marsh')
  for (const text of ['raise the fee with Oda', 'raise the felt samples with Oda']) {
    await line.fill(text)
    await expect(page.getByRole('group', { name: 'Understood' })).toContainText('raise with Oda Marsh')
    await line.press('Enter')
    await expect(line).toHaveValue('')
  }
  // Nothing of it went to the Tray; with its chip taken off, it would.
  await line.fill('raise the ceiling with Oda')
  await page
    .getByRole('group', { name: 'Understood' })
    .getByRole('button', { name: /Take off/ })
    .click()
  await line.press('Enter')
  await expect(page.getByRole('button', { name: 'Sort raise the ceiling with Oda' })).toBeVisible()

  await page.goto('/shelves?part=persons')
  await page.getByRole('button', { name: /^Oda Marsh/ }).click()
  const person = page.getByRole('dialog', { name: 'Oda Marsh' })
  await expect(person.getByRole('link', { name: 'Ring mobile 07700 900123' })).toHaveAttribute(
    'href',
    'tel:07700900123',
  )
  await expect(person.getByRole('checkbox', { name: /^Raised: / })).toHaveCount(2)
  await person.getByRole('button', { name: 'Meeting note', exact: true }).click()
  const note = page.getByRole('dialog', { name: 'Talk with Oda Marsh' })
  await note.getByRole('checkbox', { name: 'Raised: the fee' }).click()
  await expect(
    note
      .locator('.note')
      .getByRole('listitem')
      .filter({ hasText: /^the fee$/ }),
  ).toBeVisible()
  await note.getByRole('button', { name: /^Edit note/ }).click()
  await page.keyboard.type('\n\n[ ] send Oda the two room plans')
  await page.keyboard.press('Escape')
  await note.getByRole('button', { name: /^Make an action of: send Oda/ }).click()
  await page.goto('/shelves?part=persons')
  await page.getByRole('button', { name: /^Oda Marsh/ }).click()
  await expect(person.getByRole('checkbox', { name: 'Raised: the felt samples' })).toBeVisible()
  await expect(person.getByRole('checkbox', { name: 'Raised: the fee' })).toHaveCount(0)
  await expect(person.getByRole('list', { name: 'With Oda' })).toContainText('send Oda the two room plans')
  await expect(person.getByRole('list', { name: 'Meetings and remarks' })).toContainText(
    'Talk with Oda Marsh',
  )
  // What is half typed outlives the page, in its place.
  await person.getByRole('button', { name: 'Add', exact: true }).click()
  await page.getByRole('button', { name: /^Phone, e-mail/ }).click()
  await page.keyboard.type('birthday 3 M')
  await page.reload()
  await expect(person.getByRole('textbox', { name: 'Another fact' })).toHaveValue('birthday 3 M')
  await expect(person.getByRole('checkbox', { name: 'Raised: the felt samples' })).toBeVisible()
})

test('everything that somebody owes is asked for in one text, and then it is said that they were asked', async ({
  page,
  context,
}) => {
  await context.grantPermissions(['clipboard-read', 'clipboard-write'])
  await openWithDemo(page, '/shelves?part=persons')
  await page.getByRole('button', { name: /^Oda/ }).click()
  const person = page.getByRole('dialog', { name: 'Oda' })
  await person.getByRole('button', { name: 'Chase all' }).click()
  const sheet = page.getByRole('dialog', { name: 'Ask Oda' })
  await expect(sheet.getByRole('link', { name: 'E-mail to Oda' })).toHaveAttribute(
    'href',
    /^mailto:oda@example\.org\?.*Quote%20for%20the%20tiles/,
  )
  await sheet.getByRole('button', { name: 'Copy' }).click()
  await expect
    .poll(() => page.evaluate(() => navigator.clipboard.readText()))
    .toContain('The caretakers’ slides')
  await sheet.getByRole('button', { name: /^Asked, again / }).click()
  await expect(person.getByRole('list', { name: 'Waiting for Oda' })).toContainText('chase Wed 18 Mar')
})
