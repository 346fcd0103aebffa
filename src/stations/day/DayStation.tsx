// The Day sheet: what is on today, in bands, laid against the day's free time.
import { useMedia } from '@tamagui/core'
import { useState } from 'react'
import { Column } from '@/ui'
import { DeskLayout } from '@/frame/DeskLayout'
import { StationHead } from '@/frame/StationHead'
import { headDate, longDate } from '@/words'
import { useHeld, useToday } from '@/held/zen'
import { Strip } from '@/frame/Strip'
import { DaySheet } from './DaySheet'
import { InReach, ReachChoices } from './InReach'
import { DoneToday } from './DoneToday'

const tabs = [
  { key: 'sheet', label: 'Day sheet' },
  { key: 'reach', label: 'In reach' },
  { key: 'done', label: 'Done today' },
] as const
type Tab = (typeof tabs)[number]['key']

export function DayStation() {
  const { wide, roomy } = useMedia()
  const today = useToday()
  const ready = useHeld((state) => state.phase === 'ready')
  const [tab, setTab] = useState<Tab>('sheet')
  if (!ready) return null
  return (
    <>
      <Strip
        label="Day"
        tabs={tabs}
        chosen={tab}
        onChoose={setTab}
        head={<StationHead title={headDate(today)} />}
      >
        <DeskLayout left={roomy ? <ReachAside /> : undefined} leftLabel="At hand now">
          {wide ? <StationHead title={longDate(today)} /> : null}
          {tab === 'sheet' ? <DaySheet onSeeReach={() => setTab('reach')} /> : null}
          {tab === 'reach' ? <InReach showChoices={!roomy} /> : null}
          {tab === 'done' ? <DoneToday /> : null}
        </DeskLayout>
      </Strip>
    </>
  )
}

const ReachAside = () => (
  <Column gap="$3.5">
    <ReachChoices />
  </Column>
)
