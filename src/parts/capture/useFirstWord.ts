// What the first word of a sentence speaks for, where the sentence itself says no context: "ring Davit" and the phone.
import type { Sentence } from '@/core/sentence'
import { useReader } from '@/held/reader'
import { useLearned } from '@/held/useLearned'
import { useHeld } from '@/held/zen'
import { select } from '@/state'

/** The context to offer; null where there is none. */
export function useFirstWord({ title, clauses }: Sentence) {
  const reader = useReader()
  const contexts = useHeld((state) => select.contextsOf(state.document))
  const isSaid = clauses.some(({ kind }) => kind === 'context' || kind === 'question' || kind === 'waiting')
  const isUsual = !isSaid && reader.contextByFirstWord(title, contexts, null) !== null
  const learner = useLearned(isUsual)
  return isSaid ? null : reader.contextByFirstWord(title, contexts, learner)
}
