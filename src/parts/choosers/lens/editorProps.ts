import type { Condition } from '@/core/lens'
import type { OnDemand } from '@/state'

/** What sets a condition is given. */
export interface EditorProps<C extends Condition = Condition> {
  readonly condition: C
  readonly lenses: OnDemand['lenses']
  /** Reads words as a condition: where choosing would take too many touches. */
  readonly say: (words: string) => Condition | null
  readonly onSet: (condition: C) => void
}
