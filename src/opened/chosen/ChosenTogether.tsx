// Several chosen together, in the place of the dock: what all of them can be told at once, by one act with one undo.
import { isIdOf } from '@/core/record'
import { useDesk } from '@/held/desk'
import { ChosenActions } from './ChosenActions'
import { ChosenSlips } from './ChosenSlips'

export function ChosenTogether() {
  const chosen = useDesk((state) => state.chosen)
  const actionIds = chosen.filter((id) => isIdOf('action', id))
  return actionIds.length > 0 ? (
    <ChosenActions ids={actionIds} />
  ) : (
    <ChosenSlips ids={chosen.filter((id) => isIdOf('slip', id))} />
  )
}
