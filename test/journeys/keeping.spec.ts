// Where the data goes: a file and back, two tabs, a browser that refuses, a server that is gone.
import { createHash } from 'node:crypto'
import { spawn, type ChildProcess } from 'node:child_process'
import { connect } from 'node:net'
import { setTimeout } from 'node:timers/promises'
import { expect, test, type Page } from '@playwright/test'
import { captureLine, exported, open, openWithDemo, setDown, station } from './parts'

test('export, wipe, import: the same store; a damaged file changes nothing', async ({ page }) => {
  await openWithDemo(page)
  await setDown(page, 'something of my own by friday')
  const before = await exported(page)
  await page.getByRole('button', { name: 'Remove everything…' }).click()
  await page.getByRole('dialog').getByRole('button', { name: 'Remove everything', exact: true }).click()
  await expect(page.getByText('0 records so far')).toBeVisible()
  const bringIn = (text: string) =>
    page
      .getByLabel('File to import')
      .setInputFiles({ name: 'store.json', mimeType: 'application/json', buffer: Buffer.from(text) })
  await bringIn(before.text.slice(0, 5000))
  await expect(page.getByRole('alert')).toContainText('breaks off or is damaged at character')
  await bringIn(before.text.replace('"minutes":45', '"minutes":"45"'))
  await expect(page.getByRole('alert')).toContainText('minutes: expected a number. Nothing was changed.')
  await expect(page.getByText('0 records so far')).toBeVisible()
  await bringIn(before.text)
  await page.getByRole('dialog').getByRole('button', { name: 'Import', exact: true }).click()
  await expect(page.getByText('Imported.').first()).toBeAttached()
  const [records, changes] = (await exported(page)).records as [unknown, { act: string }[]]
  // ImportNeeds in is an act of its own; all else is as it was.
  expect(changes.at(-1)?.act).toBe('bringIn')
  expect([records, changes.slice(0, -1)]).toEqual(before.records)
})

/** The instant at which a page first shows a text, by the clock that all pages share. */
const shownAt = (page: Page, text: string) =>
  page.evaluate(
    (wanted) =>
      new Promise<number>((resolve) => {
        const look = () =>
          document.body.innerText.includes(wanted) ? resolve(Date.now()) : void requestAnimationFrame(look)
        look()
      }),
    text,
  )

test('two tabs stay in step within a second, and what each did is kept', async ({ context }) => {
  const [left, right] = [await context.newPage(), await context.newPage()]
  for (const page of [left, right]) {
    await page.goto('/')
    await expect(page.getByRole('heading', { name: 'Nothing here yet' })).toBeVisible()
    // What still loads after the start is no part of what is measured.
    await page.waitForLoadState('networkidle')
  }
  const seen = shownAt(right, 'from the left')
  await captureLine(left).fill('from the left')
  const setDownAt = await left.evaluate(() => Date.now())
  await captureLine(left).press('Enter')
  expect((await seen) - setDownAt).toBeLessThan(1000)
  await setDown(right, 'from the right')
  await expect(left.getByRole('heading', { name: '2 slips' })).toBeVisible()
  await left.getByRole('button', { name: 'Remove from the right' }).click()
  await expect(right.getByRole('heading', { name: '1 slip' })).toBeVisible()
  await right.getByRole('button', { name: 'Undo', exact: true }).click()
  await expect(left.getByRole('heading', { name: '2 slips' })).toBeVisible()
  await left.reload()
  await expect(left.getByRole('heading', { name: '2 slips' })).toBeVisible()
})

test('a page that is left in the midst of several acts loses none of them', async ({ page }) => {
  await open(page)
  await setDown(page, 'one', 'two', 'three', 'four', 'five')
  for (const name of ['one', 'two', 'three'])
    await expect(page.getByRole('button', { name: `Remove ${name}` })).toBeVisible()
  // The disk takes its time: what is written from now on is not finished before the page goes.
  await page.evaluate(() => {
    const put = IDBObjectStore.prototype.put
    IDBObjectStore.prototype.put = function (...given) {
      const goOn = () => this.count().addEventListener('success', goOn)
      goOn()
      return put.apply(this, given)
    }
    for (const name of ['one', 'two', 'three'])
      document.querySelector<HTMLElement>(`[aria-label="Remove ${name}"]`)?.click()
  })
  await expect(page.getByRole('heading', { name: '2 slips' })).toBeVisible()
  await page.reload()
  await expect(page.getByRole('heading', { name: '2 slips' })).toBeVisible()
  await expect(async () =>
    expect(
      await page.evaluate(() => Object.keys(localStorage).filter((key) => key.includes('unkept'))),
    ).toEqual([]),
  ).toPass()
  await page.reload()
  await expect(page.getByRole('heading', { name: '2 slips' })).toBeVisible()
  await page.getByRole('button', { name: 'Undo', exact: true }).click()
  await expect(page.getByRole('heading', { name: '3 slips' })).toBeVisible()
})

