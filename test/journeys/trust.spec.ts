// Nothing is lost, and nothing is promised anew by itself: what a slip was is in what it becomes, a killed browser
// keeps the line, an e-mail goes to what is opened, and closing the day evening after evening moves no promise.
import { chromium, expect, test, type Page } from '@playwright/test'
import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { launchOptions } from '../../scripts/parts/chromium.mjs'
import { band, captureLine, open, openWithDemo, plan, setDown, shelfPart } from './parts'

const dialog = (page: Page, name: string) => page.getByRole('dialog', { name })

test('a list becomes the actions of a project; what has no place goes into its note, and is found', async ({
  page,
}) => {
  await open(page)
  await setDown(page, 'Bakery counter: measure up, draw, price, book fitting, by friday 17:00, 2 hours')
  await page.goto('/sorting')
  await expect(page.getByRole('heading', { name: 'Bakery counter' })).toBeVisible()
  await page.keyboard.press('3')
  const form = page.getByRole('form', { name: 'Project' })
  await expect(form.getByRole('radiogroup', { name: 'The list becomes' })).toBeVisible()
  await expect(form.getByText('In the note: by friday 17:00, 2 hours')).toBeVisible()
  await form.getByRole('button', { name: 'Save project' }).click()
  await page.goto('/shelves')
  await page.getByText('Bakery counter').first().click()
  const opened = dialog(page, 'Bakery counter')
  await expect(opened.getByText('measure up').first()).toBeVisible()
  await expect(opened.getByText('by friday 17:00, 2 hours')).toBeVisible()
  await opened.getByRole('button', { name: 'Close', exact: true }).click()
  // The actions stand in the order of the list, and search finds the words that went into the note.
  for (const title of ['draw', 'price', 'book fitting']) {
    await page.keyboard.press('/')
    const search = dialog(page, 'Search')
    await search.getByRole('textbox', { name: 'Search for' }).fill(title)
    await expect(search.getByRole('list', { name: 'Found' }).getByText(title).first()).toBeVisible()
    await page.keyboard.press('Escape')
  }
})

test('what was written stays to be read: a reference keeps its list, and its history the first words', async ({
  page,
}) => {
  await open(page)
  await setDown(page, 'paint codes: hall 7044, stairs 9010')
  await page.goto('/sorting')
  await expect(page.getByRole('group', { name: 'Compartments' })).toBeVisible()
  await page.keyboard.press('7')
  await expect(page.getByRole('heading', { name: 'The Tray is empty' })).toBeVisible()
  await page.keyboard.press('/')
  await dialog(page, 'Search').getByRole('textbox', { name: 'Search for' }).fill('7044')
  await dialog(page, 'Search').getByRole('list', { name: 'Found' }).getByText('paint codes').click()
  const opened = dialog(page, 'paint codes')
  await expect(opened.getByText('hall 7044, stairs 9010', { exact: true })).toBeVisible()
  await opened.getByRole('button', { name: 'More', exact: true }).click()
  await expect(opened.getByText('As first written: “paint codes: hall 7044, stairs 9010”')).toBeVisible()
})

test('a thought is added over what is open, by a tap and while sorting, and nothing of it is lost', async ({
  page,
}) => {
  await openWithDemo(page, '/day')
  await page.getByRole('button', { name: /^Find the fan/ }).click()
  const opened = dialog(page, 'Find the fan’s data sheet')
  await opened.getByRole('button', { name: 'Add a thought' }).click()
  await setDown(page, 'ask about the second fan')
  await dialog(page, 'Add to the Tray').getByRole('button', { name: 'Close' }).click()
  await expect(opened).toBeVisible()
  await page.goto('/sorting')
  await page.getByRole('button', { name: 'Add a thought' }).click()
  await captureLine(page).fill('half a thou')
  await page.keyboard.press('Escape')
  await page.keyboard.press('Escape')
  await page.goto('/')
  await expect(captureLine(page)).toHaveValue('half a thou')
  await expect(page.getByText('ask about the second fan')).toBeVisible()
})

