import fc from 'fast-check'
import { calendarDateUnsafe } from '../time'
import { toRuleText } from '../repeat'
import { makeNameIndex, takenOffKey, type Clause, type Name } from '.'
import { asSaidOn, draftOf, parseSentence } from './reader'

const today = calendarDateUnsafe('2026-03-11') // a Wednesday
const name = (id: string, text: string): Name => ({ id: id as Name['id'], name: text })
const names = makeNameIndex([
  name('context:phone', 'Phone'),
  name('context:desk', 'Desk'),
  name('context:site', 'On site'),
  name('context:errands', 'Errands'),
  name('context:anywhere', 'Anywhere'),
  name('project:fenwick', 'Fenwick Hall echo report'),
  name('project:bakery', 'Quarry Lane bakery noise case'),
  name('project:accounts', 'Quarter accounts'),
  name('area:office', 'Office'),
  name('area:choir', 'Choir'),
  name('person:oda', 'Oda'),
  name('person:per', 'Per Lindqvist'),
  name('project:choir', 'Choir'),
  name('person:ana1', 'Ana Berg'),
  name('person:ana2', 'Ana Holt'),
])
const read = (text: string, takenOff: string[] = []) => parseSentence(text, { today, names, takenOff })

function told(clause: Clause): string {
  switch (clause.kind) {
    case 'due':
    case 'at':
      return [clause.kind, clause.date, clause.time, clause.kind === 'at' ? clause.minutes : null]
        .filter(Boolean)
        .join(' ')
    case 'notBefore':
    case 'day':
    case 'since':
    case 'chase':
      return `${clause.kind} ${clause.date}`
    case 'horizon':
      return `horizon ${clause.horizon}`
    case 'minutes':
      return `${clause.minutes} min`
    case 'weight':
      return clause.weight
    case 'energy':
      return clause.energy
    case 'address':
      return `address ${clause.address}`
    case 'question':
      return `question ${clause.options.map(({ id }) => id).join(' ')}`
    case 'waiting':
      return `waiting ${clause.name?.id ?? clause.whom}`
    case 'repeat':
      return `repeat ${toRuleText(clause.rule)}${clause.fromDone ? ' from done' : ''}${clause.time ? ` ${clause.time}` : ''}`
    case 'until':
      return `until ${clause.date}`
    case 'times':
      return `${clause.times} times`
    case 'reminder':
      return `reminder ${Object.values(clause.when)
        .filter((part) => part !== null)
        .join(' ')}`
    case 'payoff':
    case 'craft':
      return `${clause.level} ${clause.kind}`
    case 'steps':
      return `steps ${clause.steps.join(' / ')}`
    default:
      return clause.name.id
  }
}

