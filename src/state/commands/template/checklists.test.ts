import { recordIn } from '@/core/journal'
import type { Id } from '@/core/record'
import { allChecklists, checklistsIn, checklistRunsOf } from '../../read/checklists'
import { stepsOf } from '../../read/ownedIndexes'
import { makeTestStore } from '../../testing'

async function shopList() {
  const store = makeTestStore()
  await store.load()
  const made = store.run('addChecklist', { name: ' Market ' })
  if (!made.ok || made.value[0]?.kind !== 'added') throw new Error('no checklist')
  const id = made.value[0].record.id as Id<'checklist'>
  store.run('addSteps', { ownerId: id, titles: ['bread', 'leeks', 'tape'] })
  const document = () => store.api.getState().document
  const tick = (...titles: string[]) =>
    titles.forEach((title) => {
      const step = stepsOf(document(), id).find((each) => each.title === title)
      store.run('tickStep', { id: step?.id ?? 'step:none', done: true })
    })
  const open = () =>
    stepsOf(document(), id).flatMap((step) => (step.doneAtEpochMs === null ? [step.title] : []))
  return { store, id, document, tick, open }
}

it('starts afresh with nothing ticked, and keeps what each time came to', async () => {
  const { store, id, document, tick, open } = await shopList()
  tick('bread', 'tape')
  store.run('startAfresh', { id })
  expect(open()).toEqual(['bread', 'leeks', 'tape'])
  store.clock.epochMs += 60_000
  tick('bread', 'leeks', 'tape')
  store.run('startAfresh', { id })
  expect(checklistRunsOf(document(), id).map(({ done, of }) => [done, of])).toEqual([[3, 3], [2, 3]]) // prettier-ignore
  store.undo()
  expect([open(), checklistRunsOf(document(), id).length]).toEqual([[], 1])
})
it('counts no time through where nothing was ticked', async () => {
  const { store, id, document } = await shopList()
  expect(store.run('startAfresh', { id })).toMatchObject({ ok: false, error: { kind: 'nothingToDo' } })
  expect(checklistRunsOf(document(), id)).toEqual([])
})
it('stands alone or in something, in order, under a name', async () => {
  const { store, id, document } = await shopList()
  const action = store.run('addAction', { title: 'site visit' })
  const ownerId = action.ok && action.value[0]?.kind === 'added' ? action.value[0].record.id : 'action:none'
  store.run('addChecklist', { name: 'What to take', ownerId: ownerId as Id<'action'> })
  store.run('addChecklist', { name: 'Closing up', ownerId: ownerId as Id<'action'> })
  const names = (of: Id<'action'> | null) => checklistsIn(document(), of).map(({ name }) => name)
  expect([names(null), names(ownerId as Id<'action'>)]).toEqual([['Market'], ['What to take', 'Closing up']])
  expect(store.run('addChecklist', { name: ' ' })).toMatchObject({ error: { kind: 'empty' } })
  expect(store.run('addChecklist', { name: 'x', ownerId: 'action:none' })).toMatchObject({ ok: false })
  store.run('removeChecklist', { id })
  expect(allChecklists(document())).toHaveLength(2)
  expect(recordIn(document(), id)?.letGoAtEpochMs).not.toBeNull()
  expect(stepsOf(document(), id)).toHaveLength(3)
})
