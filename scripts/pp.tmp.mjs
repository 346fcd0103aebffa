import { chromium } from '@playwright/test'
import { launchOptions } from './parts/chromium.mjs'
import { withServer, base } from './bench/parts.mjs'
import { profileOfDone } from './bench/browser.mjs'
await withServer(async () => {
  const browser = await chromium.launch(launchOptions)
  const { context } = await profileOfDone(browser)
  const page = await context.newPage()
  await page.goto(`${base}/review`)
  await page.getByRole('tab', { name: 'Look back' }).waitFor({ timeout: 120_000 })
  await page.waitForTimeout(4000)
  await page.getByRole('button', { name: 'Search' }).click()
  const line = page.getByRole('textbox', { name: 'Search for' })
  await line.fill('zebra')
  await page.getByText(/Nothing found|found\./).waitFor({ timeout: 120_000 })
  await line.fill(''); await page.waitForTimeout(1000)
  const cdp = await context.newCDPSession(page)
  await cdp.send('Profiler.enable'); await cdp.send('Profiler.setSamplingInterval', { interval: 200 }); await cdp.send('Profiler.start')
  for (let i = 0; i < 3; i++) { await line.fill('How much time did I spend?'); await page.waitForTimeout(900); await line.fill(''); await page.waitForTimeout(300) }
  const { profile } = await cdp.send('Profiler.stop')
  const self = new Map(); const dt = profile.timeDeltas
  const byId = new Map(profile.nodes.map((n) => [n.id, n]))
  profile.samples.forEach((id, i) => { const n = byId.get(id); const k = `${n.callFrame.functionName}|${n.callFrame.url.slice(-30)}:${n.callFrame.lineNumber}:${n.callFrame.columnNumber}`; self.set(k, (self.get(k) ?? 0) + dt[i]) })
  console.log([...self].sort((a, b) => b[1] - a[1]).slice(0, 22).map(([k, v]) => `${(v / 3000).toFixed(1)} ms ${k}`).join('\n'))
  await browser.close()
})
