// One picture of each main view in docs/screenshots, from the demo data on a fixed morning.
import { spawn } from 'node:child_process'
import { mkdirSync } from 'node:fs'
import { join } from 'node:path'
import { launchOptions } from './parts/chromium.mjs'
import { ensureBuild } from './build.mjs'
import { ensureChromium, ensurePackages, root } from './parts/setUp.mjs'

ensurePackages()
ensureChromium()
await ensureBuild()
const { chromium } = await import('@playwright/test')

const port = 8126
const folder = join(root, 'docs', 'screenshots')
mkdirSync(folder, { recursive: true })
const phone = { width: 390, height: 844 }
const wide = { width: 1280, height: 800 }

/** Lays slips under the pile until the one with these words is under the hand. */
async function layAsideUntil(page, words) {
  for (let turn = 0; turn < 25; turn++) {
    if ((await page.getByRole('article', { name: 'The slip' }).textContent()).includes(words)) return
    await page.getByRole('button', { name: 'Skip' }).click()
  }
  throw new Error(`No slip says “${words}”.`)
}

const byDate = '/day?lens=lens:ready-by-date'
const shownAs = (view) => async (page) => {
  await page.getByRole('radio', { name: view, exact: true }).click()
  await page.getByRole('checkbox').first().waitFor()
}
const views = [
  {
    name: 'tray-phone',
    path: '/',
    size: phone,
    act: (page) =>
      page
        .getByRole('textbox', { name: 'Add to the Tray' })
        .fill('site visit at 14:30 tomorrow for 90 minutes'),
  },
  {
    name: 'sorting-phone',
    path: '/sorting',
    size: phone,
    act: async (page) => {
      await layAsideUntil(page, 'how loud the spark source')
      await page.getByRole('group', { name: 'Much like it' }).waitFor()
    },
  },
  { name: 'day-phone', path: '/day', size: phone },
  {
    name: 'review-phone',
    path: '/review',
    size: phone,
    act: async (page) => {
      await page.getByRole('button', { name: 'Start the review', exact: true }).click()
      await page
        .getByRole('list', { name: 'Parts of the review' })
        .getByRole('button', { name: /^Projects/ })
        .click()
      await page.getByRole('article').waitFor()
    },
  },
  {
    name: 'action-phone',
    path: '/day',
    size: phone,
    act: (page) => page.getByRole('button', { name: /^Order spare microphone/ }).click(),
  },
  {
    // A promise that does not fit: the demo's own all do.
    name: 'fit-phone',
    path: '/day',
    size: phone,
    act: async (page) => {
      await page.getByRole('button', { name: /^Sketch the caretakers/ }).click()
      await page.getByRole('textbox', { name: 'Say what to change' }).fill('9 hours, due tomorrow')
      await page.keyboard.press('Enter')
      await page.getByRole('button', { name: /^It does not fit by then/ }).click()
      await page.keyboard.press('Escape')
      await page.getByRole('list', { name: 'What would mend it' }).waitFor()
    },
  },
  {
    name: 'in-reach-phone',
    path: '/day',
    size: phone,
    act: async (page) => {
      await page.getByRole('tab', { name: 'In reach' }).click()
      await page.getByRole('button', { name: 'any place' }).click()
      await page.getByRole('checkbox', { name: 'Desk' }).click()
      await page.keyboard.press('Escape')
      await page.getByRole('button', { name: 'any length' }).click()
      await page.getByRole('radio', { name: '30 min' }).click()
    },
  },
  {
    name: 'person-phone',
    path: '/shelves?part=persons',
    size: phone,
    act: (page) => page.getByRole('button', { name: /^Oda/ }).click(),
  },
  { name: 'lens-columns-wide', path: byDate, size: wide, act: shownAs('columns') },
  { name: 'people-board-wide', path: '/shelves?part=board', size: wide },
  {
    name: 'look-back-wide',
    path: '/review?view=back',
    size: wide,
    act: async (page) => {
      await page.getByRole('radio', { name: 'Year' }).click()
      await page.locator('.group-line').first().waitFor()
    },
  },
  {
    name: 'timeline-wide',
    path: '/shelves',
    size: wide,
    act: async (page) => {
      await page.getByRole('button', { name: 'View', exact: true }).click()
      await page.getByRole('button', { name: 'Time line' }).click()
      await page.getByRole('radio', { name: 'months' }).click()
      await page.getByRole('checkbox', { name: 'with actions' }).click()
      await page.getByText('at your pace').first().waitFor()
    },
  },
  {
    name: 'template-phone',
    path: '/shelves',
    size: phone,
    act: async (page) => {
      await page.getByRole('radio', { name: 'Templates' }).click()
      await page.getByRole('button', { name: /^Use Site visit/ }).click()
      await page.getByRole('textbox', { name: 'Place' }).fill('Mill school')
      await page.getByRole('button', { name: 'Choose the day' }).click()
      await page
        .getByRole('dialog', { name: 'Day' })
        .getByRole('button', { name: /27 March|March 27/ })
        .first()
        .click()
      await page.getByText('due Fri 13 Mar').waitFor()
    },
  },
  { name: 'week-wide', path: '/week', size: wide },
  {
    name: 'month-wide',
    path: '/week?view=month',
    size: wide,
    act: (page) => page.getByText('Seats out of the hall').first().waitFor(),
  },
  { name: 'shelves-wide', path: '/shelves', size: wide },
  {
    name: 'project-phone',
    path: '/shelves',
    size: phone,
    act: (page) =>
      page
        .getByRole('button', { name: /^Fenwick Hall echo report/ })
        .first()
        .click(),
  },
  {
    name: 'hours-phone',
    path: '/day',
    size: phone,
    act: async (page) => {
      await page.getByRole('button', { name: 'Show as hours' }).click()
      await page.getByRole('button', { name: 'Lay out the day' }).click()
      await page.getByRole('button', { name: 'Save', exact: true }).click()
    },
  },
  {
    name: 'day-wide-lamp',
    path: '/day',
    size: wide,
    lamp: true,
  },
]

const server = spawn(process.execPath, ['--import', 'tsx', 'src/server/main.ts', '--demo'], {
  cwd: root,
  env: { ...process.env, PORT: String(port), STAND_IN_DAY: '2026-03-11' },
  stdio: 'ignore',
})
const browser = await chromium.launch(launchOptions)
try {
  for (
    let tries = 0;
    tries < 100 &&
    !(await fetch(`http://localhost:${port}/api/health`).then(
      ({ ok }) => ok,
      () => false,
    ));
    tries++
  )
    await new Promise((resolve) => setTimeout(resolve, 100))
  for (const { name, path, size, act, lamp } of views) {
    const context = await browser.newContext({
      viewport: size,
      colorScheme: lamp ? 'dark' : 'light',
      timezoneId: 'Europe/London',
      locale: 'en-GB',
      reducedMotion: 'reduce',
    })
    const page = await context.newPage()
    await page.clock.install({ time: new Date('2026-03-11T09:05:00Z') })
    await page.goto(`http://localhost:${port}/`)
    await page.getByRole('heading', { name: '25 slips' }).waitFor({ timeout: 60_000 })
    if (path !== '/') await page.goto(`http://localhost:${port}${path}`)
    await page.getByRole('heading', { level: 1 }).waitFor({ state: 'attached' })
    await act?.(page)
    await page.waitForTimeout(1200)
    await page.screenshot({ path: join(folder, `${name}.png`) })
    await context.close()
    console.log(name)
  }
} finally {
  await browser.close()
  server.kill()
}
