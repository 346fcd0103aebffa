import { deepestNesting, tooDeepAmong } from './nesting'

const chain = (length: number) =>
  new Map(Array.from({ length }, (_, at) => [`p${at}`, at === 0 ? null : `p${at - 1}`] as const))

it('finds the first that lies too deep, in any order, and none in a ring', () => {
  expect(tooDeepAmong(chain(deepestNesting + 1))).toBeNull()
  expect(tooDeepAmong(chain(deepestNesting + 2))).toBe(`p${deepestNesting + 1}`)
  expect(tooDeepAmong(new Map([...chain(deepestNesting + 2)].reverse()))).toBe(`p${deepestNesting + 1}`)
  expect(tooDeepAmong(new Map([...chain(100_000)].reverse()))).toBe(`p${deepestNesting + 1}`)
  expect(tooDeepAmong(new Map([['a', 'b'], ['b', 'a'], ['c', 'gone']]))).toBeNull() // prettier-ignore
})