test('a half-typed line survives a browser that is killed half a second later', async () => {
  test.setTimeout(120_000)
  const folder = mkdtempSync(join(tmpdir(), 'zen-tray-'))
  const start = async () => {
    const context = await chromium.launchPersistentContext(folder, {
      ...launchOptions,
      serviceWorkers: 'block',
    })
    const page = context.pages()[0] ?? (await context.newPage())
    await page.goto('http://localhost:8123/')
    await expect(captureLine(page)).toBeVisible({ timeout: 30_000 })
    return { context, page }
  }
  const { context, page } = await start()
  await setDown(page, 'set down before')
  await captureLine(page).pressSequentially('ring Davit about the swell b')
  // Half a second, and not the five that the browser takes to write its local storage.
  await page.waitForTimeout(500)
  const devtools = await context.browser()?.newBrowserCDPSession()
  const { processInfo } = (await devtools?.send('SystemInfo.getProcessInfo')) ?? { processInfo: [] }
  const browser = processInfo.find(({ type }) => type === 'browser')
  if (!browser) throw new Error('no process to kill')
  process.kill(browser.id, 'SIGKILL')
  await context.close().catch(() => {})
  const again = await start()
  await expect(captureLine(again.page)).toHaveValue('ring Davit about the swell b')
  await expect(again.page.getByRole('button', { name: /^Sort set down before/ })).toHaveCount(1)
  await again.context.close()
  rmSync(folder, { recursive: true, force: true })
})

test('four evenings: closing the day moves what was planned, and what is due stays due until somebody says so', async ({
  page,
}) => {
  await open(page, '/day')
  for (const sentence of ['send the offer by today, 30 min', 'sort the samples today, 1 hour']) {
    await captureLine(page).fill(sentence)
    await captureLine(page).press('Shift+Enter')
    await expect(captureLine(page)).toHaveValue('')
  }
  const evenings = ['11', '12', '13', '14']
  for (const [at, day] of evenings.entries()) {
    await page.clock.setSystemTime(new Date(`2026-03-${day}T17:05:00Z`))
    await page.goto('/day')
    await plan(page, 'Close the day')
    const close = dialog(page, 'Close the day')
    const promised = close.getByRole('list', { name: 'Due or at a fixed time' })
    await expect(promised).toContainText('send the offer')
    await expect(promised.getByRole('button', { name: 'send the offer: leave it' })).toHaveAttribute(
      'aria-pressed',
      'true',
    )
    const planned = close.getByRole('list', { name: 'Planned for today' })
    await expect(planned.getByRole('button', { name: 'sort the samples: tomorrow' })).toHaveAttribute(
      'aria-pressed',
      'true',
    )
    await expect(close.getByText(/^Tomorrow: 1 h of /)).toBeVisible()
    await close.getByRole('button', { name: 'Save' }).click()
    await expect(close).toHaveCount(0)
    // The third move asks its question here as everywhere.
    const asked = dialog(page, 'Moved three times')
    if (at === 2) await asked.getByRole('button', { name: 'Leave it as it is' }).click()
    else await expect(asked).toHaveCount(0)
  }
  await page.clock.setSystemTime(new Date('2026-03-15T08:00:00Z'))
  await page.goto('/day')
  await expect(band(page, 'Carried over').getByText(/due .*11 Mar/)).toBeVisible()
  await expect(band(page, 'Picked for today')).toContainText('sort the samples')
})

test('an e-mail that is added to an opened action goes to it, and says so in the sheet', async ({ page }) => {
  await open(page, '/day')
  await captureLine(page).fill('send the offer today')
  await captureLine(page).press('Shift+Enter')
  await page.getByRole('button', { name: /^send the offer/ }).click()
  const opened = dialog(page, 'send the offer')
  await opened.getByLabel('Files to add').setInputFiles([
    {
      name: 'answer.eml',
      mimeType: 'message/rfc822',
      buffer: Buffer.from(
        'From: Oda <oda@example.org>\r\nSubject: about the offer\r\n\r\nPlease add the stairs.\r\n',
      ),
    },
  ])
  await expect(opened.getByText('Added: 1 e-mail').first()).toBeAttached()
  await expect(opened.getByText('Please add the stairs.')).toBeVisible()
  await page.goto('/')
  await expect(page.getByRole('button', { name: /^Sort/ })).toHaveCount(0)
})

