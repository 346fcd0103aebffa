// The examples of RFC 5545, section 3.8.5.3, as files of a calendar; what they give is written there.
import { eventsIn } from './eventsIn'
import { readCalendar } from './readCalendar'

const zone = 'America/New_York'
const file = (lines: readonly string[]) =>
  new TextEncoder().encode(
    ['BEGIN:VCALENDAR', 'BEGIN:VEVENT', 'UID:a', ...lines, 'END:VEVENT', 'END:VCALENDAR', ''].join('\r\n'),
  )
const shown = new Intl.DateTimeFormat('en-CA', {
  timeZone: zone,
  dateStyle: 'short',
  timeStyle: 'short',
  hourCycle: 'h23',
})
/** The moments from `from` to the end of `to`, as the clock in New York shows them. */
function given(start: string, lines: readonly string[], from: string, to: string): string[] {
  const read = readCalendar(file([`DTSTART;TZID=${zone}:${start}`, ...lines]))
  if (!read.ok) throw new Error(read.error.kind)
  const span = { fromEpochMs: Date.parse(`${from}T00:00:00Z`), toEpochMs: Date.parse(`${to}T23:59:59Z`) }
  return eventsIn(read.value, span, zone).events.map(({ fromEpochMs }) =>
    shown.format(fromEpochMs).replace(', ', ' '),
  )
}
/** `1997: 9/2 9/3` as days of nine o'clock. */
const days = (text: string, time = '09:00'): string[] =>
  text.split(' ').reduce<{ year: string; found: string[] }>(
    ({ year, found }, word) => {
      if (word.endsWith(':')) return { year: word.slice(0, 4), found }
      const [month = '', day = ''] = word.split('/')
      found.push(`${year}-${month.padStart(2, '0')}-${day.padStart(2, '0')} ${time}`)
      return { year, found }
    },
    { year: '', found: [] },
  ).found

const whole = ['1996-01-01', '2010-12-31'] as const
const sep2 = '19970902T090000'

