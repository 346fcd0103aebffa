// Projects that move on: in order, one after another, never without a next action; and the goals they point at.
import AxeBuilder from '@axe-core/playwright'
import { expect, test, type Page } from '@playwright/test'
import { band, open, wide, shelfPart } from './parts'

const rows = (page: Page, name: string) => band(page, name).locator('[data-row]')
const chosen = (page: Page, dialog: string, name: RegExp | string) =>
  page.getByRole('dialog', { name: dialog }).getByRole('button', { name }).click()

/** A group, an area and two projects on it, made where they stand. */
async function furnished(page: Page): Promise<void> {
  await open(page, '/shelves')
  for (const [label, name] of [
    ['New group', 'Practice'],
    ['New area in Practice', 'Halls'],
    ['New project in Halls', 'Fenwick Hall'],
    ['New project in Halls', 'Mill school'],
  ] as const) {
    const line = page.getByRole('textbox', { name: label })
    // A line that made one stays for the next.
    await page.getByRole('button', { name: label }).or(line).first().click()
    await line.fill(name)
    await page.keyboard.press('Enter')
    await expect(page.getByText(name).first()).toBeVisible()
  }
}

async function withActions(page: Page, project: string, ...sentences: string[]) {
  await page.goto('/shelves')
  await page.getByRole('button', { name: new RegExp(`^${project}`) }).click()
  const pane = page.getByRole('complementary', { name: project })
  for (const sentence of sentences) {
    const line = pane.getByRole('textbox', { name: 'Add an action' })
    await line.fill(sentence)
    await line.press('Enter')
    await expect(line).toHaveValue('')
  }
  return pane
}

test('in order only the first is in lists; after another project none is; the last one ticked asks for the next', async ({
  page,
}) => {
  test.setTimeout(90_000)
  await page.setViewportSize(wide)
  await furnished(page)
  await withActions(page, 'Mill school', 'measure the canteen today')
  const pane = await withActions(page, 'Fenwick Hall', 'draw the paths today', 'print two copies today')
  const planned = async () => {
    await page.goto('/day')
    await expect(band(page, 'Picked for today')).toBeVisible()
    return rows(page, 'Picked for today').allTextContents()
  }
  const offer = async (name: string) => {
    await page.goto('/shelves')
    await page.getByRole('button', { name: /^Fenwick Hall/ }).click()
    await pane.getByRole('button', { name: 'More to set' }).click()
    await pane.getByRole('button', { name, exact: true }).click()
  }
  expect(await planned()).toHaveLength(3)

  await offer('in order')
  await chosen(page, 'In order or free', /in order: one after the other/)
  await expect(pane.getByRole('button', { name: 'in order', exact: true })).toBeVisible()
  expect((await planned()).filter((told) => /paths|copies/.test(told))).toHaveLength(1)
  expect(await planned()).toHaveLength(2)

  // After the other project: nothing of it is left in the day; a ring is refused with its way.
  await offer('after another project')
  await page
    .getByRole('dialog', { name: 'After which project' })
    .getByRole('option', { name: 'Mill school' })
    .click()
  await expect(pane.getByRole('button', { name: 'after Mill school', exact: true })).toBeVisible()
  expect(await planned()).toHaveLength(1)

  // The last of what is before it is ticked: what is next is asked, and the answer lets the other one go on.
  await page.getByRole('checkbox', { name: 'measure the canteen' }).click()
  const asked = page.getByRole('dialog', { name: 'What is next?' })
  await expect(asked).toContainText('“Mill school” has no action left.')
  await expect(asked.getByRole('textbox', { name: 'The next action' })).toBeFocused()
  await asked.getByRole('button', { name: 'It is finished' }).click()
  await expect(asked).toBeHidden()
  await expect(rows(page, 'Picked for today')).toHaveCount(1)
  await expect(rows(page, 'Picked for today').first()).toContainText(/paths|copies/)

  // One after the other, each by its tick; the next is said by keys alone.
  await page.getByRole('checkbox', { name: /draw the paths|print two copies/ }).click()
  await expect(rows(page, 'Picked for today')).toHaveCount(1)
  await page.getByRole('checkbox', { name: /draw the paths|print two copies/, checked: false }).click()
  await expect(asked).toBeVisible()
  await page.keyboard.type('hand the report over today')
  await page.keyboard.press('Enter')
  await expect(asked).toBeHidden()
  await expect(rows(page, 'Picked for today')).toHaveText([/hand the report over/])
})

