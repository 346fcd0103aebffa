import fc from 'fast-check'
import { recordIn, recordsById, recordsIn } from '@/core/journal'
import type { Id } from '@/core/record'
import { calendarDateUnsafe } from '@/core/time'
import { outlineOf, placeBack, placeBeside, placeDeeper } from '@/core/steps'
import { stepsOf } from '../../read/ownedIndexes'
import { makeTestStore, type TestStore } from '../../testing'
import { mostSteps } from './owned'

const idOf = (outcome: ReturnType<TestStore['run']>): Id => {
  if (!outcome.ok || outcome.value[0]?.kind !== 'added') throw new Error(JSON.stringify(outcome))
  return outcome.value[0].record.id as Id
}
async function storeWith(...lines: [string, number][]) {
  const store = makeTestStore()
  await store.load()
  const id = idOf(
    store.run('addAction', { title: 'pack', minutes: 20, note: 'the blue van' }),
  ) as Id<'action'>
  const lay = (...more: [string, number][]) =>
    store.run('laySteps', {
      ownerId: id,
      lines: more.map(([title, depth]) => ({ title, depth })),
      place: { underId: null, afterId: null },
    })
  if (lines.length > 0) lay(...lines)
  const document = () => store.api.getState().document
  const shown = (of = id) =>
    outlineOf(stepsOf(document(), of)).map(({ step: { title, doneAtEpochMs }, depth }) =>
      [...Array.from({ length: depth }, () => '-'), title, doneAtEpochMs === null ? '' : '!'].join(''),
    )
  const step = (title: string, of = id) => {
    const found = stepsOf(document(), of).find((each) => each.title === title)
    if (!found) throw new Error(`no step ${title}`)
    return found
  }
  return { store, id, document, shown, step, lay }
}

describe('laying steps in', () => {
  it('keeps their order and what stands under what', async () => {
    const { shown } = await storeWith(['meters', 0], ['small', 1], ['tiny', 2], ['large', 1], ['tripod', 0])
    expect(shown()).toEqual(['meters', '-small', '--tiny', '-large', 'tripod'])
  })
  it('lays them behind a step, before its next one, and under one', async () => {
    const { store, id, shown, step } = await storeWith(['a', 0], ['d', 0])
    store.run('laySteps', {
      ownerId: id,
      lines: [
        { title: 'b', depth: 0 },
        { title: 'c', depth: 0 },
      ],
      place: { underId: null, afterId: step('a').id },
    })
    store.run('laySteps', {
      ownerId: id,
      lines: [{ title: 'x', depth: 0 }],
      place: { underId: step('b').id, afterId: null },
    })
    expect(shown()).toEqual(['a', 'b', '-x', 'c', 'd'])
  })
  it('refuses more than there may be, in one piece', async () => {
    const { store, id, document } = await storeWith()
    const lines = Array.from({ length: mostSteps + 1 }, (_, index) => ({ title: `${index}`, depth: 0 }))
    const place = { underId: null, afterId: null }
    expect(store.run('laySteps', { ownerId: id, lines, place })).toMatchObject({ error: { kind: 'tooMany' } })
    expect(stepsOf(document(), id)).toEqual([])
  })
})

describe('moving a step', () => {
  it('takes all that stands under it along', async () => {
    const { store, shown, step } = await storeWith(['a', 0], ['b', 0], ['c', 1])
    store.run('moveStep', { id: step('b').id, place: { underId: step('a').id, afterId: null } })
    expect(shown()).toEqual(['a', '-b', '--c'])
  })
  it('never lays a step under itself', async () => {
    const { store, shown, step } = await storeWith(['a', 0], ['b', 1])
    store.run('moveStep', { id: step('a').id, place: { underId: step('b').id, afterId: null } })
    expect(shown()).toEqual(['a', '-b'])
  })
  it('deeper, back, up and down: every step stays shown once, and undo brings each back', async () => {
    const { store, id, document } = await storeWith(['a', 0], ['b', 0], ['c', 1], ['d', 1], ['e', 0])
    const act = fc.tuple(fc.nat(4), fc.constantFrom('deeper', 'back', 'up', 'down'))
    fc.assert(
      fc.property(fc.array(act, { maxLength: 12 }), (acts) => {
        for (const [which, way] of acts) {
          const steps = stepsOf(document(), id)
          const step = steps[which]
          const place =
            step &&
            {
              deeper: placeDeeper(steps, step),
              back: placeBack(steps, step),
              up: placeBeside(steps, step, -1),
              down: placeBeside(steps, step, 1),
            }[way]
          if (!step || !place) continue
          const before = recordsById(document())
          if (!store.run('moveStep', { id: step.id, place }).ok) continue
          const rows = outlineOf(stepsOf(document(), id))
          expect(rows).toHaveLength(5)
          const at = rows.find((row) => row.step.id === step.id)?.step
          expect(at?.underId).toBe(place.underId)
          store.undo()
          expect(recordsById(document())).toEqual(before)
          store.redo()
        }
      }),
      { seed: 66, numRuns: 60 },
    )
  })
})

