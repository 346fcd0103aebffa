// A checklist opened: its lines, how often it was gone through, and the way through it.
import { roomForActs } from './roomForActs'
import { recordIn } from '@/core/journal'
import type { Checklist } from '@/core/record'
import { owned } from '@/state'
import { Button, Column, Press, Words } from '@/ui'
import { desk } from '@/held/desk'
import { useOnDemand } from '@/held/reader'
import { useOpened } from '@/held/useOpened'
import { useAct, useHeld, useHeldDocument, useToday, useZen } from '@/held/zen'
import { StepOutline } from '@/parts/steps/StepOutline'
import { EditText } from '@/parts/text/EditText'
import { shortened } from '@/words'
import { checklistRunsWords } from '@/words/pages'
import { SaveAsTemplate } from './SaveAsTemplate'
import { OpenedFoot } from './OpenedFoot'
import { Remarks } from './Remarks'

export function OpenedChecklist({ checklist }: { checklist: Checklist }) {
  const act = useAct()
  const later = useOnDemand()
  const document = useHeldDocument()
  const today = useToday()
  const { clock } = useZen()
  const { open, close } = useOpened()
  const { id, name, ownerId } = checklist
  const runs = later?.checklists.checklistRunsOf(document, id) ?? []
  const steps = useHeld((state) => owned.stepsOf(state.document, id))
  const hasRemarks = useHeld((state) => owned.remarksOf(state.document, id).length > 0)
  const owner = ownerId && recordIn(document, ownerId)
  const isBegun = steps.some(({ doneAtEpochMs }) => doneAtEpochMs !== null)
  return (
    <Column gap="$2.5" flexGrow={1}>
      {ownerId && owner ? (
        <Press maxWidth="100%" paddingRight={roomForActs} onPress={() => open(ownerId)}>
          <Words size="second" tone="brass" oneLine>
            {`Checklist of ${owner.title}`}
          </Words>
        </Press>
      ) : (
        <Words size="second" tone="inkSoft" paddingRight={roomForActs} paddingVertical="$3">
          Checklist
        </Words>
      )}
      <EditText
        name={`${id} name`}
        label="Name"
        size="title"
        value={name}
        needed="A checklist needs a name."
        onKeep={(kept, typing) =>
          act('renameChecklist', { id, name: kept }, { say: false, atField: true, ...typing })
        }
      />
      <Words size="second" tone="inkSoft">
        {checklistRunsWords(runs, clock.zone(), today)}
      </Words>
      <StepOutline of={id} />
      {hasRemarks ? <Remarks of={id} /> : null}
      <SaveAsTemplate id={id} />
      <OpenedFoot
        main={
          steps.length > 0 ? (
            <Button
              kind="main"
              label="Walk through it"
              aria-haspopup="dialog"
              onPress={() => desk.getState().openSheet({ kind: 'walk', id })}
            />
          ) : undefined
        }
      >
        {isBegun ? (
          <Button
            kind="quiet"
            label="Start over"
            onPress={() => act('startAfresh', { id }, { say: `Started over: ${shortened(name)}` })}
          />
        ) : null}
        <Button
          kind="quiet"
          label="Remove"
          onPress={() => {
            close()
            act('removeChecklist', { id })
          }}
        />
      </OpenedFoot>
    </Column>
  )
}