const understood: [said: string, title: string, ...clauses: string[]][] = [
  [
    'ring the tile maker about samples by friday 20 min phone',
    'ring the tile maker about samples',
    'due 2026-03-13',
    '20 min',
    'context:phone',
  ],
  [
    'draft the hall report for Fenwick Hall, deep, 2 hours, this week',
    'draft the hall report',
    'project:fenwick',
    'deep',
    '120 min',
    'horizon week',
  ],
  ['look at sea kayaks someday', 'look at sea kayaks', 'horizon someday'],
  [
    'site visit at 14:30 tomorrow for 90 minutes on site',
    'site visit',
    'at 2026-03-12 14:30',
    '90 min',
    'context:site',
  ],
  ['not before 1 march: renew the parking permit', 'renew the parking permit', 'notBefore 2027-03-01'],
  ['not before 1 april renew the parking permit', 'renew the parking permit', 'notBefore 2026-04-01'],
  [
    'waiting for Oda’s quote since monday, chase next thursday',
    'waiting for Oda’s quote',
    'waiting person:oda',
    'since 2026-03-09',
    'chase 2026-03-19',
  ],
  [
    'read https://example.org/felt about felt panels',
    'read about felt panels',
    'address https://example.org/felt',
  ],
  ['https://example.org/felt', 'https://example.org/felt', 'address https://example.org/felt'],
  ['pay the studio rent, must', 'pay the studio rent', 'must'],
  ['oil the door, could, light, 10 min', 'oil the door', 'could', 'light', '10 min'],
  ['send the invoice due tomorrow', 'send the invoice', 'due 2026-03-12'],
  ['send the invoice due on 20 march', 'send the invoice', 'due 2026-03-20'],
  ['send the invoice by 2026-04-02', 'send the invoice', 'due 2026-04-02'],
  ['send the invoice by 3/4', 'send the invoice', 'due 2026-04-03'],
  ['send the invoice by the 3rd', 'send the invoice', 'due 2026-04-03'],
  ['sign the draft by friday 17:00', 'sign the draft', 'due 2026-03-13 17:00'],
  ['sign the draft by 5pm', 'sign the draft', 'due 2026-03-11 17:00'],
  ['sign the draft by next friday', 'sign the draft', 'due 2026-03-20'],
  ['sign the draft by wednesday', 'sign the draft', 'due 2026-03-18'],
  ['file the accounts by the end of the month', 'file the accounts', 'due 2026-03-31'],
  ['water the ferns tomorrow', 'water the ferns', 'day 2026-03-12'],
  ['water the ferns on sunday', 'water the ferns', 'day 2026-03-15'],
  ['lunch with Oda at noon on friday', 'lunch with Oda', 'person:oda', 'at 2026-03-13 12:00'],
  ['choir practice friday 19:30', 'choir practice', 'at 2026-03-13 19:30'],
  ['dentist at 9.15', 'dentist', 'at null 09:15'],
  ['ring Oda', 'ring Oda', 'person:oda'],
  ['ask about the key, Oda', 'ask about the key', 'person:oda'],
  ['thank Mum for lunch phone', 'thank Mum for lunch', 'context:phone'],
  ['post the parcel, errands', 'post the parcel', 'context:errands'],
  ['tidy the samples at the desk', 'tidy the samples', 'context:desk'],
  ['buy stamps for the office', 'buy stamps', 'area:office'],
  ['sort receipts for quarter accounts, half an hour', 'sort receipts', 'project:accounts', '30 min'],
  ['walk the site an hour and a half', 'walk the site', '90 min'],
  ['calculate absorption 1h30', 'calculate absorption', '90 min'],
  ['by friday send the drawings to the mill', 'send the drawings to the mill', 'due 2026-03-13'],
  ['ring the mason by friday about the arch', 'ring the mason about the arch', 'due 2026-03-13'],
  ['tomorrow: pack the meters', 'pack the meters', 'day 2026-03-12'],
  ['phone: thank the caretaker', 'thank the caretaker', 'context:phone'],
  ['book a room for 40, choir', 'book a room for 40, choir', 'question area:choir project:choir'],
  ['sign the draft by 5pm friday', 'sign the draft', 'due 2026-03-13 17:00'],
  ['sign the draft by 5 pm on friday', 'sign the draft', 'due 2026-03-13 17:00'],
  ['ring Per', 'ring Per', 'person:per'],
  ['ask Ana about the arch, Ana', 'ask Ana about the arch, Ana', 'question person:ana1 person:ana2'],
  ['ring the mason - friday, 20 min', 'ring the mason', 'day 2026-03-13', '20 min'],
  ['measure the hall — deep — 2 hours', 'measure the hall', 'deep', '120 min'],
  ['ring the mason (20 min, phone)', 'ring the mason', '20 min', 'context:phone'],
  ['ring the mason about the arch (by friday).', 'ring the mason about the arch.', 'due 2026-03-13'],
  ['ring the mason (about 20 min, new arch)', 'ring the mason (new arch)', '20 min'],
  [
    'waiting for the printer’s proofs since monday, chase friday',
    'waiting for the printer’s proofs',
    'waiting the printer’s proofs',
    'since 2026-03-09',
    'chase 2026-03-13',
  ],
  [
    'waiting for Per Lindqvist, chase friday',
    'waiting for Per Lindqvist',
    'waiting person:per',
    'chase 2026-03-13',
  ],
  ['post it, phone, phone', 'post it, phone', 'context:phone'],
  ['tune the piano this week, should', 'tune the piano', 'horizon week', 'should'],
  // Coming back.
  ['pay the rent every friday', 'pay the rent', 'repeat FREQ=WEEKLY;BYDAY=FR'],
  [
    'pay the studio rent every month on the 3rd, must',
    'pay the studio rent',
    'repeat FREQ=MONTHLY;BYMONTHDAY=3',
    'must',
  ],
  ['tidy the desk every weekday', 'tidy the desk', 'repeat FREQ=WEEKLY;BYDAY=MO,TU,WE,TH,FR'],
  [
    'call the mill every other wednesday at 10',
    'call the mill',
    'repeat FREQ=WEEKLY;INTERVAL=2;BYDAY=WE 10:00',
  ],
  ['file receipts monthly on the last friday', 'file receipts', 'repeat FREQ=MONTHLY;BYDAY=-1FR'],
  [
    'oil the hinges every 6 weeks after it is done',
    'oil the hinges',
    'repeat FREQ=WEEKLY;INTERVAL=6 from done',
  ],
  [
    'light the candle yearly on 5 nov until 2030',
    'light the candle',
    'repeat FREQ=YEARLY;BYMONTH=11;BYMONTHDAY=5;UNTIL=20301231',
  ],
  ['take the drops daily, 10 times', 'take the drops', 'repeat FREQ=DAILY', '10 times'],
  ['take the drops daily 10 times', 'take the drops', 'repeat FREQ=DAILY;COUNT=10'],
  ['back up the meters every day', 'back up the meters', 'repeat FREQ=DAILY'],
  ['water the ferns every 3 days', 'water the ferns', 'repeat FREQ=DAILY;INTERVAL=3'],
  ['water the ferns every second day', 'water the ferns', 'repeat FREQ=DAILY;INTERVAL=2'],
  ['swim every mon, wed and fri', 'swim', 'repeat FREQ=WEEKLY;BYDAY=MO,WE,FR'],
  ['swim every tuesday and thursday at 7am', 'swim', 'repeat FREQ=WEEKLY;BYDAY=TU,TH 07:00'],
  ['sweep the workshop on fridays', 'sweep the workshop', 'repeat FREQ=WEEKLY;BYDAY=FR'],
  ['sweep the workshop weekly', 'sweep the workshop', 'repeat FREQ=WEEKLY'],
  ['sweep the workshop weekly on monday', 'sweep the workshop', 'repeat FREQ=WEEKLY;BYDAY=MO'],
  ['read the meter quarterly', 'read the meter', 'repeat FREQ=MONTHLY;INTERVAL=3'],
  [
    'read the meter on the 1st and 15th of every month',
    'read the meter',
    'repeat FREQ=MONTHLY;BYMONTHDAY=1,15',
  ],
  ['read the meter every month on the last day', 'read the meter', 'repeat FREQ=MONTHLY;BYMONTHDAY=-1'],
  ['choir board every first monday of the month', 'choir board', 'repeat FREQ=MONTHLY;BYDAY=1MO'],
  ['choir board on the last tuesday of every month', 'choir board', 'repeat FREQ=MONTHLY;BYDAY=-1TU'],
  ['renew the permit every year on 1 march', 'renew the permit', 'repeat FREQ=YEARLY;BYMONTH=3;BYMONTHDAY=1'],
  ['renew the permit every 1 march', 'renew the permit', 'repeat FREQ=YEARLY;BYMONTH=3;BYMONTHDAY=1'],
  ['renew the permit every other year', 'renew the permit', 'repeat FREQ=YEARLY;INTERVAL=2'],
  ['every friday tidy the desk', 'tidy the desk', 'repeat FREQ=WEEKLY;BYDAY=FR'],
  ['every monday at 9: plan the week', 'plan the week', 'repeat FREQ=WEEKLY;BYDAY=MO 09:00'],
  ['stretch every morning', 'stretch', 'repeat FREQ=DAILY 09:00'],
  ['stretch every fortnight until 1 june', 'stretch', 'repeat FREQ=WEEKLY;INTERVAL=2;UNTIL=20260601'],
  ['swim every weekend', 'swim', 'repeat FREQ=WEEKLY;BYDAY=SA'],
  ['swim every friday, until 1 june', 'swim', 'repeat FREQ=WEEKLY;BYDAY=FR', 'until 2026-06-01'],
  // Reminders.
  [
    'send the offer by friday, remind me the day before at 9',
    'send the offer',
    'due 2026-03-13',
    'reminder daysBefore 1 09:00',
  ],
  [
    'site visit friday 14:00, remind me 2 hours before',
    'site visit',
    'at 2026-03-13 14:00',
    'reminder minutesBefore 120',
  ],
  ['pack the meters remind me tomorrow at 17:00', 'pack the meters', 'reminder at 2026-03-12 17:00'],
  [
    'renew the permit by 1 may, remind me a week before, remind me on the day',
    'renew the permit',
    'due 2026-05-01',
    'reminder daysBefore 7',
    'reminder daysBefore 0',
  ],
  ['ring Oda, remind me on friday', 'ring Oda', 'person:oda', 'reminder at 2026-03-13'],
  // Spans and parts of a day.
  ['meet the mason 3-4pm friday', 'meet the mason', 'at 2026-03-13 15:00 60'],
  ['meet the mason friday 3-4pm', 'meet the mason', 'at 2026-03-13 15:00 60'],
  ['meet the mason tomorrow from 14:00 to 15:30', 'meet the mason', 'at 2026-03-12 14:00 90'],
  ['meet the mason 11-1pm on friday', 'meet the mason', 'at 2026-03-13 11:00 120'],
  ['meet the mason 9.30-10.15', 'meet the mason', 'at 09:30 45'],
  ['walk the site saturday morning', 'walk the site', 'at 2026-03-14 09:00'],
  ['walk the site tomorrow afternoon', 'walk the site', 'at 2026-03-12 14:00'],
  ['sing this evening', 'sing', 'at 2026-03-11 19:00'],
  ['ring the mill friday at 3', 'ring the mill', 'at 2026-03-13 15:00'],
  ['ring the mill at 10 on friday', 'ring the mill', 'at 2026-03-13 10:00'],
  ['sign the draft by tomorrow morning', 'sign the draft', 'due 2026-03-12 12:00'],
  // Days.
  ['chase the mill in 3 days', 'chase the mill', 'day 2026-03-14'],
  ['chase the mill in a month', 'chase the mill', 'day 2026-04-11'],
  ['chase the mill in a fortnight', 'chase the mill', 'day 2026-03-25'],
  ['send the accounts at the end of april', 'send the accounts', 'day 2026-04-30'],
  ['send the accounts by the end of next month', 'send the accounts', 'due 2026-04-30'],
  ['tidy the loft end of the week', 'tidy the loft', 'day 2026-03-13'],
  ['tidy the loft at the weekend', 'tidy the loft', 'day 2026-03-14'],
  ['tidy the loft at the beginning of may', 'tidy the loft', 'day 2026-05-01'],
  ['tidy the loft next month', 'tidy the loft', 'day 2026-04-01'],
  ['tidy the loft friday week', 'tidy the loft', 'day 2026-03-20'],
  ['tidy the loft a week on friday', 'tidy the loft', 'day 2026-03-20'],
  ['send the plans 25/3', 'send the plans', 'day 2026-03-25'],
  ['send the plans 2026-03-25', 'send the plans', 'day 2026-03-25'],
  ['send the plans 25.3.', 'send the plans', 'day 2026-03-25'],
  ['send the plans by 4.5.2026', 'send the plans', 'due 2026-05-04'],
  ['send the plans before friday', 'send the plans', 'due 2026-03-12'],
  ['send the plans no later than friday', 'send the plans', 'due 2026-03-13'],
  ['next tuesday ring the bank', 'ring the bank', 'day 2026-03-17'],
  ['tomorrow ring the bank', 'ring the bank', 'day 2026-03-12'],
  ['on friday post the parcel, errands', 'post the parcel', 'day 2026-03-13', 'context:errands'],
  ['this week ring the bank', 'ring the bank', 'horizon week'],
  ['in 3 days ring the bank', 'ring the bank', 'day 2026-03-14'],
  ['at 10:30: ring the bank', 'ring the bank', 'at 10:30'],
  // Whom, worth, where.
  [
    'waiting for Mr Abel since 2 march, chase in a week',
    'waiting for Mr Abel',
    'waiting Mr Abel',
    'since 2026-03-02',
    'chase 2026-03-18',
  ],
  ['draft the offer, much payoff, only me', 'draft the offer', 'much payoff', 'much craft'],
  ['draft the offer, low payoff, little craft', 'draft the offer', 'little payoff', 'little craft'],
  ['sort the samples, desk, errands', 'sort the samples', 'context:desk', 'context:errands'],
  ['sort the samples at the desk or on site', 'sort the samples', 'context:desk', 'context:site'],
  ['sort the samples, phone and desk', 'sort the samples', 'context:phone', 'context:desk'],
  // Lists.
  [
    'pack for the hall: meters, tripod and batteries',
    'pack for the hall',
    'steps meters / tripod / batteries',
  ],
  [
    'buy for the workshop: felt, glue, screws, by friday',
    'buy for the workshop',
    'steps felt / glue / screws',
    'due 2026-03-13',
  ],
  ['shopping: milk, bread, errands', 'shopping', 'steps milk / bread', 'context:errands'],
]

