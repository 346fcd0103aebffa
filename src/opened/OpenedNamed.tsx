// A context or a person opened: the name, and every open action it stands with.
import { isIdOf, type Context, type Person } from '@/core/record'
import { lists } from '@/state'
import { BandHeading, Button, Column, EmptyPlace, Row, Words } from '@/ui'
import { ActionRow } from '@/parts/rows/ActionRow'
import { EditText } from '@/parts/text/EditText'
import { useAct, useHeld } from '@/held/zen'
import { useOpened } from '@/held/useOpened'
import { NoteBand } from '@/parts/note/NoteBand'
import { Remarks } from './Remarks'
import { Talks } from './Talks'

export function OpenedNamed({ named }: { named: Context | Person }) {
  const act = useAct()
  const { close } = useOpened()
  const { id } = named
  const isContext = isIdOf('context', id)
  const withIt = useHeld(({ document }) =>
    isContext ? lists.actionsOfContext(document, id) : lists.actionsOfPerson(document, id),
  )
  return (
    <Column gap="$3.5">
      <Words size="second" tone="inkSoft" paddingRight="$11" paddingVertical="$3">
        {isContext ? 'Context' : 'Person'}
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
        <BandHeading title="Actions" end={String(withIt.length)} />
        {withIt.length === 0 ? (
          <EmptyPlace
            says={isContext ? 'No open action needs this.' : 'No open action is with this person.'}
          />
        ) : null}
        <Column render="ul">
          {withIt.slice(0, 100).map((action) => (
            <ActionRow key={action.id} action={action} showProject showDay />
          ))}
        </Column>
      </Column>
      {isIdOf('person', id) ? (
        <>
          <NoteBand of={id} />
          <Talks of={id} />
          <Remarks of={id} />
        </>
      ) : null}
      <Row>
        <Button
          label="Remove"
          onPress={() => {
            close()
            act('removeNamed', { id })
          }}
        />
      </Row>
    </Column>
  )
}
