import { facetFields } from '../record'
import { allRules, facets } from '../facets'
import { askable, choiceFields, countFields, dateFields, groupFields, lensStates, sortFields } from './lens'
import { ownTerms } from './ownTerms'
import { choiceTerms, countTerms, dateTerms, groupTerms, sortTerms, stateTerms } from './terms'

const named = (terms: object) => Object.keys(terms).sort()

describe('what a lens can be told of', () => {
  it.each([
    ['asked for out of a list', choiceTerms, choiceFields],
    ['asked for by a day', dateTerms, dateFields],
    ['asked for as it stands', stateTerms, lensStates],
    ['counted', countTerms, countFields],
    ['gathered by', groupTerms, groupFields],
    ['sorted by', sortTerms, sortFields],
  ])('has one term for each name it is kept under: %s', (_, terms, names) => {
    expect(named(terms)).toEqual([...names].sort())
  })
  it('has each term in one place', () => {
    const all = [ownTerms, ...facets.flatMap(({ lens }) => lens ?? [])].flatMap((terms) =>
      Object.entries(terms).flatMap(([which, of]) =>
        typeof of === 'object' && !Array.isArray(of) ? Object.keys(of).map((name) => `${which} ${name}`) : [],
      ),
    )
    expect(all).toEqual([...new Set(all)])
  })
  it('says every value that a choice can have', () => {
    for (const field of choiceFields) {
      const { values } = askable[field]
      const { named: ofName, scale } = choiceTerms[field]
      expect([field, values === null]).toEqual([field, ofName !== undefined])
      if (values && scale) expect(Object.keys(scale.values).sort()).toEqual([...values].sort())
    }
  })
})

describe('the facets of an action', () => {
  it('are one for each field that a sentence sets', () => {
    expect(facets.flatMap(({ fields }) => fields).sort()).toEqual([...facetFields].sort())
  })
  it('each say their fields again', () => {
    for (const { fields, again } of facets)
      expect(Object.keys(again ?? {}).sort()).toEqual([...fields].sort())
  })
  it('have each kind of clause once', () => {
    expect(allRules.map(([kind]) => kind)).toEqual([
      ...new Set(facets.flatMap(({ clauses }) => Object.keys(clauses))),
    ])
  })
})
