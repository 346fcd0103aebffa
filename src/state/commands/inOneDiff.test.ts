import type { RecordDiff } from '@/core/journal'
import { inOneDiff } from './inOneDiff'

const record = (fields: object = {}) =>
  ({ id: 'action:a', title: 'as it was', minutes: 5, ...fields }) as never
const added = (fields?: object): RecordDiff => ({ kind: 'added', record: record(fields) })
const removed = (fields?: object): RecordDiff => ({ kind: 'removed', record: record(fields) })
const updated = (fields: Record<string, readonly [unknown, unknown]>): RecordDiff => ({
  kind: 'updated',
  id: 'action:a',
  fields,
})

it.each<[string, RecordDiff[], RecordDiff[]]>([
  [
    'added and changed is added as it is then',
    [added(), updated({ minutes: [5, 9] })],
    [added({ minutes: 9 })],
  ],
  [
    'changed twice is changed once, from what it was at first',
    [updated({ minutes: [5, 9] }), updated({ minutes: [9, 12], title: ['as it was', 'new'] })],
    [updated({ minutes: [5, 12], title: ['as it was', 'new'] })],
  ],
  [
    'changed and removed is removed as it was at first',
    [updated({ minutes: [5, 9] }), removed({ minutes: 9 })],
    [removed()],
  ],
  ['added and removed was never there', [added(), removed()], []],
  [
    'added, removed and added again is added',
    [added(), removed(), added({ minutes: 1 })],
    [added({ minutes: 1 })],
  ],
])('%s', (_, parts, whole) => {
  expect(inOneDiff(parts)).toEqual(whole)
})
