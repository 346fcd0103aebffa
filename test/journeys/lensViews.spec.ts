// A lens as columns, as a table, by date: carried about by hand, edited in place, copied out; each as it was left.
import AxeBuilder from '@axe-core/playwright'
import { expect, test, type Page } from '@playwright/test'
import { band, carry, carryByFinger, openWithDemo, row, wide, unfoldLens } from './parts'

const view = (page: Page, name: string) => page.getByRole('radio', { name, exact: true })
const titlesIn = (page: Page, name: string) =>
  band(page, name)
    .getByRole('checkbox')
    .evaluateAll((boxes) => boxes.map((box) => box.getAttribute('aria-label')))
const status = (page: Page, words: string) => page.getByRole('status').filter({ hasText: words }).first()
const undo = (page: Page) => page.getByRole('button', { name: 'Undo', exact: true }).click()

async function expectNothingSerious(page: Page): Promise<void> {
  const axe = await new AxeBuilder({ page }).analyze()
  const serious = axe.violations.filter(({ impact }) => impact === 'serious' || impact === 'critical')
  expect(serious.map(({ id, nodes }) => [id, nodes[0]?.html])).toEqual([])
}

test.describe('wide', () => {
  test.use({ viewport: wide })

  test('columns: carried from one to the next by mouse and keys, limited, refused with the reason', async ({
    page,
  }) => {
    test.setTimeout(90_000)
    await openWithDemo(page, '/day?lens=lens:ready-by-date')
    await view(page, 'columns').click()
    await expect(band(page, 'Today')).toBeVisible()
    const title = 'Sketch the caretakers’ hand-out'
    expect(await titlesIn(page, 'Today')).toContain(title)
    await carry(page, title, band(page, 'This week'))
    await expect(status(page, `This week: ${title}`)).toBeAttached()
    expect(await titlesIn(page, 'This week')).toContain(title)
    expect(await titlesIn(page, 'Today')).not.toContain(title)
    await undo(page)
    expect(await titlesIn(page, 'Today')).toContain(title)
    // The same by keys, and the focus goes with it.
    await row(page, title).locator('[data-row]').focus()
    await page.keyboard.press('Alt+ArrowRight')
    await expect(status(page, `This week: ${title}`)).toBeAttached()
    await expect(band(page, 'This week').getByRole('button', { name: new RegExp(`^${title}`) })).toBeFocused()

    await page.getByRole('button', { name: /^This week: 4.*How many at most/ }).click()
    await page.getByRole('dialog').getByRole('button', { name: '3', exact: true }).click()
    await expect(page.getByRole('button', { name: /^This week: 4 of 3, too many/ })).toBeVisible()

    // What a row tells is chosen, and in which order.
    await page.getByRole('button', { name: 'Details on a row' }).click()
    const details = page.getByRole('dialog', { name: 'Details on a row' })
    await details.getByRole('checkbox', { name: 'for', exact: true }).click()
    await details.getByRole('button', { name: 'Done' }).click()
    await expect(row(page, title)).toContainText(/1 h · .*Caretakers’ workshop in April/)

    await page.getByRole('button', { name: 'Columns by horizon' }).click()
    await page.getByRole('dialog').getByRole('button', { name: 'weight', exact: true }).click()
    await expect(band(page, 'Must')).toBeVisible()
    // What it is of is kept with the lens; as what it was shown, with this device.
    await page.reload()
    await expect(band(page, 'Must')).toBeVisible()
    await expectNothingSerious(page)
  })

  test('a table: cells set by keys, sorted, sized, chosen, summed and copied out', async ({
    page,
    context,
  }) => {
    test.setTimeout(90_000)
    await context.grantPermissions(['clipboard-read', 'clipboard-write'])
    await openWithDemo(page, '/day?lens=lens:ready-deep')
    await view(page, 'table').click()
    const grid = page.getByRole('grid', { name: 'What this lens lists' })
    const rows = grid.getByRole('row').filter({ has: page.getByRole('checkbox') })
    await expect(rows.first()).toBeVisible()
    const cell = (name: RegExp) =>
      rows.first().getByRole('gridcell').filter({ hasText: name }).getByRole('button')
    const first = await rows.first().getByRole('checkbox').getAttribute('aria-label')

    // One row's box and cell alone are stops for Tab.
    await expect(grid.locator('[role=gridcell] [tabindex="0"]')).toHaveCount(2)
    await rows
      .first()
      .getByRole('button', { name: first as string })
      .focus()
    for (let at = 0; at < 3; at++) await page.keyboard.press('ArrowRight')
    await expect(cell(/^Minutes/)).toBeFocused()
    await page.keyboard.press('Enter')
    await page.getByRole('dialog', { name: 'Minutes' }).getByRole('button', { name: '45 min' }).press('Enter')
    const changed = grid.getByRole('row').filter({ hasText: first as string })
    await expect(changed).toContainText('45 min')
    await expect(changed.getByRole('button', { name: /^Minutes: 45 min/ })).toBeFocused()

    await page.keyboard.press('Home')
    await page.keyboard.press('Enter')
    const line = page.getByRole('textbox', { name: `Title of ${first}` })
    await line.fill('Renamed where it stands')
    await line.press('Enter')
    await expect(grid.getByRole('button', { name: 'Renamed where it stands' })).toBeFocused()
    // Written in its cell, and not opened beside it.
    await expect(page).not.toHaveURL(/open=/)
    await undo(page)
    await expect(grid.getByRole('button', { name: first as string })).toBeVisible()

    // Escape leaves it as it was; a page that is lost in the midst of it has what was typed.
    await grid.getByRole('button', { name: first as string }).focus()
    await page.keyboard.press('F2')
    await line.fill('Half a tit')
    await page.reload()
    await grid.getByRole('button', { name: first as string }).focus()
    await page.keyboard.press('F2')
    await expect(line).toHaveValue('Half a tit')
    await line.press('Escape')
    await expect(grid.getByRole('button', { name: first as string })).toBeFocused()
    await expect(grid.getByText('Half a tit')).toHaveCount(0)

    // Pressed, a head sorts: a change just now, said in the sentence.
    await grid.getByRole('columnheader', { name: 'Action' }).getByRole('button').click()
    await expect(grid.getByRole('columnheader', { name: 'Action' })).toHaveAttribute('aria-sort', 'ascending')
    await expect(page.getByRole('group', { name: 'What this lens lists' })).toContainText(
      'by title, then due',
    )
    const names = await rows
      .getByRole('checkbox')
      .evaluateAll((boxes) => boxes.map((box) => box.ariaLabel ?? ''))
    expect(names).toEqual([...names].sort((a, b) => (a.toLowerCase() < b.toLowerCase() ? -1 : 1)))

    const edge = page.getByRole('separator', { name: 'Width of Minutes' })
    const before = Number(await edge.getAttribute('aria-valuenow'))
    await edge.press('ArrowRight')
    await expect(edge).toHaveAttribute('aria-valuenow', String(before + 16))

    await page.getByRole('button', { name: 'Which columns' }).click()
    const chooser = page.getByRole('dialog', { name: 'Columns of the table' })
    await chooser.getByRole('checkbox', { name: 'weight' }).click()
    await chooser.getByRole('checkbox', { name: 'energy' }).click()
    await chooser.getByRole('button', { name: 'Done' }).click()
    await expect(grid.getByRole('columnheader', { name: 'Weight' })).toBeVisible()
    await expect(grid.getByRole('columnheader', { name: 'Energy' })).toHaveCount(0)
    await expect(edge).toHaveAttribute('aria-valuenow', String(before + 16))

    await page.getByRole('button', { name: 'Copy out' }).click()
    await expect(status(page, 'Copied')).toBeAttached()
    const text = await page.evaluate(() => navigator.clipboard.readText())
    const [head, ...lines] = text.split('\n').map((each) => each.split('\t'))
    expect(head).toEqual(['Action', 'For', 'Context', 'Minutes', 'Due', 'Planned day', 'Weight'])
    expect(lines.map(([name]) => name)).toEqual(names)
    const minutes = lines.reduce((sum, each) => sum + Number(each[3]), 0)
    const foot = grid.getByRole('row').filter({ hasText: 'Copy out' })
    await expect(foot).toContainText(`${lines.length} actions`)
    await expect(foot).toContainText(`${Math.floor(minutes / 60)} h`)
    await expectNothingSerious(page)
  })

  test('a list: under another heading a row takes what that says; only equals are arranged by hand', async ({
    page,
  }) => {
    test.setTimeout(90_000)
    await openWithDemo(page, '/day?lens=lens:ready-deep')
    await expect(page.getByRole('radio', { name: 'list' })).toHaveAttribute('aria-checked', 'true')
    const line = page.getByRole('textbox', { name: 'Say a lens' })
    await line.fill('grouped by weight')
    await line.press('Enter')
    await expect(page.getByRole('list', { name: 'Must' })).toBeVisible()
    const inList = (name: string) =>
      page
        .getByRole('list', { name })
        .getByRole('checkbox')
        .evaluateAll((boxes) => boxes.map((box) => box.ariaLabel ?? ''))
    const [title] = (await inList('Should')) as [string]
    await carry(page, title, page.getByRole('heading', { name: 'Must' }))
    await expect(status(page, `Must: ${title}`)).toBeAttached()
    await expect.poll(() => inList('Must')).toContain(title)
    await undo(page)

    const all = await inList('Should')
    await carry(page, all.at(-1) as string, row(page, all[0] as string))
    await expect(status(page, 'only actions that are equal can be moved by hand')).toBeAttached()
    // Without a sort the hand decides.
    await page
      .getByRole('group', { name: 'What this lens lists' })
      .getByRole('button', { name: 'due', exact: true })
      .click()
    await page.getByRole('dialog').getByRole('button', { name: 'take it off' }).click()
    await page
      .getByRole('group', { name: 'What this lens lists' })
      .getByRole('button', { name: /^minutes/ })
      .click()
    await page.getByRole('dialog').getByRole('button', { name: 'take it off' }).click()
    const [first, second, ...rest] = (await inList('Should')) as [string, string]
    await carry(page, second, row(page, first))
    await expect.poll(() => inList('Should')).toEqual([second, first, ...rest])
  })

  test('by date: carried to a day it is laid on; several are told the same; each view is as it was left', async ({
    page,
  }) => {
    test.setTimeout(90_000)
    await openWithDemo(page, '/day?lens=lens:ready-by-date')
    await view(page, 'by date').click()
    const day = (name: string) => page.getByRole('heading', { name, exact: true })
    await expect(day('Carried over')).toBeVisible()
    const title = 'Find the fan’s data sheet'
    await carry(page, title, day('tomorrow, Thu 12 Mar'))
    await expect(status(page, `To tomorrow: ${title}`)).toBeAttached()
    await undo(page)
    await row(page, title).locator('[data-row]').focus()
    await page.keyboard.press('Alt+ArrowRight')
    await expect(status(page, `To today: ${title}`)).toBeAttached()
    await expect(row(page, title).locator('[data-row]')).toBeFocused()

    await page.keyboard.press('v')
    await row(page, 'Oil the kitchen door').locator('[data-row]').click()
    await page.getByRole('textbox', { name: 'Say what to change' }).fill('friday, must')
    await page.getByRole('textbox', { name: 'Say what to change' }).press('Enter')
    await expect(day('Fri 13 Mar')).toBeVisible()
    // Both places are read at once: what is drawn moves while the list is laid anew.
    await expect
      .poll(async () => {
        const lines = await page.getByRole('listitem').allTextContents()
        const at = (found: (line: string) => boolean) => lines.findIndex(found)
        const heading = at((line) => line.startsWith('Fri 13'))
        return heading >= 0 && at((line) => line.includes('Oil the kitchen door')) > heading
      })
      .toBe(true)
    await page.keyboard.press('Escape')

    await page.mouse.wheel(0, 700)
    const scrolled = () => page.evaluate(() => Math.round(window.scrollY))
    await expect.poll(scrolled).toBeGreaterThan(600)
    // What was left is kept a moment later.
    await page.waitForTimeout(600)
    const left = await scrolled()
    await view(page, 'table').evaluate((radio: HTMLElement) => radio.click())
    const grid = page.getByRole('grid')
    await grid.evaluate((box) => box.scrollTo(0, 500))
    await page.waitForTimeout(600)
    await page.reload()
    await expect.poll(() => grid.evaluate((box) => box.scrollTop)).toBe(500)
    await view(page, 'by date').evaluate((radio: HTMLElement) => radio.click())
    // To a row: what is out of sight is not measured to the last pixel.
    await expect.poll(async () => Math.abs((await scrolled()) - left)).toBeLessThan(90)
  })
})