test('a goal is set, projects point at it, it tells what moved, when it is looked at and how it stands', async ({
  page,
}) => {
  await page.setViewportSize(wide)
  await furnished(page)
  const pane = await withActions(page, 'Fenwick Hall', 'draw the paths today 40 min', 'print two copies')
  await pane.getByRole('button', { name: 'More to set' }).click()
  await pane.getByRole('button', { name: 'serves a goal' }).click()
  await page.getByRole('combobox').fill('Three halls a year')
  await page.keyboard.press('Enter')
  await expect(pane.getByRole('button', { name: 'serves Three halls a year' })).toBeVisible()
  await pane.getByRole('checkbox', { name: 'draw the paths' }).click()

  await page.goto('/shelves')
  await shelfPart(page, 'Projects', 'Goals')
  const goal = page.getByRole('list', { name: 'In one to two years' }).getByRole('button')
  await expect(goal).toContainText('40 min in 1 action in 4 weeks')
  await goal.click()
  const opened = page.getByRole('complementary', { name: 'Three halls a year' })
  await expect(opened.getByRole('list', { name: 'Serves it' })).toContainText('print two copies')
  await opened.getByRole('textbox', { name: 'Why' }).fill('so that winter pays for summer')
  await opened.getByRole('radio', { name: 'each month' }).click()
  await expect(opened.getByText('Looked at again Wed 8 Apr')).toBeVisible()
  const { violations } = await new AxeBuilder({ page }).setLegacyMode().analyze()
  expect(violations.filter(({ impact }) => impact === 'serious' || impact === 'critical')).toEqual([])

  // A month on it is to be looked at; saying how it stands puts the look off again.
  await page.clock.setFixedTime(new Date('2026-04-09T09:05:00Z'))
  await page.reload()
  await expect(opened.getByText(/To be looked at since/)).toBeVisible()
  await opened.getByRole('textbox', { name: 'Another remark' }).fill('one hall of three')
  await opened.getByRole('textbox', { name: 'Another remark' }).press('Enter')
  await expect(opened.getByText('Looked at again Thu 7 May')).toBeVisible()
  await opened.getByRole('button', { name: 'Reached' }).click()
  await expect(opened.getByText('Goal, reached')).toBeVisible()
  await page.getByRole('button', { name: 'Undo', exact: true }).click()
  await expect(opened.getByRole('button', { name: 'Reached' })).toBeVisible()
})

for (const [where, size] of [
  ['beside the page', wide],
  ['over it on a phone', { width: 390, height: 844 }],
] as const)
  test(`a long project is drawn where one looks, ${where}: from its first action to its last`, async ({
    page,
  }) => {
    test.setTimeout(90_000)
    await page.setViewportSize(size)
    await furnished(page)
    await page.getByRole('button', { name: /^Mill school/ }).click()
    const line = page.getByRole('textbox', { name: 'Add an action' })
    for (let number = 1; number <= 80; number++) {
      await line.fill(`thing ${number} of many`)
      await line.press('Enter')
    }
    await page.reload()
    const things = page.getByRole('button', { name: /^thing \d+ of many/ })
    await expect(things.first()).toContainText('thing 1 of many')
    expect(await things.count()).toBeLessThan(60)
    // As a person does: the wheel over the pane, until its foot is reached.
    await things.first().hover()
    await expect(async () => {
      await page.mouse.wheel(0, 900)
      await expect(things.filter({ hasText: 'thing 80 of many' })).toBeInViewport({ timeout: 300 })
    }).toPass({ timeout: 20_000 })
    expect(await things.count()).toBeLessThan(60)
  })
