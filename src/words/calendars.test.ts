import type { LeftOutOfCalendar } from '@/core/calendar'
import { calendarFaultWords, calendarLeftWords } from './calendars'

const nothing: LeftOutOfCalendar = { broken: 0, tooOften: 0, cut: 0, tooMany: 0, own: 0, zones: [] }
it.each<[Partial<LeftOutOfCalendar>, string]>([
  [{}, ''],
  [{ broken: 1, cut: 1 }, '2 events cannot be read.'],
  [{ tooOften: 1 }, '1 event repeats too often to show.'],
  [
    { tooOften: 3, tooMany: 5 },
    '3 events repeat too often to show. Only the first 200,000 events are shown.',
  ],
  [{ zones: ['Mars/Base'] }, 'I don’t know the time zone Mars/Base: those times are shown as written.'],
])('of a calendar that lacks %j is said: %s', (left, words) => {
  expect(calendarLeftWords({ ...nothing, ...left })).toBe(words)
})
it.each([
  'badLink',
  'notPublic',
  'notFound',
  'needsSignIn',
  'unreachable',
  'tooSlow',
  'tooLarge',
  'tooManyRedirects',
  'tooOften',
  'webPage',
  'noCalendar',
  'noRoom',
  'fileGone',
] as const)('%s says what is the matter and what to do, in whole sentences', (kind) => {
  const sentences = calendarFaultWords({ kind }).match(/[^.]+\./g) ?? []
  expect(sentences.length).toBeGreaterThan(1)
})
