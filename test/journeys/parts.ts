// What every journey starts with.
import { expect, type BrowserContext, type Locator, type Page } from '@playwright/test'
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
  await expect(page.getByRole('textbox', { name: 'Add to the Tray' })).toBeVisible({ timeout: 30_000 })
}

export const captureLine = (page: Page): Locator => page.getByRole('textbox', { name: 'Add to the Tray' })

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
/** A part of one of the tabs of the shelves. */
export async function shelfPart(page: Page, tab: string, part: string): Promise<void> {
  await page.getByRole('tab', { name: tab }).click()
  await page.getByRole('radio', { name: part }).click()
}

/** One of the ways to plan the day, behind its one button. */
export async function plan(page: Page, act: 'Plan the day' | 'Spread out' | 'Close the day'): Promise<void> {
  await page.getByRole('button', { name: 'Plan', exact: true }).click()
  await page.getByRole('dialog', { name: 'Plan', exact: true }).getByRole('button', { name: act }).click()
}

/** On a phone: one part of what is at hand, behind its chip. */
export async function narrow(
  page: Page,
  chip: string,
  role: 'checkbox' | 'radio',
  name: string,
): Promise<void> {
  await page.getByRole('button', { name: chip, exact: true }).click()
  await page.getByRole('dialog').getByRole(role, { name, exact: true }).click()
  if (role === 'checkbox') await page.keyboard.press('Escape')
}

/** On a phone a lens is one line until it is to be changed. */
export const unfoldLens = (page: Page): Promise<void> =>
  page.getByRole('button', { name: 'Change what this lens lists' }).click()

export const band = (page: Page, name: string): Locator => page.getByRole('region', { name })

/**
 * What the demo data leaves in a browser: loaded once by hand for each worker, and given to its other browsers as it
 * is.
 */
let withDemo: Awaited<ReturnType<BrowserContext['storageState']>> | null = null

/** A browser that has the demo data. */
export async function openWithDemo(page: Page, path = '/'): Promise<void> {
  const context = page.context()
  if (withDemo) {
    await context.setStorageState(withDemo)
    return open(page, path)
  }
  await open(page)
  await page.getByRole('button', { name: 'Load the demo data' }).click()
  await expect(page.getByRole('heading', { name: '25 slips' })).toBeVisible({ timeout: 30_000 })
  withDemo = await context.storageState({ indexedDB: true })
  if (path !== '/') await page.goto(path)
}

/** Everything kept, as the exported file tells it: records without their stamps. */
export async function exported(page: Page): Promise<{ text: string; records: unknown[] }> {
  await page.goto('/settings')
  const download = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Save a backup' }).click()
  const bytes = readFileSync(await (await download).path())
  // With files among it, everything is in an archive.
  const isArchive = bytes.subarray(0, 2).toString() === 'PK'
  const text = Buffer.from(isArchive ? (unzipSync(bytes)['zen-tray.json'] ?? []) : bytes).toString()
  const file = JSON.parse(text) as { records: unknown[]; changes: unknown[] }
  return { text, records: [file.records, file.changes] }
}

interface Kept {
  readonly record: object
  readonly all?: string
  readonly own?: Readonly<Record<string, string>>
  readonly removed?: string
  readonly restored?: string
}

/** What stands in an exported file; what was removed stays known there, and stands where it was put back later. */
export const recordsIn = ({ records: [all] }: { records: unknown[] }): object[] =>
  (all as Kept[])
    .filter(({ removed, restored = '', all: made = '', own = {} }) =>
      removed === undefined ? true : [made, restored, ...Object.values(own)].some((stamp) => stamp > removed),
    )
    .map(({ record }) => record)

export const row = (page: Page, title: string): Locator =>
  page.getByRole('listitem').filter({ hasText: title }).first()

/** The page shows that what is carried would be laid there. */
const landingAt = (to: Locator): Locator =>
  to
    .locator(
      'xpath=descendant-or-self::*[contains(@class, "landing-")] | ancestor::*[contains(@class, "landing-place")]',
    )
    .first()

/**
 * Carries a row by a finger that rests on its seal to a place near the top left corner of another, and lays it down.
 */
