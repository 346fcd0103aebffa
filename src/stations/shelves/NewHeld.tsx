// A line for something new in a list of actions that are held: what the list is about follows from where it is said.
import { useState } from 'react'
import type { Action } from '@/core/record'
import { addDays } from '@/core/time'
import { useToday } from '@/held/zen'
import { AddActionLine } from '@/parts/capture/AddActionLine'
import { Button, Row } from '@/ui'

export function NewHeld({ as }: { as: 'waiting' | 'someday' | 'tickler' }) {
  const today = useToday()
  const [isAsked, setAsked] = useState(false)
  if (!isAsked)
    return (
      <Row marginLeft="$-2">
        <Button kind="quiet" icon="plus" label={labels[as]} onPress={() => setAsked(true)} />
      </Row>
    )
  const nobody: NonNullable<Action['waiting']> = {
    personId: null,
    whom: '',
    since: today,
    chaseOn: null,
    how: '',
    toSignOff: false,
  }
  return (
    <AddActionLine
      autoFocus
      label={hints[as]}
      as={(draft) => {
        if (as === 'someday') return { ...draft, horizon: 'someday' }
        if (as === 'tickler') return { ...draft, notBefore: draft.notBefore ?? addDays(today, 7) }
        return { ...draft, waiting: draft.waiting ?? nobody }
      }}
    />
  )
}

const labels = { waiting: 'New', someday: 'New', tickler: 'New' } as const
const hints = {
  waiting: 'Waiting for whom, and what',
  someday: 'What may be done one day',
  tickler: 'What, and not before which day',
} as const
