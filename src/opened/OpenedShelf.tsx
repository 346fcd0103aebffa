// A group or an area opened: its name, its seal, closing and opening it again.
import { inkCount, isIdOf, sides, type Area, type Group } from '@/core/record'
import { select, type RunOptions } from '@/state'
import { areaInks, Button, Choice, Column, Labelled, Press, Row, Seal, Words } from '@/ui'
import { Pull } from '@/ui/Pull'
import { EditText } from '@/parts/text/EditText'
import { OpenedGoalChooser, useChooser } from '@/parts/choosers/useChooser'
import { SaidLine } from '@/parts/said/SaidLine'
import { saidGoals } from '@/words/said'
import { useAct, useHeld, useHeldDocument } from '@/held/zen'

export function OpenedShelf({ shelf }: { shelf: Area | Group }) {
  const act = useAct()
  const { id } = shelf
  const closed = shelf.closedAtEpochMs !== null
  return (
    <Column gap="$3.5">
      <Words size="second" tone="inkSoft" paddingRight="$11" paddingVertical="$3">
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
        <Choice
          label="Side"
          options={sides.map((side) => ({ value: side, label: side }))}
          chosen={[shelf.side]}
          onToggle={(side) => act('editGroup', { id: shelf.id, patch: { side } }, { say: false })}
        />
      ) : (
        <>
          <AreaSeal area={shelf} />
          <AreaGoals area={shelf} />
        </>
      )}
      <Row>
        <Button
          label={closed ? 'Open it again' : 'Close it'}
          onPress={() => act(closed ? 'reopenShelf' : 'closeShelf', { id })}
        />
      </Row>
    </Column>
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
      <Row gap="$3">
        <Seal stamp={area.stamp} ink={area.ink} size={44} />
        <Column width={140}>
          <EditText
            name={`${area.id} stamp`}
            label="Letters of the seal"
            shown
            value={area.stamp}
            onKeep={(stamp, typing) => edit({ stamp }, typing)}
            needed="One or two letters, or an emoji."
          />
        </Column>
      </Row>
      <Row gap="$1" flexWrap="wrap" role="radiogroup" aria-label="Ink">
        {Array.from({ length: inkCount }, (_, ink) => (
          <Press
            key={ink}
            role="radio"
            aria-checked={ink === area.ink}
            aria-label={`Ink ${ink + 1}`}
            justifyContent="center"
            width={44}
            onPress={() => edit({ ink })}
            borderWidth={2}
            borderColor={ink === area.ink ? '$brass' : 'transparent'}
          >
            <Column width={24} height={24} borderRadius={6} backgroundColor={areaInks[ink] as '#5B4A8A'} />
          </Press>
        ))}
      </Row>
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
