// Figures taken in headless Chromium on the built application, with 10,000 and 100,000 actions brought in as a file.
import { chromium } from '@playwright/test'
import { spawnSync } from 'node:child_process'
import { mkdtempSync, statSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { launchOptions } from '../parts/chromium.mjs'
import { root } from '../parts/setUp.mjs'
import { at, base, longestBlock, ms, paintedAfter, withServer } from './parts.mjs'
import { openedFigures } from './opened.mjs'
import { chosenFigures } from './chosen.mjs'
import { badDayFigure, lensFigures, lensScrolling } from './lensShown.mjs'
import { daysFigures } from './daysShown.mjs'
import { hoursFigures } from './hoursShown.mjs'
import { slowedFigures } from './slowed.mjs'
import { settingDownFigures } from './settingDown.mjs'
import { lookBackFigures, pastFigures, roundFigures } from './reviewShown.mjs'
import { shelfFigures } from './shelvesShown.mjs'

const phone = { width: 390, height: 844 }

/** A browser profile that holds so many actions, and how bringing them in held the screen. */
export const profileWith = (browser, actions, { carried = 0, viewport = phone } = {}) =>
  profileOf(browser, viewport, actions > 0 ? () => fileOf('storeOf.ts', [actions, carried]) : null)

/** One with 2,000 projects and 100,000 actions, on a wide page. */
export const profileOfShelves = (browser) =>
  profileOf(browser, { width: 1280, height: 800 }, () => fileOf('shelvesStore.ts'))

/** One with as many done actions as a file can hold. */
export const profileOfDone = (browser) =>
  profileOf(browser, { width: 1280, height: 800 }, () => fileOf('doneStore.ts', [200_000]))

async function profileOf(browser, viewport, makeFile) {
  const context = await browser.newContext({ viewport })
  const page = await context.newPage()
  await page.goto(base)
  await page.getByRole('textbox', { name: 'Add to the Tray' }).waitFor()
  let bringing = null
  if (makeFile) {
    const file = makeFile()
    await page.goto(`${base}/settings`)
    await page.getByRole('button', { name: 'Import a file' }).waitFor()
    bringing = await longestBlock(page, async () => {
      await page.getByLabel('File to import').setInputFiles(file)
      await page
        .getByRole('dialog')
        .getByRole('button', { name: 'Import', exact: true })
        .click({ timeout: 120_000 })
      await page.getByText('Imported.').first().waitFor({ state: 'attached', timeout: 300_000 })
    })
    bringing.bytes = statSync(file).size
  }
  await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined))
  await page.close()
  return { context, bringing }
}

/** A file that a script makes, on the disk: the browser reads it as it reads a person's own. */
function fileOf(script, given = [], name = 'store.json') {
  const path = join(mkdtempSync(join(tmpdir(), 'zen-tray-bench-')), name)
  const { stdout } = spawnSync(
    process.execPath,
    ['--import', 'tsx', join('scripts', 'bench', script), ...given.map(String)],
    { cwd: root, maxBuffer: 1 << 30 },
  )
  writeFileSync(path, stdout)
  return path
}

/** From navigation to a Tray whose pile is shown and whose line takes a key; the processor slowed so many times. */
export async function startOf(context, slowed = 1) {
  const page = await context.newPage()
  if (slowed > 1) {
    const session = await context.newCDPSession(page)
    await session.send('Emulation.setCPUThrottlingRate', { rate: slowed })
  }
  await page.addInitScript(() => {
    const look = () => {
      if (
        /slip|Nothing here yet/.test(document.querySelector('h1')?.textContent ?? '') &&
        document.getElementById('set-down')
      )
        window.usableAt = performance.now()
      else requestAnimationFrame(look)
    }
    look()
  })
  await page.goto(base)
  const time = await page.waitForFunction(() => window.usableAt).then((handle) => handle.jsonValue())
  await page.close()
  return time
}

async function starts(small, large, told, rounds = 9) {
  const times = { small: [], large: [] }
  for (let round = 0; round < rounds; round++) {
    times.small.push(await startOf(small))
    times.large.push(await startOf(large))
  }
  const [a, b] = [at(times.small.slice(1), 0.5), at(times.large.slice(1), 0.5)]
  return [
    `first start to a usable Tray with ${told} actions, against an empty store`,
    `${(b / a).toFixed(2)} times (${ms(b)} against ${ms(a)})`,
    'at most 1.5 times',
  ]
}

