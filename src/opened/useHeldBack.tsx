// After what an action is held back, and what is held back after it: chips beside the others.
import { useState, type ReactNode } from 'react'
import { isOpen } from '@/core/action'
import { recordIn } from '@/core/journal'
import type { Action, Id } from '@/core/record'
import { lists } from '@/state'
import { useAct, useHeldDocument } from '@/held/zen'
import { OpenedAfterChooser } from '@/parts/choosers/useChooser'
import { shortened, type SaidChip, type SaidField } from '@/words'

export function useHeldBack({ id, afterIds }: Action): {
  readonly chips: readonly SaidChip[]
  readonly offers: readonly SaidField[]
  readonly choose: (field: SaidField, of?: string) => boolean
  readonly layer: ReactNode
} {
  const act = useAct()
  const document = useHeldDocument()
  const [asked, setAsked] = useState<{ readonly standing: Id<'action'> | null } | null>(null)
  const chips: SaidChip[] = afterIds.map((afterId) => {
    const before = recordIn(document, afterId)
    const told = before ? shortened(before.title) : 'something removed'
    return {
      field: 'after',
      words: `after ${told}${before && !isOpen(before) ? ', which is over' : ''}`,
      id: afterId,
    }
  })
  return {
    chips,
    offers: ['after'],
    choose: (field, of) => {
      if (field !== 'after') return false
      setAsked({ standing: (of as Id<'action'> | undefined) ?? null })
      return true
    },
    layer: asked ? (
      <OpenedAfterChooser
        of={id}
        standing={asked.standing}
        options={lists.openActionsOf(document)}
        onChoose={(afterId) => act('holdBack', { id, afterId })}
        onTakeOff={(afterId) => act('holdBackNoMore', { id, afterId })}
        onClose={() => setAsked(null)}
      />
    ) : null,
  }
}
