import { plainAction } from '../testing/plainAction'
import type { AnyRecord } from '../record'
import { makeSearchIndex } from '.'

const records: AnyRecord[] = [
  { ...plainAction, id: 'action:done', title: 'Ring the tile maker', doneAtEpochMs: 1 },
  { ...plainAction, id: 'action:open', title: 'Ring the tile maker again', note: 'about absorbers' },
  {
    id: 'slip:one',
    text: 'tile samples for the café',
    takenOff: [],
    note: '',
    personIds: [],
    setDownAtEpochMs: 1,
    lineOf: null,
    letGoAtEpochMs: null,
  },
  {
    id: 'person:oda',
    name: 'Oda',
    note: '',
    rank: 'a1',
    role: '',
    isFirm: false,
    firmId: null,
    onBoard: false,
  },
  {
    id: 'step:felt',
    ownerId: 'action:open',
    underId: null,
    title: 'Ask for felt',
    rank: 'a0',
    doneAtEpochMs: null,
  },
  {
    id: 'remark:rang',
    ownerId: 'person:oda',
    text: 'Rang about lacquer',
    date: '2026-03-11' as never,
    writtenAtEpochMs: 1,
  },
  {
    id: 'settings:main',
    availableMinutes: {},
    dayStartsAtMinute: 0,
    underwayLimit: 3,
    keys: {},
  },
]

it.each([
  ['tile', ['slip:one', 'action:open', 'action:done']],
  ['tile maker', ['action:open', 'action:done']],
  ['absorb', ['action:open']],
  ['felt', ['action:open']],
  ['lacquer', ['person:oda']],
  ['cafe', ['slip:one']],
  ['absorbrs', ['action:open']],
  ['ODA', ['person:oda']],
  ['nothing here', []],
])('finds “%s”', async (words, ids) => {
  const index = await makeSearchIndex(records)
  expect(
    index
      .find(words, 10)
      .map(({ id }) => id)
      .sort(),
  ).toEqual([...ids].sort())
})
it('puts what is open first, and stops at the limit', async () => {
  const index = await makeSearchIndex(records)
  expect(index.find('ring', 10).map(({ id }) => id)).toEqual(['action:open', 'action:done'])
  expect(index.find('ring', 1)).toHaveLength(1)
})
it('gives up building when it is not wanted any more', async () => {
  const many = Array.from({ length: 600 }, (_, index) => ({ ...plainAction, id: `action:${index}` as const }))
  await expect(makeSearchIndex(many, () => false)).rejects.toThrow()
})
