// How much of what people say is understood. Laws: 97 of 100 sentences are read as they are meant; of those that only
// look as if they said something, at most 1 in 100 is taken wrongly; no word of any of them is lost.
import { corpusNames, corpusSaid, corpusStays } from '../testing/corpus'
import { inShort } from '../testing/inShort'
import { saidOn } from '../testing/sentences'
import { parseSentence } from './reader'

const read = (text: string) =>
  parseSentence(text, { today: saidOn, minute: 600, names: corpusNames, takenOff: [] })

const dated = (day: string) => `2026-${day.slice(0, 2)}-${day.slice(2)}`
const horizons = new Set(['today', 'week', 'someday'])
const scales = new Set(['must', 'should', 'could', 'deep', 'plain', 'light'])
const kinds = {
  phone: 'context', desk: 'context', workshop: 'context', errands: 'context', ward: 'context',
  kitchen: 'project', concert: 'project', tax: 'project', garden: 'area', house: 'area',
  davit: 'person', brigitte: 'person', priya: 'person', mum: 'person',
} as const // prettier-ignore

/** A code of the corpus as the clause is written in short. */
function asShort(code: string): string {
  const [, kind, day, time, more] =
    /^(d|by|at|nb|since|chase)(\d{4})?(?:@([\d:]+))?(?:\+(\d+))?$/.exec(code) ?? []
  if (kind) {
    const said = { d: 'day', by: 'due', at: 'at', nb: 'notBefore', since: 'since', chase: 'chase' }[kind]
    return [said, day ? dated(day) : null, time, more].filter(Boolean).join(' ')
  }
  if (/^\d+m$/.test(code)) return `${code.slice(0, -1)} min`
  if (horizons.has(code)) return `horizon ${code}`
  if (scales.has(code)) return code
  if (code.startsWith('rep:'))
    return `repeat ${code.slice(4).replace('!done', ' from done').replace('@', ' ')}`
  if (code.startsWith('rem:'))
    return `reminder ${code
      .slice(4)
      .replace(/^(at|daysBefore|minutesBefore)/, '$1 ')
      .replace(',', ' ')}`
  if (code.startsWith('link:')) return `link ${code.slice(5)}`
  if (code.startsWith('waiting:')) return `waiting ${code.slice(8)}`
  if (code.startsWith('waiting')) return `waiting person:${code.slice(7)}`
  return `${kinds[code as keyof typeof kinds]}:${code}`
}

/** "waiting:the permit" has a space of its own. */
const codesIn = (text: string) =>
  (text.match(/waiting:[^0-9]+?(?= \S+\d|$)|\S+/g) ?? []).map((code) => code.trim())

const told = (text: string) => {
  const { title, clauses } = read(text)
  return `${title} | ${clauses.map(inShort).sort().join(' · ')}`
}
const wrongAmong = (cases: readonly (readonly [said: string, meant: string])[]) =>
  cases.flatMap(([said, meant]) =>
    told(said) === meant ? [] : [`${said} → ${told(said)} instead of ${meant}`],
  )

const meant = corpusSaid.map((line) => {
  const [said = '', title = '', codes = ''] = line.split('|').map((part) => part.trim())
  return [said, `${title} | ${codesIn(codes).map(asShort).sort().join(' · ')}`] as const
})
const nearMisses = corpusStays.map((said) => [said, `${said} | `] as const)

it('is large, and a third of it are near misses', () => {
  expect(new Set([...meant, ...nearMisses].map(([said]) => said)).size).toBeGreaterThanOrEqual(600)
  expect(nearMisses.length).toBeGreaterThanOrEqual(200)
})

it('97 of 100 sentences are read as they are meant', () => {
  const wrong = wrongAmong(meant)
  const share = 1 - wrong.length / meant.length
  expect({ share: share >= 0.97, wrong: share >= 0.97 ? [] : wrong }).toEqual({ share: true, wrong: [] })
})

it('at most 1 in 100 near misses is taken for what it is not', () => {
  const wrong = wrongAmong(nearMisses)
  const isFew = wrong.length <= nearMisses.length / 100
  expect({ isFew, wrong: isFew ? [] : wrong }).toEqual({ isFew: true, wrong: [] })
})

it('no word is lost: each is in the title or in a part', () => {
  for (const [said] of [...meant, ...nearMisses]) {
    const { title, clauses } = read(said)
    const pieces = [title, ...clauses.map(({ start, end }) => said.slice(start, end))]
    for (const word of said.match(/[\p{L}\p{N}]+/gu) ?? [])
      expect([said, pieces.some((piece) => piece.includes(word))]).toEqual([said, true])
  }
})
