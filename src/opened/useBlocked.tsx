// After what an action is blocked, and what is blocked after it: chips beside the others.
import { useState, type ReactNode } from 'react'
import { isOpen } from '@/core/action'
import { recordIn } from '@/core/journal'
import { isIdOf, type Action, type Id } from '@/core/record'
import { lists } from '@/state'
import { useOpened } from '@/held/useOpened'
import { useAct, useHeldDocument } from '@/held/zen'
import { OpenedAfterChooser } from '@/parts/choosers/useChooser'
import { nameOfRecord, shortened, type SaidChip, type SaidField } from '@/words'

function followsWords(id: Id, projectId: Id | null, name: string): string {
  if (id === projectId) return 'blocked: its project rests or is over'
  return isIdOf('action', id) ? `after ${name}, in order` : `after all of ${name}`
}

export function useBlocked(action: Action): {
  readonly chips: readonly SaidChip[]
  readonly offers: readonly SaidField[]
  readonly choose: (field: SaidField, of?: string) => boolean
  readonly layer: ReactNode
} {
  const { id, afterIds, projectId } = action
  const act = useAct()
  const { open } = useOpened()
  const document = useHeldDocument()
  const [asked, setAsked] = useState<{ readonly standing: Id<'action'> | null } | null>(null)
  const said: SaidChip[] = afterIds.map((afterId) => {
    const before = recordIn(document, afterId)
    const told = before ? shortened(before.title) : 'something deleted'
    return {
      field: 'after',
      words: `after ${told}${before && !isOpen(before) ? ', which is done' : ''}`,
      id: afterId,
    }
  })
  // What follows from its project is changed there.
  const follows = lists.asItStands(document, action).afterIds.filter((each) => !afterIds.includes(each))
  const chips = [
    ...said,
    ...follows.map((each): SaidChip => {
      const name = shortened(nameOfRecord(document, each))
      return {
        field: 'order',
        words: followsWords(each, projectId, name),
        id: each,
      }
    }),
  ]
  const nameOf = (each: Id) => shortened(nameOfRecord(document, each))
  const nowSays = (words: string) => ({ say: `${shortened(action.title)}: ${words}` })
  return {
    chips,
    offers: ['after'],
    choose: (field, of) => {
      if (field === 'order' && projectId) {
        open(projectId)
        return true
      }
      if (field !== 'after') return false
      setAsked({ standing: (of as Id<'action'> | undefined) ?? null })
      return true
    },
    layer: asked ? (
      <OpenedAfterChooser
        of={id}
        standing={asked.standing}
        options={lists.openActionsOf(document)}
        onChoose={(afterId) => act('blockAction', { id, afterId }, nowSays(`after ${nameOf(afterId)}`))}
        onTakeOff={(afterId) =>
          act('unblockAction', { id, afterId }, nowSays(`not after ${nameOf(afterId)} any longer`))
        }
        onClose={() => setAsked(null)}
      />
    ) : null,
  }
}
