// Files and texts made to break things: refused in words or carried whole, and what was let in can be saved and read.
import { lensFileChecks, parseTemplateFile, parseStoreFile } from '@/core/exchange'
import { makeTimestamp, type Change, type Entry } from '@/core/journal'
import { emptyLens, parseLensFile } from '@/core/lens'
import { lensFileFormat, lookOf } from '@/core/lens/lensFile'
import { plainFace } from '@/core/lens/readyMade'
import { currentVersion } from '@/core/migrations'
import { templateFileFormat } from '@/core/template/templateFile'
import type { Id } from '@/core/record'
import { deepestNesting } from '@/core/record/nesting'
import { plainProject } from '@/core/testing/plainShelf'
import { allPartsOf, looseParts } from '@/state/read/projectParts'
import { makeTestStore, testStartEpochMs } from '@/state/testing'
import { fileOf, held, livedIn, makeRandom, rounds } from './parts'

const texts = [
  '\u0000',
  '\ud83d',
  '__proto__',
  'constructor',
  '</script><img src=x>',
  '‮abc',
  'x'.repeat(2000),
  '👩🏽‍❤️‍💋‍👨🏿'.repeat(100),
  'e\u0301'.repeat(900),
  '{"a":1}',
  '\\u0000"\n',
]

it('every text that is let in comes back from one’s own file', async () => {
  const store = makeTestStore()
  await store.load()
  const refusals = texts.flatMap((text) => {
    const outcomes = [
      store.run('setDown', { text }),
      store.run('addAction', { title: text, note: text.repeat(20), link: text }),
      store.run('addProject', { title: text, outcome: text }),
      store.run('addContext', { name: text }),
      store.run('addArea', { name: text, groupId: null }),
      store.run('addPerson', { name: text }),
    ]
    return outcomes.flatMap((outcome) => (outcome.ok ? [] : [outcome.error.kind]))
  })
  expect(refusals.filter((kind) => !['empty', 'tooLong', 'nameTaken'].includes(kind))).toEqual([])
  const file = parseStoreFile(await fileOf(store))
  if (!file.ok) throw new Error(JSON.stringify(file.error))
  const fresh = makeTestStore()
  await fresh.load()
  await fresh.importEntries(file.value.entries, file.value.changes)
  expect(held(fresh)).toEqual(held(store))
})

it('a file is one act: undo takes it back whole, removals too, and reaches into nothing it brought', async () => {
  const { store } = await livedIn(6)
  const before = held(store)
  const gone = before[0]?.id as string
  const stamp = (ms: number) => makeTimestamp(testStartEpochMs + 9e9 + ms, 0, 'file')
  const entries: Entry[] = [
    {
      record: {
        id: 'slip:new',
        text: 'new',
        takenOff: [],
        note: '',
        personIds: [],
        setDownAtEpochMs: 1,
        lineOf: null,
        letGoAtEpochMs: null,
      },
      all: stamp(1),
    },
    { record: { id: gone } as never, all: '' as never, removed: stamp(2) },
  ]
  const journal: Change[] = [
    { stamp: stamp(1), act: 'setDown', diff: [{ kind: 'added', record: entries[0]?.record as never }] },
  ]
  expect((await store.wouldImport(entries)).map(({ kind }) => kind).sort()).toEqual(['added', 'removed'])
  await store.importEntries(entries, journal)
  expect(held(store).map(({ id }) => id)).toEqual(expect.arrayContaining(['slip:new']))
  expect(held(store).some(({ id }) => id === gone)).toBe(false)
  expect(store.undo()?.act).toBe('bringIn')
  expect(held(store)).toEqual(before)
  expect((await store.journal()).changes.map(({ stamp: each }) => each)).toContain(stamp(1))
})

it('two journals that overlap merge without loss, in either order', async () => {
  const { store } = await livedIn(10)
  const fork = parseStoreFile(await fileOf(store))
  if (!fork.ok) throw new Error('fork')
  const other = makeTestStore(undefined, { replica: 'other', device: 'other' })
  await other.load()
  await other.importEntries(fork.value.entries, fork.value.changes)
  for (let index = 0; index < 5; index++) {
    other.run('setDown', { text: `there ${index}` })
    store.run('setDown', { text: `here ${index}` })
  }
  await Promise.all([store.settled(), other.settled()])
  const [mine, theirs] = [parseStoreFile(await fileOf(store)), parseStoreFile(await fileOf(other))]
  if (!mine.ok || !theirs.ok) throw new Error('files')
  await store.importEntries(theirs.value.entries, theirs.value.changes)
  await other.importEntries(mine.value.entries, mine.value.changes)
  expect(held(other)).toEqual(held(store))
  const stampsOf = async (of: typeof store) =>
    new Set((await of.journal()).changes.filter(({ brought }) => !brought).map(({ stamp }) => stamp))
  expect(await stampsOf(other)).toEqual(await stampsOf(store))
})

