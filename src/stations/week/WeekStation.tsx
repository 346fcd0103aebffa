// The Week: its sheet, the month, the year, everything by date, and whether it all fits, as a strip along the top.
import { View } from '@tamagui/core'
import { useGlobalSearchParams, useRouter } from 'expo-router'
import { lazy, Suspense, useState } from 'react'
import type { CalendarDate } from '@/core/time'
import { DeskLayout } from '@/frame/DeskLayout'
import { StationHead } from '@/frame/StationHead'
import { Strip } from '@/frame/Strip'
import { useOpened } from '@/held/useOpened'
import { usePrinting } from '@/held/usePrinting'
import { useHeld, useToday } from '@/held/zen'
import { Carrying } from '@/parts/carrying/Carrying'
import { DropPlace } from '@/parts/carrying/DropPlace'
import { FitPage } from '@/parts/fit/lazyFit'
import { LensTools } from '@/parts/lens/lensTools'
import { findRow } from '@/parts/rows/findRow'
import { PaperRows } from '@/parts/rows/PaperRows'
import { MonthSheet } from './month/MonthSheet'
import { WeekSheet } from './WeekSheet'
import { YearSheet } from './year/YearSheet'

const LensStation = lazy(() =>
  import('@/parts/lens/LensStation').then((module) => ({ default: module.LensStation })),
)
const lensTools = { Carrying, DropPlace, PaperRows, findRow }
const byDate = 'lens:ready-by-date'

const views = [
  { key: 'sheet', label: 'Week' },
  { key: 'month', label: 'Month' },
  { key: 'year', label: 'Year' },
  { key: 'date', label: 'By date' },
  { key: 'fit', label: 'Will it all fit?' },
] as const
type ViewKey = (typeof views)[number]['key']

/** Which view the address names; the sheet where it names none. */
function useViewInAddress(): readonly [ViewKey, (view: ViewKey) => void] {
  const params = useGlobalSearchParams<{ view?: string | string[] }>()
  const router = useRouter()
  const named = Array.isArray(params.view) ? params.view[0] : params.view
  const chosen = views.find(({ key }) => key === named)?.key ?? 'sheet'
  return [chosen, (view) => router.setParams({ view: view === 'sheet' ? undefined : view })]
}

export function WeekStation() {
  const ready = useHeld((state) => state.phase === 'ready')
  const today = useToday()
  const [view, setView] = useViewInAddress()
  const [day, setDay] = useState<CalendarDate | null>(null)
  if (!ready) return null
  return (
    <Strip label="Week" tabs={views} chosen={view} onChoose={setView}>
      {view === 'sheet' ? <WeekSheet onSeeFit={() => setView('fit')} /> : null}
      {view === 'month' ? <MonthSheet day={day ?? today} onDay={setDay} /> : null}
      {view === 'year' ? (
        <YearSheet
          onDay={(date) => {
            setDay(date)
            setView('month')
          }}
        />
      ) : null}
      {view === 'date' ? <ByDate /> : null}
      {view === 'fit' ? (
        <DeskLayout narrow>
          <StationHead label="Week" title="Will it all fit?" />
          <FitPage />
        </DeskLayout>
      ) : null}
    </Strip>
  )
}

/** Everything by date, over all lists: the lens that everybody has. */
function ByDate() {
  const router = useRouter()
  const { opened } = useOpened()
  const isPrinting = usePrinting() && opened === null
  return (
    <DeskLayout>
      <Suspense fallback={<View height={240} />}>
        <LensTools.Provider value={lensTools}>
          <LensStation
            id={byDate}
            isPrinting={isPrinting}
            onOpen={(lens) => router.navigate({ pathname: '/day', params: { lens } })}
          />
        </LensTools.Provider>
      </Suspense>
    </DeskLayout>
  )
}
