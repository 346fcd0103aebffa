// What a seal is made of.
import { lettersLimit } from '../limits'
import { inkCount } from '../scales'
import { count, text, withBlank } from './field'

export const seal = {
  /** One or two letters or an emoji; empty where it has none of its own. */
  letters: text(lettersLimit, { expected: 'expected one or two letters' }),
  /** One of the inks, by its number. */
  ink: withBlank(count({ max: inkCount - 1 }), 0),
}

/** It is looked at again after so many weeks. */
export const weeks = count({ min: 1, max: 104 })