/** Sentences in which something looks like a clause and is none. */
const stays: [said: string, ...clauses: string[]][] = [
  ["read May's report"],
  ['call 20 people'],
  ['fix the 3 phone sockets'],
  ['book the Friday hall'],
  ['desk lamp bulb'],
  ['answer the phone'],
  ['buy a new phone'],
  ['buy phone'],
  ['turn on the light'],
  ['this is a must'],
  ['get well soon'],
  ['put the book back on the shelf'],
  ['watch the last 20 minutes'],
  ['leave in 20 minutes'],
  ['plan for Good Friday'],
  ['write a "by friday" sign'],
  ['find out who says "20 min phone"'],
  ['read the book by April Jones'],
  ['stand by the door'],
  ['learn to play deep'],
  ['look at tomorrow’s agenda'],
  ['meet halfway'],
  ['order 5 m of cable'],
  ['list things since monday'],
  ['read chapter 3 of May'],
  ['by friday'],
  ['plan the walk for Sunday'],
  ['watch the last half an hour'],
  ['find where the cat sat'],
  ['read in the sun'],
  ['takes 2 - 3 people'],
  ['note the (old) arch'],
  ['a list since monday, chase it'],
  ['read the per'],
  // Repeats that are none.
  ['write the weekly letter'],
  ['the monthly figures'],
  ['read every page'],
  ['check every window in the hall'],
  ['read the daily'],
  ['bill twice weekly'],
  ['water the ferns every 0 days'],
  ['water the ferns every 1000 days'],
  ['pay the rent yearly on 30 february'],
  ['a plan for every day'],
  ['every day counts'],
  ['every friday is quiet'],
  ['check each one'],
  ['on the last day of the fair we sing'],
  ['sing until monday'],
  ['ring three times'],
  // Days and times that are none.
  ['pay by card'],
  ['reply to the letter of 3 May'],
  ['prepare the talk for Sunday'],
  ['Friday prayers'],
  ['plan the year 40000'],
  ['find 1 march 40000'],
  ['tomorrow is a holiday'],
  ['next week and the week after'],
  ['see the morning light'],
  ['write for the evening paper'],
  ['look at 10 houses'],
  ['cut the board to 3/4'],
  ['read pages 3-4'],
  ['find version 1.2.'],
  ['count 31/31'],
  ['meet at the end'],
  ['find the end of the rope'],
  ['walk in the week'],
  ['before lunch'],
  ['look before you leap'],
  ['call in a minute'],
  // Worth, reminders and lists that are none.
  ['some payoff is better than none'],
  ['it is only me'],
  ['remind me of the sea'],
  ['remind Oda to call back'],
  ['Re: offer, figures'],
  ['a colon: one thing'],
  ['note: call, then write'],
  // Other languages.
  ['den Vermieter bis Freitag anrufen, 20 min'],
  ['acheter du pain pour demain'],
  ['llamar a la oficina el lunes, phone'],
  ['ringa till mamma på fredag'],
  ['de huur betalen voor vrijdag'],
  ['позвонить маме by friday'],
  ['電話 friday'],
]

