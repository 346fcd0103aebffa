// Setting down: in bursts, as lists, with files, as letters, shared, sent and spoken.
import { expect, test, type Locator, type Page } from '@playwright/test'
import { readFileSync } from 'node:fs'
import { captureLine, open, setDown, wide, shelfPart } from './parts'

const slips = (page: Page): Locator => page.getByRole('list', { name: 'Slips' }).getByRole('listitem')

/** What the clipboard or a dragged thing would bring. */
const bring = (page: Page, event: 'paste' | 'drop', data: Record<string, string>) =>
  page.evaluate(
    ([type, texts]) => {
      const held = new DataTransfer()
      for (const [kind, text] of Object.entries(texts)) held.setData(kind, text)
      const line = document.getElementById('set-down') as HTMLElement
      line.focus()
      const given = { bubbles: true, cancelable: true }
      if (type === 'paste') line.dispatchEvent(new ClipboardEvent('paste', { ...given, clipboardData: held }))
      else document.body.dispatchEvent(new DragEvent('drop', { ...given, dataTransfer: held }))
    },
    [event, data] as const,
  )

const chooseFiles = (page: Page, ...files: { name: string; mimeType: string; buffer: Buffer }[]) =>
  page.locator('input[type=file][multiple]').setInputFiles(files)

async function savedBytes(page: Page, name: string): Promise<Buffer> {
  const download = page.waitForEvent('download')
  const save = page.getByRole('button', { name: `Save ${name}` })
  // What cannot be opened is saved by its row.
  await save.or(page.getByRole('button', { name: new RegExp(`^${name}`), description: 'Saves it' })).click()
  return readFileSync(await (await download).path())
}

const bytesOf = (length: number) => Buffer.from(Array.from({ length }, (_, at) => (at * 7919) % 256))

test('thirty thoughts are typed one after another without leaving the line', async ({ page }) => {
  await page.setViewportSize(wide)
  await open(page)
  const thoughts = Array.from({ length: 30 }, (_, at) => `t${at}, 5 min`)
  // The first turns the empty tray into a pile.
  await setDown(page, 'the first')
  await expect(slips(page)).toHaveCount(1)
  // How many stand there when the browser has nothing left to do but paint, after each Enter.
  await page.evaluate(() => {
    const painted: number[] = []
    Object.assign(window, { painted })
    const { port1, port2 } = new MessageChannel()
    port1.onmessage = () => painted.push(document.querySelectorAll('[aria-label=Slips] li').length)
    const onKey = ({ key }: KeyboardEvent) => (key === 'Enter' ? port2.postMessage(null) : undefined)
    document.addEventListener('keydown', onKey, { capture: true })
  })
  await captureLine(page).focus()
  for (const thought of thoughts) {
    await page.keyboard.type(thought)
    await page.keyboard.press('Enter')
  }
  await expect(captureLine(page)).toBeFocused()
  await expect(captureLine(page)).toHaveValue('')
  await expect(page.getByRole('heading', { name: '31 slips' })).toBeVisible()
  const painted = await page.evaluate(() => (window as unknown as { painted: number[] }).painted)
  expect(painted).toHaveLength(30)
  // At least its own: where two were typed meanwhile, both.
  expect(painted.filter((count, at) => count < at + 2)).toEqual([])
  await page.reload()
  await expect(slips(page).first()).toContainText('t29')
  await expect(page.getByRole('heading', { name: '31 slips' })).toBeVisible()
})

