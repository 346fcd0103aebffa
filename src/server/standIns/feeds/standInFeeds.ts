// Stands in for the calendars of other people: two feeds that change with the day, and one that does as it is told:
// answers well, fails, takes its time, or breaks off in the middle.
import { json, Router, type Request, type Response } from 'express'
import { calendarDateUnsafe, isCalendarDate, localMomentAt, type CalendarDate } from '../../../core/time'
import { clientDiary } from './clientDiary'
import { holidays } from './holidays'

const feeds = { client: clientDiary, holidays, unsteady: clientDiary } as const
const manners = ['well', 'failing', 'slow', 'cut'] as const
type Manner = (typeof manners)[number]
interface Told {
  readonly as: Manner
  readonly day: CalendarDate | null
}
/** So many names are remembered. */
const mostNames = 100
const slowMs = 60_000

const dayAsked = (asked: unknown, today: () => CalendarDate): CalendarDate =>
  typeof asked === 'string' && isCalendarDate(asked) ? calendarDateUnsafe(asked) : today()

function answer(request: Request, response: Response, name: keyof typeof feeds, day: CalendarDate): void {
  response.set({ ETag: `"${name}-${day}"`, 'Cache-Control': 'no-cache' }).type('text/calendar')
  // Express answers 304 by itself where the reader has it.
  response.send(feeds[name](day))
}

/** Half of it, where the whole was promised. */
function cut(response: Response, text: string): void {
  response.type('text/calendar').set('Content-Length', String(Buffer.byteLength(text)))
  response.write(text.slice(0, text.length / 2))
  setTimeout(() => response.socket?.destroy(), 50)
}

/** `now` gives the day: milliseconds since 1970. */
export function standInFeeds(now: () => number): Router {
  const router = Router()
  const today = () => localMomentAt(now(), 'Europe/London').date
  const told = new Map<string, Told>()
  const nameOf = ({ query: { name } }: Request) => (typeof name === 'string' ? name : '')

  router.get('/client.ics', (request, response) =>
    answer(request, response, 'client', dayAsked(request.query['day'], today)),
  )
  router.get('/holidays.ics', (request, response) =>
    answer(request, response, 'holidays', dayAsked(request.query['day'], today)),
  )
  router.get('/unsteady.ics', (request, response) => {
    const { as, day } = told.get(nameOf(request)) ?? { as: 'well', day: null }
    const date = day ?? today()
    if (as === 'failing') return void response.status(500).type('text/plain').send('It is broken today.')
    if (as === 'cut') return cut(response, clientDiary(date))
    if (as === 'well') return answer(request, response, 'unsteady', date)
    const timer = setTimeout(() => answer(request, response, 'unsteady', date), slowMs)
    response.on('close', () => clearTimeout(timer))
  })
  router.put('/unsteady', json({ limit: '1kb' }), (request, response) => {
    const { as, day } = request.body as { as?: unknown; day?: unknown }
    if (!manners.includes(as as Manner))
      return void response.status(400).json({ error: `Say how: ${manners.join(', ')}.` })
    if (told.size >= mostNames) told.clear()
    told.set(nameOf(request), { as: as as Manner, day: day === undefined ? null : dayAsked(day, today) })
    response.json({ as })
  })
  return router
}
