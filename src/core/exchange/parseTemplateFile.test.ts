import { toTemplateFile } from '../template'
import type { AnyRecord, Id } from '../record'
import { plainAction } from '../testing/plainAction'
import { plainProject } from '../testing/plainShelf'
import { parseTemplateFile } from '.'

const template: AnyRecord = {
  ...plainProject,
  id: 'project:p',
  title: 'Site visit at ‹Place›',
  areaId: 'area:mine',
  goalIds: ['goal:mine'],
  state: 'template',
  makes: 'project',
}
const action: AnyRecord = {
  ...plainAction,
  id: 'action:a',
  projectId: 'project:p',
  contextIds: ['context:desk', 'context:boat'],
  personIds: ['person:oda'],
}
const step: AnyRecord = {
  id: 'step:s',
  ownerId: 'action:a',
  underId: null,
  title: 'tape',
  rank: 'a0',
  doneAtEpochMs: null,
}
const names: Record<string, string> = { 'context:desk': 'Desk', 'context:boat': 'Boat' }
const text = toTemplateFile([template, action, step], (id) => names[id] ?? null)
const here = (name: string) => (name === 'Desk' ? 'context:here' : null)
const parsed = (
  change: (file: { records: Record<string, unknown>[] } & Record<string, unknown>) => void = () => {},
) => {
  const file = JSON.parse(text) as { records: Record<string, unknown>[] } & Record<string, unknown>
  change(file)
  return parseTemplateFile(JSON.stringify(file), here)
}

it('gives back a template without what points at what only its maker has; contexts by their names', () => {
  const file = parsed()
  expect(file).toMatchObject({ ok: true, value: { title: 'Site visit at ‹Place›', missing: ['Boat'] } })
  const records = file.ok ? file.value.records : []
  expect(records).toMatchObject([
    { id: 'project:p', areaId: null, goalIds: [] },
    { id: 'action:a', contextIds: ['context:here'], personIds: [] },
    { id: 'step:s', title: 'tape' },
  ])
  expect(text).not.toContain('area:mine')
})

it('takes a template that version 8 shared: its dates are those of its actions', () => {
  const counted = {
    id: 'counted:c',
    actionId: 'action:a',
    field: 'due',
    blankId: null,
    shift: { by: 'days', steps: -14 },
    time: null,
  }
  const file = parsed((given) => {
    given['version'] = 8
    given['format'] = 'zen-tray pattern'
    const [ofTemplate] = given.records as [Record<string, unknown>]
    ofTemplate['state'] = 'pattern'
    delete ofTemplate['parentId']
    delete ofTemplate['begins']
    given.records.push(counted)
  })
  const records = file.ok ? file.value.records : file.error
  expect(records).toMatchObject([
    { state: 'template', parentId: null, begins: null },
    {},
    {},
    { ...counted, projectId: null },
  ])
})

type File = Parameters<NonNullable<Parameters<typeof parsed>[0]>>[0]
it.each<[what: string, change: (file: File) => void, fault: object]>([
  ['another format', (file) => void (file['format'] = 'x'), { kind: 'noTemplate' }],
  ['a newer version', (file) => void (file['version'] = 999), { kind: 'newer' }],
  ['no version', (file) => void delete file['version'], { kind: 'unsound', where: 'version' }],
  ['no record', (file) => void (file.records = []), { kind: 'unsound', where: 'records' }],
  ['too many', (file) => void (file.records = Array.from({ length: 3001 }, () => ({}))), { kind: 'unsound' }],
  [
    'two templates',
    ({ records }) => void records.push({ ...records[0], id: 'project:q' }),
    { where: 'records' },
  ],
  [
    'a real project',
    ({ records }) => void Object.assign(records[0] as object, { state: 'open' }),
    { where: 'records' },
  ],
  ['one id twice', ({ records }) => void records.push({ ...records[1] }), { where: 'records' }],
  [
    'a part of something else',
    ({ records }) => void Object.assign(records[2] as object, { ownerId: 'action:yours' as Id }),
    { where: 'record 3, ownerId' },
  ],
  ['settings', ({ records }) => void records.push({ id: 'settings:main' }), { where: 'record 4' }],
  [
    'a wrong field',
    ({ records }) => void Object.assign(records[1] as object, { minutes: 'long' }),
    { where: 'record 2, minutes' },
  ],
  [
    'a prototype',
    ({ records }) => void records.push(JSON.parse('{"__proto__":{"id":"x"}}') as never),
    { kind: 'unsound' },
  ],
])('refuses %s, and says where', (_, change, fault) =>
  expect(parsed(change)).toMatchObject({ ok: false, error: fault }),
)
it('takes a file along where its bytes lie beside it, with a small picture of it or without', () => {
  const [whole, small] = [`sha256-${'a'.repeat(64)}`, `sha256-${'b'.repeat(64)}`]
  const plan = {
    id: 'file:f',
    ownerId: 'action:a',
    name: 'plan.png',
    mediaType: 'image/png',
    bytes: 3,
    blob: whole,
    smallBlob: small,
    rank: 'a0',
    addedAtEpochMs: 0,
  } as AnyRecord
  const withPlan = toTemplateFile([template, action, plan], () => null)
  const read = (...blobs: string[]) => parseTemplateFile(withPlan, here, new Set(blobs))
  const planIn = (given: ReturnType<typeof read>) =>
    given.ok ? given.value.records.find(({ id }) => id === plan.id) : given.error
  expect(planIn(read(whole, small))).toEqual(plan)
  expect(planIn(read(whole))).toEqual({ ...plan, smallBlob: null })
  for (const refused of [read(), read(small)])
    expect(planIn(refused)).toMatchObject({ kind: 'unsound', why: 'a file that is not with it' })
})
it('refuses what is no file of it, and what is larger than any', () => {
  for (const other of ['', 'null', '[]', '{', text.slice(0, 200)])
    expect(parseTemplateFile(other, here)).toMatchObject({ error: { kind: 'noTemplate' } })
  expect(parseTemplateFile(text.padEnd(2_000_001), here)).toMatchObject({ error: { kind: 'tooLarge' } })
})