test('a pasted list says how many slips it makes, and what is indented becomes steps of the action', async ({
  page,
}) => {
  await open(page)
  await bring(page, 'paste', {
    'text/plain': '- [ ] pack for the hall\n    1. meters\n    2. tripod\n- ring Oda\n\n* buy felt',
  })
  const list = page.getByRole('group', { name: 'Pasted list' })
  await expect(list.getByRole('status')).toHaveText('3 slips from what you pasted')
  await list.getByRole('radio', { name: 'slips of their own' }).click()
  await expect(list.getByRole('status')).toHaveText('5 slips from what you pasted')
  await list.getByRole('radio', { name: 'steps' }).click()
  // It waits where it is, whatever happens to the page.
  await page.reload()
  await list.getByRole('button', { name: 'Add 3 slips' }).click()
  await expect(page.getByRole('heading', { name: '3 slips' })).toBeVisible()
  await expect(slips(page)).toContainText(['pack for the hall', 'ring Oda', 'buy felt'])
  await page.getByRole('button', { name: 'Sort pack for the hall' }).click()
  await page.keyboard.press('1')
  await page.keyboard.press('Enter')
  await page.keyboard.press('/')
  await page.getByRole('textbox', { name: 'Search for' }).fill('pack for')
  await page.keyboard.press('Enter')
  await page.getByRole('checkbox', { name: 'tripod' }).click()
  await expect(page.getByRole('checkbox', { name: 'tripod' })).toBeChecked()
  await expect(page.getByText('1 of 2', { exact: true })).toBeVisible()
  await page.getByRole('button', { name: /^meters/ }).click()
  await page.getByRole('button', { name: 'Remove meters' }).click()
  await expect(page.getByText('1 of 1', { exact: true })).toBeVisible()
})

test('fifty thousand pasted lines are a document: they lie with the slip as a file', async ({ page }) => {
  await open(page)
  const lines = Array.from({ length: 50_000 }, (_, at) => `line ${at}`).join('\n')
  await bring(page, 'paste', { 'text/plain': lines })
  await expect(page.getByText('50,000 lines are too long for a list').first()).toBeVisible()
  await captureLine(page).fill('sort out the long list')
  await expect(page.getByRole('button', { name: 'Take off pasted.txt' })).toBeVisible()
  await captureLine(page).press('Enter')
  await page.getByRole('button', { name: /^sort out the long list/ }).click()
  expect((await savedBytes(page, 'pasted.txt')).toString()).toBe(lines)
})

test('a thought of several lines is a sentence and its note; one of ten thousand signs loses none', async ({
  page,
}) => {
  await open(page)
  await captureLine(page).focus()
  await page.keyboard.type('ring Oda by friday')
  // Shift and Enter would make it an action at once.
  await page.keyboard.press('Alt+Enter')
  await page.keyboard.type('she asked about the arch')
  await page.keyboard.press('Enter')
  await expect(slips(page).first()).toContainText('due Fri 13 Mar · a note')
  const long = `${'مرحبا 🎈 \u200b<b>x</b> '.repeat(600)}end`
  await captureLine(page).fill(long)
  await captureLine(page).press('Enter')
  await expect(captureLine(page)).toHaveValue('')
  await slips(page).first().getByRole('button').first().click()
  const [words, note] = ['The slip’s words', 'Note'].map((name) => page.getByRole('textbox', { name }))
  const told = (await words?.inputValue()) + ' ' + (await note?.inputValue())
  expect(told.replace(/\s/g, '')).toBe(long.replace(/\s/g, ''))
})

test('files lie with the slip: kept over a reload, opened, saved byte for byte, taken off and back', async ({
  page,
}) => {
  await page.setViewportSize(wide)
  await open(page)
  const [drawing, picture] = [bytesOf(70_000), readFileSync('public/icon-192.png')]
  await chooseFiles(
    page,
    { name: 'drawing.dwg', mimeType: 'application/octet-stream', buffer: drawing },
    { name: 'hall.png', mimeType: 'image/png', buffer: picture },
    { name: 'no picture.png', mimeType: 'image/png', buffer: Buffer.from('<script>alert(1)</script>') },
  )
  await expect(page.getByRole('button', { name: 'Take off no picture.png' })).toBeVisible()
  await page.reload()
  await page.getByRole('button', { name: 'Take off no picture.png' }).click()
  await captureLine(page).fill('look at the hall')
  await captureLine(page).press('Enter')
  await expect(slips(page).first()).toContainText('2 files')
  await page.getByRole('button', { name: 'Sort look at the hall' }).click()
  await expect(page.getByRole('group', { name: 'Compartments' })).toBeVisible()
  await page.keyboard.press('7')
  await page.goto('/shelves')
  await shelfPart(page, 'Kept', 'Reference')
  await page.getByRole('button', { name: /look at the hall/ }).click()
  const files = page.getByRole('list', { name: 'Files' })
  await expect(files.getByRole('listitem')).toHaveCount(2)
  await expect(files.locator('img').first()).toBeVisible()
  expect((await savedBytes(page, 'drawing.dwg')).equals(drawing)).toBe(true)
  expect((await savedBytes(page, 'hall.png')).equals(picture)).toBe(true)
  await files.getByRole('button', { name: /^hall\.png/ }).click()
  await expect(files.getByRole('img', { name: 'hall.png' })).toBeVisible()
  await files.getByRole('button', { name: 'Remove drawing.dwg' }).click()
  await expect(files.getByRole('listitem')).toHaveCount(1)
  await page.keyboard.press('z')
  await expect(files.getByRole('listitem')).toHaveCount(2)
  expect((await savedBytes(page, 'drawing.dwg')).equals(drawing)).toBe(true)
  await page.goto('/settings')
  await expect(page.getByText(/2 files among them; all files together take 7\d kB/)).toBeVisible()
})

