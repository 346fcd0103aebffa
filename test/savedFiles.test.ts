// What every version there has been has saved must open for ever: its file and its store. Both were written by that
// version and are never written again.
import { parseRecord, parseStoreFile, toStoreFile } from '@/core/exchange'
import { emptyDocument, recordIn, recordsById, recordsIn, withChanges, withMerged } from '@/core/journal'
import { emptyLens } from '@/core/lens'
import { currentVersion } from '@/core/migrations'
import { select } from '@/state'
import { holdsTheSame, savedBy, savedText, storeOf } from './standIns/savedBy'
import { makeArchive, makeMemoryStore } from '@/state/persistence'
import { makeTestStore } from '@/state/testing'

const text = savedText('v1.json')

describe('a file of version 1', () => {
  const file = parseStoreFile(text)
  if (!file.ok) throw new Error(JSON.stringify(file.error))
  const { entries, changes } = file.value
  const document = withMerged(emptyDocument, entries)

  it('holds what it held', () => {
    expect(recordsIn(document, 'action')).toMatchObject([
      {
        title: 'sort receipts',
        minutes: 45,
        weight: 'must',
        day: '2026-03-12',
        moved: ['v1~1'],
        due: { date: '2026-03-13', time: '17:00' },
        waiting: { chaseOn: '2026-03-16' },
      },
    ])
    expect(recordsIn(document, 'slip')).toMatchObject([
      { text: 'by friday stays here', takenOff: ['due by friday'] },
    ])
    expect(recordsIn(document, 'reference')).toMatchObject([{ link: 'https://library.example/felt' }])
    expect(recordsIn(document, 'review')).toMatchObject([
      { firstAim: 'Meters calibrated', secondAim: '', figures: { waiting: 1 } },
    ])
    expect(recordIn(document, 'settings:main')?.keys).toEqual({ tick: 'y', week: null })
  })
  it('has a journal that tells the same', () => {
    expect(recordsById(withChanges(emptyDocument, changes))).toEqual(recordsById(document))
  })
  it('is written as the present version, and read back as that', () => {
    const again = parseStoreFile(toStoreFile(document, changes, 0))
    if (!again.ok) throw new Error(JSON.stringify(again.error))
    expect(recordsById(withMerged(emptyDocument, again.value.entries))).toEqual(recordsById(document))
    expect(again.value.changes).toEqual(changes)
  })
})

describe('a store of version 1', () => {
  const kept = () => makeMemoryStore(new Map(Object.entries(JSON.parse(savedText('v1-store.json')))))
  const limits = { changes: 6, segments: 2, chunkSize: 4 }
  const opened = async (over = kept()) => {
    const store = makeTestStore(over, { replica: 'later', limits })
    await store.load()
    return { store, over, document: store.api.getState().document }
  }

  it('holds what it held, in the shapes of this version', async () => {
    const { store, document } = await opened()
    const ranked = <R extends { rank: string }>(records: R[]) =>
      records.sort((a, b) => (a.rank < b.rank ? -1 : 1))
    expect(ranked(recordsIn(document, 'context')).map(({ name }) => name)).toEqual([
      'Desk',
      'Errands',
      'Phone',
    ])
    const actions = ranked(recordsIn(document, 'action'))
    expect(actions.map(({ title, moved }) => [title, moved.length])).toEqual(
      [2, 0, 0, 0, 0, 0].map((moves, index) => [`action ${index}`, moves]),
    )
    expect(actions[2]?.doneAtEpochMs).not.toBeNull()
    expect(actions[0]).not.toHaveProperty('moves')
    expect(
      recordsIn(document, 'slip')
        .map(({ text }) => text)
        .sort(),
    ).toEqual(['half a thought', 'ring Oda by friday'])
    expect(recordsIn(document, 'review')).toMatchObject([
      { firstAim: 'Meters calibrated', secondAim: 'Loft cleared', stonesDone: ['tray'] },
    ])
    expect(select.settingsOf(document)).toMatchObject({
      availableMinutes: [240, 300, 300, 300, 300, 120, 60],
      keys: { tick: 'y' },
    })
    for (const record of recordsById(document).values()) expect(parseRecord(record).ok).toBe(true)
    expect(store.api.getState().quarantined).toEqual([])
  })
  it('goes on from there: what is done, undone and folded is there on the next start', async () => {
    const { store, over } = await opened()
    const [first] = recordsIn(store.api.getState().document, 'action')
    store.run('editAction', { id: first?.id ?? 'action:none', patch: { minutes: 45 } })
    await store.settled()
    for (let round = 0; round < 4; round++) await makeArchive(over, limits, 'later').compact()
    const again = await opened(over)
    expect(recordsById(again.document)).toEqual(recordsById(store.api.getState().document))
    const acts = (await again.store.journal()).changes.map(({ act }) => act)
    expect(acts.slice(0, 3)).toEqual(['addGroup', 'addArea', 'addContext'])
    expect(acts.at(-1)).toBe('editAction')
    expect(JSON.parse((over.held.get('meta') as string).split('\n')[1] as string).format).toBe(currentVersion)
  })
  it('gives up nothing where a piece of it is damaged', async () => {
    const over = kept()
    const [key] = [...over.held.keys()].filter((name) => name.startsWith('piece/')) as [string]
    over.held.set(key, (over.held.get(key) as string).slice(0, 80))
    const { document } = await opened(over)
    expect(recordsById(document)).toEqual(recordsById((await opened()).document))
  })
})

