// Every worker is loaded and asked, as the page does: it answers what is asked, and says what it cannot do.
import { makeTimestamp, recordIn, type Change } from '../core/journal'
import { learnJournal, makeLearner } from '../core/sorting/learning'
import { calendarDateUnsafe } from '../core/time'
import { makeArchive, makeMemoryStore } from '../state/persistence'
import { makeTestStore, runnerOf } from '../state/testing'

const mockKept = makeMemoryStore()
jest.mock('../state/persistence/asyncStorageStore', () => ({ makeAsyncStorageStore: () => mockKept }))

type Answer = Record<string, unknown>
interface WorkerScope {
  onmessage?: (event: { data: unknown }) => Promise<void>
  postMessage(message: Answer): void
}

/** Loads a worker and gives what it answers to each message it is sent. */
async function loaded(load: () => Promise<unknown>): Promise<(...messages: unknown[]) => Promise<Answer[]>> {
  const answers: Answer[] = []
  const scope: WorkerScope = { postMessage: (message) => answers.push(message) }
  const globals = globalThis as unknown as { self: WorkerScope; reportError: (error: unknown) => void }
  globals.self = scope
  globals.reportError = (error) => answers.push({ kind: 'reported', error: String(error) })
  await jest.isolateModulesAsync(async () => void (await load()))
  return async (...messages) => {
    globals.self = scope
    answers.length = 0
    for (const data of messages) await scope.onmessage?.({ data })
    return [...answers]
  }
}

const fileOf = (text: string, name = 'a.json') => new File([text], name)

it('the one that learns takes the journal in its order, up to its last change', async () => {
  const archive = makeArchive(mockKept, { changes: 1, segments: 2, chunkSize: 2 })
  await archive.load()
  const store = makeTestStore()
  await store.load()
  const run = runnerOf(store)
  const context = run('addContext', { name: 'Phone' })
  for (const title of ['ring Oda', 'ring Davit', 'ring the mill']) {
    store.clock.epochMs += 60_000
    run('addAction', { title, contextIds: [context as never] })
  }
  store.undo()
  const { changes } = await store.journal()
  // Kept as two tabs may keep it: not in order.
  for (const change of [...changes].reverse()) await archive.append([change], [])
  await archive.compact()
  const [answer] = await (await loaded(() => import('./learn.worker')))({ database: 'test', by: 'learner' })
  const learner = makeLearner()
  learnJournal(learner, changes)
  expect(answer).toEqual({ state: learner.state(), upTo: changes.at(-1)?.stamp })
})

it('the one that reads a store file gives its records, keeps them, and refuses what is none', async () => {
  const ask = await loaded(() => import('./storeFile.worker'))
  const stamp = makeTimestamp(1000, 0, 'file')
  const record = { id: 'person:oda', name: 'Oda', note: '', rank: 'a0' }
  const text = JSON.stringify({
    format: 'zen-tray store',
    version: 11,
    records: [{ record, all: stamp }],
    changes: [],
  })
  expect(await ask({ kind: 'read', file: fileOf('{}') })).toMatchObject([
    { kind: 'refused', fault: { kind: 'foreign' } },
  ])
  const read = await ask({ kind: 'read', file: fileOf(text) })
  expect(read.filter(({ kind }) => kind === 'entries')).toMatchObject([{ entries: [{ record }] }])
  expect(read.at(-1)).toMatchObject({ kind: 'read', latest: stamp })
  const act: Omit<Change, 'diff'> = { stamp: makeTimestamp(2000, 0, 'page'), act: 'bringIn', brought: true }
  const kept = await ask({ kind: 'keep', act, database: 'test', by: 'reader' })
  expect(kept).toMatchObject([{ kind: 'kept' }])
  const again = makeTestStore(mockKept)
  await again.load()
  expect(recordIn(again.api.getState().document, 'person:oda')).toMatchObject(record)
})

it('the one that reads a template, and the one that reads letters, answer in words they share with the page', async () => {
  const template = await loaded(() => import('./templateFile.worker'))
  expect(await template({ file: fileOf('no template'), contexts: [] })).toEqual([
    { ok: false, error: { kind: 'noTemplate' } },
  ])
  const letter = await loaded(() => import('./letter.worker'))
  const [read] = await letter(
    fileOf('Subject: Ring me\r\nFrom: Oda <oda@example.org>\r\n\r\nThe arch is late.', 'a.eml'),
  )
  expect(read).toMatchObject({
    ok: true,
    value: { subject: 'Ring me', text: expect.stringContaining('The arch is late.') },
  })
})

it('the one that tells when projects end says the same for the same question', async () => {
  const ask = await loaded(() => import('./finish.worker'))
  const asked = [{ key: 'project:a', toDoMinutes: 300, weeks: [60, 0, 90, 120, 30, 60, 90, 60] }]
  const message = { turn: 1, today: calendarDateUnsafe('2026-03-11'), asked }
  const [first, second] = [await ask(message), await ask(message)]
  expect(first).toMatchObject([{ turn: 1, ranges: [['project:a', expect.anything()]] }])
  expect(second).toEqual(first)
})

it('the one that lays out a day has the same day for the same question', async () => {
  const ask = await loaded(() => import('./layout.worker'))
  const task = { minutes: 30, value: 9, energy: null, contextIds: [], place: null, dueMinute: null, atHand: [{ from: 0, to: 1440 }], afterIds: [] } // prettier-ignore
  const question = {
    tasks: [{ ...task, id: 'a' }, { ...task, id: 'b', minutes: 90 }], // prettier-ignore
    gaps: [{ from: 600, to: 660 }],
    budget: 300,
    deepByHour: [],
    minutesTo: {},
    wishes: { protectDeep: 1, groupAlike: 1, leaveRoom: 1 },
  }
  const [first, second] = [await ask(question), await ask(question)]
  expect(first).toMatchObject([
    { placed: [{ id: 'a', from: 600, to: 630 }], left: [{ id: 'b', why: 'tooLong' }] },
  ])
  expect(second).toEqual(first)
})

it('what fails in one is reported to the page, and answers nothing', async () => {
  const ask = await loaded(() => import('./letter.worker'))
  expect(await ask(null)).toMatchObject([{ kind: 'reported' }])
})

it('the one that writes a calendar answers with its text', async () => {
  const ask = await loaded(() => import('./writeCalendar.worker'))
  const [text] = await ask({ entries: [], written: { name: 'Zen Tray', nowEpochMs: 0, zone: 'UTC' } })
  expect(text).toContain('BEGIN:VCALENDAR')
})
