import { plainProject } from '../testing/plainShelf'
import type { Project } from '../record'
import { calendarDateUnsafe } from '../time'
import { amendProject } from './amendProject'
import { makeNameIndex } from './nameIndex'

const today = calendarDateUnsafe('2026-03-11')
const names = makeNameIndex([
  { id: 'project:hall', name: 'Fenwick Hall' },
  { id: 'project:self', name: 'The roof' },
  { id: 'area:office', name: 'Office' },
])
const of = (more: Partial<Project> = {}): Project => ({ ...plainProject, id: 'project:self', ...more })

it.each<[string, Partial<Project>, Partial<Project>]>([
  ['part of Fenwick Hall', {}, { parentId: 'project:hall' }],
  ['a project of its own', { parentId: 'project:hall' }, { parentId: null }],
  ['part of nothing', { parentId: 'project:hall' }, { parentId: null }],
  ['begins friday', {}, { begins: calendarDateUnsafe('2026-03-13') }],
  [
    'starts on 1 april, due 1 may',
    {},
    { begins: calendarDateUnsafe('2026-04-01'), due: calendarDateUnsafe('2026-05-01') },
  ],
  ['no beginning', { begins: today }, { begins: null }],
  ['not now until 3 april', {}, { state: 'notNow', notUntil: calendarDateUnsafe('2026-04-03') }],
  ['office, finished', {}, { areaId: 'area:office', state: 'finished' }],
  ['open', {}, {}],
])('a project is changed by saying “%s”', (text, before, patch) => {
  expect(amendProject(text, of(before), { today, names })).toEqual({ patch, unread: [] })
})

it.each(['part of Nowhere', 'part of The roof', 'begins some day', 'part of'])(
  'what means nothing there is told and changes nothing: “%s”',
  (text) => expect(amendProject(text, of(), { today, names })).toEqual({ patch: {}, unread: [text] }),
)