describe('what version 2 saved', () => {
  const file = savedBy('v2')
  const { document } = file

  it('holds what it held, with the fields that came since', () => {
    const titles = recordsIn(document, 'action').map(({ title, payoff, waiting }) => [
      title,
      payoff,
      waiting?.how,
    ])
    expect(titles.sort()).toEqual([
      ['sort receipts', null, undefined],
      ['wait for proofs', null, ''],
    ])
    expect(recordsIn(document, 'slip')).toMatchObject([
      { text: 'ring Oda by friday 20 min', takenOff: ['due by friday'], note: '', personIds: [] },
      { text: 'after the fold', note: '' },
    ])
  })
  it('has a journal that tells the same, and is written and read as the present version', () =>
    holdsTheSame(file))
  it('opens as a store, takes parts with what is there, and undoes what was done before', async () => {
    const { store, openedAgain } = await storeOf('v2')
    const held = () => recordsById(store.api.getState().document)
    expect(held()).toEqual(recordsById(document))
    const [first] = recordsIn(store.api.getState().document, 'action')
    store.run('addSteps', { ownerId: first?.id ?? 'action:none', titles: ['the folder', 'the till'] })
    expect(recordsIn(await openedAgain(), 'step')).toHaveLength(2)
  })
})

describe('what version 3 saved', () => {
  const file = savedBy('v3')
  const { document } = file

  it('holds what it held, with the fields that came since', () => {
    holdsTheSame(file)
    expect(recordsIn(document, 'repeat').map(({ rule, skips, watched }) => [rule, skips, watched])).toEqual([
      ['FREQ=MONTHLY;BYMONTHDAY=3', [], false],
      ['FREQ=DAILY;INTERVAL=6', [], false],
    ])
    expect(recordsIn(document, 'reminder')).toHaveLength(3)
    expect(recordsIn(document, 'reminder')[0]).toMatchObject({ answered: null, snoozedTo: null })
  })
  it('opens as a store, and what came back there goes on coming back', async () => {
    const { store, openedAgain } = await storeOf('v3')
    expect(recordsById(store.api.getState().document)).toEqual(recordsById(document))
    store.run('tick', { id: 'action:v3v31' })
    // It had been moved a day on; the next keeps to the rule.
    expect(recordIn(await openedAgain(), 'action:v3v31~2026-05-03')).toMatchObject({
      title: 'pay the studio rent',
      day: '2026-05-03',
    })
  })
})

