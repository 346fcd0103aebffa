// One bit turned over anywhere in what is kept, or in a saved file: nothing else goes with it.
import { parseStoreFile } from '@/core/exchange'
import type { Id } from '@/core/record'
import { makeMemoryStore } from '@/state/persistence'
import { makeTestStore } from '@/state/testing'
import { fileOf, held, livedIn, makeRandom, pick, rounds, small } from './parts'

function flip(text: string, random: () => number): string {
  const at = Math.floor(random() * text.length)
  return (
    text.slice(0, at) +
    String.fromCharCode(text.charCodeAt(at) ^ (1 << Math.floor(random() * 7))) +
    text.slice(at + 1)
  )
}

it('a turned bit costs one record at most, and the damage is given out', async () => {
  const random = makeRandom(1)
  const { store, kept } = await livedIn(24)
  const before = new Map(held(store).map((record) => [record.id, JSON.stringify(record)]))
  for (let round = 0; round < rounds(60); round++) {
    const damaged = makeMemoryStore(new Map(kept.held))
    const key = pick(
      random,
      [...damaged.held.keys()].filter((name) => /^(piece|change|meta)/.test(name)),
    )
    damaged.held.set(key, flip(damaged.held.get(key) as string, random))
    const again = makeTestStore(damaged, { limits: small })
    await again.load()
    const lost = [...before].filter(
      ([id, text]) => !held(again).some((record) => record.id === id && JSON.stringify(record) === text),
    )
    expect(lost.length).toBeLessThanOrEqual(1)
    expect(again.api.getState().readOnly).toBe(false)
    // What is shown can be edited.
    for (const { id } of held(again)) {
      if (id.startsWith('slip:'))
        expect(again.run('editSlip', { id: id as Id<'slip'>, text: 'anew' }).ok).toBe(true)
      if (id.startsWith('action:'))
        expect(again.run('editAction', { id: id as Id<'action'>, patch: { minutes: 7 } }).ok).toBe(true)
    }
    while (again.undo()?.act.startsWith('edit')) continue
    again.redo()
    await again.dropQuarantined()
    const after = makeTestStore(damaged, { limits: small })
    await after.load()
    expect(held(after)).toEqual(held(again))
    expect(after.api.getState().quarantined).toEqual([])
  }
})

it('a turned bit in a saved file is refused or harmless, and never an exception', async () => {
  const random = makeRandom(2)
  const { store } = await livedIn(12)
  const text = await fileOf(store)
  for (let round = 0; round < rounds(150); round++) {
    const file = parseStoreFile(flip(text, random))
    if (!file.ok) continue
    const fresh = makeTestStore()
    await fresh.load()
    expect((await fresh.importEntries(file.value.entries, file.value.changes)).ok).toBe(true)
    expect(parseStoreFile(await fileOf(fresh)).ok).toBe(true)
  }
})

it('a value that is no text hides nothing else', async () => {
  const { store, kept } = await livedIn(12)
  const broken = makeMemoryStore(new Map(kept.held))
  broken.held.set('piece/0/zzz/00000', '{"not":"a list"}')
  broken.held.set('change/nonsense', '')
  const again = makeTestStore(broken, { limits: small })
  await again.load()
  expect(held(again)).toEqual(held(store))
})
