// A store file with so many open actions, projects and names, on standard output; so many of them carried over from
// yesterday.
import { toStoreFile } from '../../src/core/exchange'
import { emptyDocument, makeTimestamp, withChanges, type Change } from '../../src/core/journal'
import { rankOfNumber, weights, type Action, type AnyRecord, type Id } from '../../src/core/record'
import { plainAction } from '../../src/core/testing/plainAction'
import { plainProject } from '../../src/core/testing/plainShelf'

const count = Number(process.argv[2] ?? 10_000)
const carried = Number(process.argv[3] ?? 0)
const yesterday = new Date(Date.now() - 86_400_000).toISOString().slice(0, 10) as Action['day']
const savedAt = Date.UTC(2026, 0, 1)
const records: AnyRecord[] = [
  ...Array.from({ length: 8 }, (_, index) => ({
    id: `context:c${index}` as Id<'context'>,
    name: `Context ${index}`,
    parentId: null,
    hours: null,
    minutesToGetThere: null,
    retiredAtEpochMs: null,
    rank: rankOfNumber(index),
  })),
  ...Array.from({ length: 400 }, (_, index) => ({
    ...plainProject,
    id: `project:p${index}` as Id<'project'>,
    title: `Project ${index}`,
    outcome: 'It is there',
    rank: rankOfNumber(index),
    createdAtEpochMs: savedAt,
  })),
  ...Array.from({ length: 100 }, (_, index) => ({
    id: `person:n${index}` as Id<'person'>,
    name: `Person ${index}`,
    note: '',
    rank: rankOfNumber(index),
    role: '',
    isFirm: false,
    firmId: null,
    onBoard: false,
  })),
  ...Array.from({ length: count }, (_, index) => ({
    ...plainAction,
    id: `action:a${index}` as Id<'action'>,
    title: `Action number ${index} with a title of usual length`,
    minutes: 5 + (index % 60),
    rank: rankOfNumber(index),
    createdAtEpochMs: savedAt - index * 1000,
    weight: weights[index % 3] as Action['weight'],
    contextIds: [`context:c${index % 8}` as Id<'context'>],
    projectId: `project:p${index % 400}` as Id<'project'>,
    ...(index < carried ? { day: yesterday } : {}),
  })),
]
const changes: Change[] = records.map((record, index) => ({
  stamp: makeTimestamp(savedAt + index, 0, 'bench'),
  act: 'addAction',
  diff: [{ kind: 'added', record }],
}))
process.stdout.write(toStoreFile(withChanges(emptyDocument, changes), changes, savedAt))