describe('what version 5 saved', () => {
  const file = savedBy('v5')
  const { document } = file

  it('holds what it held: no shape of it has changed since', () => {
    holdsTheSame(file)
    expect(recordsIn(document, 'note').map(({ title, date }) => [title, date])).toEqual([
      ['', '2026-03-11'],
      ['first meeting', '2026-03-11'],
    ])
    expect(recordsIn(document, 'run').map(({ done, of }) => [done, of])).toEqual([[1, 2]])
    expect(select.settingsOf(document)).toMatchObject({ dayNoteBegins: '## Morning' })
  })
  it('opens as a store, and takes a lens and the plan of a day', async () => {
    const { store, openedAgain } = await storeOf('v5')
    expect(recordsById(store.api.getState().document)).toEqual(recordsById(document))
    store.run('addLens', { name: 'At the desk', lens: emptyLens })
    store.run('setDayAvailable', { date: '2026-03-11' as never, minutes: 90 })
    const again = await openedAgain()
    expect(recordsIn(again, 'lens').map(({ name }) => name)).toEqual(['At the desk'])
    expect(recordIn(again, 'plan:day-2026-03-11')).toMatchObject({ availableMinutes: 90, planned: {} })
  })
})

describe('what version 6 saved', () => {
  const file = savedBy('v6')
  const { document } = file

  it('holds what it held, with the fields that came since', () => {
    holdsTheSame(file)
    expect(
      recordsIn(document, 'project').map(({ title, state, inOrder, goalIds }) => [
        title,
        state,
        inOrder,
        goalIds,
      ]),
    ).toEqual([
      ['Hall report', 'open', false, []],
      ['Bakery case', 'notNow', false, []],
    ])
    expect(recordsIn(document, 'area').map(({ goalIds }) => goalIds)).toEqual([[]])
    expect(recordsIn(document, 'lens').map(({ name }) => name)).toEqual(['At the desk'])
  })
  it('opens as a store, and a project of it is put in order and pointed at a goal', async () => {
    const { store, openedAgain } = await storeOf('v6')
    expect(recordsById(store.api.getState().document)).toEqual(recordsById(document))
    const hall = recordsIn(document, 'project').find(({ title }) => title === 'Hall report')
    const id = hall?.id ?? 'project:none'
    store.run('setInOrder', { id, inOrder: true })
    store.run('addGoal', { title: 'Three halls a year', reach: 'near' })
    const [goal] = recordsIn(store.api.getState().document, 'goal')
    store.run('pointAt', { id, goalId: goal?.id ?? 'goal:none', points: true })
    expect(recordIn(await openedAgain(), id)).toMatchObject({ inOrder: true, goalIds: [goal?.id] })
  })
})

describe('what version 7 saved', () => {
  const file = savedBy('v7')
  const { document } = file

  it('holds what it held, with the fields that came since', () => {
    holdsTheSame(file)
    const told = recordsIn(document, 'project').map(
      ({ title, inOrder, afterIds, stageId, ending, soThat }) => [
        title,
        inOrder,
        afterIds.length,
        stageId,
        ending,
        soThat,
      ],
    )
    expect(told.sort()).toEqual([
      ['Bakery case', false, 1, null, null, ''],
      ['Hall report', true, 0, null, null, ''],
    ])
    expect(recordsIn(document, 'area').map(({ lookedOn, everyWeeks }) => [lookedOn, everyWeeks])).toEqual([
      [null, null],
    ])
    expect(recordsIn(document, 'group').map(({ letters, ink }) => [letters, ink])).toEqual([['', 0]])
    expect(recordsIn(document, 'goal').map(({ title }) => title)).toEqual(['Three halls a year'])
  })
  it('opens as a store, and a project of it goes into a stage', async () => {
    const { store, openedAgain } = await storeOf('v7')
    expect(recordsById(store.api.getState().document)).toEqual(recordsById(document))
    const [area] = recordsIn(document, 'area')
    const bakery = recordsIn(document, 'project').find(({ title }) => title === 'Bakery case')
    const id = bakery?.id ?? 'project:none'
    store.run('addStage', { ownerId: area?.id ?? 'area:none', name: 'first call' })
    const [stage] = recordsIn(store.api.getState().document, 'stage')
    store.run('standIn', { id, stageId: stage?.id ?? null })
    expect(recordIn(await openedAgain(), id)).toMatchObject({ stageId: stage?.id })
  })
})

