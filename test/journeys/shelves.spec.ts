// Around the shelves and the days: making, moving, finding, changing keys.
import { expect, test } from '@playwright/test'
import { band, open, openWithDemo, setDown, station, wide, narrow } from './parts'

test('a project is made on its shelf, opened, given actions, and finished', async ({ page }) => {
  await page.setViewportSize(wide)
  await openWithDemo(page, '/shelves')
  await page.getByRole('button', { name: 'New project in Office' }).click()
  await page.getByRole('textbox', { name: 'New project in Office' }).fill('Sell the old meters')
  await page.keyboard.press('Enter')
  await page.getByRole('button', { name: /^Sell the old meters/ }).click()
  const pane = page.getByRole('complementary', { name: 'Sell the old meters' })
  await pane.getByRole('textbox', { name: 'Add an action' }).fill('photograph the meters, workshop, 20 min')
  await expect(pane.getByRole('button', { name: 'Take off Workshop' })).toBeVisible()
  await pane.getByRole('button', { name: 'Add', exact: true }).click()
  await expect(page.getByRole('button', { name: /^Sell the old meters/ })).toContainText(
    'photograph the meters',
  )
  await pane.getByRole('checkbox', { name: 'photograph the meters' }).click()
  await expect(page.getByRole('button', { name: /^Sell the old meters/ })).toContainText('no next action')
  await pane.getByRole('button', { name: 'open', exact: true }).click()
  await page.getByRole('dialog', { name: 'State' }).getByRole('button', { name: 'finished' }).click()
  await expect(page.getByRole('button', { name: /^Sell the old meters/ })).toBeHidden()
  await page.getByRole('button', { name: 'Undo', exact: true }).click()
  await expect(page.getByRole('button', { name: /^Sell the old meters/ })).toBeVisible()
})

test('an action is moved from day to day, and every move is told', async ({ page }) => {
  await openWithDemo(page, '/week')
  await page.getByRole('button', { name: 'Move Sketch the caretakers’ hand-out' }).click()
  await page
    .getByRole('dialog')
    .getByRole('button', { name: /^Friday, 13 March 2026/ })
    .click()
  const friday = page.getByRole('region', { name: 'Fri 13' })
  await expect(friday.getByRole('checkbox', { name: 'Sketch the caretakers’ hand-out' })).toBeVisible()
  await expect(friday.getByText('4 h 10 of 5 h')).toBeVisible()
  await friday.getByRole('button', { name: /^Sketch the caretakers/ }).click()
  await page.getByRole('dialog').getByRole('button', { name: 'More', exact: true }).click()
  await expect(
    page
      .getByRole('dialog')
      .getByText(/Moved: planned day today → Fri 13 Mar/)
      .first(),
  ).toBeVisible()
})

test('what is typed into search finds it, and opens it', async ({ page }) => {
  await openWithDemo(page, '/day')
  await page.getByRole('button', { name: 'Search', exact: true }).click()
  await page.getByRole('textbox', { name: 'Search for' }).fill('brannoc')
  await page
    .getByRole('dialog', { name: 'Search' })
    .getByRole('button', { name: /St Brannoc’s chapel organ loft/ })
    .click()
  await expect(
    page
      .getByRole('dialog', { name: 'St Brannoc’s chapel organ loft' })
      .getByRole('textbox', { name: 'What will be true' }),
  ).toHaveValue('The choir hears the organ, the organist hears the choir')
  await page.keyboard.press('Escape')
  await expect(page.getByRole('dialog')).toBeHidden()
})

