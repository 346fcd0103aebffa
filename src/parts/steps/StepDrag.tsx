// Carrying a step to another place by mouse or finger: up and down behind another, to the right and left deeper and back.
import { createContext, useContext, useState, type ReactNode } from 'react'
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
      onDragMove={({ active, over, delta }) =>
        setLanding(landingAt(active.id as Id<'step'>, over?.id as string | undefined, delta.x))
      }
      onDragCancel={() => setLanding(null)}
      onDragEnd={({ active, over, delta }) => {
        const id = active.id as Id<'step'>
        const found = landingAt(id, over?.id as string | undefined, delta.x)
        setLanding(null)
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
      <LandingOf.Provider value={landing}>
        <TopLanding kit={kit} />
        {children}
      </LandingOf.Provider>
    </DndContext>
  )
}

/** A row that can be carried, and that others can be laid behind. */
export function CarriedRow({
  kit: { CSS, useDraggable, useDroppable },
  id,
  depth,
  children,
}: {
  kit: DragKit
  id: Id<'step'>
  depth: number
  children: ReactNode
}) {
  const { listeners, setNodeRef, transform, isDragging } = useDraggable({ id })
  const { setNodeRef: setLandingRef } = useDroppable({ id, disabled: isDragging })
  const setRef = (node: HTMLLIElement | null) => {
    setNodeRef(node)
    setLandingRef(node)
  }
  return (
    <li
      ref={setRef}
      {...listeners}
      className={isDragging ? 'step-row carried' : 'step-row'}
      style={{ paddingLeft: indentOf(depth), transform: CSS.Translate.toString(transform) }}
      aria-level={depth + 1}
    >
      {children}
      <LandingMark behindId={id} />
    </li>
  )
}

/** The place before all rows. */
function TopLanding({ kit: { useDroppable } }: { kit: DragKit }) {
  const { setNodeRef } = useDroppable({ id: top })
  return (
    <div ref={setNodeRef} className="step-top">
      <LandingMark behindId={null} />
    </div>
  )
}

function LandingMark({ behindId }: { behindId: Id<'step'> | null }) {
  const landing = useContext(LandingOf)
  return landing && landing.behindId === behindId ? (
    <span className="landing" aria-hidden style={{ left: indentOf(landing.depth) }} />
  ) : null
}
