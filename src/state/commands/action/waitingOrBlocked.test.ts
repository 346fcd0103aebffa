// What is with somebody else, and what is blocked until another is done.
import fc from 'fast-check'
import { recordIn, recordsById, recordsIn } from '@/core/journal'
import { anyReach } from '@/core/day'
import type { Id } from '@/core/record'
import { calendarDateUnsafe as day } from '@/core/time'
import { dayBandsWith, blockedOf, toSignOffOf, waitingOf } from '../../read/actionIndexes'
import { remarksOf } from '../../read/ownedIndexes'
import { makeTestStore } from '../../testing'

const today = day('2026-03-11')
const waiting = { personId: null, whom: 'Oda', since: today, chaseOn: today, how: '', toSignOff: false }

async function storeWith(...titles: string[]) {
  const store = makeTestStore()
  await store.load()
  const ids = titles.map((title) => {
    const made = store.run('addAction', { title, day: today })
    if (!made.ok || made.value[0]?.kind !== 'added') throw new Error('not made')
    return made.value[0].record.id as Id<'action'>
  })
  const document = () => store.api.getState().document
  const bands = () => dayBandsWith(today, anyReach).planned(document())
  return { store, ids, document, bands, [0]: ids[0] as Id<'action'>, [1]: ids[1] as Id<'action'> }
}

describe('asking after something', () => {
  it('remarks what was said and asks again on the next day, in one act', async () => {
    const { store, 0: id, document, bands } = await storeWith('quote')
    store.run('setWaiting', { id, waiting })
    expect(bands().chase.map(({ title }) => title)).toEqual(['quote'])
    const before = recordsById(document())
    store.run('chase', { id, said: 'on Monday, she says', next: day('2026-03-16') })
    expect(bands().chase).toEqual([])
    expect(recordIn(document(), id)?.waiting).toEqual({ ...waiting, chaseOn: '2026-03-16' })
    expect(remarksOf(document(), id)).toMatchObject([{ text: 'on Monday, she says', date: today }])
    store.undo()
    expect(recordsById(document())).toEqual(before)
  })
  it('says that it was asked where nothing was said, and no more where no day is given', async () => {
    const { store, 0: id, document } = await storeWith('quote')
    store.run('setWaiting', { id, waiting })
    store.run('chase', { id, said: '  ', next: null })
    expect(remarksOf(document(), id)).toHaveLength(1)
    expect(recordIn(document(), id)?.waiting?.chaseOn).toBeNull()
  })
  it('is refused of what waits for nobody', async () => {
    const { store, 0: id } = await storeWith('quote')
    expect(store.run('chase', { id, said: '', next: null }).ok).toBe(false)
  })
})

it('what is to be signed off stands in its own list, on no day, and is asked after like the rest', async () => {
  const { store, 0: id, document, bands } = await storeWith('report')
  store.run('editAction', { id, patch: { waiting: { ...waiting, toSignOff: true } } })
  expect([toSignOffOf(document()).length, waitingOf(document()).length]).toEqual([1, 0])
  expect([bands().picked.length, bands().chase.length]).toEqual([0, 1])
  store.run('tick', { id })
  expect(toSignOffOf(document())).toEqual([])
})

