// What is held and not on today's table: waiting, and held back.
import { lists } from '@/state'
import { EmptyPlace } from '@/ui'
import { Band } from '@/parts/rows/Band'
import { useHeld } from '@/held/zen'

const texts = {
  waiting: {
    title: 'Waiting for',
    empty: 'Nothing is expected from anybody. Open an action to hand it over.',
  },
  signOff: {
    title: 'To sign off',
    empty: 'Nothing you have done waits for somebody to accept it.',
  },
  heldBack: { title: 'After another', empty: 'Nothing is held back until something else is done.' },
} as const

const listOf = {
  waiting: lists.waitingOf,
  signOff: lists.toSignOffOf,
  heldBack: lists.heldBackOf,
} as const

export function HeldLists({ which }: { which: keyof typeof texts }) {
  const found = useHeld((state) => listOf[which](state.document))
  return found.length === 0 ? (
    <EmptyPlace says={texts[which].empty} />
  ) : (
    <Band
      title={texts[which].title}
      actions={found}
      showProject
      tone="slate"
      quick={which === 'waiting' || which === 'signOff' ? 'chase' : undefined}
    />
  )
}
