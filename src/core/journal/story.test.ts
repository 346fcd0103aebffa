import fc from 'fast-check'
import type { Change } from './change'
import { actKindOf, storyOf } from './story'

const dayMs = 86_400_000
const id = 'action:a'
const change = (day: number, diff: unknown[], act = 'editAction'): Change =>
  ({ stamp: `s${day}`, at: day * dayMs, act, diff }) as unknown as Change
const made = (day: number, fields: object = {}) => change(day, [{ kind: 'added', record: { id, ...fields } }])
const set = (day: number, fields: object) => change(day, [{ kind: 'updated', id, fields }])

it('tells when it was set up, how often it was moved, how long it waited, and when it was done', () => {
  const story = storyOf(
    [
      made(1, { moved: [], waiting: null, doneAtEpochMs: null }),
      set(2, { day: [null, 'x'], moved: [[], ['m1']] }),
      set(3, { moved: [['m1'], ['m1', 'm2']], waiting: [null, { whom: 'Oda' }] }),
      set(5, { waiting: [{ whom: 'Oda' }, { whom: 'Per' }] }),
      set(15, { waiting: [{ whom: 'Per' }, null] }),
      set(20, { doneAtEpochMs: [null, 20 * dayMs] }),
    ],
    id,
    99 * dayMs,
  )
  expect(story).toEqual({
    begunAtEpochMs: dayMs,
    moved: 2,
    waitedMs: 12 * dayMs,
    ended: { as: 'done', atEpochMs: 20 * dayMs },
  })
})
it('is open again once its tick was taken back, and waits until now or until it ended', () => {
  const waiting = set(2, { waiting: [null, { whom: 'Oda' }] })
  expect(storyOf([made(1), waiting], id, 9 * dayMs)).toMatchObject({ waitedMs: 7 * dayMs, ended: null })
  const done = set(4, { doneAtEpochMs: [null, 4 * dayMs] })
  expect(storyOf([made(1), waiting, done], id, 9 * dayMs).waitedMs).toBe(2 * dayMs)
  const undone = set(5, { doneAtEpochMs: [4 * dayMs, null] })
  expect(storyOf([made(1), done, undone], id, 9 * dayMs).ended).toBeNull()
  expect(storyOf([made(1), set(3, { state: ['open', 'letGo'] })], id, 9).ended).toMatchObject({ as: 'letGo' })
})
it('whatever the clocks said, no wait is shorter than nothing', () =>
  fc.assert(
    fc.property(fc.array(fc.tuple(fc.nat(30), fc.boolean()), { maxLength: 12 }), (steps) => {
      const changes = steps.map(([day, waits]) => set(day, { waiting: [null, waits ? {} : null] }))
      expect(storyOf(changes, id, 0).waitedMs).toBeGreaterThanOrEqual(0)
    }),
    { numRuns: 100, seed: 2 },
  ))
it.each([
  [set(1, { day: [null, 'x'] }), 'dates'],
  [set(1, { waiting: [null, {}], day: ['x', null] }), 'waiting'],
  [set(1, { doneAtEpochMs: [null, 1], waiting: [{}, null] }), 'state'],
  [set(1, { note: ['', 'a'] }), 'words'],
  [set(1, { minutes: [null, 5] }), 'other'],
  [made(1), 'state'],
  [change(1, [{ kind: 'added', record: { id: 'remark:r', ownerId: id } }]), 'words'],
  [change(1, [{ kind: 'added', record: { id: 'step:s', ownerId: id } }]), 'other'],
] as const)('what an act was about', (given, kind) => expect(actKindOf(given, id)).toBe(kind))
