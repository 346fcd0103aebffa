import { calendarDateUnsafe } from '../time'
import { makeNameIndex, type ActionPatch, type Name } from '.'
import { draftOf, parseSentence, resay } from './reader'

const today = calendarDateUnsafe('2026-03-11')
const named: Record<string, string> = {
  'context:phone': 'Phone',
  'context:desk': 'Desk',
  'project:fenwick': 'Fenwick Hall echo report',
  'area:choir': 'Choir',
  'person:oda': 'Oda',
  'person:per': 'Per Lindqvist',
}
const names = makeNameIndex(Object.entries(named).map(([id, name]) => ({ id, name }) as Name))
const nameOf = (id: string) => named[id] ?? ''
const read = (text: string) => parseSentence(text, { today, names })
const friday = calendarDateUnsafe('2026-03-13')
const nextYear = calendarDateUnsafe('2027-02-01')

const sentences = [
  'ring the mason',
  'ring the mason by friday about the arch',
  'ring the mason tomorrow 20 min phone',
  'ring the mason at 14:30 on friday, deep, must',
  'not before 1 april: ring the mason, choir',
  'waiting for Oda’s quote since monday, chase friday',
  'draft it for Fenwick Hall, light, much payoff, this week, with Per',
  'ring the mason (20 min, desk)',
]
const patches: [said: string, patch: ActionPatch][] = [
  ['a promise', { due: { date: friday, time: '17:00' as never } }],
  ['a promise without a time', { due: { date: nextYear, time: null } }],
  ['a moment', { at: { date: friday, time: '09:15' as never }, day: null }],
  ['a day', { day: friday, at: null }],
  ['a length', { minutes: 95 }],
  ['a weight', { weight: 'could' }],
  ['an energy', { energy: 'plain' }],
  ['payoff', { payoff: 'little' }],
  ['craft', { craft: 'some' }],
  ['contexts', { contextIds: ['context:desk', 'context:phone'] }],
  ['a project', { projectId: 'project:fenwick', areaId: null }],
  ['an area', { areaId: 'area:choir', projectId: null }],
  ['a day to be hidden until', { notBefore: friday }],
  ['a horizon', { horizon: 'someday', day: null }],
  ['a link', { link: 'https://example.org/arch' }],
]

describe.each(sentences)('“%s”', (text) => {
  it.each(patches)('with %s chosen reads as that', (_, patch) => {
    const said = resay(text, patch, { today, nameOf, read })
    const draft = draftOf(read(said), today)
    const before = draftOf(read(text), today)
    expect(draft).toMatchObject(patch)
    // Everything else stays as it was, but what a day and a moment are to each other.
    for (const field of ['title', 'minutes', 'weight', 'energy', 'contextIds', 'personIds', 'due'] as const)
      if (!(field in patch)) expect([field, draft[field]]).toEqual([field, before[field]])
  })
  it.each(
    patches.flatMap(([, patch]) => Object.keys(patch)).filter((field) => !/Ids|weight|horizon/.test(field)),
  )('says nothing of %s once it is taken away', (field) => {
    const said = resay(text, { [field]: null }, { today, nameOf, read })
    expect(draftOf(read(said), today)[field as 'due']).toBeNull()
  })
})
it('puts somebody else in the place of whom it waits for', () => {
  const text = 'waiting for Oda’s quote, chase friday'
  const waiting = {
    personId: 'person:per' as const,
    whom: '',
    since: today,
    chaseOn: friday,
    how: '',
    toSignOff: false,
  }
  const said = resay(text, { waiting }, { today, nameOf, read })
  expect(draftOf(read(said), today).waiting).toMatchObject({ personId: 'person:per', chaseOn: friday })
})
