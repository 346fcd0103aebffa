// The shelves: groups, areas and projects; and beside them what else is kept.
import { useMedia } from '@tamagui/core'
import { Suspense, useState } from 'react'
import { sides } from '@/core/record'
import { Choice } from '@/ui'
import { DeskLayout } from '@/frame/DeskLayout'
import { PageLists } from '@/frame/onDemand'
import { StationHead } from '@/frame/StationHead'
import { Strip } from '@/frame/Strip'
import { useHeld } from '@/held/zen'
import { AreaShelves, type SideChoice } from './AreaShelves'
import { GoalsList } from './GoalsList'
import { HeldLists } from './HeldLists'
import { KeptForLater } from './KeptForLater'
import { LetGoList } from './LetGoList'
import { NamedLists } from './NamedLists'
import { PatternsList } from './PatternsList'
import { ReadingList } from './ReadingList'
import { ReferenceList } from './ReferenceList'
import { Tickler } from './Tickler'

const tabs = [
  { key: 'areas', label: 'Areas & projects' },
  { key: 'goals', label: 'Goals' },
  { key: 'patterns', label: 'Patterns' },
  { key: 'people', label: 'People' },
  { key: 'contexts', label: 'Contexts' },
  { key: 'waiting', label: 'Waiting for' },
  { key: 'signOff', label: 'To sign off' },
  { key: 'heldBack', label: 'After another' },
  { key: 'someday', label: 'Someday' },
  { key: 'tickler', label: 'Tickler' },
  { key: 'reference', label: 'Reference' },
  { key: 'reading', label: 'Reading' },
  { key: 'checklists', label: 'Checklists' },
  { key: 'talks', label: 'Talks' },
  { key: 'lines', label: 'Check boxes' },
  { key: 'letGo', label: 'Let go' },
] as const
type Tab = (typeof tabs)[number]['key']

function ListOf({ tab }: { tab: Exclude<Tab, 'areas'> }) {
  switch (tab) {
    case 'someday':
      return <KeptForLater />
    case 'tickler':
      return <Tickler />
    case 'goals':
      return <GoalsList />
    case 'patterns':
      return <PatternsList />
    case 'people':
      return <NamedLists kind="person" />
    case 'contexts':
      return <NamedLists kind="context" />
    case 'reference':
      return <ReferenceList />
    case 'reading':
      return <ReadingList />
    case 'checklists':
    case 'talks':
    case 'lines':
      return (
        <Suspense fallback={null}>
          <PageLists which={tab} />
        </Suspense>
      )
    case 'letGo':
      return <LetGoList />
    default:
      return <HeldLists which={tab} />
  }
}

export function ShelvesStation() {
  const { wide } = useMedia()
  const ready = useHeld((state) => state.phase === 'ready')
  const [tab, setTab] = useState<Tab>('areas')
  const [side, setSide] = useState<SideChoice>('both')
  const sideChoice = (
    <Choice
      label="Side"
      shown={false}
      options={[...sides, 'both' as const].map((value) => ({ value: value as SideChoice, label: value }))}
      chosen={[side]}
      onToggle={setSide}
    />
  )
  if (!ready) return null
  const title = tabs.find(({ key }) => key === tab)?.label ?? ''
  return (
    <Strip label="Shelves" tabs={tabs} chosen={tab} onChoose={setTab} head={<StationHead title="Shelves" />}>
      {tab === 'areas' ? (
        <DeskLayout plain>
          {wide ? <h1 className="visually-hidden">Shelves</h1> : null}
          <AreaShelves side={side} choice={sideChoice} />
        </DeskLayout>
      ) : (
        <DeskLayout narrow>
          {wide ? <StationHead title={title} /> : null}
          <ListOf tab={tab} />
        </DeskLayout>
      )}
    </Strip>
  )
}
