// For every reader and every screen: nothing that axe finds serious, nothing cut or wider than the page.
import AxeBuilder from '@axe-core/playwright'
import { expect, test, type Page } from '@playwright/test'
import { measureContrast } from './contrast'
import { narrow, openWithDemo, plan, wide, shelfPart } from './parts'

/** The stations, in groups that take about as long as one another to look at. */
const stations = {
  'where the day is': ['/', '/sorting', '/day'],
  'where the weeks are': ['/week', '/week?view=month', '/week?view=year'],
  'where things are kept': ['/shelves', '/review', '/review?view=back', '/settings', '/help', '/nowhere'],
}
const places = Object.values(stations).flat()

/** A lens of the demo as a table and one as columns, by what the device remembers of them. */
const lensPlaces = ['/day?lens=lens:ready-short', '/day?lens=lens:ready-by-date'] as const

async function settle(page: Page, path: string): Promise<void> {
  await page.goto(path)
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
}

/**
 * How much wider than the window the page is, once two frames have been drawn: the layout follows a new width a
 * moment later.
 */
const overflow = (page: Page) =>
  page.evaluate(async () => {
    for (let frame = 0; frame < 2; frame++) await new Promise((resolve) => requestAnimationFrame(resolve))
    return document.documentElement.scrollWidth - window.innerWidth
  })

async function seriousFaults(page: Page): Promise<string[]> {
  // There are no frames to look into, which is what the other way opens a page for each time.
  const axe = new AxeBuilder({ page }).setLegacyMode().options({ resultTypes: ['violations'] })
  const { violations } = await axe
    .withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'])
    .analyze()
  return violations
    .filter(({ impact }) => impact === 'serious' || impact === 'critical')
    .map(
      ({ id, nodes }) =>
        `${id}: ${nodes
          .slice(0, 3)
          .map(({ html }) => html.slice(0, 140))
          .join(' | ')}`,
    )
}

/** In the second theme nothing but the colours can be another: names, roles and structure are the same page. */
async function faintFaults(page: Page): Promise<string[]> {
  const found: string[] = []
  const ink = () =>
    page.evaluate(() => getComputedStyle(document.querySelector('h1, h2') ?? document.body).color)
  const light = await ink()
  for (const colorScheme of ['dark', 'light'] as const) {
    await page.emulateMedia({ colorScheme, reducedMotion: 'reduce' })
    if (colorScheme === 'dark') await expect.poll(ink).not.toBe(light)
    else await expect.poll(ink).toBe(light)
    const { places, faults } = await measureContrast(page)
    expect(places).toBeGreaterThan(5)
    found.push(...faults.map((fault) => `${colorScheme}: ${fault}`))
  }
  return found
}

/** What axe and the contrast of both themes say of the page as it is. */
const faults = async (page: Page) => [...(await seriousFaults(page)), ...(await faintFaults(page))]

