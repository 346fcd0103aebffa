// The pile of slips, and the way to sorting.
import { useMedia } from '@tamagui/core'
import { useRouter } from 'expo-router'
import { lazy, Suspense, useState } from 'react'
import { daysBetween, localMomentAt } from '@/core/time'
import { select } from '@/state'
import { Button, Column, EmptyPlace, Row, Words } from '@/ui'
import { DeskLayout } from '@/frame/DeskLayout'
import { focusCapture } from '@/held/keys'
import { RowList } from '@/parts/rows/RowList'
import { StationHead } from '@/frame/StationHead'
import { count } from '@/words'
import { useHeld, useToday, useZen } from '@/held/zen'
import { DemoOffer } from './DemoOffer'
import { SlipRow } from './SlipRow'

export function TrayStation() {
  const phase = useHeld((state) => state.phase)
  const slips = useHeld((state) => select.slipsOf(state.document))
  const [oldestFirst, setOldestFirst] = useState(false)
  const { wide } = useMedia()
  const pileWords = slips.length === 0 ? 'Nothing set down' : count(slips.length, 'slip')
  const pile = oldestFirst ? [...slips].reverse() : slips
  return (
    <DeskLayout narrow>
      <StationHead label={wide ? undefined : 'Tray'} title={phase === 'loading' ? 'Tray' : pileWords} />
      {phase === 'ready' && slips.length === 0 ? <EmptyTray /> : null}
      {slips.length > 0 ? (
        <Column gap="$3">
          <PileHead
            oldestFirst={oldestFirst}
            onTurn={() => setOldestFirst(!oldestFirst)}
            oldest={slips.at(-1)?.setDownAtEpochMs ?? 0}
            turnable={slips.length > 1}
          />
          <RowList items={pile} label="Slips" render={(slip) => <SlipRow slip={slip} />} />
        </Column>
      ) : null}
    </DeskLayout>
  )
}

function PileHead({
  oldest,
  oldestFirst,
  onTurn,
  turnable,
}: {
  oldest: number
  oldestFirst: boolean
  onTurn: () => void
  turnable: boolean
}) {
  const router = useRouter()
  const today = useToday()
  const { clock } = useZen()
  const days = daysBetween(localMomentAt(oldest, clock.zone()).date, today)
  const age = days <= 0 ? 'all from today' : `oldest is ${count(days, 'day')} old`
  return (
    <Row gap="$3.5" flexWrap="wrap">
      <Button kind="main" label="Sort them" onPress={() => router.navigate('/sorting')} />
      <Words size="second" tone="inkSoft" flex={1}>
        {age}
      </Words>
      {turnable ? (
        <Button kind="quiet" label={oldestFirst ? 'Newest first' : 'Oldest first'} onPress={onTurn} />
      ) : null}
    </Row>
  )
}

/** What loads for somebody new alone. */
const FirstHour = lazy(() => import('./FirstHour'))

function EmptyTray() {
  const isNew = useHeld(
    ({ document }) => !select.hasAny(document, 'action') && !select.hasAny(document, 'project'),
  )
  const hasChosen = useHeld(
    ({ document }) => select.hasAny(document, 'context') || select.hasAny(document, 'area'),
  )
  const readOnly = useHeld((state) => state.readOnly)
  return (
    <Column gap="$4">
      {isNew && !hasChosen && !readOnly ? (
        <Suspense fallback={null}>
          <FirstHour />
        </Suspense>
      ) : (
        <EmptyPlace says="Whatever crosses your mind goes in here first: one line, ordinary words, Enter. Deciding what it is comes later.">
          <Button kind="main" label="Set something down" onPress={focusCapture} />
        </EmptyPlace>
      )}
      {isNew ? <DemoOffer /> : null}
    </Column>
  )
}
