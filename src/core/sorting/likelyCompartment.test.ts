import type { Draft } from '../sentence'
import { likelyCompartment } from './likelyCompartment'

const draft = (more: Partial<Draft> = {}): Draft => ({
  ...({
    due: null,
    day: null,
    at: null,
    repeat: null,
    minutes: null,
    waiting: null,
    notBefore: null,
  } as Draft),
  ...more,
})
const suggested = (value: string, times: number, ...because: string[]) => ({ value, times, because })
const friday = { due: { date: '2026-03-13' as never, time: null } }

it.each<[what: string, of: Draft, learned: ReturnType<typeof suggested>[], likely: string | null]>([
  ['nothing learned', draft(), [], null],
  ['decided once, of other words', draft(), [suggested('someday', 1)], null],
  ['decided often, of other words', draft(), [suggested('someday', 5)], 'someday'],
  ['decided often, but this has a day', draft(friday), [suggested('someday', 9)], null],
  ['decided often, and this has a day', draft(friday), [suggested('action', 9)], 'action'],
  ['decided once, of its own words', draft(friday), [suggested('reading', 1, 'felt')], 'reading'],
  [
    'said to wait for somebody',
    draft({ waiting: {} as never }),
    [suggested('someday', 9, 'felt')],
    'handOver',
  ],
  ['said to come later', draft({ notBefore: '2026-04-01' as never }), [suggested('action', 9)], 'notBefore'],
  ['said to be for some day', draft({ horizon: 'someday' }), [suggested('action', 9, 'felt')], 'someday'],
])('%s', (_, of, learned, likely) => expect(likelyCompartment(of, learned)?.value ?? null).toBe(likely))
