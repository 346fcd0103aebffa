// A person's own lists: made by touch, by keys and by saying; changed just now, kept, shared and read back.
import AxeBuilder from '@axe-core/playwright'
import { expect, test, type Page } from '@playwright/test'
import { readFileSync } from 'node:fs'
import { open, openWithDemo, wide, shelfPart, unfoldLens } from './parts'

const sentence = (page: Page) => page.getByRole('group', { name: 'What this lens lists' })
const sayLens = (page: Page) => page.getByRole('textbox', { name: 'Say a lens' })
const dialog = (page: Page) => page.getByRole('dialog')
const part = (page: Page, words: string) => sentence(page).getByRole('button', { name: words, exact: true })
const titles = (page: Page) =>
  page
    .getByRole('tabpanel')
    .getByRole('checkbox')
    .evaluateAll((boxes) => boxes.map((box) => box.getAttribute('aria-label')))

const made =
  'Actions at Desk or Phone, up to 30 min, not waiting; grouped by area, then weight; sorted by due, then minutes longest first, then title.'

async function keepAs(page: Page, name: string): Promise<void> {
  await page.getByRole('textbox', { name: 'Name of the new lens' }).fill(name)
  await page.getByRole('button', { name: 'Save lens' }).click()
  await expect(page.getByRole('tab', { name })).toHaveAttribute('aria-selected', 'true')
}

/** Chooses among what *+* offers. */
async function more(page: Page, offer: string): Promise<void> {
  await page.getByRole('button', { name: 'Say more of this lens' }).click()
  await dialog(page).getByRole('button', { name: offer, exact: true }).click()
}

test('a lens is made by touch, and the same by saying it and by keys', async ({ page }) => {
  test.setTimeout(120_000)
  await openWithDemo(page, '/day')
  await page.getByRole('link', { name: 'New lens' }).click()
  // A new lens asks nothing yet. By touch: each chip opens what sets it.
  await expect(sentence(page)).toHaveText('Actions.')
  await more(page, 'context')
  await dialog(page).getByRole('checkbox', { name: 'Desk' }).click()
  await dialog(page).getByRole('checkbox', { name: 'Phone' }).click()
  await dialog(page).getByRole('button', { name: 'Done' }).click()
  await more(page, 'minutes')
  await dialog(page).getByRole('radio', { name: '30 min' }).click()
  await dialog(page).getByRole('button', { name: 'Done' }).click()
  await more(page, 'waiting')
  await dialog(page).getByRole('radio', { name: 'not waiting' }).click()
  await dialog(page).getByRole('button', { name: 'Done' }).click()
  for (const field of ['area', 'weight']) {
    await more(page, 'grouped by')
    await dialog(page).getByRole('radio', { name: field, exact: true }).click()
  }
  for (const [field, way] of [['due'], ['minutes', 'longest first'], ['title']] as const) {
    await more(page, 'sorted by')
    await dialog(page).getByRole('radio', { name: field, exact: true }).click()
    if (way) await dialog(page).getByRole('radio', { name: way }).click()
    await dialog(page).getByRole('button', { name: 'Done' }).click()
  }
  await expect(sentence(page)).toHaveText(made)
  await keepAs(page, 'By touch')
  const byTouch = await titles(page)
  expect(byTouch.length).toBeGreaterThan(10)
  const axe = await new AxeBuilder({ page }).analyze()
  const serious = axe.violations.filter(({ impact }) => impact === 'serious' || impact === 'critical')
  expect(serious.map(({ id, nodes }) => [id, nodes[0]?.html])).toEqual([])

  // By saying, with keys alone.
  await page.getByRole('link', { name: 'New lens' }).focus()
  await page.keyboard.press('Enter')
  await expect(sentence(page)).toHaveText('Actions.')
  await sayLens(page).focus()
  await page.keyboard.type(
    'at desk or phone, up to 30 minutes, not waiting, by area, then weight, by due, then minutes longest first, then title',
  )
  await expect(page.getByRole('status', { name: 'What the lens would be' })).toHaveText(made)
  await page.keyboard.press('Enter')
  await expect(sentence(page)).toHaveText(made)
  await keepAs(page, 'By saying')
  expect(await titles(page)).toEqual(byTouch)
})

