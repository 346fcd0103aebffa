import { recordsById, recordsIn, withChanges } from '@/core/journal'
import type { Action, Id } from '@/core/record'
import { calendarDateUnsafe as day } from '@/core/time'
import { owned } from '../..'
import { makeTestStore, testStartEpochMs, type TestStore } from '../../testing'
import type { NewAction } from '..'

const dayMs = 86_400_000
/** Days after Wednesday 11 March 2026. */
const goOn = (store: TestStore, days: number) => (store.clock.epochMs = testStartEpochMs + days * dayMs)

const weekly = { rule: 'FREQ=WEEKLY;BYDAY=WE', fromDone: false, time: null }
async function storeWith(given: Partial<NewAction> = {}, options: Parameters<typeof makeTestStore>[1] = {}) {
  const store = makeTestStore(undefined, options)
  await store.load()
  const made = store.run('addAction', {
    title: 'write to Oda',
    day: day('2026-03-11'),
    repeat: weekly,
    ...given,
  })
  if (!made.ok || made.value[0]?.kind !== 'added') throw new Error('not made')
  const id = made.value[0].record.id as Id<'action'>
  const document = () => store.api.getState().document
  const open = () => recordsIn(document(), 'action').filter(({ doneAtEpochMs }) => doneAtEpochMs === null)
  const one = (): Action => {
    expect(open()).toHaveLength(1)
    return open()[0] as Action
  }
  return { store, id, document, open, one }
}

describe('ticking what comes back', () => {
  it('leaves the event it was made for with the one that is done', async () => {
    const event = {
      calendarId: 'calendar:hall' as const,
      key: 'trustees 1',
      title: 'Trustees',
      on: day('2026-03-11'),
      fromEpochMs: 1,
    }
    const { store, id, one, document } = await storeWith({ event })
    store.run('tick', { id })
    expect(one().event).toBeNull()
    expect(recordsIn(document(), 'action').find((each) => each.id === id)?.event).toEqual(event)
  })
  it('leaves it done and brings the next on its day, with its steps unticked and its reminders', async () => {
    const { store, id, one, document } = await storeWith({
      steps: ['open', 'write'],
      minutes: 20,
      reminders: [
        { kind: 'at', date: day('2026-03-10'), time: null },
        { kind: 'daysBefore', days: 1, time: null },
      ],
    })
    const [first, second] = owned.stepsOf(document(), id)
    if (!first || !second) throw new Error('no steps')
    store.run('tickStep', { id: first.id, done: true })
    const before = recordsById(document())
    store.run('tick', { id })
    expect(one()).toMatchObject({
      title: 'write to Oda',
      minutes: 20,
      day: '2026-03-18',
      occurrence: '2026-03-18',
    })
    expect(one().id).toBe(`${id}~2026-03-18`)
    const steps = owned.stepsOf(document(), one().id)
    expect(steps.map(({ title, doneAtEpochMs }) => [title, doneAtEpochMs])).toEqual([
      ['open', null],
      ['write', null],
    ])
    expect(owned.remindersOf(document(), one().id).map(({ when }) => when)).toContainEqual({
      kind: 'at',
      date: '2026-03-17',
      time: null,
    })
    expect(owned.stepsOf(document(), id)[0]?.doneAtEpochMs).not.toBeNull()
    store.undo()
    expect(recordsById(document())).toEqual(before)
  })
  it('goes on from the next, under the name of the first', async () => {
    const { store, id, one } = await storeWith()
    store.run('tick', { id })
    goOn(store, 7)
    store.run('tick', { id: one().id })
    expect(one()).toMatchObject({ id: `${id}~2026-03-25`, day: '2026-03-25' })
    expect(owned.repeatOf(store.api.getState().document, one().id)?.rule).toBe(weekly.rule)
  })
  it.each<[string, Partial<NewAction>, Partial<Action>]>([
    [
      'keeps its promise as far from its day',
      { due: { date: day('2026-03-13'), time: null } },
      {
        day: day('2026-03-18'),
        due: { date: day('2026-03-20'), time: null },
      },
    ],
    [
      'has no day where it had but a promise',
      { day: null, due: { date: day('2026-03-11'), time: null } },
      {
        day: null,
        due: { date: day('2026-03-18'), time: null },
      },
    ],
    [
      'is fixed at the same time',
      { day: null, at: { date: day('2026-03-11'), time: '14:30' as never } },
      {
        at: { date: day('2026-03-18'), time: '14:30' as never },
        day: null,
      },
    ],
    ['is hidden until as long before', { notBefore: day('2026-03-09') }, { notBefore: day('2026-03-16') }],
    [
      'waits for nobody',
      {
        waiting: {
          personId: null,
          whom: 'Oda',
          since: day('2026-03-11'),
          chaseOn: null,
          how: '',
          toSignOff: false,
        },
      },
      {
        waiting: null,
      },
    ],
  ])('the next %s', async (_, given, next) => {
    const { store, id, one } = await storeWith(given)
    store.run('tick', { id })
    expect(one()).toMatchObject(next)
  })
  it('counts from the day it was done where the rule says so, and ends after so many', async () => {
    const rule = 'FREQ=DAILY;INTERVAL=6;COUNT=2'
    const { store, id, open, one } = await storeWith({
      day: null,
      repeat: { rule, fromDone: true, time: null },
    })
    goOn(store, 3)
    store.run('tick', { id })
    expect(one().day).toBe('2026-03-20')
    store.run('tick', { id: one().id })
    expect(open()).toEqual([])
  })
  it('brings one and the same next from two copies', async () => {
    const { store, id, document } = await storeWith({ steps: ['open'] })
    const other = makeTestStore(undefined, { replica: 'bbbb' })
    await other.load()
    const before = store.api.getState().recent
    await other.importEntries([], [], 'bringIn')
    other.api.setState({ document: withChanges(other.api.getState().document, before), recent: before })
    store.run('tick', { id })
    goOn(other, 1)
    other.run('tick', { id })
    const both = withChanges(document(), other.api.getState().recent)
    expect(recordsIn(both, 'action')).toHaveLength(2)
    expect(recordsIn(both, 'step')).toHaveLength(2)
    expect(recordsById(withChanges(other.api.getState().document, store.api.getState().recent))).toEqual(
      recordsById(both),
    )
  })
  it('of several together brings each next once', async () => {
    const { store, id, open } = await storeWith()
    store.run('tickActions', { ids: [id, id] })
    expect(open()).toHaveLength(1)
  })
  it('waits until what it needs has loaded, and changes nothing until then', async () => {
    const { store, id, one } = await storeWith({}, { later: () => null })
    expect(store.run('tick', { id })).toMatchObject({ ok: false, error: { kind: 'notYet' } })
    expect(one().id).toBe(id)
  })
})

