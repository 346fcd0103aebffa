import { createServer, type RequestListener, type Server } from 'node:http'
import type { AddressInfo } from 'node:net'
import { gzipSync } from 'node:zlib'
import { RequestFilteringHttpAgent, RequestFilteringHttpsAgent } from 'request-filtering-agent'
import { readCalendar } from '../../core/calendar/readCalendar'
import { createApp } from '../createApp'

const servers: Server[] = []
async function listening(listener: RequestListener): Promise<string> {
  const server = createServer(listener)
  servers.push(server)
  await new Promise<void>((done) => server.listen(0, '127.0.0.1', done))
  return `http://127.0.0.1:${(server.address() as AddressInfo).port}`
}
afterAll(() => servers.forEach((server) => void server.close().closeAllConnections()))

const calendar = 'BEGIN:VCALENDAR\r\nEND:VCALENDAR\r\n'
const day = Date.parse('2026-03-11T12:00:00Z')
/** Only this one address of the machine may be asked, as if it were public. */
const options = { allowIPAddressList: ['127.0.0.1'] }
const agents = {
  http: new RequestFilteringHttpAgent(options),
  https: new RequestFilteringHttpsAgent(options),
}
const limits = { bytes: 2000, milliseconds: 400, redirects: 5 }
const app = (feeds = {}) => listening(createApp({ dist: __dirname, demo: false, now: () => day, feeds }))

let base: string
let other: string
beforeAll(async () => {
  base = await app({ agents, limits, mostPerMinute: 1000 })
  other = await listening((request, response) => {
    const [, path = '', rest = ''] = /^\/([a-z]*)\/?(.*)$/.exec(request.url ?? '') ?? []
    if (path === 'status') return void response.writeHead(Number(rest)).end('<h1>no</h1>')
    if (path === 'to') return void response.writeHead(302, { location: decodeURIComponent(rest) }).end()
    if (path === 'round')
      return void response.writeHead(302, { location: `/round/${Number(rest) + 1}` }).end()
    if (path === 'large') return void response.end('x'.repeat(2001))
    if (path === 'packed')
      return void response
        .writeHead(200, { 'content-encoding': 'gzip' })
        .end(gzipSync(rest === 'large' ? 'x'.repeat(1e6) : calendar))
    if (path === 'slow') return void setTimeout(() => response.end(calendar), 3000).unref()
    if (path === 'drip') return void setInterval(() => response.write('x'), 50).unref()
    if (path === 'cut') {
      response.writeHead(200, { 'content-length': '500' }).write(calendar)
      return void setTimeout(() => response.socket?.destroy(), 20)
    }
    const known =
      request.headers['if-none-match'] === '"one"' || request.headers['if-modified-since'] === 'Monday'
    response.writeHead(known ? 304 : 200, {
      etag: '"one"',
      'last-modified': 'Monday',
      'content-type': 'text/html',
    })
    response.end(known ? undefined : calendar)
  })
})

const get = (url: string, headers: Record<string, string> = {}, from = base) =>
  fetch(`${from}/api/feed?url=${encodeURIComponent(url)}`, { headers })
const kindOf = async (url: string, headers = {}) => {
  const response = await get(url, headers)
  return ((await response.json()) as { kind: string }).kind
}

