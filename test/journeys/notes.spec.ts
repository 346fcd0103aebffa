import { expect, test, type Page } from '@playwright/test'
import { band, exported, open, setDown, station, wide, shelfPart } from './parts'

const dayNote = '/day?open=note%3Aday-2026-03-11'
const editor = (page: Page, name = 'Note') => page.getByRole('textbox', { name, exact: true })
/** Begins to write in the day note. */
async function write(page: Page): Promise<void> {
  await page.getByRole('button', { name: /^(?:Write down what comes up|Edit note: Note)$/ }).click()
  await expect(editor(page)).toBeFocused()
  await expect(editor(page)).toHaveAttribute('contenteditable', 'true')
}
/** Puts something into the clipboard's place and pastes it where the cursor is. */
const paste = (page: Page, data: Readonly<Record<string, string>>) =>
  editor(page).evaluate((element, given) => {
    const clipboardData = new DataTransfer()
    for (const [type, text] of Object.entries(given)) clipboardData.setData(type, text)
    element.dispatchEvent(new ClipboardEvent('paste', { clipboardData, bubbles: true, cancelable: true }))
  }, data)

test('a page is written by keys alone, reads formatted, and is there after a reload to the last key', async ({
  page,
}) => {
  await open(page)
  await station(page, 'Day').click()
  await page.getByRole('button', { name: /^Day note/ }).click()
  // No key is lost while the editor is still loading, not even a space or a line that was just begun.
  let come = () => {}
  const loaded = new Promise<void>((resolve) => (come = resolve))
  await page.route(/\/NoteEditor-/, async (route) => {
    await loaded
    await route.continue()
  })
  await page.getByRole('button', { name: 'Write down what comes up' }).click()
  await page.keyboard.type('Calls\nOda is ')
  come()
  await expect(editor(page)).toHaveAttribute('contenteditable', 'true')
  await page.keyboard.type('**sure** of it\n- [ ] ring Kofi by friday 10 min\nbuy felt')
  await page.reload()
  const read = page.getByRole('dialog', { name: 'Wednesday, 11 March' })
  await expect(read.locator('.note p', { hasText: /^Calls$/ })).toBeVisible()
  await expect(read.locator('.note p', { hasText: /^Oda is sure of it$/ })).toBeVisible()
  await expect(read.locator('strong', { hasText: 'sure' })).toBeVisible()
  await expect(read.getByRole('checkbox')).toHaveCount(2)
  await write(page)
  await page.keyboard.type(' and glue')
  await page.keyboard.press('Escape')
  await expect(read.getByText('buy felt and glue')).toBeVisible()
  await expect(read).toBeVisible()
})

test('a long page loses no key: left at once, reloaded at once, and another writes in it meanwhile', async ({
  page,
  context,
}) => {
  await page.setViewportSize(wide)
  await open(page, dayNote)
  await write(page)
  const lines = Array.from(
    { length: 450 },
    (_, at) => `Said in the meeting about point ${at}, at usual length.`,
  )
  await paste(page, { 'text/plain': lines.join('\n\n') })
  await page.keyboard.press('Control+End')
  await page.keyboard.type(' to the')
  await page.keyboard.press('Escape')
  const pane = page.getByRole('complementary', { name: 'Wednesday, 11 March' })
  await expect(pane.getByText('point 449, at usual length. to the')).toBeVisible()
  await write(page)
  await page.keyboard.press('Control+End')
  await page.keyboard.type(' last key')
  await page.reload()
  await pane.getByRole('button', { name: 'Show all' }).click()
  await expect(pane.getByText('at usual length. to the last key')).toBeVisible()
  // Another writes in its first line while the keys go on at its end.
  const other = await context.newPage()
  await other.setViewportSize(wide)
  await open(other, dayNote)
  await write(other)
  await editor(other).getByText('about point 0,').click()
  await write(page)
  await page.keyboard.press('Control+End')
  await Promise.all([
    page.keyboard.type(' and one more', { delay: 90 }),
    other.keyboard.type('First of all. ', { delay: 60 }).then(() => other.keyboard.press('Escape')),
  ])
  await expect(editor(page).getByText(/point 0,.*First of all\./)).toBeVisible()
  await page.keyboard.press('Escape')
  for (const each of [page, other]) {
    await each.reload()
    await each.getByRole('button', { name: 'Show all' }).click()
    await expect(each.getByText(/point 0,.*First of all\./).last()).toBeVisible()
    await expect(each.getByText('to the last key and one more').last()).toBeVisible()
  }
})