describe('a plain sentence', () => {
  it.each(understood)('understands: %s', (said, title, ...clauses) => {
    const sentence = read(said)
    expect(sentence.clauses.map(told)).toEqual(clauses.map((clause) => clause.replace('at null ', 'at ')))
    expect(sentence.title).toBe(title)
  })
  it.each(stays)('leaves in the title: %s', (said) => {
    expect(read(said)).toEqual({ title: said, clauses: [] })
  })
  it('gives a clause back to the title once it is taken off, and still reads the others', () => {
    const said = 'ring the mason by friday 20 min'
    expect(read(said, [takenOffKey('minutes', '20 min')])).toMatchObject({
      title: 'ring the mason 20 min',
      clauses: [{ kind: 'due' }],
    })
    expect(read(said, [takenOffKey('due', 'by friday')]).title).toBe('ring the mason by friday')
  })
  it('turns a question into the one meaning that is left', () => {
    const sentence = read('book a room for 40, choir', [takenOffKey('project:choir', 'choir')])
    expect(sentence.clauses.map(told)).toEqual(['area:choir'])
    expect(sentence.title).toBe('book a room for 40')
  })
  it('fills the fields of an action', () => {
    const draft = draftOf(read('lunch with Oda at 13:00 friday, 1 hour'), today)
    expect(draft).toMatchObject({
      title: 'lunch with Oda',
      at: { date: '2026-03-13', time: '13:00' },
      minutes: 60,
      personIds: ['person:oda'],
      day: null,
    })
  })
})

