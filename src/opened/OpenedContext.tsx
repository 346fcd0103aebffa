// A context opened: the name, and every open action it stands with.
import { roomForActs } from './roomForActs'
import type { Context } from '@/core/record'
import { lists } from '@/state'
import { Column, Words } from '@/ui'
import { DoneBand } from '@/parts/done/DoneBand'
import { useDonePlace } from '@/parts/done/useDonePlace'
import { EditText } from '@/parts/text/EditText'
import { useAct, useHeld } from '@/held/zen'
import { ContextBands, ContextIs } from './ContextBands'
import { AddActionLine } from '@/parts/capture/AddActionLine'
import { LeaveNamed } from './LeaveNamed'
import { OpenedFoot } from './OpenedFoot'

export function OpenedContext({ context }: { context: Context }) {
  const act = useAct()
  const { id, retiredAtEpochMs } = context
  const done = useHeld(({ document }) => lists.doneWith(document, id))
  const [donePlace, setDonePlace] = useDonePlace(id)
  return (
    <Column gap="$3.5" flexGrow={1}>
      <Words size="second" tone="inkSoft" paddingRight={roomForActs} paddingVertical="$3">
        {retiredAtEpochMs === null ? 'Context' : 'Context, not offered any more'}
      </Words>
      <EditText
        name={`${id} name`}
        label="Name"
        size="title"
        value={context.name}
        needed="It needs a name."
        onKeep={(name, typing) =>
          act('renameContext', { id, name }, { say: false, atField: true, ...typing })
        }
      />
      <Column>
        <ContextBands context={context} />
        <DoneBand actions={done} place={donePlace} showProject onPlace={setDonePlace} />
      </Column>
      <ContextIs context={context} />
      <LeaveNamed named={context} />
      <OpenedFoot>
        <AddActionLine
          key={id}
          as={(draft) => ({ ...draft, contextIds: [...new Set([...(draft.contextIds ?? []), id])] })}
        />
      </OpenedFoot>
    </Column>
  )
}
