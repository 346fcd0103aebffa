import { emptyDocument, makeTimestamp, recordsById, withChanges, type Change } from '@/core/journal'
import { currentVersion } from '@/core/migrations'
import { plainAction } from '@/core/testing/plainAction'
import { makeArchive, makeMemoryStore, storageErrorOf } from '.'
import { isActionSegment } from './keys'
import { fromChecksummed, toChecksummed } from './checksummed'

const brought = (ms: number): Change => ({
  stamp: makeTimestamp(ms, 0, 'bbbb'),
  act: 'bringIn',
  brought: true,
  diff: [],
})
const limits = { changes: 4, segments: 2, chunkSize: 3 }
const slip = (name: string, text: string) => ({
  id: `slip:${name}` as const,
  text,
  takenOff: [],
  note: '',
  personIds: [],
  setDownAtEpochMs: 1,
  lineOf: null,
  letGoAtEpochMs: null,
})
const change = (ms: number, name: string, text = name): Change => ({
  stamp: makeTimestamp(ms, 0, 'aaaa'),
  act: 'setDown',
  diff: [{ kind: 'added', record: slip(name, text) }],
})
const edit = (ms: number, name: string, from: string, to: string): Change => ({
  stamp: makeTimestamp(ms, 0, 'aaaa'),
  act: 'editSlip',
  diff: [{ kind: 'updated', id: `slip:${name}`, fields: { text: [from, to] } }],
})
const shown = (changes: readonly Change[]) => [...recordsById(withChanges(emptyDocument, changes)).values()]

async function filled(changes: readonly Change[]) {
  const store = makeMemoryStore()
  const archive = makeArchive(store, limits)
  await archive.load()
  for (const each of changes) {
    await archive.append([each])
    await archive.compact()
  }
  return { store, archive }
}
const keysUnder = (held: Map<string, string>, prefix: string) =>
  [...held.keys()].filter((key) => key.startsWith(prefix)).sort()

const many = Array.from({ length: 23 }, (_, index) =>
  index % 3 === 2 ? edit(index, `s${index - 1}`, `s${index - 1}`, 'changed') : change(index, `s${index}`),
)

