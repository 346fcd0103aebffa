import { eventsIn, type CalendarEvent, type Span } from './eventsIn'
import { calendarLimitBytes } from './limits'
import { readCalendar, type ReadCalendar } from './readCalendar'

const london = 'Europe/London'
const bytesOf = (text: string) => new TextEncoder().encode(text)
const calendar = (...lines: readonly string[]) => ['BEGIN:VCALENDAR', ...lines, 'END:VCALENDAR'].join('\r\n')
const event = (...lines: readonly string[]) => ['BEGIN:VEVENT', ...lines, 'END:VEVENT'].join('\r\n')
function read(text: string | Uint8Array): ReadCalendar {
  const result = readCalendar(typeof text === 'string' ? bytesOf(text) : text)
  if (!result.ok) throw new Error(result.error.kind)
  return result.value
}
const span = (from: string, to: string): Span => ({
  fromEpochMs: Date.parse(`${from}T00:00:00Z`),
  toEpochMs: Date.parse(`${to}T00:00:00Z`),
})
const march = span('2026-03-01', '2026-04-01')
const at = (instant: number) => new Date(instant).toISOString().slice(5, 16)
const told = ({ title, fromEpochMs, toEpochMs }: CalendarEvent) =>
  `${at(fromEpochMs)}–${at(toEpochMs)} ${title}`
const inMarch = (text: string, zone = london) => eventsIn(read(text), march, zone).events.map(told)

describe('times', () => {
  it.each([
    ['in UTC', 'DTSTART:20260311T093000Z', 'DTEND:20260311T104500Z', '03-11T09:30–03-11T10:45 x'],
    [
      'in a zone',
      'DTSTART;TZID=America/New_York:20260311T093000',
      'DURATION:PT1H15M',
      '03-11T13:30–03-11T14:45 x',
    ],
    [
      'by the clock of whoever looks',
      'DTSTART:20260311T093000',
      'DURATION:PT30M',
      '03-11T00:30–03-11T01:00 x',
      'Asia/Tokyo',
    ],
    ['a whole day', 'DTSTART;VALUE=DATE:20260311', 'X-A:b', '03-10T15:00–03-11T15:00 x', 'Asia/Tokyo'],
    ['several days', 'DTSTART;VALUE=DATE:20260327', 'DTEND;VALUE=DATE:20260331', '03-27T00:00–03-30T23:00 x'],
    [
      'days of 23 hours by DURATION',
      'DTSTART;TZID=Europe/London:20260328T090000',
      'DURATION:P1D',
      '03-28T09:00–03-29T08:00 x',
    ],
    [
      'from one zone to another',
      'DTSTART;TZID=Europe/London:20260311T120000',
      'DTEND;TZID=America/New_York:20260311T150000',
      '03-11T12:00–03-11T19:00 x',
    ],
    ['without an end', 'DTSTART:20260311T093000Z', 'X-A:b', '03-11T09:30–03-11T09:30 x'],
    [
      'with an end before its beginning',
      'DTSTART:20260311T093000Z',
      'DTEND:20260310T093000Z',
      '03-11T09:30–03-11T09:30 x',
    ],
    ['with a negative length', 'DTSTART:20260311T093000Z', 'DURATION:-PT5H', '03-11T09:30–03-11T09:30 x'],
    [
      'in an hour that is skipped',
      'DTSTART;TZID=Europe/London:20260329T013000',
      'DURATION:PT10M',
      '03-29T01:30–03-29T01:40 x',
    ],
    ['ten years long', 'DTSTART:20200101T000000Z', 'DTEND:20300101T000000Z', '01-01T00:00–01-01T00:00 x'],
  ])('%s', (_, starts, ends, expected, zone = london) => {
    expect(inMarch(calendar(event('UID:a', 'SUMMARY:x', starts, ends)), zone)).toEqual([expected])
  })
  it('of an hour that comes twice are the first', () => {
    const text = calendar(event('UID:a', 'SUMMARY:x', 'DTSTART;TZID=Europe/London:20261025T013000'))
    const [only] = eventsIn(read(text), span('2026-10-24', '2026-10-27'), london).events
    expect(at(only?.fromEpochMs ?? 0)).toBe('10-25T00:30')
  })
  it('stay at nine by the clock through both changes of the year', () => {
    const text = calendar(event('UID:a', 'DTSTART;TZID=Europe/London:20260105T090000', 'RRULE:FREQ=WEEKLY'))
    const { events } = eventsIn(read(text), span('2026-01-01', '2027-01-01'), london)
    const hours = new Intl.DateTimeFormat('en-GB', { timeZone: london, timeStyle: 'short' })
    expect(new Set(events.map(({ fromEpochMs }) => hours.format(fromEpochMs)))).toEqual(new Set(['09:00']))
    expect(events).toHaveLength(52)
  })
})