describe('an action after another', () => {
  it('is out of the day until that is ticked, let go or pushed into another; undo blocks it again', async () => {
    const {
      store,
      ids,
      0: first,
      1: second,
      document,
      bands,
    } = await storeWith('clear the loft', 'paint it', 'c')
    store.run('blockAction', { id: second, afterId: first })
    expect(bands().picked.map(({ title }) => title)).toEqual(['clear the loft', 'c'])
    expect(blockedOf(document()).map(({ title }) => title)).toEqual(['paint it'])
    for (const act of ['tick', 'letGo'] as const) {
      store.run(act, { id: first })
      expect(bands().picked.map(({ title }) => title)).toContain('paint it')
      store.undo()
      expect(bands().picked.map(({ title }) => title)).not.toContain('paint it')
    }
    store.run('pushIntoSteps', { id: first, ofId: ids[2] as Id<'action'> })
    expect(recordIn(document(), second)?.afterIds).toEqual([])
  })
  it('waits for all of several', async () => {
    const { store, ids, document } = await storeWith('a', 'b', 'c')
    const [a, b, c] = ids as [Id<'action'>, Id<'action'>, Id<'action'>]
    store.run('blockAction', { id: c, afterId: a })
    store.run('blockAction', { id: c, afterId: b })
    store.run('tick', { id: a })
    expect(blockedOf(document())).toHaveLength(1)
    store.run('tick', { id: b })
    expect(blockedOf(document())).toEqual([])
  })
  it('is refused after itself and in a ring, with the way named', async () => {
    const { store, ids } = await storeWith('a', 'b', 'c')
    const [a, b, c] = ids as [Id<'action'>, Id<'action'>, Id<'action'>]
    store.run('blockAction', { id: b, afterId: a })
    store.run('blockAction', { id: c, afterId: b })
    expect(store.run('blockAction', { id: a, afterId: c })).toMatchObject({
      ok: false,
      error: { kind: 'ring', way: ['a', 'c', 'b', 'a'] },
    })
    expect(store.run('blockAction', { id: a, afterId: a })).toMatchObject({
      ok: false,
      error: { kind: 'ring' },
    })
  })
  it('never comes to stand in a ring, whatever is blocked after what', async () => {
    const { store, ids, document } = await storeWith('a', 'b', 'c', 'd', 'e')
    const pair = fc.tuple(fc.nat(4), fc.nat(4))
    fc.assert(
      fc.property(fc.array(pair, { maxLength: 12 }), (pairs) => {
        for (const [one, other] of pairs)
          store.run('blockAction', { id: ids[one] as Id<'action'>, afterId: ids[other] as Id<'action'> })
        const left = new Map(
          recordsIn(document(), 'action').map(({ id, afterIds }) => [id, new Set(afterIds)]),
        )
        // What nothing blocks is taken out, again and again: a ring would be left over.
        for (let free = true; free;) {
          const next = [...left].find(([, after]) => after.size === 0)?.[0]
          free = next !== undefined
          if (next) left.delete(next)
          for (const after of left.values()) if (next) after.delete(next)
        }
        expect([...left.keys()]).toEqual([])
        for (const id of ids)
          for (const afterId of recordIn(document(), id)?.afterIds ?? [])
            store.run('unblockAction', { id, afterId })
      }),
      { seed: 67, numRuns: 100 },
    )
  })
})

describe('remarks', () => {
  it('stand in the order of their days, are changed and taken off, and go along with a push', async () => {
    const { store, 0: first, 1: second, document } = await storeWith('a', 'b')
    store.run('addRemark', { ownerId: first, text: ' later ', date: day('2026-03-11') })
    store.run('addRemark', { ownerId: first, text: 'earlier', date: day('2026-03-02') })
    expect(remarksOf(document(), first).map(({ text }) => text)).toEqual(['earlier', 'later'])
    const [remark] = remarksOf(document(), first)
    if (!remark) throw new Error('none')
    expect(store.run('editRemark', { id: remark.id, patch: { text: ' ' } }).ok).toBe(false)
    store.run('pushIntoSteps', { id: first, ofId: second })
    expect(remarksOf(document(), second)).toHaveLength(2)
    store.run('removeRemark', { id: remark.id })
    expect(remarksOf(document(), second).map(({ text }) => text)).toEqual(['later'])
  })
  it('an empty one is refused', async () => {
    const { store, 0: id } = await storeWith('a')
    expect(store.run('addRemark', { ownerId: id, text: ' \n ' })).toMatchObject({ error: { kind: 'empty' } })
  })
  it('of a person go with the person, and come back with them', async () => {
    const { store, document } = await storeWith()
    const made = store.run('addPerson', { name: 'Oda' })
    const id = made.ok && made.value[0]?.kind === 'added' ? (made.value[0].record.id as Id<'person'>) : null
    if (!id) throw new Error('not made')
    store.run('addRemark', { ownerId: id, text: 'likes felt' })
    store.run('removeNamed', { id })
    expect(recordsIn(document(), 'remark')).toEqual([])
    store.undo()
    expect(recordsIn(document(), 'remark')).toHaveLength(1)
  })
})

it('is said with what else changes, as one change; a ring is refused and nothing of it is done', async () => {
  const { store, 0: first, 1: second, document } = await storeWith('quotes', 'order')
  const before = recordsById(document())
  store.run('editAction', { id: second, patch: { minutes: 20 }, parts: { after: [first] } })
  expect(recordIn(document(), second)).toMatchObject({ minutes: 20, afterIds: [first] })
  const ring = store.run('editAction', { id: first, patch: { minutes: 5 }, parts: { after: [second] } })
  expect(ring).toMatchObject({ ok: false, error: { kind: 'ring', way: ['quotes', 'order', 'quotes'] } })
  expect(recordIn(document(), first)?.minutes).toBeNull()
  store.run('editAction', { id: second, patch: {}, parts: { noAfter: true } })
  expect(blockedOf(document())).toEqual([])
  store.undo()
  store.undo()
  expect(recordsById(document())).toEqual(before)
})
