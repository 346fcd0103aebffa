import { recordIn, recordsById, recordsIn } from '@/core/journal'
import { factOf } from '@/core/person'
import type { Id } from '@/core/record'
import { asideOf } from '../../read/ownedIndexes'
import {
  carriedBy,
  factsOf,
  hasYearly,
  owedWith,
  peopleOfFirm,
  raisedIn,
  talksWith,
  topicsAround,
  topicsOf,
  yearlyIdOf,
} from '../../read/people'
import { makeTestStore, type TestStore } from '../../testing'
import { mostFacts } from './facts'

let store: TestStore
let oda: Id<'person'>
const document = () => store.api.getState().document
const made = <K extends string>(outcome: ReturnType<TestStore['run']>): `${K}:${string}` => {
  if (!outcome.ok) throw new Error(outcome.error.kind)
  const [first] = outcome.value
  return (first?.kind === 'added' ? first.record.id : '') as `${K}:${string}`
}
const mobile = factOf('mobile', '07700 900123')
const raise = (text: string, whom = [oda]) =>
  made<'topic'>(store.run('addTopic', { whom: whom.map((id) => ({ id, name: '' })), text }))

beforeEach(async () => {
  store = makeTestStore()
  await store.load()
  oda = made<'person'>(store.run('addPerson', { name: 'Oda Marsh' }))
})

describe('facts', () => {
  it('stand in the order of hand, and one moves anywhere among them', () => {
    const ids = ['a', 'b', 'c'].map((label) =>
      made<'fact'>(store.run('addFact', { id: oda, name: '', fact: factOf(label, label) })),
    )
    const labels = () =>
      factsOf(document(), oda)
        .map(({ label }) => label)
        .join('')
    expect(labels()).toBe('abc')
    store.run('moveFact', { id: ids[2]!, afterId: null })
    expect(labels()).toBe('cab')
    store.run('moveFact', { id: ids[2]!, afterId: ids[0]! })
    expect(labels()).toBe('acb')
    store.run('moveFact', { id: ids[0]!, afterId: ids[1]! })
    expect(labels()).toBe('cba')
    store.undo()
    expect(labels()).toBe('acb')
  })

  it('of a name that is nobody’s yet make the person; of one that is there they are hers, whatever the case', () => {
    store.run('addFact', { id: null, name: 'Anna', fact: mobile })
    store.run('addFact', { id: null, name: 'oda marsh', fact: mobile })
    const people = recordsIn(document(), 'person')
    expect(people.map(({ name }) => name).sort()).toEqual(['Anna', 'Oda Marsh'])
    expect(people.map(({ id }) => factsOf(document(), id).length)).toEqual([1, 1])
    store.undo()
    store.undo()
    expect([...recordsById(document()).keys()]).toEqual([oda])
  })

  it('refuse what says nothing, what is too long and what is too many, and a date that is none is text', () => {
    const add = (fact: ReturnType<typeof factOf>) => store.run('addFact', { id: oda, name: '', fact })
    expect(add({ ...mobile, value: ' ' })).toMatchObject({ error: { kind: 'empty' } })
    expect(add({ ...mobile, label: 'x'.repeat(2001) })).toMatchObject({ error: { kind: 'tooLong' } })
    add({ label: 'birthday', value: 'in spring', type: 'date' })
    expect(factsOf(document(), oda)).toMatchObject([{ type: 'text', value: 'in spring' }])
    for (let count = 1; count < mostFacts; count++) add(mobile)
    expect(add(mobile)).toMatchObject({ error: { kind: 'tooMany', limit: mostFacts } })
  })

  it('remind of a day each year, once, from the next time on', () => {
    const id = made<'fact'>(
      store.run('addFact', { id: oda, name: '', fact: factOf('birthday', '3 May 1980') }),
    )
    const remind = () => store.run('remindYearly', { id, title: 'Oda Marsh, birthday' })
    expect(remind().ok).toBe(true)
    expect(recordIn(document(), yearlyIdOf(id))).toMatchObject({ day: '2026-05-03', personIds: [oda] })
    expect(recordsIn(document(), 'repeat')).toMatchObject([{ rule: 'FREQ=YEARLY', startsOn: '2026-05-03' }])
    expect([remind().ok, hasYearly(document(), id)]).toEqual([false, true])
  })
})

