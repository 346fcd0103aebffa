// What version 15 saved: the last in which no times were held for anybody.
import { recordIn, recordsById, recordsIn } from '@/core/journal'
import { calendarDateUnsafe } from '@/core/time'
import { weekAims } from '@/state/read/weekAims'
import { holdsTheSame, savedBy, storeOf } from './standIns/savedBy'

describe('what version 15 saved', () => {
  const file = savedBy('v15')

  it('has the aims of its week, in records and in the journal, and nothing held', () => {
    holdsTheSame(file)
    expect(weekAims(file.document, calendarDateUnsafe('2026-03-09'), 'Europe/London')).toMatchObject({
      firstAim: 'Send the report',
      secondAim: 'Rest on Friday',
    })
    expect([...recordsIn(file.document, 'offer'), ...recordsIn(file.document, 'heldTime')]).toEqual([])
  })
  it('opens as a store: what it undid is done again, and times are held in it', async () => {
    const { store, openedAgain } = await storeOf('v15')
    expect(recordsById(store.api.getState().document)).toEqual(recordsById(file.document))
    store.redo()
    expect(recordIn(store.api.getState().document, 'plan:day-2026-03-12')?.placed).toEqual({
      'action:aaaa2': 660,
    })
    const times = [{ fromEpochMs: Date.UTC(2026, 2, 17, 10), toEpochMs: Date.UTC(2026, 2, 17, 11) }]
    expect(store.run('holdTimes', { title: 'Oda', minutes: 60, personId: null, zone: null, times }).ok).toBe(
      true,
    )
    const again = await openedAgain()
    expect(recordsIn(again, 'heldTime')).toMatchObject(times)
    expect(recordIn(again, recordsIn(again, 'heldTime')[0]!.offerId)).toMatchObject({
      title: 'Oda',
      zone: null,
    })
  })
})
