import { expect, test, type Page } from '@playwright/test'
import { band, captureLine, open, setDown, station, wide } from './parts'

/** One action on the Day sheet, opened. */
async function openAction(page: Page): Promise<void> {
  await open(page)
  await setDown(page, 'pack for Fenwick Hall today')
  await page.getByRole('button', { name: 'Sort', exact: true }).click()
  await expect(page.getByRole('group', { name: 'Compartments' })).toBeVisible()
  await page.keyboard.press('1')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { name: /sorted|empty|Nothing/i }).first()).toBeVisible()
  await station(page, 'Day').click()
  await page.getByRole('button', { name: /^pack for Fenwick Hall/ }).click()
  await page.getByRole('button', { name: 'Add step' }).click()
  await expect(another(page)).toBeVisible()
}
const another = (page: Page) => page.getByRole('textbox', { name: 'Add a step' })
/** The outline as it is read: a dash for each step of depth, a mark behind what is done. */
const outline = (page: Page) =>
  page.getByRole('list', { name: 'Steps' }).evaluate((list) =>
    [...list.querySelectorAll('.step-row')].map((row) => {
      const depth = Math.round(parseFloat((row as HTMLElement).style.paddingLeft || '0') / 20)
      const written = row.querySelector<HTMLTextAreaElement>('textarea, input')?.value
      const title = written ?? row.querySelector('.step-open span')?.textContent
      return `${'-'.repeat(depth)}${title}${row.querySelector('[aria-checked=true]') ? '!' : ''}`
    }),
  )

test('steps are typed one after another by keys alone: deeper, back, between, many pasted', async ({
  page,
}) => {
  await openAction(page)
  await another(page).focus()
  for (const key of [
    'meters',
    'Enter',
    'Tab',
    'small',
    'Enter',
    'large',
    'Enter',
    'Shift+Tab',
    'tripod',
    'Enter',
  ])
    if (/^(Enter|Tab|Shift\+Tab)$/.test(key)) await page.keyboard.press(key)
    else await page.keyboard.type(key)
  await expect.poll(() => outline(page)).toEqual(['meters', '-small', '-large', 'tripod'])
  // Between two: Enter on a step lays the next line behind it.
  await page.getByRole('button', { name: /^small/ }).click()
  await page.keyboard.press('Enter')
  await page.keyboard.type('middling')
  await page.keyboard.press('Enter')
  await expect.poll(() => outline(page)).toEqual(['meters', '-small', '-middling', '-large', 'tripod'])
  // The line stays where it was left, with what was typed into it.
  await page.keyboard.type('half a wo')
  await page.reload()
  await expect(another(page)).toHaveValue('half a wo')
  await another(page).fill('')
  await another(page).evaluate((line) => {
    const data = new DataTransfer()
    data.setData('text/plain', '- [ ] cables\n   - long\n- [x] tape')
    line.dispatchEvent(new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }))
  })
  await expect
    .poll(() => outline(page))
    .toEqual(['meters', '-small', '-middling', '-large', 'tripod', 'cables', '-long', 'tape'])
  // Written again: emptied and taken off, moved by Alt and an arrow.
  await page.getByRole('button', { name: /^tape/ }).click()
  await page.keyboard.press('Alt+ArrowUp')
  await page.keyboard.press('Tab')
  await expect.poll(() => outline(page)).toContain('-tape')
  await page.keyboard.press('Shift+Tab')
  await page.keyboard.press('ControlOrMeta+a')
  await page.keyboard.press('Backspace')
  await page.keyboard.press('Backspace')
  await expect.poll(() => outline(page)).not.toContain('tape')
})