test('what is changed holds just now, until it is kept or put back', async ({ page }) => {
  await openWithDemo(page, '/day?lens=lens:ready-deep')
  await expect(sentence(page)).toHaveText('Actions ready, deep; sorted by due, then minutes longest first.')
  const before = await titles(page)
  await unfoldLens(page)
  await sayLens(page).fill('must zebra')
  await sayLens(page).press('Enter')
  await expect(sentence(page)).toContainText('must')
  await expect(sayLens(page)).toHaveValue('zebra')
  await expect(page.getByText('Not understood: “zebra”')).toBeVisible()
  // It stands where the page is loaded again, and the lens itself is as it was.
  await page.reload()
  await expect(page.getByText('Changed on this device only.')).toBeVisible()
  await expect(sentence(page)).toContainText('must')
  await page.getByRole('button', { name: 'Undo the change' }).click()
  await expect(sentence(page)).toHaveText('Actions ready, deep; sorted by due, then minutes longest first.')
  expect(await titles(page)).toEqual(before)
  await unfoldLens(page)
  await sayLens(page).fill('must')
  await sayLens(page).press('Enter')
  await page.getByRole('button', { name: 'Save lens' }).click()
  await expect(page.getByText('Changed just now')).toHaveCount(0)
  await page.reload()
  await expect(sentence(page)).toContainText('must')
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(sentence(page)).not.toContainText('must')
})

test('a lens goes to a file and comes back; a hostile file is refused in words', async ({ page }) => {
  await page.setViewportSize(wide)
  await openWithDemo(page, '/day?lens=lens:ready-short')
  await expect(sentence(page)).toContainText('up to 20 min')
  const download = page.waitForEvent('download')
  await page.getByRole('button', { name: 'This lens: name, seal, place' }).click()
  await page.getByRole('button', { name: 'Save it as a file' }).click()
  const saved = await (await download).path()
  const text = readFileSync(saved, 'utf8')
  await page.getByRole('tab', { name: 'All lenses' }).click()
  const input = page.getByLabel('Lens file to import')
  await input.setInputFiles({
    name: 'bad.json',
    mimeType: 'application/json',
    buffer: Buffer.from(text.replace('"to": 20', '"to": -1')),
  })
  await expect(page.getByRole('status').filter({ hasText: 'This lens file is damaged' })).toBeVisible()
  await input.setInputFiles({
    name: 'mine.json',
    mimeType: 'application/json',
    buffer: Buffer.from(text.replace('"name": "Short and light"', '"name": "From a friend"')),
  })
  await expect(page.getByRole('tab', { name: 'From a friend' })).toHaveAttribute('aria-selected', 'true')
  await expect(sentence(page)).toContainText('up to 20 min')
})

test('a lens whose context is removed says so, and still works', async ({ page }) => {
  await open(page, '/shelves')
  await shelfPart(page, 'Kept', 'Contexts')
  await page.getByRole('button', { name: 'New context' }).click()
  await page.getByRole('textbox', { name: 'New context' }).fill('Phone')
  await page.keyboard.press('Enter')
  await page.goto('/day?lens=new')
  await sayLens(page).fill('phone')
  await sayLens(page).press('Enter')
  await expect(sentence(page)).toHaveText('Actions at Phone.')
  await keepAs(page, 'Calls')
  await page.goto('/shelves')
  await shelfPart(page, 'Kept', 'Contexts')
  await page.getByRole('button', { name: /^Phone/ }).click()
  await page.getByRole('button', { name: 'Remove', exact: true }).click()
  await page.getByRole('button', { name: 'Remove it' }).click()
  await page.goto('/day')
  await page.getByRole('tab', { name: 'Calls' }).click()
  await expect(sentence(page)).toHaveText('Actions at a context that is gone.')
  await expect(page.getByText('Nothing fits this lens.')).toBeVisible()
  await part(page, 'at a context that is gone').click()
  await dialog(page).getByRole('button', { name: 'take it off' }).click()
  await expect(sentence(page)).toHaveText('Actions.')
})