it('reads a calendar, and never hands it out as a page', async () => {
  for (const link of [
    `${other}/a.ics`,
    `${other}/packed/`,
    `${other}/to/${encodeURIComponent(`${other}/a.ics`)}`,
  ]) {
    const response = await get(link)
    expect([response.status, await response.text()]).toEqual([200, calendar])
    expect(response.headers.get('content-type')).toMatch(/^text\/calendar/)
    expect(response.headers.get('content-disposition')).toBe('attachment')
  }
})
it('says where nothing has changed', async () => {
  expect((await get(`${other}/a.ics`)).headers.get('etag')).toBe('"one"')
  const known: readonly Record<string, string>[] = [
    { 'if-none-match': '"one"' },
    { 'if-modified-since': 'Monday' },
  ]
  for (const header of known) expect((await get(`${other}/a.ics`, header)).status).toBe(304)
})
it.each([
  ['', 'badLink'],
  ['file:///etc/passwd', 'badLink'],
  ['gopher://mill.example', 'badLink'],
  ['http://', 'badLink'],
  ['http://[', 'badLink'],
  ['http://127.0.0.2/a', 'notPublic'],
  ['http://0.0.0.0/a', 'notPublic'],
  ['http://2130706434/a', 'notPublic'],
  ['http://0x7f.2/a', 'notPublic'],
  ['http://10.1.2.3/a', 'notPublic'],
  ['http://192.168.0.1/a', 'notPublic'],
  ['http://169.254.169.254/latest', 'notPublic'],
  ['http://[::1]/a', 'notPublic'],
  ['http://[::ffff:10.0.0.1]/a', 'notPublic'],
  ['http://[fd00::1]/a', 'notPublic'],
  ['webcal://10.1.2.3/a', 'notPublic'],
])('%j is not asked', async (link, kind) => {
  expect(await kindOf(link)).toBe(kind)
})
it.each([
  ['to/http%3A%2F%2F127.0.0.2%2Fa', 'notPublic'],
  ['to/http%3A%2F%2F%5B%3A%3A1%5D%2Fa', 'notPublic'],
  ['to/file%3A%2F%2F%2Fetc%2Fpasswd', 'badLink'],
  ['round/1', 'tooManyRedirects'],
  ['status/404', 'notFound'],
  ['status/403', 'needsSignIn'],
  ['status/500', 'refused'],
  ['status/429', 'tooOften'],
  ['large', 'tooLarge'],
  ['packed/large', 'tooLarge'],
  ['slow', 'tooSlow'],
  ['drip', 'tooSlow'],
  ['cut', 'unreachable'],
])('a link that answers with %s is %s', async (path, kind) => {
  expect(await kindOf(`${other}/${path}`)).toBe(kind)
})
it('is not asked by the page of another site, nor more often than is allowed', async () => {
  expect(await kindOf(`${other}/a.ics`, { 'sec-fetch-site': 'cross-site' })).toBe('notPublic')
  const strict = await app({ agents, limits, mostPerMinute: 2 })
  const statuses = [1, 2, 3].map(async () => (await get(`${other}/a.ics`, {}, strict)).status)
  expect((await Promise.all(statuses)).sort()).toEqual([200, 200, 429])
})

describe('the stand-ins', () => {
  const strangers = {
    agents: { http: new RequestFilteringHttpAgent(), https: new RequestFilteringHttpsAgent() },
    limits: { ...limits, bytes: 100_000 },
    mostPerMinute: 1000,
  }
  let own: string
  beforeAll(async () => {
    own = await app(strangers)
  })
  const text = async (link: string) => (await get(link, {}, own)).text()
  it.each(['client', 'holidays'])(
    '%s is read with and without a host, is whole, and changes with the day',
    async (name) => {
      const path = `/stand-in/calendars/${name}.ics`
      const [bare, hosted, later] = await Promise.all(
        [path, `${own}${path}`, `${path}?day=2027-03-12`].map(text),
      )
      expect(hosted).toBe(bare)
      expect(later).not.toBe(bare)
      const read = readCalendar(new TextEncoder().encode(bare))
      expect(read.ok && [read.value.series.length > 4, read.value.left]).toEqual([
        true,
        { broken: 0, tooOften: 0, cut: 0, tooMany: 0, own: 0, zones: [] },
      ])
      const etag = (await get(path, {}, own)).headers.get('etag') ?? ''
      expect((await get(path, { 'if-none-match': etag }, own)).status).toBe(304)
    },
  )
  it('no other path or port of this machine is read', async () => {
    const { port } = new URL(own)
    for (const link of [
      `${own}/api/health`,
      `http://localhost:${port}/stand-in/calendars/`,
      `http://127.0.0.1:${Number(port) + 1}/stand-in/calendars/client.ics`,
      `http://x@127.0.0.1:${port}/api/health#://127.0.0.1:${port}/stand-in/calendars/client.ics`,
    ])
      expect([link, (await get(link, {}, own)).status]).toEqual([link, expect.not.stringMatching('200')])
  })
  it.each([
    ['failing', 'refused'],
    ['slow', 'tooSlow'],
    ['cut', 'unreachable'],
  ])('one does as it is told: %s', async (as, kind) => {
    const put = (body: object) =>
      fetch(`${own}/stand-in/calendars/unsteady?name=t`, {
        method: 'PUT',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify(body),
      })
    const link = '/stand-in/calendars/unsteady.ics?name=t'
    expect((await put({ as: 'loud' })).status).toBe(400)
    await put({ as })
    const response = await get(link, {}, own)
    expect(((await response.json()) as { kind: string }).kind).toBe(kind)
    await put({ as: 'well' })
    expect((await get(link, {}, own)).status).toBe(200)
  })
})