test('what is ticked sinks or is hidden, is counted on the row, and a tick of the action asks about the rest', async ({
  page,
}) => {
  await page.setViewportSize(wide)
  await openAction(page)
  await another(page).fill('meters')
  await another(page).press('Enter')
  await another(page).fill('tripod')
  await another(page).press('Enter')
  await another(page).fill('lamp')
  await another(page).press('Enter')
  await page.getByRole('checkbox', { name: 'meters' }).click()
  await expect.poll(() => outline(page)).toEqual(['tripod', 'lamp', 'meters!'])
  await expect(page.getByText('1 of 3 steps')).toBeVisible()
  await page.getByRole('button', { name: 'Hide finished' }).click()
  await expect.poll(() => outline(page)).toEqual(['tripod', 'lamp'])
  await page.getByRole('checkbox', { name: 'pack for Fenwick Hall' }).click()
  const asked = page.getByRole('dialog', { name: '2 steps are still open' })
  await expect(asked).toBeVisible()
  await asked.getByRole('button', { name: 'Cancel' }).click()
  await page.getByRole('checkbox', { name: 'pack for Fenwick Hall' }).click()
  await asked.getByRole('button', { name: 'Keep the rest as an action' }).click()
  await expect(page.getByRole('button', { name: 'Reopen' })).toBeVisible()
  await band(page, 'Picked for today')
    .getByRole('button', { name: /^pack for Fenwick Hall/ })
    .click()
  await expect.poll(() => outline(page)).toEqual(['tripod', 'lamp'])
  // A step becomes an action of its own.
  await page.getByRole('button', { name: /^lamp/ }).click()
  await page.getByRole('button', { name: 'Make lamp an action' }).click()
  await expect.poll(() => outline(page)).toEqual(['tripod'])
  await page
    .getByRole('link', { name: 'In reach' })
    .or(page.getByRole('tab', { name: 'In reach' }))
    .first()
    .click()
  await expect(page.getByRole('button', { name: /^lamp/ })).toBeVisible()
  await expect(captureLine(page)).toBeVisible()
})

test('a step is carried by mouse, by finger and by keys: behind another, and deeper', async ({ browser }) => {
  const context = await browser.newContext({
    viewport: { width: 390, height: 844 },
    hasTouch: true,
    serviceWorkers: 'block',
    timezoneId: 'Europe/London',
    locale: 'en-GB',
    baseURL: 'http://localhost:8123',
  })
  const page = await context.newPage()
  await openAction(page)
  for (const title of ['meters', 'tripod', 'lamp']) {
    await another(page).fill(title)
    await another(page).press('Enter')
  }
  await expect.poll(() => outline(page)).toEqual(['meters', 'tripod', 'lamp'])
  const middleOf = async (title: string) => {
    const box = await page.getByRole('button', { name: new RegExp(`^${title}`) }).boundingBox()
    if (!box) throw new Error(`no ${title}`)
    return { x: box.x + 40, y: box.y + box.height / 2 }
  }
  const [lamp, meters] = [await middleOf('lamp'), await middleOf('meters')]
  await page.mouse.move(lamp.x, lamp.y)
  await page.mouse.down()
  await page.mouse.move(lamp.x + 10, lamp.y - 10, { steps: 3 })
  await page.mouse.move(meters.x + 24, meters.y + 2, { steps: 8 })
  await expect(page.locator('.landing')).toBeVisible()
  await page.mouse.up()
  await expect.poll(() => outline(page)).toEqual(['meters', '-lamp', 'tripod'])
  const touch = await context.newCDPSession(page)
  const from = await middleOf('tripod')
  const to = await middleOf('meters')
  const at = (x: number, y: number) => ({ touchPoints: [{ x, y }] })
  await touch.send('Input.dispatchTouchEvent', { type: 'touchStart', ...at(from.x, from.y) })
  await page.clock.runFor(400)
  for (let part = 1; part <= 8; part++)
    await touch.send('Input.dispatchTouchEvent', {
      type: 'touchMove',
      ...at(from.x, from.y + ((to.y - 40 - from.y) * part) / 8),
    })
  await expect(page.locator('.landing')).toBeVisible()
  await touch.send('Input.dispatchTouchEvent', { type: 'touchEnd', touchPoints: [] })
  await expect.poll(() => outline(page)).toEqual(['tripod', 'meters', '-lamp'])
  await page.getByRole('button', { name: /^tripod/ }).focus()
  await page.keyboard.press('Alt+ArrowDown')
  await expect.poll(() => outline(page)).toEqual(['meters', '-lamp', 'tripod'])
  await context.close()
})
