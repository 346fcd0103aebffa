// Sorting: nine compartments, by key, by tap and by carrying the slip there.
import { expect, test, type Page } from '@playwright/test'
import { band, carryAtOnce, open, setDown, shelfPart, station, wide } from './parts'

async function openSorting(page: Page, ...sentences: string[]): Promise<void> {
  await open(page)
  await setDown(page, ...sentences)
  await page.goto('/sorting')
  await expect(page.getByRole('group', { name: 'Compartments' })).toBeVisible()
}
const slip = (page: Page) => page.getByRole('group', { name: 'Slip to sort' })
const compartment = (page: Page, name: string) => page.getByRole('button', { name, exact: true })
async function middle(locator: ReturnType<typeof slip>): Promise<{ x: number; y: number }> {
  const { x, y, width, height } = (await locator.boundingBox()) ?? { x: 0, y: 0, width: 0, height: 0 }
  return { x: x + width / 2, y: y + height / 2 }
}

test('hand over, not before and reading ask one row each, and Enter takes what stands there', async ({
  page,
}) => {
  await page.setViewportSize(wide)
  await openSorting(page, 'ask for the plans', 'renew the permit', 'felt magazine https://example.org/felt')
  await page.keyboard.press('4')
  await page.getByRole('button', { name: 'To whom: more' }).click()
  const whom = page.getByRole('dialog', { name: 'Waiting for' })
  await whom.getByRole('combobox').fill('Mr Abel')
  await whom.getByRole('option', { name: 'make “Mr Abel” a person, and wait for them' }).click()
  await page.getByRole('radio', { name: 'by e-mail' }).click()
  await page.getByRole('button', { name: 'Hand over to Mr Abel' }).click()
  await expect(page.getByRole('heading', { name: '2 of 3' })).toBeVisible()
  await page.keyboard.press('5')
  await expect(page.getByRole('radio', { name: 'next week' })).toBeChecked()
  await page.keyboard.press('ArrowDown')
  await page.keyboard.press('ArrowRight')
  await page.keyboard.press('Enter')
  await expect(page.getByText('Not before Mon 23 Mar: renew the permit').first()).toBeVisible()
  await page.keyboard.press('8')
  await expect(page.getByRole('heading', { name: 'The Tray is empty' })).toBeVisible()
  await station(page, 'Shelves').click()
  await shelfPart(page, 'People', 'Waiting for')
  await expect(page.getByText(/waiting for Mr Abel.*chase/i)).toBeVisible()
  await shelfPart(page, 'Kept', 'Tickler')
  await expect(page.getByRole('checkbox', { name: 'renew the permit' })).toBeVisible()
  await shelfPart(page, 'Kept', 'Reading')
  await page
    .getByRole('region', { name: 'Unread' })
    .getByRole('button', { name: /felt magazine/ })
    .click()
  await page.getByRole('button', { name: 'Start reading' }).click()
  await page.getByRole('button', { name: 'Done', exact: true }).click()
  await expect(page.getByRole('region', { name: 'Finished' })).toBeVisible()
})

test('a slip is carried to its compartment with the mouse, and put back where it is let go outside', async ({
  page,
}) => {
  await openSorting(page, 'an old idea', 'sea kayaks')
  const carry = async (to: { x: number; y: number }) => {
    const from = await middle(slip(page))
    await page.mouse.move(from.x, from.y)
    await page.mouse.down()
    await page.mouse.move(from.x, from.y + 20)
    await page.mouse.move(to.x, to.y, { steps: 5 })
    await page.mouse.up()
  }
  await carry({ x: 5, y: 5 })
  await expect(page.getByRole('heading', { name: '1 of 2' })).toBeVisible()
  await carry(await middle(compartment(page, 'Someday')))
  await expect(page.getByText('Someday: an old idea').first()).toBeVisible()
  await expect(page.getByRole('heading', { name: '2 of 2' })).toBeVisible()
})

