// Figures taken in headless Chromium on the built application, with 10,000 actions brought in as a file.
import { chromium } from '@playwright/test'
import { spawn, spawnSync } from 'node:child_process'
import { join } from 'node:path'
import { launchOptions } from '../parts/chromium.mjs'
import { root } from '../parts/setUp.mjs'

const port = 8125
const base = `http://localhost:${port}`
const at = (values, share) =>
  [...values].sort((a, b) => a - b)[Math.min(values.length - 1, Math.floor(values.length * share))]
const ms = (value) => `${value.toFixed(1)} ms`

async function withServer(work) {
  const server = spawn(process.execPath, ['--import', 'tsx', 'src/server/main.ts'], {
    cwd: root,
    env: { ...process.env, PORT: String(port) },
    stdio: 'ignore',
  })
  try {
    for (let tries = 0; tries < 100; tries++) {
      if (
        await fetch(`${base}/api/health`).then(
          (response) => response.ok,
          () => false,
        )
      )
        break
      await new Promise((resolve) => setTimeout(resolve, 100))
    }
    return await work()
  } finally {
    server.kill()
  }
}

/** A browser profile that holds so many actions. */
async function profileWith(browser, actions) {
  const context = await browser.newContext({ viewport: { width: 390, height: 844 } })
  const page = await context.newPage()
  await page.goto(base)
  await page.getByRole('textbox', { name: 'Set down' }).waitFor()
  if (actions > 0) {
    const file = spawnSync(
      process.execPath,
      ['--import', 'tsx', join('scripts', 'bench', 'storeOf.ts'), String(actions)],
      { cwd: root, maxBuffer: 1 << 30 },
    )
    await page.goto(`${base}/settings`)
    await page
      .getByLabel('File to bring in')
      .setInputFiles({ name: 'store.json', mimeType: 'application/json', buffer: file.stdout })
    await page.getByRole('button', { name: 'Bring it in' }).click({ timeout: 60_000 })
    await page.getByText('Brought in.').first().waitFor({ state: 'attached', timeout: 60_000 })
  }
  await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined))
  await page.close()
  return context
}

/** From navigation to a Tray whose pile is shown and whose line takes a key. */
async function startOf(context) {
  const page = await context.newPage()
  await page.addInitScript(() => {
    const look = () => {
      if (
        /slip|Nothing set down/.test(document.querySelector('h1')?.textContent ?? '') &&
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

async function starts(small, large) {
  const times = { small: [], large: [] }
  for (let round = 0; round < 9; round++) {
    times.small.push(await startOf(small))
    times.large.push(await startOf(large))
  }
  const [a, b] = [at(times.small.slice(1), 0.5), at(times.large.slice(1), 0.5)]
  return [
    'first start to a usable Tray with 10,000 actions, against an empty store',
    `${(b / a).toFixed(2)} times (${ms(b)} against ${ms(a)})`,
    'at most 1.5 times',
  ]
}

/** Runs an act in the page and gives the time to the frame after it has been painted. */
const paintedAfter = (page, act, argument) =>
  page.evaluate(
    ([source, given]) =>
      new Promise((resolve) => {
        const before = performance.now()
        new Function('given', source)(given)
        requestAnimationFrame(() => {
          const channel = new MessageChannel()
          channel.port1.onmessage = () => resolve(performance.now() - before)
          channel.port2.postMessage(0)
        })
      }),
    [act, argument],
  )

async function ticks(context) {
  const page = await context.newPage()
  await page.goto(`${base}/day`)
  await page.getByRole('checkbox').first().waitFor()
  await page.waitForTimeout(1500)
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
    'tick to painted result at 10,000 actions, 95th percentile',
    `${ms(at(times.slice(5), 0.95))} (median ${ms(at(times.slice(5), 0.5))})`,
    '50 ms',
  ]
}

async function keyPresses(context) {
  const page = await context.newPage()
  await page.goto(base)
  await page.getByRole('textbox', { name: 'Set down' }).waitFor()
  await page.waitForTimeout(1500)
  const typed = `ring the tile maker about samples by friday 20 min for Project 12, must ${'and more '.repeat(3)}by monday`
  const press =
    "const input = document.getElementById('set-down'); Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set.call(input, given); input.dispatchEvent(new Event('input', { bubbles: true }))"
  const times = []
  for (let length = 1; length <= typed.length; length++)
    times.push(await paintedAfter(page, press, typed.slice(0, length)))
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

export const browserFigures = () =>
  withServer(async () => {
    const browser = await chromium.launch(launchOptions)
    try {
      const small = await profileWith(browser, 0)
      const large = await profileWith(browser, 10_000)
      return [await starts(small, large), await ticks(large), await keyPresses(large), await scrolling(large)]
    } finally {
      await browser.close()
    }
  })
