import { currentVersion } from '../migrations'
import { emptyDocument, makeTimestamp, withChanges, withMerged, type Change } from '../journal'
import { plainAction } from '../testing/plainAction'
import { plainArea, plainGroup } from '../testing/plainShelf'
import { parseStoreFile, storeFileLimitBytes, storeFileParts, toStoreFile, type StoreFileFault } from '.'

const now = Date.UTC(2026, 2, 11)
const group = { ...plainGroup, id: 'group:g' as const }
const area = { ...plainArea, id: 'area:a' as const, groupId: group.id }
const action = { ...plainAction, areaId: 'area:a' as const }
const changes: Change[] = [
  {
    stamp: makeTimestamp(now - 5000, 0, 'aaaa'),
    act: 'addArea',
    diff: [
      { kind: 'added', record: group },
      { kind: 'added', record: area },
    ],
  },
  {
    stamp: makeTimestamp(now - 4000, 0, 'aaaa'),
    act: 'addAction',
    diff: [{ kind: 'added', record: action }],
  },
  {
    stamp: makeTimestamp(now - 3000, 0, 'aaaa'),
    act: 'editAction',
    diff: [{ kind: 'updated', id: action.id, fields: { minutes: [null, 20] } }],
  },
  { stamp: makeTimestamp(now - 2000, 0, 'aaaa'), act: 'removed', diff: [{ kind: 'removed', record: group }] },
]
const document = withChanges(emptyDocument, changes)
const text = toStoreFile(document, changes, now)

it('gives back every record, removed ones too, and the whole journal', () => {
  const file = parseStoreFile(text)
  if (!file.ok) throw new Error(JSON.stringify(file.error))
  expect(toStoreFile(withChanges(emptyDocument, file.value.changes), file.value.changes, now)).toBe(text)
  expect(file.value.entries).toHaveLength(3)
})

it('is written in portions that make one text, however many records there are', () => {
  const many: Change[] = Array.from({ length: 1000 }, (_, index) => ({
    stamp: makeTimestamp(now - 9000 + index, 0, 'aaaa'),
    act: 'addAction',
    diff: [{ kind: 'added', record: { ...plainAction, id: `action:${index}` } }],
  }))
  const parts = [...storeFileParts(withChanges(emptyDocument, many), many, now)]
  expect(parts.length).toBeGreaterThan(8)
  const file = parseStoreFile(parts.join(''))
  expect(file.ok && [file.value.entries.length, file.value.changes.length]).toEqual([1000, 1000])
  expect(JSON.parse([...storeFileParts(emptyDocument, [], now)].join(''))).toMatchObject({
    version: currentVersion,
    records: [],
    changes: [],
  })
})

/** The same file with one thing changed in its parsed form. */
const broken = (
  change: (file: {
    format: unknown
    version: unknown
    records: { record: Record<string, unknown>; all: string }[]
    changes: Change[]
  }) => void,
): string => {
  const file = JSON.parse(text)
  change(file)
  return JSON.stringify(file)
}
const fault = (where: string, why: string) => ({ kind: 'shape', where, why }) as const

