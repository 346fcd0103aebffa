// Enquiries that go from a first call to their end, and shelves that are carried, left and found again.
import AxeBuilder from '@axe-core/playwright'
import { expect, test, type Page } from '@playwright/test'
import {
  carry,
  carryAtOnce,
  carryByFinger,
  exported,
  open,
  openWithDemo,
  row,
  setDown,
  wide,
  shelfPart,
} from './parts'

const stage = (page: Page, name: string) => page.getByRole('region', { name, exact: true })
const cards = (page: Page, name: string) => stage(page, name).getByRole('listitem')
const end = (page: Page, ending: string) =>
  page.getByRole('group', { name: /^How those of/ }).locator('div', { hasText: new RegExp(`^${ending}`) })

/** A group with an area, and stages on it: made by keys alone, from the board. */
async function furnished(page: Page): Promise<void> {
  await open(page, '/shelves')
  const make = async (label: string, ...names: string[]) => {
    await page.getByRole('button', { name: label, exact: true }).focus()
    await page.keyboard.press('Enter')
    for (const name of names) {
      const line = page.getByRole('textbox', { name: label, exact: true })
      await expect(line).toBeFocused()
      await expect(line).toHaveValue('')
      await page.keyboard.type(name)
      await page.keyboard.press('Enter')
    }
  }
  await make('New group', 'Practice')
  await make('New area in Practice', 'Enquiries')
  await page.getByRole('button', { name: /^Enquiries/ }).focus()
  await page.keyboard.press('Enter')
  await expect(page.getByRole('complementary', { name: 'Enquiries' })).toBeVisible()
  await make('New stage', 'First call', 'Visit', 'Offer out')
  await make('New project in Enquiries', 'Mill school', 'Linden Court')
  await expect(cards(page, 'First call')).toHaveCount(2)
}

test('an enquiry goes from its first call to won: carried by the mouse and by keys, told in days, and taken back', async ({
  page,
}) => {
  test.setTimeout(90_000)
  await page.setViewportSize(wide)
  await furnished(page)
  await page.getByRole('button', { name: 'Visit: 0. How many at most' }).click()
  await page
    .getByRole('dialog', { name: 'At most in Visit' })
    .getByRole('button', { name: '1', exact: true })
    .click()
  await carry(page, 'Mill school', stage(page, 'Visit'))
  await expect(cards(page, 'Visit')).toHaveText([/Mill school/])
  await carry(page, 'Linden Court', stage(page, 'Visit'))
  await expect(stage(page, 'Visit').getByText('2 of 1, too many')).toBeVisible()

  // Three days on; by keys, the focus goes along.
  await page.clock.setFixedTime(new Date('2026-03-14T09:05:00Z'))
  await page.reload()
  const mill = page.getByRole('button', { name: /^Mill school/ })
  await expect(mill).toContainText('3 days here')
  await mill.focus()
  await page.keyboard.press('Alt+ArrowRight')
  await expect(cards(page, 'Offer out')).toHaveText([/Mill school/])
  await expect(mill).toBeFocused()
  await expect(stage(page, 'Visit').getByText('1 went on, in 3 days')).toBeVisible()
  const { violations } = await new AxeBuilder({ page }).setLegacyMode().analyze()
  expect(violations.filter(({ impact }) => impact === 'serious' || impact === 'critical')).toEqual([])
  await page.keyboard.press('Alt+ArrowRight')
  await expect(end(page, 'won')).toHaveText('won1')
  await expect(mill).toBeHidden()
  await page.getByRole('button', { name: 'Undo', exact: true }).click()
  await expect(cards(page, 'Offer out')).toHaveText([/Mill school/])

  // Not won, with its reason, on its own page; found by search, and it goes on where it was.
  await mill.click()
  const pane = page.getByRole('complementary', { name: 'Mill school' })
  await pane.getByRole('button', { name: 'at Offer out' }).click()
  await page.getByRole('dialog', { name: 'Stage' }).getByRole('button', { name: 'not won' }).click()
  await pane.getByRole('textbox', { name: 'Why it ended' }).fill('too dear for the parish')
  await expect(end(page, 'not won')).toHaveText('not won1')
  await pane.getByRole('button', { name: 'Reopen' }).click()
  await expect(cards(page, 'Offer out')).toHaveText([/Mill school/])
  await expect(pane.getByRole('textbox', { name: 'Why it ended' })).toBeHidden()
})

test('a card that is carried quicker than the screen is drawn still lies where it was let go', async ({
  page,
}) => {
  await page.setViewportSize(wide)
  await furnished(page)
  await expect(page.locator('.carries').first()).toBeVisible()
  const mill = page.getByRole('button', { name: /^Mill school/ })
  await carryAtOnce(page, mill, stage(page, 'Visit'))
  await expect(cards(page, 'Visit')).toHaveText([/Mill school/])
})

test('stages are a strip on a phone, and a finger carries along it; a stage is left out with what stands in it', async ({
  browser,
}) => {
  const context = await browser.newContext({ hasTouch: true, viewport: { width: 390, height: 844 } })
  const page = await context.newPage()
  await openWithDemo(page, '/shelves')
  const first = stage(page, 'First call')
  await first.scrollIntoViewIfNeeded()
  const box = await first.boundingBox()
  // The next one looks in from the right.
  expect(box && box.width < 330).toBe(true)
  await expect(stage(page, 'Visit')).toBeInViewport()
  await carryByFinger(page, 'Ferry house rehearsal cellar', row(page, 'Linden Court dining room'))
  await expect(first.getByRole('listitem').last()).toContainText('Ferry house')

  await page.getByRole('button', { name: /^Enquiries/ }).click()
  await page.getByRole('button', { name: 'Delete Offer out' }).click()
  const asked = page.getByRole('dialog', { name: 'Delete the stage “Offer out”?' })
  await expect(asked).toContainText('2 projects are in it. Where do they go?')
  await asked.getByRole('button', { name: 'To Visit' }).click()
  await page.keyboard.press('Escape')
  await expect(stage(page, 'Offer out')).toHaveCount(0)
  await expect(cards(page, 'Visit')).toHaveCount(3)
  await context.close()
})

