// A store file with 2,000 projects on 40 areas and 100,000 actions, on standard output: one project of 3,000 actions,
// 500 with days of their own, a person with 2,000 remarks and 500 actions, 200 with three months behind them, and a template of 200 actions.
import { toStoreFile } from '../../src/core/exchange'
import { emptyDocument, makeTimestamp, withChanges, type Change } from '../../src/core/journal'
import {
  blankOf,
  rankOfNumber,
  weights,
  type Action,
  type AnyRecord,
  type Id,
  type Project,
} from '../../src/core/record'
import { plainAction } from '../../src/core/testing/plainAction'
import { plainArea, plainGroup, plainProject } from '../../src/core/testing/plainShelf'
import { addDays, calendarDateUnsafe } from '../../src/core/time'

const [projectCount, areaCount, groupCount, actionCount] = [2000, 40, 8, 100_000]
const largest = 3000
const dayMs = 86_400_000
const now = Date.now()
const today = calendarDateUnsafe(new Date(now).toISOString().slice(0, 10))
const made = now - 200 * dayMs

const kofi: Id<'person'> = 'person:kofi'
const withKofi = (index: number): Partial<Action> => ({
  doneAtEpochMs: null,
  personIds: [kofi],
  waiting:
    index % 3 === 0
      ? { personId: kofi, whom: '', since: today, chaseOn: null, how: '', toSignOff: false }
      : null,
  due: index % 3 === 1 ? { date: addDays(today, index % 30), time: null } : null,
})

const projectId = (index: number): Id<'project'> => `project:p${index}`
const records: AnyRecord[] = [
  ...Array.from({ length: groupCount }, (_, index) => ({
    ...plainGroup,
    id: `group:g${index}` as Id<'group'>,
    name: `Group ${index}`,
    side: index < 5 ? ('work' as const) : ('private' as const),
    rank: rankOfNumber(index),
  })),
  ...Array.from({ length: areaCount }, (_, index) => ({
    ...plainArea,
    id: `area:r${index}` as Id<'area'>,
    groupId: `group:g${index % groupCount}` as Id<'group'>,
    name: `Area ${index}`,
    letters: `A${index % 10}`,
    ink: index % 12,
    rank: rankOfNumber(index),
  })),
  ...Array.from({ length: projectCount }, (_, index): Project => ({
    ...plainProject,
    id: projectId(index),
    areaId: `area:r${index % areaCount}`,
    title: `Project number ${index} with a usual title`,
    outcome: 'What will be true once it is over',
    rank: rankOfNumber(index),
    createdAtEpochMs: made,
    // 500 bars, spread over a year.
    ...(index < 500
      ? {
          begins: addDays(today, (index % 200) - 20),
          due: addDays(today, (index % 200) + 10 + (index % 40)),
          afterIds: index % 5 === 4 ? [projectId(index - 1)] : [],
        }
      : {}),
  })),
  {
    ...plainProject,
    id: 'project:large',
    areaId: 'area:r0',
    title: 'The largest',
    rank: rankOfNumber(0),
    createdAtEpochMs: made,
  },
  {
    ...plainProject,
    id: 'project:template',
    title: 'A long template',
    state: 'template',
    makes: 'project',
    rank: rankOfNumber(1),
    createdAtEpochMs: made,
  },
  { id: 'blank:day', projectId: 'project:template', name: 'Day', kind: 'date', rank: 'a0' },
  { id: 'blank:place', projectId: 'project:template', name: 'Place', kind: 'place', rank: 'a1' },
  ...Array.from({ length: 200 }, (_, index): AnyRecord[] => [
    {
      ...plainAction,
      id: `action:t${index}`,
      title: `Prepare number ${index} for ‹Place›`,
      projectId: 'project:template',
      rank: rankOfNumber(index),
      createdAtEpochMs: made,
    },
    {
      id: `counted:t${index}`,
      actionId: `action:t${index}`,
      projectId: null,
      field: 'due',
      blankId: 'blank:day',
      shift: { by: 'workdays', steps: index % 2 ? -index : index },
      time: null,
    },
  ]).flat(),
  { ...blankOf('person'), id: kofi, name: 'Kofi Mensah', rank: 'a0', role: 'cabinet maker' },
  ...Array.from({ length: 8 }, (_, index): AnyRecord => ({
    id: `fact:f${index}`,
    ownerId: kofi,
    label: `phone ${index}`,
    value: `020 7946 001${index}`,
    type: 'number',
    rank: rankOfNumber(index),
  })),
  ...Array.from({ length: 2000 }, (_, index): AnyRecord => ({
    id: `remark:k${index}`,
    ownerId: kofi,
    text: `Rang about number ${index}; he sends a drawing of it by post.`,
    date: addDays(today, -(index % 900)),
    writtenAtEpochMs: made + index,
  })),
  ...Array.from({ length: actionCount }, (_, index): Action => {
    const isOfLargest = index < largest
    // Of the first 200 projects, a third is done, some of it in each of the last weeks.
    const project = index % projectCount
    const isDone = !isOfLargest && project < 200 && index % 3 === 0
    return {
      ...plainAction,
      id: `action:a${index}`,
      title: `Action number ${index} with a title of usual length`,
      minutes: 5 + (index % 60),
      rank: rankOfNumber(index),
      createdAtEpochMs: made + index,
      weight: weights[index % 3] as Action['weight'],
      projectId: isOfLargest ? 'project:large' : projectId(project),
      // 500 open actions with one person, some owed and some promised.
      ...(index >= actionCount - 500 ? withKofi(index) : {}),
      doneAtEpochMs: isDone ? now - ((index * 7) % 80) * dayMs : null,
    }
  }),
]
const changes: Change[] = records.map((record, index) => ({
  stamp: makeTimestamp(made + index, 0, 'bench'),
  act: 'addAction',
  diff: [{ kind: 'added', record }],
}))
process.stdout.write(toStoreFile(withChanges(emptyDocument, changes), changes, made))