test('a slip that is carried quicker than the screen is drawn still lies where it was let go', async ({
  page,
}) => {
  await openSorting(page, 'an old idea', 'sea kayaks')
  await carryAtOnce(page, slip(page), compartment(page, 'Someday'))
  await expect(page.getByText('Someday: an old idea').first()).toBeVisible()
  await expect(page.getByRole('heading', { name: '2 of 2' })).toBeVisible()
})

test.describe('with a finger', () => {
  test.use({ hasTouch: true, isMobile: true })
  test('a slip that is held down is carried to its compartment', async ({ page }) => {
    await openSorting(page, 'an old idea', 'sea kayaks')
    const from = await middle(slip(page))
    const letGo = compartment(page, 'Let go')
    const devtools = await page.context().newCDPSession(page)
    const touch = (type: 'touchStart' | 'touchMove' | 'touchEnd', at?: { x: number; y: number }) =>
      devtools.send('Input.dispatchTouchEvent', { type, touchPoints: at ? [at] : [] })
    await touch('touchStart', from)
    // The finger rests before it carries: the clock of the page is ours.
    await page.clock.runFor(400)
    await touch('touchMove', { x: from.x, y: from.y + 30 })
    // What was learned comes in while the slip is carried, and moves the compartments: its place is asked anew.
    await expect(async () => {
      const to = await middle(letGo)
      await touch('touchMove', { x: to.x, y: to.y - 10 })
      await touch('touchMove', to)
      await expect(letGo).toHaveCSS('border-top-width', '2px', { timeout: 300 })
    }).toPass({ timeout: 10_000 })
    await touch('touchEnd')
    await expect(page.getByText('Let go: an old idea').first()).toBeVisible()
    await expect(page.getByRole('heading', { name: '2 of 2' })).toBeVisible()
  })
})

test('a slip is carried by keys: space takes it up, arrows carry it, space lays it down', async ({
  page,
}) => {
  await page.setViewportSize(wide)
  await openSorting(page, 'an old idea', 'sea kayaks')
  const pickUp = async () => {
    await page.keyboard.press('Space')
    await expect(page.getByText('Over Action')).toBeAttached()
    // As fast as a person: the arrows are listened to a moment after it is taken up.
    await page.waitForTimeout(250)
  }
  await slip(page).focus()
  await pickUp()
  await page.keyboard.press('ArrowDown')
  await expect(page.getByText('Over Hand over')).toBeAttached()
  await page.keyboard.press('ArrowDown')
  await expect(page.getByText('Over Reference')).toBeAttached()
  await page.keyboard.press('Escape')
  await expect(page.getByRole('heading', { name: '1 of 2' })).toBeVisible()
  await slip(page).focus()
  await pickUp()
  await page.keyboard.press('ArrowDown')
  await expect(page.getByText('Over Hand over')).toBeAttached()
  await page.keyboard.press('ArrowDown')
  await expect(page.getByText('Over Reference')).toBeAttached()
  await page.keyboard.press('Space')
  await expect(page.getByText('Kept as reference: an old idea').first()).toBeVisible()
  await expect(page.getByRole('heading', { name: '2 of 2' })).toBeVisible()
})

test('what was sorted is undone where it was done, and a sitting goes on where it was left', async ({
  page,
}) => {
  await openSorting(page, 'one', 'two', 'three')
  await compartment(page, 'Let go').click()
  await page.getByRole('button', { name: 'Undo', exact: true }).click()
  await expect(page.getByRole('heading', { name: '1 of 3' })).toBeVisible()
  await expect(page.getByRole('article', { name: 'The slip' })).toContainText('one')
  await compartment(page, 'Someday').click()
  await page.getByRole('button', { name: 'Leave sorting' }).click()
  await expect(page.getByRole('heading', { name: '2 slips' })).toBeVisible()
  await page.goto('/sorting')
  await expect(page.getByRole('article', { name: 'The slip' })).toContainText('two')
  await compartment(page, 'Two minutes').click()
  await page.getByRole('button', { name: 'It takes longer' }).click()
  await page.getByRole('radio', { name: 'today' }).click()
  await page.getByRole('button', { name: 'Save action' }).click()
  await page.goto('/day')
  await expect(band(page, 'Picked for today').getByRole('checkbox', { name: 'two' })).toBeVisible()
})
