import fc from 'fast-check'
import { titleLimit } from '../record'
import { bareLine, cuttablesOf, everyLine, flatList, pastedList, piecesOf, sharedThought, thoughtOf } from '.'

it.each([
  ['- ring Oda', 'ring Oda'],
  ['* ring Oda', 'ring Oda'],
  ['• ring Oda', 'ring Oda'],
  ['– ring Oda', 'ring Oda'],
  ['1. ring Oda', 'ring Oda'],
  ['12) ring Oda', 'ring Oda'],
  ['(3) ring Oda', 'ring Oda'],
  ['a) ring Oda', 'ring Oda'],
  ['- [ ] ring Oda', 'ring Oda'],
  ['- [x] ring Oda', 'ring Oda'],
  ['[] ring Oda', 'ring Oda'],
  ['☐ ring Oda', 'ring Oda'],
  ['  \u200b- ring Oda  ', 'ring Oda'],
  // What looks like a mark and is none.
  ['3 eggs', '3 eggs'],
  ['1.5 m of felt', '1.5 m of felt'],
  ['2026-03-11 site visit', '2026-03-11 site visit'],
  ['-5 degrees', '-5 degrees'],
  ['a new felt', 'a new felt'],
  ['[draft] the offer', '[draft] the offer'],
  ['*very* quiet', '*very* quiet'],
  ['-', ''],
  ['3.', ''],
])('“%s” without its mark is “%s”', (line, text) => expect(bareLine(line)).toBe(text))

it('keeps what is indented under the line before it', () => {
  const paste = 'Hall\r\n\t- meters\n\t\t- batteries\n\n  1. tripod\nring Oda\n  by friday'
  expect(pastedList(paste)).toEqual([
    { text: 'Hall', under: ['meters', 'batteries', 'tripod'] },
    { text: 'ring Oda', under: ['by friday'] },
  ])
  expect(flatList(pastedList(paste)).map(({ text }) => text)).toEqual([
    'Hall',
    'meters',
    'batteries',
    'tripod',
    'ring Oda',
    'by friday',
  ])
})
it('takes a whole list that is indented for one that is not', () => {
  expect(pastedList('    - one\n    - two').map(({ text }) => text)).toEqual(['one', 'two'])
  expect(pastedList('    - one\n- two\n    - three')).toEqual([
    { text: 'one', under: [] },
    { text: 'two', under: ['three'] },
  ])
})

const wordsIn = (text: string) => text.match(/[\p{L}]{2,}/gu) ?? []
const paste = fc
  .array(fc.tuple(fc.nat(6), fc.constantFrom('- ', '1. ', '[x] ', '', '• '), fc.lorem({ maxCount: 4 })), {
    maxLength: 12,
  })
  .map((lines) => lines.map(([depth, mark, text]) => `${' '.repeat(depth)}${mark}${text}`).join('\n'))

it('loses no word of a list, in the order it came', () => {
  fc.assert(
    fc.property(paste, (text) => {
      const told = flatList(pastedList(text)).map((line) => line.text)
      expect(wordsIn(told.join(' '))).toEqual(wordsIn(text))
    }),
    { seed: 31, numRuns: 300 },
  )
})

describe('a thought', () => {
  it('is its first line, and the rest its note', () => {
    expect(thoughtOf('  ring Oda by friday\nShe asked about:\n\n- the arch  ')).toEqual({
      text: 'ring Oda by friday',
      note: 'She asked about:\n\n- the arch',
    })
    expect(thoughtOf('ring Oda')).toEqual({ text: 'ring Oda', note: '' })
  })
  it('of ten thousand characters is cut between two words', () => {
    const typed = 'measure the long room '.repeat(460)
    const { text, note } = thoughtOf(typed)
    expect(text.length).toBeLessThanOrEqual(titleLimit)
    expect(
      text.endsWith('room') || text.endsWith('long') || text.endsWith('the') || text.endsWith('measure'),
    ).toBe(true)
    expect(`${text} ${note}`).toBe(typed.trim())
  })
  it('without a space is cut all the same, and never through a sign', () => {
    const { text, note } = thoughtOf(`a${'🎈'.repeat(2000)}`)
    expect(text + note).toBe(`a${'🎈'.repeat(2000)}`)
    expect(text.length).toBeLessThanOrEqual(titleLimit)
    expect([...text].every((sign) => sign === 'a' || sign === '🎈')).toBe(true)
  })
  it('loses no sign but spaces', () => {
    fc.assert(
      fc.property(fc.string({ unit: 'binary', maxLength: 5000 }), (typed) => {
        const { text, note } = thoughtOf(typed)
        const bare = (each: string) => each.replace(/\s/g, '')
        expect(bare(text + note)).toBe(bare(typed))
        expect(text.length).toBeLessThanOrEqual(titleLimit)
        expect(/[\n\r]/.test(text)).toBe(false)
      }),
      { seed: 32, numRuns: 200 },
    )
  })
})

