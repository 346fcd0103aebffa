import { expect, test, type Page } from '@playwright/test'
import { open, setDown, station, wide } from './parts'

const reminders = (page: Page) => page.getByRole('region', { name: 'Reminders' })

async function sortAll(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'Sort', exact: true }).click()
  await expect(page.getByRole('group', { name: 'Compartments' })).toBeVisible()
  await page.keyboard.press('1')
  await page.keyboard.press('Enter')
}

test('a reminder comes at its minute, is snoozed, comes again, and is seen', async ({ page }) => {
  await open(page)
  await setDown(page, 'ring Oda, remind me today at 9:30')
  await sortAll(page)
  await station(page, 'Day').click()
  await page.getByRole('tab', { name: 'In reach' }).click()
  await expect(page.getByText('reminds today, 09:30')).toBeVisible()
  await page.clock.runFor('24:00')
  await expect(reminders(page)).toBeHidden()
  await page.clock.runFor('02:00')
  await expect(reminders(page)).toContainText('09:30')
  await reminders(page).getByRole('button', { name: 'Later' }).click()
  await page.getByRole('dialog', { name: '1 reminder' }).getByRole('button', { name: 'in an hour' }).click()
  await expect(reminders(page)).toBeHidden()
  await page.clock.runFor('59:00')
  await expect(reminders(page)).toBeHidden()
  await page.clock.runFor('02:00')
  await expect(reminders(page)).toBeVisible()
  await reminders(page).getByRole('button', { name: 'Seen: ring Oda' }).click()
  await expect(reminders(page)).toBeHidden()
  await page.reload()
  await expect(station(page, 'Day')).toBeVisible()
  await page.clock.runFor('02:00')
  await expect(reminders(page)).toBeHidden()
})

test('what was missed while the page was away is gathered at the next start, and seen together', async ({
  page,
}) => {
  await page.setViewportSize(wide)
  await open(page)
  for (const thing of ['ring Oda, remind me today at 10', 'send the drawing, remind me tomorrow at 8']) {
    await setDown(page, thing)
    await sortAll(page)
    await station(page, 'Tray').click()
  }
  await page.goto('about:blank')
  await page.clock.setSystemTime(new Date('2026-03-13T07:00:00Z'))
  await page.goto('/')
  await expect(reminders(page)).toContainText('ring Oda')
  await reminders(page).getByRole('button', { name: 'and 1 more' }).click()
  const all = page.getByRole('dialog', { name: '2 reminders' })
  await expect(all.getByRole('listitem')).toHaveCount(2)
  await all.getByRole('button', { name: 'All seen' }).click()
  await expect(reminders(page)).toBeHidden()
  await page.getByRole('button', { name: 'Undo', exact: true }).first().click()
  await expect(reminders(page)).toBeVisible()
})

test('the browser is asked when the first reminder is set, and not before', async ({ page }) => {
  await page.addInitScript(() => {
    const asked: string[] = []
    Object.assign(window, { asked })
    class Fake {
      static permission = 'default'
      static requestPermission() {
        asked.push('asked')
        Fake.permission = 'granted'
        return Promise.resolve('granted')
      }
      constructor(title: string, { body }: { body: string }) {
        asked.push(`${title}: ${body}`)
      }
    }
    Object.assign(window, { Notification: Fake })
  })
  const asked = () => page.evaluate(() => (window as unknown as { asked: string[] }).asked)
  await page.setViewportSize(wide)
  await open(page)
  await setDown(page, 'ring Oda today')
  await sortAll(page)
  await station(page, 'Day').click()
  await page.getByRole('button', { name: /^ring Oda/ }).click()
  expect(await asked()).toEqual([])
  await page.getByRole('button', { name: 'More to set' }).click()
  await page.getByRole('button', { name: 'reminder', exact: true }).click()
  const chooser = page.getByRole('dialog', { name: 'Reminder', exact: true })
  await chooser.getByRole('textbox', { name: 'Say when' }).fill('today at 9:20')
  await chooser.getByRole('button', { name: 'Save' }).click()
  await expect.poll(asked).toEqual(['asked'])
  await page.clock.runFor('16:00')
  await expect.poll(asked).toEqual(['asked', 'ring Oda: today, 09:20'])
})
