// The shelves in three views: projects with their areas, people, and what is kept. Each has its parts on one line;
// the address names the one that is shown.
import { useMedia } from '@tamagui/core'
import { useGlobalSearchParams, useRouter } from 'expo-router'
import { Suspense, type ReactNode } from 'react'
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
import { TemplatesList } from './TemplatesList'
import { PeopleBoard } from './PeopleBoard'
import { ReadingList } from './ReadingList'
import { ReferenceList } from './ReferenceList'
import { ShelvesView } from './ShelvesView'
import { Tickler } from './Tickler'

const views = [
  {
    key: 'projects',
    label: 'Projects',
    parts: [
      { value: 'areas', label: 'Areas' },
      { value: 'goals', label: 'Goals' },
      { value: 'templates', label: 'Templates' },
    ],
  },
  {
    key: 'people',
    label: 'People',
    parts: [
      { value: 'persons', label: 'Everybody' },
      { value: 'waiting', label: 'Waiting for' },
      { value: 'board', label: 'Board' },
    ],
  },
  {
    key: 'kept',
    label: 'Kept',
    parts: [
      { value: 'reference', label: 'Reference' },
      { value: 'reading', label: 'Reading' },
      { value: 'later', label: 'Someday' },
      { value: 'tickler', label: 'Tickler' },
      { value: 'contexts', label: 'Contexts' },
      { value: 'checklists', label: 'Checklists' },
      { value: 'meetingNotes', label: 'Meeting notes' },
      { value: 'lines', label: 'Check boxes' },
      { value: 'letGo', label: 'Let go' },
    ],
  },
] as const
type View = (typeof views)[number]
type Part = View['parts'][number]['value']

const lists: Readonly<Record<Exclude<Part, 'areas'>, () => ReactNode>> = {
  goals: () => <GoalsList />,
  templates: () => <TemplatesList />,
  persons: () => <NamedLists kind="person" />,
  waiting: () => <HeldLists />,
  board: () => <PeopleBoard />,
  reference: () => <ReferenceList />,
  reading: () => <ReadingList />,
  later: () => <KeptForLater />,
  tickler: () => <Tickler />,
  contexts: () => <NamedLists kind="context" />,
  checklists: () => <PageLists which="checklists" />,
  meetingNotes: () => <PageLists which="meetingNotes" />,
  lines: () => <PageLists which="lines" />,
  letGo: () => <LetGoList />,
}

/** The part that the address names; the first where it names none. */
function usePart(): readonly [Part, (part: Part) => void] {
  const { part } = useGlobalSearchParams<{ part?: string | string[] }>()
  const router = useRouter()
  const named = Array.isArray(part) ? part[0] : part
  const found = views.flatMap(({ parts }) => parts.map(({ value }) => value)).find((each) => each === named)
  return [found ?? 'areas', (next) => router.setParams({ part: next === 'areas' ? undefined : next })]
}

export function ShelvesStation() {
  const { wide } = useMedia()
  const ready = useHeld((state) => state.phase === 'ready')
  const [part, setPart] = usePart()
  const [side] = useSide()
  if (!ready) return null
  const view = views.find(({ parts }) => parts.some(({ value }) => value === part)) ?? views[0]
  const isShelves = part === 'areas'
  const within = (
    <div className="shelf-parts no-print">
      <Choice<Part>
        label={view.label}
        shown={false}
        oneLine
        options={view.parts}
        chosen={[part]}
        onToggle={setPart}
      />
      {isShelves ? <ShelvesView /> : null}
    </div>
  )
  return (
    <Strip
      label="Shelves"
      tabs={views}
      chosen={view.key}
      onChoose={(key) => setPart(views.find((each) => each.key === key)?.parts[0].value ?? 'areas')}
      head={<StationHead title="Shelves" />}
    >
      {wide ? <h1 className="visually-hidden">Shelves</h1> : null}
      {isShelves ? (
        <DeskLayout plain>
          {within}
          <AreaShelves side={side} />
        </DeskLayout>
      ) : (
        <DeskLayout plain={part === 'board'} narrow={part !== 'board'}>
          <Column gap="$2">
            {within}
            <Suspense fallback={null}>{lists[part]()}</Suspense>
          </Column>
        </DeskLayout>
      )}
    </Strip>
  )
}