const ownZone = (name: string, rule: string) =>
  [
    'BEGIN:VTIMEZONE',
    `TZID:${name}`,
    'BEGIN:STANDARD',
    'DTSTART:19701025T030000',
    'TZOFFSETFROM:+0200',
    'TZOFFSETTO:+0100',
    `RRULE:${rule};BYMONTH=10;BYDAY=-1SU`,
    'END:STANDARD',
    'BEGIN:DAYLIGHT',
    'DTSTART:19700329T020000',
    'TZOFFSETFROM:+0100',
    'TZOFFSETTO:+0200',
    `RRULE:${rule};BYMONTH=3;BYDAY=-1SU`,
    'END:DAYLIGHT',
    'END:VTIMEZONE',
  ].join('\r\n')

describe('zones', () => {
  const inZone = (name: string) =>
    ['03-10', '03-30'].map((day) =>
      event(`UID:${day}`, 'SUMMARY:x', `DTSTART;TZID=${name}:2026${day.replace('-', '')}T100000`),
    )
  const expected = ['03-10T09:00–03-10T09:00 x', '03-30T08:00–03-30T08:00 x']
  it.each([
    ['a name of the usual ones', 'Europe/Paris', ''],
    ['one with an address before it', '/mozilla.org/20050126_1/Europe/Paris', ''],
    ['one the file describes', 'Own time, "west"', ownZone('Own time, "west"', 'FREQ=YEARLY')],
  ])('%s', (_, name, described) => {
    const quoted = name.includes(',') ? `"${name.replaceAll('"', '')}"` : name
    const text = calendar(described.replace(name, name.replaceAll('"', '')), ...inZone(quoted))
    expect([inMarch(text), read(text).left.zones]).toEqual([expected, []])
  })
  it('nobody knows are read by the clock here, and named; one that changes each second is none', () => {
    const text = calendar(ownZone('Mars/Base', 'FREQ=SECONDLY'), ...inZone('Mars/Base'))
    expect(inMarch(text)).toEqual(['03-10T10:00–03-10T10:00 x', '03-30T09:00–03-30T09:00 x'])
    expect(read(text).left.zones).toEqual(['Mars/Base'])
  })
})

