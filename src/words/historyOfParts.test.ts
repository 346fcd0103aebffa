import { recordsIn } from '@/core/journal'
import { calendarDateUnsafe } from '@/core/time'
import { historyWords } from './history'
import { kindsInWords } from './kinds'
import { makeTestStore } from '@/state/testing'

const today = calendarDateUnsafe('2026-03-11')

it('tells of the files and remarks of an action, also of those that went', async () => {
  const store = await makeTestStore()
  store.run('addAction', { title: 'ring Oda' })
  const id = recordsIn(store.api.getState().document, 'action')[0]?.id ?? 'action:none'
  store.run('addRemark', { ownerId: id, text: 'she rang back' })
  const remark = recordsIn(store.api.getState().document, 'remark')[0]?.id ?? 'remark:none'
  store.run('removeRemark', { id: remark })
  const { document } = store.api.getState()
  const told = (await store.historyOf([id])).map((change) =>
    historyWords(change, id, { document, today, kinds: kindsInWords }),
  )
  expect(told).toEqual(['Added', 'Remarked: she rang back', 'Remark removed: she rang back'])
})