export async function carryByFinger(page: Page, title: string, to: Locator): Promise<void> {
  await expect(page.locator('.carries').first()).toBeVisible()
  await row(page, title).scrollIntoViewIfNeeded()
  const seal = row(page, title).locator('.seal-grip')
  // A row is taken hold of at its seal, a card anywhere.
  const grip = await ((await seal.count()) > 0 ? seal : row(page, title)).boundingBox()
  if (!grip) throw new Error(`${title} is not there`)
  const devtools = await page.context().newCDPSession(page)
  const touch = (type: 'touchStart' | 'touchMove' | 'touchEnd', at?: { x: number; y: number }) =>
    devtools.send('Input.dispatchTouchEvent', { type, touchPoints: at ? [at] : [] })
  const from = { x: grip.x + grip.width / 2, y: grip.y + grip.height / 2 }
  await touch('touchStart', from)
  await page.clock.runFor(600)
  await touch('touchMove', { x: from.x + 20, y: from.y + 10 })
  await expect(page.locator('.carried')).toBeVisible()
  await expect(async () => {
    const place = await to.boundingBox()
    if (!place) throw new Error('the place is not there')
    await touch('touchMove', { x: place.x + 8, y: place.y + 22 })
    await touch('touchMove', { x: place.x + 9, y: place.y + 22 })
    await expect(landingAt(to)).toBeAttached({ timeout: 300 })
  }).toPass({ timeout: 10_000 })
  await touch('touchEnd')
}

/** Carries something to the middle of a place in one turn of the page: nothing is drawn between. */
export async function carryAtOnce(page: Page, held: Locator, to: Locator): Promise<void> {
  const middle = async (of: Locator) => {
    const { x, y, width, height } = (await of.boundingBox()) ?? { x: 0, y: 0, width: 0, height: 0 }
    return { x: x + width / 2, y: y + height / 2 }
  }
  const way = [await middle(held), await middle(to)] as const
  await page.evaluate(([from, there]) => {
    const at = ({ x, y }: { x: number; y: number }, below = 0) => ({
      bubbles: true,
      cancelable: true,
      clientX: x,
      clientY: y + below,
    })
    const element = document.elementFromPoint(from.x, from.y)
    element?.dispatchEvent(new MouseEvent('mousedown', at(from)))
    element?.dispatchEvent(new MouseEvent('mousemove', at(from, 20)))
    element?.dispatchEvent(new MouseEvent('mousemove', at(there)))
    element?.dispatchEvent(new MouseEvent('mouseup', at(there)))
  }, way)
}

/** Scrolls the page so that neither of two lies at its edge, where it would follow the hand; where they are that near. */
async function bringBothInside(page: Page, one: Locator, other: Locator): Promise<void> {
  const [first, second] = [await one.boundingBox(), await other.boundingBox()]
  if (!first || !second || Math.abs(first.y - second.y) > 400) return
  await page.evaluate(
    (middle) => window.scrollBy({ top: middle - window.innerHeight / 2, behavior: 'instant' }),
    (first.y + second.y) / 2,
  )
}

/** Carries a row by the mouse to a place, and lays it down. */
export async function carry(page: Page, title: string, to: Locator): Promise<void> {
  // What carries has loaded.
  await expect(page.locator('.carries').first()).toBeVisible()
  await row(page, title).scrollIntoViewIfNeeded()
  await bringBothInside(page, row(page, title), to)
  const from = await row(page, title).boundingBox()
  if (!from) throw new Error(`${title} is not there`)
  await page.mouse.move(from.x + 120, from.y + 20)
  await page.mouse.down()
  await page.mouse.move(from.x + 130, from.y + 32, { steps: 3 })
  await expect(page.locator('.carried')).toBeVisible()
  // The page follows the hand at its edges: the hand goes after the place until the page shows that it lands there. A
  // place that was scrolled out of sight is brought back by the edge that it left over.
  const lowest = (page.viewportSize()?.height ?? 800) - 4
  await expect(async () => {
    const place = await to.boundingBox()
    if (!place) throw new Error('the place is not there')
    const [x, y] = [place.x + place.width / 2, place.y + Math.min(place.height / 2, 24)]
    const inside = Math.min(Math.max(y, 4), lowest)
    await page.mouse.move(x, inside, { steps: 3 })
    await page.mouse.move(x + 1, inside)
    await expect(landingAt(to)).toBeAttached({ timeout: 500 })
    const now = await to.boundingBox()
    expect([now?.x, now?.y]).toEqual([place.x, place.y])
  }).toPass({ timeout: 10_000 })
  await page.mouse.up()
  // A click that follows at once would be taken for the end of the carrying.
  await page.evaluate(() => new Promise((go) => setTimeout(go, 60)))
}
