// A calendar as large as one is measured with.
import { makeRandom } from '../../src/core/random'

/** 20,000 events over four years, 4,000 of them repeating since two years. */
export function largeCalendar(): string {
  const random = makeRandom(23)
  const below = (most: number): number => Math.floor(random() * most)
  const stamp = (date: Date) => date.toISOString().replace(/[-:]|\.\d+/g, '')
  const rules = ['FREQ=WEEKLY', 'FREQ=MONTHLY;BYDAY=2TU', 'FREQ=DAILY;INTERVAL=3', 'FREQ=WEEKLY;BYDAY=MO,WE']
  const events = Array.from({ length: 20_000 }, (_, index) => {
    const begins = new Date(Date.UTC(2024, 2, 1) + below(4 * 365) * 86_400_000 + below(96) * 900_000)
    const isRepeat = index % 5 === 0
    const first = isRepeat ? new Date(Date.UTC(2024, 2, 1 + below(20), 8 + below(9))) : begins
    return [
      'BEGIN:VEVENT',
      `UID:event-${index}@bench.example`,
      `DTSTART:${stamp(first)}`,
      `DTEND:${stamp(new Date(first.getTime() + 1_800_000))}`,
      `SUMMARY:Event number ${index}`,
      ...(isRepeat ? [`RRULE:${rules[index % rules.length]}`] : []),
      'END:VEVENT',
    ].join('\r\n')
  })
  return ['BEGIN:VCALENDAR', 'VERSION:2.0', 'PRODID:-//bench//', ...events, 'END:VCALENDAR'].join('\r\n')
}