async function ticks(context, told) {
  const page = await context.newPage()
  await page.goto(`${base}/day`)
  await page.getByRole('checkbox').first().waitFor({ timeout: 60_000 })
  await page.waitForTimeout(3000)
  const times = []
  for (let round = 0; round < 45; round++) {
    times.push(
      await paintedAfter(
        page,
        "document.querySelector('[role=checkbox][aria-checked=false][data-tick]').click()",
      ),
    )
    await page.waitForTimeout(60)
  }
  await page.close()
  return [
    `tick to painted result at ${told} actions, 95th percentile`,
    `${ms(at(times.slice(5), 0.95))} (median ${ms(at(times.slice(5), 0.5))})`,
    '50 ms',
  ]
}

/** Typing letter by letter, each until its chips are painted. */
export async function chips(page, letters = Infinity) {
  const typed = `ring the tile maker about samples by friday 20 min for Project 12, must ${'and more '.repeat(3)}by monday`
  const press =
    "const input = document.getElementById('set-down'); Object.getOwnPropertyDescriptor(HTMLTextAreaElement.prototype, 'value').set.call(input, given); input.dispatchEvent(new Event('input', { bubbles: true }))"
  const times = []
  for (let length = 1; length <= Math.min(letters, typed.length); length++)
    times.push(await paintedAfter(page, press, typed.slice(0, length)))
  return times
}

async function keyPresses(context) {
  const page = await context.newPage()
  await page.goto(base)
  await page.getByRole('textbox', { name: 'Add to the Tray' }).waitFor()
  await page.waitForTimeout(1500)
  const times = await chips(page)
  await page.close()
  return [
    'key press to painted chips in the capture line at 10,000 actions, 95th percentile',
    `${ms(at(times.slice(5), 0.95))} (median ${ms(at(times.slice(5), 0.5))})`,
    '50 ms',
  ]
}

/** Scrolls 120 px a frame for 240 frames; a frame is blank when no row lies in the middle of the screen. */
const scrolled = (page) =>
  page.evaluate(
    () =>
      new Promise((resolve) => {
        const frames = []
        let blank = 0
        let last = performance.now()
        const step = (now) => {
          frames.push(now - last)
          last = now
          if (frames.length > 20 && !document.elementFromPoint(195, 300)?.closest('li')) blank++
          if (frames.length >= 240)
            return resolve({ frames: frames.slice(5), blank, rows: document.querySelectorAll('li').length })
          window.scrollBy(0, 120)
          requestAnimationFrame(step)
        }
        requestAnimationFrame(step)
      }),
  )

async function scrolling(context) {
  const page = await context.newPage()
  await page.goto(`${base}/day`)
  await page.getByRole('tab', { name: 'In reach' }).click()
  await page.getByRole('list', { name: 'In reach' }).waitFor()
  await page.waitForTimeout(1000)
  const ours = await scrolled(page)
  // What this machine does at best: the same scrolling over a page of plain text lines.
  await page.setContent(`<ul>${'<li style="height:63px">a line of plain text</li>'.repeat(2000)}</ul>`)
  const plain = await scrolled(page)
  await page.close()
  return [
    'scrolling a list of 10,000: 95th percentile frame, blank frames',
    `${ms(at(ours.frames, 0.95))} (median ${ms(at(ours.frames, 0.5))}; a page of plain lines here: ${ms(at(plain.frames, 0.95))}, median ${ms(at(plain.frames, 0.5))}), ${ours.blank} blank, ${ours.rows} rows in the page`,
    'under 34 ms, none blank',
  ]
}

/** Tasks under 50 ms are not reported by the browser. */
const blockWords = ({ longest, took, bytes }) =>
  `${longest === 0 ? 'under 50 ms' : ms(longest)} (${(bytes / 1_000_000).toFixed(0)} MB in ${(took / 1000).toFixed(1)} s)`

/** Saving everything to a file, while the screen is watched. */
async function saving(context) {
  const page = await context.newPage()
  await page.goto(`${base}/settings`)
  await page.getByRole('button', { name: 'Save a backup' }).waitFor({ timeout: 60_000 })
  await page.waitForTimeout(3000)
  let bytes = 0
  const block = await longestBlock(page, async () => {
    const download = page.waitForEvent('download', { timeout: 300_000 })
    await page.getByRole('button', { name: 'Save a backup' }).click()
    bytes = statSync(await (await download).path()).size
  })
  await page.close()
  return { ...block, bytes }
}

