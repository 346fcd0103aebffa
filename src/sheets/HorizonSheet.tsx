import { recordIn } from '@/core/journal'
import type { Id } from '@/core/record'
import { ChosenField } from '@/parts/choosers/useChooser'
import { useAct, useHeld, useToday } from '@/held/zen'
import { horizonWords, shortened } from '@/words'

/** How near one action is held. */
export function HorizonSheet({ id, onClose }: { id: Id<'action'>; onClose: () => void }) {
  const act = useAct()
  const today = useToday()
  const action = useHeld((state) => recordIn(state.document, id))
  if (!action) return null
  const title = shortened(action.title)
  return (
    <ChosenField
      field="horizon"
      title={`How near is “${title}”?`}
      of={action}
      onClose={onClose}
      onSet={({ horizon, day }) => {
        const chosen = day === today ? 'today' : horizon
        if (chosen) act('setHorizon', { id, horizon: chosen }, { say: `${title}: ${horizonWords[chosen]}` })
      }}
    />
  )
}
