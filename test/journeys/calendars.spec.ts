import { expect, test, type Page } from '@playwright/test'
import { readFileSync } from 'node:fs'
import { open, setDown, station, wide } from './parts'

const unsteady = (name: string) => `/stand-in/calendars/unsteady.ics?name=${name}`
/** The other side from now on: as it behaves, and on which day it speaks. */
const tell = (page: Page, name: string, as: string, day = '2026-03-11') =>
  page.request.put(`/stand-in/calendars/unsteady?name=${name}`, { data: { as, day } })

async function subscribe(page: Page, link: string): Promise<void> {
  await page.goto('/settings')
  await page.getByRole('button', { name: 'Add a calendar' }).click()
  await page.getByRole('textbox', { name: 'Link to a calendar' }).fill(link)
  await page.keyboard.press('Enter')
}
const readAgain = async (page: Page, name: string) => {
  await page.goto(`/settings`)
  await page.getByRole('button', { name: new RegExp(`^${name}`) }).click()
  const again = page.getByRole('button', { name: 'Read again' })
  const answered = page.waitForResponse(/\/api\/feed/)
  await again.click()
  await answered
  await expect(again).toBeEnabled()
}
const toWeek = async (page: Page) => {
  await page.getByRole('button', { name: 'Close' }).click()
  await station(page, 'Week').click()
}

test('a calendar is read from its link, changes, fails and is cut; what was made from its events stays', async ({
  page,
}) => {
  await open(page)
  await tell(page, 'one', 'well')
  await subscribe(page, unsteady('one'))
  await expect(page.getByRole('button', { name: /^Fenwick Hall/ })).toBeVisible()
  await expect(page.getByText('Read today, 09:05')).toBeVisible()
  // The same link twice is one calendar.
  await subscribe(page, unsteady('one'))
  await expect(page.getByText('You have this calendar already: “Fenwick Hall”.')).toBeVisible()
  await page.keyboard.press('Escape')

  // The day as hours: a gap says how long it is, and asks what fits into it.
  await station(page, 'Day').click()
  await page.getByRole('button', { name: 'Show as hours' }).click()
  await expect(page.getByText('1 event, longest gap 7 h 30')).toBeVisible()
  const gap = page.getByRole('button', { name: '25 min free: nothing fits. See what fits' })
  await gap.click()
  const free = page.getByRole('dialog', { name: '09:05–09:30, 25 min free' })
  await expect(free.getByText('Nothing in reach fits.')).toBeVisible()
  await page.keyboard.press('Escape')
  await page.getByRole('button', { name: 'Show as a list' }).click()

  await station(page, 'Week').click()
  const friday = page.getByRole('region', { name: 'Fri 13' })
  await friday.getByRole('button', { name: /^Walk through the hall with the builders 11:00–11:45/ }).click()
  const event = page.getByRole('dialog', { name: 'Walk through the hall with the builders' })
  await expect(event.getByText('with Perrin Vale')).toBeVisible()
  await expect(event.getByText('Bring the drawings of the balcony.')).toBeVisible()
  await event.getByRole('button', { name: 'Prepare' }).click()
  await friday.getByRole('button', { name: /^Prepare for Walk through the hall/ }).click()
  const action = page.getByRole('dialog', { name: /^Prepare for Walk through the hall/ })
  await expect(action.getByRole('button', { name: /^due Fri 13 Mar, 11:00/ })).toBeVisible()
  await expect(action.getByRole('button', { name: /Fri 13 Mar, 11:00–11:45$/ })).toBeVisible()

  // A day later it is at another time there, and the action says that.
  await tell(page, 'one', 'well', '2026-03-12')
  await readAgain(page, 'Fenwick Hall')
  await toWeek(page)
  await expect(
    friday.getByRole('button', { name: /^Walk through the hall with the builders 12:00–12:45/ }),
  ).toBeVisible()
  await friday.getByRole('button', { name: /^Prepare for Walk through the hall/ }).click()
  await expect(action.getByRole('button', { name: /Fri 13 Mar, 12:00–12:45$/ })).toBeVisible()
  await page.keyboard.press('Escape')

  for (const [as, words] of [
    ['failing', /answered with an error \(500\)/],
    ['cut', /cannot be reached/],
  ] as const) {
    await tell(page, 'one', as)
    await readAgain(page, 'Fenwick Hall')
    await expect(page.getByText(words).first()).toBeVisible()
  }
  await toWeek(page)
  await expect(friday.getByRole('button', { name: /^Walk through the hall/ })).toBeVisible()

  // Two weeks later it is not in that calendar any longer.
  await tell(page, 'one', 'well', '2026-03-25')
  await readAgain(page, 'Fenwick Hall')
  await toWeek(page)
  await expect(friday.getByRole('button', { name: /^Walk through the hall/ })).toBeHidden()
  await friday.getByRole('button', { name: /^Prepare for Walk through the hall/ }).click()
  await expect(action.getByText('It is gone from its calendar.')).toBeVisible()
})

