// The Day sheet: what is on today in bands that never share anything, under the tape of the day.
import { useMedia } from '@tamagui/core'
import { useState } from 'react'
import { isOpen } from '@/core/action'
import { doneBandOf, inOrderOfHand, type DayBandName } from '@/core/day'
import type { Action } from '@/core/record'
import { select } from '@/state'
import { Button, Column, EmptyPlace, Row, type Tone } from '@/ui'
import { FloatingMain } from '@/ui/FloatingMain'
import { useEvents } from '@/held/calendars/useEvents'
import { DropPlace } from '@/parts/carrying/DropPlace'
import { DoneBand } from '@/parts/done/DoneBand'
import { useDonePlace } from '@/parts/done/useDonePlace'
import { DayEvents } from '@/parts/events/DayEvents'
import { Band } from '@/parts/rows/Band'
import { useDesk } from '@/held/desk'
import { useKept } from '@/held/useKept'
import { useOpened } from '@/held/useOpened'
import { focusCapture } from '@/held/keys'
import { bandWords, momentWords } from '@/words'
import { useHeld, useToday, useZen } from '@/held/zen'
import { CarryBetweenBands } from './CarryBetweenBands'
import { DayTapeRow } from './DayTapeRow'
import { HoursRibbon, HoursSheet } from './lazyParts'
import { OnlyWhatFits } from './OnlyWhatFits'
import { PlanButton } from './PlanButton'
import { useDoneToday } from './DoneToday'
import { ActionRow, type QuickAct } from '@/parts/rows/ActionRow'
import { isRolled, rolledUp, type RolledRow as RolledRowOf } from './rolled/rolledUp'
import { RolledRow } from './rolled/RolledRow'
import { useDayBands } from './useDayBands'

const fewInReach = 6
const fewOfWeek = 8

type Planned = Exclude<DayBandName, 'inReach'>
const faces: Readonly<Partial<Record<Planned, { tone?: Tone; quick?: QuickAct; showDay?: boolean }>>> = {
  carriedOver: { tone: 'clay', showDay: true },
  chase: { tone: 'slate', quick: 'chase' },
  picked: { quick: 'unpick' },
  week: { quick: 'pick', showDay: true },
}
const inOrder: readonly Planned[] = ['carriedOver', 'dueToday', 'chase', 'underway', 'picked', 'week']

export function DaySheet({ onSeeReach }: { onSeeReach: () => void }) {
  const { wide } = useMedia()
  const day = useDayBands()
  const bands = day.bands.planned(day.document)
  const reachable = day.bands.countInReach(day.document)
  const today = useToday()
  const settings = useHeld((state) => select.settingsOf(state.document))
  const events = useEvents(today, today)
  const { carriedOver, dueToday, underway, picked } = day.whole.planned(day.document)
  const planned = [...carriedOver, ...dueToday, ...underway, ...picked]
  const few = day.bands.fewInReach(day.document, fewInReach)
  const done = useDoneToday()
  const [donePlace, setDonePlace] = useDonePlace('day')
  // What is selected has its own main button.
  const isChoosing = useDesk((state) => state.chosen.length > 0)
  const among = (name: Planned) =>
    donePlace === 'among' ? done.filter((action) => doneBandOf(action, today, day.reach) === name) : []
  const { opened } = useOpened()
  const [shownAs, showAs] = useKept('day-as')
  if (!wide && shownAs === 'hours')
    return <HoursSheet bands={{ ...bands, inReach: few }} onList={() => showAs(null)} />
  const isBeside = wide && opened === null
  return (
    <CarryBetweenBands bands={{ ...bands, inReach: few }}>
      <Row alignItems="flex-start" gap="$5">
        <Column flex={1} minWidth={0}>
          <DayTapeRow onHours={() => showAs('hours')} />
          {isBeside ? null : <DayEvents events={events} date={today} label="Events today" />}
          {inOrder
            .map((name) => ({ name, ticked: among(name) }))
            .map(({ name, ticked }) =>
              bands[name].length > 0 || ticked.length > 0 ? (
                <DropPlace key={name} place={{ kind: 'in', in: name }}>
                  <PlannedBand
                    name={name}
                    actions={bands[name]}
                    done={ticked}
                    limit={settings.underwayLimit}
                  />
                </DropPlace>
              ) : null,
            )}
          {planned.length === 0 ? <NothingPlanned reachable={reachable} onSeeReach={onSeeReach} /> : null}
          <OnlyWhatFits />
          {reachable > 0 ? (
            <DropPlace place={{ kind: 'in', in: 'inReach' }}>
              <Band
                title={bandWords.inReach}
                actions={few}
                counted={String(reachable)}
                summed={false}
                quick="pick"
                more={
                  reachable > fewInReach ? (
                    <Row paddingTop="$1.5">
                      <Button kind="quiet" label={`See all ${reachable} in reach`} onPress={onSeeReach} />
                    </Row>
                  ) : null
                }
              />
            </DropPlace>
          ) : null}
          <DoneBand title="Done today" actions={done} place={donePlace} showProject onPlace={setDonePlace} />
          {wide || isChoosing || planned.length + reachable + done.length === 0 ? null : (
            <FloatingMain>
              <PlanButton />
            </FloatingMain>
          )}
        </Column>
        {isBeside ? (
          <Column width={300} flexShrink={0} className="no-print">
            <HoursRibbon />
          </Column>
        ) : null}
      </Row>
    </CarryBetweenBands>
  )
}

