import { parseTemplateFile } from '@/core/exchange/parseTemplateFile'
import { recordIn, recordsById, recordsIn } from '@/core/journal'
import { filled, toTemplateFile } from '@/core/template'
import type { Id, Project } from '@/core/record'
import { plainProject } from '@/core/testing/plainShelf'
import { calendarDateUnsafe } from '@/core/time'
import {
  askedBy,
  blanksOf,
  templatesOf,
  previewOf,
  projectToCopy,
  meetingNoteOf,
  wholeTemplate,
  type Template,
} from '../../read/templates'
import { partsOfProject } from '../../read/projectParts'
import { stagesOf } from '../../read/selectors'
import { writtenInProject } from '../../read/standing'
import { makeTestStore } from '../../testing'
import type { CommandName } from '..'

const today = calendarDateUnsafe('2026-03-11')

async function begun() {
  const store = makeTestStore()
  await store.load()
  const document = () => store.api.getState().document
  const made = (name: CommandName, args: unknown): Id => {
    const outcome = store.run(name, args as never)
    const [part] = outcome.ok ? outcome.value : []
    if (part?.kind !== 'added') throw new Error(`${name} made nothing: ${JSON.stringify(outcome)}`)
    return part.record.id as Id
  }
  return { store, document, made }
}

describe('a template of a project with parts', () => {
  it('keeps its stages and parts with their actions, and makes them again in their order', async () => {
    const { store, document, made } = await begun()
    const hall = made('addProject', { title: 'Move to the loft' }) as Id<'project'>
    made('addStage', { ownerId: hall, name: 'asked' })
    made('addStage', { ownerId: hall, name: 'agreed' })
    const lease = made('addProject', { title: 'The lease', parentId: hall }) as Id<'project'>
    const floor = made('addProject', { title: 'The floor', parentId: hall }) as Id<'project'>
    store.run('blockProject', { id: floor, afterId: lease })
    made('addAction', { title: 'read it', projectId: lease })
    const over = made('addProject', { title: 'Old idea', parentId: hall }) as Id<'project'>
    store.run('setProjectState', { id: over, state: 'letGo' })
    store.run('saveAsTemplate', { id: hall })
    const template = templatesOf(document()).find(({ title }) => title === 'Move to the loft') as Template
    expect(templatesOf(document()).map(({ title }) => title)).not.toContain('The lease')
    const shapeOf = (id: Id<'project'>) =>
      partsOfProject(document(), id).map((part) => [
        part.title,
        part.afterIds.map((each) => recordIn(document(), each)?.title),
        writtenInProject(document(), part.id).map(({ title }) => title),
      ])
    const shape = [
      ['The lease', [], ['read it']],
      ['The floor', ['The lease'], []],
    ]
    expect(shapeOf(template.id)).toEqual(shape)
    const previewed = previewOf(document(), template, {}, new Map(), today)
    expect(previewed.map(({ title, depth, isPart }) => [title, depth, isPart])).toEqual([
      ['Move to the loft', 0, true],
      ['The lease', 1, true],
      ['read it', 1, false],
      ['The floor', 1, true],
    ])
    const before = recordsById(document())
    store.run('useTemplate', { id: template.id, answers: {}, areaId: null })
    const [again] = recordsIn(document(), 'project').filter(
      ({ title, state, id }) => title === 'Move to the loft' && state === 'open' && id !== hall,
    ) as [Project]
    expect(shapeOf(again.id)).toEqual(shape)
    const [first] = stagesOf(document(), again.id)
    expect(partsOfProject(document(), again.id).map(({ state, stageId }) => [state, stageId])).toEqual([
      ['open', first?.id],
      ['open', first?.id],
    ])
    store.undo()
    expect(recordsById(document())).toEqual(before)
    // Shared and taken in again it is the same, in the hands of somebody else.
    const text = toTemplateFile(projectToCopy(document(), template), () => null)
    const file = parseTemplateFile(text, () => null)
    if (!file.ok) throw new Error(JSON.stringify(file.error))
    made('importTemplate', { records: file.value.records })
    const brought = templatesOf(document()).filter(({ title }) => title === 'Move to the loft')
    expect(brought).toHaveLength(2)
    for (const { id } of brought) expect(shapeOf(id)).toEqual(shape)
    // Removed, nothing of it is left.
    for (const { id } of brought) store.run('removeTemplate', { id })
    expect(recordsIn(document(), 'project').filter(({ state }) => state === 'template')).toEqual([])
    expect(stagesOf(document(), template.id)).toEqual([])
  })
  it('counts the dates of the whole and of its parts, shows them, and gives them to what it makes', async () => {
    const { store, document, made } = await begun()
    const hall = made('addProject', { title: 'Move', due: '2026-08-18' }) as Id<'project'>
    store.run('editProject', { id: hall, patch: { begins: calendarDateUnsafe('2026-04-10') } })
    const lease = made('addProject', { title: 'Lease', parentId: hall, due: '2026-05-12' }) as Id<'project'>
    made('addAction', { title: 'read it', projectId: lease, due: { date: '2026-05-11', time: null } })
    store.run('saveAsTemplate', { id: hall })
    const template = templatesOf(document()).find(({ title }) => title === 'Move') as Template
    const [part] = partsOfProject(document(), template.id) as [Template]
    expect(wholeTemplate(document(), part)).toBe(template)
    // The day it is asked for is the promise; the part is begun two weeks before its own.
    const [day] = blanksOf(document(), template.id)
    const to = { blankId: day?.id ?? null, shift: { by: 'days', steps: -112 } as const, time: null }
    store.run('setCounted', { of: part.id, field: 'begins', to })
    expect(store.run('setCounted', { of: part.id, field: 'day', to }).ok).toBe(false)
    const on = calendarDateUnsafe('2026-10-20')
    const shown = previewOf(document(), template, { Day: on }, new Map(), today)
    const dates = shown.map(({ title, dates: { begins, due } }) => [title, begins?.date, due?.date])
    expect(dates).toEqual([
      ['Move', '2026-06-12', '2026-10-20'],
      ['Lease', '2026-06-30', '2026-07-14'],
      ['read it', undefined, '2026-07-13'],
    ])
    const answers = { Day: { says: 'in autumn', date: on } }
    const again = made('useTemplate', { id: template.id, answers, areaId: null }) as Id<'project'>
    const [fresh] = partsOfProject(document(), again) as [Project]
    expect([recordIn(document(), again), fresh].map((one) => [one?.title, one?.begins, one?.due])).toEqual([
      ['Move', '2026-06-12', '2026-10-20'],
      ['Lease', '2026-06-30', '2026-07-14'],
    ])
    // Its own promise may be another day than the one that is asked.
    const week = { ...to, shift: { by: 'days', steps: 7 } as const }
    store.run('setCounted', { of: template.id, field: 'due', to: week })
    const later = made('useTemplate', { id: template.id, answers, areaId: null }) as Id<'project'>
    expect(recordIn(document(), later)?.due).toBe('2026-10-27')
    store.run('setCounted', { of: template.id, field: 'due', to: null })
    const asAsked = made('useTemplate', { id: template.id, answers, areaId: null }) as Id<'project'>
    expect(recordIn(document(), asAsked)?.due).toBe(on)
    expect(previewOf(document(), template, { Day: on }, new Map(), today)[0]?.dates.due?.date).toBe(on)
    // It cannot end before it begins; what the days are counted from was not answered.
    store.run('setCounted', { of: part.id, field: 'begins', to: { ...to, shift: { by: 'days', steps: 5 } } })
    expect(store.run('useTemplate', { id: template.id, answers, areaId: null })).toMatchObject({
      error: { kind: 'endsFirst', begins: '2026-10-26', due: '2026-07-14' },
    })
    const undated = made('useTemplate', { id: template.id, answers: {}, areaId: null }) as Id<'project'>
    expect(recordIn(document(), undated)).toMatchObject({ begins: null, due: null })
    // Taken in from a file the dates are those of the parts there; a date of nothing is refused.
    const text = toTemplateFile(projectToCopy(document(), template), () => null)
    const file = parseTemplateFile(text, () => null)
    expect(file.ok && file.value.records.filter(({ id }) => id.startsWith('counted:'))).toHaveLength(4)
    const shared = JSON.parse(text) as { records: { id: string; projectId: unknown }[] }
    for (const record of shared.records)
      if (record.id.startsWith('counted:')) Object.assign(record, { projectId: null, actionId: null })
    expect(parseTemplateFile(JSON.stringify(shared), () => null).ok).toBe(false)
  })
  it.each<[makes: 'action' | 'checklist' | 'note', shown: string[], meetingNote: string]>([
    ['action', ['ring Mill school'], ''],
    ['checklist', ['tape', 'a key of Mill school'], ''],
    ['note', [], 'With Mill school'],
  ])('that makes %s shows just that', async (makes, shown, meetingNote) => {
    const { store, document, made } = await begun()
    const id = made('addTemplate', { title: 'For ‹Place›', makes }) as Id<'project'>
    if (makes === 'action') made('addToTemplate', { title: 'ring ‹Place›', projectId: id })
    const [list] = recordsIn(document(), 'checklist')
    if (list) store.run('addSteps', { ownerId: list.id, titles: ['tape', 'a key of ‹Place›'] })
    const [page] = recordsIn(document(), 'note')
    if (page) store.run('writeNote', { id: page.id, note: 'With ‹Place›' })
    const said = new Map([['Place', 'Mill school']])
    const template = recordIn(document(), id) as Template
    expect(previewOf(document(), template, {}, said, today).map(({ title }) => title)).toEqual(shown)
    expect(filled(meetingNoteOf(document(), template), said)).toBe(meetingNote)
  })
  it('takes in parts made from nothing, and asks for their blanks with its own', async () => {
    const { store, document, made } = await begun()
    const id = made('addTemplate', { title: 'Visit', makes: 'project' }) as Id<'project'>
    const before = made('addTemplatePart', { title: 'Before ‹Place›', parentId: id }) as Id<'project'>
    const within = made('addTemplatePart', { title: 'Papers', parentId: before }) as Id<'project'>
    made('addToTemplate', { title: 'print the plan of ‹Floor›', projectId: within })
    const template = recordIn(document(), id) as Template
    expect(templatesOf(document()).map((one) => one.title)).toEqual(['Visit'])
    expect(askedBy(document(), template).map(({ name }) => name)).toEqual(['Place', 'Floor'])
    expect(wholeTemplate(document(), recordIn(document(), within) as Template).id).toBe(id)
    const open = made('addProject', { title: 'no template' }) as Id<'project'>
    expect(store.run('addTemplatePart', { title: 'x', parentId: open }).ok).toBe(false)
  })
  it('is refused where a file lets a part be within itself', () => {
    const part = (id: string, parentId: string | null) => ({
      ...plainProject,
      id: `project:${id}`,
      parentId: parentId && `project:${parentId}`,
      state: 'template',
      makes: 'project',
    })
    const text = (records: object[]) =>
      JSON.stringify({ format: 'zen-tray template', version: 9, names: {}, records })
    expect(parseTemplateFile(text([part('a', null), part('b', 'a')]), () => null).ok).toBe(true)
    expect(
      parseTemplateFile(text([part('a', null), part('b', 'c'), part('c', 'b')]), () => null),
    ).toMatchObject({
      error: { kind: 'unsound', why: 'a part within itself' },
    })
    expect(parseTemplateFile(text([part('a', null), part('b', 'x')]), () => null).ok).toBe(false)
    expect(parseTemplateFile(text([part('a', null), part('b', null)]), () => null).ok).toBe(false)
  })
})
