// From setting down to a ticked action that is still ticked after a reload: by tap, and by keys alone.
import { expect, test, type Page } from '@playwright/test'
import {
  band,
  captureLine,
  carry,
  carryByFinger,
  open,
  openWithDemo,
  setDown,
  station,
  wide,
  shelfPart,
} from './parts'

const five = [
  'ring the tile maker about samples by friday 20 min',
  'pay the studio rent today, must',
  'look at sea kayaks someday',
  'absorption of felt, a table',
  'paint the shed',
]

/** Sets one sentence down, sorts it as an action, and goes to the Day. */
async function actionOnTheDay(page: Page, sentence: string): Promise<void> {
  await setDown(page, sentence)
  await page.getByRole('button', { name: 'Sort', exact: true }).click()
  await page.getByRole('button', { name: 'Action' }).click()
  await page.getByRole('button', { name: 'Save action' }).click()
  await station(page, 'Day').click()
}

test('five sentences set down, sorted, one ticked on the Day sheet, all still true after a reload', async ({
  page,
}) => {
  await open(page)
  await captureLine(page).fill(five[0] as string)
  await expect(page.getByRole('button', { name: 'Take off due Fri 13 Mar' })).toBeVisible()
  await captureLine(page).press('Enter')
  await setDown(page, ...five.slice(1))
  await expect(page.getByRole('heading', { name: '5 slips' })).toBeVisible()

  await page.getByRole('button', { name: 'Sort', exact: true }).click()
  await expect(page.getByRole('heading', { name: '1 of 5' })).toBeVisible()
  await page.getByRole('button', { name: 'Action' }).click()
  await expect(page.getByRole('radio', { name: '20 min', exact: true })).toBeChecked()
  await page.getByRole('button', { name: 'Save action' }).click()
  await expect(page.getByRole('heading', { name: '2 of 5' })).toBeVisible()
  await page.getByRole('button', { name: 'Action' }).click()
  await expect(page.getByRole('radio', { name: 'today' })).toBeChecked()
  await expect(page.getByRole('button', { name: 'must' })).toBeVisible()
  await page.getByRole('button', { name: 'Save action' }).click()
  await page.getByRole('button', { name: 'Someday', exact: true }).click()
  await page.getByRole('button', { name: 'Let go' }).click()
  await page.getByRole('button', { name: 'Undo', exact: true }).click()
  await expect(page.getByRole('heading', { name: '4 of 5' })).toBeVisible()
  await page.getByRole('button', { name: 'Reference' }).click()
  await page.getByRole('button', { name: 'Project' }).click()
  await page.getByRole('textbox', { name: 'Outcome' }).fill('The shed is green by May')
  await page.getByRole('textbox', { name: 'First next action' }).fill('buy paint, 30 min')
  await page.getByRole('button', { name: 'Save project' }).click()
  await expect(page.getByRole('heading', { name: 'The Tray is empty' })).toBeVisible()

  await page.getByRole('button', { name: 'See the day' }).click()
  await page.getByRole('checkbox', { name: 'pay the studio rent' }).click()
  await expect(page.getByRole('status').filter({ hasText: 'Done: pay the studio rent' })).toBeAttached()
  await captureLine(page).fill('half a tho')
  await page.reload()

  await expect(captureLine(page)).toHaveValue('half a tho')
  await expect(
    band(page, 'This week').getByRole('checkbox', { name: 'ring the tile maker about samples' }),
  ).not.toBeChecked()
  await expect(band(page, 'This week').getByText('due Fri 13 Mar')).toBeVisible()
  await page.getByRole('button', { name: /^Done today ?\d/ }).click()
  await expect(band(page, 'Done today').getByRole('checkbox', { name: 'pay the studio rent' })).toBeChecked()
  await station(page, 'Shelves').click()
  await expect(page.getByRole('button', { name: /^paint the shed/ })).toContainText('buy paint')
  await shelfPart(page, 'Kept', 'Someday')
  await expect(page.getByRole('checkbox', { name: 'look at sea kayaks' })).toBeVisible()
  await shelfPart(page, 'Kept', 'Reference')
  await expect(page.getByText('absorption of felt, a table')).toBeVisible()
})