const letter = (attachments: readonly { name: string; bytes: Buffer }[]) =>
  Buffer.from(
    [
      'From: Oda <oda@example.org>',
      'Subject: =?utf-8?Q?ring_me_by_friday_=E2=80=93_the_arch?=',
      'Date: Tue, 10 Mar 2026 14:00:00 +0100',
      'MIME-Version: 1.0',
      'Content-Type: multipart/mixed; boundary="edge"',
      '',
      '--edge',
      'Content-Type: text/html; charset=utf-8',
      '',
      '<p>The arch is <a href="https://mill.example/arch">late</a>.</p><img src="https://spy.example/dot.gif"><script>document.title = "caught"</script>',
      ...attachments.flatMap(({ name, bytes }) => [
        '--edge',
        `Content-Type: application/pdf; name="${name}"`,
        `Content-Disposition: attachment; filename="${name}"`,
        'Content-Transfer-Encoding: base64',
        '',
        (bytes.toString('base64').match(/.{1,76}/g) ?? []).join('\r\n'),
      ]),
      '--edge--',
    ].join('\r\n'),
  )

test('a file that is slow to come in follows the thought it was chosen for', async ({ page }) => {
  await open(page)
  // The digest that names its bytes is blocked until the thought has been set down.
  await page.evaluate(() => {
    const read = Blob.prototype.arrayBuffer
    const goOn = new Promise((resolve) => document.addEventListener('go on', resolve))
    Blob.prototype.arrayBuffer = async function () {
      await goOn
      return read.call(this)
    }
  })
  await chooseFiles(page, { name: 'plan.txt', mimeType: 'text/plain', buffer: bytesOf(5000) })
  await setDown(page, 'look at the plan', 'a second thought')
  await page.evaluate(() => document.dispatchEvent(new Event('go on')))
  await expect(slips(page).nth(1)).toContainText('1 file')
  await expect(slips(page).first()).not.toContainText('file')
  await expect(page.getByRole('button', { name: 'Take off plan.txt' })).toBeHidden()
})