describe('repeats', () => {
  const weekly = [
    'UID:w',
    'SUMMARY:x',
    'DTSTART;TZID=Europe/London:20260302T100000',
    'DURATION:PT1H',
    'RRULE:FREQ=WEEKLY',
  ]
  const changed = (...lines: readonly string[]) => event('UID:w', 'SUMMARY:moved', ...lines)
  it.each([
    ['all of them', [], [], '02T10 09T10 16T10 23T10 30T09'],
    [
      'without exceptions, in whatever zone they are said',
      ['EXDATE:20260309T100000Z', 'EXDATE;VALUE=DATE:20260316'],
      [],
      '02T10 23T10 30T09',
    ],
    [
      'with others, one longer',
      ['RDATE;VALUE=PERIOD:20260305T100000Z/PT3H'],
      [],
      '02T10 05T10 09T10 16T10 23T10 30T09',
    ],
    [
      'one moved out of its day',
      [],
      [changed('RECURRENCE-ID;TZID=Europe/London:20260309T100000', 'DTSTART:20260311T150000Z')],
      '02T10 11T15 16T10 23T10 30T09',
    ],
    [
      'one cancelled',
      [],
      [
        changed(
          'STATUS:CANCELLED',
          'RECURRENCE-ID;TZID=Europe/London:20260309T100000',
          'DTSTART:20260309T100000Z',
        ),
      ],
      '02T10 16T10 23T10 30T09',
    ],
    [
      'one and all later ones moved',
      [],
      [
        changed(
          'RECURRENCE-ID;RANGE=THISANDFUTURE;TZID=Europe/London:20260316T100000',
          'DTSTART;TZID=Europe/London:20260317T110000',
        ),
      ],
      '02T10 09T10 17T11 24T11 31T10',
    ],
    [
      'until an instant',
      ['RRULE:FREQ=DAILY;UNTIL=20260304T100000Z'],
      [],
      '02T10 03T10 04T10 09T10 16T10 23T10 30T09',
    ],
  ])('%s', (_, lines, others, expected) => {
    const { events } = eventsIn(read(calendar(event(...weekly, ...lines), ...others)), march, london)
    expect(events.map(({ fromEpochMs }) => at(fromEpochMs).slice(3, 8)).join(' ')).toBe(expected)
  })
  it('have the same name for the same day, however the file is ordered and whatever is asked', () => {
    const parts = [event(...weekly), changed('RECURRENCE-ID:20260309T100000Z', 'DTSTART:20260410T100000Z')]
    const [one, other] = [parts, [...parts].reverse()].map((each) => read(calendar(...each)))
    const ids = (from: ReadCalendar, within: Span) =>
      eventsIn(from, within, london).events.map(({ id }) => id)
    expect(ids(one as ReadCalendar, march)).toEqual(ids(other as ReadCalendar, march))
    const april = eventsIn(one as ReadCalendar, span('2026-04-10', '2026-04-11'), london).events
    expect(april.map(({ title }) => title)).toEqual(['moved'])
  })
  it('keeps the later version of the same', () => {
    const text = calendar(
      event(...weekly, 'SEQUENCE:3'),
      event('UID:w', 'SUMMARY:old', 'DTSTART:20260302T100000Z', 'SEQUENCE:1'),
    )
    expect(inMarch(text)).toHaveLength(5)
  })
})

it('reads what is said of an event, folded and escaped', () => {
  const [only] = eventsIn(
    read(
      calendar(
        'X-WR-CALNAME:Fenwick Hall',
        event(
          'UID:a',
          'DTSTART:20260311T093000Z',
          'SUMMARY:Trustees\\, room',
          '  two',
          'LOCATION:Studio',
          'DESCRIPTION:one\\ntwo',
          'URL:https://mill.example/t',
          'ORGANIZER;CN=Perrin:mailto:perrin@mill.example',
          'ATTENDEE;CN="Orrell, T":mailto:t@mill.example',
          'ATTENDEE;CUTYPE=ROOM;CN=Loft:mailto:loft@mill.example',
          'TRANSP:TRANSPARENT',
          'STATUS:TENTATIVE',
        ),
      ).replaceAll('\r\n', '\n'),
    ),
    march,
    london,
  ).events
  expect(only).toMatchObject({
    title: 'Trustees, room two',
    place: 'Studio',
    note: 'one\ntwo',
    link: 'https://mill.example/t',
    people: [
      { name: 'Perrin', address: 'perrin@mill.example' },
      { name: 'Orrell, T', address: 't@mill.example' },
    ],
    isBusy: false,
    isTentative: true,
  })
})
it('takes a whole day as busy only where the file says so', () => {
  const day = (uid: string, ...lines: readonly string[]) =>
    event(`UID:${uid}`, 'DTSTART;VALUE=DATE:20260311', ...lines)
  const { events } = eventsIn(read(calendar(day('a'), day('b', 'TRANSP:OPAQUE'))), march, london)
  expect(events.map(({ isBusy }) => isBusy)).toEqual([false, true])
  const told = (...lines: readonly string[]) => event('UID:c', 'DTSTART:20260311T093000Z', ...lines)
  const [own] = eventsIn(read(calendar(told('X-YARD-BUSYSTATUS:FREE'))), march, london).events
  expect(own?.isBusy).toBe(false)
})