it.each([
  [
    'daily for 10 occurrences',
    sep2,
    'FREQ=DAILY;COUNT=10',
    '1997: 9/2 9/3 9/4 9/5 9/6 9/7 9/8 9/9 9/10 9/11',
  ],
  ['every 10 days, 5 occurrences', sep2, 'FREQ=DAILY;INTERVAL=10;COUNT=5', '1997: 9/2 9/12 9/22 10/2 10/12'],
  [
    'weekly for 10 occurrences',
    sep2,
    'FREQ=WEEKLY;COUNT=10',
    '1997: 9/2 9/9 9/16 9/23 9/30 10/7 10/14 10/21 10/28 11/4',
  ],
  [
    'weekly until 24 December',
    sep2,
    'FREQ=WEEKLY;UNTIL=19971224T000000Z',
    '1997: 9/2 9/9 9/16 9/23 9/30 10/7 10/14 10/21 10/28 11/4 11/11 11/18 11/25 12/2 12/9 12/16 12/23',
  ],
  [
    'Tuesday and Thursday for five weeks, by its end',
    sep2,
    'FREQ=WEEKLY;UNTIL=19971007T000000Z;WKST=SU;BYDAY=TU,TH',
    '1997: 9/2 9/4 9/9 9/11 9/16 9/18 9/23 9/25 9/30 10/2',
  ],
  [
    'Tuesday and Thursday for five weeks, by how often',
    sep2,
    'FREQ=WEEKLY;COUNT=10;WKST=SU;BYDAY=TU,TH',
    '1997: 9/2 9/4 9/9 9/11 9/16 9/18 9/23 9/25 9/30 10/2',
  ],
  [
    'every other week on Monday, Wednesday and Friday',
    '19970901T090000',
    'FREQ=WEEKLY;INTERVAL=2;UNTIL=19971224T000000Z;WKST=SU;BYDAY=MO,WE,FR',
    '1997: 9/1 9/3 9/5 9/15 9/17 9/19 9/29 10/1 10/3 10/13 10/15 10/17 10/27 10/29 10/31 11/10 11/12 11/14 11/24 11/26 11/28 12/8 12/10 12/12 12/22',
  ],
  [
    'every other week on Tuesday and Thursday, 8 times',
    sep2,
    'FREQ=WEEKLY;INTERVAL=2;COUNT=8;WKST=SU;BYDAY=TU,TH',
    '1997: 9/2 9/4 9/16 9/18 9/30 10/2 10/14 10/16',
  ],
  [
    'monthly on the first Friday, 10 times',
    '19970905T090000',
    'FREQ=MONTHLY;COUNT=10;BYDAY=1FR',
    '1997: 9/5 10/3 11/7 12/5 1998: 1/2 2/6 3/6 4/3 5/1 6/5',
  ],
  [
    'monthly on the first Friday until 24 December',
    '19970905T090000',
    'FREQ=MONTHLY;UNTIL=19971224T000000Z;BYDAY=1FR',
    '1997: 9/5 10/3 11/7 12/5',
  ],
  [
    'every other month on the first and last Sunday',
    '19970907T090000',
    'FREQ=MONTHLY;INTERVAL=2;COUNT=10;BYDAY=1SU,-1SU',
    '1997: 9/7 9/28 11/2 11/30 1998: 1/4 1/25 3/1 3/29 5/3 5/31',
  ],
  [
    'monthly on the last Monday but one',
    '19970922T090000',
    'FREQ=MONTHLY;COUNT=6;BYDAY=-2MO',
    '1997: 9/22 10/20 11/17 12/22 1998: 1/19 2/16',
  ],
  [
    'monthly on the 2nd and 15th',
    sep2,
    'FREQ=MONTHLY;COUNT=10;BYMONTHDAY=2,15',
    '1997: 9/2 9/15 10/2 10/15 11/2 11/15 12/2 12/15 1998: 1/2 1/15',
  ],
  [
    'monthly on the first and last day',
    '19970930T090000',
    'FREQ=MONTHLY;COUNT=10;BYMONTHDAY=1,-1',
    '1997: 9/30 10/1 10/31 11/1 11/30 12/1 12/31 1998: 1/1 1/31 2/1',
  ],
  [
    'every 18 months on the 10th to 15th',
    '19970910T090000',
    'FREQ=MONTHLY;INTERVAL=18;COUNT=10;BYMONTHDAY=10,11,12,13,14,15',
    '1997: 9/10 9/11 9/12 9/13 9/14 9/15 1999: 3/10 3/11 3/12 3/13',
  ],
  [
    'yearly in June and July',
    '19970610T090000',
    'FREQ=YEARLY;COUNT=10;BYMONTH=6,7',
    '1997: 6/10 7/10 1998: 6/10 7/10 1999: 6/10 7/10 2000: 6/10 7/10 2001: 6/10 7/10',
  ],
  [
    'every other year in January, February and March',
    '19970310T090000',
    'FREQ=YEARLY;INTERVAL=2;COUNT=10;BYMONTH=1,2,3',
    '1997: 3/10 1999: 1/10 2/10 3/10 2001: 1/10 2/10 3/10 2003: 1/10 2/10 3/10',
  ],
  [
    'every third year on three days of the year',
    '19970101T090000',
    'FREQ=YEARLY;INTERVAL=3;COUNT=10;BYYEARDAY=1,100,200',
    '1997: 1/1 4/10 7/19 2000: 1/1 4/9 7/18 2003: 1/1 4/10 7/19 2006: 1/1',
  ],
  [
    'every Saturday that follows the first Sunday of a month',
    '19970913T090000',
    'FREQ=MONTHLY;BYDAY=SA;BYMONTHDAY=7,8,9,10,11,12,13;COUNT=10',
    '1997: 9/13 10/11 11/8 12/13 1998: 1/10 2/7 3/7 4/11 5/9 6/13',
  ],
  [
    'the third of Tuesday, Wednesday and Thursday',
    '19970904T090000',
    'FREQ=MONTHLY;COUNT=3;BYDAY=TU,WE,TH;BYSETPOS=3',
    '1997: 9/4 10/7 11/6',
  ],
  [
    'weeks that begin on Monday',
    '19970805T090000',
    'FREQ=WEEKLY;INTERVAL=2;COUNT=4;BYDAY=TU,SU;WKST=MO',
    '1997: 8/5 8/10 8/19 8/24',
  ],
  [
    'weeks that begin on Sunday',
    '19970805T090000',
    'FREQ=WEEKLY;INTERVAL=2;COUNT=4;BYDAY=TU,SU;WKST=SU',
    '1997: 8/5 8/17 8/19 8/31',
  ],
  [
    'days that are none are passed over',
    '20070115T090000',
    'FREQ=MONTHLY;BYMONTHDAY=15,30;COUNT=5',
    '2007: 1/15 1/30 2/15 3/15 3/30',
  ],
])('%s', (_, start, rule, expected) => {
  expect(given(start, [`RRULE:${rule}`], ...whole)).toEqual(days(expected))
})

