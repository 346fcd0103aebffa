// Several chosen together, in the place of the dock: what all of them can be told at once, by one act with one undo.
import { isIdOf, type Id, type RecordKind } from '@/core/record'
import { useDesk } from '@/held/desk'
import { ChosenActions } from './ChosenActions'
import { ChosenKept } from './ChosenKept'
import { ChosenSlips } from './ChosenSlips'

export function ChosenTogether() {
  const chosen = useDesk((state) => state.chosen)
  const of = <K extends RecordKind>(kind: K) =>
    chosen.filter((id): id is Id<K> & typeof id => isIdOf(kind, id))
  const [actions, slips] = [of('action'), of('slip')]
  if (actions.length > 0) return <ChosenActions ids={actions} />
  if (slips.length > 0) return <ChosenSlips ids={slips} />
  return <ChosenKept ids={[...of('reading'), ...of('reference')]} />
}
