// A store file with so many done actions, as many a day as 400,000 in ten years, on 2,000 projects and 40 areas, on
// standard output; so many open ones beside them.
import { toStoreFile } from '../../src/core/exchange'
import { emptyDocument, makeTimestamp, withMerged, type Entry } from '../../src/core/journal'
import { rankOfNumber, type Action, type AnyRecord, type Id } from '../../src/core/record'
import { plainAction } from '../../src/core/testing/plainAction'
import { plainArea, plainProject } from '../../src/core/testing/plainShelf'

const [done, open] = [Number(process.argv[2] ?? 100_000), Number(process.argv[3] ?? 1000)]
const [projectCount, areaCount] = [2000, 40]
const tenYearsMs = 3652 * 86_400_000
const now = Date.now()
const records: AnyRecord[] = [
  ...Array.from({ length: areaCount }, (_, index) => ({
    ...plainArea,
    id: `area:r${index}` as Id<'area'>,
    name: `Area ${index}`,
    letters: `A${index % 10}`,
    ink: index % 12,
    rank: rankOfNumber(index),
  })),
  ...Array.from({ length: projectCount }, (_, index) => ({
    ...plainProject,
    id: `project:p${index}` as Id<'project'>,
    areaId: `area:r${index % areaCount}` as Id<'area'>,
    title: `Project number ${index}`,
    outcome: 'It is there',
    rank: rankOfNumber(index),
    createdAtEpochMs: now - tenYearsMs,
  })),
  ...Array.from({ length: done + open }, (_, index): Action => {
    const doneAt = index < done ? now - index * (tenYearsMs / 400_000) : null
    return {
      ...plainAction,
      id: `action:a${index}`,
      title: `Action number ${index} with a title of usual length`,
      minutes: 5 + (index % 60),
      rank: rankOfNumber(index),
      createdAtEpochMs: (doneAt ?? now) - 5_000_000,
      projectId: `project:p${index % projectCount}`,
      contextIds: [],
      doneAtEpochMs: doneAt,
    }
  }),
]
const entries = records.map((record, index): Entry => ({
  record,
  all: makeTimestamp(1000 + index, 0, 'bench'),
}))
process.stdout.write(toStoreFile(withMerged(emptyDocument, entries), [], now))