test('the same by keys alone', async ({ page }) => {
  await page.setViewportSize(wide)
  await open(page)
  const keys = page.keyboard
  await keys.press('n')
  for (const sentence of five) {
    await keys.type(sentence)
    await keys.press('Enter')
  }
  await keys.press('Escape')
  await expect(page.getByRole('heading', { name: '5 slips' })).toBeVisible()
  await page.getByRole('button', { name: 'Sort', exact: true }).focus()
  await keys.press('Enter')
  await expect(page.getByRole('heading', { name: '1 of 5' })).toBeVisible()
  for (const [key, then] of [
    ['1', '2 of 5'],
    ['1', '3 of 5'],
  ] as const) {
    await keys.press(key)
    await expect(page.getByRole('textbox', { name: 'Next action' })).toBeFocused()
    await keys.press('ArrowDown')
    await expect(
      page.getByRole('radiogroup', { name: 'Horizon' }).getByRole('radio', { checked: true }),
    ).toBeFocused()
    await keys.press('Enter')
    await expect(page.getByRole('heading', { name: then })).toBeVisible()
  }
  await keys.press('9')
  await expect(page.getByRole('heading', { name: '4 of 5' })).toBeVisible()
  await keys.press('6')
  await expect(page.getByRole('heading', { name: '5 of 5' })).toBeVisible()
  await keys.press('z')
  await expect(page.getByRole('heading', { name: '4 of 5' })).toBeVisible()
  await keys.press('7')
  await expect(page.getByRole('heading', { name: '5 of 5' })).toBeVisible()
  await keys.press('3')
  await expect(page.getByRole('textbox', { name: 'Project' })).toBeFocused()
  await keys.press('ArrowDown')
  await expect(page.getByRole('textbox', { name: 'Outcome' })).toBeFocused()
  await keys.type('The shed is green by May')
  await keys.press('Enter')
  await expect(page.getByRole('heading', { name: 'The Tray is empty' })).toBeVisible()

  await keys.press('d')
  await expect(band(page, 'Picked for today')).toBeVisible()
  await keys.press('j')
  await expect(page.getByRole('button', { name: /^pay the studio rent/ })).toBeFocused()
  await keys.press('u')
  await expect(band(page, 'Underway').getByRole('checkbox', { name: 'pay the studio rent' })).toBeVisible()
  await page.getByRole('button', { name: /^pay the studio rent/ }).focus()
  await keys.press('Space')
  await expect(page.getByRole('button', { name: /^Done today ?\d/ })).toBeVisible()
  await page.getByRole('button', { name: /^ring the tile maker about samples/ }).focus()
  await keys.press('m')
  await expect(page.getByRole('dialog', { name: /Move/ })).toBeVisible()
  await page.getByRole('button', { name: 'tomorrow', exact: true }).press('Enter')
  await keys.press('w')
  await expect(
    page
      .getByRole('region', { name: 'Thu 12' })
      .getByRole('button', { name: /^ring the tile maker about samples/ }),
  ).toBeVisible()
  await keys.press('?')
  await expect(page.getByRole('dialog', { name: 'Keys' })).toBeVisible()
  await keys.press('Escape')
  await keys.press('/')
  await keys.type('kayak')
  await expect(
    page.getByRole('dialog', { name: 'Search' }).getByRole('button', { name: /sea kayaks/ }),
  ).toBeVisible()
  await keys.press('Enter')
  await expect(page.getByRole('dialog', { name: 'look at sea kayaks' })).toBeVisible()
  await page.reload()
  await expect(page.getByRole('dialog', { name: 'look at sea kayaks' })).toBeVisible()
})

test('what is opened reads first, is changed by choosing, tells what happened, and keeps what is written at once', async ({
  page,
}) => {
  await page.setViewportSize(wide)
  await open(page)
  await actionOnTheDay(page, 'sign the draft by friday, 30 min')
  await page.getByRole('button', { name: /^sign the draft/ }).click()
  const pane = page.getByRole('complementary', { name: 'sign the draft' })
  await pane.getByRole('button', { name: 'More to set' }).click()
  await pane.getByRole('button', { name: 'weight' }).click()
  await page.getByRole('dialog', { name: 'Weight' }).getByRole('button', { name: 'must' }).click()
  await expect(pane.getByRole('button', { name: 'must' })).toBeVisible()
  await pane.getByRole('textbox', { name: 'Title' }).fill('sign the draft twice, in ink')
  await page.reload()
  const again = page.getByRole('textbox', { name: 'Title' })
  await expect(again).toHaveValue('sign the draft twice, in ink')
  await again.fill('sign the draft')
  await again.blur()
  await pane.getByRole('button', { name: 'More', exact: true }).click()
  const story = pane.getByRole('region', { name: 'History' })
  await expect(story.getByText(/As first written/)).toBeVisible()
  await expect(story.getByText('Sorted as an action')).toBeVisible()
  await expect(story.getByText('Changed: weight should → must')).toBeVisible()
  await page.keyboard.press('Escape')
  await expect(story).toBeHidden()
  await page.keyboard.press('Escape')
  await expect(pane).toBeHidden()
})

