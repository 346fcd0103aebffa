// What version 13 saved: the last whose plans of a day knew no hours in it, and no days away.
import { recordIn, recordsById, recordsIn } from '@/core/journal'
import { calendarDateUnsafe } from '@/core/time'
import { holdsTheSame, savedBy, storeOf } from './standIns/savedBy'

const day = calendarDateUnsafe('2026-03-11')

describe('what version 13 saved', () => {
  const file = savedBy('v13')

  it('has plans with nothing placed, in records and in the journal', () => {
    holdsTheSame(file)
    expect(recordIn(file.document, `plan:day-${day}`)).toMatchObject({
      availableMinutes: 200,
      placed: {},
      away: null,
    })
    expect(recordIn(file.document, 'settings:main')).toMatchObject({ dayStartsAtMinute: 450 })
    expect(recordsIn(file.document, 'action').find(({ event }) => event !== null)?.title).toBe(
      'prepare the call',
    )
  })
  it('opens as a store: what it undid is done again, and an action is placed in its day', async () => {
    const { store, openedAgain } = await storeOf('v13')
    expect(recordsById(store.api.getState().document)).toEqual(recordsById(file.document))
    store.redo()
    const prepared = recordsIn(file.document, 'action').find(({ title }) => title === 'prepare the call')
    const id = prepared?.id ?? 'action:none'
    store.run('placeAction', { id, date: day, minute: 600 })
    expect(recordIn(await openedAgain(), `plan:day-${day}`)).toMatchObject({
      availableMinutes: 240,
      placed: { [id]: 600 },
      away: null,
    })
  })
})
