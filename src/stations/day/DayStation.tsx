// The Day: its sheet, what is in reach, and the person's own lenses, as a strip along the top.
import { useMedia, View } from '@tamagui/core'
import { Link, useGlobalSearchParams, useRouter } from 'expo-router'
import { lazy, Suspense, useMemo } from 'react'
import { Carrying } from '@/parts/carrying/Carrying'
import { DropPlace } from '@/parts/carrying/DropPlace'
import { findRow } from '@/parts/rows/findRow'
import { Column, Row, Words } from '@/ui'
import { DeskLayout } from '@/frame/DeskLayout'
import { StationHead } from '@/frame/StationHead'
import { headDate, longDate, shortened } from '@/words'
import { useOnDemand } from '@/held/reader'
import { useHeld, useToday } from '@/held/zen'
import { useOpened } from '@/held/useOpened'
import { Strip } from '@/frame/Strip'
import { LensTools } from '@/parts/lens/lensTools'
import { DayNoteButton } from './DayNoteButton'
import { DaySheet } from './DaySheet'
import { DayPaper } from './paper/DayPaper'
import { PaperRows } from '@/parts/rows/PaperRows'
import { PlanButton } from './PlanButton'
import { usePrinting } from '@/held/usePrinting'
import { InReach, ReachChoices } from './lazyParts'
import { DoneToday } from './DoneToday'

const LensStation = lazy(() =>
  import('@/parts/lens/LensStation').then((module) => ({ default: module.LensStation })),
)

const lensTools = { Carrying, DropPlace, PaperRows, findRow }

const first = [
  { key: 'sheet', label: 'Day sheet' },
  { key: 'reach', label: 'In reach' },
] as const
const last = [
  { key: 'done', label: 'Done today' },
  { key: 'all', label: 'All lenses' },
] as const
type LensKey = `lens:${string}` | 'new' | 'all'
type Tab = 'sheet' | 'reach' | 'done' | LensKey

const isLens = (tab: Tab): tab is LensKey => tab === 'new' || tab === 'all' || tab.startsWith('lens:')

const parts: readonly Tab[] = ['sheet', 'reach', 'done']

/** Which part of the day or which lens the address names; the sheet where it names none. */
function useTabInAddress(): readonly [Tab, (tab: Tab) => void] {
  const params = useGlobalSearchParams<{ lens?: string | string[] }>()
  const router = useRouter()
  const named = Array.isArray(params.lens) ? params.lens[0] : params.lens
  const set = (tab: Tab) => {
    if ((named ?? 'sheet') !== tab) router.setParams({ lens: tab === 'sheet' ? undefined : tab })
  }
  if (!named) return ['sheet', set]
  const tab = named as Tab
  return [isLens(tab) || parts.includes(tab) ? tab : 'all', set]
}

/** The lenses on the strip; none until they have loaded. */
function useStripLenses(): readonly { readonly key: Tab; readonly label: string }[] {
  const lenses = useOnDemand()?.lenses
  // As narrow as what is read: the station is not drawn again for each tick.
  const all = useHeld(({ document }) => lenses?.lensesOf(document))
  return useMemo(
    () =>
      (all ?? [])
        .filter(({ onStrip }) => onStrip)
        .map(({ id, name }) => ({ key: id, label: shortened(name) })),
    [all],
  )
}

export function DayStation() {
  const { wide, roomy } = useMedia()
  const today = useToday()
  const ready = useHeld((state) => state.phase === 'ready')
  const [lens, setLens] = useTabInAddress()
  const onStrip = useStripLenses()
  const { opened } = useOpened()
  // What is opened is printed, and not the list it was opened from.
  const isPrinting = usePrinting() && opened === null
  if (!ready) return null
  const tab: Tab = lens
  const isListed = !isLens(lens) || lens === 'all' || onStrip.some(({ key }) => key === lens)
  const choose = setLens
  return (
    <Strip
      label="Day"
      tabs={[...first, ...onStrip, ...last]}
      chosen={isListed ? tab : 'all'}
      onChoose={choose}
      beyond={<NewLens />}
      head={<StationHead title={headDate(today)} own={<DayNoteButton />} />}
    >
      <DeskLayout left={roomy && !isLens(tab) ? <ReachAside /> : undefined} leftLabel="At hand now">
        {wide && !isLens(tab) ? (
          <StationHead
            title={longDate(today)}
            own={
              <Row gap="$2" className="no-print">
                <DayNoteButton />
                <PlanButton />
              </Row>
            }
          />
        ) : null}
        {tab === 'sheet' ? (
          <Column className="no-print">
            <DaySheet onSeeReach={() => choose('reach')} />
          </Column>
        ) : null}
        {tab === 'sheet' && isPrinting ? <DayPaper /> : null}
        {tab === 'reach' ? <InReach showChoices={!roomy} /> : null}
        {tab === 'done' ? <DoneToday /> : null}
        {isLens(tab) ? (
          <Suspense fallback={<View height={240} />}>
            <LensTools.Provider value={lensTools}>
              <LensStation id={tab} isPrinting={isPrinting} onOpen={choose} />
            </LensTools.Provider>
          </Suspense>
        ) : null}
      </DeskLayout>
    </Strip>
  )
}

const NewLens = () => (
  <Link
    href={{ pathname: '/day', params: { lens: 'new' } }}
    style={{ display: 'flex', alignItems: 'center', minHeight: 44, flexShrink: 0 }}
  >
    <Words tone="brass" whiteSpace="nowrap">
      New lens
    </Words>
  </Link>
)

const ReachAside = () => (
  <Column gap="$3.5">
    <ReachChoices />
  </Column>
)
