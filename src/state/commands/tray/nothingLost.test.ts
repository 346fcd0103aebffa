// Law: each text, date, link and person of a record that is removed for another stands somewhere afterwards.
import { recordIn, recordsById, recordsIn } from '@/core/journal'
import type { Id } from '@/core/record'
import { dayWords } from '@/core/sentence/wordsOfField'
import { calendarDateUnsafe, type CalendarDate } from '@/core/time'
import { makeTestStore, runnerOf } from '../../testing'
import type { NewFile } from '..'

const day = (of: number) => calendarDateUnsafe(`2026-04-${String(of).padStart(2, '0')}`)
const fileCalled = (name: string): NewFile => ({
  name,
  mediaType: 'text/plain',
  bytes: 3,
  blob: `sha256-${'a'.repeat(64)}`,
  smallBlob: null,
})

/** One of everything that can be taken in, each with every text, date, link and person it can have. */
async function full() {
  const store = makeTestStore()
  await store.load()
  const run = runnerOf(store)
  const person = (name: string) => run('addPerson', { name }) as Id<'person'>
  const areaId = run('addArea', { name: 'Office', groupId: null }) as Id<'area'>
  const goal = run('addGoal', { title: 'Goal of it', reach: 'near' } as never) as Id<'goal'>
  const before = run('addProject', { title: 'What comes before', areaId }) as Id<'project'>
  const project = run('addProject', { title: 'Project title', areaId }) as Id<'project'>
  run('editProject', {
    id: project,
    patch: {
      outcome: 'Outcome words.',
      soThat: 'So-that words',
      note: 'Project note.',
      begins: day(2),
      due: day(3),
      personIds: [person('Perrin')],
      goalIds: [goal],
      notUntil: day(4),
    } as never,
  })
  run('blockProject', { id: project, afterId: before })
  run('addSteps', { ownerId: project, titles: ['Project step'] })
  run('addFiles', { ownerId: project, files: [fileCalled('project.txt')] })
  run('addRemark', { ownerId: project, text: 'Project remark.' })
  const into = run('addProject', { title: 'Into', areaId }) as Id<'project'>
  run('editProject', { id: into, patch: { due: day(20) } })
  const action = run('addAction', {
    title: 'Action title',
    note: 'Action note.',
    link: 'https://example.org/action',
    personIds: [person('Oda')],
    due: { date: day(5), time: '17:00' as never },
    at: { date: day(6), time: '09:30' as never },
    notBefore: day(1),
    minutes: 45,
    waiting: {
      personId: null,
      whom: 'the mill',
      since: day(7),
      chaseOn: day(8),
      how: 'by phone',
      toSignOff: false,
    },
    steps: ['Step one', 'Step two'],
    reminders: [{ kind: 'at', date: day(9), time: null }],
    projectId: project,
  }) as Id<'action'>
  run('addFiles', { ownerId: action, files: [fileCalled('action.txt')] })
  run('addRemark', { ownerId: action, text: 'Action remark.' })
  const other = run('addAction', {
    title: 'Other title',
    note: 'Other note.',
    projectId: into,
  }) as Id<'action'>
  run('editAction', { id: other, patch: { due: { date: day(21), time: null } } })
  const slip = run('setDown', {
    text: 'Slip words by 10 april',
    note: 'Slip note.',
    steps: ['Slip step'],
    files: [fileCalled('slip.txt')],
    personIds: [person('Sunniva')],
  }) as Id<'slip'>
  const second = run('setDown', {
    text: 'Second words',
    note: 'Second note.',
    personIds: [person('Tove')],
  }) as Id<'slip'>
  run('layAside', { ids: [slip, action] })
  return { store, run, project, into, action, other, slip, second }
}
type Full = Awaited<ReturnType<typeof full>>

const ofAction = ['Action title', 'Action note.', 'https://example.org/action', 'action.txt', 'Action remark.', 'the mill', 'Step one', 'Step two'] // prettier-ignore
const datesOfAction = [1, 5, 6, 7, 8, 9].map(day)
const ofProject = ['Project title', 'Outcome words.', 'So-that words', 'Project note.', 'Project step', 'project.txt', 'Project remark.'] // prettier-ignore
const datesOfProject = [2, 3, 4].map(day)
const ofSlip = ['Slip words by 10 april', 'Slip note.', 'Slip step', 'slip.txt']

