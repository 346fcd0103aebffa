// A file saved by every version there has been must open for ever. v1.json was written by version 1 and is never written again.
import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { parseStoreFile, toStoreFile } from '@/core/exchange'
import { emptyDocument, recordIn, recordsIn, withChanges, withMerged } from '@/core/journal'

const text = readFileSync(join(__dirname, 'fixtures', 'saved', 'v1.json'), 'utf8')

describe('a file of version 1', () => {
  const file = parseStoreFile(text)
  if (!file.ok) throw new Error(JSON.stringify(file.error))
  const { entries, changes } = file.value
  const document = withMerged(emptyDocument, entries)

  it('holds what it held', () => {
    expect(recordsIn(document, 'action')).toMatchObject([
      {
        title: 'sort receipts',
        minutes: 45,
        weight: 'must',
        day: '2026-03-12',
        moves: 1,
        due: { date: '2026-03-13', time: '17:00' },
        waiting: { chaseOn: '2026-03-16' },
      },
    ])
    expect(recordsIn(document, 'slip')).toMatchObject([
      { text: 'by friday stays here', takenOff: ['due by friday'] },
    ])
    expect(recordsIn(document, 'reference')).toMatchObject([{ address: 'https://library.example/felt' }])
    expect(recordsIn(document, 'review')).toMatchObject([
      { aims: ['Meters calibrated'], figures: { waiting: 1 } },
    ])
    expect(recordIn(document, 'settings:main')?.keys).toEqual({ tick: 'y', week: null })
  })
  it('has a journal that tells the same', () => {
    const savedAt = Date.parse(JSON.parse(text).savedAt)
    expect(toStoreFile(withChanges(emptyDocument, changes), changes, savedAt)).toBe(
      toStoreFile(document, changes, savedAt),
    )
  })
})