describe('the archive', () => {
  it('gives back the same document, however much of it was compacted and gathered', async () => {
    for (let count = 0; count <= many.length; count++) {
      const { store } = await filled(many.slice(0, count))
      const loaded = await makeArchive(store, limits).load()
      expect([...recordsById(loaded.document).values()]).toEqual(shown(many.slice(0, count)))
      expect(loaded.quarantined).toEqual([])
    }
  })
  it('keeps few keys: changes are compacted, segments are gathered into higher tiers', async () => {
    const { store } = await filled(many)
    expect(keysUnder(store.held, 'change/').length).toBeLessThan(limits.changes)
    const tiers = new Set(keysUnder(store.held, 'piece/').map((key) => key.split('/')[1]))
    expect(Math.max(...[...tiers].map(Number))).toBeGreaterThanOrEqual(1)
    for (const tier of tiers) {
      const segments = new Set(keysUnder(store.held, `piece/${tier}/`).map((key) => key.split('/')[2]))
      expect(segments.size).toBeLessThanOrEqual(limits.segments)
    }
  })
  it('of a newer version is not compacted, however much there is to compact', async () => {
    const { store } = await filled([])
    const archive = makeArchive(store, { ...limits, changes: 100 })
    await archive.load()
    for (const each of many) await archive.append([each])
    store.held.set('meta', toChecksummed({ format: currentVersion + 1 }))
    const before = new Map(store.held)
    const older = makeArchive(store, limits)
    expect((await older.load()).newerFormat).toBe(true)
    await older.compact()
    expect(store.held).toEqual(before)
  })
  it('loses no change of the history by compacting', async () => {
    const { archive } = await filled(many)
    const stamps = new Set((await archive.load()).recent.map(({ stamp }) => stamp))
    for await (const { changes } of archive.history()) changes.forEach(({ stamp }) => stamps.add(stamp))
    expect([...stamps].sort()).toEqual(many.map(({ stamp }) => stamp))
  })
  it('compacts nothing twice into something else: a compaction cut off after its first write is repeated harmlessly', async () => {
    const { store } = await filled(many.slice(0, 3))
    const stuck = makeArchive(
      {
        ...store,
        removeMany: async () => {
          throw new Error('killed')
        },
      },
      limits,
    )
    await stuck.append([many[3] as Change])
    await expect(stuck.compact()).rejects.toThrow('killed')
    const again = makeArchive(store, limits)
    await again.compact()
    expect([...recordsById((await again.load()).document).values()]).toEqual(shown(many.slice(0, 4)))
  })
  it('takes records and journal in whole, and never over what is there', async () => {
    const { store, archive } = await filled(many.slice(0, 5))
    const other = [change(100, 'other'), edit(101, 's0', 's0', 'from elsewhere')]
    const entries = [...withChanges(emptyDocument, other).slip.buckets].flatMap((bucket) => [
      ...(bucket?.values() ?? []),
    ])
    await archive.absorb(entries, other, brought(200))
    await archive.absorb([], [], brought(201))
    expect([...recordsById((await makeArchive(store, limits).load()).document).values()]).toEqual(
      shown([...many.slice(0, 5), ...other]),
    )
  })
  it('tells what another tab has kept since, compacted meanwhile or not, and never twice', async () => {
    const { store, archive } = await filled(many.slice(0, 2))
    const other = makeArchive(store, limits, 'other')
    await other.load()
    const stampsOf = async () => {
      const news = await archive.news()
      return news.kind === 'more' ? [...new Set(news.changes.map(({ stamp }) => stamp))].sort() : news.kind
    }
    await other.append([many[2] as Change])
    expect(await stampsOf()).toEqual([many[2]?.stamp])
    for (const each of many.slice(3, 9)) {
      await other.append([each])
      await other.compact()
    }
    expect(await stampsOf()).toEqual(expect.arrayContaining(many.slice(3, 9).map(({ stamp }) => stamp)))
    expect(await stampsOf()).toEqual([])
    await other.wipe(makeTimestamp(500, 0, 'bbbb'))
    expect(await stampsOf()).toBe('wiped')
  })
  it('shows everything but the actions before these are read, and reads again where one of their parts has gone', async () => {
    const mixed = many.flatMap((each, index): Change[] => [
      each,
      {
        stamp: makeTimestamp(1000 + index, 0, 'aaaa'),
        act: 'addAction',
        diff: [{ kind: 'added', record: { ...plainAction, id: `action:a${index}` } }],
      },
    ])
    const { store, archive } = await filled(mixed)
    const actionKeys = keysUnder(store.held, 'piece/').filter(isActionSegment)
    expect(actionKeys.length).toBeGreaterThan(3)
    const firsts: [records: number, partsRead: number][] = []
    let partsRead = 0
    const opening = makeArchive(
      {
        ...store,
        getMany: async (keys) => {
          partsRead += keys.filter(isActionSegment).length
          if (firsts.length === 1 && keys.some(isActionSegment)) {
            // Another tab gathers everything at this very moment.
            for (const each of Array.from({ length: 8 }, (_, index) => change(5000 + index, `t${index}`))) {
              await archive.append([each])
              await archive.compact()
            }
          }
          return store.getMany(keys)
        },
      },
      limits,
    )
    const loaded = await opening.load((document) =>
      firsts.push([
        [...recordsById(document).keys()].filter((id) => id.startsWith('slip:')).length,
        partsRead,
      ]),
    )
    const whole = (await makeArchive(store, limits).load()).document
    expect(recordsById(loaded.document)).toEqual(recordsById(whole))
    expect(firsts[0]).toEqual([shown(many).length, 0])
    expect(firsts.length).toBeGreaterThan(1)
  })
  it('reads again when the ground moves under a start: a tab opened while another compacts misses nothing', async () => {
    const { store } = await filled([])
    const folder = makeArchive(store, limits, 'folder')
    await folder.append(many.slice(0, 20))
    let moved = false
    const opening = makeArchive(
      {
        ...store,
        getMany: async (keys) => {
          if (!moved && keys.length > 1) {
            moved = true
            await folder.compact()
          }
          return store.getMany(keys)
        },
      },
      limits,
    )
    expect([...recordsById((await opening.load()).document).values()]).toEqual(shown(many.slice(0, 20)))
    expect(moved).toBe(true)
  })
  it('compacts the same changes in two tabs at once without losing one', async () => {
    const { store } = await filled([])
    const [left, right] = [makeArchive(store, limits, 'left'), makeArchive(store, limits, 'right')]
    await left.append(many)
    await Promise.all([left.compact(), right.compact()])
    await Promise.all([right.compact(), left.compact()])
    expect([...recordsById((await makeArchive(store, limits).load()).document).values()]).toEqual(shown(many))
  })
  it('brings nothing back that is wiped while another tab compacts', async () => {
    for (let at = 1; at < 8; at++) {
      const { store } = await filled([])
      const wiper = makeArchive(store, limits, 'wiper')
      let calls = 0
      const wipeAt = async () => {
        if (calls++ === at) await wiper.wipe(makeTimestamp(900, 0, 'bbbb'))
      }
      const folder = makeArchive(
        {
          ...store,
          getMany: async (keys) => (await wipeAt(), store.getMany(keys)),
          setMany: async (values) => (await wipeAt(), store.setMany(values)),
          removeMany: async (keys) => (await wipeAt(), store.removeMany(keys)),
        },
        limits,
        'folder',
      )
      await folder.append(many.slice(0, 9))
      await folder.compact()
      await makeArchive(store, limits).load()
      if (calls > at)
        expect([...store.held.keys()].filter((key) => !key.startsWith('change/'))).toEqual(['meta'])
    }
  })
  it('quarantines a damaged segment, keeps the sound records in it, and gains the rest back from the history', async () => {
    const { store } = await filled(many)
    const [key] = keysUnder(store.held, 'piece/') as [string]
    const text = store.held.get(key) as string
    const damaged = text.replace('"takenOff":[]', '"takenOff":"?"')
    for (const broken of [damaged, text.slice(0, 60), text.replace('changed', 'chbnged')]) {
      store.held.set(key, broken)
      const archive = makeArchive(store, limits)
      expect([...recordsById((await archive.load()).document).values()]).toEqual(shown(many))
      expect(await archive.quarantined()).toEqual([{ key, text: broken }])
      await archive.dropQuarantined()
      const again = await makeArchive(store, limits).load()
      expect([...recordsById(again.document).values()]).toEqual(shown(many))
      expect(again.quarantined).toEqual([])
    }
  })
  it('keeps the sound records of a damaged segment where no history can help, also once it is removed', async () => {
    const { store } = await filled(many)
    const before = shown(many).length
    for (const key of keysUnder(store.held, 'history/')) store.held.delete(key)
    const [key] = keysUnder(store.held, 'piece/') as [string]
    store.held.set(key, (store.held.get(key) as string).replace('"takenOff":[]', '"takenOff":"?"'))
    const archive = makeArchive(store, limits)
    await archive.load()
    await archive.dropQuarantined()
    expect(recordsById((await makeArchive(store, limits).load()).document).size).toBe(before - 1)
  })
  it('never compacts or gathers what is not sound', async () => {
    const { store } = await filled(many.slice(0, 3))
    const [key] = keysUnder(store.held, 'change/') as [string]
    const damaged = (store.held.get(key) as string).replace('"s0"', '"s"')
    store.held.set(key, damaged)
    const archive = makeArchive(store, limits)
    await archive.append([many[3] as Change])
    await archive.compact()
    expect(store.held.get(key)).toBe(damaged)
    const segments = await filled(many.slice(0, 4))
    const [segment] = keysUnder(segments.store.held, 'piece/0/') as [string]
    const broken = (segments.store.held.get(segment) as string).slice(0, 50)
    segments.store.held.set(segment, broken)
    await segments.archive.append(many.slice(4, 8))
    await segments.archive.compact()
    await segments.archive.compact()
    expect(keysUnder(segments.store.held, 'piece/1/')).not.toEqual([])
    expect(segments.store.held.get(segment)).toBe(broken)
  })
  it('writes before it removes: a compaction that cannot write leaves every change where it is', async () => {
    const { store } = await filled(many.slice(0, 3))
    const full = makeArchive(
      {
        ...store,
        setMany: async () => {
          throw new DOMException('x', 'QuotaExceededError')
        },
      },
      limits,
    )
    await makeArchive(store, limits).append([many[3] as Change])
    await expect(full.compact()).rejects.toThrow()
    expect(keysUnder(store.held, 'change/')).toHaveLength(4)
  })
  it('reads of a record’s history only the portions that tell of it, with or without the list beside them', async () => {
    const { store } = await filled(many)
    const portions = keysUnder(store.held, 'history/')
    const told = portions.filter((key) => store.held.get(key)?.includes('"slip:s6"'))
    expect([told.length > 0, told.length < portions.length]).toEqual([true, true])
    const readOf = async (archive: ReturnType<typeof makeArchive>, read: string[]) => {
      read.length = 0
      const changes: Change[] = []
      for await (const portion of archive.historyOf(new Set(['slip:s6']))) changes.push(...portion.changes)
      const mine = changes.filter(({ diff }) =>
        diff.some((part) => ('record' in part ? part.record.id : part.id) === 'slip:s6'),
      )
      return [mine.map(({ stamp }) => stamp), read.filter((key) => key.startsWith('history/')).sort()]
    }
    const read: string[] = []
    const spied = {
      ...store,
      getMany: async (keys: readonly string[]) => (read.push(...keys), store.getMany(keys)),
    }
    const expected = [
      many.filter(({ diff }) => JSON.stringify(diff).includes('"slip:s6"')).map(({ stamp }) => stamp),
      told,
    ]
    expect(await readOf(makeArchive(spied, limits), read)).toEqual(expected)
    for (const key of keysUnder(store.held, 'index/')) store.held.delete(key)
    const without = makeArchive(spied, limits)
    expect((await readOf(without, read))[0]).toEqual(expected[0])
    expect(await readOf(without, read)).toEqual(expected)
  })
  it('finds the history that another tab has compacted or brought in, once its news were taken', async () => {
    const { store, archive } = await filled([])
    const other = makeArchive(store, limits, 'other')
    await other.load()
    for (const each of many.slice(0, 8)) {
      await other.append([each])
      await other.compact()
    }
    await other.absorb([], [change(600, 'elsewhere')], brought(700))
    const told = async (id: string) => {
      const stamps: string[] = []
      for await (const { changes } of archive.historyOf(new Set([id])))
        stamps.push(
          ...changes.filter(({ diff }) => JSON.stringify(diff).includes(id)).map(({ stamp }) => stamp),
        )
      return stamps
    }
    await archive.news()
    expect(await told('slip:s1')).toEqual([many[1]?.stamp, many[2]?.stamp])
    expect(await told('slip:elsewhere')).toEqual([makeTimestamp(600, 0, 'aaaa')])
  })
  it('is empty after a wipe', async () => {
    const { store, archive } = await filled(many)
    await archive.wipe(makeTimestamp(900, 0, 'aaaa'))
    expect([...store.held.keys()]).toEqual(['meta'])
  })
})

