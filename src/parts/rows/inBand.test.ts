import { plainAction } from '@/core/testing/plainAction'
import type { Id } from '@/core/record'
import { rangeTo } from './inBand'

const band = ['a', 'b', 'c', 'd'].map((name) => ({ ...plainAction, id: `action:${name}` as Id<'action'> }))
const id = (name: string): Id<'action'> => `action:${name}`

it.each<[to: string, chosen: string[], range: string[]]>([
  ['c', ['a'], ['a', 'b', 'c']],
  ['a', ['c'], ['a', 'b', 'c']],
  ['d', ['a', 'c'], ['c', 'd']],
  ['b', ['b'], ['b']],
  ['b', [], ['b']],
  ['b', ['elsewhere'], ['b']],
  ['elsewhere', ['a'], ['elsewhere']],
])('to %s with %j chosen is %j', (to, chosen, range) => {
  expect(rangeTo(id(to), band, chosen.map(id))).toEqual(range.map(id))
})