it('random rubbish is refused, in the shape of a fault', () => {
  const random = makeRandom(3)
  const any = (depth: number): unknown => {
    const kinds = [null, true, random() * 1e20, String(random()), [], {}]
    const value = kinds[Math.floor(random() * kinds.length)]
    if (depth > 4 || typeof value !== 'object' || value === null) return value
    return Array.isArray(value)
      ? [any(depth + 1), any(depth + 1)]
      : {
          [`k${random()}`]: any(depth + 1),
          id: any(depth + 1),
          record: any(depth + 1),
          stamp: any(depth + 1),
          diff: any(depth + 1),
        }
  }
  for (let round = 0; round < rounds(300); round++) {
    const file = parseStoreFile(
      JSON.stringify({ format: 'zen-tray store', version: 1, records: [any(0)], changes: [any(0)] }),
    )
    expect(file.ok ? 'read' : file.error.kind).toMatch(/shape|tooDeep|hostileKey/)
  }
})

describe('a file of a kind that is a word of the language', () => {
  it.each(['constructor:x', '__proto__:x', 'toString:x', 'hasOwnProperty:x', 'valueOf:x'])(
    'with a record %s is read or refused in words, and never throws',
    async (id) => {
      const stamp = makeTimestamp(testStartEpochMs, 0, 'file')
      const text = JSON.stringify({
        format: 'zen-tray store',
        version: currentVersion,
        records: [{ record: { id, title: 'x', areaId: 'area:a' }, all: stamp }],
        changes: [],
      })
      const file = parseStoreFile(text)
      if (!file.ok) return
      const store = makeTestStore()
      await store.load()
      expect((await store.importEntries(file.value.entries, file.value.changes)).ok).toBe(true)
      expect(parseStoreFile(await fileOf(store)).ok).toBe(true)
    },
  )
})

describe('things within one another without end', () => {
  const chain = (length: number): Entry[] =>
    Array.from({ length }, (_, at) => ({
      record: {
        ...plainProject,
        id: `project:p${at}`,
        parentId: at === 0 ? null : `project:p${at - 1}`,
      } as never,
      all: makeTimestamp(testStartEpochMs, 0, 'file'),
    }))

  it('are refused in words where a file is read', () => {
    const text = (entries: readonly Entry[]) =>
      JSON.stringify({ format: 'zen-tray store', version: currentVersion, records: entries, changes: [] })
    expect(parseStoreFile(text(chain(31))).ok).toBe(true)
    expect(parseStoreFile(text(chain(2900)))).toMatchObject({ error: { kind: 'tooDeep' } })
    const template = chain(2900).map(({ record }) => ({ ...record, state: 'template', makes: 'project' }))
    const file = JSON.stringify({
      format: templateFileFormat,
      version: currentVersion,
      records: template,
      names: {},
    })
    expect(parseTemplateFile(file, () => null)).toMatchObject({ ok: false })
  })
  it('of a store that an earlier version wrote stand for themselves, and all of them are shown', async () => {
    const store = makeTestStore()
    await store.load()
    await store.importEntries(chain(3000), [])
    const { document } = store.api.getState()
    const loose = looseParts(document)
    const shown = ['project:p0' as const, ...loose.map(({ id }) => id)].flatMap((id) => [
      id,
      ...allPartsOf(document, id).map((part) => part.id),
    ])
    expect(new Set(shown).size).toBe(3000)
    expect(shown).toHaveLength(3000)
  })
  it('are refused where they are put within one another', async () => {
    const store = makeTestStore()
    await store.load()
    let parentId: Id<'project'> | null = null
    let depth = 0
    for (;;) {
      const made: ReturnType<typeof store.run> = store.run('addProject', { title: `part ${depth}`, parentId })
      if (!made.ok) {
        expect(made.error).toEqual({ kind: 'nestedTooDeep', limit: deepestNesting })
        break
      }
      depth++
      parentId = (made.value[0] as { record: { id: Id<'project'> } }).record.id
    }
    expect(depth).toBe(deepestNesting + 1)
    expect(parseStoreFile(await fileOf(store)).ok).toBe(true)
  })
})

it('a file of a lens with a word of the language for a sort is refused, and no such key is ever kept', async () => {
  const store = makeTestStore()
  await store.load()
  const look = lookOf({ letters: 'X', ink: 0, ...plainFace, limits: {}, columns: {}, shows: {} })
  const file = (sorts: unknown) =>
    JSON.stringify({
      format: lensFileFormat,
      version: 1,
      name: 'x',
      names: {},
      look,
      lens: { ...emptyLens, sorts },
    })
  const names = { nameOf: () => null, idsCalled: () => [] } as never
  expect(parseLensFile(file([]), names, lensFileChecks).ok).toBe(true)
  for (const by of ['constructor', '__proto__', 'toString', 'nonsense'])
    expect(parseLensFile(file([{ by, down: false }]), names, lensFileChecks)).toMatchObject({ ok: false })
  const hostile = { ...emptyLens, sorts: [{ by: 'constructor', down: false }] } as never
  expect(store.run('addLens', { name: 'x', lens: hostile })).toMatchObject({ ok: false })
  expect(store.run('setSettings', { keys: JSON.parse('{"constructor":"x"}') })).toMatchObject({ ok: false })
  expect(parseStoreFile(await fileOf(store)).ok).toBe(true)
})
