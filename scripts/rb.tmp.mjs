import { chromium } from '@playwright/test'
import { launchOptions } from './parts/chromium.mjs'
import { withServer } from './bench/parts.mjs'
import { profileOfDone, profileOfShelves } from './bench/browser.mjs'
import { lookBackFigures, pastFigures, roundFigures } from './bench/reviewShown.mjs'
const which = process.argv[2]
await withServer(async () => {
  const browser = await chromium.launch(launchOptions)
  if (which !== 'round') { const { context } = await profileOfDone(browser); if (which !== 'past') console.log(await lookBackFigures(context)); console.log(await pastFigures(context)); await context.close() }
  if (which === 'round') { const { context } = await profileOfShelves(browser); console.log(await roundFigures(context)) }
  await browser.close()
})
