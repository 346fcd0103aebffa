import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import type { AddressInfo } from 'node:net'
import type { Server } from 'node:http'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { brotliCompressSync } from 'node:zlib'
import { createApp } from './createApp'

const dist = mkdtempSync(join(tmpdir(), 'zen-tray-'))
const script = 'console.log("a script long enough to be worth compressing")'
let server: Server
let base: string

beforeAll((done) => {
  mkdirSync(join(dist, '_expo'))
  writeFileSync(join(dist, 'index.html'), '<!doctype html><title>page</title>')
  writeFileSync(join(dist, '_expo', 'app.js'), script)
  writeFileSync(join(dist, '_expo', 'app.js.br'), brotliCompressSync(script))
  writeFileSync(join(dist, 'sw.js'), '1')
  server = createApp({ dist, demo: true }).listen(0, '127.0.0.1', () => {
    base = `http://127.0.0.1:${(server.address() as AddressInfo).port}`
    done()
  })
})
afterAll((done) => {
  rmSync(dist, { recursive: true })
  server.close(done)
})

const get = (path: string, headers: Record<string, string> = {}) => fetch(`${base}${path}`, { headers })

it('shows the page at every address of the application', async () => {
  for (const path of ['/', '/day', '/shelves?open=project:x']) {
    const response = await get(path)
    expect([response.status, response.headers.get('cache-control'), await response.text()]).toEqual([
      200,
      'no-cache',
      expect.stringContaining('page'),
    ])
  }
})
it.each(['/_expo/gone.js', '/gone.png', '/api/gone', '/../package.json', '/%2e%2e/package.json'])(
  'answers 404 to %s, never the page',
  async (path) => {
    const response = await get(path)
    expect(response.status).toBe(404)
    expect(await response.text()).not.toContain('page')
  },
)
it('hands scripts out compressed, to be kept for a year', async () => {
  const response = await get('/_expo/app.js', { 'accept-encoding': 'br' })
  expect(
    Object.fromEntries(
      ['content-encoding', 'content-type', 'cache-control', 'vary'].map((name) => [
        name,
        response.headers.get(name),
      ]),
    ),
  ).toEqual({
    'content-encoding': 'br',
    'content-type': 'text/javascript; charset=utf-8',
    'cache-control': 'public, max-age=31536000, immutable',
    vary: 'Accept-Encoding',
  })
  expect(await response.text()).toBe(script)
  expect(
    (await get('/_expo/app.js', { 'accept-encoding': 'identity' })).headers.get('content-encoding'),
  ).toBeNull()
  expect((await get('/sw.js')).headers.get('cache-control')).toBe('no-cache')
})
it('allows scripts from itself alone, and no framing', async () => {
  const policy = (await get('/')).headers.get('content-security-policy') ?? ''
  expect(policy).toContain("script-src 'self';")
  expect(policy).toContain("frame-ancestors 'none'")
  expect((await get('/')).headers.get('x-powered-by')).toBeNull()
})
it('says how it is, and refuses what is too large or unreadable in words', async () => {
  expect(await (await get('/api/health')).json()).toEqual({ ok: true, demo: true })
  const post = (body: string) =>
    fetch(`${base}/api/anything`, { method: 'POST', body, headers: { 'content-type': 'application/json' } })
  expect([(await post(JSON.stringify('x'.repeat(70_000)))).status, (await post('{')).status]).toEqual([
    413, 400,
  ])
})