test('a browser without room says so, loses nothing, and keeps it on the next try', async ({ page }) => {
  await page.addInitScript(() => {
    const put = IDBObjectStore.prototype.put
    IDBObjectStore.prototype.put = function (...args: Parameters<typeof put>) {
      if ((window as unknown as { full?: boolean }).full)
        throw new DOMException(
          'The current transaction exceeded its quota limitations.',
          'QuotaExceededError',
        )
      return put.apply(this, args)
    }
  })
  await open(page)
  await page.evaluate(() => {
    ;(window as unknown as { full: boolean }).full = true
  })
  await setDown(page, 'one', 'two')
  await expect(page.getByRole('alert')).toContainText(
    'The browser has no room left. 2 changes are not saved yet',
  )
  await expect(page.getByRole('heading', { name: '2 slips' })).toBeVisible()
  await page.evaluate(() => {
    ;(window as unknown as { full: boolean }).full = false
  })
  await page.getByRole('button', { name: 'Try again' }).click()
  await expect(page.getByRole('alert')).toBeHidden()
  await page.reload()
  await expect(page.getByRole('heading', { name: '2 slips' })).toBeVisible()
})

test('a browser that blocks the database still works, and says that nothing is kept', async ({ page }) => {
  await page.addInitScript(() => {
    IDBFactory.prototype.open = () => {
      throw new DOMException('denied', 'SecurityError')
    }
  })
  await open(page)
  await expect(page.getByRole('alert')).toContainText('does not let Zen Tray save anything here')
  await setDown(page, 'still here')
  await expect(page.getByRole('heading', { name: '1 slip' })).toBeVisible()
})

test.describe('kept offline', () => {
  test.use({ serviceWorkers: 'allow' })
  test('with the server stopped: reload, deep link, new tab, fonts', async ({ context }) => {
    const port = 8124
    let server: ChildProcess | null = spawn(process.execPath, ['--import', 'tsx', 'src/server/main.ts'], {
      env: { ...process.env, PORT: String(port) },
    })
    const at = (path: string) => `http://localhost:${port}${path}`
    try {
      await expect(async () => expect((await fetch(at('/api/health'))).ok).toBe(true)).toPass()
      const page = await context.newPage()
      await page.goto(at('/'))
      await setDown(page, 'kept without a server')
      await page.evaluate(async () => {
        await navigator.serviceWorker.ready
      })
      await expect(async () =>
        expect(await page.evaluate(() => navigator.serviceWorker.controller?.state)).toBe('activated'),
      ).toPass()
      // A connection that asks nothing, as browsers hold them, does not keep the server: it ends at once.
      const idle = connect(port, '127.0.0.1').on('error', () => {})
      await new Promise((resolve) => idle.once('connect', resolve))
      const ended = new Promise((resolve) => server?.once('exit', () => resolve('ended')))
      server.kill()
      expect(await Promise.race([ended, setTimeout(10_000, 'still there')])).toBe('ended')
      server = null
      await page.reload()
      await expect(page.getByRole('heading', { name: '1 slip' })).toBeVisible()
      await page.goto(at('/week'))
      await expect(page.getByRole('heading', { name: /March|–/ }).first()).toBeVisible()
      const other = await context.newPage()
      await other.goto(at('/shelves'))
      await expect(other.getByRole('heading', { name: 'Shelves' })).toBeVisible()
      await station(other, 'Tray').click()
      await setDown(other, 'and another')
      await expect(other.getByRole('heading', { name: '2 slips' })).toBeVisible()
      expect(
        await other.evaluate(async () =>
          (
            await Promise.all([
              document.fonts.load('500 20px Literata'),
              document.fonts.load("16px 'Atkinson Hyperlegible Next'"),
            ])
          ).map((faces) => faces.length),
        ),
      ).toEqual([1, 1])
    } finally {
      server?.kill()
    }
  })
})

