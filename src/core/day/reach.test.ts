import type { Action, Id } from '../record'
import { plainAction } from '../testing/plainAction'
import { anyReach, fitsContexts } from '.'

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