/** What the page holds once it is at rest, and how long the history of one action takes to be read and shown. */
async function heapAndHistory(context) {
  const page = await context.newPage()
  await page.goto(`${base}/day`)
  await page.getByRole('checkbox').first().waitFor({ timeout: 60_000 })
  await page.waitForTimeout(3000)
  const session = await context.newCDPSession(page)
  await session.send('HeapProfiler.collectGarbage')
  const { usedSize } = await session.send('Runtime.getHeapUsage')
  const times = []
  for (let row = 0; row < 16; row++) {
    times.push(
      await page.evaluate(
        (at) =>
          new Promise((resolve) => {
            let shown = 0
            document.querySelectorAll('[data-row]')[at % 6].click()
            const look = () => {
              // Its history is asked for as soon as the pane is there, and read from that moment on.
              const more = document.querySelector(
                '[role="complementary"] [aria-label="More"], dialog [aria-label="More"]',
              )
              if (shown === 0 && more) {
                shown = performance.now()
                more.click()
              }
              if (document.querySelector('[aria-label="History"] li')) resolve(performance.now() - shown)
            }
            new MutationObserver(look).observe(document.body, { childList: true, subtree: true })
          }),
        row,
      ),
    )
    await page.keyboard.press('Escape')
    await page.keyboard.press('Escape')
    await page.waitForTimeout(300)
  }
  await page.close()
  return { heap: usedSize, history: at(times.slice(1), 0.5) }
}

async function hugeFigures(browser, small) {
  const { context, bringing } = await profileWith(browser, 100_000)
  const saved = await saving(context)
  const { heap, history } = await heapAndHistory(context)
  const days = await daysFigures(context, fileOf('calendarFile.ts', [], 'calendar.ics'))
  return [
    await starts(small, context, '100,000', 7),
    await ticks(context, '100,000'),
    ...(await lensFigures(context, '100,000')),
    ['bringing in 100,000 actions: longest block of the screen', blockWords(bringing), 'at most 50 ms'],
    ['saving them to a file: longest block of the screen', blockWords(saved), 'at most 50 ms'],
    ['heap at rest with 100,000 actions', `${(heap / 1_000_000).toFixed(0)} MB`, 'at most 300 MB'],
    ['history of one action shown, 100,000 changes kept, median', ms(history), '30 ms'],
    ...days,
  ]
}

async function backFigures(browser) {
  const { context } = await profileOfDone(browser)
  return [...(await lookBackFigures(context)), ...(await pastFigures(context))]
}

/** In a browser of its own, as a person has one: no other store lies in its memory. */
async function inOwnBrowser(measure) {
  const own = await chromium.launch(launchOptions)
  try {
    return await measure(own)
  } finally {
    await own.close()
  }
}
const slowedInOwn = () => inOwnBrowser(async (own) => slowedFigures((await profileWith(own, 10_000)).context))
const hugeInOwn = () => inOwnBrowser(async (own) => hugeFigures(own, (await profileWith(own, 0)).context))

export const browserFigures = () =>
  withServer(async () => {
    const browser = await chromium.launch(launchOptions)
    try {
      const { context: small } = await profileWith(browser, 0)
      const { context: large } = await profileWith(browser, 10_000)
      const of = (actions, options) => profileWith(browser, actions, options).then(({ context }) => context)
      // What cannot be measured is said in its place: the other figures are not lost with it.
      const groups = [
        ['starts', async () => [await starts(small, large, '10,000')]],
        ['ticks', async () => [await ticks(large, '10,000')]],
        ['key presses', async () => [await keyPresses(large)]],
        ['scrolling', async () => [await scrolling(large)]],
        ['the processor slowed', slowedInOwn],
        ['selected together', async () => [await chosenFigures(await of(1000))]],
        ['opened', async () => openedFigures(await of(1000))],
        ['lenses', () => lensFigures(large, '10,000')],
        ['scrolling a lens', () => lensScrolling(browser, profileWith)],
        ['a bad day', async () => [await badDayFigure(await of(1000, { carried: 300 }))]],
        ['the hours', async () => hoursFigures(await of(10_000, { carried: 40 }))],
        ['setting down', () => settingDownFigures(browser)],
        ['shelves', async () => shelfFigures((await profileOfShelves(browser)).context)],
        ['the round', async () => roundFigures((await profileOfShelves(browser)).context)],
        ['the look back', () => backFigures(browser)],
        ['100,000 actions', hugeInOwn],
      ]
      const rows = []
      for (const [name, measure] of groups)
        rows.push(
          ...(await measure().catch((error) => {
            console.error(`${name}: ${error.stack}`)
            return [[name, 'not measured', '']]
          })),
        )
      return rows
    } finally {
      await browser.close()
    }
  })
