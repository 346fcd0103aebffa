import { askable, type Condition } from './lens'

/** Which field a condition is about: its place in the sentence, and its name in what is kept. */
export function aboutOf(condition: Condition): keyof typeof askable {
  switch (condition.kind) {
    case 'choice':
    case 'date':
    case 'count':
      return condition.field
    case 'state':
      return condition.state
    case 'minutes':
    case 'text':
    case 'many':
      return condition.kind
  }
}

const places = new Map(Object.keys(askable).map((about, index) => [about, index]))
const placeOf = (condition: Condition): number => places.get(aboutOf(condition)) ?? places.size

/** Conditions in the order of the sentence; what is about the same keeps its order. */
export const inSentenceOrder = (conditions: readonly Condition[]): readonly Condition[] =>
  [...conditions].sort((a, b) => placeOf(a) - placeOf(b))
