import { kindOfWork } from './worth'
import type { Level } from '../record'

it.each<[Level | null, Level | null, ReturnType<typeof kindOfWork>]>([
  ['much', 'much', 'first'],
  ['some', 'some', 'first'],
  ['much', 'little', 'handOver'],
  ['some', 'little', 'handOver'],
  ['little', 'much', 'pleasure'],
  ['little', 'some', 'pleasure'],
  ['little', 'little', 'drop'],
  ['much', null, null],
  [null, 'little', null],
])('%s payoff and %s craft: %s', (payoff, craft, kind) => expect(kindOfWork(payoff, craft)).toBe(kind))