test('a line becomes an action and stays tied: ticked, renamed and taken out in either place', async ({
  page,
}) => {
  await page.setViewportSize(wide)
  await open(page, dayNote)
  await write(page)
  await page.keyboard.type('[ ] ring Kofi today 10 min\nbuy felt')
  await page.keyboard.press('Escape')
  const pane = page.getByRole('complementary', { name: 'Wednesday, 11 March' })
  await pane.getByRole('button', { name: 'Make an action of: ring Kofi today 10 min' }).click()
  const row = band(page, 'Picked for today').getByRole('checkbox', { name: 'ring Kofi' })
  await expect(row).toBeVisible()
  await expect(band(page, 'Picked for today').getByText('10 min').first()).toBeVisible()
  // Renamed and ticked on the page.
  await write(page)
  await page.keyboard.press('ArrowUp')
  await page.keyboard.press('End')
  await page.keyboard.type(' at the mill')
  await page.keyboard.press('Escape')
  await expect(
    band(page, 'Picked for today').getByRole('checkbox', { name: 'ring Kofi at the mill' }),
  ).toBeVisible()
  await pane.getByRole('checkbox', { name: 'ring Kofi at the mill' }).click()
  await expect(band(page, 'Picked for today')).toBeHidden()
  await page.getByRole('button', { name: 'Undo', exact: true }).first().click()
  // Ticked in its list, it is ticked on the page.
  await band(page, 'Picked for today').getByRole('checkbox', { name: 'ring Kofi at the mill' }).click()
  await expect(pane.getByRole('checkbox', { name: 'ring Kofi at the mill' })).toBeChecked()
  // The action says where it was said, and stays when the line goes.
  await pane.getByRole('button', { name: 'Open: ring Kofi at the mill' }).click()
  const action = page.getByRole('complementary', { name: 'ring Kofi at the mill' })
  await action.getByRole('button', { name: /A line of “Wednesday, 11 March”/ }).click()
  await write(page)
  await page.keyboard.press('Control+a')
  await page.keyboard.press('Delete')
  await page.keyboard.press('Escape')
  await expect(pane.getByRole('checkbox')).toHaveCount(0)
  await expect(page.getByText('A line went; what it stood for stays.').first()).toBeAttached()
  expect(JSON.stringify((await exported(page)).records)).toContain('ring Kofi at the mill')
})

test('what is pasted from the web is cleaned, what is hostile is shown as it is written, and nothing runs', async ({
  page,
}) => {
  const dialogs: string[] = []
  const asked: string[] = []
  page.on('dialog', (dialog) => {
    dialogs.push(dialog.message())
    void dialog.dismiss()
  })
  page.on('request', (request) => {
    if (request.url().includes('evil')) asked.push(request.url())
  })
  await open(page, dayNote)
  await write(page)
  await paste(page, {
    'text/html':
      '<h2 onclick="alert(1)" style="color:red">Prices</h2><script>alert(2)</script><img src="https://evil.example/x.png" onerror="alert(3)"><p>felt <a href="javascript:alert(4)">cheap</a> and <a href="https://mill.example/felt">dear</a></p><iframe src="https://evil.example"></iframe>',
  })
  await page.keyboard.press('Control+End')
  await page.keyboard.press('Enter')
  await paste(page, {
    'text/plain':
      '<script>alert(5)</script>\n\n[x](javascript:alert(6)) ![p](https://evil.example/y.png) [y](data:text/html,x)\n\n|a|\n|-\n\n<img src=x onerror=alert(7)>',
  })
  await page.keyboard.press('Escape')
  const read = page.getByRole('dialog', { name: 'Wednesday, 11 March' })
  await expect(read.getByRole('heading', { name: 'Prices' })).toBeVisible()
  await expect(read.getByRole('link', { name: 'dear' })).toHaveAttribute('href', 'https://mill.example/felt')
  await expect(read.getByText('<script>alert(5)</script>')).toBeVisible()
  const hrefs = await read.locator('a').evaluateAll((links) => links.map((link) => link.getAttribute('href')))
  expect(hrefs.filter((href) => !/^https:/.test(href ?? ''))).toEqual([])
  expect(await read.locator('.note').evaluate((note) => note.querySelectorAll('script, img, iframe, [style], [onclick]').length)).toBe(0) // prettier-ignore
  expect([dialogs, asked]).toEqual([[], []])
})

