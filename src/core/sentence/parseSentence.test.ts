import fc from 'fast-check'
import { calendarDateUnsafe } from '../time'
import { asSaidOn, draftOf, makeNameIndex, parseSentence, takenOffKey, type Clause, type Name } from '.'

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
      return [clause.kind, clause.date, clause.time].filter(Boolean).join(' ')
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
  ['pay the rent every friday'],
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
    fc.assert(fc.property(text, tellsOn), { seed: 11, numRuns: 600 })
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
