// What every journey starts with.
import { expect, type Locator, type Page } from '@playwright/test'
import { unzipSync } from 'fflate'
import { readFileSync } from 'node:fs'

/** Wednesday 11 March 2026, five past nine in London. */
export const morning = new Date('2026-03-11T09:05:00Z')
export const wide = { width: 1280, height: 800 }

export async function open(page: Page, path = '/'): Promise<void> {
  // A journey that fails says what the page could not fetch.
  page.on('requestfailed', (request) => {
    const why = request.failure()?.errorText ?? ''
    // What a page that is being left was still fetching is no failure.
    if (why !== 'net::ERR_ABORTED') process.stderr.write(`not fetched: ${request.url()} ${why}\n`)
  })
  await page.clock.install({ time: morning })
  await page.goto(path)
  // The first page of a browser that has just begun takes its time on a busy machine.
  await expect(page.getByRole('textbox', { name: 'Set down' })).toBeVisible({ timeout: 30_000 })
}

export const captureLine = (page: Page): Locator => page.getByRole('textbox', { name: 'Set down' })

export async function setDown(page: Page, ...sentences: string[]): Promise<void> {
  for (const sentence of sentences) {
    await captureLine(page).fill(sentence)
    await captureLine(page).press('Enter')
    await expect(captureLine(page)).toHaveValue('')
    await expect(captureLine(page)).toBeFocused()
  }
}

export const station = (page: Page, name: string): Locator =>
  page.getByRole('navigation', { name: 'Stations' }).getByRole('link', { name })
export const band = (page: Page, name: string): Locator => page.getByRole('region', { name })

/** Loads the demo data from the empty tray. */
export async function openWithDemo(page: Page, path = '/'): Promise<void> {
  await open(page)
  await page.getByRole('button', { name: 'Load the demo data' }).click()
  await expect(page.getByRole('heading', { name: '25 slips' })).toBeVisible({ timeout: 30_000 })
  if (path !== '/') await page.goto(path)
}

/** Everything kept, as the exported file tells it: records without their stamps. */
export async function exported(page: Page): Promise<{ text: string; records: unknown[] }> {
  await page.goto('/settings')
  const download = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Save everything to a file' }).click()
  const bytes = readFileSync(await (await download).path())
  // With files among it, everything is in an archive.
  const isArchive = bytes.subarray(0, 2).toString() === 'PK'
  const text = Buffer.from(isArchive ? (unzipSync(bytes)['zen-tray.json'] ?? []) : bytes).toString()
  const file = JSON.parse(text) as { records: unknown[]; changes: unknown[] }
  return { text, records: [file.records, file.changes] }
}

export const row = (page: Page, title: string): Locator =>
  page.getByRole('listitem').filter({ hasText: title }).first()

/** Carries a row by the mouse to a place, and lays it down. */
export async function carry(page: Page, title: string, to: Locator): Promise<void> {
  // What carries has loaded.
  await expect(page.locator('.carries').first()).toBeVisible()
  await row(page, title).scrollIntoViewIfNeeded()
  const from = await row(page, title).boundingBox()
  if (!from) throw new Error(`${title} is not there`)
  await page.mouse.move(from.x + 120, from.y + 20)
  await page.mouse.down()
  await page.mouse.move(from.x + 130, from.y + 32, { steps: 3 })
  await expect(page.locator('.slip-row.carried')).toBeVisible()
  // The page follows the hand at its edges: the hand goes after the place until the page shows that it lands there.
  const landing = to.locator(
    'xpath=descendant-or-self::*[contains(@class, "landing-")] | ancestor::*[contains(@class, "landing-place")]',
  )
  await expect(async () => {
    const place = await to.boundingBox()
    if (!place) throw new Error('the place is not there')
    await page.mouse.move(place.x + place.width / 2, place.y + Math.min(place.height / 2, 24), { steps: 3 })
    await page.mouse.move(place.x + place.width / 2 + 1, place.y + Math.min(place.height / 2, 24))
    await expect(landing.first()).toBeAttached({ timeout: 500 })
    const now = await to.boundingBox()
    expect([now?.x, now?.y]).toEqual([place.x, place.y])
  }).toPass({ timeout: 10_000 })
  await page.mouse.up()
  // A click that follows at once would be taken for the end of the carrying.
  await page.evaluate(() => new Promise((go) => setTimeout(go, 60)))
}
