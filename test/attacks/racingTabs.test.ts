// Tabs that fold, start, bring in and wipe at once, their storage calls interleaved at random: what was said to be kept
// is there, and what was wiped is gone.
import { recordsById } from '@/core/journal'
import { makeArchive, makeMemoryStore, type KeyValueStore } from '@/state/persistence'
import { makeTestStore } from '@/state/testing'
import { makeRandom, rounds, small, textsIn, type Random } from './parts'

/** The same storage, each call of which takes a random while. */
function slowed(kept: KeyValueStore, random: Random): KeyValueStore {
  const wait = async () => {
    for (let turns = Math.floor(random() * 6); turns > 0; turns--)
      await new Promise((resolve) => setImmediate(resolve))
  }
  return {
    getAllKeys: async () => (await wait(), kept.getAllKeys()),
    getMany: async (keys) => (await wait(), kept.getMany(keys)),
    setMany: async (values) => (await wait(), kept.setMany(values)),
    removeMany: async (keys) => (await wait(), kept.removeMany(keys)),
    reopen: () => {},
  }
}

it('loses nothing while two tabs write and fold, and a third starts in the midst of it', async () => {
  for (let round = 0; round < rounds(12); round++) {
    const random = makeRandom(100 + round)
    const kept = makeMemoryStore()
    const tab = (name: string) => makeTestStore(slowed(kept, random), { replica: name, limits: small })
    const [left, right] = [tab('left'), tab('right')]
    await Promise.all([left.load(), right.load()])
    const fold = (name: string) => makeArchive(slowed(kept, random), small, name).compact()
    const wanted: string[] = []
    const write = async (store: typeof left, name: string) => {
      for (let index = 0; index < 15; index++) {
        store.run('setDown', { text: `${name} ${index}` })
        wanted.push(`${name} ${index}`)
        await store.settled()
        if (index % 4 === 0) void fold(`${name}${index}`)
      }
    }
    const early = tab('early')
    await Promise.all([write(left, 'left'), write(right, 'right'), early.load()])
    await Promise.all([fold('one1'), fold('two2')])
    await early.catchUp()
    await early.catchUp()
    const late = tab('late')
    await late.load()
    expect(textsIn(late)).toEqual(wanted.sort())
    expect(textsIn(early)).toEqual(wanted)
    const fresh = await makeArchive(kept, small).load()
    expect(recordsById(fresh.document).size).toBe(wanted.length)
  }
})

it('brings nothing back that was wiped while others folded', async () => {
  for (let round = 0; round < rounds(12); round++) {
    const random = makeRandom(500 + round)
    const kept = makeMemoryStore()
    const store = makeTestStore(kept, { limits: small })
    await store.load()
    for (let index = 0; index < 20; index++) store.run('setDown', { text: `slip ${index}` })
    await store.settled()
    const wiper = makeTestStore(slowed(kept, random), { replica: 'wiper', limits: small })
    await wiper.load()
    await Promise.all([makeArchive(slowed(kept, random), small, 'folder').compact(), wiper.wipe()])
    const after = makeTestStore(kept)
    await after.load()
    expect(textsIn(after)).toEqual([])
  }
})