test('a letter becomes a slip with its text, its sender and its files, and nothing of it runs', async ({
  page,
}) => {
  const asked: string[] = []
  page.on('request', (request) => asked.push(request.url()))
  await open(page, '/shelves')
  await shelfPart(page, 'People', 'Everybody')
  await page.getByRole('button', { name: 'New person' }).click()
  await page.getByRole('textbox', { name: 'New person' }).fill('Oda')
  await page.keyboard.press('Enter')
  await page.goto('/')
  const [plan, bill] = [bytesOf(40_000), bytesOf(1234)]
  await chooseFiles(
    page,
    {
      name: 'letter.eml',
      mimeType: 'message/rfc822',
      buffer: letter([
        { name: 'plan.pdf', bytes: plan },
        { name: 'bill.pdf', bytes: bill },
      ]),
    },
    { name: 'broken.eml', mimeType: 'message/rfc822', buffer: Buffer.from('Dear diary') },
  )
  await expect(page.getByText(/“broken.eml” doesn’t look like an e-mail/).first()).toBeVisible()
  await expect(page.getByRole('button', { name: 'Take off broken.eml' })).toBeVisible()
  await expect(slips(page)).toHaveCount(1)
  await expect(slips(page).first()).toContainText('due Fri 13 Mar · 2 files · a note')
  await page.getByRole('button', { name: /^Sort ring me/ }).click()
  await expect(page.getByRole('group', { name: 'Compartments' })).toBeVisible()
  await page.keyboard.press('4')
  await expect(page.getByRole('textbox', { name: 'What is handed over' })).toBeFocused()
  await page.keyboard.press('ArrowDown')
  await expect(page.getByRole('radio', { name: 'Oda' })).toBeFocused()
  await page.keyboard.press('Space')
  await page.keyboard.press('Enter')
  await page.goto('/shelves')
  await shelfPart(page, 'People', 'Waiting for')
  await page.getByRole('button', { name: /^ring me/ }).click()
  const note = page.getByRole('dialog').locator('.note')
  await expect(note).toContainText(
    /From Oda oda@example.org\s*The arch is late \[https:\/\/mill.example\/arch\]\./,
  )
  expect((await savedBytes(page, 'plan.pdf')).equals(plan)).toBe(true)
  expect((await savedBytes(page, 'bill.pdf')).equals(bill)).toBe(true)
  expect(asked.filter((url) => /spy|mill/.test(url))).toEqual([])
  expect(await page.title()).not.toContain('caught')
})

test.describe('shared', () => {
  test.use({ serviceWorkers: 'allow' })
  test('what other programs share arrives through the service worker, with its files', async ({ page }) => {
    await open(page)
    await page.evaluate(async () => {
      await navigator.serviceWorker.ready
      if (!navigator.serviceWorker.controller)
        await new Promise((resolve) => navigator.serviceWorker.addEventListener('controllerchange', resolve))
    })
    const share = (fields: Record<string, string>, file: string | null) =>
      page.evaluate(
        ([words, text]) => {
          const form = Object.assign(document.createElement('form'), { action: '/share', method: 'post' })
          form.enctype = 'multipart/form-data'
          for (const [name, value] of Object.entries(words))
            form.append(Object.assign(document.createElement('input'), { name, value }))
          const input = Object.assign(document.createElement('input'), { name: 'files', type: 'file' })
          const held = new DataTransfer()
          if (text !== null) held.items.add(new File([text], 'notes.txt', { type: 'text/plain' }))
          input.files = held.files
          form.append(input)
          document.body.append(form)
          form.submit()
        },
        [fields, file] as const,
      )
    await share({ title: 'Felt panels', text: 'They are thick.', url: 'https://example.org/felt' }, null)
    await expect(slips(page).first()).toContainText('Felt panels')
    await expect(slips(page).first()).toContainText('example.org/felt · a note')
    await expect(page).toHaveURL(/\/$/)
    await share({ title: '', text: 'look through these', url: '' }, 'one two three')
    await expect(page.getByRole('button', { name: 'Take off notes.txt' })).toBeVisible()
    await captureLine(page).press('Enter')
    await expect(slips(page).first()).toContainText('1 file')
    await page.reload()
    await expect(page.getByRole('heading', { name: '2 slips' })).toBeVisible()
  })
})

test('a page that the bookmark button sends stands in the line for a look', async ({ page, context }) => {
  await context.grantPermissions(['clipboard-read', 'clipboard-write'])
  await open(page)
  await captureLine(page).fill('half a thought')
  const query = new URLSearchParams({
    title: 'Felt <b>panels</b>',
    text: 'They are thick.',
    url: 'https://example.org/felt',
  })
  await page.goto(`/?${query}`)
  await expect(captureLine(page)).toHaveValue('Felt <b>panels</b> https://example.org/felt\nThey are thick.')
  await expect(captureLine(page)).toBeFocused()
  await expect(slips(page).first()).toContainText('half a thought')
  await captureLine(page).press('Enter')
  await expect(slips(page).first()).toContainText('Felt <b>panels</b>')
  await page.goto('/settings')
  const script = await page.getByRole('link', { name: 'To the Tray' }).getAttribute('href')
  expect(script).toMatch(/^javascript:[^\n]+$/)
  // By keys as well: nothing has to be dragged.
  await page.getByRole('button', { name: 'Copy the bookmark' }).press('Enter')
  await expect.poll(() => page.evaluate(() => navigator.clipboard.readText())).toBe(script)
  await page.goto('/?line')
  await expect(captureLine(page)).toBeFocused()
})

