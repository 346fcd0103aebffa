// What was done today, whole under its own name; the sheet has it at its end.
import { useMemo } from 'react'
import type { Action } from '@/core/record'
import { lists } from '@/state'
import { EmptyPlace } from '@/ui'
import { Band } from '@/parts/rows/Band'
import { useOfSide } from '@/held/side'
import { useHeldDocument, useToday, useZen } from '@/held/zen'

export function useDoneToday(): readonly Action[] {
  const { clock } = useZen()
  const today = useToday()
  const document = useHeldDocument()
  const done = useMemo(() => lists.doneOf(document, today, today, clock.zone()), [document, today, clock])
  return useOfSide()(done)
}

export function DoneToday() {
  const done = useDoneToday()
  return done.length === 0 ? (
    <EmptyPlace says="Nothing done yet today. What you finish is listed here." />
  ) : (
    <Band title="Done today" actions={done} tone="moss" />
  )
}
