// What version 11 saved: the last that called the letters of a seal a stamp.
import { lensFileChecks } from '@/core/exchange'
import { recordsById, recordsIn, type Document } from '@/core/journal'
import { parseLensFile } from '@/core/lens'
import { holdsTheSame, savedBy, savedText, storeOf } from './standIns/savedBy'

const lettersIn = (document: Document) =>
  (['group', 'area', 'project', 'lens'] as const).map((kind) =>
    recordsIn(document, kind).map(({ letters }) => letters),
  )
const kept = [['Ha'], ['🎻'], ['Mh', ''], ['St']]

describe('what version 11 saved', () => {
  const file = savedBy('v11')

  it('has the letters of its seals, with nothing left under the old name', () => {
    holdsTheSame(file)
    expect(lettersIn(file.document).map((each) => [...each].sort().reverse())).toEqual(kept)
    const old = [...recordsById(file.document).values()].filter((record) => 'stamp' in record)
    expect(old).toEqual([])
    const fields = file.changes.flatMap(({ diff }) =>
      diff.flatMap((each) => (each.kind === 'updated' ? Object.keys(each.fields) : [])),
    )
    expect(fields).toContain('letters')
    expect(fields).not.toContain('stamp')
  })
  it('opens as a store: what it undid is done again, and a letter written since wins over an earlier one', async () => {
    const { store, openedAgain } = await storeOf('v11')
    expect(recordsById(store.api.getState().document)).toEqual(recordsById(file.document))
    store.redo()
    const [area] = recordsIn(store.api.getState().document, 'area')
    expect(area?.letters).toBe('Xy')
    store.undo()
    store.clock.epochMs += 60_000
    store.run('editArea', { id: area?.id ?? 'area:none', patch: { letters: 'In' } })
    expect(recordsIn(await openedAgain(), 'area').map(({ letters }) => letters)).toEqual(['In'])
  })
  it('shared its lens, which is taken with its seal', () => {
    const called = { nameOf: () => null, idsCalled: () => [] }
    expect(parseLensFile(savedText('v11-lens.json'), called, lensFileChecks)).toMatchObject({
      ok: true,
      value: { look: { letters: 'St', ink: 5 } },
    })
  })
})