test.describe('axe finds nothing serious, and everything can be read in both themes', () => {
  // Each place is looked at by axe once and measured twice, which is work for the processor alone.
  test.describe.configure({ timeout: 150_000 })
  test.beforeEach(async ({ page }) => {
    await page.emulateMedia({ colorScheme: 'light', reducedMotion: 'reduce' })
    await openWithDemo(page)
  })

  for (const [where, paths] of Object.entries(stations))
    test(where, async ({ page }) => {
      for (const path of paths) {
        await settle(page, path)
        expect(await faults(page), path).toEqual([])
      }
    })

  test('the glance, and stations on a wide page', async ({ page }) => {
    await page.goto('/glance')
    await expect(page.getByText('Open the day')).toBeVisible()
    expect(await faults(page), 'the glance').toEqual([])
    await page.setViewportSize(wide)
    for (const path of ['/day', '/week', '/shelves']) {
      await settle(page, path)
      expect(await faults(page), `${path} wide`).toEqual([])
    }
    await page.goto('/week')
    await page.getByRole('button', { name: 'Times to offer' }).click()
    await page.getByRole('button', { name: 'Copy and hold' }).click()
    await expect(page.getByRole('dialog')).toHaveCount(0)
    await page.getByRole('button', { name: 'Times to offer' }).click()
    await expect(page.getByRole('list', { name: 'Held for others' })).toBeVisible()
    expect(await faults(page), 'times to offer').toEqual([])
    await page.keyboard.press('Escape')
    // What is too faint is told.
    await page.addStyleTag({ content: 'main button { opacity: 0.3 !important }' })
    expect(await faintFaults(page)).not.toEqual([])
  })

  test('in a review and on a report', async ({ page }) => {
    await page.goto('/review')
    await page.getByRole('button', { name: 'Parts of the review' }).click()
    await expect(page.getByRole('list', { name: 'Parts', exact: true })).toBeVisible()
    expect(await faults(page), 'parts of the review').toEqual([])
    await page.keyboard.press('Escape')
    await page.getByRole('button', { name: 'Start the review', exact: true }).click()
    const stones = page.getByRole('list', { name: 'Parts of the review' })
    for (const name of ['Not done', 'Waiting', 'Projects', 'Someday', 'Order']) {
      await stones.getByRole('button', { name: new RegExp(`^${name}`) }).click()
      await expect(stones.locator('[aria-current]')).toHaveAccessibleName(new RegExp(`^${name}`))
      expect(await faults(page), name).toEqual([])
    }
    await page.goto('/review?view=back')
    await page.getByRole('radio', { name: 'Month' }).click()
    await page.getByRole('button', { name: 'Report' }).click()
    await expect(page.getByRole('table', { name: 'Report' })).toBeVisible()
    expect(await faults(page), 'a report').toEqual([])
    await page.keyboard.press('Escape')
    await page.getByRole('button', { name: 'Search' }).click()
    await page.getByRole('textbox', { name: 'Search for' }).fill('What did I do for Oda in February?')
    await page
      .getByRole('group', { name: 'Understood' })
      .getByRole('button', { name: 'What was done' })
      .click()
    await expect(page.getByRole('list', { name: 'Found' }).getByRole('listitem').first()).toBeVisible()
    expect(await faults(page), 'a question answered').toEqual([])
    await page.getByRole('textbox', { name: 'Search for' }).fill('will Oda ever pay?')
    await expect(page.getByRole('button', { name: 'Ask: What did I do for Oda?' })).toBeVisible()
    expect(await faults(page), 'a question that can’t be answered').toEqual([])
  })

  test('on an action and what it is chosen from', async ({ page }) => {
    await page.goto('/day')
    await page.locator('[data-row]').first().click()
    await expect(page.getByRole('group', { name: 'Add' })).toBeVisible()
    expect(await faults(page), 'an opened action').toEqual([])
    await page.getByRole('dialog').getByRole('button', { name: 'More', exact: true }).click()
    await expect(page.getByRole('region', { name: 'History' })).toBeVisible()
    expect(await faults(page), 'more of an action').toEqual([])
    await page.keyboard.press('Escape')
    await page.getByRole('group', { name: 'What is set' }).getByRole('button').first().click()
    await expect(page.getByRole('grid')).toBeVisible()
    expect(await faults(page), 'the chooser of days').toEqual([])
    await page.keyboard.press('Escape')
    await page.getByRole('button', { name: /^Change: |^no project or area/ }).click()
    await expect(page.getByRole('combobox')).toBeVisible()
    expect(await faults(page), 'the chooser of shelves').toEqual([])
  })

  test('on people, their facts, what is raised, a text to send and the board', async ({ page }) => {
    await page.goto('/shelves?part=persons')
    await page.getByRole('button', { name: /^Oda/ }).click()
    const person = page.getByRole('dialog', { name: 'Oda' })
    await expect(person.getByRole('link', { name: /^Ring mobile/ })).toBeVisible()
    expect(await faults(page), 'a person').toEqual([])
    await person.getByRole('button', { name: 'More' }).click()
    await page.getByRole('button', { name: 'Edit facts' }).click()
    await expect(person.getByRole('textbox', { name: 'Label of mobile' })).toBeVisible()
    expect(await faults(page), 'facts that are edited').toEqual([])
    await person.getByRole('button', { name: 'Chase all' }).click()
    await expect(page.getByRole('textbox', { name: 'Text for Oda' })).toBeVisible()
    expect(await faults(page), 'a text to send').toEqual([])
    await page.keyboard.press('Escape')
    await person.getByRole('button', { name: 'Meeting note', exact: true }).click()
    await expect(page.getByRole('checkbox', { name: /^Raised: / })).toHaveCount(3)
    expect(await faults(page), 'what is raised in a meeting').toEqual([])
    await page.goto('/shelves?part=board')
    await expect(page.getByRole('list', { name: 'Board' })).toBeVisible()
    expect(await faults(page), 'the board').toEqual([])
  })

  test('on meeting notes, check boxes and a walk', async ({ page }) => {
    await page.goto('/shelves')
    await shelfPart(page, 'Kept', 'Meeting notes')
    await page.getByRole('button', { name: /^Call with Kofi/ }).click()
    await expect(page.getByRole('heading', { name: 'The hatch' })).toBeVisible()
    expect(await faults(page), 'a meeting note').toEqual([])
    await page.getByRole('button', { name: 'Edit note: Meeting note' }).click()
    await expect(page.getByRole('toolbar')).toBeVisible()
    expect(await faults(page), 'a meeting note that is written in').toEqual([])
    await page.goto('/shelves')
    await shelfPart(page, 'Kept', 'Check boxes')
    await expect(page.getByRole('button', { name: /^Make an action of/ }).first()).toBeVisible()
    expect(await faults(page), 'every open check box').toEqual([])
    await shelfPart(page, 'Kept', 'Checklists')
    await page.getByRole('button', { name: /Saturday market/ }).click()
    await page.getByRole('button', { name: 'Walk through it' }).click()
    await expect(page.getByText('2 of 5')).toHaveCount(3)
    expect(await faults(page), 'walking').toEqual([])
  })

  test('on the sheets of a day and its hours', async ({ page }) => {
    await page.goto('/day')
    for (const act of ['Plan the day', 'Spread out', 'Close the day'] as const) {
      await plan(page, act)
      await expect(page.getByRole('dialog')).toBeVisible()
      expect(await faults(page), act).toEqual([])
      await page.keyboard.press('Escape')
    }
    await page.getByRole('button', { name: 'Show as hours' }).click()
    await page
      .getByRole('button', { name: / free: / })
      .first()
      .click()
    await expect(page.getByRole('list', { name: 'What fits' })).toBeVisible()
    expect(await faults(page), 'a gap of the day').toEqual([])
    await page.keyboard.press('Escape')
    await expect(page.getByRole('list', { name: 'Hours of today' })).toBeVisible()
    expect(await faults(page), 'the day as hours').toEqual([])
  })

  test('on lenses and what narrows them', async ({ page }) => {
    await page.goto('/day')
    await page.getByRole('tab', { name: 'In reach' }).click()
    await narrow(page, 'any length', 'radio', '30 min')
    await page.getByRole('button', { name: 'Unfold what is just out of reach' }).click()
    expect(await faults(page), 'in reach').toEqual([])
    await page.getByRole('tab', { name: 'All lenses' }).click()
    await expect(page.getByRole('list', { name: 'Lenses' })).toBeVisible()
    expect(await faults(page), 'all lenses').toEqual([])
    await page.getByRole('tab', { name: 'Short and light' }).click()
    await page.getByRole('button', { name: 'Say more of this lens' }).click()
    await expect(page.getByRole('dialog')).toBeVisible()
    expect(await faults(page), 'what else of a lens').toEqual([])
    await page.getByRole('dialog').getByRole('button', { name: 'due', exact: true }).click()
    expect(await faults(page), 'a condition of a lens').toEqual([])
    await page.keyboard.press('Escape')
    for (const view of ['columns', 'table', 'by date']) {
      await page.getByRole('radio', { name: view, exact: true }).click()
      await expect(page.getByRole('checkbox').first()).toBeVisible()
      expect(await faults(page), `a lens shown as ${view}`).toEqual([])
    }
    await page.getByRole('button', { name: 'Details on a row' }).click()
    await expect(page.getByRole('dialog')).toBeVisible()
    expect(await faults(page), 'the details of a row').toEqual([])
  })

  test('on sorting and on what is set down', async ({ page }) => {
    await page.goto('/sorting')
    await page.getByRole('button', { name: 'Action', exact: true }).click()
    expect(await faults(page), 'sorting an action').toEqual([])
    await page.keyboard.press('Escape')
    await page.getByRole('button', { name: 'Hand over', exact: true }).click()
    expect(await faults(page), 'handing over').toEqual([])
    await page.goto('/')
    await page
      .getByRole('textbox', { name: 'Add to the Tray' })
      .fill('send it by 3/4, saturday morning, phone')
    await page.getByRole('button', { name: /^the stairwell/ }).click()
    await expect(page.getByRole('list', { name: 'Files' })).toBeVisible()
    expect(await faults(page), 'chips, guesses and files').toEqual([])
  })
})

