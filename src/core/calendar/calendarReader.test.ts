import { makeCalendarReader } from './calendarReader'
import { eventsOnDay } from './eventsOnDay'
import { feedLinkFrom } from './feed'
import { calendarDateUnsafe } from '../time'

const bytes = (...events: readonly string[]) =>
  new TextEncoder().encode(
    [
      'BEGIN:VCALENDAR',
      ...events.flatMap((event) => ['BEGIN:VEVENT', ...event.split('|'), 'END:VEVENT']),
      'END:VCALENDAR',
    ].join('\r\n'),
  )
const zone = 'Europe/London'
const seen = { calendarIds: ['one', 'two', 'unread'], zone }
const march = {
  fromEpochMs: Date.parse('2026-03-01T00:00:00Z'),
  toEpochMs: Date.parse('2026-04-01T00:00:00Z'),
}

function reader() {
  const made = makeCalendarReader(() => 0)
  made.read(
    'one',
    bytes(
      'UID:a|SUMMARY:Trustees|LOCATION:Hall|DTSTART:20260311T093000Z|DURATION:PT1H|RRULE:FREQ=WEEKLY|ATTENDEE;CN=Perrin Vale:mailto:p@x.example',
    ),
  )
  made.read(
    'two',
    bytes(
      'UID:b|SUMMARY:Hall closed|DESCRIPTION:all of it|DTSTART;VALUE=DATE:20260310|DTEND;VALUE=DATE:20260313',
    ),
  )
  return made
}

it('answers for several calendars together, in the order of the events, without what a list does not show', () => {
  const { events, isCut } = reader().eventsIn(seen, march)
  expect(events.slice(0, 2).map(({ calendarId, title }) => [calendarId, title])).toEqual([
    ['two', 'Hall closed'],
    ['one', 'Trustees'],
  ])
  expect([isCut, 'people' in (events[1] ?? {}), 'note' in (events[0] ?? {})]).toEqual([false, false, false])
})
it('reads a calendar anew in place of what it was, keeps it where the new one is none, and forgets it', () => {
  const made = reader()
  const titles = () => made.eventsIn(seen, march).events.map(({ title }) => title)
  expect(made.read('one', new Uint8Array()).ok).toBe(false)
  expect(titles()).toContain('Trustees')
  made.read('one', bytes('UID:a|SUMMARY:Trustees, later|DTSTART:20260312T093000Z'))
  expect(titles()).toEqual(['Hall closed', 'Trustees, later'])
  made.forget('two')
  expect(titles()).toEqual(['Trustees, later'])
})
it('says what busy events take of each day, joined, across midnight and by the clock of whoever looks', () => {
  const made = makeCalendarReader(() => 0)
  made.read(
    'one',
    bytes(
      'UID:a|DTSTART:20260311T093000Z|DURATION:PT1H',
      'UID:b|DTSTART:20260311T100000Z|DURATION:PT2H',
      'UID:c|DTSTART:20260312T220000Z|DURATION:PT4H',
      'UID:d|DTSTART:20260314T090000Z|DURATION:PT1H|TRANSP:TRANSPARENT',
      'UID:e|DTSTART;VALUE=DATE:20260315|TRANSP:OPAQUE',
      'UID:f|DTSTART;VALUE=DATE:20260316',
    ),
  )
  const from = calendarDateUnsafe('2026-03-09')
  expect(made.busyIn(seen, from, calendarDateUnsafe('2026-03-20'))).toEqual({
    '2026-03-11': [{ from: 570, to: 720 }],
    '2026-03-12': [{ from: 1320, to: 1440 }],
    '2026-03-13': [{ from: 0, to: 120 }],
    '2026-03-15': [{ from: 0, to: 1440 }],
  })
  expect(made.busyIn({ ...seen, zone: 'Asia/Tokyo' }, from, calendarDateUnsafe('2026-03-11'))).toEqual({
    '2026-03-11': [{ from: 1110, to: 1260 }],
  })
})
it('finds events by all their words, those to come first', () => {
  const made = reader()
  const found = (words: string) =>
    made
      .search(seen, march, words, Date.parse('2026-03-19T00:00:00Z'), 9)
      .map(({ title, fromEpochMs }) => `${title} ${new Date(fromEpochMs).getUTCDate()}`)
  expect(found('hall trustees')).toEqual(['Trustees 25', 'Trustees 18', 'Trustees 11'])
  expect(found('PERRIN')).toHaveLength(3)
  expect(found('all of it')).toEqual(['Hall closed 10'])
  expect([found('nothing'), found('  ')]).toEqual([[], []])
})
it('gives one event whole, wherever it was moved to, and null where it is gone', () => {
  const made = reader()
  const [, event] = made.eventsIn(seen, march).events
  const whole = () => made.whole('one', event?.id ?? '', event?.fromEpochMs ?? 0, zone)
  expect(whole()).toMatchObject({ calendarId: 'one', people: [{ name: 'Perrin Vale' }] })
  const weekly = 'UID:a|SUMMARY:Trustees|DTSTART:20260311T093000Z|RRULE:FREQ=WEEKLY'
  made.read(
    'one',
    bytes(weekly, 'UID:a|SUMMARY:Moved|DTSTART:20260401T150000Z|RECURRENCE-ID:20260311T093000Z'),
  )
  expect(whole()).toMatchObject({ title: 'Moved', fromEpochMs: Date.parse('2026-04-01T15:00:00Z') })
  made.read('one', bytes(`${weekly}|EXDATE:20260311T093000Z`))
  expect(whole()).toBeNull()
})

