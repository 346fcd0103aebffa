// What one thing becomes of others: duplicates, splitting, joining, steps, projects; and what the tickler brings back.
import { expect, test, type Page } from '@playwright/test'
import { band, captureLine, open, openWithDemo, setDown, station, wide, shelfPart } from './parts'

const slips = (page: Page) => page.getByRole('list', { name: 'Slips' }).getByRole('listitem')
const paper = (page: Page) => page.getByRole('article', { name: 'The slip' })
const ask = async (page: Page, what: RegExp) => {
  await page.getByRole('button', { name: 'Split or merge' }).click()
  await page.getByRole('button', { name: what }).click()
}

/** An empty store past its first hour, with these slips. */
async function openWithSlips(page: Page, ...sentences: string[]): Promise<void> {
  await open(page)
  await page.getByRole('button', { name: 'Skip' }).click()
  await setDown(page, ...sentences)
  await expect(slips(page)).toHaveCount(sentences.length)
}

test('a duplicate is shown beside the slip and merged: both texts, the promise and the history stay, one undo', async ({
  page,
}) => {
  await openWithSlips(page, 'ring the tile maker about samples, phone')
  await page.goto('/sorting')
  await expect(page.getByRole('group', { name: 'Compartments' })).toBeVisible()
  await page.keyboard.press('1')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { name: 'The Tray is empty' })).toBeVisible()
  await station(page, 'Tray').click()
  await setDown(page, 'samples: ring the tile makers by friday')
  await page.goto('/sorting')
  const duplicate = paper(page).getByRole('group', { name: 'Much like it' })
  await expect(duplicate).toContainText('ring the tile maker about samples')
  await duplicate.getByRole('button', { name: /^Merge/ }).click()
  await expect(page.getByRole('heading', { name: 'The Tray is empty' })).toBeVisible()
  await page.getByRole('button', { name: 'Undo', exact: true }).click()
  await expect(paper(page)).toContainText('ring the tile makers')
  await duplicate.getByRole('button', { name: /^Merge/ }).click()
  await expect(page.getByRole('heading', { name: 'The Tray is empty' })).toBeVisible()
  await station(page, 'Day').click()
  await page.getByRole('button', { name: /^ring the tile maker about samples/ }).click()
  const opened = page.getByRole('dialog', { name: 'ring the tile maker about samples' })
  await expect(opened.getByRole('group', { name: 'What is set' })).toContainText('due Fri 13 Mar')
  await expect(opened).toContainText('samples: ring the tile makers by friday')
  // What was added twice is shown twice.
  await opened.getByRole('button', { name: 'More', exact: true }).click()
  await expect(opened.getByRole('region', { name: 'History' }).getByText(/As first written/)).toHaveCount(2)
})

test('a slip is split by words and by lines, and joined again', async ({ page }) => {
  await openWithSlips(page, 'ring Oda about the felt and order cells')
  await captureLine(page).fill('for the shop\nglue\ntape')
  await captureLine(page).press('Enter')
  await page.goto('/sorting')
  await expect(paper(page)).toContainText('ring Oda')
  await ask(page, /^Split it/)
  const sheet = page.getByRole('dialog', { name: 'Split it' })
  await expect(sheet.getByRole('button', { name: 'Nothing cut yet' })).toBeVisible()
  await sheet.getByRole('button', { name: 'Start a slip with and' }).click()
  await sheet.getByRole('button', { name: 'Make 2 slips' }).click()
  await expect(page.getByRole('heading', { name: '1 of 3' })).toBeVisible()
  await expect(paper(page).getByRole('heading')).toHaveText('ring Oda about the felt')
  await page.getByRole('button', { name: 'Skip' }).click()
  await expect(paper(page).getByRole('heading')).toHaveText('order cells')
  await page.getByRole('button', { name: 'Skip' }).click()
  await ask(page, /^Split it/)
  await sheet.getByRole('button', { name: 'Every line a slip' }).click()
  await sheet.getByRole('button', { name: 'Make 3 slips' }).click()
  await expect(page.getByRole('heading', { name: '1 of 5' })).toBeVisible()
  await ask(page, /^Merge with/)
  await page.getByRole('combobox').fill('glue')
  await page.keyboard.press('Enter')
  await expect(paper(page)).toContainText('for the shop')
  await expect(paper(page)).toContainText('glue')
  await page.getByRole('button', { name: 'Leave sorting' }).click()
  await expect(slips(page)).toHaveCount(4)
  await page.keyboard.press('z')
  await expect(slips(page)).toHaveCount(5)
})