test('two tabs that write the same page keep the lines of both', async ({ context }) => {
  const [left, right] = [await context.newPage(), await context.newPage()]
  for (const page of [left, right]) await page.goto('/day?open=note%3Aday-2026-03-11')
  for (const page of [left, right]) await write(page)
  await left.keyboard.type('said on the left')
  await right.keyboard.type('said on the right')
  for (const page of [left, right]) {
    await expect(editor(page)).toContainText('said on the left')
    await expect(editor(page)).toContainText('said on the right')
  }
  // Typing goes on where it was, in the midst of what comes in.
  await left.keyboard.type(', and more')
  await expect(editor(right)).toContainText('said on the left, and more')
  await right.keyboard.press('Escape')
  await right.reload()
  for (const words of ['said on the left, and more', 'said on the right'])
    await expect(right.locator('.note')).toContainText(words)
})

test('a day begins with what was chosen once, is leafed through, and its open lines are lifted at its end', async ({
  page,
}) => {
  await open(page, '/day?open=note%3Aday-2026-03-10')
  await page.getByRole('button', { name: 'What every day note begins with' }).click()
  await page.getByRole('textbox', { name: 'Every new day note begins with' }).fill('## Noticed')
  await page.getByRole('textbox', { name: 'Every new day note begins with' }).blur()
  await write(page)
  await page.keyboard.press('Control+End')
  await page.keyboard.type('\nrain')
  await page.keyboard.press('Escape')
  await page.getByRole('button', { name: 'Day note of today' }).first().click()
  const read = page.getByRole('dialog', { name: 'Wednesday, 11 March' })
  await expect(read.getByRole('heading', { name: 'Noticed' })).toBeVisible()
  await write(page)
  await page.keyboard.press('Control+End')
  await page.keyboard.type('\n[ ] look for the lease\nring Wim')
  await page.keyboard.press('Escape')
  await read.getByRole('button', { name: 'Add 2 lines to the Tray' }).click()
  await expect(read.getByRole('button', { name: /^Lift/ })).toBeHidden()
  await read.getByRole('button', { name: 'Day note of yesterday' }).click()
  await expect(page.getByRole('dialog', { name: 'Tuesday, 10 March' }).getByText('rain')).toBeVisible()
  await page.keyboard.press('Escape')
  await station(page, 'Tray').click()
  for (const words of ['look for the lease', 'ring Wim'])
    await expect(page.getByRole('button', { name: `Sort ${words}` })).toBeVisible()
})

test('a meeting note is found from its person and its project, and its lines in the list of all', async ({
  page,
}) => {
  await page.setViewportSize(wide)
  await open(page, '/shelves')
  await shelfPart(page, 'People', 'Everybody')
  await page.getByRole('button', { name: 'New person' }).click()
  await page.getByRole('textbox', { name: 'New person' }).fill('Kofi')
  await page.keyboard.press('Enter')
  await page.getByRole('button', { name: /^Kofi/ }).click()
  const person = page.getByRole('complementary', { name: 'Kofi' })
  await person.getByRole('button', { name: 'Meeting note', exact: true }).click()
  const talk = page.getByRole('complementary', { name: 'Talk with Kofi' })
  await talk.getByRole('textbox', { name: 'Title' }).fill('about the hatch')
  await page.keyboard.press('Enter')
  const meetingNote = page.getByRole('complementary', { name: 'about the hatch' })
  await expect(meetingNote.getByRole('button', { name: 'with Kofi' })).toBeVisible()
  await meetingNote.getByRole('button', { name: 'no project or area' }).click()
  await page.getByRole('combobox').fill('Mill school')
  await page.getByRole('option', { name: /make “Mill school” a project/ }).click()
  await meetingNote.getByRole('button', { name: 'Write down what was said' }).click()
  await page.keyboard.type('larch, 40 mm\n[ ] send the width')
  await page.keyboard.press('Escape')
  await shelfPart(page, 'Kept', 'Check boxes')
  const lines = band(page, 'about the hatch')
  await lines.getByRole('button', { name: 'Make an action of: send the width' }).click()
  await expect(lines.getByRole('button', { name: 'Open: send the width' })).toBeVisible()
  await shelfPart(page, 'Projects', 'Areas')
  await page
    .getByRole('button', { name: /Mill school/ })
    .first()
    .click()
  const project = page.getByRole('complementary', { name: 'Mill school' })
  await expect(project.getByRole('button', { name: /^about the hatch ?, meeting note/ })).toBeVisible()
  await expect(project.getByRole('button', { name: /^send the width/ })).toBeVisible()
})

