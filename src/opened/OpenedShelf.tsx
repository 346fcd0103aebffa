// A group or an area opened: its name, its seal, closing and opening it again.
import { roomForActs } from './roomForActs'
import { useState } from 'react'
import { isIdOf, sides, type Area, type Group } from '@/core/record'
import { select, type RunOptions } from '@/state'
import { Button, Choice, Column, Labelled, Row, Words } from '@/ui'
import { Pull } from '@/ui/Pull'
import { EditText } from '@/parts/text/EditText'
import { OpenedGoalChooser, useChooser } from '@/parts/choosers/useChooser'
import { SaidLine } from '@/parts/said/SaidLine'
import { saidGoals } from '@/words/said'
import { LeaveShelf } from '@/parts/shelves/lazyParts'
import { LookThrough } from './LookThrough'
import { OwnStages } from './OwnStages'
import { SealChooser } from './SealChooser'
import { SayWhatChanges } from '@/parts/said/SayWhatChanges'
import { useReader } from '@/held/reader'
import { useAct, useHeld, useHeldDocument, useToday } from '@/held/zen'
import { shortened } from '@/words'
import { patchWords } from '@/words/history'

export function OpenedShelf({ shelf }: { shelf: Area | Group }) {
  const act = useAct()
  const { id } = shelf
  const closed = shelf.closedAtEpochMs !== null
  const [isLeaving, setLeaving] = useState(false)
  return (
    <Column gap="$3.5">
      <Words size="second" tone="inkSoft" paddingRight={roomForActs} paddingVertical="$3">
        {isIdOf('area', id) ? 'Area' : 'Group'}
        {closed ? ', closed' : ''}
      </Words>
      <EditText
        name={`${id} name`}
        label="Name"
        size="title"
        value={shelf.name}
        needed="It needs a name."
        onKeep={(name, typing) => act('renameShelf', { id, name }, { say: false, atField: true, ...typing })}
      />
      {'side' in shelf ? (
        <>
          <Choice
            label="Side"
            options={sides.map((side) => ({ value: side, label: side }))}
            chosen={[shelf.side]}
            onToggle={(side) => act('editGroup', { id: shelf.id, patch: { side } }, { say: false })}
          />
          <SealChooser
            of={shelf}
            orElse="none"
            onSeal={(patch, typing) =>
              act(
                'editGroup',
                { id: shelf.id, patch },
                { say: false, atField: typing !== undefined, ...typing },
              )
            }
          />
        </>
      ) : (
        <>
          <SayOfArea area={shelf} />
          <LookThrough area={shelf} />
          <OwnStages
            id={shelf.id}
            name={shelf.name}
            says="Do its projects all go through the same stages, such as enquiry, call, offer? Name the stages, and the area shows them as columns."
          />
          <AreaGoals area={shelf} />
          <AreaSeal area={shelf} />
        </>
      )}
      <Row>
        {closed ? (
          <Button label="Reopen" onPress={() => act('reopenShelf', { id })} />
        ) : (
          <Button
            label={isIdOf('group', shelf.id) ? 'Close the group' : 'Close the area'}
            aria-haspopup="dialog"
            onPress={() => setLeaving(true)}
          />
        )}
      </Row>
      {isLeaving ? <LeaveShelf shelf={shelf} onClose={() => setLeaving(false)} /> : null}
    </Column>
  )
}

/** Into which group it goes, and how often it is looked through, said in a line. */
function SayOfArea({ area }: { area: Area }) {
  const act = useAct()
  const reader = useReader()
  const today = useToday()
  const document = useHeldDocument()
  const groups = select.groupsOf(document).filter(({ closedAtEpochMs }) => closedAtEpochMs === null)
  const read = (text: string) => {
    const { patch, unread } = reader.amendArea(text, area, groups)
    return { changes: patchWords('area', area, patch, { document, today, kinds: reader.kinds }), unread }
  }
  return (
    <SayWhatChanges
      placeholder="Say what to change"
      read={read}
      onSay={(text) => {
        const { patch } = reader.amendArea(text, area, groups)
        return act('editArea', { id: area.id, patch }, { say: `Changed: ${shortened(area.name)}` }).ok
      }}
    />
  )
}

function AreaSeal({ area }: { area: Area }) {
  const act = useAct()
  const groups = useHeld((state) => select.groupsOf(state.document)).filter(
    ({ closedAtEpochMs }) => closedAtEpochMs === null,
  )
  const edit = (patch: Parameters<typeof act<'editArea'>>[1]['patch'], typing?: RunOptions) =>
    act('editArea', { id: area.id, patch }, { say: false, atField: typing !== undefined, ...typing })
  return (
    <Column gap="$3">
      <Labelled label="Group">
        <Pull
          label="Group"
          none="none"
          value={area.groupId ?? ''}
          options={groups.map(({ id, name }) => ({ value: id, label: name }))}
          onChoose={(groupId) => edit({ groupId: groupId || null })}
        />
      </Labelled>
      <SealChooser of={area} onSeal={edit} />
    </Column>
  )
}

/** The goals an area points at. */
function AreaGoals({ area }: { area: Area }) {
  const chooser = useChooser()
  const document = useHeldDocument()
  return (
    <Labelled label="Toward">
      <SaidLine chips={saidGoals(area.goalIds, document)} offers={['goals']} onChoose={chooser.choose} />
      <OpenedGoalChooser chooser={chooser} of={area} />
    </Labelled>
  )
}
