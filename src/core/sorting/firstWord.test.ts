import type { Id } from '../record'
import { contextByFirstWord, isForReading } from './firstWord'
import { makeLearner } from './learner'

const contexts = ['Desk', 'Phone', 'Errands in town', 'Reading', 'Phone box'].map((name) => ({
  id: `context:${name.toLowerCase()}` as Id<'context'>,
  name,
}))

describe('the first word of a title', () => {
  it.each([
    ['ring Davit about the box', 'Phone'],
    ['Call the bank', 'Phone'],
    ['phone my sister', 'Phone'],
    ['buy milk', 'Errands in town'],
    ['order the samples', 'Errands in town'],
    ['watch the talk on echo', 'Reading'],
    ['read chapter 3', 'Reading'],
    ['ringing in the left ear', null],
    ['the call with Oda', null],
    ['write to Davit', null],
    ['', null],
    ['constructor', null],
  ])('%p speaks for %p', (title, name) => {
    expect(contextByFirstWord(title, contexts, null)?.name ?? null).toBe(name)
  })
  it('speaks for nothing that is not there', () => {
    expect(contextByFirstWord('ring Davit', [], null)).toBeNull()
    expect(contextByFirstWord('ring Davit', contexts.slice(0, 1), null)).toBeNull()
  })
  it('yields to what was decided of that word before, and not to what was decided of others', () => {
    const learner = makeLearner()
    learner.learn({ title: 'echo report', decided: { context: ['context:reading'] } })
    expect(contextByFirstWord('order the samples', contexts, learner)?.name).toBe('Errands in town')
    for (const title of ['order glue', 'order felt'])
      learner.learn({ title, decided: { context: ['context:desk'] } })
    expect(contextByFirstWord('order the samples', contexts, learner)?.name).toBe('Desk')
  })
  it('tells what is kept to be read', () => {
    expect([isForReading('Read the report'), isForReading('reading list')]).toEqual([true, false])
  })
})
