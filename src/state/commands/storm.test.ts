// A storm of random acts over every command there is, with undo and redo in between. Laws: undo gives back the exact
// records, redo does the same again; nothing points at what is gone; one's own file is never refused.
import { parseStoreFile, toStoreFile } from '@/core/exchange'
import { makeRandom } from '@/core/random'
import { makeTestStore } from '../testing'
import { actNames, acts, held, makeDice, pointlessIn } from './randomActs'
import type { CommandName } from '.'

const makers: readonly CommandName[] = ['setDown', 'addAction', 'addProject', 'addArea', 'addPerson', 'addContext', 'addMeetingNote', 'addChecklist', 'addTemplate'] // prettier-ignore

it.each([1, 2, 3, 4, 8])('of 300 acts, the %ith', async (seed) => {
  const random = makeRandom(2100 + seed)
  const store = makeTestStore()
  await store.load()
  const dice = makeDice(store, random)
  const start = held(store)
  const before: ReturnType<typeof held>[] = []
  const undone: ReturnType<typeof held>[] = []
  const done = new Set<string>()
  for (let acted = 0; acted < 300;) {
    const turn = random()
    if (turn < 0.12 && before.length > 0) {
      const now = held(store)
      store.undo()
      expect(held(store)).toEqual(before.pop())
      undone.push(now)
      continue
    }
    if (turn < 0.18 && undone.length > 0) {
      const now = held(store)
      store.redo()
      expect(held(store)).toEqual(undone.pop())
      before.push(now)
      continue
    }
    const name = random() < 0.25 ? dice.oneOf(makers) : dice.oneOf(actNames)
    const now = held(store)
    store.clock.epochMs += 60_000
    const outcome = store.run(name, acts[name](dice) as never)
    if (!outcome.ok) {
      expect(held(store)).toEqual(now)
      acted += 0.1
      continue
    }
    done.add(name)
    acted++
    before.push(now)
    undone.length = 0
    expect([name, pointlessIn(held(store))]).toEqual([name, []])
  }
  while (store.redo() !== null) continue
  const end = held(store)
  expect(done.size).toBeGreaterThan(60)
  const { changes } = await store.journal()
  const file = parseStoreFile(toStoreFile(store.api.getState().document, changes, 0))
  expect(file.ok ? 'read' : file.error).toBe('read')
  while (store.undo() !== null) continue
  expect(held(store)).toEqual(start)
  while (store.redo() !== null) continue
  expect(held(store)).toEqual(end)
})