it.each([
  [
    'every other day',
    sep2,
    ['RRULE:FREQ=DAILY;INTERVAL=2'],
    ['1997-11-20', '1997-12-03'],
    '1997: 11/21 11/23 11/25 11/27 11/29 12/1 12/3',
  ],
  [
    'every other week',
    sep2,
    ['RRULE:FREQ=WEEKLY;INTERVAL=2;WKST=SU'],
    ['1997-12-01', '1998-02-20'],
    '1997: 12/9 12/23 1998: 1/6 1/20 2/3 2/17',
  ],
  [
    'monthly on the last day but two',
    '19970928T090000',
    ['RRULE:FREQ=MONTHLY;BYMONTHDAY=-3'],
    ['1997-09-01', '1998-02-28'],
    '1997: 9/28 10/29 11/28 12/29 1998: 1/29 2/26',
  ],
  [
    'every Tuesday, every other month',
    sep2,
    ['RRULE:FREQ=MONTHLY;INTERVAL=2;BYDAY=TU'],
    ['1997-10-01', '1998-03-31'],
    '1997: 11/4 11/11 11/18 11/25 1998: 1/6 1/13 1/20 1/27 3/3 3/10 3/17 3/24 3/31',
  ],
  [
    'every 20th Monday of the year',
    '19970519T090000',
    ['RRULE:FREQ=YEARLY;BYDAY=20MO'],
    ['1997-01-01', '1999-12-31'],
    '1997: 5/19 1998: 5/18 1999: 5/17',
  ],
  [
    'Monday of week 20',
    '19970512T090000',
    ['RRULE:FREQ=YEARLY;BYWEEKNO=20;BYDAY=MO'],
    ['1997-01-01', '1999-12-31'],
    '1997: 5/12 1998: 5/11 1999: 5/17',
  ],
  [
    'every Thursday in March',
    '19970313T090000',
    ['RRULE:FREQ=YEARLY;BYMONTH=3;BYDAY=TH'],
    ['1997-01-01', '1999-12-31'],
    '1997: 3/13 3/20 3/27 1998: 3/5 3/12 3/19 3/26 1999: 3/4 3/11 3/18 3/25',
  ],
  [
    'every Thursday of June, July and August',
    '19970605T090000',
    ['RRULE:FREQ=YEARLY;BYDAY=TH;BYMONTH=6,7,8'],
    ['1998-01-01', '1998-12-31'],
    '1998: 6/4 6/11 6/18 6/25 7/2 7/9 7/16 7/23 7/30 8/6 8/13 8/20 8/27',
  ],
  [
    'every Friday the 13th, without the day it begins',
    sep2,
    [`EXDATE;TZID=${zone}:19970902T090000`, 'RRULE:FREQ=MONTHLY;BYDAY=FR;BYMONTHDAY=13'],
    ['1997-01-01', '2000-12-31'],
    '1998: 2/13 3/13 11/13 1999: 8/13 2000: 10/13',
  ],
  [
    'every four years, the Tuesday after a Monday in November',
    '19961105T090000',
    ['RRULE:FREQ=YEARLY;INTERVAL=4;BYMONTH=11;BYDAY=TU;BYMONTHDAY=2,3,4,5,6,7,8'],
    ['1996-01-01', '2004-12-31'],
    '1996: 11/5 2000: 11/7 2004: 11/2',
  ],
  [
    'the last working day but one',
    '19970929T090000',
    ['RRULE:FREQ=MONTHLY;BYDAY=MO,TU,WE,TH,FR;BYSETPOS=-2'],
    ['1997-09-01', '1998-03-31'],
    '1997: 9/29 10/30 11/27 12/30 1998: 1/29 2/26 3/30',
  ],
])('%s', (_, start, lines, [from, to], expected) => {
  expect(given(start, lines, from as string, to as string)).toEqual(days(expected))
})

it('counts a long one to its end: every day until 24 December, and every day of January for three years', () => {
  const december = given(sep2, ['RRULE:FREQ=DAILY;UNTIL=19971224T000000Z'], ...whole)
  expect([december.length, december.at(-1)]).toEqual([113, '1997-12-23 09:00'])
  for (const rule of ['FREQ=YEARLY;BYMONTH=1;BYDAY=SU,MO,TU,WE,TH,FR,SA', 'FREQ=DAILY;BYMONTH=1']) {
    const january = given('19980101T090000', [`RRULE:${rule};UNTIL=20000131T140000Z`], ...whole)
    expect([january.length, january.at(-1)]).toEqual([93, '2000-01-31 09:00'])
  }
})

it.each([
  ['every 3 hours from 9 to 17', 'FREQ=HOURLY;INTERVAL=3;UNTIL=19970902T210000Z', '09:00 12:00 15:00'],
  ['every 15 minutes, 6 times', 'FREQ=MINUTELY;INTERVAL=15;COUNT=6', '09:00 09:15 09:30 09:45 10:00 10:15'],
  ['every hour and a half, 4 times', 'FREQ=MINUTELY;INTERVAL=90;COUNT=4', '09:00 10:30 12:00 13:30'],
])('%s', (_, rule, times) => {
  expect(given(sep2, [`RRULE:${rule}`], ...whole)).toEqual(
    times.split(' ').map((time) => `1997-09-02 ${time}`),
  )
})
it('every 20 minutes from 9:00 to 16:40, said in two ways', () => {
  const [byDay, byMinute] = [
    'FREQ=DAILY;BYHOUR=9,10,11,12,13,14,15,16;BYMINUTE=0,20,40',
    'FREQ=MINUTELY;INTERVAL=20;BYHOUR=9,10,11,12,13,14,15,16',
  ].map((rule) => given(sep2, [`RRULE:${rule}`], '1997-11-03', '1997-11-04'))
  expect(byDay).toEqual(byMinute)
  expect([byDay?.length, byDay?.[0], byDay?.[23]]).toEqual([48, '1997-11-03 09:00', '1997-11-03 16:40'])
})
