import { expect, test, type Page } from '@playwright/test'
import { band, open, setDown, station, wide, shelfPart } from './parts'

async function sortAll(page: Page, count: number): Promise<void> {
  await station(page, 'Tray').click()
  await page.getByRole('button', { name: 'Sort', exact: true }).click()
  for (let left = count; left > 0; left--) {
    await expect(page.getByRole('group', { name: 'Compartments' })).toBeVisible()
    await page.keyboard.press('1')
    await page.keyboard.press('Enter')
  }
  await station(page, 'Day').click()
}
const offer = async (page: Page, name: string) => {
  await page.getByRole('button', { name: 'More to set' }).click()
  await page.getByRole('button', { name, exact: true }).click()
}

test('what somebody owes is asked after on its day, remarked, and asked after again', async ({ page }) => {
  await page.setViewportSize(wide)
  await open(page)
  await setDown(page, "waiting for Oda's quote since monday, chase today")
  await sortAll(page, 1)
  const chase = band(page, 'Chase today')
  await chase.getByRole('button', { name: /^Chase / }).click()
  const sheet = page.getByRole('dialog')
  await sheet.getByRole('textbox', { name: 'What was said' }).fill('it goes out on Friday')
  await sheet.getByRole('button', { name: 'Sat 14 Mar' }).click()
  await sheet.getByRole('button', { name: 'Save', exact: true }).click()
  await expect(chase).toBeHidden()
  await station(page, 'Shelves').click()
  await shelfPart(page, 'People', 'Waiting for')
  await expect(page.getByText('chase Sat 14 Mar')).toBeVisible()
  await page.locator('[data-row]').click()
  await expect(page.getByRole('list', { name: 'Remarks' })).toContainText('today')
  await expect(page.getByRole('textbox', { name: 'Remark of today' })).toHaveValue('it goes out on Friday')
  // A remark more, by Enter; and one half typed is there after a reload.
  await page.getByRole('button', { name: 'Add remark' }).click()
  await page.getByRole('textbox', { name: 'Another remark' }).fill('she rang back')
  await page.getByRole('textbox', { name: 'Another remark' }).press('Enter')
  await expect(page.getByRole('list', { name: 'Remarks' }).getByRole('listitem')).toHaveCount(2)
})

test('what is done by me waits to be signed off in a list of its own', async ({ page }) => {
  await page.setViewportSize(wide)
  await open(page)
  await setDown(page, 'write the hall report today')
  await sortAll(page, 1)
  await page.getByRole('button', { name: /^write the hall report/ }).click()
  await offer(page, 'sign-off')
  const chooser = page.getByRole('dialog', { name: 'Waiting for sign-off' })
  await chooser.getByRole('combobox').fill('Perrin')
  await chooser.getByRole('option', { name: 'signed off by “Perrin”' }).click()
  await expect(page.getByRole('button', { name: 'Perrin to sign off, since today' })).toBeVisible()
  await expect(band(page, 'Picked for today')).toBeHidden()
  await station(page, 'Shelves').click()
  await shelfPart(page, 'People', 'Waiting for')
  await page.getByRole('button', { name: /^write the hall report/ }).click()
  await page.getByRole('button', { name: 'Signed off' }).click()
  await expect(page.getByText('You are not waiting for anybody')).toBeVisible()
})

test('an action is blocked until another is done; a ring is refused with the way named', async ({ page }) => {
  await page.setViewportSize(wide)
  await open(page)
  await setDown(page, 'clear the loft today', 'paint it today')
  await sortAll(page, 2)
  const picked = band(page, 'Picked for today')
  await picked.getByRole('button', { name: /^paint it/ }).click()
  await offer(page, 'after another action')
  await page.getByRole('dialog', { name: 'After which action' }).getByRole('combobox').fill('clear')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('button', { name: 'after clear the loft' })).toBeVisible()
  await expect(picked.getByRole('button', { name: /^paint it/ })).toBeHidden()
  await picked.getByRole('button', { name: /^clear the loft/ }).click()
  await offer(page, 'after another action')
  await page.getByRole('dialog', { name: 'After which action' }).getByRole('combobox').fill('paint')
  await page.keyboard.press('Enter')
  await expect(page.getByText('wait for each other').first()).toBeVisible()
  await picked.getByRole('checkbox', { name: 'clear the loft' }).click()
  await expect(picked.getByRole('button', { name: /^paint it/ })).toBeVisible()
})