test('a project is carried to another area; an area says what is in it, goes, and is whole again by one undo', async ({
  page,
}) => {
  test.setTimeout(90_000)
  await page.setViewportSize(wide)
  await openWithDemo(page, '/shelves')
  await row(page, 'A case that closes').evaluate((card) => card.scrollIntoView({ block: 'start' }))
  await carry(page, 'A case that closes', page.getByRole('list', { name: 'Projects in Teaching' }))
  await expect(page.getByRole('list', { name: 'Projects in Teaching' })).toContainText('A case that closes')

  const before = await exported(page)
  await page.goto('/shelves')
  await page.getByRole('button', { name: /^Office/ }).click()
  const pane = page.getByRole('complementary', { name: 'Office' })
  await pane.getByRole('button', { name: 'Close the area' }).click()
  const asked = page.getByRole('dialog', { name: 'Close “Office”?' })
  await expect(asked).toContainText('7 projects and 24 open actions are in it.')
  await asked.getByRole('button', { name: 'Close the area, all goes to another' }).click()
  await page.getByRole('option', { name: 'Instruments' }).click()
  await expect(page.getByRole('list', { name: 'Projects in Instruments' })).toContainText('Quarter accounts')
  await expect(page.getByRole('button', { name: /^Office/ })).toBeHidden()
  await page.getByRole('button', { name: 'Undo', exact: true }).click()
  await expect(page.getByRole('list', { name: 'Projects in Office' })).toContainText('Quarter accounts')
  const after = await exported(page)
  const records = ({ records: [all] }: { records: unknown[] }) =>
    (all as { record: object }[]).map(({ record }) => record)
  expect(records(after)).toEqual(records(before))
})

test('what rests until a day is there again on its morning, also after days away', async ({ page }) => {
  await page.setViewportSize(wide)
  await furnished(page)
  await page.getByRole('button', { name: /^Linden Court/ }).click()
  const pane = page.getByRole('complementary', { name: 'Linden Court' })
  await pane.getByRole('textbox', { name: 'Say what to change' }).fill('not now until friday')
  await page.keyboard.press('Enter')
  await expect(pane.getByRole('button', { name: 'not now until Fri 13 Mar' })).toBeVisible()
  await page.clock.setFixedTime(new Date('2026-03-12T09:05:00Z'))
  await page.reload()
  await expect(pane.getByRole('button', { name: /^not now until/ })).toBeVisible()
  await page.clock.setFixedTime(new Date('2026-03-17T09:05:00Z'))
  await page.reload()
  await expect(page.getByText('Rested until today: Linden Court').first()).toBeVisible()
  await expect(pane.getByRole('button', { name: 'open', exact: true })).toBeVisible()
})

test('a month of the tickler: carried to another month and by keys, and on each morning there, also after days away', async ({
  page,
}) => {
  test.setTimeout(90_000)
  await page.setViewportSize(wide)
  await open(page)
  await setDown(
    page,
    'not before 13 march: renew the permit',
    'not before 20 march: book the van',
    'not before 30 march: thank the choir',
  )
  for (const title of ['renew the permit', 'book the van', 'thank the choir']) {
    await page.getByRole('button', { name: `Sort ${title}` }).click()
    await page.getByRole('button', { name: 'Not before', exact: true }).click()
    await page.getByRole('form').getByRole('button', { name: 'Save', exact: true }).click()
    await expect(page.getByText(new RegExp(`Not before .*: ${title}`)).first()).toBeVisible()
    await page.goto('/')
  }
  await page.goto('/shelves')
  await shelfPart(page, 'Kept', 'Tickler')
  const months = page.getByRole('navigation', { name: 'The months ahead' })
  await expect(months.getByRole('button', { name: /^Mar/ })).toHaveText(/3 actions/)
  await carry(page, 'thank the choir', months.getByRole('button', { name: /^Apr/ }))
  await expect(page.getByRole('list', { name: 'Wednesday, 1 April' })).toContainText('thank the choir')
  await page.getByRole('button', { name: /^book the van/ }).focus()
  await page.keyboard.press('Alt+ArrowDown')
  await expect(page.getByRole('list', { name: 'Saturday, 21 March' })).toContainText('book the van')
  await expect(page.getByRole('button', { name: /^book the van/ })).toBeFocused()

  const waits = async (day: string, ...titles: string[]) => {
    await page.clock.setFixedTime(new Date(`${day}T09:05:00Z`))
    await page.goto('/')
    const heading = titles.length > 0 ? `${titles.length} back today` : 'Nothing here yet'
    await expect(page.getByRole('heading', { name: heading })).toBeVisible()
    for (const title of titles) await expect(row(page, title)).toBeVisible()
  }
  await waits('2026-03-12')
  await waits('2026-03-13', 'renew the permit')
  await page.getByRole('checkbox', { name: 'renew the permit' }).click()
  await waits('2026-03-20')
  // Away over a week: what came meanwhile is there, and says since when.
  await waits('2026-04-02', 'book the van', 'thank the choir')
  await expect(row(page, 'book the van')).toContainText(/21 Mar/)
})