test('a link that is pasted or dropped brings its words along', async ({ page }) => {
  await open(page)
  const link = {
    'text/plain': 'https://example.org/felt',
    'text/html': '<a href="https://example.org/felt">Felt <b>panels</b></a>',
  }
  await bring(page, 'paste', link)
  await expect(captureLine(page)).toHaveValue('Felt panels https://example.org/felt')
  await captureLine(page).press('Enter')
  await bring(page, 'drop', {
    'text/uri-list': 'https://example.org/wool',
    ...link,
    'text/plain': 'https://example.org/wool',
  })
  await expect(captureLine(page)).toHaveValue('Felt panels https://example.org/wool')
})

test('what is said stands in the line before Enter, where the browser cannot hear as well', async ({
  page,
}) => {
  await page.addInitScript(() => {
    Object.assign(window, { SpeechRecognition: undefined, webkitSpeechRecognition: undefined })
  })
  await open(page)
  await page.getByRole('button', { name: 'Speak' }).click()
  await expect(page.getByText(/This browser has no recogniser/).first()).toBeVisible()
  await expect(captureLine(page)).toHaveValue('ring the tile maker about samples by friday 20 min', {
    timeout: 15_000,
  })
  await expect(page.getByRole('heading', { name: /slip/ })).toBeHidden()
  await captureLine(page).press('Enter')
  await expect(slips(page).first()).toContainText('due Fri 13 Mar · 20 min')
})

test('every chip opens what sets it; a guess says why it is one', async ({ page }) => {
  await open(page)
  await captureLine(page).fill('send the plans by 3/4, 20 min, every other wednesday')
  const chip = (name: string) =>
    page.getByRole('group', { name: 'Understood' }).getByRole('button', { name, exact: true })
  await expect(page.getByRole('note', { name: 'Guesses' })).toContainText(
    '“by 3/4”: read as day, then month.',
  )
  await chip('20 min').click()
  await page.getByRole('dialog', { name: 'Minutes' }).getByRole('button', { name: '45 min' }).click()
  await expect(captureLine(page)).toHaveValue('send the plans by 3/4, every other wednesday, 45 min')
  await chip('due Fri 3 Apr').click()
  await page.getByRole('dialog', { name: 'Due date' }).getByRole('button', { name: 'tomorrow' }).click()
  await expect(chip('due Thu 12 Mar')).toBeVisible()
  await expect(page.getByRole('note', { name: 'Guesses' })).toBeHidden()
  await chip('every other Wednesday').click()
  const often = page.getByRole('dialog', { name: 'Repeat' })
  await often.getByRole('textbox').fill('when the wind blows')
  await expect(often.getByRole('status')).toContainText('I can’t read that.')
  await often.getByRole('textbox').fill('every month on the last friday')
  await page.keyboard.press('Enter')
  await expect(chip('every month on the last Friday')).toBeVisible()
  await captureLine(page).press('Enter')
  await expect(slips(page).first()).toContainText('every month on the last Friday · 45 min · due Thu 12 Mar')
})

test('a thing laid aside waits in the review box, as a slip and as the action it becomes', async ({
  page,
}) => {
  await open(page)
  await setDown(page, 'ask whether the loft pays, this week')
  await page.getByRole('button', { name: 'Sort ask whether the loft pays' }).click()
  await page.getByRole('button', { name: 'For review' }).click()
  await page.keyboard.press('1')
  await page.keyboard.press('Enter')
  await page.goto('/review')
  await page.getByRole('button', { name: 'Start the review', exact: true }).click()
  await page.getByRole('button', { name: 'Next', exact: true }).click()
  const box = page.getByRole('region', { name: 'Review box' })
  await expect(box.getByRole('listitem')).toHaveText([/ask whether the loft pays/])
  await box.getByRole('button', { name: 'Take out ask whether the loft pays' }).click()
  await expect(box).toBeHidden()
})
