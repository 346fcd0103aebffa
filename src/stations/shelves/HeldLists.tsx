// What is held and not on today's table: waiting, someday, hidden until a day.
import { isHidden } from '@/core/action'
import { useMemo } from 'react'

import { somedayOf, waitingOf } from '@/core/review'
import { select } from '@/state'
import { EmptyPlace } from '@/ui'
import { Band } from '@/parts/rows/Band'
import { useHeld, useToday } from '@/held/zen'

const texts = {
  waiting: {
    title: 'Waiting for',
    empty: 'Nothing is expected from anybody. Open an action to hand it over.',
  },
  someday: { title: 'Someday', empty: 'What may be done one day, and need not be decided now, rests here.' },
  hidden: { title: 'Not before', empty: 'Nothing is hidden until a later day.' },
} as const

export function HeldLists({ which }: { which: keyof typeof texts }) {
  const today = useToday()
  const actions = useHeld((state) => select.openActionsOf(state.document))
  const found = useMemo(() => {
    if (which === 'waiting') return waitingOf(actions)
    if (which === 'someday') return somedayOf(actions)
    return actions
      .filter((action) => isHidden(action, today))
      .sort((a, b) => ((a.notBefore ?? '') < (b.notBefore ?? '') ? -1 : 1))
  }, [actions, today, which])
  return found.length === 0 ? (
    <EmptyPlace says={texts[which].empty} />
  ) : (
    <Band
      title={texts[which].title}
      actions={found}
      showProject
      tone={which === 'waiting' ? 'slate' : 'plum'}
    />
  )
}