test('a slip becomes a step of an action, and an action of a project, by name alone', async ({ page }) => {
  await openWithDemo(page)
  await setDown(page, 'and the spare cable', 'ask for the roof plan')
  await page.getByRole('button', { name: 'Sort and the spare cable' }).click()
  await ask(page, /step of an action/)
  await page.getByRole('combobox').fill('list the meters')
  await page.keyboard.press('Enter')
  await expect(paper(page)).not.toContainText('spare cable')
  await page.getByRole('button', { name: 'Leave sorting' }).click()
  await page.getByRole('button', { name: 'Sort ask for the roof plan' }).click()
  await ask(page, /action of a project/)
  await page.getByRole('combobox').fill('fenwick')
  await page.keyboard.press('Enter')
  await expect(paper(page)).not.toContainText('roof plan')
  await page.getByRole('button', { name: 'Leave sorting' }).click()
  await band(page, 'Back today').locator('[data-row]', { hasText: 'List the meters' }).click()
  await expect(page.getByRole('list', { name: 'Steps' })).toContainText('and the spare cable')
  await page.keyboard.press('Escape')
  await station(page, 'Shelves').click()
  await page.getByRole('button', { name: /^Fenwick Hall/ }).click()
  await expect(page.getByRole('dialog', { name: /Fenwick Hall/ })).toContainText('ask for the roof plan')
})

test('an action grows into a project, and a project of one action shrinks to it, history and all', async ({
  page,
}) => {
  await page.setViewportSize(wide)
  await openWithSlips(page, 'move the studio: measure the stairs, ask a carrier, pack the meters')
  await page.goto('/sorting')
  await expect(page.getByRole('group', { name: 'Compartments' })).toBeVisible()
  await page.keyboard.press('1')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { name: 'The Tray is empty' })).toBeVisible()
  await station(page, 'Day').click()
  await page.getByRole('button', { name: /^move the studio/ }).click()
  await page.getByRole('button', { name: 'More', exact: true }).click()
  await page.getByRole('button', { name: /Grow it into a project/ }).click()
  const sheet = page.getByRole('dialog', { name: 'Grow into a project' })
  await expect(sheet.getByRole('textbox', { name: 'Its next action' })).toHaveValue('measure the stairs')
  await sheet.getByRole('textbox', { name: 'Its next action' }).press('Enter')
  await expect(sheet).toBeHidden()
  await station(page, 'Shelves').click()
  await page.getByRole('button', { name: /^move the studio/ }).click()
  const project = page.getByRole('complementary', { name: 'move the studio' })
  await expect(project.getByRole('region', { name: 'Next' })).toContainText('measure the stairs')
  await expect(project.getByRole('list', { name: 'Steps' })).toContainText('pack the meters')
  await project.getByRole('button', { name: 'History' }).click()
  await expect(project.getByRole('region', { name: 'History' })).toContainText('Sorted as an action')
  await project.getByRole('button', { name: /Shrink to its one action/ }).click()
  const action = page.getByRole('complementary', { name: 'measure the stairs' })
  await expect(action.getByRole('list', { name: 'Steps' })).toContainText('ask a carrier')
  await action.getByRole('button', { name: 'More', exact: true }).click()
  await expect(action.getByRole('region', { name: 'History' })).toContainText('Grown into a project')
  await page.keyboard.press('Escape')
  await page.keyboard.press('z')
  await expect(page.locator('[data-row]', { hasText: 'move the studio' })).toBeVisible()
})

test('what the tickler brought back waits in the Tray until something is decided of it', async ({ page }) => {
  await openWithDemo(page)
  await expect(page.getByText('and 2 back today from the Tickler')).toBeVisible()
  await expect(page.getByRole('navigation', { name: 'Stations' })).toContainText('27 in the Tray')
  const back = band(page, 'Back today')
  await back.getByRole('button', { name: 'Leave List the meters with their values as it is' }).click()
  await expect(back.getByRole('listitem')).toHaveCount(1)
  await back.locator('[data-row]', { hasText: 'Ask three carriers' }).focus()
  await page.keyboard.press('p')
  await expect(back).toBeHidden()
  await page.keyboard.press('z')
  await expect(back.getByRole('listitem')).toHaveCount(1)
  await page.reload()
  await expect(back.getByRole('listitem')).toHaveCount(1)
})

