import fc from 'fast-check'
import { compareTexts, ranksInOrder, type Action } from '../record'
import { ranksKeeping } from '../record/ranksKeeping'
import { neighboursOf } from './neighboursOf'

const few = ranksInOrder(4)
const anyEquals = fc
  .array(fc.nat(3), { minLength: 2, maxLength: 12 })
  .map((ranks) =>
    ranks.sort().map((rank, at) => ({ id: `action:${String(at).padStart(2, '0')}`, rank: few[rank] })),
  )

describe('the neighbours of one that is laid among its equals', () => {
  it('are enough for it to stand where it was laid, and all others as they stood, twins of ranks too', () => {
    fc.assert(
      fc.property(anyEquals, fc.nat(), fc.nat(), (drawn, from, to) => {
        const equals = drawn as unknown as Action[]
        const moved = equals[from % equals.length] as Action
        const over = equals[to % equals.length] as Action
        const isLater = equals.indexOf(moved) < equals.indexOf(over)
        const others = equals.filter((each) => each !== moved)
        const at = over === moved ? others.length : others.indexOf(over) + (isLater ? 1 : 0)
        const wanted = [...others.slice(0, at), moved, ...others.slice(at)]
        const told = neighboursOf(equals, moved, over === moved ? null : { id: over.id, isLater })
        const ranks = ranksKeeping(
          told.map((id) => (id === moved.id ? undefined : equals.find((each) => each.id === id)?.rank)),
        )
        const laid = equals.map((each) => ({ ...each, rank: ranks[told.indexOf(each.id)] ?? each.rank }))
        laid.sort((a, b) => compareTexts(a.rank, b.rank) || (a.id < b.id ? -1 : 1))
        expect(laid.map(({ id }) => id)).toEqual(wanted.map(({ id }) => id))
      }),
    )
  })
  it('are a few of ten thousand', () => {
    const ranks = ranksInOrder(10_000)
    const equals = ranks.map((rank, at) => ({ id: `action:${at}`, rank })) as unknown as Action[]
    const moved = equals[9000] as Action
    expect(neighboursOf(equals, moved, { id: 'action:10', isLater: false })).toEqual([
      'action:9',
      'action:9000',
      'action:10',
    ])
    expect(neighboursOf(equals, moved, null)).toEqual(['action:9999', 'action:9000'])
  })
})
