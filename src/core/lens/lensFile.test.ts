import fc from 'fast-check'
import { anyLens, trickyLensNames, trickyNames } from '../testing/lenses'
import { fileNameOf, lookOf, readyMade, toLensFile, type Lens } from '.'
import { lensFileChecks } from '../exchange/lensFileChecks'
import { parseLensFile } from './parseLensFile'

const look = lookOf(readyMade[0] as never)
const names = trickyLensNames

it('a lens comes back out of its file as it went in', () => {
  fc.assert(
    fc.property(anyLens, (lens) => {
      const read = parseLensFile(toLensFile('Mine', lens, look, names), names, lensFileChecks)
      expect(read).toMatchObject({ ok: true, value: { name: 'Mine', lens, look } })
    }),
    { seed: 41, numRuns: 200 },
  )
})
it('names are found again by what they are called, and those that nobody has are told', () => {
  const lens = {
    ...readyAsk,
    conditions: [{ kind: 'choice', field: 'context', values: ['context:1', 'context:4'], not: false }],
  } as Lens
  const elsewhere = {
    nameOf: () => null,
    idsCalled: (kind: string, name: string) => (name === trickyNames[1] ? [`${kind}:there`] : []),
  }
  expect(parseLensFile(toLensFile('Mine', lens, look, names), elsewhere, lensFileChecks)).toMatchObject({
    ok: true,
    value: { lens: { conditions: [{ values: ['context:there', 'context:4'] }] }, missing: [trickyNames[4]] },
  })
})
const readyAsk: Lens = { conditions: [], bands: [], groups: [], sorts: [], done: 'hidden' }
const text = toLensFile('Mine', readyAsk, look, names)
const with_ = (patch: object) => JSON.stringify({ ...(JSON.parse(text) as object), ...patch })

it.each<[what: string, text: string, fault: object]>([
  ['no JSON', 'lens', { kind: 'noLens' }],
  ['another format', with_({ format: 'store' }), { kind: 'noLens' }],
  ['a newer version', with_({ version: 9 }), { kind: 'newer' }],
  ['a file too large', ' '.repeat(1_000_001), { kind: 'tooLarge' }],
  ['no name', with_({ name: '  ' }), { kind: 'unsound', where: 'name' }],
  ['a name of 5,000 characters', with_({ name: 'x'.repeat(5000) }), { kind: 'unsound', where: 'name' }],
  ['a lens of nothing', with_({ lens: null }), { kind: 'unsound', where: 'lens' }],
  [
    'a condition that is none',
    with_({ lens: { ...readyAsk, conditions: [{ kind: 'run' }] } }),
    { kind: 'unsound' },
  ],
  [
    '61 conditions',
    with_({ lens: { ...readyAsk, conditions: Array(61).fill({ kind: 'minutes', from: null, to: 5 }) } }),
    { kind: 'unsound', where: 'lens.conditions' },
  ],
  ['an unsound seal', with_({ look: { ...look, ink: 99 } }), { kind: 'unsound', where: 'ink' }],
  ['a table of wrong columns', with_({ look: { ...look, columns: { due: 'wide' } } }), { kind: 'unsound' }],
  [
    '50 deep',
    with_({
      lens: {
        ...readyAsk,
        conditions: [
          Array.from({ length: 50 }).reduce<object>((of) => ({ kind: 'many', joined: 'all', of: [of] }), {
            kind: 'minutes',
            from: null,
            to: 5,
          }),
        ],
      },
    }),
    { kind: 'unsound' },
  ],
])('refuses %s', (_, file, error) =>
  expect(parseLensFile(file, names, lensFileChecks)).toMatchObject({ ok: false, error }),
)

it.each([
  ['Short & light', 'short-light'],
  ['../../etc', 'etc'],
  ['“”', 'lens'],
])('calls the file of %s %s', (name, file) => expect(fileNameOf(name)).toBe(file))
