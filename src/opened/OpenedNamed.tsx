// A context or a person opened: the name, and every open action it stands with.
import { roomForActs } from './roomForActs'
import { useState } from 'react'
import { inOrderOfWork } from '@/core/day'
import { isIdOf, type Action, type Context, type Id, type Person } from '@/core/record'
import { lists } from '@/state'
import { BandHeading, Button, Column, EmptyPlace, Row, Words } from '@/ui'
import { DoneBand } from '@/parts/done/DoneBand'
import { useDonePlace } from '@/parts/done/useDonePlace'
import { ActionRow } from '@/parts/rows/ActionRow'
import { EditText } from '@/parts/text/EditText'
import { desk } from '@/held/desk'
import { useAct, useHeld } from '@/held/zen'
import { ContextBands, ContextIs } from './ContextBands'
import { AddActionLine } from '@/parts/capture/AddActionLine'
import { LeaveNamed } from './LeaveNamed'
import { OpenedFoot } from './OpenedFoot'
import { NoteBand } from '@/parts/note/NoteBand'
import { Remarks } from './Remarks'
import { MeetingNotes } from './MeetingNotes'

/** Rows laid out at once: more are a touch away. */
const portion = 100

export function OpenedNamed({ named }: { named: Context | Person }) {
  const act = useAct()
  const { id } = named
  const isContext = isIdOf('context', id)
  const withIt = useHeld(({ document }) =>
    isContext ? lists.actionsOfContext(document, id) : lists.actionsOfPerson(document, id),
  )
  const done = useHeld(({ document }) => lists.doneWith(document, id))
  const [donePlace, setDonePlace] = useDonePlace(id)
  const listed = donePlace === 'among' ? inOrderOfWork([...withIt, ...done]) : withIt
  return (
    <Column gap="$3.5" flexGrow={1}>
      <Words size="second" tone="inkSoft" paddingRight={roomForActs} paddingVertical="$3">
        {isContext ? contextSaid(named as Context) : 'Person'}
      </Words>
      <EditText
        name={`${id} name`}
        label="Name"
        size="title"
        value={named.name}
        needed="It needs a name."
        onKeep={(name, typing) => {
          const options = { say: false, atField: true, ...typing } as const
          return isIdOf('context', id)
            ? act('renameContext', { id, name }, options)
            : act('renamePerson', { id: id as never, name }, options)
        }}
      />
      <Column>
        {isIdOf('context', id) ? <ContextBands context={named as Context} /> : <OfPerson actions={listed} />}
        <DoneBand actions={done} place={donePlace} showProject onPlace={setDonePlace} />
      </Column>
      {isIdOf('person', id) ? (
        <>
          <NoteBand of={id} />
          <MeetingNotes of={id} />
          <Remarks of={id} />
          <Row>
            <Button
              kind="quiet"
              label="Times to offer"
              aria-haspopup="dialog"
              onPress={() => desk.getState().openSheet({ kind: 'offerTimes', personId: id as Id<'person'> })}
            />
          </Row>
        </>
      ) : null}
      {isContext ? <ContextIs context={named as Context} /> : null}
      <LeaveNamed named={named} />
      <OpenedFoot>
        <AddActionLine
          key={id}
          as={(draft) =>
            isIdOf('context', id)
              ? { ...draft, contextIds: withToo(draft.contextIds, id) }
              : { ...draft, personIds: withToo(draft.personIds, id as Id<'person'>) }
          }
        />
      </OpenedFoot>
    </Column>
  )
}

const withToo = <I extends string>(ids: readonly I[] | undefined, id: I): I[] => [
  ...new Set([...(ids ?? []), id]),
]

const contextSaid = ({ retiredAtEpochMs }: Context) =>
  retiredAtEpochMs === null ? 'Context' : 'Context, not offered any more'

/** Every open action with a person. */
function OfPerson({ actions }: { actions: readonly Action[] }) {
  const [shown, setShown] = useState(portion)
  return (
    <>
      <BandHeading title="Actions" end={String(actions.length)} />
      {actions.length === 0 ? <EmptyPlace says="No open action is with this person." /> : null}
      <Column render="ul" aria-label="Actions">
        {actions.slice(0, shown).map((action) => (
          <ActionRow key={action.id} action={action} showProject showDay />
        ))}
      </Column>
      {actions.length > shown ? (
        <Row>
          <Button
            kind="quiet"
            label={`Show the next of ${actions.length - shown} more`}
            onPress={() => setShown(shown + portion)}
          />
        </Row>
      ) : null}
    </>
  )
}
