// Attacks in the real browser: a renderer that is killed, a disk that is full, a browser that lacks what others have,
// addresses typed by hand, two tabs that write the same text.
import { expect, test, type Page } from '@playwright/test'
import { captureLine, open, setDown } from '../journeys/parts'

const rounds = process.env['ATTACKS'] === 'long' ? 25 : 2

const slipsIn = (page: Page) => page.getByRole('button', { name: /^Sort killed/ })

test('a renderer killed in the midst of typing loses nothing that was set down, nor the half-typed line', async ({
  context,
}) => {
  test.setTimeout(240_000)
  let said = 0
  for (let round = 0; round < rounds; round++) {
    const page = await context.newPage()
    await page.goto('/')
    await expect(captureLine(page)).toBeVisible()
    for (let index = 0; index < 4; index++) await setDown(page, `killed ${said++}`)
    await captureLine(page).pressSequentially('half a thought')
    // What is said to be kept stands in the storage; until then a change waits in the page.
    await page.evaluate(() => new Promise<void>((resolve) => requestIdleCallback(() => resolve())))
    const client = await context.newCDPSession(page)
    const gone = page.waitForEvent('crash')
    void client.send('Page.crash').catch(() => {})
    await gone
    await page.close()
    const again = await context.newPage()
    await again.goto('/')
    await expect(slipsIn(again)).toHaveCount(said)
    await expect(captureLine(again)).toHaveValue('half a thought')
    await captureLine(again).fill('')
    await again.close()
  }
})

test('a disk that is full is called full; everything can be saved to a file, and is kept once there is room', async ({
  page,
}) => {
  // As a browser behaves: every request of the write succeeds, then the whole of it is aborted without a word.
  await page.addInitScript(() => {
    const state = window as unknown as { full: boolean }
    const transaction = IDBDatabase.prototype.transaction
    IDBDatabase.prototype.transaction = function (...args: Parameters<typeof transaction>) {
      const made = transaction.apply(this, args)
      if (state.full && args[1] === 'readwrite') queueMicrotask(() => made.abort())
      return made
    }
    const estimate = navigator.storage.estimate.bind(navigator.storage)
    navigator.storage.estimate = async () =>
      state.full ? { quota: 9_000_000, usage: 8_999_000 } : estimate()
  })
  const setFull = (full: boolean) =>
    page.evaluate((is) => {
      ;(window as unknown as { full: boolean }).full = is
    }, full)
  await open(page)
  await setDown(page, 'one')
  await setFull(true)
  await setDown(page, 'two')
  await expect(page.getByRole('alert')).toContainText('The browser has no room left')
  const download = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Save a backup' }).click()
  const stream = await (await download).createReadStream()
  let text = ''
  for await (const chunk of stream) text += chunk
  expect(JSON.parse(text).records).toHaveLength(2)
  await setFull(false)
  await page.getByRole('button', { name: 'Try again' }).click()
  await expect(page.getByRole('alert')).toBeHidden()
  await page.reload()
  await expect(page.getByRole('heading', { name: '2 slips' })).toBeVisible()
})

test('a dead connection is opened anew by trying again, and what was done meanwhile is kept', async ({
  page,
}) => {
  await page.addInitScript(() => {
    const state = window as unknown as { dead?: IDBDatabase }
    const transaction = IDBDatabase.prototype.transaction
    IDBDatabase.prototype.transaction = function (...args: Parameters<typeof transaction>) {
      if (state.dead === this)
        throw new DOMException('The database connection is closing.', 'InvalidStateError')
      return transaction.apply(this, args)
    }
    ;(window as unknown as { killHandle: () => void }).killHandle = () => {
      IDBDatabase.prototype.transaction = function (...args: Parameters<typeof transaction>) {
        // That of the store: what is typed has a database of its own.
        if (this.name === 'zen-tray') state.dead ??= this
        if (state.dead === this)
          throw new DOMException('The database connection is closing.', 'InvalidStateError')
        return transaction.apply(this, args)
      }
    }
  })
  await open(page)
  await setDown(page, 'one')
  await page.evaluate(() => (window as unknown as { killHandle: () => void }).killHandle())
  await setDown(page, 'two')
  await expect(page.getByRole('alert')).toContainText('not saved yet')
  await page.getByRole('button', { name: 'Try again' }).click()
  await expect(page.getByRole('alert')).toBeHidden()
  await page.reload()
  await expect(page.getByRole('heading', { name: '2 slips' })).toBeVisible()
})

