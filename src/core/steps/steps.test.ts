import fc from 'fast-check'
import type { Id, Step } from '../record'
import { ranksInOrder } from '../record'
import { outlineOf, pastedSteps, placeBack, placeBehind, placeBeside, placeDeeper, withAllUnder } from '.'

const step = (
  name: string,
  under: string | null,
  rank: string,
  doneAtEpochMs: number | null = null,
): Step => ({
  id: `step:${name}`,
  ownerId: 'action:a',
  underId: under === null ? null : `step:${under}`,
  title: name,
  rank,
  doneAtEpochMs,
})
/** "a", "b>a" for b under a, "c!" for c done; in this order. */
const steps = (...said: string[]): Step[] => {
  const ranks = ranksInOrder(said.length)
  return said.map((each, index) => {
    const [name = '', under = null] = each.replace('!', '').split('>')
    return step(name, under, ranks[index] as string, each.includes('!') ? 1 : null)
  })
}
const shown = (all: readonly Step[], options = {}) =>
  outlineOf(all, options).map(({ step: { title }, depth }) => '-'.repeat(depth) + title)
const called = (name: string) => `step:${name}` as Id<'step'>

describe('an outline', () => {
  it.each<[string, string[], string[]]>([
    ['what stands under a step follows it', ['a', 'b', 'c>a', 'd>c'], ['a', '-c', '--d', 'b']],
    [
      'what is finished sinks behind its siblings, with what is under it',
      ['a!', 'b>a', 'c'],
      ['c', 'a', '-b'],
    ],
    ['what stands under one that is gone stands at the top', ['a>gone', 'b>a'], ['a', '-b']],
    ['a ring of two is shown from its first', ['a>b', 'b>a', 'c'], ['c', 'a', '-b']],
    ['one under itself is shown', ['a>a'], ['a']],
  ])('%s', (_, said, rows) => expect(shown(steps(...said))).toEqual(rows))
  it('leaves out what is finished where it is hidden', () => {
    expect(shown(steps('a!', 'b', 'c>b!'), { hideDone: true })).toEqual(['b'])
  })
  it('counts what stands under each', () => {
    const [a] = outlineOf(steps('a', 'b>a!', 'c>b!', 'd>a'))
    expect(a).toMatchObject({ under: 3, doneUnder: 2 })
  })
  it('shows every step once, whatever stands under what, ten thousand deep too', () => {
    const any = fc.array(fc.record({ under: fc.nat(30), done: fc.boolean() }), { maxLength: 30 })
    fc.assert(
      fc.property(any, (given) => {
        const all = given.map(({ under, done }, index) =>
          step(`${index}`, under < given.length ? `${under}` : null, 'a0', done ? 1 : null),
        )
        const ids = outlineOf(all).map((row) => row.step.id)
        expect([...ids].sort()).toEqual(all.map(({ id }) => id).sort())
      }),
      { seed: 65, numRuns: 300 },
    )
    const deep = Array.from({ length: 10_000 }, (_, index) =>
      step(`${index}`, index ? `${index - 1}` : null, 'a0'),
    )
    expect(outlineOf(deep).at(-1)).toMatchObject({ depth: 9999 })
    expect(withAllUnder(deep, called('1'))).toHaveLength(9999)
  })
})

describe('a place', () => {
  const all = steps('a', 'b', 'c>b', 'd>b', 'e')
  const of = (name: string) => all.find(({ title }) => title === name) as Step
  it.each<[string, unknown, [string | null, string | null] | null]>([
    ['deeper, last under the one before', placeDeeper(all, of('e')), ['b', 'd']],
    ['deeper under one that has none', placeDeeper(all, of('b')), ['a', null]],
    ['not deeper for the first', placeDeeper(all, of('c')), null],
    ['back behind the one above', placeBack(all, of('c')), [null, 'b']],
    ['not back at the top', placeBack(all, of('a')), null],
    ['up, to the front', placeBeside(all, of('b'), -1), [null, null]],
    ['up, behind another', placeBeside(all, of('e'), -1), [null, 'a']],
    ['down', placeBeside(all, of('c'), 1), ['b', 'd']],
    ['not down for the last', placeBeside(all, of('d'), 1), null],
    ['behind a row, beside it', placeBehind(outlineOf(all), 2, 1), ['b', 'c']],
    ['behind a row, under it', placeBehind(outlineOf(all), 2, 2), ['c', null]],
    ['behind a row, beside what it stands under', placeBehind(outlineOf(all), 3, 0), [null, 'b']],
    ['before all', placeBehind(outlineOf(all), -1, 0), [null, null]],
  ])('%s', (_, place, expected) =>
    expect(place).toEqual(
      expected && {
        underId: expected[0] && called(expected[0]),
        afterId: expected[1] && called(expected[1]),
      },
    ),
  )
})

it.each<[string, string, [string, number][]]>([
  [
    'bullets and boxes',
    '- [ ] milk\n- [x] bread\n',
    [
      ['milk', 0],
      ['bread', 0],
    ],
  ],
  [
    'indents',
    'a\n  b\n    c\n  d\ne',
    [
      ['a', 0],
      ['b', 1],
      ['c', 2],
      ['d', 1],
      ['e', 0],
    ],
  ],
  [
    'tabs and leaps',
    'a\n\t\t\tb\n\tc',
    [
      ['a', 0],
      ['b', 1],
      ['c', 1],
    ],
  ],
  [
    'a first line that is deeper',
    '    a\nb',
    [
      ['a', 0],
      ['b', 0],
    ],
  ],
  [
    'empty lines and Windows ends',
    'a\r\n\r\n   \r\n  b',
    [
      ['a', 0],
      ['b', 1],
    ],
  ],
])('pasted %s', (_, text, lines) =>
  expect(pastedSteps(text).map(({ title, depth }) => [title, depth])).toEqual(lines),
)