test('a calendar that is dropped as a file is shown, found, noted and followed up, and is there without a server', async ({
  page,
  context,
}) => {
  await page.setViewportSize(wide)
  await open(page)
  const lines = ['BEGIN:VCALENDAR', 'BEGIN:VEVENT', 'UID:a', 'SUMMARY:Oak delivery', 'LOCATION:Workshop', 'DTSTART:20260311T140000Z', 'DURATION:PT30M', 'RRULE:FREQ=WEEKLY', 'END:VEVENT', 'END:VCALENDAR'] // prettier-ignore
  await page
    .locator('input[type=file]')
    .first()
    .setInputFiles({ name: 'yard.ics', mimeType: 'text/calendar', buffer: Buffer.from(lines.join('\r\n')) })
  await expect(page.getByText('Calendar added: yard').first()).toBeVisible()
  await station(page, 'Day').click()
  // Wide, the hours are beside the list until something is opened there.
  const hours = page.getByRole('region', { name: 'Hours', exact: true })
  await hours.getByRole('button', { name: /^Oak delivery 14:00–14:30 · Workshop/ }).click()
  await page.getByRole('button', { name: 'Meeting note' }).click()
  await expect(page.getByRole('complementary', { name: 'Oak delivery' })).toBeVisible()
  await page
    .getByRole('list', { name: 'Events today' })
    .getByRole('button', { name: /^Oak delivery 14:00–14:30 · Workshop/ })
    .click()
  await page.getByRole('button', { name: 'Follow up' }).click()
  await expect(page.getByText('Added: Follow up on Oak delivery').first()).toBeVisible()
  await page.getByRole('button', { name: 'Undo' }).first().click()
  await context.setOffline(true)
  await page.getByRole('button', { name: 'Search' }).click()
  await page.getByRole('textbox', { name: 'Search for' }).fill('oak workshop')
  const found = page.getByRole('list', { name: 'Events found' })
  await found.getByRole('button').first().click()
  await expect(
    page.getByRole('dialog', { name: 'Oak delivery' }).getByText('Today, 14:00–14:30'),
  ).toBeVisible()
  await page.keyboard.press('Escape')
  await context.setOffline(false)
  // What is called a calendar and is none is said, and kept as a file.
  await page
    .locator('input[type=file]')
    .first()
    .setInputFiles({ name: 'odd.ics', mimeType: 'text/calendar', buffer: Buffer.from('dear all') })
  await expect(page.getByText(/There is no calendar in this/).first()).toBeVisible()
  await expect(page.getByText('odd.ics').first()).toBeVisible()
  // A page is no calendar, and says what to do.
  await subscribe(page, '/stand-in/calendars/nothing.ics')
  await expect(page.getByText(/Nothing is at this link any longer/)).toBeVisible()
})

test('the dates of the store are saved as a calendar; read back, nothing is there twice', async ({
  page,
}) => {
  await open(page)
  await setDown(page, 'ring the tile maker by friday, 20 min')
  await setDown(page, 'meet Oda on thursday at 14:00, 1 h')
  await page.goto('/sorting')
  for (const title of [/tile maker/, /Oda/]) {
    await expect(page.getByRole('group', { name: 'Compartments' })).toBeVisible()
    await page.keyboard.press('1')
    await expect(page.getByRole('textbox', { name: 'Next action' })).toHaveValue(title)
    await page.keyboard.press('Enter')
  }
  await page.goto('/settings')
  const download = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Save your dates as a calendar' }).click()
  const file = await (await download).path()
  const text = readFileSync(file, 'utf8')
  expect(text).toMatch(
    /DTSTART;TZID=Europe\/London:20260312T140000\r\nDTEND;TZID=Europe\/London:20260312T150000/,
  )
  expect(text).toMatch(/DUE;VALUE=DATE:20260313/)
  await page.getByRole('button', { name: 'Add a calendar' }).click()
  await page.getByLabel('Calendar file').setInputFiles({
    name: 'zen-tray.ics',
    mimeType: 'text/calendar',
    buffer: Buffer.from(text),
  })
  await page.getByRole('button', { name: /^Zen Tray/ }).click()
  await expect(page.getByText('1 entry of your own actions left out: you see them already.')).toBeVisible()
})
