import { calendarDateUnsafe } from '../time'
import { calendarFileOf } from './calendarFile'

const moment = { date: calendarDateUnsafe('2026-03-13'), minute: 9 * 60 + 5 }
const file = (title: string) => calendarFileOf(title, moment, 'reminder:1', Date.UTC(2026, 2, 11, 9))

it('has the moment by the clock on the wall, and an alarm at it', () => {
  const lines = file('Ring Oda').split('\r\n')
  expect(lines).toEqual(
    expect.arrayContaining([
      'DTSTART:20260313T090500',
      'DTSTAMP:20260311T090000Z',
      'SUMMARY:Ring Oda',
      'TRIGGER:PT0M',
      'UID:reminder:1@zen-tray',
    ]),
  )
})
it('lets no title end its line or begin another', () => {
  for (const title of ['a\rEND:VEVENT', 'a\r\nEND:VEVENT', 'a\u0000b', 'a\u0085b'])
    expect(file(title).split(/\r\n|[\r\n\u0085]/)).toHaveLength(file('a').split('\r\n').length)
})
it('escapes what would end a value, and folds long lines within 75 octets', () => {
  const title = `a;b,c\\d\n${'ö'.repeat(90)}`
  const text = file(title)
  for (const line of text.split('\r\n')) expect(new TextEncoder().encode(line).length).toBeLessThanOrEqual(75)
  const unfolded = text.replaceAll('\r\n ', '')
  expect(unfolded).toContain(`SUMMARY:a\\;b\\,c\\\\d\\n${'ö'.repeat(90)}\r\n`)
})
