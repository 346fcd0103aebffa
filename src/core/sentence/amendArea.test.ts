import { plainArea } from '../testing/plainShelf'
import type { Area } from '../record'
import { amendArea } from './amendArea'

const groups = [
  { id: 'group:home', name: 'Home' },
  { id: 'group:practice', name: 'The Practice' },
] as const
const of = (more: Partial<Area> = {}): Area => ({ ...plainArea, groupId: 'group:practice', ...more })

it.each<[string, Partial<Area>, Partial<Area>]>([
  ['home', {}, { groupId: 'group:home' }],
  ['move to Home', {}, { groupId: 'group:home' }],
  ['into the group home', {}, { groupId: 'group:home' }],
  ['the practice', {}, {}],
  ['no group', {}, { groupId: null }],
  ['looked through every 4 weeks, home', {}, { everyWeeks: 4, groupId: 'group:home' }],
  ['every week', { everyWeeks: 4 }, { everyWeeks: 1 }],
  ['never looked through', { everyWeeks: 4 }, { everyWeeks: null }],
])('an area is changed by saying “%s”', (text, before, patch) =>
  expect(amendArea(text, of(before), groups)).toEqual({ patch, unread: [] }),
)
it.each(['to nowhere', 'every 0 weeks', 'every 400 weeks', 'home and practice'])(
  'what means nothing there is told: “%s”',
  (text) => expect(amendArea(text, of(), groups)).toEqual({ patch: {}, unread: [text] }),
)
it('a name that two groups have moves nothing', () =>
  expect(amendArea('home', of(), [...groups, { id: 'group:other', name: 'home' }]).patch).toEqual({}))
