import fc from 'fast-check'
import { recordsIn } from '@/core/journal'
import { anyReach, dayBandsOf } from '@/core/day'
import type { Action } from '@/core/record'
import { anyActionFields, lensToday as today } from '@/core/testing/lenses'
import { addDays } from '@/core/time'
import { leftOfToday } from './leftOfToday'
import { makeMemoryStore } from '../persistence'
import { makeTestStore } from '../testing'

it('is what the Day sheet has left of today, whatever happens to it, and follows the day', async () => {
  await fc.assert(
    fc.asyncProperty(fc.array(anyActionFields, { minLength: 1, maxLength: 12 }), async (given) => {
      const store = makeTestStore(makeMemoryStore(), { replica: 'aaaa' })
      await store.load()
      const document = () => store.api.getState().document
      const onSheet = (day = today) => {
        const { carriedOver, dueToday, underway, picked } = dayBandsOf(
          recordsIn(document(), 'action'),
          day,
          anyReach,
        )
        return carriedOver.length + dueToday.length + underway.length + picked.length
      }
      for (const { title, due, at, day, notBefore, horizon } of given)
        store.run('addAction', { title: title ?? 'a', due, at, day, notBefore, horizon } as never)
      expect(leftOfToday(document(), today)).toBe(onSheet())
      for (const [turn, { id }] of recordsIn(document(), 'action').entries()) {
        const act = (['tick', 'unpick', 'start', 'letGo'] as const)[turn % 4] as 'tick'
        store.run(act, { id: id as Action['id'] })
        expect(leftOfToday(document(), today)).toBe(onSheet())
      }
      expect(leftOfToday(document(), addDays(today, 1))).toBe(onSheet(addDays(today, 1)))
    }),
    { numRuns: 40 },
  )
})