describe('what is shared', () => {
  const page = 'https://example.org/felt'
  it.each([
    [{ title: 'Felt panels', text: '', url: page }, `Felt panels ${page}`, ''],
    [{ title: 'Felt panels', text: page, url: '' }, `Felt panels ${page}`, ''],
    [{ title: '', text: `Felt panels\n${page}`, url: '' }, `Felt panels ${page}`, ''],
    [
      { title: 'Felt panels', text: 'They are thick.\nAnd dear.', url: page },
      `Felt panels ${page}`,
      'They are thick.\nAnd dear.',
    ],
    [{ title: 'Felt', text: 'Felt', url: '' }, 'Felt', ''],
    [{ title: '', text: '', url: page }, page, ''],
    [{ title: '', text: 'ring Oda\nby friday', url: '' }, 'ring Oda', 'by friday'],
  ])('%j is “%s”', (shared, text, note) => expect(sharedThought(shared)).toEqual({ text, note }))
  it('is nothing where nothing is', () =>
    expect(sharedThought({ title: ' ', text: '\n', url: '' })).toBeNull())
})

describe('splitting', () => {
  const split = (text: string, note: string, ...cuts: number[]) =>
    piecesOf(cuttablesOf({ text, note }), new Set(cuts))
  it.each([
    [['ring Oda and order felt', ''], [2], ['ring Oda', 'order felt'], ['', '']],
    [
      ['ring Oda, order felt; then post it', ''],
      [2, 4],
      ['ring Oda', 'order felt', 'post it'],
      ['', '', ''],
    ],
    [['a talk', 'book the room\nprint it'], [2], ['a talk', 'book the room'], ['', 'print it']],
    [['ring Oda order felt', 'thick'], [2], ['ring Oda', 'order felt'], ['', 'thick']],
    [['salt and pepper', ''], [], ['salt and pepper'], ['']],
    [['bread and', 'milk'], [1], ['bread', 'and'], ['', 'milk']],
  ])('%j cut at %j', ([text, note], cuts, texts, notes) => {
    const pieces = split(text as string, note as string, ...cuts)
    expect(pieces.map((piece) => piece.text)).toEqual(texts)
    expect(pieces.map((piece) => piece.note)).toEqual(notes)
  })
  it('makes every line a piece of its own', () => {
    const cuttables = cuttablesOf({ text: 'the shop', note: 'felt\n\n glue \ncells' })
    expect(piecesOf(cuttables, everyLine(cuttables)).map(({ text }) => text)).toEqual([
      'the shop',
      'felt',
      'glue',
      'cells',
    ])
  })
  it('keeps of a line that is too long for a sentence the rest in the note', () => {
    const [, piece] = split('the letter', 'felt '.repeat(900), 2)
    expect(piece?.text.length).toBeLessThanOrEqual(titleLimit)
    expect(`${piece?.text} ${piece?.note}`).toBe('felt '.repeat(900).trim())
  })
  it('loses no word but those that join, wherever it is cut', () => {
    const words = fc.array(fc.constantFrom('felt', 'and', 'glue,', 'then', '🎈', 'é'), { minLength: 1 })
    const bare = (text: string) => text.replace(/[,;&+\s]|\b(?:and|then|also|plus)\b/g, '')
    fc.assert(
      fc.property(words, fc.array(words), fc.array(fc.nat(20)), (said, lines, cuts) => {
        const [text, note] = [said.join(' '), lines.map((line) => line.join(' ')).join('\n')]
        const pieces = split(text, note, ...cuts)
        expect(bare(pieces.map((piece) => `${piece.text}\n${piece.note}`).join('\n'))).toBe(
          bare(`${text}\n${note}`),
        )
        expect(pieces.every((piece) => piece.text.trim() !== '')).toBe(true)
      }),
      { seed: 62, numRuns: 400 },
    )
  })
})