test('nothing is wider than the page from 320 to 1920, or with text at 200 %', async ({ page }) => {
  test.setTimeout(150_000)
  await page.addInitScript(() => {
    localStorage.setItem('zen-tray:lens-view:lens:ready-short', 'table')
    localStorage.setItem('zen-tray:lens-view:lens:ready-by-date', 'columns')
  })
  await openWithDemo(page)
  for (const path of [...places, '/glance', ...lensPlaces]) {
    await settle(page, path)
    for (const width of [320, 390, 700, 900, 1024, 1280, 1920]) {
      await page.setViewportSize({ width, height: 800 })
      await expect.poll(() => overflow(page), { message: `${path} at ${width}` }).toBeLessThanOrEqual(0)
    }
    await page.setViewportSize({ width: 390, height: 844 })
    await page.addStyleTag({ content: 'html { font-size: 200% }' })
    await expect.poll(() => overflow(page), { message: `${path} with large text` }).toBeLessThanOrEqual(0)
  }
})

const ground = (page: Page) =>
  page.evaluate(
    () => getComputedStyle(document.getElementById('station')?.parentElement as Element).backgroundColor,
  )

test('the theme follows the system until one is chosen', async ({ page }) => {
  await page.emulateMedia({ colorScheme: 'dark' })
  await openWithDemo(page, '/settings')
  await expect(page.getByRole('radio', { name: 'as the system' })).toBeChecked()
  expect(await ground(page)).toBe('rgb(20, 18, 15)')
  await page.getByRole('radio', { name: 'paper' }).click()
  await expect.poll(() => ground(page)).toBe('rgb(239, 233, 220)')
  await page.reload()
  await expect(page.getByRole('radio', { name: 'paper' })).toBeChecked()
  expect(await ground(page)).toBe('rgb(239, 233, 220)')
})
