// What is rarely done with what is opened, behind one button.
import { useState } from 'react'
import { isOpen } from '@/core/action'
import { recordIn } from '@/core/journal'
import { isIdOf, type Action, type Person, type Reading, type Reference, type Slip } from '@/core/record'
import type { OpenableId } from '@/held/useOpened'
import { useHeld, useUndo } from '@/held/zen'
import { isTemplate } from '@/state/read/isTemplate'
import { LayAside } from '@/parts/aside/LayAside'
import { RaiseWith } from '@/parts/people/RaiseWith'
import { GrowButton } from '@/parts/reshape/Ways'
import { Button, Column, IconButton, SlideOver } from '@/ui'
import { History } from './History'
import { SaveAsTemplate } from './SaveAsTemplate'
import { PersonMore } from './person/PersonMore'
import { StepOfAnother } from './StepOfAnother'

export function OpenedMore({ id }: { id: OpenableId }) {
  const [isAsked, setAsked] = useState(false)
  const { undo, redo, canUndo, canRedo } = useUndo()
  const record = useHeld(({ document }) => recordIn(document, id))
  if (!record) return null
  return (
    <>
      <IconButton label="More" icon="more" aria-haspopup="dialog" onPress={() => setAsked(true)} />
      {isAsked ? (
        <SlideOver title="More" onClose={() => setAsked(false)}>
          <Column marginLeft="$-2" alignItems="flex-start">
            {canUndo ? <Button kind="quiet" label="Undo" onPress={undo} /> : null}
            {canRedo ? <Button kind="quiet" label="Redo" onPress={redo} /> : null}
            {isIdOf('action', id) ? (
              <OfAction action={record as Action} onDone={() => setAsked(false)} />
            ) : null}
            {isIdOf('slip', id) ? (
              <RaiseWith
                of={id}
                text={(record as Slip).text}
                personIds={(record as Slip).personIds}
                onDone={() => setAsked(false)}
              />
            ) : null}
            {isIdOf('person', id) ? (
              <PersonMore person={record as Person} onDone={() => setAsked(false)} />
            ) : null}
            <Button
              kind="quiet"
              alignSelf="flex-start"
              label="Print"
              onPress={() => {
                setAsked(false)
                // The sheet is gone before the page is laid out for paper.
                setTimeout(() => window.print(), 0)
              }}
            />
          </Column>
          {isIdOf('action', id) || isIdOf('reading', id) || isIdOf('reference', id) ? (
            <History ids={historyIds(record as Action | Reading | Reference)} of={id} />
          ) : null}
        </SlideOver>
      ) : null}
    </>
  )
}

/** With what it was sorted from. */
const historyIds = ({ id, slipId }: Pick<Action, 'slipId'> & { readonly id: string }): string[] =>
  slipId ? [slipId, id] : [id]

function OfAction({ action, onDone }: { action: Action; onDone: () => void }) {
  const project = useHeld(({ document }) =>
    action.projectId ? recordIn(document, action.projectId) : undefined,
  )
  if (!isOpen(action) || isTemplate(project)) return null
  return (
    <>
      <GrowButton action={action} onDone={onDone} />
      <StepOfAnother action={action} />
      <RaiseWith of={action.id} text={action.title} personIds={action.personIds} onDone={onDone} />
      <LayAside id={action.id} onLaid={onDone} />
      <SaveAsTemplate id={action.id} />
    </>
  )
}
