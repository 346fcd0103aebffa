import { recordIn } from '@/core/journal'
import type { Id } from '@/core/record'
import { SlideOver } from '@/ui'
import { HorizonChoice } from '@/parts/choosers/ActionChoices'
import { horizonWords } from '@/words'
import { useAct, useHeld, useToday } from '@/held/zen'

/** How near one action is held. */
export function HorizonSheet({ id, onClose }: { id: Id<'action'>; onClose: () => void }) {
  const act = useAct()
  const today = useToday()
  const action = useHeld((state) => recordIn(state.document, id))
  if (!action) return null
  return (
    <SlideOver title={`How near is “${action.title}”?`} onClose={onClose}>
      <HorizonChoice
        shown={false}
        chosen={action.day === today ? 'today' : action.horizon}
        onChoose={(horizon) => {
          act('setHorizon', { id, horizon }, { say: `${action.title}: ${horizonWords[horizon]}` })
          onClose()
        }}
      />
    </SlideOver>
  )
}
