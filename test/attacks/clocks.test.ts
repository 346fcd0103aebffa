// A clock set wrong by days, years or beyond the calendar: everything is carried, and one's own file is read back.
import { parseStoreFile } from '@/core/exchange'
import { madeAtEpochMs, recordsIn, type Change } from '@/core/journal'
import { makeTestStore, testStartEpochMs } from '@/state/testing'
import { fileOf, held, textsIn } from './parts'

const day = 86_400_000
const wrong: [what: string, epochMs: number][] = [
  ['two days ahead', testStartEpochMs + 2 * day],
  ['ten years ahead', testStartEpochMs + 3650 * day],
  ['in the year 9000', Date.UTC(9000, 0)],
  ['after the year 9999', 8.64e15],
  ['before 1970', -5 * day],
  ['a year behind', testStartEpochMs - 365 * day],
]

it.each(wrong)('an act with the clock %s is carried, ordered and read back', async (_, epochMs) => {
  const store = makeTestStore()
  await store.load()
  store.run('setDown', { text: 'before' })
  store.clock.epochMs = epochMs
  store.turnDay()
  expect(store.run('setDown', { text: 'wrong' }).ok).toBe(true)
  const slip = recordsIn(store.api.getState().document, 'slip').find(({ text }) => text === 'wrong')
  store.clock.epochMs = testStartEpochMs + 60_000
  expect(store.run('editSlip', { id: slip?.id ?? 'slip:none', text: 'mended' }).ok).toBe(true)
  const recent = store.api.getState().recent as readonly [Change, Change, Change]
  expect(recent.map(({ act }) => act)).toEqual(['setDown', 'setDown', 'editSlip'])
  expect([...recent].sort((a, b) => (a.stamp < b.stamp ? -1 : 1))).toEqual(recent)
  // What came later is told by the clock as it is now.
  expect(madeAtEpochMs(recent[2])).toBe(testStartEpochMs + 60_000)
  const file = parseStoreFile(await fileOf(store))
  if (!file.ok) throw new Error(JSON.stringify(file.error))
  const fresh = makeTestStore()
  await fresh.load()
  await fresh.importEntries(file.value.entries, file.value.changes)
  expect(held(fresh)).toEqual(held(store))
  // What the file brought from ahead does not swallow a later edit.
  fresh.run('editSlip', { id: slip?.id ?? 'slip:none', text: 'mended again' })
  expect(textsIn(fresh)).toEqual(['before', 'mended again'])
})