function PlannedBand({
  name,
  actions,
  done,
  limit,
}: {
  name: Planned
  actions: readonly Action[]
  /** Shown among the rest. */
  done: readonly Action[]
  limit: number
}) {
  const [isWhole, setWhole] = useState(false)
  const isCut = name === 'week' && !isWhole && actions.length > fewOfWeek
  return (
    <Band
      title={bandWords[name]}
      actions={actions}
      rows={rolledUp(done.length === 0 ? actions : inOrderOfHand([...actions, ...done]))}
      render={(row) => <DayRow row={row as RolledRowOf} {...faces[name]} />}
      {...faces[name]}
      {...(name === 'underway' ? { counted: `${actions.length} of ${limit}` } : {})}
      {...(isCut ? { atMost: fewOfWeek } : {})}
      more={
        isCut ? (
          <Row paddingTop="$1.5">
            <Button
              kind="quiet"
              label={`See all ${actions.length} of this week`}
              onPress={() => setWhole(true)}
            />
          </Row>
        ) : null
      }
    />
  )
}

/** How long it has been underway already. */
function useSince({ startedAtEpochMs }: { readonly startedAtEpochMs?: number | null }): string | undefined {
  const { clock } = useZen()
  const today = useToday()
  return startedAtEpochMs ? `since ${momentWords(startedAtEpochMs, clock.zone(), today)}` : undefined
}

function DayRow({ row, quick, showDay }: { row: RolledRowOf; quick?: QuickAct; showDay?: boolean }) {
  const since = useSince(isRolled(row) ? {} : row)
  return isRolled(row) ? (
    <RolledRow roll={row} showDay={showDay} quick={quick} />
  ) : (
    <ActionRow action={row} showDay={showDay ?? false} quick={isOpen(row) ? quick : undefined} hint={since} />
  )
}

function NothingPlanned({ reachable, onSeeReach }: { reachable: number; onSeeReach: () => void }) {
  return (
    <Column paddingTop="$4.5">
      <EmptyPlace
        says={
          reachable > 0
            ? 'Nothing planned today. Pick something from In reach.'
            : 'Nothing is planned for today, and nothing is in reach. Add something and sort it.'
        }
      >
        {reachable > 0 ? (
          <Button label="See what is in reach" onPress={onSeeReach} />
        ) : (
          <Button kind="main" label="Add something" onPress={focusCapture} />
        )}
      </EmptyPlace>
    </Column>
  )
}