describe('what version 9 saved', () => {
  const file = savedBy('v9')
  const { document } = file

  it('holds what it held', () => {
    holdsTheSame(file)
    expect(
      recordsIn(document, 'aside')
        .map(({ ofId }) => ofId.split(':')[0])
        .sort(),
    ).toEqual(['action', 'slip'])
    expect(recordsIn(document, 'action')).toMatchObject([
      { title: 'cut the foam', minutes: 45, note: 'two layers' },
    ])
  })
  it('opens as a store, and a slip of it keeps its place in the review box as a reference', async () => {
    const { store, openedAgain } = await storeOf('v9')
    expect(recordsById(store.api.getState().document)).toEqual(recordsById(document))
    const slip = recordsIn(document, 'slip').find(({ text }) => text.startsWith('paint codes'))
    if (!slip) throw new Error('the slip is not there')
    const left = 'hall 7044, stairs 9010'
    store.run('sortAsReference', { slipId: slip.id, left, title: 'paint codes', link: null })
    const again = await openedAgain()
    const [reference] = recordsIn(again, 'reference')
    expect(reference?.note).toBe('hall 7044, stairs 9010\n\nfrom the painter\n\nOda')
    expect(recordsIn(again, 'aside').map(({ ofId }) => ofId)).toContain(reference?.id)
  })
})

describe('what version 8 saved', () => {
  const file = savedBy('v8')
  const { document } = file

  it('holds what it held, with the fields that came since', () => {
    holdsTheSame(file)
    const told = recordsIn(document, 'project').map(({ title, state, ending, parentId, begins }) => [
      title,
      state,
      ending,
      parentId,
      begins,
    ])
    expect(told.sort()).toEqual([
      ['Harbour studio', 'notNow', null, null, null],
      ['Larch clinic', 'letGo', 'notWon', null, null],
      ['Mill school', 'open', null, null, null],
      ['Mill school', 'template', null, null, null],
    ])
    const stages = recordsIn(document, 'stage').map(({ name, areaId, projectId }) => [
      name,
      !!areaId,
      projectId,
    ])
    expect(stages).toEqual([
      ['first call', true, null],
      ['offer', true, null],
    ])
  })
  it('opens as a store, and a project of it becomes a part of another', async () => {
    const { store, openedAgain } = await storeOf('v8')
    expect(recordsById(store.api.getState().document)).toEqual(recordsById(document))
    const [mill, harbour] = ['Mill school', 'Harbour studio'].map(
      (name) =>
        recordsIn(document, 'project').find(({ title, state }) => title === name && state !== 'template')
          ?.id ?? 'project:none',
    ) as [`project:${string}`, `project:${string}`]
    store.run('layProject', { id: mill, areaId: null, parentId: harbour, stageId: null, besideId: null })
    expect(recordIn(await openedAgain(), mill)).toMatchObject({ parentId: harbour, areaId: null })
  })
})

describe('what version 4 saved', () => {
  const file = savedBy('v4')
  const { document } = file

  it('holds what it held, with the fields that came since', () => {
    holdsTheSame(file)
    expect(new Set(recordsIn(document, 'action').map(({ lineOf }) => lineOf))).toEqual(new Set([null]))
    expect(recordsIn(document, 'remark').map(({ text }) => text)).toEqual(['likes oak', 'promised for March'])
    expect(recordsIn(document, 'timeEntry').map(({ minutes }) => minutes)).toEqual([25])
  })
  it('opens as a store, and a line of a note that stood there becomes an action', async () => {
    const { store, openedAgain } = await storeOf('v4')
    expect(recordsById(store.api.getState().document)).toEqual(recordsById(document))
    const report = recordsIn(document, 'action').find(({ note }) => note !== '')
    if (!report) throw new Error('the report is not there')
    store.run('makeActionsOfLines', {
      id: report.id,
      lines: [{ at: 2, written: 'ring the hall', fields: { title: 'ring the hall' } }],
    })
    expect(
      recordsIn(await openedAgain(), 'action').find(({ title }) => title === 'ring the hall'),
    ).toMatchObject({
      lineOf: report.id,
      projectId: report.projectId,
    })
  })
})
