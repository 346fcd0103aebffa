// Who owes whom: what somebody is waited for, what they were promised, and what else is with them.
import type { Action, Id } from '../record'

/** `theirs`: they owe it. `promised`: it is due, and with them. `with`: it is with them, and nothing was promised. */
export type Owed = 'theirs' | 'promised' | 'with'

/** How an open action stands between me and somebody. A due date is a promise. */
export function owedOf({ waiting, due }: Pick<Action, 'waiting' | 'due'>, id: Id<'person'>): Owed {
  if (waiting?.personId === id) return 'theirs'
  return due && !waiting ? 'promised' : 'with'
}