describe('a checksummed value', () => {
  it('is whole as written, damaged when one character differs, unreadable when it breaks off', () => {
    const checksummed = toChecksummed({ title: 'Oda’s quote', minutes: 20 })
    expect(fromChecksummed(checksummed)).toEqual({
      kind: 'whole',
      value: { title: 'Oda’s quote', minutes: 20 },
      version: currentVersion,
    })
    expect(fromChecksummed(checksummed.replace('20', '21'))).toMatchObject({
      kind: 'damaged',
      value: { minutes: 21 },
    })
    expect(fromChecksummed(checksummed.slice(0, -3))).toEqual({ kind: 'unreadable' })
    expect(fromChecksummed('{"no":"seal"}')).toMatchObject({ kind: 'damaged' })
  })
})

it.each([
  [new DOMException('x', 'QuotaExceededError'), 'storageFull'],
  [
    Object.assign(new Error('The current transaction exceeded its quota limitations.'), {
      type: 'WebStorageError',
    }),
    'storageFull',
  ],
  [new Error('outer', { cause: new DOMException('x', 'SecurityError') }), 'storageBlocked'],
  [new Error('something else'), 'storageFailed'],
  ['a text', 'storageFailed'],
])('storage trouble %#: %s', (cause, code) => expect(storageErrorOf(cause).code).toBe(code))