test('midnight turns the sheet by itself', async ({ page }) => {
  await open(page)
  await actionOnTheDay(page, 'water the ferns today')
  await expect(
    band(page, 'Picked for today').getByRole('checkbox', { name: 'water the ferns' }),
  ).toBeVisible()
  await page.clock.fastForward('15:00:00')
  await expect(page.getByRole('heading', { name: 'Thu 12 Mar' })).toBeVisible()
  await expect(band(page, 'Carried over').getByRole('checkbox', { name: 'water the ferns' })).toBeVisible()
})

test('on a phone the week goes to any day by one tap; its aims and its note are written where they are seen', async ({
  page,
}) => {
  await openWithDemo(page, '/week')
  const days = page.getByRole('navigation', { name: 'Days of the week' })
  const sunday = page.getByRole('region', { name: 'Sun 15' })
  await expect(sunday).not.toBeInViewport()
  await days.getByRole('button', { name: 'Go to Sun 15' }).click()
  await expect(sunday.getByRole('checkbox', { name: 'Call Nan' })).toBeInViewport()
  // Days that have passed are folded away until they are asked for.
  await expect(page.getByRole('region', { name: 'Mon 9' })).toBeHidden()
  await days.getByRole('button', { name: 'Go to Mon 9' }).click()
  await expect(page.getByRole('region', { name: 'Mon 9' })).toBeInViewport()

  await page.getByRole('button', { name: /^Aims: / }).click()
  await page.getByRole('textbox', { name: 'First aim' }).fill('Fenwick draft sent')
  await page.getByRole('button', { name: 'Done', exact: true }).click()
  await page.getByRole('button', { name: 'Note of Week 11' }).click()
  await page.getByRole('button', { name: 'Write down what this week is about' }).click()
  await page.keyboard.type('Two trains, one hall')
  await page.keyboard.press('Escape')
  await page.getByRole('button', { name: 'Close' }).click()
  await page.reload()
  await expect(
    page.getByRole('button', { name: 'Aims: Fenwick draft sent · Meters calibrated' }),
  ).toBeVisible()
  await expect(page.getByRole('button', { name: 'Note of Week 11: Two trains, one hall' })).toBeVisible()
  // Next week has its own.
  await page.getByRole('button', { name: 'The week after' }).click()
  await expect(page.getByRole('button', { name: 'Set an aim' })).toBeVisible()
  await expect(page.getByRole('button', { name: 'Note of Week 12', exact: true })).toBeVisible()
})

