// What the tickler has brought: it waits beside the slips until something is decided of it.
import { lists } from '@/state'
import { useHeld, useToday } from '@/held/zen'
import { Band } from './Band'

export const useCameBack = () => {
  const today = useToday()
  return useHeld((state) => lists.cameBackOf(state.document, today))
}

export function CameBack() {
  const actions = useCameBack()
  return actions.length === 0 ? null : (
    <Band title="Back today" actions={actions} tone="plum" showProject quick="stay" />
  )
}
