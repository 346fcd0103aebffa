// What version 16 saved: weekly reviews, one finished and one that was left half way.
import { recordsIn } from '@/core/journal'
import { holdsTheSame, savedBy, storeOf } from './standIns/savedBy'

const expected = [
  {
    rhythm: 'week',
    periodFrom: '2026-03-09',
    stonesDone: ['aims', 'done', 'projects', 'tray', 'waiting'],
    firstAim: 'Send the report',
    met: {},
    spentMs: {},
    looked: [],
  },
  { rhythm: 'week', periodFrom: '2026-03-16', stone: 'waiting', stonesDone: ['tray'] },
]

it('the file holds the same reviews, of weeks', () => {
  const file = savedBy('v16')
  holdsTheSame(file)
  expect(recordsIn(file.document, 'review')).toMatchObject(expected)
})
it('the store opens, its open review goes on, and it opens again', async () => {
  const { store, openedAgain } = await storeOf('v16')
  const [, open] = recordsIn(store.api.getState().document, 'review')
  expect(recordsIn(store.api.getState().document, 'review')).toMatchObject(expected)
  if (!open) throw new Error('There is no open review.')
  store.run('editAnswer', { id: open.id, stone: 'stopped', question: 'What?', answer: 'Coffee' })
  store.run('stepTo', { id: open.id, stone: 'projects', done: true, met: 4, spentMs: 60_000 })
  const again = await openedAgain()
  expect(recordsIn(again, 'review')[1]).toMatchObject({
    stone: 'projects',
    stonesDone: ['tray', 'waiting'],
    met: { waiting: 4 },
    spentMs: { waiting: 60_000 },
  })
  expect(recordsIn(again, 'reviewAnswer')).toMatchObject([{ reviewId: open.id, answer: 'Coffee' }])
})