test.describe('the week by hand', () => {
  const summary = 'Write the two-page summary for both sides'
  const day = (page: Page, name: string) => page.getByRole('region', { name })
  test.describe('on a wide page', () => {
    test.use({ viewport: { width: 1900, height: 1100 } })
    test('an action is carried to a day and off it again by the mouse, and from day to day by keys', async ({
      page,
    }) => {
      await openWithDemo(page, '/week')
      const status = page.getByRole('status')
      await carry(page, summary, day(page, 'Fri 13'))
      await expect(status.filter({ hasText: `Planned for Fri 13 Mar: ${summary}` }).first()).toBeAttached()
      await expect(day(page, 'Fri 13')).toContainText(summary)
      await expect(day(page, 'No day yet')).not.toContainText(summary)
      await day(page, 'Fri 13').getByRole('button', { name: summary, exact: true }).focus()
      await page.keyboard.press('Alt+ArrowRight')
      await expect(day(page, 'Sat 14')).toContainText(summary)
      // What has passed is over, and what is due stays where it is due.
      await carry(page, summary, day(page, 'Mon 9'))
      await expect(status.filter({ hasText: 'That day is over.' }).first()).toBeAttached()
      await expect(day(page, 'Sat 14')).toContainText(summary)
      await carry(page, 'Sign the school trip form', day(page, 'No day yet'))
      await expect(status.filter({ hasText: 'It stands there because it is due.' }).first()).toBeAttached()
      await carry(page, summary, day(page, 'No day yet'))
      await expect(day(page, 'No day yet')).toContainText(summary)
      await page.keyboard.press('z')
      await expect(day(page, 'Sat 14')).toContainText(summary)
    })
  })
  test.describe('in the month', () => {
    test.use({ viewport: { width: 1400, height: 1100 } })
    const cell = (page: Page, date: string) => page.locator(`.month [data-place="day ${date}"]`)
    test('what is planned and what is due are carried to other days, by the mouse and by keys', async ({
      page,
    }) => {
      await page.emulateMedia({ reducedMotion: 'reduce' })
      await openWithDemo(page, '/week?view=month')
      const status = page.getByRole('status')
      const call = 'Call Nan'
      await carry(page, call, cell(page, '2026-03-18'))
      await expect(status.filter({ hasText: `Planned for Wed 18 Mar: ${call}` }).first()).toBeAttached()
      await cell(page, '2026-03-18').getByRole('button', { name: call }).focus()
      // However far it is carried while Alt is held, it is moved once: nobody is asked why it was moved so often.
      await page.keyboard.down('Alt')
      for (const key of ['ArrowDown', 'ArrowLeft', 'ArrowLeft', 'ArrowRight']) await page.keyboard.press(key)
      await expect(cell(page, '2026-03-24')).toHaveClass(/landing-place/)
      await expect(cell(page, '2026-03-18')).toContainText(call)
      // Escape leaves it where it was.
      await page.keyboard.press('Escape')
      await page.keyboard.up('Alt')
      await expect(cell(page, '2026-03-24')).not.toHaveClass(/landing-place/)
      await expect(cell(page, '2026-03-18')).toContainText(call)
      await page.keyboard.down('Alt')
      for (const key of ['ArrowDown', 'ArrowLeft']) await page.keyboard.press(key)
      await page.keyboard.up('Alt')
      await expect(cell(page, '2026-03-24').getByRole('button', { name: call })).toBeFocused()
      // What stands there because it is due is due on the day that it is carried to; so is a project.
      const canteen = 'Mill school canteen quote'
      await carry(page, canteen, cell(page, '2026-03-23'))
      await expect(status.filter({ hasText: `Due Mon 23 Mar: ${canteen}` }).first()).toBeAttached()
      await expect(cell(page, '2026-03-20')).not.toContainText(canteen)
      await carry(page, canteen, cell(page, '2026-03-10'))
      await expect(status.filter({ hasText: 'That day is over.' }).first()).toBeAttached()
      await expect(cell(page, '2026-03-23')).toContainText(canteen)
      await page.keyboard.press('z')
      await expect(cell(page, '2026-03-20')).toContainText(canteen)
      // A day opens beside, by keys too; there the person is away, and the year knows.
      await page.getByRole('button', { name: /^Wednesday, 11 March, today/ }).focus()
      await page.keyboard.press('PageDown')
      await expect(page.getByRole('button', { name: /^Wednesday, 1 April/ })).toBeFocused()
      await page.keyboard.press('PageUp')
      await expect(page.getByRole('button', { name: /^Wednesday, 11 March, today/ })).toBeFocused()
      for (const key of ['ArrowDown', 'ArrowRight', 'Enter']) await page.keyboard.press(key)
      const thursday = page.getByRole('region', { name: 'Thursday, 19 March' })
      await expect(thursday).toContainText('Seats out of the hall')
      await thursday.getByRole('button', { name: 'Mark away on Thursday, 19 March' }).click()
      await expect(thursday).toContainText('Away')
      await page.getByRole('tab', { name: 'Year' }).click()
      await page.getByRole('button', { name: /^Thursday, 19 March, Seats out of the hall, Away/ }).click()
      await thursday.getByRole('button', { name: 'Not away on Thursday, 19 March' }).click()
      await page.getByRole('button', { name: 'The month after' }).click()
      await expect(page.getByRole('heading', { name: 'April 2026' })).toBeVisible()
      await expect(page.getByText('Good Friday').first()).toBeVisible()
    })
  })
  test.describe('by a finger', () => {
    test.use({ viewport: { width: 390, height: 1700 }, hasTouch: true, isMobile: true })
    test('an action is carried at its seal to another day', async ({ page }) => {
      await openWithDemo(page, '/week')
      await carryByFinger(page, summary, day(page, 'Thu 12'))
      await expect(day(page, 'Thu 12')).toContainText(summary)
    })
    test('in the month, from the day that is opened to another', async ({ page }) => {
      await openWithDemo(page, '/week?view=month')
      const call = 'Find the fan’s data sheet'
      await carryByFinger(page, call, page.locator('.month [data-place="day 2026-03-17"]'))
      const status = page.getByRole('status').filter({ hasText: `Planned for Tue 17 Mar: ${call}` })
      await expect(status.first()).toBeAttached()
      await page.getByRole('button', { name: /^Tuesday, 17 March/ }).click()
      await expect(page.getByRole('region', { name: 'Tuesday, 17 March' })).toContainText(call)
    })
  })
})