it('“today” said on an earlier day is that day', () => {
  const said = draftOf(read('ring the mason today'), today)
  expect(asSaidOn(said, today)).toMatchObject({ day: today, horizon: 'week' })
})

describe('any text', () => {
  const word = fc.constantFrom(
    'by',
    'friday',
    '20',
    'min',
    'phone',
    ',',
    'the',
    'must',
    '"',
    'Oda',
    'for',
    'at',
    '14:30',
    'Fenwick',
    'Hall',
    'today',
    ':',
    'deep',
    'é',
    '🎈',
    'not',
    'before',
    '1',
    'march',
    'waiting',
    'since',
    'chase',
    '-',
    '(',
    ')',
    'Per',
    'Ana',
    ...'every each other weekday on last first 3rd month daily weekly until 2030 10 times remind me day before morning'.split(
      ' ',
    ),
    ...'3-4pm 25.3. 25/3 in days and or desk some payoff only next tomorrow after it is done der und у'.split(
      ' ',
    ),
  )
  const text = fc.array(word, { maxLength: 14 }).map((words) => words.join(' '))
  const tellsOn = (said: string) => {
    const { title, clauses } = read(said)
    const spans = clauses.map(({ start, end }) => said.slice(start, end))
    for (const token of said.match(/[\p{L}\p{N}]+/gu) ?? [])
      expect([title, ...spans].some((piece) => piece.includes(token))).toBe(true)
    if (/[\p{L}\p{N}]/u.test(said)) expect(title).not.toBe('')
    clauses.forEach(({ start, end }) => expect(start < end && end <= said.length).toBe(true))
    // A clause whose words left the title changes the draft: without it the draft would be another.
    for (const clause of clauses.filter(({ inTitle, kind }) => !inTitle && kind !== 'question')) {
      const rest = { title, clauses: clauses.filter((other) => other !== clause) }
      expect(draftOf(rest, today)).not.toEqual(draftOf({ title, clauses }, today))
    }
  }
  it.each([...understood.map(([said]) => said), ...stays.map(([said]) => said)])(
    'loses no word of: %s',
    tellsOn,
  )
  it('keeps every word: in the title, or in a clause that changes the draft', () => {
    fc.assert(fc.property(text, tellsOn), { seed: 11, numRuns: 20_000 })
  })
  it.each([
    ',',
    ';',
    ':',
    '.',
    '-',
    '- ',
    '(',
    ')',
    '"',
    "'",
    ' ',
    ', ',
    'a',
    '9',
    'é',
    '🎈',
    'by ',
    'https://a.b ',
  ])('reads eight times as many “%s” in about eight times the time', (mark) => {
    const text = mark.repeat(80_000)
    const timed = (length: number) => {
      const said = text.slice(0, length)
      const times = [0, 1, 2, 3, 4].map(() => {
        const started = performance.now()
        read(said)
        return performance.now() - started
      })
      return Math.max(0.5, Math.min(...times))
    }
    // A quadratic reading would take sixty-four times as long; the bench has the milliseconds.
    expect(timed(80_000) / timed(10_000)).toBeLessThan(32)
  })
  it('says nothing once everything is taken off', () => {
    fc.assert(
      fc.property(text, (said) => {
        const off: string[] = []
        for (let round = 0; round < 30; round++) {
          const [clause] = read(said, off).clauses.filter(({ kind }) => kind !== 'address')
          if (!clause) return
          off.push(takenOffKey(clause.kind, said.slice(clause.start, clause.end)))
        }
        expect(read(said, off).clauses).toEqual([])
      }),
      { seed: 12, numRuns: 300 },
    )
  })
})