test('a project with something open in it does not end before it is said where that goes', async ({
  page,
}) => {
  await openWithDemo(page, '/shelves')
  await page
    .getByRole('button', { name: /^Fenwick Hall echo report/ })
    .first()
    .click()
  const pane = dialog(page, 'Fenwick Hall echo report')
  const line = pane.getByRole('textbox', { name: 'Say what to change' })
  await line.fill('finished')
  await line.press('Enter')
  const asked = dialog(page, 'Finish “Fenwick Hall echo report”?')
  await expect(asked).toContainText(/\d+ open actions are in it/)
  await asked.getByRole('button', { name: 'Cancel' }).click()
  await expect(pane.getByRole('button', { name: 'Let go of the project' })).toBeVisible()
  await line.fill('finished')
  await line.press('Enter')
  await asked.getByRole('button', { name: 'Finish it, its actions go elsewhere' }).click()
  await page.getByRole('option', { name: 'Instruments', exact: true }).click()
  await expect(page.getByText('Finished: Fenwick Hall echo report').first()).toBeAttached()
  await page.goto('/day')
  await expect(page.getByRole('button', { name: /^Sign off the Fenwick/ })).toBeVisible()
})

test('a call is offered the phone, by one tap; a word that was decided otherwise is offered that', async ({
  page,
}) => {
  await openWithDemo(page)
  await captureLine(page).fill('ring the glazier')
  const offer = page.getByRole('button', { name: 'Set the context Phone' })
  await expect(offer).toBeVisible()
  // Never taken: what is added as it stands has none.
  await offer.click()
  await expect(captureLine(page)).toHaveValue('ring the glazier, Phone')
  await expect(captureLine(page)).toBeFocused()
  await expect(offer).toBeHidden()
  await captureLine(page).press('Enter')
  await expect(page.getByRole('list', { name: 'Slips' }).getByRole('listitem').first()).toContainText('Phone')
  await captureLine(page).fill('buy felt tomorrow')
  await expect(page.getByRole('button', { name: 'Set the context Errands' })).toBeVisible()
  await captureLine(page).fill('buying felt tomorrow')
  await expect(page.getByRole('button', { name: 'Set the context Errands' })).toBeHidden()
})

test('what was removed rests in its place: found, put back, or removed for good with its files', async ({
  page,
}) => {
  await open(page)
  const file = { name: 'plan.txt', mimeType: 'text/plain', buffer: Buffer.alloc(5000, 'plan') }
  await page.locator('input[type=file][multiple]').setInputFiles(file)
  await expect(page.getByRole('button', { name: 'Take off plan.txt' })).toBeVisible()
  await captureLine(page).fill('look at the plan')
  await captureLine(page).press('Enter')
  await setDown(page, 'a second thought')
  await page.getByRole('button', { name: 'Remove look at the plan' }).click()
  await page.getByRole('button', { name: 'Remove a second thought' }).click()
  await page.goto('/shelves')
  await shelfPart(page, 'Kept', 'Let go')
  const gone = page.getByRole('list', { name: 'Let go' })
  await expect(gone.getByRole('listitem')).toHaveCount(2)
  await page.getByRole('button', { name: 'Put back a second thought' }).click()
  await page.getByRole('textbox', { name: 'Find among what was let go' }).fill('PLAN')
  await page.getByRole('button', { name: /^Delete .*…/ }).click()
  const asked = page.getByRole('dialog')
  await expect(asked).toContainText('1 file (5 kB) goes along.')
  await asked.getByRole('button', { name: 'Delete' }).click()
  await expect(page.getByText('What you let go of or remove is here')).toBeVisible()
  await page.goto('/settings')
  await expect(page.getByText(/all files together/)).toBeHidden()
  await page.goto('/')
  await expect(page.getByRole('list', { name: 'Slips' }).getByRole('listitem')).toHaveText([
    /a second thought/,
  ])
})
