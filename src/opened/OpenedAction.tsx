// An action opened: it reads first. The said line tells all that is set, one plain line changes many things at once,
// and at the foot stands what can be done.
import { useMedia } from '@tamagui/core'
import { isOpen, isWaitingFor } from '@/core/action'
import { kindOfWork } from '@/core/action/worth'
import { recordIn } from '@/core/journal'
import type { Action } from '@/core/record'
import type { ActionPatch } from '@/core/sentence'
import { desk } from '@/held/desk'
import { useReader } from '@/held/reader'
import { lists, owned, select } from '@/state'
import { Button, Column, Words } from '@/ui'
import { OpenedChooser, useChooser } from '@/parts/choosers/useChooser'
import { calledAmong } from '@/parts/said/calledAmong'
import { SaidLine } from '@/parts/said/SaidLine'
import { SayWhatChanges, type SaidChanges } from '@/parts/said/SayWhatChanges'
import { EditText } from '@/parts/text/EditText'
import { useAct, useHeldDocument, useToday, useZen } from '@/held/zen'
import { momentWords, movedWords, nameOfRecord, saidOf, shortened, unsaidOf } from '@/words'
import { patchWords, partsChangeWords } from '@/words/history'
import { useOpened } from '@/held/useOpened'
import { Belongings } from './Belongings'
import { OpenedFoot } from './OpenedFoot'
import { ShelfHead } from './ShelfHead'
import { Timer } from './Timer'
import { EventOfAction } from './EventOfAction'
import { FitsByThen } from '@/parts/fit/lazyFit'
import { PlannedHour } from './PlannedHour'
import { LineOf } from './LineOf'
import { Turn } from './Turn'
import { useBlocked } from './useBlocked'
import { useComingBack } from './useComingBack'

export function OpenedAction({ action }: { action: Action }) {
  const act = useAct()
  const document = useHeldDocument()
  const today = useToday()
  const chooser = useChooser()
  const reader = useReader()
  const { id } = action
  const { open } = useOpened()
  const comingBack = useComingBack(action)
  const blocked = useBlocked(action)
  const set = (patch: ActionPatch) => act('editAction', { id, patch }, { say: false })
  const names = select.namesOf(document)
  const { weekStartsOn } = select.settingsOf(document)
  const amended = (text: string) =>
    reader.amendAction(text, action, {
      today,
      weekStartsOn,
      names,
      actionCalled: calledAmong(lists.openActionsOf(document), [id]),
    })
  const read = (text: string): SaidChanges => {
    const { patch, parts: said, ...rest } = amended(text)
    const standing = owned.comingBackOf(document, id)
    const changes = patchWords('action', action, patch, { document, today, kinds: reader.kinds })
    return {
      changes: [...changes, ...partsChangeWords(said, standing, today, (of) => nameOfRecord(document, of))],
      ...rest,
    }
  }
  const say = (text: string) => {
    const { patch, parts: said } = amended(text)
    return act('editAction', { id, patch, parts: said }, { say: `Changed: ${shortened(action.title)}` }).ok
  }
  const area = select.areaOf(document, action)
  const project = action.projectId ? recordIn(document, action.projectId) : undefined
  const moved = movedWords(action)
  return (
    <Column gap="$2.5" flexGrow={1}>
      <ShelfHead
        seal={select.sealOf(document, action)}
        says={project?.title ?? area?.name ?? 'no project or area'}
        onOpen={project ? () => open(project.id) : undefined}
        onChoose={() => chooser.choose('shelf')}
      />
      <EditText
        name={`${id} title`}
        label="Title"
        size="title"
        value={action.title}
        onKeep={(title, typing) =>
          act('editAction', { id, patch: { title } }, { say: false, atField: true, ...typing })
        }
        needed="An action needs a title."
      />
      <SaidLine
        chips={[...saidOf(action, document, today), ...blocked.chips, ...comingBack.chips]}
        offers={[...unsaidOf(action), ...blocked.offers, ...comingBack.offers]}
        onChoose={(field, of) => {
          if (!comingBack.choose(field, of) && !blocked.choose(field, of)) chooser.choose(field)
        }}
      />
      <WorthLeads action={action} onHandOver={() => chooser.choose('waiting')} />
      {moved ? (
        <Words size="second" tone="inkSoft">
          {moved}
        </Words>
      ) : null}
      <Timer action={action} />
      <Turn action={action} />
      <SayWhatChanges
        placeholder="Say what to change"
        read={read}
        onSay={say}
        onMakeContext={(name) => act('addContext', { name })}
      />
      <PlannedHour action={action} />
      {action.due && isOpen(action) && !isWaitingFor(action) ? (
        <FitsByThen action={action} due={action.due} />
      ) : null}
      {action.event ? <EventOfAction event={action.event} /> : null}
      <LineOf of={action.lineOf} />
      <LinkLine link={action.link} />
      <Belongings of={id} />
      {isOpen(action) ? (
        <ActsOfOpen action={action} onMove={() => chooser.choose('day')} />
      ) : (
        <ActsOfEnded action={action} />
      )}
      <OpenedChooser chooser={chooser} of={action} onSet={set} />
      {comingBack.layer}
      {blocked.layer}
    </Column>
  )
}

