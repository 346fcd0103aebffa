// What *Action* asks: all of it prefilled from the sentence, so that Enter is often enough.
import { shortened } from '@/words'
import { useState } from 'react'
import type { Horizon, Id, Weight } from '@/core/record'
import type { NewAction } from '@/state'
import { Column, Field } from '@/ui'
import {
  ContextChoice,
  HorizonChoice,
  MinutesChoice,
  ShelfPull,
  WeightChoice,
} from '@/parts/choosers/ActionChoices'
import { useAct, useToday } from '@/held/zen'
import { FormFoot } from './FormFoot'

export function ActionForm({
  slipId,
  fields,
  onBack,
}: {
  slipId: Id<'slip'>
  fields: NewAction
  onBack: () => void
}) {
  const act = useAct()
  const today = useToday()
  // Only what was chosen here is held: the rest follows the sentence, whose clauses may be taken off meanwhile.
  const [patch, setPatch] = useState<Partial<NewAction>>({})
  const chosen: NewAction = { ...fields, ...patch }
  const set = (more: Partial<NewAction>) => setPatch((before) => ({ ...before, ...more }))
  const empty = chosen.title.trim() === ''
  const keep = () => {
    if (!empty)
      act(
        'sortAsAction',
        { slipId, fields: chosen },
        { say: `Sorted as an action: ${shortened(chosen.title)}` },
      )
  }
  const horizon: Horizon | null = chosen.horizon ?? (chosen.day === today ? 'today' : null)
  return (
    <Column
      render="form"
      role="form"
      aria-label="Action"
      gap={14}
      {...{
        onSubmit: (event: React.FormEvent) => {
          event.preventDefault()
          keep()
        },
      }}
    >
      <Field
        label="Next action"
        shown
        value={chosen.title}
        onChangeText={(title) => set({ title })}
        autoFocus
        onSubmitEditing={keep}
        problem={empty ? 'An action needs a title.' : null}
      />
      <ContextChoice
        chosen={(chosen.contextIds ?? []) as Id<'context'>[]}
        onToggle={(contextIds) => set({ contextIds })}
      />
      <ShelfPull projectId={chosen.projectId ?? null} areaId={chosen.areaId ?? null} onChoose={set} />
      <HorizonChoice
        chosen={horizon ?? 'soon'}
        onChoose={(next) =>
          set({ horizon: next, ...(next !== 'today' && chosen.day === today ? { day: null } : {}) })
        }
      />
      <MinutesChoice minutes={chosen.minutes ?? null} onChoose={(minutes) => set({ minutes })} />
      <WeightChoice chosen={chosen.weight ?? 'should'} onChoose={(weight: Weight) => set({ weight })} />
      <FormFoot label="Keep the action" onBack={onBack} disabled={empty} />
    </Column>
  )
}
