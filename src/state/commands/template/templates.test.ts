import * as fc from 'fast-check'
import { recordIn, recordsById, recordsIn } from '@/core/journal'
import { compareTexts, kindOf, type Action, type AnyRecord, type Id, type Project } from '@/core/record'
import { parseRecord } from '@/core/exchange'
import { readShift } from '@/core/template'
import { openActionsOf, actionsOfProject, nextActionOf } from '../../read/actionIndexes'
import { checklistsIn } from '../../read/checklists'
import { filesOf, repeatOf, stepsOf } from '../../read/ownedIndexes'
import {
  actionsOfTemplate,
  askedBy,
  blanksOf,
  isTemplate,
  templatesOf,
  previewOf,
  type Template,
} from '../../read/templates'
import { makeMemoryStore } from '../../persistence'
import { dueReminders } from '../../read/reminding'
import { projectsOfArea } from '../../read/selectors'
import { makeTestStore } from '../../testing'
import type { ArgsOf, CommandName } from '..'

const today = '2026-03-11' as never
const visit = '2026-04-03' as never
const at = (said: string) => readShift(said)?.shift ?? { by: 'days' as const, steps: 0 }

async function opened() {
  const store = makeTestStore(makeMemoryStore(), { replica: 'aaaa' })
  await store.load()
  const document = () => store.api.getState().document
  const made = <I>(name: CommandName, args: unknown): I => {
    const outcome = store.run(name, args as never)
    const [part] = outcome.ok ? outcome.value : []
    if (part?.kind !== 'added') throw new Error(`${name} made nothing`)
    return part.record.id as I
  }
  /** Runs an act, and sees that undoing it leaves everything as it was and doing it again is the same. */
  const isUndone = <N extends CommandName>(name: N, args: ArgsOf<N>): void => {
    const before = recordsById(document())
    expect([name, store.run(name, args)]).toMatchObject([name, { ok: true }])
    const after = recordsById(document())
    expect(after).not.toEqual(before)
    store.undo()
    expect(recordsById(document())).toEqual(before)
    store.redo()
    expect(recordsById(document())).toEqual(after)
  }
  const template = (id: Id<'project'>) => recordIn(document(), id) as Template
  return { store, document, made, isUndone, template }
}

/** A project as people have it: in order, with steps, a checklist, dates, a done action, a repeat and a person. */
async function withProject() {
  const held = await opened()
  const { store, made, document } = held
  const areaId = made<Id<'area'>>('addArea', { name: 'Rooms', groupId: null })
  const oda = made<Id<'person'>>('addPerson', { name: 'Oda' })
  const desk = made<Id<'context'>>('addContext', { name: 'Desk' })
  const projectId = made<Id<'project'>>('addProject', {
    title: 'Mill school visit',
    areaId,
    outcome: 'Oda knows what her room needs',
    due: visit,
  })
  store.run('editProject', { id: projectId, patch: { personIds: [oda] } })
  store.run('setInOrder', { id: projectId, inOrder: true })
  const action = (title: string, more: object = {}) => {
    store.clock.epochMs += 1000
    return made<Id<'action'>>('addAction', { title, projectId, ...more })
  }
  const ring = action('Ring Oda about the key', { contextIds: [desk], minutes: 10, day: '2026-03-20' })
  const pack = action('Pack the meters', {
    steps: ['tripod', 'tape'],
    due: { date: '2026-04-02', time: null },
  })
  const thank = action('Thank Oda', {
    at: { date: '2026-04-06', time: '09:30' },
    repeat: { rule: 'FREQ=YEARLY', fromDone: false, time: null },
    reminders: [{ kind: 'daysBefore', days: 1, time: null }],
  })
  store.run('blockAction', { id: thank, afterId: pack })
  const [tripod] = stepsOf(document(), pack)
  store.run('tickStep', { id: tripod?.id ?? 'step:none', done: true })
  const listId = made<Id<'checklist'>>('addChecklist', { name: 'For Oda’s room', ownerId: projectId })
  store.run('addSteps', { ownerId: listId, titles: ['doors', 'floor'] })
  store.run('tick', { id: ring })
  return { ...held, areaId, projectId, pack, ring, thank, listId }
}

const kept = (document: ReturnType<Awaited<ReturnType<typeof opened>>['document']>) =>
  templatesOf(document).at(-1) as Template

