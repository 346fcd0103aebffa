// What *Action* asks, one row each with the likeliest first: where, how near, how long, for what. All of it is
// prefilled from the sentence, so that Enter is often enough.
import { useMemo, useState } from 'react'
import type { ActionPatch } from '@/core/sentence'
import { lists } from '@/state'
import { OpenedChooser, useChooser } from '@/parts/choosers/useChooser'
import { sayableOf } from '@/parts/said/sayableOf'
import { useAct, useHeldDocument, useToday } from '@/held/zen'
import { shortened, type Sayable, type SaidField } from '@/words'
import { ActionRows } from './ActionRows'
import { SaidPaper } from './SaidPaper'
import { Left, SortingForm, type AskedOf } from './SortingForm'
import { useSaidParts } from './useSaidParts'

type Patch = ActionPatch & { readonly title?: string }

/** What has a row of its own is not said again on the paper. */
const inRows = new Set<SaidField>(['horizon', 'minutes', 'contextIds', 'shelf'])

export function ActionForm({ slip, fields, left, onBack }: AskedOf) {
  const act = useAct()
  const today = useToday()
  const document = useHeldDocument()
  const chooser = useChooser()
  // Only what was chosen here is held: the rest follows the sentence.
  const [patch, setPatch] = useState<Patch>({})
  const chosen = useMemo(
    () => ({ title: fields.title, ...sayableOf(fields, today), ...patch }),
    [fields, patch, today],
  )
  const of: Sayable = chosen
  const parts = useSaidParts(fields, of)
  const set = (more: Patch) => setPatch((before) => ({ ...before, ...more }))
  // What is sorted into a project can be the very next thing there.
  const [isNext, setNext] = useState(false)
  const others = of.projectId ? lists.actionsOfProject(document, of.projectId) : []
  const isEmpty = chosen.title.trim() === ''
  return (
    <>
      <SortingForm
        label="Action"
        keepLabel="Save action"
        canKeep={!isEmpty}
        onBack={onBack}
        onKeep={() =>
          act(
            'sortAsAction',
            {
              slipId: slip.id,
              left,
              fields: { steps: fields.steps, ...parts.said, ...chosen, isNext: isNext && others.length > 0 },
            },
            { say: `Sorted as an action: ${shortened(chosen.title)}` },
          )
        }
      >
        <SaidPaper
          label="Next action"
          title={chosen.title}
          onTitle={(title) => set({ title })}
          needed="An action needs a title."
          of={of}
          fields={fields}
          inRows={inRows}
          onChoose={chooser.choose}
          parts={parts}
        />
        {left === '' ? null : <Left words={left} />}
        <ActionRows
          of={of}
          title={fields.title}
          onSet={set}
          onMore={chooser.choose}
          isNext={isNext}
          onNext={setNext}
          others={others.length}
        />
      </SortingForm>
      {/* Beside the form: Enter in a chooser must not keep the action. */}
      <OpenedChooser chooser={chooser} of={of} onSet={set} />
      {parts.layer}
    </>
  )
}
