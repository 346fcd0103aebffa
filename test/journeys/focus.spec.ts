// A walk over the acts of every station by keys alone: whatever is done, the focus is somewhere.
import { expect, test, type Page } from '@playwright/test'
import { openWithDemo, setDown, wide } from './parts'

/** What has the focus, once what the key did has been drawn; null where it is lost. */
async function focused(page: Page): Promise<string | null> {
  await page.waitForTimeout(120)
  return page.evaluate(() => {
    const { activeElement: on, body } = document
    return !on || on === body
      ? null
      : `${on.tagName} ${on.getAttribute('aria-label') ?? on.textContent?.slice(0, 40)}`
  })
}
async function walk(page: Page, keys: readonly string[]): Promise<void> {
  for (const key of keys) {
    await page.keyboard.press(key)
    // As fast as a person: what a key opened is there before the next.
    await page.waitForTimeout(250)
    await expect.poll(() => focused(page), { message: `after ${key} of ${keys.join(' ')}` }).not.toBeNull()
  }
}

for (const [size, viewport] of [
  ['wide', wide],
  ['a phone', { width: 390, height: 844 }],
] as const) {
  test(`by keys the focus is never lost, ${size}`, async ({ page }) => {
    test.setTimeout(180_000)
    await page.setViewportSize(viewport)
    await openWithDemo(page, '/day')
    await expect(page.getByRole('checkbox').first()).toBeVisible()
    await page.locator('[data-row]').first().focus()
    // A row: opened and closed, ticked by its key and by its box, picked, started, moved, held further, chosen.
    await walk(page, ['ArrowDown', 'Enter', 'Escape', ' ', 'p', 'u', 'u', 'v', 'Escape'])
    await page.getByRole('checkbox').nth(1).focus()
    await walk(page, [' '])
    await page.locator('[data-row]').nth(1).focus()
    await walk(page, ['m', 'Escape', 'h', 'Escape', 'a', 'Escape', 'Escape'])
    await page.locator('[data-row]').nth(1).focus()
    // Out of what is selected, from its bar too: back to the row.
    await walk(page, ['v', 'Tab', 'Escape'])
    await expect(page.locator('[data-row]').nth(1)).toBeFocused()
    await walk(page, ['m'])
    await page.keyboard.type('friday')
    await walk(page, ['Enter'])
    // Stations begin at their headings.
    for (const key of ['w', 's', 'r', 't', 'd']) {
      await walk(page, [key])
      await expect.poll(() => focused(page)).toMatch(/^H1 /)
    }
    await walk(page, ['z', '/', 'Escape', '?', 'Escape'])
    // What is opened gives the focus back where it was opened.
    await page.goto('/shelves')
    for (const opener of ['.goal-card [data-row]', '.area-open', '.project-card [data-row]']) {
      const first = page.locator(opener).first()
      if (viewport !== wide && opener === '.goal-card [data-row]') continue
      await expect(first).toBeVisible()
      await first.focus()
      await walk(page, ['Enter', 'Escape'])
      await expect(first, opener).toBeFocused()
    }
    // Sorting: a form opened and left, one kept, a slip passed, the last decision taken back.
    await page.goto('/')
    await setDown(page, 'ring the tile maker', 'read about felt')
    await page.goto('/sorting')
    await expect(page.getByRole('group', { name: 'Compartments' })).toBeVisible()
    await walk(page, ['1', 'Escape', '6', '1'])
    // What a form begins with is its title: words go there, Enter keeps them.
    const title = page.getByRole('textbox', { name: 'Next action' })
    await expect(title).toBeFocused()
    await page.keyboard.type(' 9x')
    await expect(title).toHaveValue(/. 9x$/)
    await walk(page, ['ArrowDown'])
    await expect(page.getByRole('group', { name: 'Context' }).getByRole('checkbox').first()).toBeFocused()
    await walk(page, ['Enter', 'z'])
    // The review: on to the next part, and back.
    await page.goto('/review')
    await page.getByRole('button', { name: 'Start the review', exact: true }).focus()
    await walk(page, ['Enter'])
    await page.getByRole('button', { name: 'Next' }).focus()
    await walk(page, ['Enter'])
  })
}

test('on a slow machine too, a station begins at its heading, not at a row it shares with the last', async ({
  page,
}) => {
  await page.setViewportSize(wide)
  await openWithDemo(page, '/day')
  await page.getByRole('region', { name: 'Today' }).locator('[data-row]').first().focus()
  const machine = await page.context().newCDPSession(page)
  await machine.send('Emulation.setCPUThrottlingRate', { rate: 8 })
  await page.keyboard.press('w')
  await expect.poll(() => focused(page), { timeout: 30_000 }).toMatch(/^H1 Week/)
})