test.describe('on a phone', () => {
  test.use({ hasTouch: true, isMobile: true })

  test('columns are a strip that is swiped through, and a row is carried by a finger at its seal', async ({
    page,
  }) => {
    test.setTimeout(90_000)
    await openWithDemo(page, '/day?lens=lens:ready-by-date')
    await unfoldLens(page)
    await view(page, 'columns').click()
    const strip = page.getByRole('group', { name: 'Columns by horizon' })
    await expect(band(page, 'Today')).toBeVisible()
    // The page itself is no longer than its columns: nothing lies below them.
    const below = await page.evaluate(() => {
      const end = document.querySelector('.lens-columns')?.getBoundingClientRect().bottom ?? 0
      return document.documentElement.scrollHeight - (end + window.scrollY)
    })
    expect(below).toBeLessThan(260)
    const title = 'Sketch the caretakers’ hand-out'
    // Beside the edge, at which the strip would follow the hand.
    await carryByFinger(page, title, band(page, 'This week'))
    await expect(status(page, `This week: ${title}`)).toBeAttached()
    // Swiped on, the next one stands where the first did.
    await strip.evaluate((box) => box.scrollTo({ left: 330, behavior: 'instant' }))
    await expect(band(page, 'This week').getByRole('checkbox', { name: title })).toBeInViewport()
  })

  test('a table scrolls sideways under its titles', async ({ page }) => {
    await openWithDemo(page, '/day?lens=lens:ready-by-date')
    await unfoldLens(page)
    await view(page, 'table').click()
    const grid = page.getByRole('grid')
    const [tick, head] = [
      grid.getByRole('checkbox').first(),
      grid.getByRole('columnheader', { name: 'Action' }),
    ]
    const before = [await tick.boundingBox(), await head.boundingBox()].map((box) => box?.x)
    await grid.evaluate((box) => box.scrollTo(260, 130))
    await expect.poll(() => grid.evaluate((box) => box.scrollLeft)).toBe(260)
    const first = grid.getByRole('checkbox').nth(2)
    expect([await first.boundingBox(), await head.boundingBox()].map((box) => box?.x)).toEqual(before)
    await expect(head).toBeInViewport()
    // Its foot stands at its end, with the page scrolled to it.
    await page.evaluate(() => window.scrollTo({ top: 9999, behavior: 'instant' }))
    await expect(grid.getByText(/\d+ actions/)).toBeInViewport()
    await expectNothingSerious(page)
  })
})

