// Templates: kept from a project, used with blanks and dates counted back from a day, offered to a slip, shared as a
// file.
import AxeBuilder from '@axe-core/playwright'
import { expect, test, type Page } from '@playwright/test'
import { readFileSync } from 'node:fs'
import { exported, open, openWithDemo, recordsIn, setDown, wide, shelfPart } from './parts'

const templates = (page: Page) => shelfPart(page, 'Projects', 'Templates')
const sheet = (page: Page, name: string) => page.getByRole('dialog', { name })
const shown = (page: Page) => page.getByRole('list', { name: 'Its actions' }).getByRole('listitem')
const serious = async (page: Page) => {
  const { violations } = await new AxeBuilder({ page }).setLegacyMode().analyze()
  return violations.filter(({ impact }) => impact === 'serious' || impact === 'critical').map(({ id }) => id)
}

test('a project from a template: blanks asked once, every date shown before, made in one act and taken back by one undo', async ({
  page,
}) => {
  test.setTimeout(90_000)
  await page.setViewportSize(wide)
  await openWithDemo(page, '/shelves')
  const before = await exported(page)
  await page.goto('/shelves')
  await templates(page)
  await page.getByRole('button', { name: 'Use Site visit at ‹Place›' }).click()
  const asked = sheet(page, 'Make a project')
  await expect(asked.getByText('Left blank: Place, Day.')).toBeVisible()
  await asked.getByRole('textbox', { name: 'Place' }).fill('Mill school')
  await asked.getByRole('button', { name: 'Choose the day' }).click()
  await sheet(page, 'Day').getByRole('button', { name: 'The month after' }).click()
  await sheet(page, 'Day')
    .getByRole('button', { name: /Friday,? 3 April/ })
    .or(sheet(page, 'Day').getByRole('button', { name: /April 3/ }))
    .first()
    .click()
  await expect(shown(page)).toHaveText([
    /Ask Mill school for plans and a quiet hour.*due Fri 20 Mar/,
    /Book the van.*due Fri 27 Mar/,
    /Charge and pack the meters.*to do Thu 2 Apr/,
    /Measure Mill school.*fixed Fri 3 Apr, 10:00/,
    /Copy the readings off the meters.*to do Mon 6 Apr/,
    /Write to Mill school what was heard.*due Mon 6 Apr/,
  ])
  expect(await serious(page)).toEqual([])
  // Nothing is made by looking.
  await expect(asked.getByText(/in the past/)).toBeHidden()
  await asked.getByRole('button', { name: 'Make it' }).click()
  const made = page.getByRole('complementary', { name: 'Site visit at Mill school' })
  await expect(made.getByRole('button', { name: /^due Fri 3 Apr/ })).toBeVisible()
  await expect(
    made.getByText('Mill school is measured, and the people there know what comes next'),
  ).toBeVisible()
  await page.getByRole('button', { name: 'Undo', exact: true }).click()
  await expect(made).toBeHidden()
  const after = await exported(page)
  expect(recordsIn(after)).toEqual(recordsIn(before))
})

test('a month is filled from a template, its dates counted from its first day; one undo', async ({
  page,
}) => {
  await page.setViewportSize(wide)
  await openWithDemo(page, '/week?view=month')
  await page.getByRole('button', { name: 'The month after' }).click()
  await page.getByRole('button', { name: 'Fill the month from a template' }).click()
  await sheet(page, 'From which template?')
    .getByRole('option', { name: /^Site visit/ })
    .click()
  const asked = sheet(page, 'Make a project')
  await expect(shown(page).filter({ hasText: 'Measure' })).toHaveText(/fixed Wed 1 Apr, 10:00/)
  await asked.getByRole('textbox', { name: 'Place' }).fill('Mill school')
  await asked.getByRole('button', { name: 'Make it' }).click()
  await page.getByRole('button', { name: 'Close' }).first().click()
  const first = page.locator('.month [data-place="day 2026-04-01"]')
  await expect(first).toContainText('10:00 Measure Mill school')
  await page.keyboard.press('z')
  await expect(first).not.toContainText('Mill school')
})

test('a slip that sounds like a template is offered it, with what was said; what lies in the past is told', async ({
  page,
}) => {
  await openWithDemo(page)
  await setDown(page, 'site visit for Ferry cellar on friday')
  await page.getByRole('button', { name: 'Sort site visit for Ferry cellar' }).click()
  await page.getByRole('button', { name: 'Use the template “Site visit at ‹Place›”' }).click()
  const asked = sheet(page, 'Make a project')
  await expect(asked.getByRole('textbox', { name: 'Place' })).toHaveValue('Ferry cellar')
  await expect(asked.getByRole('button', { name: 'Fri 13 Mar' })).toBeVisible()
  await expect(asked.getByText('2 dates are in the past. They are created anyway.')).toBeVisible()
  await asked.getByRole('button', { name: 'Make it' }).click()
  await page.goto('/')
  await expect(page.getByRole('heading', { name: '25 slips' })).toBeVisible()
})