describe('unticking it', () => {
  it('takes the next one back', async () => {
    const { store, id, one } = await storeWith({ steps: ['open'] })
    store.run('tick', { id })
    store.run('untick', { id })
    expect(one().id).toBe(id)
    expect(recordsIn(store.api.getState().document, 'step')).toHaveLength(1)
  })
  it.each<[what: string, add: (store: TestStore, next: Id<'action'>) => void]>([
    ['a step', (store, next) => store.run('addSteps', { ownerId: next, titles: ['more'] })],
    [
      'a step in other words',
      (store, next) => {
        const [step] = owned.stepsOf(store.api.getState().document, next)
        store.run('editStep', { id: step?.id ?? 'step:none', title: 'open it slowly' })
      },
    ],
    ['a remark', (store, next) => store.run('addRemark', { ownerId: next, text: 'she is away' })],
    ['a checklist', (store, next) => store.run('addChecklist', { name: 'Papers', ownerId: next })],
    [
      'a reminder',
      (store, next) => store.run('addReminder', { id: next, when: { kind: 'minutesBefore', minutes: 5 } }),
    ],
  ])('leaves the next one where %s came to it since', async (_, add) => {
    const { store, id, one, open, document } = await storeWith({ steps: ['open'] })
    store.run('tick', { id })
    const next = one().id
    add(store, next)
    const before = recordsById(document())
    store.run('untick', { id })
    expect(open()).toHaveLength(2)
    for (const [each, record] of before)
      if (each !== id) expect(recordsById(document()).get(each)).toEqual(record)
  })
  it('leaves the next one where it has been changed, and ticking again brings no other', async () => {
    const { store, id, one, open } = await storeWith()
    store.run('tick', { id })
    store.run('editAction', { id: one().id, patch: { minutes: 5 } })
    store.run('untick', { id })
    expect(open()).toHaveLength(2)
    store.run('tick', { id })
    expect(one().minutes).toBe(5)
  })
})

describe('skipping one', () => {
  it('stands for the next day, with steps unticked, and is neither done nor missed', async () => {
    const { store, id, one, document } = await storeWith({ steps: ['open'], minutes: 20 })
    const [step] = owned.stepsOf(document(), id)
    store.run('tickStep', { id: step?.id ?? 'step:none', done: true })
    const before = recordsById(document())
    store.run('skipTurn', { id })
    expect(one()).toMatchObject({ id, day: '2026-03-18', occurrence: '2026-03-18', minutes: 20, moved: [] })
    expect(owned.stepsOf(document(), id)[0]?.doneAtEpochMs).toBeNull()
    expect(owned.repeatOf(document(), id)?.skips).toEqual(['2026-03-11'])
    store.undo()
    expect(recordsById(document())).toEqual(before)
  })
  it('skips the latest where some were missed', async () => {
    const { store, id, one, document } = await storeWith()
    goOn(store, 16)
    store.run('skipTurn', { id })
    expect(one().day).toBe('2026-04-01')
    expect(owned.repeatOf(document(), id)?.skips).toEqual(['2026-03-25'])
  })
  it('is refused where none comes after it', async () => {
    const { store, id } = await storeWith({ repeat: { ...weekly, rule: `${weekly.rule};UNTIL=20260312` } })
    expect(store.run('skipTurn', { id })).toMatchObject({ ok: false, error: { kind: 'lastOccurrence' } })
  })
})