test('two tabs that change the same lens keep both changes; one that is removed elsewhere says so', async ({
  page,
  context,
}) => {
  test.setTimeout(90_000)
  await openWithDemo(page, '/day?lens=lens:ready-deep')
  const other = await context.newPage()
  await other.clock.install({ time: new Date('2026-03-11T09:05:00Z') })
  await other.goto('/day?lens=lens:ready-deep')
  const sentence = (of: Page) => of.getByRole('group', { name: 'What this lens lists' })
  await expect(sentence(other)).toContainText('deep')
  const say = async (of: Page, words: string) => {
    await unfoldLens(of)
    await of.getByRole('textbox', { name: 'Say a lens' }).fill(words)
    await of.getByRole('textbox', { name: 'Say a lens' }).press('Enter')
    await of.getByRole('button', { name: 'Save lens' }).click()
  }
  await say(page, 'must')
  await expect(sentence(other)).toContainText('must')
  await say(other, 'up to 2 hours')
  await expect(sentence(page)).toContainText('up to 2 h')
  await expect(sentence(page)).toContainText('must')
  await other.getByRole('button', { name: 'This lens: name, seal, place' }).click()
  await other.getByRole('button', { name: 'Delete this lens' }).click()
  await other.getByRole('button', { name: 'Remove it' }).click()
  await expect(page.getByText('This lens is gone. Its actions are still there.')).toBeVisible()
})