test('several slips are told the same, made actions, and undone together', async ({ page }) => {
  await openWithSlips(page, 'mend the lamp', 'post the meter', 'water the fern', 'buy cells')
  const together = page.getByRole('region', { name: 'Selected' })
  await page.getByRole('button', { name: /^buy cells/ }).focus()
  await page.keyboard.press('v')
  await page.keyboard.press('j')
  await page.keyboard.press('j')
  await page.keyboard.press('Shift+V')
  await expect(together).toContainText('3 slips selected')
  await together.getByRole('textbox', { name: 'Say what to change' }).fill('20 min, today, xylem')
  await page.keyboard.press('Enter')
  await expect(slips(page).nth(2)).toContainText('today · 20 min')
  await expect(slips(page).nth(3)).not.toContainText('20 min')
  await expect(together).toContainText('Not understood: “xylem”')
  await together.getByRole('button', { name: 'Make actions' }).click()
  await expect(slips(page)).toHaveCount(1)
  await station(page, 'Day').click()
  await expect(band(page, 'Picked for today').getByRole('checkbox')).toHaveCount(3)
  await page.keyboard.press('z')
  await station(page, 'Tray').click()
  await expect(slips(page)).toHaveCount(4)
})

test('things to read are chosen by a band, finished together, and put back by one undo', async ({ page }) => {
  await openWithSlips(
    page,
    ...['felt', 'glass', 'wood'].map((of) => `read https://example.org/${of} about ${of}`),
  )
  await page.goto('/sorting')
  await expect(page.getByRole('group', { name: 'Compartments' })).toBeVisible()
  for (let slip = 1; slip <= 3; slip++) {
    await expect(page.getByRole('heading', { name: `${slip} of 3` })).toBeVisible()
    await page.keyboard.press('8')
  }
  await expect(page.getByRole('heading', { name: 'The Tray is empty' })).toBeVisible()
  await station(page, 'Shelves').click()
  await shelfPart(page, 'Kept', 'Reading')
  await page.locator('[data-row]', { hasText: 'about felt' }).focus()
  await page.keyboard.press('v')
  const together = page.getByRole('region', { name: 'Selected' })
  await expect(together).toContainText('1 thing to read selected')
  await page.getByRole('button', { name: 'Select all of Unread' }).click()
  await together.getByRole('button', { name: 'Finish them' }).click()
  await expect(band(page, 'Unread')).toBeHidden()
  await page.keyboard.press('z')
  await expect(band(page, 'Unread').getByRole('listitem')).toHaveCount(3)
})

test.describe('with a finger', () => {
  test.use({ hasTouch: true })
  test('a slip that is held down is chosen, and a tap chooses the next', async ({ page }) => {
    await openWithSlips(page, 'mend the lamp', 'post the meter')
    const { x, y, height } = (await page.getByRole('button', { name: /^post the meter/ }).boundingBox()) ?? {
      x: 0,
      y: 0,
      height: 0,
    }
    const devtools = await page.context().newCDPSession(page)
    const at = { x: x + 40, y: y + height / 2 }
    await devtools.send('Input.dispatchTouchEvent', { type: 'touchStart', touchPoints: [at] })
    await page.clock.runFor(500)
    await devtools.send('Input.dispatchTouchEvent', { type: 'touchEnd', touchPoints: [] })
    const together = page.getByRole('region', { name: 'Selected' })
    await expect(together).toContainText('1 slip selected')
    await page.getByRole('button', { name: /^mend the lamp/ }).tap()
    await expect(together).toContainText('2 slips selected')
    await together.getByRole('button', { name: 'Join' }).tap()
    await expect(slips(page)).toHaveCount(1)
    await expect(slips(page)).toContainText('a note')
  })
})

test('two tabs decide the same slip at the same moment: it becomes one action', async ({ context }) => {
  const [left, right] = [await context.newPage(), await context.newPage()]
  await openWithSlips(left, 'mend the lamp')
  await open(right, '/')
  for (const page of [left, right]) {
    await page.goto('/sorting')
    await expect(page.getByRole('group', { name: 'Compartments' })).toBeVisible()
    await page.keyboard.press('1')
    await expect(page.getByRole('form', { name: 'Action' })).toBeVisible()
  }
  // At the same moment: neither knows of the other yet.
  await Promise.all([left, right].map((page) => page.keyboard.press('Enter')))
  for (const page of [left, right]) {
    await expect(page.getByRole('heading', { name: 'The Tray is empty' })).toBeVisible()
    await station(page, 'Day').click()
  }
  for (const page of [left, right])
    await expect(page.getByRole('checkbox', { name: 'mend the lamp' })).toHaveCount(1)
})