test('a key is changed, another switched off, and that is kept', async ({ page }) => {
  await page.setViewportSize(wide)
  await open(page)
  await setDown(page, 'one')
  await page.keyboard.press('Escape')
  await page.keyboard.press('?')
  await page.getByRole('button', { name: 'Change the key for Week' }).click()
  await page.keyboard.press('d')
  await expect(page.getByRole('alert')).toHaveText('“d” is taken: Day.')
  await page.keyboard.press('q')
  await page.getByRole('button', { name: 'Switch the key for Day off' }).click()
  await page.keyboard.press('Escape')
  await page.reload()
  await expect(page.getByRole('heading', { name: '1 slip' })).toBeVisible()
  await page.keyboard.press('d')
  await page.keyboard.press('q')
  await expect(page.getByRole('heading', { name: /^Week 11/ })).toBeVisible()
})

test('in reach is narrowed by what is at hand, picked for today, and undone by hand', async ({ page }) => {
  await openWithDemo(page, '/day')
  await page.getByRole('tab', { name: 'In reach' }).click()
  const all = await band(page, 'In reach')
    .getByText(/^\d+ ·/)
    .innerText()
  await narrow(page, 'any place', 'checkbox', 'Phone')
  await narrow(page, 'any length', 'radio', '10 min')
  await expect(band(page, 'In reach').getByText(all)).toBeHidden()
  await page.getByRole('button', { name: 'Pick Book the sweep for today' }).click()
  await page.getByRole('tab', { name: 'Day sheet' }).click()
  await expect(band(page, 'Picked for today').getByRole('checkbox', { name: 'Book the sweep' })).toBeVisible()
  await page.keyboard.press('Control+z')
  await expect(band(page, 'Picked for today').getByRole('checkbox', { name: 'Book the sweep' })).toBeHidden()
  await station(page, 'Tray').click()
  await page.keyboard.press('Control+Shift+Z')
  await station(page, 'Day').click()
  await expect(band(page, 'Picked for today').getByRole('checkbox', { name: 'Book the sweep' })).toBeVisible()
})

test('names as long as they may be widen no page; longer ones are refused and stay in the line', async ({
  page,
}) => {
  const longest = (letter: string) => letter.repeat(2000)
  const make = async (label: string, name: string) => {
    await page.getByRole('button', { name: label, exact: true }).first().click()
    const line = page.getByRole('textbox', { name: label, exact: true })
    await line.fill(`${name}z`)
    await line.press('Enter')
    await expect(page.getByText(/is longer than 2,000 characters/).first()).toBeAttached()
    await expect(line).toHaveValue(`${name}z`)
    await line.fill(name)
    await line.press('Enter')
    await expect(page.locator('[data-of]').filter({ hasText: name }).first()).toBeAttached()
    if (await line.isVisible()) await line.press('Escape')
  }
  const isTooWide = () => page.evaluate(() => document.documentElement.scrollWidth > window.innerWidth)
  await open(page, '/shelves')
  await make('New group', longest('g'))
  await make(`New area in ${longest('g')}`, longest('a'))
  await make(`New project in ${longest('a')}`, longest('p'))
  const card = page.getByRole('button', { name: new RegExp(`^${longest('p')}`) })
  for (const size of [{ width: 390, height: 844 }, wide]) {
    await page.setViewportSize(size)
    expect(await isTooWide()).toBe(false)
    await card.click()
    const outcome = page.getByRole('textbox', { name: 'What will be true' })
    await outcome.fill('what will be true '.repeat(2800))
    await outcome.blur()
    expect((await outcome.boundingBox())?.height).toBeLessThan(size.height)
    await page.getByRole('button', { name: 'Close', exact: true }).click()
    await page.getByRole('button', { name: 'View', exact: true }).click()
    await page.getByRole('button', { name: 'Time line' }).click()
    await expect(page.getByRole('list', { name: 'Projects and actions by date' })).toBeVisible()
    expect(await isTooWide()).toBe(false)
    await page.getByRole('button', { name: 'View', exact: true }).click()
    await page.getByRole('button', { name: 'Shelves', exact: true }).click()
  }
  await page.reload()
  await card.click()
  await expect(page.getByRole('textbox', { name: 'What will be true' })).toHaveValue(
    'what will be true '.repeat(2800),
  )
})
