// Several chosen together, in the place of the dock: what all of them can be told at once, by one act with one undo.
import { useMemo } from 'react'
import { isIdOf, type Id, type RecordKind } from '@/core/record'
import { useDesk } from '@/held/desk'
import { ChosenActions } from './ChosenActions'
import { ChosenKept } from './ChosenKept'
import { ChosenSlips } from './ChosenSlips'

const ofKind = <K extends RecordKind>(kind: K, ids: readonly string[]): Id<K>[] =>
  ids.filter((id): id is Id<K> => isIdOf(kind, id))

export function ChosenTogether() {
  const chosen = useDesk((state) => state.chosen)
  const [actions, slips] = useMemo(
    () => [ofKind('action', chosen), ofKind('slip', chosen)] as const,
    [chosen],
  )
  if (actions.length > 0) return <ChosenActions ids={actions} />
  if (slips.length > 0) return <ChosenSlips ids={slips} />
  return <ChosenKept ids={[...ofKind('reading', chosen), ...ofKind('reference', chosen)]} />
}
