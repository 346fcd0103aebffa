import fc from 'fast-check'
import { knownNames, saidOn, stays, understood } from '../testing/sentences'
import { inShort } from '../testing/inShort'
import { takenOffKey } from '.'
import { asSaidOn, draftOf, parseSentence } from './reader'

const [today, names] = [saidOn, knownNames]
const read = (text: string, takenOff: string[] = []) => parseSentence(text, { today, names, takenOff })

describe('a plain sentence', () => {
  it.each(understood)('understands: %s', (said, title, ...clauses) => {
    const sentence = read(said)
    expect(sentence.clauses.map(inShort)).toEqual(clauses.map((clause) => clause.replace('at null ', 'at ')))
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
    expect(sentence.clauses.map(inShort)).toEqual(['area:choir'])
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
    const [long, short] = [text.slice(0, 80_000), text.slice(0, 10_000)]
    // The time of the processor, and not that on the wall: what else the machine does is not counted.
    const took = (said: string) => {
      const started = process.cpuUsage()
      read(said)
      const { user, system } = process.cpuUsage(started)
      return (user + system) / 1000
    }
    // The quickest of several turns, both in each: what is tidied up in between makes some of them slow, never all.
    let [best, bestShort] = [Infinity, Infinity]
    for (let turn = 0; turn < 25 && !(turn >= 5 && best / Math.max(0.5, bestShort) < 32); turn++) {
      best = Math.min(best, took(long))
      bestShort = Math.min(bestShort, took(short))
    }
    // A quadratic reading would take sixty-four times as long; the bench has the milliseconds.
    expect(best / Math.max(0.5, bestShort)).toBeLessThan(32)
  })
  it('says nothing once everything is taken off', () => {
    fc.assert(
      fc.property(text, (said) => {
        const off: string[] = []
        for (let round = 0; round < 30; round++) {
          const [clause] = read(said, off).clauses.filter(({ kind }) => kind !== 'link')
          if (!clause) return
          off.push(takenOffKey(clause.kind, said.slice(clause.start, clause.end)))
        }
        expect(read(said, off).clauses).toEqual([])
      }),
      { seed: 12, numRuns: 300 },
    )
  })
})