/** What its worth says to do with it is one tap away. */
function WorthLeads({ action, onHandOver }: { action: Action; onHandOver: () => void }) {
  const act = useAct()
  const kind = kindOfWork(action.payoff, action.craft)
  if (!isOpen(action) || (kind !== 'handOver' && kind !== 'drop') || (kind === 'handOver' && action.waiting))
    return null
  return (
    <Button
      kind="quiet"
      alignSelf="flex-start"
      marginLeft="$-2"
      label={kind === 'drop' ? 'Little payoff: let it go' : 'Others can do it: hand it over'}
      aria-haspopup={kind === 'drop' ? undefined : 'dialog'}
      onPress={() => (kind === 'drop' ? act('letGo', { id: action.id }) : onHandOver())}
    />
  )
}

/** What is no address of the web cannot be followed. */
function LinkLine({ link }: { link: string | null }) {
  if (!link || !/^https?:\/\/\S+$/i.test(link)) return null
  return (
    <a href={link} target="_blank" rel="noopener noreferrer">
      <Words size="second" tone="brass" style={{ textDecoration: 'underline' }}>
        Open the link
      </Words>
    </a>
  )
}

function ActsOfOpen({ action, onMove }: { action: Action; onMove: () => void }) {
  const act = useAct()
  const today = useToday()
  const { wide } = useMedia()
  const { id, day, startedAtEpochMs } = action
  const isUnderway = startedAtEpochMs !== null
  const isPicked = day === today
  return (
    <OpenedFoot
      main={
        <Button
          kind="main"
          label={action.waiting?.toSignOff ? 'Signed off' : 'Done'}
          onPress={() => act('tick', { id })}
        />
      }
    >
      {action.waiting ? (
        <Button
          kind="quiet"
          label="Chase"
          aria-haspopup="dialog"
          onPress={() => desk.getState().openSheet({ kind: 'chase', id })}
        />
      ) : (
        <Button
          kind="quiet"
          label={isUnderway ? 'Pause' : 'Start'}
          onPress={() => act(isUnderway ? 'pause' : 'start', { id })}
        />
      )}
      {wide ? (
        <Button
          kind="quiet"
          label={isPicked ? 'Unpick' : 'Pick'}
          onPress={() => act(isPicked ? 'unpick' : 'pick', { id })}
        />
      ) : null}
      <Button kind="quiet" label="Move" aria-haspopup="dialog" onPress={onMove} />
      <Button kind="quiet" label="Let go" onPress={() => act('letGo', { id })} />
    </OpenedFoot>
  )
}

function ActsOfEnded({ action: { id, doneAtEpochMs, letGoAtEpochMs } }: { action: Action }) {
  const act = useAct()
  const today = useToday()
  const { clock } = useZen()
  const ended = momentWords(doneAtEpochMs ?? letGoAtEpochMs ?? 0, clock.zone(), today)
  return (
    <OpenedFoot main={<Button kind="main" label="Reopen" onPress={() => act('untick', { id })} />}>
      <Words tone="moss" paddingHorizontal="$1">
        {doneAtEpochMs ? 'Done' : 'Let go'} {ended}
      </Words>
    </OpenedFoot>
  )
}
