import { calendarDateUnsafe } from '@/core/time'
import { zoneMarkWords, zoneName } from './events'
import { knownZone, offerText, timeWords } from './offers'

const today = calendarDateUnsafe('2026-03-11')
const time = (from: string, to: string) => ({ fromEpochMs: Date.parse(from), toEpochMs: Date.parse(to) })
const times = [time('2026-03-17T10:00Z', '2026-03-17T11:30Z'), time('2026-04-01T09:00Z', '2026-04-01T10:30Z')]

it('are a text to send, each on its line, by one’s own clock', () => {
  expect(offerText(times, { zone: null, ownZone: 'Europe/London', today })).toBe(
    'I am free at these times:\n\nTue 17 Mar 10:00–11:30\nWed 1 Apr 10:00–11:30',
  )
})
it('go by the clock of whoever is asked, which is said; another day where it is another there', () => {
  expect(offerText(times.slice(0, 1), { zone: 'America/New_York', ownZone: 'Europe/London', today })).toBe(
    'I am free then:\n\nTue 17 Mar 06:00–07:30\n\nThis is New York time.',
  )
  expect(timeWords(time('2026-12-31T22:00Z', '2026-12-31T23:00Z'), 'Pacific/Auckland', today)).toBe(
    'Fri 1 Jan 2027 11:00–12:00',
  )
  expect(timeWords(time('2026-03-17T22:30Z', '2026-03-18T00:30Z'), 'Europe/London', today)).toBe(
    'Tue 17 Mar 22:30–Wed 18 Mar 00:30',
  )
  expect(zoneName('America/Argentina/Buenos_Aires')).toBe('Buenos Aires')
})
it('where the clock is another, how far it is', () => {
  expect(zoneMarkWords({ zone: 'America/New_York', minutes: -240 })).toBe('New York time, 4 h behind')
  expect(zoneMarkWords({ zone: 'Asia/Kolkata', minutes: 330 })).toBe('Kolkata time, 5 h 30 ahead')
  expect(zoneMarkWords({ zone: 'Europe/London', minutes: 0 })).toBe('Your own time again')
  expect(zoneMarkWords({ zone: null, minutes: 60 })).toBe('Clocks go forward 1 h')
  expect(zoneMarkWords({ zone: null, minutes: -60 })).toBe('Clocks go back 1 h')
})
it('a zone that a file names and nobody knows is none', () => {
  expect(['Asia/Tokyo', 'Hall/Time', '', null].map(knownZone)).toEqual(['Asia/Tokyo', null, null, null])
})