describe('what is bad', () => {
  const good = event('UID:good', 'SUMMARY:good', 'DTSTART:20260311T093000Z')
  it.each([
    ['an event without a beginning', event('UID:b'), { broken: 1 }],
    ['a day that is none', event('UID:b', 'DTSTART:hello'), { broken: 1 }],
    [
      'one that comes each second',
      event('UID:b', 'DTSTART:20260301T000000Z', 'RRULE:FREQ=SECONDLY;COUNT=1000000000'),
      { tooOften: 1 },
    ],
    ['a file that is cut', 'BEGIN:VEVENT\r\nUID:b\r\nDTSTART:2026', { cut: 1 }],
  ])('%s is left out and counted; the rest is there', (_, bad, counted) => {
    const text = calendar(good, bad)
    expect(inMarch(text)).toEqual(['03-11T09:30–03-11T09:30 good'])
    expect(read(text).left).toMatchObject(counted)
  })
  it.each([
    ['a line that is none', 'nonsense'],
    ['a rule that is none', 'RRULE:FREQ=SOMETIMES'],
    ['a rule of nothing', 'RRULE:FREQ=YEARLY;BYMONTH=2;BYMONTHDAY=30;BYSETPOS=400'],
    ['an address that is none', 'ATTENDEE;CN="open:mailto'],
  ])('%s spoils nothing of its event', (_, line) => {
    expect(inMarch(calendar(event('UID:a', 'SUMMARY:x', 'DTSTART:20260311T093000Z', line)))).toEqual([
      '03-11T09:30–03-11T09:30 x',
    ])
  })
  it.each([
    ['<!DOCTYPE html><html>BEGIN:VEVENT', 'webPage'],
    ['', 'noCalendar'],
    ['dear all, the meeting is on friday', 'noCalendar'],
  ])('%j is no calendar', (text, kind) => {
    expect(readCalendar(bytesOf(text))).toEqual({ ok: false, error: { kind } })
  })
  it('reads no more than a limit', () => {
    expect(readCalendar(new Uint8Array(calendarLimitBytes + 1))).toEqual({
      ok: false,
      error: { kind: 'tooLarge' },
    })
  })
  it('reads other encodings by their mark, and Latin-1 where it is no UTF-8', () => {
    const text = calendar(event('UID:a', 'SUMMARY:Grüße', 'DTSTART:20260311T093000Z'))
    const wide = new Uint8Array([
      0xff,
      0xfe,
      ...[...text].flatMap((sign) => [sign.charCodeAt(0) & 255, sign.charCodeAt(0) >> 8]),
    ])
    const latin = Uint8Array.from(text, (sign) => sign.charCodeAt(0))
    for (const bytes of [wide, latin, bytesOf(`\uFEFF${text}`)])
      expect(eventsIn(read(bytes), march, london).events.map(({ title }) => title)).toEqual(['Grüße'])
  })
  it('shows no more of an endless one than a day can hold, counts from near, and stops when it is late', () => {
    const often = event('UID:o', 'DTSTART:19700101T000000Z', 'RRULE:FREQ=MINUTELY')
    const { events } = eventsIn(read(calendar(often)), march, london)
    expect([events.length, at(events[0]?.fromEpochMs ?? 0)]).toEqual([1820, '03-01T00:00'])
    expect(eventsIn(read(calendar(often)), march, london, () => true)).toEqual({ events: [], isCut: true })
  })
})