describe('this one alone, or from now on', () => {
  it('moving it to another day is meant for this one alone', async () => {
    const { store, id, one } = await storeWith()
    store.run('moveTo', { id, day: day('2026-03-13') })
    expect(one().overrides).toEqual({ day: '2026-03-11' })
    store.run('tick', { id })
    expect(one()).toMatchObject({ day: '2026-03-18', overrides: {} })
  })
  it('moved back, nothing is meant for it alone', async () => {
    const { store, id, one } = await storeWith()
    store.run('moveTo', { id, day: day('2026-03-13') })
    store.run('moveTo', { id, day: day('2026-03-11') })
    expect(one().overrides).toEqual({})
  })
  it('from now on, the rule moves along', async () => {
    const { store, id, one, document } = await storeWith()
    store.run('moveTo', { id, day: day('2026-03-13') })
    store.run('fromNowOn', { id })
    expect(owned.repeatOf(document(), id)).toMatchObject({
      rule: 'FREQ=WEEKLY;BYDAY=FR',
      startsOn: '2026-03-13',
    })
    goOn(store, 2)
    store.run('tick', { id })
    expect(one().day).toBe('2026-03-20')
  })
  it('anything else is meant from now on, and for this one alone where that is said', async () => {
    const { store, id, one } = await storeWith({ minutes: 20 })
    store.run('editAction', { id, patch: { title: 'write to Una', minutes: 40 } })
    expect(one().overrides).toEqual({})
    store.run('onlyThisOne', { id, before: { title: 'write to Oda' } })
    store.run('tick', { id })
    expect(one()).toMatchObject({ title: 'write to Oda', minutes: 40 })
  })
  it('a first promise holds from now on', async () => {
    const { store, id, one } = await storeWith()
    store.run('editAction', { id, patch: { due: { date: day('2026-03-12'), time: null } } })
    store.run('tick', { id })
    expect(one().due).toEqual({ date: '2026-03-19', time: null })
  })
})

describe('setting a rule', () => {
  const friday = { rule: 'FREQ=WEEKLY;BYDAY=FR', fromDone: false, time: null }
  it('lays what has no day on its first', async () => {
    const { store, id, one } = await storeWith({ day: null, repeat: null })
    store.run('setRepeat', { id, repeat: friday })
    expect(one()).toMatchObject({ day: '2026-03-13', occurrence: '2026-03-13' })
  })
  it('leaves what stands where somebody put it, and goes on from there', async () => {
    const { store, id, one } = await storeWith({ repeat: null })
    store.run('setRepeat', { id, repeat: friday })
    expect(one()).toMatchObject({ day: '2026-03-11', occurrence: '2026-03-11' })
    store.run('tick', { id })
    expect(one().day).toBe('2026-03-13')
  })
  it('another rule lays anew what the one before had laid', async () => {
    const { store, id, one, document } = await storeWith()
    store.run('setRepeat', { id, repeat: friday })
    expect(one()).toMatchObject({ day: '2026-03-13', overrides: {} })
    expect(owned.repeatOf(document(), id)).toMatchObject({ ...friday, startsOn: '2026-03-13' })
  })
  it('an end alone moves nothing', async () => {
    const { store, id, one, document } = await storeWith()
    store.run('setRepeat', { id, repeat: { ...weekly, rule: `${weekly.rule};COUNT=3` } })
    expect(one().day).toBe('2026-03-11')
    expect(owned.repeatOf(document(), id)).toMatchObject({ startsOn: '2026-03-11' })
  })
  it('is refused where the rule never comes, and changes nothing', async () => {
    const { store, id, document } = await storeWith()
    const before = document()
    const never = { rule: 'FREQ=YEARLY;BYMONTH=2;BYMONTHDAY=30', fromDone: false, time: null }
    expect(store.run('setRepeat', { id, repeat: never })).toMatchObject({
      ok: false,
      error: { kind: 'neverComes' },
    })
    expect(document()).toBe(before)
  })
  it('taken off, ticking brings nothing', async () => {
    const { store, id, open } = await storeWith()
    store.run('setRepeat', { id, repeat: null })
    store.run('tick', { id })
    expect(open()).toEqual([])
  })
})
