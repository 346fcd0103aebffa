// The ways to plan a day: none begins by itself.
import { EndDay } from './EndDay'
import { PickDay } from './PickDay'
import { SpreadDay } from './SpreadDay'

/** What the day can be planned by. */
export type PlanningAct = 'pick' | 'spread' | 'end'

export function Planning({ act, onClose }: { act: PlanningAct; onClose: () => void }) {
  switch (act) {
    case 'pick':
      return <PickDay onClose={onClose} />
    case 'spread':
      return <SpreadDay onClose={onClose} />
    case 'end':
      return <EndDay onClose={onClose} />
  }
}