describe('a template kept from a project', () => {
  it('has all of it: undone, with people as blanks and its dates counted back from the promise', async () => {
    const { document, isUndone, projectId, areaId } = await withProject()
    isUndone('saveAsTemplate', { id: projectId })
    const template = kept(document())
    expect(template).toMatchObject({
      title: 'Mill school visit',
      outcome: '‹Person› knows what her room needs',
      state: 'template',
      makes: 'project',
      inOrder: true,
      areaId,
      personIds: [],
      due: null,
    })
    const actions = actionsOfTemplate(document(), template.id)
    expect(actions.map(({ title }) => title)).toEqual([
      'Ring ‹Person› about the key',
      'Pack the meters',
      'Thank ‹Person›',
    ])
    expect(actions.every((action) => !action.due && !action.day && !action.at && !action.doneAtEpochMs)).toBe(
      true,
    )
    const [ring, pack, thank] = actions as [Action, Action, Action]
    expect(thank.afterIds).toEqual([pack.id])
    expect(ring.minutes).toBe(10)
    expect(stepsOf(document(), pack.id).map(({ title, doneAtEpochMs }) => [title, doneAtEpochMs])).toEqual([
      ['tripod', null],
      ['tape', null],
    ])
    const [list] = checklistsIn(document(), template.id)
    expect([list?.name, list && stepsOf(document(), list.id).length]).toEqual(['For ‹Person›’s room', 2])
    expect(askedBy(document(), template).map(({ name, kind }) => [name, kind])).toEqual([
      ['Day', 'date'],
      ['Person', 'name'],
    ])
    expect(repeatOf(document(), thank.id)?.rule).toBe('FREQ=YEARLY')
  })
  it('is in no list and no count, and reminds of nothing; what it was kept from is as it was', async () => {
    const { store, document, projectId, areaId } = await withProject()
    const told = () => [
      openActionsOf(document()).map(({ id }) => id),
      projectsOfArea(document(), areaId).map(({ id }) => id),
      actionsOfProject(document(), projectId).map(({ id }) => id),
      nextActionOf(document(), projectId, today)?.id,
      dueReminders(document(), { date: '2030-01-01' as never, minute: 0 }).length,
    ]
    const before = told()
    store.run('saveAsTemplate', { id: projectId })
    expect(told()).toEqual(before)
    const template = kept(document())
    expect(actionsOfProject(document(), template.id)).toEqual([])
    const reminders = [{ kind: 'at' as const, date: today, time: null }]
    store.run('addAction', { title: 'another', projectId: template.id, reminders })
    expect(told()).toEqual(before)
    expect(actionsOfTemplate(document(), template.id)).toHaveLength(4)
  })
  it('makes what it shows before, by one act that one undo takes back whole', async () => {
    const { document, isUndone, projectId, areaId } = await withProject()
    isUndone('saveAsTemplate', { id: projectId })
    const template = kept(document())
    const day = '2026-03-13' as never
    const said = new Map([
      ['Day', 'Friday'],
      ['Person', 'Perrin $&'],
    ])
    const shown = previewOf(document(), template, { Day: day }, said, today)
    const [itself, ...ofActions] = shown
    expect([itself?.title, itself?.dates.due?.date, itself?.with]).toEqual([
      'Mill school visit',
      day,
      [{ kind: 'checklist', name: 'For Perrin $&’s room', count: 2 }],
    ])
    expect(ofActions.map(({ title, dates, isPast }) => [title, dates, isPast])).toEqual([
      // Two weeks before is over already.
      ['Ring Perrin $& about the key', { day: { date: '2026-02-27', time: null } }, true],
      ['Pack the meters', { due: { date: '2026-03-12', time: null } }, false],
      ['Thank Perrin $&', { at: { date: '2026-03-16', time: '09:30' } }, false],
    ])
    isUndone('useTemplate', {
      id: template.id,
      answers: { Day: { says: 'Friday', date: day }, Person: { says: 'Perrin $&', date: null } },
      areaId,
    })
    const project = projectsOfArea(document(), areaId).at(-1) as Project
    expect(project).toMatchObject({
      state: 'open',
      makes: null,
      due: day,
      outcome: 'Perrin $& knows what her room needs',
    })
    const actions = recordsIn(document(), 'action')
      .filter((action) => action.projectId === project.id)
      .sort((a, b) => compareTexts(a.rank, b.rank))
    expect(actions.map(({ title, day: on, due, at: when }) => [title, on, due, when])).toEqual(
      ofActions.map(({ title, dates }) => [
        title,
        dates.day?.date ?? null,
        dates.due ?? null,
        dates.at ?? null,
      ]),
    )
    const thank = actions[2] as Action
    expect(repeatOf(document(), thank.id)).toMatchObject({ actionId: thank.id, startsOn: '2026-03-16' })
    expect(blanksOf(document(), project.id)).toEqual([])
  })
})

