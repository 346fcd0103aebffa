// Picking the day: a hand of slips, one after the other. Each is picked or not; the tape fills as one picks, and what
// is too much is said with the cheapest ways out. It can be left at any moment: what was picked stays picked.
import { useEffect, useState } from 'react'
import { laidOn } from '@/core/action'
import { waysOut, type WayOut } from '@/core/day/waysOut'
import { pickHandOf, type HandFrom, type HandSlip } from '@/core/day/pickHand'
import { recordIn } from '@/core/journal'
import type { Id } from '@/core/record'
import { select } from '@/state'
import { Button, Column, Row, Seal, SlideOver, Words } from '@/ui'
import { LoadGauge } from '@/parts/load/LoadGauge'
import { OpenedChooser, OpenedDayChooser } from '@/parts/choosers/useChooser'
import { useDayTape } from '@/held/useLoads'
import { useAct, useToday } from '@/held/zen'
import { actionDetails, count, duration, nearDate, shortened } from '@/words'
import { usePlanned, type PlannedDay } from './usePlanned'

const fromWords: Readonly<Record<HandFrom, string>> = {
  carriedOver: 'Carried over',
  dueToday: 'Due today',
  week: 'This week',
  soon: 'Soon',
}

export function PickDay({ onClose }: { onClose: () => void }) {
  const day = usePlanned()
  // The hand is dealt once: what is decided meanwhile is passed over.
  const [hand] = useState(() => pickHandOf(day.bands, day.soon))
  const [at, setAt] = useState(0)
  const slip = hand[at]
  // Each slip begins under the hand, as the first does.
  useEffect(() => document.querySelector<HTMLElement>('dialog [data-first-focus]')?.focus(), [at])
  return (
    <SlideOver title="Plan the day" onClose={onClose} full>
      <DayTape />
      {slip ? (
        <OneSlip
          key={slip.action.id}
          slip={slip}
          day={day}
          place={`${at + 1} of ${hand.length}`}
          onNext={() => setAt(at + 1)}
          onBack={at > 0 ? () => setAt(at - 1) : null}
          onEnough={() => setAt(hand.length)}
        />
      ) : (
        <Picked day={day} onBack={hand.length > 0 ? () => setAt(hand.length - 1) : null} onClose={onClose} />
      )}
    </SlideOver>
  )
}

const DayTape = () => <LoadGauge {...useDayTape(useToday())} />

function OneSlip({
  slip: { action: dealt, from },
  day,
  place,
  onNext,
  onBack,
  onEnough,
}: {
  readonly slip: HandSlip
  readonly day: PlannedDay
  readonly place: string
  readonly onNext: () => void
  readonly onBack: (() => void) | null
  readonly onEnough: () => void
}) {
  const act = useAct()
  const { document, today, bands } = day
  const [isMoving, setMoving] = useState(false)
  const action = recordIn(document, dealt.id) ?? dealt
  const { id } = action
  const seal = select.sealOf(document, action)
  const picks = bands.picked.length
  const stays = from === 'dueToday'
  const isOnSheet = !stays && action.day !== null && action.day <= today
  const next = (done: { ok: boolean } | null) => {
    if (done?.ok !== false) onNext()
  }
  return (
    <Column gap="$4" flex={1}>
      <Row justifyContent="space-between">
        <Words size="caps" tone={from === 'carriedOver' ? 'clay' : 'inkSoft'}>
          {fromWords[from]}
        </Words>
        <Words size="second" tone="inkSoft">
          {place}
        </Words>
      </Row>
      <Column
        backgroundColor="$slip"
        borderWidth={1}
        borderColor="$rule"
        borderRadius={3}
        padding="$4.5"
        gap="$2.5"
        flexGrow={1}
        minHeight={180}
        maxHeight={360}
        justifyContent="center"
      >
        <Seal letters={seal?.letters ?? null} ink={seal?.ink ?? 0} />
        <Words render="h3" size="heading" weight={action.weight}>
          {action.title}
        </Words>
        <Words tone="inkSoft">{actionDetails(action, document, today, { project: true, day: true })}</Words>
      </Column>
      <Words role="status" tone="inkSoft">
        {picks === 0
          ? 'Nothing picked yet. Two to four are plenty.'
          : `${count(picks, 'action')} picked. ${picks >= 4 ? 'That is plenty.' : 'Two to four are plenty.'}`}
      </Words>
      <Row gap="$2" flexWrap="wrap" marginTop="auto">
        {onBack ? <Button kind="quiet" label="Back" onPress={onBack} /> : null}
        <Button kind="quiet" label="Another day" aria-haspopup="dialog" onPress={() => setMoving(true)} />
        <Button kind="quiet" label="Enough" onPress={onEnough} />
      </Row>
      <Row gap="$2">
        <Button
          label={stays ? 'It stays due today' : 'Not today'}
          flex={1}
          data-first-focus={stays ? '' : undefined}
          onPress={() => next(isOnSheet ? act('unpick', { id }, { say: false }) : null)}
        />
        {stays ? null : (
          <Button
            kind="main"
            label="Pick it"
            flex={1}
            data-first-focus
            onPress={() =>
              next(
                action.day === today
                  ? null
                  : act(
                      'moveTo',
                      { id, day: today },
                      { say: `Picked for today: ${shortened(action.title)}` },
                    ),
              )
            }
          />
        )}
      </Row>
      {isMoving ? (
        <OpenedDayChooser
          title="On which day"
          date={laidOn(action)}
          onChoose={(date) => next(date ? act('moveTo', { id, day: date }, { say: false }) : null)}
          onClose={() => setMoving(false)}
        />
      ) : null}
    </Column>
  )
}

