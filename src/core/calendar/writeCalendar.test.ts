import ICAL from 'ical.js'
import fc from 'fast-check'
import { addDays, calendarDateUnsafe, epochMsAt, toMinute, type ClockTime } from '../time'
import { eventsIn } from './eventsIn'
import { ownUid } from './ownUid'
import { readCalendar } from './readCalendar'
import { writeCalendar, type CalendarEntry, type EntryRepeat } from './writeCalendar'

const day = calendarDateUnsafe('2026-03-11')
const zone = 'Europe/London'
const nine = '09:00' as ClockTime
const entry: CalendarEntry = {
  uid: ownUid('call', 'at'),
  kind: 'event',
  title: 'Call Oda',
  note: '',
  link: null,
  createdAtEpochMs: 0,
  when: { date: day, time: nine },
  minutes: 45,
  weight: 'should',
  isPlanned: false,
  repeat: null,
  alarms: [],
}
const written = (entries: readonly Partial<CalendarEntry>[], of = zone) =>
  writeCalendar(
    entries.map((each, at) => ({ ...entry, uid: ownUid(`call${at}`, 'at'), ...each })),
    { name: 'Zen Tray', nowEpochMs: Date.parse('2026-03-10T12:00:00Z'), zone: of },
  )
/** As another program would read it, which knows neither our names nor, where `strange`, the zone. */
function readElsewhere(text: string, strange = false, viewer = 'UTC') {
  const foreign = text.replaceAll('@zen-tray', '@elsewhere')
  const bytes = new TextEncoder().encode(strange ? foreign.replaceAll(zone, 'Somewhere/Else') : foreign)
  const read = readCalendar(bytes)
  if (!read.ok) throw new Error(read.error.kind)
  return (from: string, to: string) =>
    eventsIn(
      read.value,
      { fromEpochMs: Date.parse(`${from}T00:00:00Z`), toEpochMs: Date.parse(`${to}T00:00:00Z`) },
      viewer,
    ).events.map(({ title, fromEpochMs, toEpochMs }) =>
      [new Date(fromEpochMs).toISOString().slice(0, 16), (toEpochMs - fromEpochMs) / 60_000, title].join(' '),
    )
}
const todo = (text: string) => {
  const component = new ICAL.Component(ICAL.parse(text) as ConstructorParameters<typeof ICAL.Component>[0])
  return component.getFirstSubcomponent('vtodo') as ICAL.Component
}
const weekly = (rule: string, skips: EntryRepeat['skips'] = []): EntryRepeat => ({
  rule,
  startsOn: day,
  skips,
})

it.each([false, true])(
  'what comes back is at its hour on both sides of a change of the clock (zone unknown: %s)',
  (strange) => {
    const text = written([{ repeat: weekly('FREQ=WEEKLY;BYDAY=WE', [addDays(day, 14)]) }])
    expect(readElsewhere(text, strange)('2026-03-01', '2026-04-10')).toEqual([
      '2026-03-11T09:00 45 Call Oda',
      '2026-03-18T09:00 45 Call Oda',
      // The 25th is skipped; on the 29th the clock changes.
      '2026-04-01T08:00 45 Call Oda',
      '2026-04-08T08:00 45 Call Oda',
    ])
  },
)
it.each<[string, EntryRepeat, number, string[]]>([
  ['as often as is left of it', weekly('FREQ=WEEKLY;BYDAY=WE;COUNT=4'), 14, ['2026-03-25', '2026-04-01']],
  [
    'until its last day, that included',
    weekly('FREQ=WEEKLY;BYDAY=WE;UNTIL=20260325'),
    7,
    ['2026-03-18', '2026-03-25'],
  ],
  ['once, where it was moved off its rule', weekly('FREQ=WEEKLY;BYDAY=WE'), 1, ['2026-03-12']],
])('what comes back comes %s', (_, repeat, later, days) => {
  const text = written([{ repeat, when: { date: addDays(day, later), time: nine } }])
  expect(readElsewhere(text)('2026-03-01', '2026-04-20').map((said) => said.slice(0, 10))).toEqual(days)
  const whole = written([{ repeat, when: { date: addDays(day, later), time: null } }])
  expect(readElsewhere(whole)('2026-03-01', '2026-04-20').map((said) => said.slice(0, 10))).toEqual(days)
})
it('a day without a time is the whole day, and what says no length takes half an hour', () =>
  expect(
    readElsewhere(written([{ when: { date: day, time: null } }, { minutes: null, title: 'Short' }]))(
      '2026-03-11',
      '2026-03-12',
    ),
  ).toEqual(['2026-03-11T00:00 1440 Call Oda', '2026-03-11T09:00 30 Short']))

