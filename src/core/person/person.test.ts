import fc from 'fast-check'
import { makeNameIndex } from '../sentence/nameIndex'
import { addDays, calendarDateUnsafe } from '../time'
import {
  ageOn,
  factDateOf,
  hrefOfFact,
  keptDate,
  nextFactDate,
  owedOf,
  readFact,
  readFactDate,
  readSaidOfPeople,
} from '.'

describe('a fact as it is written down', () => {
  it.each([
    ['mobile 07700 900123', 'mobile', '07700 900123', 'number'],
    ['Work phone: +44 (0)20 7946 0018', 'work phone', '+44 (0)20 7946 0018', 'number'],
    ['e-mail is oda@example.org', 'e-mail', 'oda@example.org', 'email'],
    ['oda@example.org', 'e-mail', 'oda@example.org', 'email'],
    ['07700 900123', 'phone', '07700 900123', 'number'],
    ['www.example.org/tiles', 'link', 'www.example.org/tiles', 'link'],
    ['birthday 3 May', 'birthday', '--05-03', 'date'],
    ['birthday: May 3rd, 1980', 'birthday', '1980-05-03', 'date'],
    ['date of birth 3/5/1980', 'date of birth', '1980-05-03', 'date'],
    ['Started here: 12 March 2019', 'Started here', '2019-03-12', 'date'],
    ['likes dark chocolate', 'likes', 'dark chocolate', 'text'],
    ['Favourite tea: Assam', 'Favourite tea', 'Assam', 'text'],
    ['shoe size 42', 'shoe size', '42', 'text'],
    ['address 4 Mill Lane, Harrow', 'address', '4 Mill Lane, Harrow', 'text'],
    ['Door code: 12345', 'Door code', '12345', 'text'],
    ['plays the viola', '', 'plays the viola', 'text'],
    ['phone: ask Per', 'phone', 'ask Per', 'text'],
    ['birthday: in spring', 'birthday', 'in spring', 'text'],
  ])('reads “%s”', (line, label, value, type) => {
    expect(readFact(line)).toEqual({ label, value, type })
  })

  it('reads nothing from nothing, and never loses a word of what is no fact with a label', () => {
    expect(readFact('  ')).toBeNull()
    fc.assert(
      fc.property(fc.string({ minLength: 1, maxLength: 60 }), (line) => {
        const fact = readFact(line)
        const said = line.replace(/\s+/g, ' ').trim()
        if (said === '' || !fact || fact.type === 'date') return
        expect(said.toLowerCase()).toContain(fact.value.toLowerCase())
        for (const word of said.toLowerCase().split(/[\s:=]+/))
          expect(`${fact.label} ${fact.value} is are`.toLowerCase()).toContain(word)
      }),
      { seed: 25 },
    )
  })

  it.each([
    ['number', '+44 (0)20 7946 0018', 'tel:+4402079460018'],
    ['email', 'oda@example.org', 'mailto:oda@example.org'],
    ['email', 'a?bcc=x@example.org', 'mailto:a%3Fbcc%3Dx@example.org'],
    ['link', 'www.example.org', 'https://www.example.org'],
    ['link', 'javascript:alert(1)', 'https://javascript:alert(1)'],
    ['text', 'https://example.org', null],
  ] as const)('a tap on the %s “%s” leads to %s', (type, value, href) => {
    expect(hrefOfFact({ type, value })).toBe(href)
  })
})

describe('the day of a birthday', () => {
  it.each(['31 April', '29 Feb 2023', '0 May', '3 Mai', '2026-13-01', 'soon', '3'])(
    '“%s” is none',
    (text) => {
      expect(readFactDate(text)).toBeNull()
    },
  )

  it('comes once in every year, on the 28th of February where there is no 29th', () => {
    const leap = { year: null, month: 2, day: 29 }
    expect(nextFactDate(leap, calendarDateUnsafe('2026-03-01'))).toBe('2027-02-28')
    expect(nextFactDate(leap, calendarDateUnsafe('2027-03-01'))).toBe('2028-02-29')
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 12 }),
        fc.integer({ min: 1, max: 31 }),
        fc.integer({ min: 0, max: 5000 }),
        (month, day, days) => {
          const date = factDateOf(keptDate({ year: null, month, day }))
          if (!date) return
          const today = addDays(calendarDateUnsafe('2020-01-01'), days)
          const next = nextFactDate(date, today)
          expect(next >= today && next < addDays(today, 367)).toBe(true)
          expect(nextFactDate(date, next)).toBe(next)
        },
      ),
      { seed: 25 },
    )
  })

  it('says how old somebody is where the year is known', () => {
    const on = calendarDateUnsafe('2026-05-03')
    expect(ageOn({ year: 1980, month: 5, day: 3 }, on)).toBe(46)
    expect(ageOn({ year: null, month: 5, day: 3 }, on)).toBeNull()
  })
})

describe('what is said of people', () => {
  const names = [
    { id: 'person:oda', name: 'Oda Marsh' },
    { id: 'person:per', name: 'Per' },
    { id: 'person:ada1', name: 'Ada Finch' },
    { id: 'person:ada2', name: 'Ada Thorne' },
    { id: 'project:per', name: 'Fenwick Hall' },
  ] as const
  const index = makeNameIndex(names)
  const saidOf = (line: string) => {
    const said = readSaidOfPeople(line, index)
    if (!said) return null
    return said.kind === 'fact'
      ? `${said.whom.id ?? `new ${said.whom.name}`}: ${said.fact.label} = ${said.fact.value}`
      : `${said.whom.map(({ id, name }) => id ?? `new ${name}`).join(' + ')} raise ${said.text}`
  }

  it.each([
    ['Oda’s mobile is 07700 900123', 'person:oda: mobile = 07700 900123'],
    ["oda marsh's e-mail is oda@example.org", 'person:oda: e-mail = oda@example.org'],
    ["Per's birthday is 3 May", 'person:per: birthday = --05-03'],
    ['Per likes dark chocolate', 'person:per: likes = dark chocolate'],
    ["Anna's number is 07700 900456", 'new Anna: number = 07700 900456'],
    ['raise the fee with Oda', 'person:oda raise the fee'],
    ['Raise with Per: the night readings', 'person:per raise the night readings'],
    ['raise the fee with Oda and Per', 'person:oda + person:per raise the fee'],
    ['raise the fee with Anna', 'new Anna raise the fee'],
    ['raise talks with Oda with Per', 'person:per raise talks with Oda'],
  ])('“%s” is one', (line, said) => expect(saidOf(line)).toBe(said))

  it.each([
    'Oda’s quote is late',
    'Ada’s mobile is 07700 900123',
    'Oda’s mobile is broken',
    'Fenwick Hall’s number is 07700 900123',
    'the studio’s phone is 07700 900123',
    'Anna likes dark chocolate',
    'raise the roof',
    'raise the fee with the trustees',
    'raise the fee with Ada',
    `raise ${'x'.repeat(3000)} with Oda`,
  ])('“%.60s” is for the Tray', (line) => expect(saidOf(line)).toBeNull())
})

it.each([
  [{ personId: 'person:oda' }, null, 'theirs'],
  [{ personId: 'person:per' }, { date: '2026-03-12' }, 'with'],
  [null, { date: '2026-03-12' }, 'promised'],
  [null, null, 'with'],
])('waiting %j and due %j is %s', (waiting, due, owed) => {
  expect(owedOf({ waiting, due } as never, 'person:oda')).toBe(owed)
})
