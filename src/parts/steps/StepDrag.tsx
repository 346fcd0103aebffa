// Carrying a step to another place by mouse or finger: up and down behind another, to the right and left deeper and
// back.
import {
  createContext,
  useContext,
  useLayoutEffect,
  useMemo,
  useState,
  type ReactNode,
  type RefObject,
  type SyntheticEvent,
} from 'react'
import { flushSync } from 'react-dom'
import { useStore } from 'zustand'
import { createStore, type StoreApi } from 'zustand/vanilla'
import type { Id, Step } from '@/core/record'
import { placeBehind, withAllUnder, type OutlineRow } from '@/core/steps'
import { useAct } from '@/held/zen'
import type { DragKit } from '@/ui/dragging/useDragKit'
import { indentOf } from './indentOf'

/** Where a carried step would come to lie: behind which row, and how deep. */
interface Landing {
  readonly behindId: Id<'step'> | null
  readonly depth: number
}

const LandingOf = createContext<Landing | null>(null)

type Listeners = ReturnType<DragKit['useDraggable']>['listeners']

interface Held {
  /** The row that can be carried. */
  readonly held: Id<'step'> | null
  /** The row that is being carried. */
  readonly carried: Id<'step'> | null
  /** What takes up the row that can be carried. */
  readonly given: { readonly id: Id<'step'>; readonly listeners: Listeners } | null
}

interface Dragging {
  readonly kit: DragKit
  readonly held: StoreApi<Held>
}

const nothing: Held = { held: null, carried: null, given: null }
const nothingHeld = createStore<Held>(() => nothing)
const DraggingOf = createContext<Dragging | null>(null)

function useDragging(): Dragging {
  const dragging = useContext(DraggingOf)
  if (!dragging) throw new Error('A step was carried outside StepsByDrag.')
  return dragging
}
const step = 20

/** Before the first row. */
const top = 'top'

export function StepsByDrag({
  kit,
  rows,
  steps,
  children,
}: {
  kit: DragKit
  rows: readonly OutlineRow[]
  steps: readonly Step[]
  children: ReactNode
}) {
  const { closestCenter, DndContext, MouseSensor, TouchSensor, useSensor, useSensors } = kit
  const act = useAct()
  const [landing, setLanding] = useState<Landing | null>(null)
  const [held] = useState(() => createStore<Held>(() => nothing))
  const dragging = useMemo(() => ({ kit, held }), [kit, held])
  const layDown = () => {
    setLanding(null)
    held.setState({ carried: null })
  }
  const sensors = useSensors(
    useSensor(MouseSensor, { activationConstraint: { distance: 6 } }),
    useSensor(TouchSensor, { activationConstraint: { delay: 260, tolerance: 8 } }),
  )
  /** The rows that stay, without the one that is carried and all under it. */
  const staying = (id: Id<'step'>): OutlineRow[] => {
    const carried = new Set(withAllUnder(steps, id).map((each) => each.id))
    return rows.filter((row) => !carried.has(row.step.id))
  }
  const landingAt = (id: Id<'step'>, overId: string | undefined, right: number): Landing | null => {
    const others = staying(id)
    const from = rows.find((row) => row.step.id === id)
    if (!from || overId === undefined) return null
    const at = others.findIndex((row) => row.step.id === overId)
    if (overId !== top && at < 0) return null
    const before = others[at]
    const wanted = from.depth + Math.round(right / step)
    const depth = before ? Math.max(0, Math.min(wanted, before.depth + 1)) : 0
    return { behindId: before?.step.id ?? null, depth }
  }
  return (
    <DndContext
      sensors={sensors}
      collisionDetection={closestCenter}
      onDragStart={({ active }) => held.setState({ carried: active.id as Id<'step'> })}
      onDragMove={({ active, over, delta }) =>
        setLanding(landingAt(active.id as Id<'step'>, over?.id as string | undefined, delta.x))
      }
      onDragCancel={layDown}
      onDragEnd={({ active, over, delta }) => {
        const id = active.id as Id<'step'>
        const found = landingAt(id, over?.id as string | undefined, delta.x)
        layDown()
        if (!found) return
        const others = staying(id)
        const at = others.findIndex((row) => row.step.id === found.behindId)
        act('moveStep', { id, place: placeBehind(others, at, found.depth) }, { say: false })
      }}
      accessibility={{
        screenReaderInstructions: {
          draggable: 'Alt and an arrow moves the step up or down; opened, Tab moves it deeper.',
        },
      }}
    >
      <DraggingOf.Provider value={dragging}>
        <LandingOf.Provider value={landing}>
          <TopLanding />
          {children}
        </LandingOf.Provider>
      </DraggingOf.Provider>
    </DndContext>
  )
}

/** What makes a row one that is carried: mounted for the one row under the pointer alone, as lists may be long. */
export function Carrying({ id, row }: { id: Id<'step'>; row: RefObject<HTMLLIElement | null> }) {
  const { kit, held } = useDragging()
  const { listeners: given, setNodeRef, transform, isDragging } = kit.useDraggable({ id })
  const moved = kit.CSS.Translate.toString(transform) ?? ''
  useLayoutEffect(() => {
    setNodeRef(row.current)
    held.setState({ given: { id, listeners: given } })
  })
  useLayoutEffect(() => {
    const element = row.current
    if (!element) return
    element.style.setProperty('transform', moved)
    element.classList.toggle('carried', isDragging)
  }, [isDragging, moved, row])
  return null
}

/** A row that another can be laid behind: mounted for all while one is carried. */
export function Landable({ id, row }: { id: Id<'step'>; row: RefObject<HTMLLIElement | null> }) {
  const { kit } = useDragging()
  const { setNodeRef } = kit.useDroppable({ id })
  useLayoutEffect(() => setNodeRef(row.current))
  return null
}

/** How a row is taken up: the mouse over it, or a finger on it, makes it the one that can be carried. */
export function useCarried(id: Id<'step'>) {
  const dragging = useContext(DraggingOf)
  const isHeld = useStore(dragging?.held ?? nothingHeld, ({ held }) => held === id)
  const isAnyCarried = useStore(
    dragging?.held ?? nothingHeld,
    ({ carried }) => carried !== null && carried !== id,
  )
  const hold = () => dragging?.held.setState({ held: id })
  const pass = (kind: 'onMouseDown' | 'onTouchStart') => (event: SyntheticEvent) => {
    const given = dragging?.held.getState().given
    if (given?.id === id) given.listeners?.[kind]?.(event)
  }
  return {
    isHeld: dragging !== null && isHeld,
    isLandable: dragging !== null && isAnyCarried,
    handlers: {
      onMouseEnter: hold,
      // At once: the touch that follows must find what carries.
      onTouchStartCapture: () => flushSync(hold),
      onMouseDown: pass('onMouseDown'),
      onTouchStart: pass('onTouchStart'),
    },
  }
}

/** The place before all rows. */
function TopLanding() {
  const { setNodeRef } = useDragging().kit.useDroppable({ id: top })
  return (
    <div ref={setNodeRef} className="step-top">
      <LandingMark behindId={null} />
    </div>
  )
}

export function LandingMark({ behindId }: { behindId: Id<'step'> | null }) {
  const landing = useContext(LandingOf)
  return landing && landing.behindId === behindId ? (
    <span className="landing" aria-hidden style={{ left: indentOf(landing.depth) }} />
  ) : null
}
