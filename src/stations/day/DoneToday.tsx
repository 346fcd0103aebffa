// What was done today, folded at the end of the sheet and whole under its own name.
import { useMemo, useState } from 'react'
import type { Action } from '@/core/record'
import { lists } from '@/state'
import { BandHeading, Column, EmptyPlace, IconButton } from '@/ui'
import { Band } from '@/parts/rows/Band'
import { useHeldDocument, useToday, useZen } from '@/held/zen'

function useDoneToday(): readonly Action[] {
  const { clock } = useZen()
  const today = useToday()
  const document = useHeldDocument()
  return useMemo(() => lists.doneOf(document, today, today, clock.zone()), [document, today, clock])
}

export function DoneToday() {
  const done = useDoneToday()
  return done.length === 0 ? (
    <EmptyPlace says="Nothing ticked yet today. What you tick is gathered here." />
  ) : (
    <Band title="Done today" actions={done} tone="moss" />
  )
}

export function DoneFolded() {
  const done = useDoneToday()
  const [unfolded, setUnfolded] = useState(false)
  if (done.length === 0) return null
  return (
    <Column>
      {unfolded ? (
        <Band title="Done today" actions={done} tone="moss" />
      ) : (
        <BandHeading title="Done today" end={String(done.length)} tone="moss" />
      )}
      <IconButton
        label={unfolded ? 'Fold what is done' : 'Unfold what is done'}
        icon={unfolded ? 'up' : 'down'}
        onPress={() => setUnfolded(!unfolded)}
        aria-expanded={unfolded}
        alignSelf="center"
      />
    </Column>
  )
}