it('a step is ticked with all that stands under it, and unticked alone', async () => {
  const { store, shown, step } = await storeWith(['a', 0], ['b', 1], ['c', 2], ['d', 0])
  store.run('tickStep', { id: step('a').id, done: true })
  expect(shown()).toEqual(['d', 'a!', '-b!', '--c!'])
  store.run('tickStep', { id: step('a').id, done: false })
  expect(shown()).toEqual(['a', '-b!', '--c!', 'd'])
})

describe('a step pulled out', () => {
  it('is an action where the other lies, with what stood under it as its steps', async () => {
    const { store, id, shown, step, document } = await storeWith(['a', 0], ['b', 1], ['c', 2], ['d', 0])
    const project = idOf(store.run('addProject', { title: 'move', areaId: null }))
    store.run('editAction', { id, patch: { projectId: project as never } })
    const made = idOf(store.run('pullStepOut', { id: step('a').id })) as Id<'action'>
    expect(recordIn(document(), made)).toMatchObject({ title: 'a', projectId: project, minutes: null })
    expect([shown(), shown(made)]).toEqual([['d'], ['b', '-c']])
    store.undo()
    expect(shown()).toEqual(['a', '-b', '--c', 'd'])
  })
})

describe('an action pushed into another', () => {
  it('is a step there with its own under it; its note, files and history go along', async () => {
    const { store, id, shown, document } = await storeWith(['a', 0], ['b', 1])
    const other = idOf(store.run('addAction', { title: 'move', steps: ['first'] })) as Id<'action'>
    store.run('addReminder', { id, when: { kind: 'daysBefore', days: 1, time: null } })
    const before = recordsById(document())
    store.run('pushIntoSteps', { id, ofId: other })
    expect(shown(other)).toEqual(['first', 'pack', '-a', '--b'])
    expect(recordIn(document(), id)).toBeUndefined()
    expect(recordIn(document(), other)?.note).toBe('pack: 20 min, remind me 1 day before\n\nthe blue van')
    expect(recordsIn(document(), 'reminder')).toEqual([])
    store.undo()
    expect(recordsById(document())).toEqual(before)
    expect(store.run('pushIntoSteps', { id, ofId: id }).ok).toBe(false)
  })
  it('says for which event it was, once it is a step', async () => {
    const { store, id, document } = await storeWith(['a', 0])
    const on = calendarDateUnsafe('2026-03-13')
    const event = { calendarId: 'calendar:hall' as const, key: 'walk 1', title: 'Walk', on, fromEpochMs: 1 }
    const made = idOf(store.run('addAction', { title: 'prepare', event })) as Id<'action'>
    store.run('pushIntoSteps', { id: made, ofId: id })
    expect(recordIn(document(), id)?.note).toContain('prepare: for the event “Walk” on 13 march 2026')
  })
})

describe('ticking an action with open steps', () => {
  it('all done: ticks every one of them with it', async () => {
    const { store, id, shown, document } = await storeWith(['a', 0], ['b', 1])
    store.run('tickWithSteps', { id })
    expect(shown()).toEqual(['a!', '-b!'])
    expect(recordIn(document(), id)?.doneAtEpochMs).not.toBeNull()
  })
  it('keeps the rest as an action with what is open', async () => {
    const { store, id, shown, step, document } = await storeWith(['a', 0], ['b', 0], ['c', 1])
    store.run('tickStep', { id: step('a').id, done: true })
    // It was put off twice: what is left of it was not.
    for (const day of ['2026-03-12', '2026-03-13', '2026-03-14'])
      store.run('moveTo', { id, day: day as never })
    expect(recordIn(document(), id)?.moved).toHaveLength(2)
    const rest = idOf(store.run('tickKeepingRest', { id })) as Id<'action'>
    expect([shown(), shown(rest)]).toEqual([['a!'], ['b', '-c']])
    expect(recordIn(document(), rest)).toMatchObject({
      moved: [],
      title: 'pack',
      doneAtEpochMs: null,
      note: 'the blue van',
    })
    expect(recordIn(document(), id)?.doneAtEpochMs).not.toBeNull()
    store.undo()
    expect(shown()).toEqual(['b', '-c', 'a!'])
  })
  it('a single one that is left is the action itself', async () => {
    const { store, id, step, shown, document } = await storeWith(['a', 0], ['b', 0])
    store.run('tickStep', { id: step('a').id, done: true })
    const rest = idOf(store.run('tickKeepingRest', { id })) as Id<'action'>
    expect(recordIn(document(), rest)?.title).toBe('b')
    expect([shown(), shown(rest)]).toEqual([['a!'], []])
  })
  it('of one that comes back, the next has all of its steps', async () => {
    const { store, id, shown } = await storeWith(['a', 0], ['b', 0])
    store.run('setRepeat', { id, repeat: { rule: 'FREQ=DAILY', fromDone: false, time: null } })
    store.run('tickKeepingRest', { id })
    expect(shown(`${id}~2026-03-12`)).toEqual(['a', 'b'])
  })
})
