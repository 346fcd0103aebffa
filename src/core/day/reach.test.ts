import type { Action, Id } from '../record'
import { plainAction } from '../testing/plainAction'
import { anyReach, fitsContexts, isSameReach, type Reach } from '.'

it.each<[needs: string[], chosen: string[], away: string[], fits: boolean]>([
  [[], ['desk'], ['desk'], true],
  [['desk'], [], [], true],
  [['desk'], ['phone'], [], false],
  [['desk', 'phone'], ['phone'], [], true],
  // Not at this hour: out, unless it is chosen or something else serves.
  [['shop'], [], ['shop'], false],
  [['shop', 'desk'], [], ['shop'], true],
  [['shop'], ['shop'], ['shop'], true],
])('what needs %j, with %j chosen and %j away: %s', (needs, chosen, away, fits) => {
  const ids = (names: string[]) => names.map((name): Id<'context'> => `context:${name}`)
  const action: Action = { ...plainAction, contextIds: ids(needs) }
  expect(
    fitsContexts(action, { ...anyReach, contextIds: ids(chosen), awayContextIds: new Set(ids(away)) }),
  ).toBe(fits)
})

describe('what is at hand', () => {
  const reach: Required<Reach> = {
    contextIds: ['context:desk', 'context:phone'],
    minutes: 30,
    energy: 'light',
    awayContextIds: new Set(['context:shop']),
    restingProjectIds: new Set(['project:a']),
    weekEnd: '2026-03-15' as Required<Reach>['weekEnd'],
  }
  it('is the same where it says the same, in whatever order', () => {
    expect(isSameReach(reach, { ...reach, contextIds: [...reach.contextIds].reverse() })).toBe(true)
    expect(isSameReach(anyReach, { ...anyReach, energy: null, awayContextIds: new Set() })).toBe(true)
  })
  it.each<[keyof Reach, Partial<Reach>]>([
    ['contextIds', { contextIds: ['context:desk'] }],
    ['minutes', { minutes: null }],
    ['energy', { energy: null }],
    ['awayContextIds', { awayContextIds: new Set(['context:hall']) }],
    ['restingProjectIds', { restingProjectIds: new Set() }],
    ['weekEnd', { weekEnd: '2026-03-14' as Required<Reach>['weekEnd'] }],
  ])('is another with another %s', (_, other) =>
    expect(isSameReach(reach, { ...reach, ...other })).toBe(false),
  )
})