it('a date farther than can be counted is left out of a template, which can be read back', async () => {
  const { store, document, made } = await opened()
  const projectId = made<Id<'project'>>('addProject', { title: 'Long', due: visit })
  for (const date of ['2026-04-01', '2001-01-01', '2099-01-01'])
    store.run('addAction', { title: date, projectId, due: { date: date as never, time: null } })
  store.run('saveAsTemplate', { id: projectId })
  const counted = recordsIn(document(), 'counted')
  expect(counted.map(({ field, shift }) => [field, shift.steps]).sort()).toEqual([
    ['due', -2],
    ['due', 0],
  ])
  for (const record of recordsById(document()).values()) expect(parseRecord(record).ok).toBe(true)
})

describe('templates', () => {
  it('used twice with the same blanks make equal projects, whatever is in them', async () => {
    const { store, document, made } = await opened()
    const text = fc.constantFrom('ring ‹Name›', 'plain', '‹Place› at ‹Name›', 'on ‹Day›')
    const shift = fc.constantFrom('on', '3 days before', 'first monday after', 'next working day after')
    const pieces = fc.array(
      fc.record({
        text,
        note: text,
        steps: fc.array(text, { maxLength: 2 }),
        shift: fc.option(shift),
        isAfter: fc.boolean(),
      }),
      { maxLength: 5 },
    )
    await fc.assert(
      fc.asyncProperty(pieces, fc.boolean(), async (all, inOrder) => {
        const id = made<Id<'project'>>('addTemplate', { title: 'For ‹Name›', makes: 'project' })
        const blankId = made<Id<'blank'>>('addBlank', { projectId: id, name: 'Day', kind: 'date' })
        store.run('setInOrder', { id, inOrder })
        let last: Id<'action'> | null = null
        for (const piece of all) {
          const { text: title, note, steps } = piece
          store.clock.epochMs += 10
          const actionId = made<Id<'action'>>('addToTemplate', { title, projectId: id, note, steps })
          if (piece.shift)
            store.run('setCounted', {
              of: actionId,
              field: 'due',
              to: { blankId, shift: at(piece.shift), time: null },
            })
          if (last && piece.isAfter) store.run('blockAction', { id: actionId, afterId: last })
          last = actionId
        }
        const use = () => {
          store.clock.epochMs += 1000
          const answers = { Name: { says: 'Oda', date: null }, Day: { says: 'Friday', date: visit } }
          const outcome = store.run('useTemplate', { id, answers, areaId: null })
          return (outcome.ok ? outcome.value : []).map((part) => (part.kind === 'added' ? part.record : null))
        }
        expect(told(use())).toEqual(told(use()))
        expect(all.length === 0 || told(use()).includes('‹Name›')).toBe(all.length === 0)
        // What was used is as it was.
        expect(actionsOfTemplate(document(), id)).toHaveLength(all.length)
      }),
      { seed: 12, numRuns: 40 },
    )
    /** Records without what tells one making from another: ids by their order, no times and ranks. */
    function told(records: (AnyRecord | null)[]): string {
      const ids = new Map(records.map((record, index) => [record?.id ?? '', `#${index}`]))
      const plain = records.map((record) => ({ ...record, rank: 0, createdAtEpochMs: 0 }))
      return JSON.stringify(plain).replace(/"[a-z]+:aaaa[^"]*"/g, (id) => ids.get(id.slice(1, -1)) ?? id)
    }
  })
  it.each<
    [kind: string, has: (held: Awaited<ReturnType<typeof withProject>>) => Id<'action'> | Id<'checklist'>]
  >([
    ['action', ({ pack }) => pack],
    ['checklist', ({ listId }) => listId],
  ])('of one %s make one, on the area or in the project that is named', async (makes, of) => {
    const held = await withProject()
    const { document, isUndone, store, areaId, projectId } = held
    isUndone('saveAsTemplate', { id: of(held) })
    const template = kept(document())
    expect(template.makes).toBe(makes)
    const count = () => recordsIn(document(), makes as 'action').length
    const before = count()
    isUndone('useTemplate', { id: template.id, answers: {}, areaId })
    expect(count()).toBe(before + 1)
    const record = recordsIn(document(), makes as 'action').find(
      ({ id, createdAtEpochMs }) => createdAtEpochMs === store.clock.epochMs || kindOf(id) === 'checklist',
    )
    expect(record).toBeDefined()
    if (makes === 'action') {
      store.run('useTemplate', { id: template.id, answers: {}, areaId: null, projectId })
      const titles = actionsOfProject(document(), projectId).map(({ title }) => title)
      expect(titles.filter((title) => title === 'Pack the meters')).toHaveLength(2)
    }
    expect(recordsIn(document(), 'project').filter(({ state }) => state !== 'template')).toHaveLength(1)
  })
  it('have blanks that are named, made of words, renamed in every text, and taken away', async () => {
    const { store, document, isUndone, made } = await opened()
    const id = made<Id<'project'>>('addTemplate', { title: 'Fenwick Hall report', makes: 'project' })
    const actionId = made<Id<'action'>>('addToTemplate', { title: 'Ring Fenwick Hall', projectId: id })
    const titles = () => [recordIn(document(), id)?.title, recordIn(document(), actionId)?.title]
    isUndone('makeBlank', { projectId: id, words: 'Fenwick Hall', name: 'Place' })
    expect(titles()).toEqual(['‹Place› report', 'Ring ‹Place›'])
    const [place] = blanksOf(document(), id)
    const blankId = place?.id ?? 'blank:none'
    isUndone('editBlank', { id: blankId, patch: { name: 'Where ‹it› is' } })
    expect(titles()).toEqual(['‹Where it is› report', 'Ring ‹Where it is›'])
    isUndone('setCounted', {
      of: actionId,
      field: 'due',
      to: { blankId, shift: at('2 weeks before'), time: null },
    })
    isUndone('setCounted', { of: actionId, field: 'due', to: { blankId, shift: at('on'), time: null } })
    isUndone('removeBlank', { id: blankId })
    expect([titles(), recordsIn(document(), 'counted')]).toEqual([
      ['Where it is report', 'Ring Where it is'],
      [],
    ])
    store.run('addBlank', { projectId: id, name: 'Day', kind: 'date' })
    // The name of another blank is no text to make a blank in.
    store.run('addBlank', { projectId: id, name: 'Size of the report', kind: 'number' })
    isUndone('makeBlank', { projectId: id, words: 'report', name: 'Paper' })
    expect(blanksOf(document(), id).map(({ name }) => name)).toEqual(['Day', 'Size of the report', 'Paper'])
    for (const [outcome, kind] of [
      [store.run('addBlank', { projectId: id, name: ' Day ', kind: 'name' }), 'nameTaken'],
      [store.run('addBlank', { projectId: id, name: ' ‹› ', kind: 'name' }), 'empty'],
      [store.run('addBlank', { projectId: 'project:none', name: 'x', kind: 'name' }), 'notFound'],
      [store.run('makeBlank', { projectId: id, words: 'nowhere', name: 'x' }), 'nothingToDo'],
      [store.run('saveAsTemplate', { id }), 'notFound'],
      [store.run('addToTemplate', { title: 'x', projectId: 'project:none' }), 'notFound'],
      [store.run('useTemplate', { id: 'project:none', answers: {}, areaId: null }), 'notFound'],
    ] as const)
      expect(outcome).toMatchObject({ error: { kind } })
  })
  it('say when what is filled in is too long, and make nothing of it; are removed whole', async () => {
    const { store, document, isUndone, made, template } = await opened()
    const id = made<Id<'project'>>('addTemplate', { title: 'P', makes: 'project' })
    store.run('addAction', { title: 'Ring ‹Name›', projectId: id, steps: ['a'] })
    const before = recordsById(document())
    expect(
      store.run('useTemplate', {
        id,
        answers: { Name: { says: 'x'.repeat(5000), date: null } },
        areaId: null,
      }),
    ).toMatchObject({ error: { kind: 'tooLong', field: 'title' } })
    expect(recordsById(document())).toEqual(before)
    expect(isTemplate(template(id))).toBe(true)
    isUndone('removeTemplate', { id })
    expect([
      recordsIn(document(), 'project'),
      recordsIn(document(), 'action'),
      recordsIn(document(), 'step'),
    ]).toEqual([[], [], []])
  })
  it('keep files by their bytes', async () => {
    const { store, document, made } = await opened()
    const actionId = made<Id<'action'>>('addAction', { title: 'with a plan' })
    const blob = `sha256-${'a'.repeat(64)}` as const
    const file = { name: 'plan.pdf', mediaType: 'application/pdf', bytes: 3, blob, smallBlob: null }
    expect(store.run('addFiles', { ownerId: actionId, files: [file] })).toMatchObject({ ok: true })
    store.run('saveAsTemplate', { id: actionId })
    store.run('useTemplate', { id: kept(document()).id, answers: {}, areaId: null })
    const copies = recordsIn(document(), 'action').map(({ id }) =>
      filesOf(document(), id).map((each) => each.blob),
    )
    expect(copies).toEqual([[blob], [blob], [blob]])
  })
})