test('without channels, locks or a service worker it still works, in two tabs too', async ({ context }) => {
  await context.addInitScript(() => {
    Object.defineProperty(window, 'BroadcastChannel', { value: undefined })
    Object.defineProperty(navigator, 'locks', { value: undefined })
    Reflect.deleteProperty(Navigator.prototype, 'serviceWorker')
  })
  const [left, right] = [await context.newPage(), await context.newPage()]
  for (const page of [left, right]) await page.goto('/')
  await expect(right.getByRole('heading', { name: 'Nothing here yet' })).toBeVisible()
  await setDown(left, 'from the left')
  await expect(right.getByRole('heading', { name: '1 slip' })).toBeVisible()
  await left.goto('/settings')
  await left.getByRole('button', { name: 'Remove everything…' }).click()
  await left.getByRole('dialog').getByRole('button', { name: 'Remove everything', exact: true }).click()
  await expect(right.getByRole('heading', { name: 'Nothing here yet' })).toBeVisible()
})

test('a half-typed line belongs to its tab, outlives it, and goes when everything is removed', async ({
  context,
}) => {
  const [left, right] = [await context.newPage(), await context.newPage()]
  for (const page of [left, right]) await page.goto('/')
  await captureLine(left).fill('left half')
  await captureLine(right).fill('right half')
  await left.reload()
  await expect(captureLine(left)).toHaveValue('left half')
  await left.close()
  const third = await context.newPage()
  await third.goto('/')
  await expect(captureLine(third)).toHaveValue('left half')
  await expect(captureLine(right)).toHaveValue('right half')
  await third.goto('/settings')
  await third.getByRole('button', { name: 'Remove everything…' }).click()
  await third.getByRole('dialog').getByRole('button', { name: 'Remove everything', exact: true }).click()
  await expect(captureLine(third)).toHaveValue('')
  await expect(captureLine(right)).toHaveValue('')
})

test('whatever is typed into the address opens something or says that it is not there', async ({ page }) => {
  await open(page)
  await setDown(page, 'one')
  const nothing = async (address: string) => {
    await page.goto(address)
    await expect(page.getByText('Nothing is here.')).toBeVisible()
    await expect(page.getByRole('alert')).toBeHidden()
  }
  const strange = [
    'action:none',
    '__proto__:x',
    'settings:main',
    'review:x',
    ':',
    'goblin:1',
    '%00',
    'a&open=b',
    'x'.repeat(3000),
  ]
  for (const what of strange) await nothing(`/?open=${what}`)
  await page.setViewportSize({ width: 1280, height: 800 })
  for (const path of ['/', '/day', '/week', '/shelves', '/sorting', '/settings'])
    await nothing(`${path}?open=constructor:x`)
  await page.goto('/sorting?slip=__proto__:x')
  await expect(page.getByRole('article', { name: 'The slip' })).toBeVisible()
})

test('two tabs that write the same text lose nothing: the other version is offered', async ({ context }) => {
  const left = await context.newPage()
  await left.goto('/')
  await setDown(left, 'a note for two')
  await left.getByRole('button', { name: 'Sort a note for two' }).click()
  await expect(left.getByRole('article', { name: 'The slip' })).toBeVisible()
  await left.keyboard.press('6')
  await left.keyboard.press('/')
  await left.getByRole('textbox', { name: 'Search for' }).fill('note for two')
  await left.keyboard.press('Enter')
  const titleOf = (page: Page) => page.getByRole('textbox', { name: 'Title' })
  await expect(titleOf(left)).toBeVisible()
  const right = await context.newPage()
  await right.clock.install()
  await right.goto(left.url())
  await expect(titleOf(right)).toHaveValue('a note for two')
  // The moment of rest after which typing is kept does not pass on the right: however slow the machine, the left is first.
  await right.clock.pauseAt(await right.evaluate(() => Date.now() + 1000))
  await titleOf(right).fill('written on the right')
  await titleOf(left).fill('written on the left')
  await titleOf(left).blur()
  await expect(right.getByRole('alert')).toContainText('written on the left')
  await expect(titleOf(right)).toHaveValue('written on the right')
  await right.clock.resume()
  await right.getByRole('button', { name: 'Keep mine' }).click()
  await expect(titleOf(left)).toHaveValue('written on the right')
})