const refused: [what: string, text: string, fault: Partial<StoreFileFault>][] = [
  ['nothing', '  ', { kind: 'empty' }],
  ['a file that breaks off', text.slice(0, 400), { kind: 'notJson', offset: 400 }],
  ['no JSON at all', 'once upon a time', { kind: 'notJson' }],
  ['a list', '[]', { kind: 'foreign' }],
  ['null', 'null', { kind: 'foreign' }],
  ['the file of another program', '{"version":1,"items":[]}', { kind: 'foreign' }],
  [
    'a newer format',
    broken((file) => {
      file.version = currentVersion + 1
    }),
    { kind: 'newer', version: currentVersion + 1 },
  ],
  [
    'no version',
    broken((file) => {
      file.version = 'one'
    }),
    fault('version', 'expected a whole number'),
  ],
  [
    'records that are no list',
    broken((file) => {
      file.records = {} as never
    }),
    fault('records', 'expected a list'),
  ],
  [
    'text where a number belongs',
    broken((file) => {
      ;(file.records[0] as { record: Record<string, unknown> }).record['minutes'] = '20'
    }),
    fault('record 1, minutes', 'expected a number'),
  ],
  [
    'a field too few',
    broken((file) => {
      delete (file.records[0] as { record: Record<string, unknown> }).record['title']
    }),
    { kind: 'shape', where: 'record 1, title' },
  ],
  [
    'a day that does not exist',
    broken((file) => {
      ;(file.records[0] as { record: Record<string, unknown> }).record['day'] = '2026-02-30'
    }),
    fault('record 1, day', 'expected a day such as "2026-03-01"'),
  ],
  [
    'an id of no kind',
    broken((file) => {
      ;(file.records[0] as { record: Record<string, unknown> }).record['id'] = '__proto__:1'
    }),
    fault('record 1, id', 'no kind of record'),
  ],
  [
    'a title beyond every measure',
    broken((file) => {
      ;(file.records[0] as { record: Record<string, unknown> }).record['title'] = 'x'.repeat(3000)
    }),
    { kind: 'shape', where: 'record 1, title' },
  ],
  [
    'ids that clash',
    broken((file) => {
      file.records.push(file.records[0] as never)
    }),
    { kind: 'twice', where: 'record 4', id: 'action:a' },
  ],
  [
    'an area that is its own parent',
    broken((file) => {
      ;(file.records[1] as { record: Record<string, unknown> }).record['groupId'] = 'area:a'
    }),
    { kind: 'shape', where: 'record 2, groupId' },
  ],
  [
    'a stamp of nobody',
    broken((file) => {
      ;(file.records[0] as { all: string }).all = 'yesterday'
    }),
    { kind: 'shape', where: 'record 1, all' },
  ],
  [
    'a change that smuggles a bad value',
    broken((file) => {
      file.changes[2] = {
        ...(file.changes[2] as Change),
        diff: [{ kind: 'updated', id: 'action:a', fields: { minutes: [null, -1] } }],
      }
    }),
    { kind: 'shape', where: 'change 3, action:a, minutes' },
  ],
  [
    'a change that would bring a bad value back',
    broken((file) => {
      file.changes[2] = {
        ...(file.changes[2] as Change),
        diff: [{ kind: 'updated', id: 'action:a', fields: { minutes: [-1, 20] } }],
      }
    }),
    { kind: 'shape', where: 'change 3, action:a, minutes' },
  ],
  [
    'an instant after the year 9999',
    broken((file) => {
      ;(file.records[0] as { record: Record<string, unknown> }).record['createdAtEpochMs'] = 8e15
    }),
    fault('record 1, createdAtEpochMs', 'expected a time before the year 10000'),
  ],
  [
    'the same change twice',
    broken((file) => {
      file.changes.push(file.changes[0] as Change)
    }),
    { kind: 'twice', where: 'change 5' },
  ],
  [
    'a hostile key',
    text.replace('"version":', '"__proto__":{"polluted":true},"version":'),
    { kind: 'hostileKey', key: '__proto__' },
  ],
  [
    'a hostile key deep inside',
    text.replace('"note":""', '"note":"","constructor":{}'),
    { kind: 'hostileKey', key: 'constructor' },
  ],
  [
    'an abyss',
    `{"format":"zen-tray store","version":1,"records":${'['.repeat(50)}${']'.repeat(50)},"changes":[]}`,
    { kind: 'tooDeep' },
  ],
]
it.each(refused)('refuses %s, and says where', (_, given, expected) => {
  const file = parseStoreFile(given)
  expect(file.ok).toBe(false)
  if (!file.ok) expect(file.error).toMatchObject(expected)
  expect(({} as { polluted?: boolean }).polluted).toBeUndefined()
})
it('lists records and changes in order, however many there are and however they came', () => {
  const many: Change[] = Array.from({ length: 4200 }, (_, index) => {
    const shuffled = (index * 2657) % 4200
    return {
      stamp: makeTimestamp(now + shuffled, 0, 'aaaa'),
      act: 'addAction',
      diff: [{ kind: 'added', record: { ...plainAction, id: `action:a${shuffled}` } }],
    }
  })
  const file = JSON.parse(toStoreFile(withChanges(emptyDocument, many), many, now)) as {
    records: { record: { id: string } }[]
    changes: Change[]
  }
  const ids = file.records.map(({ record }) => record.id)
  const stamps = file.changes.map(({ stamp }) => stamp)
  expect([new Set(ids).size, new Set(stamps).size]).toEqual([4200, 4200])
  expect([ids, stamps]).toEqual([[...ids].sort(), [...stamps].sort()])
})
it('refuses a file of 200 MB without reading it', () => {
  const huge = {
    length: 200_000_000,
    trim: () => {
      throw new Error('read')
    },
  } as unknown as string
  expect(parseStoreFile(huge)).toEqual({
    ok: false,
    error: { kind: 'tooLarge', bytes: 200_000_000, limitBytes: storeFileLimitBytes },
  })
})

it('carries stamps from next year, fields and kinds of a newer version, and acts it has no word for', () => {
  const ahead = makeTimestamp(now + 3e10, 0, 'aaaa')
  const given = broken((file) => {
    const [first] = file.records as [{ record: Record<string, unknown>; all: string }]
    first.record['colour'] = 'red'
    first.all = ahead
    file.records.splice(2, 0, { record: { id: 'goblin:1', hoard: [1, 2] }, all: ahead })
    file.changes[3] = { ...(file.changes[3] as Change), act: 'haggle' }
  })
  const file = parseStoreFile(given)
  if (!file.ok) throw new Error(JSON.stringify(file.error))
  const again = toStoreFile(withMerged(emptyDocument, file.value.entries), file.value.changes, now)
  expect(JSON.parse(again)).toEqual(JSON.parse(given))
})