describe('what to raise', () => {
  it('is gathered for each person, and what is raised in a meeting goes into its note, a line each', () => {
    const per = made<'person'>(store.run('addPerson', { name: 'Per' }))
    const fee = raise('the fee', [oda, per])
    raise('samples back by the 20th')
    const page = made<'note'>(
      store.run('addMeetingNote', { title: 'Call', personIds: [oda, per], note: 'They agree.' }),
    )
    expect(topicsAround(document(), recordIn(document(), page)!).open.map(({ text }) => text)).toEqual([
      'the fee',
      'samples back by the 20th',
      'the fee',
    ])
    store.run('raiseTopic', { id: fee, inId: page })
    const second = topicsOf(document(), oda)[0]!
    store.run('raiseTopic', { id: second.id, inId: page })
    expect(recordIn(document(), page)?.note).toBe('They agree.\n\n- the fee\n- samples back by the 20th\n')
    expect(raisedIn(document(), page)).toHaveLength(2)
    expect([topicsOf(document(), oda).length, topicsOf(document(), per).length]).toEqual([0, 1])
    store.undo()
    expect(recordIn(document(), page)?.note).toBe('They agree.\n\n- the fee\n')
    store.run('raiseAgain', { id: fee })
    expect(topicsOf(document(), oda)).toHaveLength(2)
    expect(recordIn(document(), page)?.note).toContain('- the fee')
  })

  it('outside of a meeting stands among the talks, the latest first', () => {
    const topic = raise('the fee')
    store.run('addRemark', { ownerId: oda, text: 'rang', date: '2026-03-10' as never })
    store.run('raiseTopic', { id: topic, inId: null })
    expect(talksWith(document(), oda, 'Europe/London').map(({ kind, date }) => `${kind} ${date}`)).toEqual([
      'raised 2026-03-11',
      'remark 2026-03-10',
    ])
    const carried = () =>
      carriedBy(document(), recordIn(document(), oda)!, '2026-03-11' as never, 'Europe/London')
    expect(carried()).toMatchObject({ lastTalk: '2026-03-11', toRaise: 0, next: null })
    store.undo()
    store.run('addMeetingNote', { title: 'ahead', personIds: [oda], date: '2026-03-20' as never })
    store.run('addMeetingNote', { title: 'before', personIds: [oda], date: '2026-03-05' as never })
    expect(carried()).toMatchObject({ lastTalk: '2026-03-10', toRaise: 1 })
  })

  it('made of a slip takes it out of the Tray with all it holds; made of a line of a note ticks it there', () => {
    const slipId = made<'slip'>(
      store.run('setDown', { text: 'ask about the felt', note: 'sample 4', files: [] }),
    )
    store.run('raiseSlip', { whom: [{ id: oda, name: '' }], text: 'the felt', slipId })
    expect(recordIn(document(), slipId)).toMatchObject({
      note: 'sample 4',
      letGoAtEpochMs: expect.any(Number),
    })
    expect(topicsOf(document(), oda)).toMatchObject([{ text: 'the felt', aboutId: slipId }])
    const page = made<'note'>(
      store.run('addMeetingNote', { title: 'Own notes', note: '- [ ] raise the fee with Oda\n- [ ] rest' }),
    )
    const line = { of: page, at: 0, written: 'raise the fee with Oda' }
    store.run('addTopic', { whom: [{ id: oda, name: '' }], text: 'the fee', aboutId: page, line })
    expect(recordIn(document(), page)?.note).toBe('- [x] raise the fee with Oda\n- [ ] rest')
    store.undo()
    store.undo()
    store.undo()
    expect(recordIn(document(), slipId)).toMatchObject({ letGoAtEpochMs: null })
    expect(asideOf(document(), slipId)).toBeUndefined()
  })
})

it('a firm is made of its name, has its people, and is never its own', () => {
  store.run('editPerson', { id: oda, patch: { role: 'tile maker' }, firmNamed: 'Marsh & Daughters' })
  const firm = recordsIn(document(), 'person').find(({ isFirm }) => isFirm)!
  expect(firm).toMatchObject({ name: 'Marsh & Daughters' })
  expect(peopleOfFirm(document(), firm.id).map(({ id }) => id)).toEqual([oda])
  expect(store.run('editPerson', { id: firm.id, patch: { firmId: firm.id } }).ok).toBe(false)
  store.run('removeNamed', { id: firm.id })
  expect(recordIn(document(), oda)).toMatchObject({ firmId: null, role: 'tile maker' })
})

it('who owes whom follows from waiting and from what is due', () => {
  const waiting = {
    personId: oda,
    whom: '',
    since: '2026-03-07',
    chaseOn: null,
    how: '',
    toSignOff: false,
  } as never
  store.run('addAction', { title: 'the quote', waiting })
  store.run('addAction', {
    title: 'the plans',
    personIds: [oda],
    due: { date: '2026-03-12', time: null } as never,
  })
  store.run('addAction', { title: 'a thought', personIds: [oda] })
  const { theirs, promised, with: others } = owedWith(document(), oda)
  expect([theirs, promised, others].map((list) => list.map(({ title }) => title))).toEqual([
    ['the quote'],
    ['the plans'],
    ['a thought'],
  ])
})

it('two who are one keep every fact once, everything to raise, what each does, and no firm is its own', () => {
  const other = made<'person'>(store.run('addPerson', { name: 'Oda M.' }))
  for (const id of [oda, other]) store.run('addFact', { id, name: '', fact: mobile })
  store.run('addFact', { id: other, name: '', fact: factOf('likes', 'chocolate') })
  store.run('editPerson', { id: oda, patch: { role: 'tile maker' } })
  store.run('editPerson', { id: other, patch: { role: 'potter' }, firmNamed: 'Kiln' })
  store.run('addTopic', { whom: [{ id: other, name: '' }], text: 'the fee' })
  const before = recordsById(document())
  expect(store.run('joinNamed', { id: other, intoId: oda }).ok).toBe(true)
  expect(
    factsOf(document(), oda)
      .map(({ value }) => value)
      .sort(),
  ).toEqual(['07700 900123', 'chocolate'])
  expect(topicsOf(document(), oda)).toHaveLength(1)
  const kiln = recordsIn(document(), 'person').find(({ isFirm }) => isFirm)!
  expect(recordIn(document(), oda)).toMatchObject({
    role: 'tile maker',
    firmId: kiln.id,
    note: expect.stringContaining('potter'),
  })
  // Into the firm itself: it is nobody's.
  store.run('joinNamed', { id: oda, intoId: kiln.id })
  expect(recordIn(document(), kiln.id)).toMatchObject({ firmId: null, isFirm: true })
  store.undo()
  store.undo()
  expect(recordsById(document())).toEqual(before)
})