/** What the day holds now, what is too much, and the plan kept. */
function Picked({
  day,
  onBack,
  onClose,
}: {
  readonly day: PlannedDay
  readonly onBack: (() => void) | null
  readonly onClose: () => void
}) {
  const act = useAct()
  const { planned } = day
  return (
    <Column gap="$4" flex={1}>
      <Words render="h3" size="title">
        {planned.length === 0 ? 'Nothing planned today' : `${count(planned.length, 'action')} for today`}
      </Words>
      <Column render="ul" aria-label="Planned for today">
        {planned.map(({ id, title, minutes, weight }) => (
          <Row
            key={id}
            render="li"
            justifyContent="space-between"
            gap="$3"
            minHeight={44}
            borderBottomWidth={1}
            borderColor="$rule"
          >
            <Words weight={weight} flex={1} minWidth={0}>
              {title}
            </Words>
            <Words tone="inkSoft">{minutes ? duration(minutes) : 'no minutes'}</Words>
          </Row>
        ))}
      </Column>
      <WaysOut day={day} />
      <Row gap="$2" marginTop="auto">
        {onBack ? <Button label="Back" onPress={onBack} /> : null}
        <Button
          kind="main"
          label={planned.length === 0 ? 'Close' : 'Save plan'}
          flex={1}
          data-first-focus
          onPress={() => {
            if (planned.length > 0)
              act(
                'planDay',
                { ids: planned.map(({ id }) => id) },
                { say: `Day planned: ${count(planned.length, 'action')}` },
              )
            onClose()
          }}
        />
      </Row>
    </Column>
  )
}

/** What is too much, and the cheapest ways out of it: each one act. */
export function WaysOut({ day: { document, planned, load, today, roomOn } }: { day: PlannedDay }) {
  const act = useAct()
  const ways = waysOut(planned, load.overMinutes, today, roomOn)
  const [handing, setHanding] = useState<Id<'action'> | null>(null)
  const of = handing ? recordIn(document, handing) : undefined
  if (ways.length === 0 && !of) return null
  const called = (id: Id<'action'>) => shortened(recordIn(document, id)?.title ?? '')
  const words = (way: WayOut): string => {
    switch (way.kind) {
      case 'move':
        return `Move “${called(way.id)}” to ${nearDate(way.to, today)}`
      case 'shrink':
        return `Give “${called(way.id)}” ${duration(way.minutes)}`
      case 'handOver':
        return `Hand over “${called(way.id)}”`
    }
  }
  const take = (way: WayOut) => {
    if (way.kind === 'move') act('moveTo', { id: way.id, day: way.to })
    else if (way.kind === 'shrink') act('editAction', { id: way.id, patch: { minutes: way.minutes } })
    else setHanding(way.id)
  }
  return (
    <Column gap="$2" role="group" aria-label="Ways out">
      <Words tone="clay">{duration(load.overMinutes)} too much. What would help:</Words>
      {ways.map((way) => (
        <Button key={way.kind} label={words(way)} alignSelf="flex-start" onPress={() => take(way)} />
      ))}
      {of ? (
        <OpenedChooser
          chooser={{
            opened: { field: 'waiting', anchor: null },
            choose: () => {},
            close: () => setHanding(null),
          }}
          of={of}
          onSet={(patch) => act('editAction', { id: of.id, patch })}
        />
      ) : null}
    </Column>
  )
}