it('what is due is a to-do with its weight, its note, and its reminders', () => {
  const due = written([
    {
      kind: 'todo',
      weight: 'must',
      note: 'Bring: the plan, two samples;\nask for “Bo”\\',
      link: 'https://hall.example/plan',
      alarms: [{ date: addDays(day, -1), minute: 480 }],
    },
  ])
  const read = todo(due)
  expect(String(read.getFirstPropertyValue('due'))).toBe('2026-03-11T09:00:00')
  expect(read.getFirstProperty('due')?.getParameter('tzid')).toBe(zone)
  expect(read.getFirstPropertyValue('priority')).toBe(1)
  expect(read.getFirstPropertyValue('description')).toBe('Bring: the plan, two samples;\nask for “Bo”\\')
  expect(due).toContain('TRIGGER;VALUE=DATE-TIME:20260310T080000Z')
  const repeating = written([
    { kind: 'todo', repeat: weekly('FREQ=WEEKLY;BYDAY=WE'), alarms: [{ date: day, minute: 510 }] },
  ])
  expect(repeating).toContain('TRIGGER;RELATED=END:-PT30M')
  expect(String(todo(repeating).getFirstPropertyValue('dtstart'))).toBe('2026-03-11T09:00:00')
})

it('planned work is tentative and takes no time; what is fixed takes it', () => {
  expect(written([{ isPlanned: true }])).toMatch(/STATUS:TENTATIVE[^]*TRANSP:TRANSPARENT/)
  expect(written([{}])).toContain('TRANSP:OPAQUE')
})

it('no line is longer than a file may have, and no text ends its own line', () => {
  const text = written([{ title: `${'a — ü '.repeat(60)}\r\nEND:VEVENT`, note: 'x'.repeat(5000) }])
  expect(Math.max(...text.split('\r\n').map((line) => Buffer.byteLength(line)))).toBeLessThanOrEqual(75)
  expect(readElsewhere(text)('2026-03-11', '2026-03-12')).toHaveLength(1)
})

it('our own file read back gives nothing twice: what is ours is counted and left out', () => {
  const read = readCalendar(new TextEncoder().encode(written([{}, {}, { kind: 'todo' }])))
  expect(read).toMatchObject({ ok: true, value: { series: [], left: { own: 2, broken: 0 } } })
})

it('any time of any zone is read as the same instant, known by its name or by its description', () => {
  fc.assert(
    fc.property(
      fc.constantFrom('Europe/London', 'America/New_York', 'Asia/Kathmandu', 'Australia/Lord_Howe', 'UTC'),
      fc.integer({ min: 0, max: 700 }),
      fc.integer({ min: 0, max: 1439 }),
      fc.integer({ min: 1, max: 600 }),
      fc.boolean(),
      (of, later, minute, minutes, strange) => {
        const date = addDays(day, later)
        const time =
          `${String(Math.floor(minute / 60)).padStart(2, '0')}:${String(minute % 60).padStart(2, '0')}` as ClockTime
        const text = written([{ when: { date, time }, minutes }], of).replaceAll(
          of,
          strange && of !== 'UTC' ? 'Somewhere/Else' : of,
        )
        const instant = epochMsAt({ date, minute: toMinute(time) }, of)
        const [said] = readElsewhere(text)('2026-03-01', '2029-01-01')
        expect(said).toBe(`${new Date(instant).toISOString().slice(0, 16)} ${minutes} Call Oda`)
      },
    ),
    { numRuns: 60 },
  )
})
