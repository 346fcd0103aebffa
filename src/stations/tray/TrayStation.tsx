// The pile of slips, and the way to sorting.
import { useMedia } from '@tamagui/core'
import { useRouter } from 'expo-router'
import { lazy, Suspense, useState } from 'react'
import { daysBetween, localMomentAt } from '@/core/time'
import type { Slip } from '@/core/record'
import { useDesk } from '@/held/desk'
import { ChooseAll } from '@/parts/rows/ChooseAll'
import { CameBack, useCameBack } from '@/parts/rows/CameBack'
import { InBand, useBandBox } from '@/parts/rows/inBand'
import { select } from '@/state'
import { Button, Column, EmptyPlace, MainBar, Row, Words } from '@/ui'
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
  const back = useCameBack()
  const { wide } = useMedia()
  const cameBack = `${back.length.toLocaleString('en-GB')} back today`
  const [title, beside] =
    slips.length > 0
      ? [count(slips.length, 'slip'), back.length > 0 ? `and ${cameBack} from the Tickler` : null]
      : [back.length > 0 ? cameBack : 'Nothing here yet', null]
  return (
    <DeskLayout narrow>
      <StationHead label={wide ? undefined : 'Tray'} title={phase === 'loading' ? 'Tray' : title}>
        {beside ? (
          <Words size="second" tone="plum">
            {beside}
          </Words>
        ) : null}
      </StationHead>
      {phase === 'ready' && slips.length + back.length === 0 ? <EmptyTray /> : null}
      <Column gap="$3">
        <CameBack />
        {slips.length > 0 ? <Pile slips={slips} /> : null}
      </Column>
    </DeskLayout>
  )
}

function Pile({ slips }: { slips: readonly Slip[] }) {
  const [oldestFirst, setOldestFirst] = useState(false)
  const { wide } = useMedia()
  const pile = oldestFirst ? [...slips].reverse() : slips
  const box = useBandBox(() => pile)
  // What is chosen has a main button of its own.
  const isChoosing = useDesk((state) => state.chosen.length > 0)
  return (
    <>
      <PileHead
        oldestFirst={oldestFirst}
        onOccurrence={() => setOldestFirst(!oldestFirst)}
        oldest={slips.at(-1)?.setDownAtEpochMs ?? 0}
        turnable={slips.length > 1}
        isChoosing={isChoosing}
        pile={pile}
      />
      <InBand.Provider value={box}>
        <RowList items={pile} label="Slips" render={(slip) => <SlipRow slip={slip} />} />
      </InBand.Provider>
      {wide || isChoosing ? null : (
        <MainBar>
          <SortThem />
        </MainBar>
      )}
    </>
  )
}

function PileHead({
  oldest,
  oldestFirst,
  onOccurrence,
  turnable,
  isChoosing,
  pile,
}: {
  oldest: number
  oldestFirst: boolean
  onOccurrence: () => void
  turnable: boolean
  isChoosing: boolean
  pile: readonly Slip[]
}) {
  const { wide } = useMedia()
  return (
    <Row gap="$3.5" flexWrap="wrap" justifyContent="space-between">
      {wide && !isChoosing ? <SortThem /> : null}
      <PileAge oldest={oldest} />
      <ChooseAll title="the slips" of={pile} />
      {turnable ? (
        <Button kind="quiet" label={oldestFirst ? 'Newest first' : 'Oldest first'} onPress={onOccurrence} />
      ) : null}
    </Row>
  )
}

function SortThem() {
  const { wide } = useMedia()
  const router = useRouter()
  return (
    <Button kind="main" label="Sort" flexGrow={wide ? 0 : 1} onPress={() => router.navigate('/sorting')} />
  )
}

function PileAge({ oldest }: { oldest: number }) {
  const today = useToday()
  const { clock } = useZen()
  const days = daysBetween(localMomentAt(oldest, clock.zone()).date, today)
  return (
    <Words size="second" tone="inkSoft" flex={1}>
      {days <= 0 ? 'all from today' : `oldest is ${count(days, 'day')} old`}
    </Words>
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
        // The offer below comes with it: pushed down while it is being pressed, it would not be pressed at all.
        <Suspense fallback={null}>
          <FirstHour />
          <DemoOffer />
        </Suspense>
      ) : (
        <EmptyPlace says="Whatever crosses your mind goes in here first. Type it in your own words and press Enter. Decide what it is later.">
          <Button kind="main" label="Add something" onPress={focusCapture} />
        </EmptyPlace>
      )}
      {isNew && (hasChosen || readOnly) ? <DemoOffer /> : null}
    </Column>
  )
}