test('a checklist is walked through with one thumb and without a network, started afresh and counted', async ({
  page,
  context,
}) => {
  await open(page, '/shelves')
  await shelfPart(page, 'Kept', 'Checklists')
  await page.getByRole('button', { name: 'New checklist' }).click()
  await page.getByRole('textbox', { name: 'New checklist' }).fill('Market')
  await page.keyboard.press('Enter')
  const list = page.getByRole('dialog', { name: 'Market' })
  await list.getByRole('textbox', { name: 'Add a step' }).focus()
  await page.keyboard.type('leeks\nbread\n')
  await expect(list.getByText('0 of 2')).toBeVisible()
  await list.getByRole('button', { name: 'Walk through it' }).click()
  const walk = page.getByRole('dialog', { name: 'Market' }).last()
  await expect(walk.getByRole('checkbox')).toHaveText(['leeks', 'bread'])
  await expect(walk.getByText('the screen stays awake')).toBeVisible()
  await context.setOffline(true)
  await walk.getByRole('checkbox', { name: 'leeks' }).click()
  await expect(walk.getByRole('checkbox')).toHaveText(['bread', 'leeks'])
  await expect(walk.getByRole('checkbox', { name: 'leeks' })).toBeChecked()
  await walk.getByRole('checkbox', { name: 'bread' }).click()
  await expect(walk.getByText('All of it is done.')).toBeVisible()
  await walk.getByRole('button', { name: 'Start over' }).click()
  await expect(walk.getByText('0 of 2')).toBeVisible()
  await walk.getByRole('button', { name: 'Close' }).last().click()
  await expect(list.getByText(/done once|done 1 time/)).toBeVisible()
  await context.setOffline(false)
  await page.reload()
  await expect(page.getByRole('dialog', { name: 'Market' }).getByText(/: 2 of 2/)).toBeVisible()
})

test('a file is laid with what is opened, told with the room it takes, and taken off with undo', async ({
  page,
}) => {
  await page.setViewportSize(wide)
  await open(page)
  await setDown(page, 'hear the recording')
  await page.goto('/shelves')
  await shelfPart(page, 'Kept', 'Meeting notes')
  await page.getByRole('button', { name: 'New meeting note' }).click()
  await page.getByRole('textbox', { name: 'New meeting note' }).fill('call')
  await page.keyboard.press('Enter')
  const meetingNote = page.getByRole('complementary', { name: 'call' })
  await meetingNote.getByLabel('Files to add').setInputFiles({
    name: 'measured.txt',
    mimeType: 'text/plain',
    buffer: Buffer.from('18 dB\n'.repeat(300)),
  })
  await expect(meetingNote.getByText('measured.txt')).toBeVisible()
  await expect(meetingNote.getByText(/\d kB/).first()).toBeVisible()
  await meetingNote.getByRole('button', { name: 'Remove measured.txt' }).click()
  await expect(meetingNote.getByText('measured.txt')).toBeHidden()
  await page.getByRole('button', { name: 'Undo', exact: true }).first().click()
  await expect(meetingNote.getByText('measured.txt')).toBeVisible()
})
