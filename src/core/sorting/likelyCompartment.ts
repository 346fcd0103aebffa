// Which compartment is marked as likely for a slip: what its sentence says comes first, then what was learned of its
// words. The usual one is marked only where the person has a habit, and nothing in the sentence speaks against it.
import type { Draft } from '../sentence'
import type { Compartment } from './compartments'
import type { Suggestion } from './learner'

/** So often something was decided before it counts as a habit. */
const habit = 5

/** What has a day or a length is to be done: it is neither kept nor left for some day. */
const isToDo = ({ due, day, at, repeat, minutes }: Draft): boolean =>
  Boolean(due ?? day ?? at ?? repeat ?? minutes)

const forToDo: ReadonlySet<string> = new Set<Compartment>([
  'action',
  'twoMinutes',
  'project',
  'handOver',
  'notBefore',
])

const said = (value: Compartment, words: string): Suggestion => ({ value, because: [words], times: 0 })

export function likelyCompartment(draft: Draft, learned: readonly Suggestion[]): Suggestion | null {
  if (draft.waiting) return said('handOver', 'waiting for')
  if (draft.notBefore) return said('notBefore', 'not before')
  if (draft.horizon === 'someday') return said('someday', 'someday')
  const [first] = learned
  if (!first) return null
  const fits = !isToDo(draft) || forToDo.has(first.value)
  return first.because.length > 0 || (first.times >= habit && fits) ? first : null
}
