import { loadOf } from '@/core/day'
import { weekdayOf } from '@/core/time'
import { select } from '@/state'
import { Button, Column, EmptyPlace, Row } from '@/ui'
import { Band } from '@/parts/rows/Band'
import { focusCapture } from '@/held/keys'
import { LoadGauge } from '@/parts/load/LoadGauge'
import { bandWords } from '@/words'
import { useHeld, useToday } from '@/held/zen'
import { DayNoteRow } from './DayNoteRow'
import { DoneFolded } from './DoneToday'
import { useDayBands } from './useDayBands'

const fewInReach = 6

export function DaySheet({ onSeeReach }: { onSeeReach: () => void }) {
  const day = useDayBands()
  const bands = day.bands.planned(day.document)
  const reachable = day.bands.countInReach(day.document)
  const today = useToday()
  const settings = useHeld((state) => select.settingsOf(state.document))
  const planned = [...bands.carriedOver, ...bands.dueToday, ...bands.underway, ...bands.picked]
  const load = loadOf(planned, settings.freeMinutes[weekdayOf(today)] ?? 0)
  return (
    <Column>
      <LoadGauge load={load} startMinute={settings.dayStartsAtMinute} />
      <DayNoteRow />
      {bands.carriedOver.length > 0 ? (
        <Band title={bandWords.carriedOver} actions={bands.carriedOver} tone="clay" showDay />
      ) : null}
      {bands.dueToday.length > 0 ? <Band title={bandWords.dueToday} actions={bands.dueToday} /> : null}
      {bands.chase.length > 0 ? (
        <Band title={bandWords.chase} actions={bands.chase} tone="slate" quick="chase" />
      ) : null}
      {bands.underway.length > 0 ? (
        <Band
          title={bandWords.underway}
          actions={bands.underway}
          counted={`${bands.underway.length} of ${settings.underwayLimit}`}
        />
      ) : null}
      {bands.picked.length > 0 ? (
        <Band title={bandWords.picked} actions={bands.picked} quick="unpick" />
      ) : null}
      {planned.length === 0 ? <NothingPlanned reachable={reachable} onSeeReach={onSeeReach} /> : null}
      {reachable > 0 ? (
        <Band
          title={bandWords.inReach}
          actions={day.bands.fewInReach(day.document, fewInReach)}
          counted={String(reachable)}
          quick="pick"
          more={
            reachable > fewInReach ? (
              <Row paddingTop="$1.5">
                <Button kind="quiet" label={`See all ${reachable} in reach`} onPress={onSeeReach} />
              </Row>
            ) : null
          }
        />
      ) : null}
      <DoneFolded />
    </Column>
  )
}

function NothingPlanned({ reachable, onSeeReach }: { reachable: number; onSeeReach: () => void }) {
  return (
    <Column paddingTop="$4.5">
      <EmptyPlace
        says={
          reachable > 0
            ? 'Nothing is laid on today yet. Pick what is in reach, or start something.'
            : 'Nothing is laid on today, and nothing is in reach. Set something down and sort it.'
        }
      >
        {reachable > 0 ? (
          <Button kind="main" label="See what is in reach" onPress={onSeeReach} />
        ) : (
          <Button kind="main" label="Set something down" onPress={focusCapture} />
        )}
      </EmptyPlace>
    </Column>
  )
}
