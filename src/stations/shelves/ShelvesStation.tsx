// The shelves: groups, areas and projects; and beside them what else is kept.
import { useMedia } from '@tamagui/core'
import { Suspense, useState } from 'react'
import { DeskLayout } from '@/frame/DeskLayout'
import { PageLists } from '@/frame/onDemand'
import { StationHead } from '@/frame/StationHead'
import { Strip } from '@/frame/Strip'
import { useSide } from '@/held/side'
import { useHeld } from '@/held/zen'
import { Choice, Column } from '@/ui'
import { AreaShelves } from './AreaShelves'
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
  { key: 'patterns', label: 'Templates' },
  { key: 'people', label: 'People' },
  { key: 'contexts', label: 'Contexts' },
  { key: 'waiting', label: 'Waiting for' },
  { key: 'someday', label: 'Someday' },
  { key: 'tickler', label: 'Tickler' },
  { key: 'reference', label: 'Reference' },
] as const
type Tab = (typeof tabs)[number]['key']

function ListOf({ tab }: { tab: Exclude<Tab, 'areas'> }) {
  switch (tab) {
    case 'someday':
      return <Someday />
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
    case 'waiting':
      return <HeldLists />
    case 'reference':
      return <Kept />
  }
}

const laterParts = [
  { value: 'later', label: 'For later' },
  { value: 'letGo', label: 'Let go' },
] as const

/** What may be done one day, and what was decided against. */
function Someday() {
  const [part, setPart] = useState<(typeof laterParts)[number]['value']>('later')
  return (
    <Column gap="$2">
      <Choice label="Someday" shown={false} options={laterParts} chosen={[part]} onToggle={setPart} />
      {part === 'later' ? <KeptForLater /> : <LetGoList />}
    </Column>
  )
}

const keptParts = [
  { value: 'reference', label: 'Notes & links' },
  { value: 'reading', label: 'Reading' },
  { value: 'checklists', label: 'Checklists' },
  { value: 'talks', label: 'Meeting notes' },
  { value: 'lines', label: 'Check boxes' },
] as const

/** What is kept and looked up: notes and links, things to read, checklists, talks, and the open lines of notes. */
function Kept() {
  const [part, setPart] = useState<(typeof keptParts)[number]['value']>('reference')
  return (
    <Column gap="$2">
      <Choice label="Reference" shown={false} options={keptParts} chosen={[part]} onToggle={setPart} />
      {part === 'reference' ? <ReferenceList /> : null}
      {part === 'reading' ? <ReadingList /> : null}
      {part === 'reference' || part === 'reading' ? null : (
        <Suspense fallback={null}>
          <PageLists which={part} />
        </Suspense>
      )}
    </Column>
  )
}

export function ShelvesStation() {
  const { wide } = useMedia()
  const ready = useHeld((state) => state.phase === 'ready')
  const [tab, setTab] = useState<Tab>('areas')
  const [side] = useSide()
  if (!ready) return null
  const title = tabs.find(({ key }) => key === tab)?.label ?? ''
  return (
    <Strip label="Shelves" tabs={tabs} chosen={tab} onChoose={setTab} head={<StationHead title="Shelves" />}>
      {tab === 'areas' ? (
        <DeskLayout plain>
          {wide ? <h1 className="visually-hidden">Shelves</h1> : null}
          <AreaShelves side={side} />
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