it('gives each day its events: across midnight, of no length, and whole days first', () => {
  const day = calendarDateUnsafe('2026-03-29')
  const event = (name: string, from: string, to: string, isAllDay = false) => ({
    name,
    fromEpochMs: Date.parse(from),
    toEpochMs: Date.parse(to),
    isAllDay,
  })
  const events = [
    event('before', '2026-03-28T20:00:00Z', '2026-03-29T00:00:00Z'),
    event('over midnight', '2026-03-28T23:00:00Z', '2026-03-29T00:30:00Z'),
    event('at midnight', '2026-03-29T00:00:00Z', '2026-03-29T00:00:00Z'),
    event('late', '2026-03-29T22:59:00Z', '2026-03-29T23:30:00Z'),
    event('next day', '2026-03-29T23:00:00Z', '2026-03-29T23:30:00Z'),
    event('whole', '2026-03-29T00:00:00Z', '2026-03-29T23:00:00Z', true),
  ]
  expect(eventsOnDay(events, day, zone).map(({ name }) => name)).toEqual([
    'whole',
    'over midnight',
    'at midnight',
    'late',
  ])
})
it.each([
  ['webcal://hall.example/a.ics', 'https://hall.example/a.ics'],
  [' https://hall.example/a ', 'https://hall.example/a'],
  ['hall.example/a.ics', 'https://hall.example/a.ics'],
  ['/stand-in/calendars/client.ics', '/stand-in/calendars/client.ics'],
  ['/etc/passwd', null],
  ['file:///etc/passwd', null],
  ['javascript:alert(1)', null],
  ['two words.example', null],
  ['https://', null],
  [`https://x.example/${'a'.repeat(2000)}`, null],
])('the link %j is kept as %j', (written, link) => {
  expect(feedLinkFrom(written)).toBe(link)
})

it('tells in which zone an event was made, where that is one that is known', () => {
  const made = makeCalendarReader(() => 0)
  const starts = ['DTSTART;TZID=America/New_York:20260311T090000', 'DTSTART;TZID=Hall Time:20260311T100000', 'DTSTART:20260311T150000Z', 'DTSTART:20260311T160000', 'DTSTART;VALUE=DATE:20260311'] // prettier-ignore
  const described = 'BEGIN:VTIMEZONE|TZID:Hall Time|BEGIN:STANDARD|DTSTART:19700101T000000|TZOFFSETFROM:+0000|TZOFFSETTO:+0000|END:STANDARD|END:VTIMEZONE' // prettier-ignore
  const events = starts.map(
    (start, at) =>
      `BEGIN:VEVENT|UID:${at}|SUMMARY:${at}|${start}|DURATION:PT30M|RRULE:FREQ=YEARLY|END:VEVENT`,
  )
  const text = ['BEGIN:VCALENDAR', described, ...events, 'END:VCALENDAR'].join('|').replaceAll('|', '\r\n')
  expect(made.read('one', new TextEncoder().encode(text))).toMatchObject({ ok: true })
  const zones = made
    .eventsIn({ calendarIds: ['one'], zone }, march)
    .events.map(({ title, zone: its }) => [title, its])
  expect(zones.sort()).toEqual([
    ['0', 'America/New_York'],
    ['1', null],
    ['2', null],
    ['3', null],
    ['4', null],
  ])
})
