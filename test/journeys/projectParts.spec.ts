// Parts of a project, carried: from the page of their whole to a shelf and back into it, and by a finger among
// themselves.
import { expect, test, type Page } from '@playwright/test'
import { carry, carryByFinger, exported, open, openWithDemo, recordsIn, wide } from './parts'

const whole = 'Move the studio to the mill loft'
const parts = (page: Page) => page.getByRole('list', { name: `Parts of ${whole}` }).getByRole('listitem')
const shelf = (page: Page, area: string) => page.getByRole('list', { name: `Projects in ${area}` })
const openWhole = (page: Page) => page.getByRole('button', { name: new RegExp(`^${whole}`) }).click()

test('a part is carried from the page of its whole onto a shelf and back into it; one undo each, with nothing else changed', async ({
  page,
}) => {
  test.setTimeout(60_000)
  await page.setViewportSize(wide)
  await openWithDemo(page, '/shelves')
  const before = recordsIn(await exported(page))
  await page.goto('/shelves')
  await openWhole(page)
  await expect(parts(page)).toHaveText([/The lease/, /The floor and the door/, /Moving day/])
  await carry(page, 'Moving day', shelf(page, 'Client rooms'))
  await expect(parts(page)).toHaveText([/The lease/, /The floor and the door/])
  await expect(shelf(page, 'Client rooms')).toContainText('Moving day')
  await carry(page, 'Moving day', parts(page).last())
  await expect(parts(page)).toHaveText([/The lease/, /Moving day/, /The floor and the door/])
  await expect(shelf(page, 'Client rooms')).not.toContainText('Moving day')
  for (let undone = 0; undone < 2; undone++)
    await page.getByRole('button', { name: 'Undo', exact: true }).click()
  await expect(parts(page)).toHaveText([/The lease/, /The floor and the door/, /Moving day/])
  // What is opened next is read from its top, however far this one was scrolled.
  await parts(page).first().getByRole('button').click()
  await expect(page.getByRole('textbox', { name: 'Title' })).toHaveValue('The lease')
  await expect(page.getByText(`Part of ${whole}`)).toBeInViewport()
  expect(recordsIn(await exported(page))).toEqual(before)
})

test('two tabs carry the same project to two areas at the same moment: it stands once, on the same area in both', async ({
  page,
  context,
}) => {
  await page.setViewportSize(wide)
  await openWithDemo(page, '/shelves')
  const other = await context.newPage()
  await other.setViewportSize(wide)
  await open(other, '/shelves')
  const tabs = [page, other]
  const card = (tab: Page) => tab.getByRole('button', { name: /^Quarter accounts/ })
  const standsOn = (tab: Page) =>
    card(tab).evaluateAll((all) => all.map((one) => one.closest('ul')?.getAttribute('aria-label')))
  for (const tab of tabs) await card(tab).focus()
  expect(await standsOn(page)).toEqual(['Projects in Office'])
  await Promise.all(tabs.map((tab, at) => tab.keyboard.press(at === 0 ? 'Alt+ArrowUp' : 'Alt+ArrowDown')))
  await expect(async () => {
    const [here, there] = [await standsOn(page), await standsOn(other)]
    expect(here).toHaveLength(1)
    expect(here).toEqual(there)
    expect(here).not.toEqual(['Projects in Office'])
  }).toPass({ timeout: 10_000 })
  const where = await standsOn(page)
  await page.reload()
  await expect(card(page)).toBeVisible()
  expect(await standsOn(page)).toEqual(where)
})

test.describe('with a finger', () => {
  test.use({ hasTouch: true, isMobile: true })
  test('parts are carried into another order on the page, which lies over the shelves', async ({ page }) => {
    await openWithDemo(page, '/shelves')
    await openWhole(page)
    await expect(parts(page)).toHaveText([/The lease/, /The floor and the door/, /Moving day/])
    await carryByFinger(page, 'Moving day', parts(page).first())
    await expect(parts(page)).toHaveText([/Moving day/, /The lease/, /The floor and the door/])
  })
})
