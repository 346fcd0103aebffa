// What is held and not on today's table: waiting, held back, hidden until a day.
import { isHidden } from '@/core/action'
import { useMemo } from 'react'
import { lists } from '@/state'
import { EmptyPlace } from '@/ui'
import { Band } from '@/parts/rows/Band'
import { useHeld, useToday } from '@/held/zen'

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
  hidden: { title: 'Not before', empty: 'Nothing is hidden until a later day.' },
} as const

const listOf = {
  waiting: lists.waitingOf,
  signOff: lists.toSignOffOf,
  heldBack: lists.heldBackOf,
  hidden: lists.notBeforeOf,
} as const

export function HeldLists({ which }: { which: keyof typeof texts }) {
  const today = useToday()
  const held = useHeld((state) => listOf[which](state.document))
  const found = useMemo(
    () => (which === 'hidden' ? held.filter((action) => isHidden(action, today)) : held),
    [held, today, which],
  )
  return found.length === 0 ? (
    <EmptyPlace says={texts[which].empty} />
  ) : (
    <Band
      title={texts[which].title}
      actions={found}
      showProject
      tone={which === 'hidden' ? 'plum' : 'slate'}
      quick={which === 'waiting' || which === 'signOff' ? 'chase' : undefined}
    />
  )
}
