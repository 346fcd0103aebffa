// What version 12 saved: the last whose actions knew nothing of events.
import { recordsById, recordsIn } from '@/core/journal'
import { calendarDateUnsafe } from '@/core/time'
import { holdsTheSame, savedBy, storeOf } from './standIns/savedBy'

describe('what version 12 saved', () => {
  const file = savedBy('v12')

  it('has actions of no event, in records and in the journal', () => {
    holdsTheSame(file)
    const actions = recordsIn(file.document, 'action')
    expect(actions.map(({ title, event }) => [title, event])).toEqual(
      expect.arrayContaining([
        ['pack the meters', null],
        ['water the plants', null],
      ]),
    )
  })
  it('opens as a store: what it undid is done again, and an event is tied to an action', async () => {
    const { store, openedAgain } = await storeOf('v12')
    expect(recordsById(store.api.getState().document)).toEqual(recordsById(file.document))
    const packed = () =>
      recordsIn(store.api.getState().document, 'action').find(({ title }) => title === 'pack the meters')
    expect(packed()?.minutes).toBe(25)
    store.redo()
    expect(packed()?.minutes).toBe(40)
    const event = {
      calendarId: 'calendar:x' as const,
      key: 'a 1',
      title: 'Lab call',
      on: calendarDateUnsafe('2026-03-11'),
      fromEpochMs: 1,
    }
    store.run('addAction', { title: 'prepare', event })
    const again = recordsIn(await openedAgain(), 'action').find(({ title }) => title === 'prepare')
    expect(again?.event).toEqual(event)
  })
})
