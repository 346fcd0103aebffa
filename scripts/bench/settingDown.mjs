// Figures of setting down and sorting: a burst of a hundred thoughts, the sorting of them by keys, and a letter of 10
// MB.
import { mkdtempSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { base, longestBlock, ms } from './parts.mjs'

/** The longest time between two frames while `work` goes on. */
async function longestFrame(page, work) {
  await page.evaluate(() => {
    window.frames = []
    let last = performance.now()
    const step = (now) => {
      window.frames.push(now - last)
      last = now
      window.framing = requestAnimationFrame(step)
    }
    window.framing = requestAnimationFrame(step)
  })
  const began = Date.now()
  await work()
  const took = Date.now() - began
  const longest = await page.evaluate(() => {
    cancelAnimationFrame(window.framing)
    return Math.max(...window.frames.slice(2))
  })
  return { longest, took }
}

const slipCount = 100

async function burst(page) {
  await page.getByRole('textbox', { name: 'Add to the Tray' }).focus()
  const told = await longestFrame(page, async () => {
    for (let slip = 0; slip < slipCount; slip++) {
      await page.keyboard.insertText(`thought ${slip}, 20 min`)
      await page.keyboard.press('Enter')
    }
  })
  await page.getByRole('heading', { name: `${slipCount} slips` }).waitFor()
  return [
    `a burst of ${slipCount} slips typed by machine: longest frame`,
    `${ms(told.longest)} (${(told.took / slipCount).toFixed(0)} ms a slip)`,
    'no goal set',
  ]
}

/** Each of five ways in turn: as an action, for someday, as a reference, let go, and done in two minutes. */
const ways = [['1', 'Enter'], ['6'], ['7'], ['9'], ['2', 'Enter']]

async function sorting(page) {
  await page.goto(`${base}/sorting`)
  await page.getByRole('group', { name: 'Compartments' }).waitFor()
  await page.waitForTimeout(1500)
  let presses = 0
  const told = await longestFrame(page, async () => {
    for (let slip = 0; slip < slipCount; slip++) {
      await page.getByText(`${slip + 1} of ${slipCount}`, { exact: true }).waitFor()
      for (const key of ways[slip % ways.length]) {
        await page.keyboard.press(key)
        presses++
      }
    }
    await page.getByRole('heading', { name: 'The Tray is empty' }).waitFor()
  })
  return [
    `sorting ${slipCount} slips by keys`,
    `${(presses / slipCount).toFixed(1)} key presses each, ${(told.took / 1000).toFixed(1)} s in all, longest frame ${ms(told.longest)}`,
    'no goal set',
  ]
}

/** A letter with so many bytes of attachments. */
function letterOf(bytes) {
  const line = 'QUJDREVGR0hJSktMTU5PUFFSU1RVVldYWVphYmNkZWZnaGlqa2xtbm9wcXJzdHV2d3h5ejAxMjM0NTY3'
  const attachment = [
    '--edge',
    'Content-Type: application/octet-stream; name="large.bin"',
    'Content-Disposition: attachment; filename="large.bin"',
    'Content-Transfer-Encoding: base64',
    '',
    ...Array.from({ length: Math.floor(bytes / (line.length + 2)) }, () => line),
  ]
  return [
    'From: Oda <oda@example.org>',
    'Subject: a large letter',
    'Date: Tue, 10 Mar 2026 14:00:00 +0100',
    'MIME-Version: 1.0',
    'Content-Type: multipart/mixed; boundary="edge"',
    '',
    '--edge',
    'Content-Type: text/plain',
    '',
    'See what is enclosed.',
    ...attachment,
    '--edge--',
  ].join('\r\n')
}

async function letter(page) {
  await page.goto(base)
  await page.getByRole('textbox', { name: 'Add to the Tray' }).waitFor()
  await page.waitForTimeout(1500)
  // On the disk: bytes handed over by the driver would be decoded in the page itself.
  const path = join(mkdtempSync(join(tmpdir(), 'zen-tray-bench-')), 'large.eml')
  writeFileSync(path, letterOf(10_000_000))
  const told = await longestBlock(page, async () => {
    await page.locator('input[type=file][multiple]').setInputFiles(path)
    await page
      .getByText('Added to the Tray: a large letter')
      .first()
      .waitFor({ state: 'attached', timeout: 60_000 })
  })
  return [
    'a letter of 10 MB read and kept: longest block of the screen',
    `${told.longest === 0 ? 'under 50 ms' : ms(told.longest)} (${(told.took / 1000).toFixed(1)} s)`,
    'at most 50 ms',
  ]
}

export async function settingDownFigures(browser) {
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 } })
  const page = await context.newPage()
  await page.goto(base)
  await page.getByRole('textbox', { name: 'Add to the Tray' }).waitFor()
  await page.waitForTimeout(1500)
  const rows = [await burst(page), await sorting(page), await letter(page)]
  await context.close()
  return rows
}
