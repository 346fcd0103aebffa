// An action opened: what can be done with it, every field, its history.
import { isOpen } from '@/core/action'
import { recordIn } from '@/core/journal'
import { View } from '@tamagui/core'
import { type Action } from '@/core/record'
import type { CalendarDate, ClockTime } from '@/core/time'
import { select, type Outcome, type RunOptions } from '@/state'
import { Button, Column, Row, Seal, Words } from '@/ui'
import {
  ContextChoice,
  EnergyChoice,
  HorizonChoice,
  MinutesChoice,
  PeopleChoice,
  ShelfPull,
  WeightChoice,
  WhenLine,
} from '@/parts/choosers/ActionChoices'
import { desk } from '@/held/desk'
import { EditText } from '@/parts/text/EditText'
import { momentWords, nearDate } from '@/words'
import { useAct, useHeldDocument, useToday, useZen } from '@/held/zen'
import { AddressLine } from './AddressLine'
import { History } from './History'
import { WaitingChoice } from './WaitingChoice'

export function OpenedAction({ action }: { action: Action }) {
  const act = useAct()
  const { id } = action
  const edit = (patch: Parameters<typeof act<'editAction'>>[1]['patch'], typing?: RunOptions) =>
    act('editAction', { id, patch }, { say: false, atField: typing !== undefined, ...typing })
  return (
    <Column gap={14}>
      <ActionHead action={action} onTitle={(title, typing) => edit({ title }, typing)} />
      <ActionActs action={action} />
      <Column gap={10}>
        <ShelfPull projectId={action.projectId} areaId={action.areaId} onChoose={(shelf) => edit(shelf)} />
        <ContextChoice chosen={action.contextIds} onToggle={(contextIds) => edit({ contextIds })} />
        <Held action={action} />
        <MinutesChoice minutes={action.minutes} onChoose={(minutes) => edit({ minutes })} />
        <WeightChoice chosen={action.weight} onChoose={(weight) => edit({ weight })} />
        <EnergyChoice chosen={action.energy} onChoose={(energy) => edit({ energy })} />
        <PeopleChoice chosen={action.personIds} onToggle={(personIds) => edit({ personIds })} />
        <WhenLine
          label="Due"
          date={action.due?.date ?? ''}
          time={action.due?.time ?? ''}
          onChange={(date, time) =>
            edit({
              due: date ? { date: date as CalendarDate, time: (time || null) as ClockTime | null } : null,
            })
          }
        />
        <WhenLine
          label="At"
          date={action.at?.date ?? ''}
          time={action.at?.time ?? ''}
          onChange={(date, time) =>
            edit({
              at: date ? { date: date as CalendarDate, time: (time || null) as ClockTime | null } : null,
            })
          }
        />
        <WhenLine
          label="Not before"
          date={action.notBefore ?? ''}
          onChange={(date) => edit({ notBefore: (date || null) as CalendarDate | null })}
        />
        <WaitingChoice action={action} />
      </Column>
      <AddressLine
        name={id}
        address={action.address}
        onKeep={(address, typing) => edit({ address }, typing)}
      />
      <EditText
        name={`${id} note`}
        label="Note"
        shown
        rows={4}
        value={action.note}
        onKeep={(note, typing) => edit({ note }, typing)}
      />
      <History ids={action.slipId ? [action.slipId, id] : [id]} of={id} />
    </Column>
  )
}

function ActionHead({
  action,
  onTitle,
}: {
  action: Action
  onTitle: (title: string, typing: RunOptions) => Outcome
}) {
  const document = useHeldDocument()
  const area = select.areaOf(document, action)
  const project = action.projectId ? recordIn(document, action.projectId) : undefined
  return (
    <Column gap={10}>
      <Row gap={10} paddingRight={44} minHeight={44}>
        <Seal stamp={area?.stamp ?? null} ink={area?.ink ?? 0} />
        <Words size="second" tone="inkSoft" flexShrink={1}>
          {project?.title ?? area?.name ?? 'on no shelf'}
        </Words>
      </Row>
      <EditText
        name={`${action.id} title`}
        label="Title"
        size="title"
        value={action.title}
        onKeep={onTitle}
        needed="An action needs a title."
      />
    </Column>
  )
}

/** Horizon, where *today* stands for its day. */
function Held({ action }: { action: Action }) {
  const act = useAct()
  const today = useToday()
  return (
    <HorizonChoice
      chosen={action.day === today ? 'today' : action.horizon}
      onChoose={(horizon) => act('setHorizon', { id: action.id, horizon }, { say: false })}
    />
  )
}

function ActionActs({ action }: { action: Action }) {
  const act = useAct()
  const today = useToday()
  const { clock } = useZen()
  const { id } = action
  if (!isOpen(action)) {
    const ended = action.doneAtEpochMs ?? action.letGoAtEpochMs ?? 0
    return (
      <Row gap={10} flexWrap="wrap" justifyContent="space-between">
        <Words tone="moss">
          {action.doneAtEpochMs ? 'Done' : 'Let go'} {momentWords(ended, clock.zone(), today)}
        </Words>
        <Button label="Open it again" onPress={() => act('untick', { id })} />
      </Row>
    )
  }
  const underway = action.startedAtEpochMs !== null
  const picked = action.day === today
  return (
    <View flexDirection="row" flexWrap="wrap" gap={8}>
      <Button kind="main" label="Tick" icon="check" onPress={() => act('tick', { id })} />
      <Button
        label={picked ? 'Unpick' : 'Pick for today'}
        onPress={() => act(picked ? 'unpick' : 'pick', { id })}
      />
      <Button
        label={underway ? 'Lay it down' : 'Start'}
        onPress={() => act(underway ? 'stop' : 'start', { id })}
      />
      <Button
        label={action.day && !picked ? `On ${nearDate(action.day, today)}: move…` : 'Move…'}
        onPress={() => desk.getState().openSheet({ kind: 'move', id })}
      />
      <Button kind="quiet" label="Let go" onPress={() => act('letGo', { id })} />
    </View>
  )
}