test('a project kept as a template by keys, a name in it made a blank, its date counted otherwise; shared and brought in', async ({
  page,
}) => {
  test.setTimeout(90_000)
  await page.setViewportSize(wide)
  await openWithDemo(page, '/shelves')
  await page.getByRole('button', { name: /^Fenwick Hall/ }).focus()
  await page.keyboard.press('Enter')
  const project = page.getByRole('complementary', { name: 'Fenwick Hall echo report' })
  await project.getByRole('button', { name: 'Save as template' }).focus()
  await page.keyboard.press('Enter')
  const pane = page.getByRole('complementary').filter({ hasText: 'Template of a project' })
  await pane.getByRole('button', { name: 'Fenwick Hall', exact: true }).focus()
  await page.keyboard.press('Enter')
  await expect(pane.getByRole('textbox', { name: 'Title' })).toHaveValue('‹Name› echo report')
  expect(await serious(page)).toEqual([])
  const first = pane.getByRole('list', { name: 'Actions of the template' }).getByRole('button').first()
  const title = (await first.textContent()) ?? ''
  await first.focus()
  await page.keyboard.press('Enter')
  await page.getByRole('button', { name: 'More to set' }).click()
  await page.getByRole('button', { name: 'not before' }).click()
  const counting = sheet(page, 'Not before')
  await counting.getByRole('textbox', { name: 'Or say it' }).fill('soon')
  await page.keyboard.press('Enter')
  await expect(counting.getByText(/Try “14 days before”/)).toBeVisible()
  await counting.getByRole('textbox', { name: 'Or say it' }).fill('three working days before')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('button', { name: 'not before 3 working days before Day' })).toBeVisible()
  expect(title).not.toBe('')
  // The offer that was taken is gone; the focus stays in the line.
  await expect(page.getByRole('group', { name: 'What is set' }).locator(':focus')).toHaveCount(1)

  await templates(page)
  await page.getByRole('button', { name: /^‹Name› echo report/ }).click()
  // What is asked as a number takes nothing else, and says so; nothing is made meanwhile.
  await page.getByRole('combobox', { name: 'What Name is' }).selectOption('a number')
  await page.getByRole('button', { name: 'Use it' }).click()
  const asked = sheet(page, 'Make a project')
  await asked.getByRole('textbox', { name: 'Name' }).fill('many')
  await expect(asked.getByText('Type a number such as 12 or 3.5.')).toBeVisible()
  await asked.getByRole('textbox', { name: 'Name' }).press('Enter')
  await expect(asked.getByRole('textbox', { name: 'Name' })).toHaveValue('many')
  await asked.getByRole('textbox', { name: 'Name' }).fill('1 200')
  await expect(asked.getByText('1 200 echo report').first()).toBeVisible()
  await asked.getByRole('button', { name: 'Cancel' }).click()
  const download = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Share as a file' }).click()
  const file = await (await download).path()
  expect(readFileSync(file, 'utf8')).toContain('zen-tray template')
  await page.getByLabel('Template file to import').setInputFiles(file)
  await expect(page.getByRole('button', { name: 'Use ‹Name› echo report' })).toHaveCount(2)
  await page
    .getByLabel('Template file to import')
    .setInputFiles({ name: 'x.json', mimeType: 'application/json', buffer: Buffer.from('{"format":"x"}') })
  await expect(
    page
      .getByText(
        'This isn’t a template file. Nothing was changed. Choose a file that was shared from a template.',
      )
      .first(),
  ).toBeVisible()
})

test('a template with a file is shared, taken in by somebody else, and makes a project with the file', async ({
  page,
  browser,
}) => {
  await page.setViewportSize(wide)
  await openWithDemo(page, '/shelves')
  await page.getByRole('button', { name: /^Fenwick Hall/ }).click()
  const project = page.getByRole('complementary', { name: 'Fenwick Hall echo report' })
  await project.getByRole('button', { name: 'Add material' }).click()
  const drawing = {
    name: 'drawing.txt',
    mimeType: 'text/plain',
    buffer: Buffer.from('the hall\n'.repeat(40)),
  }
  await project.getByLabel('Files to add').setInputFiles(drawing)
  await expect(project.getByText('drawing.txt')).toBeVisible()
  await project.getByRole('button', { name: 'Save as template' }).click()
  const download = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Share as a file' }).click()
  const file = await download
  expect(file.suggestedFilename()).toMatch(/\.template\.zip$/)

  const other = await (await browser.newContext({ serviceWorkers: 'block' })).newPage()
  await open(other, '/shelves')
  await templates(other)
  await other.getByLabel('Template file to import').setInputFiles(await file.path())
  await other.getByRole('button', { name: 'Use it' }).click()
  await expect(sheet(other, 'Make a project').getByText(/file drawing\.txt/i)).toBeVisible()
  await other.getByRole('button', { name: 'Make it' }).click()
  await expect(other.getByRole('textbox', { name: 'Title' })).toHaveValue('Fenwick Hall echo report')
  await expect(other.getByText('drawing.txt')).toBeVisible()
  const saved = other.waitForEvent('download')
  await other.getByRole('button', { name: 'Save drawing.txt' }).click()
  expect(readFileSync(await (await saved).path(), 'utf8')).toBe('the hall\n'.repeat(40))
  await other.context().close()
})
