import AxeBuilder from '@axe-core/playwright'
import { test, expect } from '@playwright/test'
import { openWithDemo } from '../journeys/parts'
import { measureContrast } from '../journeys/contrast'
for (const scheme of ['light', 'dark'] as const)
test('c ' + scheme, async ({ page }) => {
  test.setTimeout(200000)
  await page.emulateMedia({ colorScheme: scheme, reducedMotion: 'reduce' })
  await openWithDemo(page)
  for (const path of ['/', '/sorting', '/day', '/week', '/shelves', '/review', '/settings', '/help', '/nowhere', '/day?lens=lens:ready-short', '/glance']) {
    await page.goto(path); await page.waitForTimeout(1500)
    const t0 = Date.now(); const m = await measureContrast(page); const t1 = Date.now()
    const axe = await new AxeBuilder({ page }).setLegacyMode().options({ resultTypes: ['violations'] }).withRules(['color-contrast']).analyze(); const t2 = Date.now()
    const rest = await new AxeBuilder({ page }).setLegacyMode().options({ resultTypes: ['violations'] }).withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa']).disableRules(['color-contrast']).analyze(); const t3 = Date.now()
    console.log(scheme, path, m.places, 'own', t1 - t0, 'axe colours', t2 - t1, 'axe rest', t3 - t2, 'incomplete', axe.incomplete.flatMap((i) => i.nodes).length, m.faults.slice(0, 12))
  }
})