test('the demo is laid out once, beside what is there, and can be removed again', async ({ page }) => {
  await open(page)
  await setDown(page, 'mine')
  await page.goto('/settings')
  await page.getByRole('button', { name: 'Load the demo data' }).click()
  await page
    .getByRole('dialog', { name: 'Add the demo to your own data?' })
    .getByRole('button', { name: 'Load the demo data' })
    .click()
  await expect(station(page, 'Tray')).toHaveAccessibleDescription('28 in the Tray', { timeout: 30_000 })
  await page.getByRole('button', { name: 'Remove the demo data' }).click()
  await expect(station(page, 'Tray')).toHaveAccessibleDescription('1 in the Tray')
  await station(page, 'Tray').click()
  await expect(page.getByRole('button', { name: /^mine/ })).toBeVisible()
  await expect(captureLine(page)).toHaveValue('')
})

test('the bytes of files go along in the saved archive and come back from it', async ({ page }) => {
  await open(page)
  await setDown(page, 'Hang the felt panels')
  // As any part of the application keeps a file: bytes and size under the hash of the content.
  const hash = `sha256-${createHash('sha256').update('a drawing').digest('hex')}`
  const fileKept = (change: 'put' | 'read') =>
    page.evaluate(
      async ([hash, change]) => {
        const request = indexedDB.open('zen-tray-files', 1)
        request.onupgradeneeded = () =>
          ['bytes', 'sizes'].forEach((store) => request.result.createObjectStore(store))
        const database = await new Promise<IDBDatabase>((done) => {
          request.onsuccess = () => done(request.result)
        })
        const transaction = database.transaction(['bytes', 'sizes'], 'readwrite')
        if (change === 'put') {
          transaction.objectStore('bytes').put(new TextEncoder().encode('a drawing').buffer, hash)
          transaction.objectStore('sizes').put(9, hash)
        }
        const found = transaction.objectStore('bytes').get(hash as string)
        await new Promise((done) => {
          transaction.oncomplete = done
        })
        database.close()
        return found.result ? new TextDecoder().decode(found.result as ArrayBuffer) : null
      },
      [hash, change],
    )
  expect(await fileKept('put')).toBe('a drawing')
  await page.goto('/settings')
  const download = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Save a backup' }).click()
  const saved = await download
  expect(saved.suggestedFilename()).toBe('zen-tray-2026-03-11.zip')
  await page.getByRole('button', { name: 'Remove everything…' }).click()
  await page.getByRole('dialog').getByRole('button', { name: 'Remove everything', exact: true }).click()
  await expect(page.getByText('Everything is removed').first()).toBeAttached()
  expect(await fileKept('read')).toBeNull()
  await page.getByLabel('File to import').setInputFiles(await saved.path())
  await page.getByRole('dialog').getByRole('button', { name: 'Import', exact: true }).click()
  await expect(page.getByText('1 record so far')).toBeVisible()
  expect(await fileKept('read')).toBe('a drawing')
})

test('bringing a large file in can be stopped at any moment: all of it or nothing', async ({ page }) => {
  await open(page)
  await setDown(page, 'one')
  const { text } = await exported(page)
  const file = JSON.parse(text) as { records: { record: { id: string; text: string } }[] }
  const [slip] = file.records.filter(({ record }) => record.id.startsWith('slip:'))
  file.records.push(
    ...Array.from({ length: 40_000 }, (_, index) => ({
      ...slip,
      record: { ...(slip?.record as object), id: `slip:many${index}`, text: `slip ${index}` },
    })),
  )
  const buffer = Buffer.from(JSON.stringify(file))
  const choose = () =>
    page
      .getByLabel('File to import')
      .setInputFiles({ name: 'store.json', mimeType: 'application/json', buffer })
  await choose()
  await page.getByRole('button', { name: 'Stop' }).click()
  await expect(page.getByRole('button', { name: 'Import a file' })).toBeEnabled()
  await expect(page.getByText('1 record so far')).toBeVisible()
  await choose()
  const take = page.getByRole('dialog').getByRole('button', { name: 'Import', exact: true })
  await expect(take).toBeVisible()
  // As soon as it is drawn: a hand that waits for it to stand still may come after the import.
  const stopped = page.evaluate(
    () =>
      new Promise<void>((resolve) => {
        const look = () => {
          const stop = [...document.querySelectorAll('button')].find((each) => each.textContent === 'Stop')
          if (!stop) return requestAnimationFrame(look)
          stop.click()
          resolve()
        }
        look()
      }),
  )
  await take.click()
  await stopped
  await page.reload()
  await expect(page.getByText(/^Everything is kept.* (1|40,001) records? so far/)).toBeVisible()
  await choose()
  await take.click()
  await expect(page.getByText('40,001 records so far')).toBeVisible({ timeout: 30_000 })
})
