// A joiner's first hour, on a phone, by touch alone: an empty start, twenty-five thoughts in his own words, sorted, a
// morning, a week, and a backup brought back onto an empty phone.
import { expect, test, type Page } from '@playwright/test'
import { band, captureLine, exported, narrow, open, plan, recordsIn, station } from './parts'

test.use({ hasTouch: true })

type Sorted = readonly [thought: string, into: string]

const thoughts: readonly Sorted[] = [
  ['ring Hollis tomorrow about the oak stairs', 'Action'],
  ['order 18mm birch ply, 6 sheets, today', 'Action'],
  ['sharpen the plane irons', 'Action'],
  ['measure up at the bakery on friday 8am, an hour', 'Action'],
  ['invoice for the Marlow wardrobes by thursday', 'Action'],
  ['van MOT before the end of the month', 'Action'],
  ['call the insurance about the broken window, 20 min', 'Action'],
  ['pick up the hinges from town', 'Action'],
  ['glue up the table top today, two hours', 'Action'],
  ['text Ana the finish samples', 'Two minutes'],
  ['put the kettle lead back', 'Two minutes'],
  ['Bakery counter: measure up, draw, price, book fitting', 'Project'],
  ['new website', 'Project'],
  ['clear the back of the workshop', 'Project'],
  ['waiting for Ana to send the drawings', 'Hand over'],
  ['plane the boards', 'Hand over'],
  ['school holidays plan, not before 1 april', 'Not before'],
  ['build a canoe', 'Someday'],
  ['learn to carve spoons', 'Someday'],
  ['a dust extractor one day', 'Someday'],
  ['paint codes: hall 7044, stairs 9010', 'Reference'],
  ['Hollis gate code 4471', 'Reference'],
  ['read the article on hide glue', 'Reading'],
  ['old phone charger', 'Let go'],
  ['that idea about the shelves', 'Let go'],
]

/** The main button of each form; what has none is decided by its compartment alone. */
const keeps: Readonly<Record<string, string | RegExp>> = {
  Action: 'Save action',
  Project: 'Save project',
  'Two minutes': 'Done',
  'Hand over': /^Hand over to (?:Ana|Piet)$/,
  'Not before': 'Save',
}

async function sortAs(page: Page, [thought, into]: Sorted): Promise<void> {
  await page.getByRole('button', { name: into, exact: true }).tap()
  // Nobody is named: to whom it goes is asked.
  if (thought === 'plane the boards') {
    await page.getByRole('button', { name: 'To whom: more' }).tap()
    await page.getByRole('combobox').fill('Piet')
    await page.getByRole('option', { name: 'make “Piet” a person' }).tap()
  }
  const keep = keeps[into]
  const form = page.locator('form, [aria-label="Two minutes"]')
  if (keep) await form.getByRole('button', { name: keep, exact: true }).tap()
}

const tickIn = async (page: Page, name: string, title: string | RegExp) => {
  const box = band(page, name).getByRole('checkbox', { name: title })
  await box.tap()
  await expect(box).toHaveCount(0)
}

/** The page on another morning. */
async function morningOf(page: Page, day: string): Promise<void> {
  await page.clock.setSystemTime(new Date(`${day}T07:30:00Z`))
  await page.goto('/day')
}

test('twenty-five thoughts, sorted, a morning, a week, and a backup brought back', async ({
  page,
  browser,
}) => {
  test.setTimeout(90_000)
  await open(page)
  const first = page.getByRole('region', { name: 'First choices' })
  await first.getByRole('textbox', { name: 'Context 1' }).fill('Workshop')
  await first.getByRole('button', { name: 'Start' }).tap()
  await expect(first).toBeHidden()
  for (const [thought] of thoughts) {
    await captureLine(page).tap()
    await captureLine(page).fill(thought)
    await page.getByRole('button', { name: 'Add to the Tray', exact: true }).tap()
    await expect(captureLine(page)).toHaveValue('')
  }
  await expect(page.getByRole('heading', { name: '25 slips' })).toBeVisible()

  await page.getByRole('button', { name: 'Sort', exact: true }).tap()
  for (const [at, [thought, into]] of thoughts.entries()) {
    await expect(page.getByRole('heading', { name: `${at + 1} of 25` })).toBeVisible()
    await expect(page.getByRole('article', { name: 'The slip' })).toContainText(thought.slice(0, 8))
    await sortAs(page, [thought, into])
  }
  await expect(page.getByRole('heading', { name: 'The Tray is empty' })).toBeVisible()

  // A morning.
  await page.getByRole('button', { name: 'See the day' }).tap()
  await expect(band(page, 'Picked for today').getByRole('checkbox')).toHaveCount(2)
  await tickIn(page, 'Picked for today', /^order 18mm birch ply/i)
  await page.getByRole('tab', { name: 'In reach' }).tap()
  await narrow(page, 'any length', 'radio', '30 min')
  await expect(page.getByRole('list', { name: 'In reach' })).toContainText('call the insurance')
  await page.getByRole('tab', { name: 'Day sheet' }).tap()
  await plan(page, 'Close the day')
  await page.getByRole('dialog', { name: 'Close the day' }).getByRole('button', { name: 'Save' }).tap()

  // The week: each morning has what was said for it.
  await morningOf(page, '2026-03-12')
  await expect(page.getByRole('checkbox', { name: /^ring Hollis about the oak stairs/i })).toBeVisible()
  await expect(band(page, 'Due today').getByRole('checkbox', { name: /Marlow wardrobes/ })).toBeVisible()
  await tickIn(page, 'Due today', /Marlow wardrobes/)
  await morningOf(page, '2026-03-13')
  await expect(band(page, 'Due today')).toContainText('08:00')
  await expect(
    band(page, 'Due today').getByRole('checkbox', { name: /^measure up at the bakery/i }),
  ).toBeVisible()
  await station(page, 'Week').tap()
  await expect(page.getByText('measure up at the bakery').first()).toBeVisible()
  await station(page, 'Shelves').tap()
  await page.getByRole('button', { name: /^Bakery counter/ }).tap()
  const project = page.getByRole('dialog', { name: 'Bakery counter' })
  for (const step of ['measure up', 'draw', 'price', 'book fitting'])
    await expect(project.getByRole('checkbox', { name: step, exact: true })).toBeVisible()
  await project.getByRole('button', { name: 'Close' }).tap()
  await page.getByRole('tab', { name: 'People' }).tap()
  await expect(page.getByRole('button', { name: /Ana/ }).first()).toBeVisible()

  // A new phone: the backup brings everything.
  const saved = await exported(page)
  const other = await browser.newContext({ hasTouch: true, viewport: { width: 390, height: 844 } })
  const phone = await other.newPage()
  await open(phone, '/settings')
  await phone
    .getByLabel('File to import')
    .setInputFiles({ name: 'backup.json', mimeType: 'application/json', buffer: Buffer.from(saved.text) })
  await phone.getByRole('dialog').getByRole('button', { name: 'Import', exact: true }).tap()
  await expect(phone.getByText('Imported.').first()).toBeAttached()
  const told = (records: object[]) => records.map((record) => JSON.stringify(record)).sort()
  expect(told(recordsIn(await exported(phone)))).toEqual(told(recordsIn(saved)))
  await other.close()
})
