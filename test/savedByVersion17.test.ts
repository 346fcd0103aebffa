// What version 17 saved: the last in which nothing was known of people but their names and notes.
import { recordsIn } from '@/core/journal'
import { factOf } from '@/core/person'
import { factsOf, owedWith, talksWith, topicsOf } from '@/state/read/people'
import { holdsTheSame, savedBy, storeOf } from './standIns/savedBy'

const asTheyWere = [
  { name: 'Oda Marsh', note: 'Tiles and glazes.', role: '', isFirm: false, firmId: null },
  { name: 'Per', note: '', role: '', isFirm: false, firmId: null },
]

it('the file holds the same people, who do nothing yet and are of no firm', () => {
  const file = savedBy('v17')
  holdsTheSame(file)
  expect(recordsIn(file.document, 'person')).toMatchObject(asTheyWere)
})

it('the store opens: a fact, something to raise and a firm are added to a person, and are there when it opens again', async () => {
  const { store, openedAgain } = await storeOf('v17')
  const [oda] = recordsIn(store.api.getState().document, 'person')
  if (!oda) throw new Error('Oda is gone.')
  store.run('addFact', { id: oda.id, name: '', fact: factOf('mobile', '07700 900123') })
  store.run('addTopic', { whom: [{ id: oda.id, name: '' }], text: 'the fee' })
  store.run('editPerson', { id: oda.id, patch: { role: 'tile maker' }, firmNamed: 'Marsh & Daughters' })
  const again = await openedAgain()
  expect(factsOf(again, oda.id)).toMatchObject([{ label: 'mobile', value: '07700 900123', type: 'number' }])
  expect(topicsOf(again, oda.id)).toMatchObject([{ text: 'the fee', raisedAtEpochMs: null }])
  const [before, , firm] = recordsIn(again, 'person')
  expect(firm).toMatchObject({ name: 'Marsh & Daughters', isFirm: true })
  expect(before).toMatchObject({ role: 'tile maker', firmId: firm?.id, note: 'Tiles and glazes.' })
  const owed = owedWith(again, oda.id)
  expect([owed.theirs, owed.promised, owed.with].map((list) => list.map(({ title }) => title))).toEqual([
    ['Quote for the tiles'],
    ['The two room plans'],
    [],
  ])
  expect(
    talksWith(again, oda.id, 'Europe/London')
      .map(({ kind }) => kind)
      .sort(),
  ).toEqual(['meeting', 'remark'])
})