test('a lens that stands open turns with the day and with the zone, and loses no change of just now', async ({
  page,
}) => {
  await page.setViewportSize(wide)
  await openWithDemo(page, '/day?lens=lens:ready-by-date')
  const line = page.getByRole('textbox', { name: 'Say a lens' })
  await line.fill('grouped by due')
  await line.press('Enter')
  const promise = 'Order spare microphone cells'
  const box = page.getByRole('checkbox', { name: promise })
  /** The heading it stands under. */
  const stands = (heading: string) =>
    expect
      .poll(() =>
        box.evaluateAll(
          ([at]) =>
            [...document.querySelectorAll('[role=tabpanel] h3')]
              .filter((each) => at && each.compareDocumentPosition(at) & Node.DOCUMENT_POSITION_FOLLOWING)
              .at(-1)?.textContent,
        ),
      )
      .toBe(heading)
  await stands('Today')
  // Asleep for an afternoon and a night.
  await page.clock.fastForward('15:00:00')
  await stands('Carried over')
  await expect(page.getByText('Changed on this device only.')).toBeVisible()
  // Carried west, where it is still the evening before, and home again.
  /** As the machine tells its zone: the browser here has a fixed one. */
  const carriedTo = (zone: string) =>
    page.evaluate((name) => {
      const told = Intl.DateTimeFormat.prototype.resolvedOptions
      Intl.DateTimeFormat.prototype.resolvedOptions = function () {
        return { ...told.call(this), timeZone: name }
      }
    }, zone)
  await carriedTo('America/New_York')
  await page.clock.runFor('02:00')
  await stands('Today')
  await carriedTo('Europe/London')
  await page.clock.runFor('02:00')
  await stands('Carried over')
  // A clock that was set a year back by mistake, and right again.
  await page.clock.setSystemTime(new Date('2025-03-11T09:00:00Z'))
  await page.clock.runFor('02:00')
  await stands('Later')
  await page.clock.setSystemTime(new Date('2026-03-12T09:00:00Z'))
  await page.clock.runFor('02:00')
  await stands('Carried over')
  await box.click()
  await page.getByRole('dialog').getByRole('button', { name: 'All of them are done' }).click()
  await expect(box).toBeHidden()
  await expect(page.getByText('Changed on this device only.')).toBeVisible()
})

test('in every view several are chosen by keys and told the same, and one undo takes it back', async ({
  page,
}) => {
  await page.setViewportSize(wide)
  await openWithDemo(page, '/day?lens=lens:ready-deep')
  const together = page.getByRole('region', { name: 'Selected' })
  const rows = page.locator('[role=tabpanel] [data-row]')
  for (const name of ['list', 'columns', 'table', 'by date']) {
    await view(page, name).click()
    await expect(view(page, name)).toHaveAttribute('aria-checked', 'true')
    for (const at of [0, 1]) {
      await rows.nth(at).focus()
      await page.keyboard.press('v')
    }
    await expect(together.getByText('2 actions selected')).toBeVisible()
    await together.getByRole('textbox', { name: 'Say what to change' }).fill('could, 25 min')
    await page.keyboard.press('Enter')
    await expect(status(page, '2 actions: ')).toBeAttached()
    await undo(page)
    await expect(status(page, 'Undone')).toBeAttached()
    await page.keyboard.press('Escape')
    await expect(together).toHaveCount(0)
  }
})
