// What figures taken in the browser have in common: the server, percentiles, and how long the screen was held.
import { spawn } from 'node:child_process'
import { root } from '../parts/setUp.mjs'

const port = 8125
export const base = `http://localhost:${port}`
export const at = (values, share) =>
  [...values].sort((a, b) => a - b)[Math.min(values.length - 1, Math.floor(values.length * share))]
export const ms = (value) => `${value.toFixed(1)} ms`

export async function withServer(work) {
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

/** The longest task of the page while `work` goes on: nothing is drawn and no key is answered meanwhile. */
export async function longestBlock(page, work) {
  await page.evaluate(() => {
    window.longest = 0
    new PerformanceObserver((list) => {
      for (const { duration } of list.getEntries()) window.longest = Math.max(window.longest, duration)
    }).observe({ type: 'longtask' })
  })
  const began = Date.now()
  await work()
  const took = Date.now() - began
  await page.waitForTimeout(200)
  return { longest: await page.evaluate(() => window.longest), took }
}

/** Runs an act in the page and gives the time to the frame after it has been painted. */
export const paintedAfter = (page, act, argument) =>
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

/** From an act to the frame after what it leads to has been painted, however late it comes. */
export const untilShown = (page, act, selector) =>
  untilTrue(page, act, `document.querySelector(${JSON.stringify(selector)})`)

/** The same, until an expression holds. */
export const untilTrue = (page, act, wanted) =>
  page.evaluate(
    ([source, asked]) =>
      new Promise((resolve) => {
        const holds = new Function(`return ${asked}`)
        const before = performance.now()
        new Function(source)()
        const look = () => {
          if (!holds()) return requestAnimationFrame(look)
          const channel = new MessageChannel()
          channel.port1.onmessage = () => resolve(performance.now() - before)
          channel.port2.postMessage(0)
        }
        requestAnimationFrame(look)
      }),
    [act, wanted],
  )

/** Scrolls a box some way a frame, for 200 frames: how long each took. */
export const framesOf = (page, selector, across = 0, down = 120) =>
  page.evaluate(
    ([wanted, x, y]) =>
      new Promise((resolve) => {
        const box = document.querySelector(wanted)
        const frames = []
        let last = performance.now()
        const step = (now) => {
          frames.push(now - last)
          last = now
          if (frames.length >= 200) return resolve(frames.slice(5))
          box.scrollBy(x, y)
          requestAnimationFrame(step)
        }
        requestAnimationFrame(step)
      }),
    [selector, across, down],
  )
