import { recordsIn } from '@/core/journal'
import type { Id } from '@/core/record'
import { openActionsOf } from './actionIndexes'
import { hasBothSides, ofSide, type SideChoice } from './sides'
import { makeTestStore } from '../testing'

it('shows one side and what is on none; both where both are chosen, and follows what is moved', async () => {
  const store = makeTestStore()
  await store.load()
  const document = () => store.api.getState().document
  const last = (kind: 'group' | 'area' | 'project') => recordsIn(document(), kind).at(-1)?.id
  const on: Record<string, Id<'area'>> = {}
  for (const side of ['work', 'private'] as const) {
    expect(hasBothSides(document())).toBe(false)
    store.run('addGroup', { name: side, side })
    const groupId = recordsIn(document(), 'group').find(({ name }) => name === side)?.id ?? null
    store.run('addArea', { name: side, groupId })
    on[side] = recordsIn(document(), 'area').find(({ name }) => name === side)?.id as Id<'area'>
    store.run('addAction', { title: side, areaId: on[side] })
  }
  expect(hasBothSides(document())).toBe(true)
  store.run('addAction', { title: 'loose' })
  store.run('addProject', { title: 'garden', areaId: on['private'] ?? null })
  const garden = last('project') as Id<'project'>
  store.run('addAction', { title: 'dig', projectId: garden })
  const shown = (side: SideChoice) =>
    ofSide(document(), side, openActionsOf(document()))
      .map(({ title }) => title)
      .sort()
  expect(shown('work')).toEqual(['loose', 'work'])
  expect(shown('private')).toEqual(['dig', 'loose', 'private'])
  expect(shown('both')).toEqual(['dig', 'loose', 'private', 'work'])
  const list = openActionsOf(document())
  expect(ofSide(document(), 'work', list)).toBe(ofSide(document(), 'work', list))
  // The project goes to the other side, and its actions with it, though nothing of them is written.
  store.run('editProject', { id: garden, patch: { areaId: on['work'] as Id<'area'> } })
  expect(shown('work')).toEqual(['dig', 'loose', 'work'])
})
