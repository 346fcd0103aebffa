import { dateFields, countFields, lensStates, type Condition } from './lens'

/** Which field a condition is about: its place in the sentence, and its name in what is kept. */
export function aboutOf(condition: Condition): string {
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

const places = new Map(
  [
    'ready',
    'energy',
    'weight',
    'side',
    'context',
    'minutes',
    'person',
    'project',
    'area',
    'group',
    'horizon',
    ...dateFields,
    'payoff',
    'craft',
    'work',
    ...lensStates.slice(1),
    ...countFields,
    'text',
    'many',
  ].map((about, index) => [about, index]),
)

/** Conditions in the order of the sentence; what is about the same keeps its order. */
export const inSentenceOrder = (conditions: readonly Condition[]): readonly Condition[] =>
  [...conditions].sort((a, b) => (places.get(aboutOf(a)) ?? 99) - (places.get(aboutOf(b)) ?? 99))
