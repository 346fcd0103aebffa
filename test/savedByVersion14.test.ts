// What version 14 saved: the last in which a week had no aims of its own, but those of the review alone.
import { recordIn, recordsById, recordsIn } from '@/core/journal'
import { calendarDateUnsafe } from '@/core/time'
import { weekAims } from '@/state/read/weekAims'
import { holdsTheSame, savedBy, storeOf } from './standIns/savedBy'

const [monday, wednesday, thursday] = ['2026-03-09', '2026-03-11', '2026-03-12'].map((day) =>
  calendarDateUnsafe(day),
) as [ReturnType<typeof calendarDateUnsafe>, ReturnType<typeof calendarDateUnsafe>, string]

describe('what version 14 saved', () => {
  const file = savedBy('v14')

  it('has plans without aims, in records and in the journal, and all else of them', () => {
    holdsTheSame(file)
    expect(recordIn(file.document, `plan:day-${wednesday}`)).toMatchObject({
      firstAim: null,
      secondAim: null,
    })
    expect(Object.values(recordIn(file.document, `plan:day-${wednesday}`)?.placed ?? {})).toEqual([600])
    expect(
      recordsIn(file.document, 'plan')
        .filter(({ away }) => away === 'Skye')
        .map(({ date }) => date)
        .sort(),
    ).toEqual(['2026-03-20', '2026-03-21'])
    expect(recordsIn(file.document, 'review').at(-1)?.firstAim).toBe('Call held')
  })
  it('opens as a store: what it undid is done again, and its week is given aims', async () => {
    const { store, openedAgain } = await storeOf('v14')
    store.redo()
    expect(recordsById(store.api.getState().document)).toEqual(recordsById(file.document))
    store.run('setWeekAims', { first: monday, secondAim: 'Rest on Friday' })
    const again = await openedAgain()
    expect(recordIn(again, `plan:day-${thursday}`)).toMatchObject({
      firstAim: null,
      secondAim: 'Rest on Friday',
    })
    expect(weekAims(again, monday, 'Europe/London').secondAim).toBe('Rest on Friday')
  })
})