type Case = [
  act: string,
  run: (all: Full) => unknown,
  texts: readonly string[],
  dates: readonly CalendarDate[],
  people: readonly string[],
]
const cases: Case[] = [
  ['joinSlips', ({ run, slip, second }) => run('joinSlips', { ids: [second, slip] }), [...ofSlip, 'Second words', 'Second note.'], [], ['Sunniva', 'Tove']],
  ['mergeIntoAction', ({ run, slip, action }) => run('mergeIntoAction', { slipId: slip, actionId: action, fields: { title: 'Slip words' } }), [...ofSlip, ...ofAction], datesOfAction, ['Oda', 'Sunniva']],
  ['makeStepOf', ({ run, slip, action }) => run('makeStepOf', { slipId: slip, actionId: action }), [...ofSlip, ...ofAction], datesOfAction, ['Oda', 'Sunniva']],
  ['growIntoProject', ({ run, action }) => run('growIntoProject', { id: action, title: 'Action title', next: 'first of all' }), ofAction, datesOfAction, ['Oda']],
  ['shrinkToAction', ({ run, project }) => run('shrinkToAction', { id: project }), [...ofProject, ...ofAction], [...datesOfProject, ...datesOfAction], ['Perrin', 'Oda']],
  ['joinProjects', ({ run, project, into }) => run('joinProjects', { id: project, intoId: into }), [...ofProject, ...ofAction], datesOfProject, ['Perrin']],
  ['partOfArea', ({ run, project }) => run('partOfArea', { id: project }), ofProject, datesOfProject, ['Perrin']],
  ['pushIntoSteps', ({ run, action, other }) => run('pushIntoSteps', { id: action, ofId: other }), [...ofAction, 'Other title', 'Other note.'], datesOfAction, ['Oda']],
  ['tickKeepingRest', ({ run, action }) => run('tickKeepingRest', { id: action }), ofAction, datesOfAction, ['Oda']],
] // prettier-ignore

it.each(cases)(
  '%s loses nothing, and one undo gives back everything',
  async (act, perform, texts, dates, people) => {
    const all = await full()
    const { store } = all
    const held = () => recordsById(store.api.getState().document)
    const before = held()
    perform(all)
    const records = [...held().values()]
    const json = JSON.stringify(records)
    for (const text of texts) expect(json).toContain(text)
    for (const date of dates) expect(json.includes(date) || json.includes(dayWords(date))).toBe(true)
    for (const name of people) {
      const id = records.find((record) => (record as { name?: string }).name === name)?.id as string
      const others = JSON.stringify(records.filter((record) => record.id !== id))
      expect(others.includes(`"${id}"`) || others.includes(name)).toBe(true)
    }
    // What lay in the review box lies there as what took it in; nothing points at what is gone.
    const there = new Set(records.map(({ id }) => id))
    for (const record of records)
      for (const field of ['ownerId', 'ofId', 'underId', 'actionId', 'projectId', 'stageId'])
        if (typeof (record as never)[field] === 'string') expect(there).toContain((record as never)[field])
    store.undo()
    expect(held()).toEqual(before)
  },
)

it('two things at once: a clock that runs counts once, and a step stands under nothing that went', async () => {
  const { store, run, action } = await full()
  const [first] = recordsIn(store.api.getState().document, 'step').filter(({ ownerId }) => ownerId === action)
  run('laySteps', {
    ownerId: action,
    lines: [{ title: 'under one', depth: 0 }],
    place: { underId: first?.id ?? null, afterId: null },
  } as never)
  const stepCalled = (title: string) =>
    recordsIn(store.api.getState().document, 'step').find((step) => step.title === title)?.id as Id<'step'>
  run('tickStep', { id: stepCalled('under one'), done: true })
  run('tickStep', { id: stepCalled('Step two'), done: true })
  run('editAction', { id: action, patch: { waiting: null } })
  run('startTimer', { id: action })
  store.clock.epochMs += 3_600_000
  run('tickKeepingRest', { id: action })
  const { document } = store.api.getState()
  const rest = recordsIn(document, 'action').find(({ title }) => title === 'Step one')
  expect(rest?.timerFromEpochMs).toBeNull()
  expect(recordsIn(document, 'timeEntry').map(({ minutes }) => minutes)).toEqual([60])
  const under = recordIn(document, stepCalled('under one'))
  expect(under?.underId === null || recordIn(document, under?.underId ?? 'step:none') !== undefined).toBe(
    true,
  )
})
