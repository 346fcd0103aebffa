// Laying the slip down by dragging it: with the mouse, with a finger held down, or with the keys (space takes it up,
// the arrows carry it from compartment to compartment, space lets go). However it was decided, it is seen to lie down
// there.
import type { CollisionDetection, KeyboardCoordinateGetter } from '@dnd-kit/core'
import type { ReactNode } from 'react'
import type { Compartment } from '@/core/sorting'
import { useDragKit, type DragKit } from '@/ui/dragging/useDragKit'
import { compartmentFaces } from './CompartmentBox'

const slipId = 'slip'

interface Place {
  readonly x: number
  readonly y: number
}
type Rect = Readonly<Record<'left' | 'top' | 'width' | 'height', number>>
const middleOf = ({ left, top, width, height }: Rect): Place => ({
  x: left + width / 2,
  y: top + height / 2,
})

/** Which way each arrow leads. */
const ways: Readonly<Record<string, Place>> = {
  ArrowLeft: { x: -1, y: 0 },
  ArrowRight: { x: 1, y: 0 },
  ArrowUp: { x: 0, y: -1 },
  ArrowDown: { x: 0, y: 1 },
}

/** The nearest compartment in the way of an arrow. */
const toNextCompartment: KeyboardCoordinateGetter = (event, { currentCoordinates, context }) => {
  const way = ways[event.code]
  const held = context.collisionRect
  if (!way || !held) return undefined
  event.preventDefault()
  const from = middleOf(held)
  let best: { cost: number; place: Place } | null = null
  for (const rect of context.droppableRects.values()) {
    const place = middleOf(rect)
    const along = (place.x - from.x) * way.x + (place.y - from.y) * way.y
    const aside = Math.abs((place.x - from.x) * way.y) + Math.abs((place.y - from.y) * way.x)
    const cost = along + 2 * aside
    if (along > 8 && (best === null || cost < best.cost)) best = { cost, place }
  }
  return best
    ? {
        x: currentCoordinates.x + best.place.x - from.x,
        y: currentCoordinates.y + best.place.y - from.y,
      }
    : undefined
}

/**
 * Under the pointer, where there is one; else nearest to the slip. The compartments are measured as they are now: what
 * is found of the slip comes in while it is carried, and moves them.
 */
const collisionBy =
  ({ pointerWithin, closestCenter }: DragKit): CollisionDetection =>
  (given) => {
    if (!given.pointerCoordinates) return closestCenter(given)
    const droppableRects: typeof given.droppableRects = new Map(
      given.droppableContainers.flatMap(({ id, node }) =>
        node.current ? [[id, node.current.getBoundingClientRect()]] : [],
      ),
    )
    return pointerWithin({ ...given, droppableRects })
  }

/** Only at the very edge does the page scroll: nearer the thumb it would take a compartment away from under the slip. */
const scrolling = { threshold: { x: 0, y: 0.02 } }

const labelOf = (id: string | number | undefined): string =>
  id === undefined ? 'no compartment' : compartmentFaces[id as Compartment].label

export function SortingByDrag({
  title,
  onDrop,
  children,
}: {
  title: string
  onDrop: (compartment: Compartment) => void
  children: ReactNode
}) {
  const kit = useDragKit()
  const { DndContext, KeyboardSensor, MouseSensor, TouchSensor, useSensor, useSensors } = kit
  const sensors = useSensors(
    useSensor(MouseSensor, { activationConstraint: { distance: 5 } }),
    useSensor(TouchSensor, { activationConstraint: { delay: 220, tolerance: 8 } }),
    useSensor(KeyboardSensor, {
      coordinateGetter: toNextCompartment,
      keyboardCodes: { start: ['Space'], cancel: ['Escape'], end: ['Space', 'Enter'] },
    }),
  )
  return (
    <DndContext
      sensors={sensors}
      collisionDetection={collisionBy(kit)}
      autoScroll={scrolling}
      onDragEnd={({ over }) => {
        if (over) onDrop(over.id as Compartment)
      }}
      accessibility={{
        screenReaderInstructions: {
          draggable: 'Space picks the slip up, arrows move it, space drops it, Escape puts it back.',
        },
        announcements: {
          onDragStart: () => `Picked up: ${title}`,
          onDragOver: ({ over }) => `Over ${labelOf(over?.id)}`,
          onDragEnd: ({ over }) => (over ? `Dropped into ${labelOf(over.id)}` : 'Put back'),
          onDragCancel: () => 'Put back',
        },
      }}
    >
      {children}
    </DndContext>
  )
}

export function DraggableSlip({ children }: { children: ReactNode }) {
  const { CSS, useDraggable } = useDragKit()
  const { attributes, listeners, setNodeRef, setActivatorNodeRef, transform, isDragging } = useDraggable({
    id: slipId,
  })
  const setRef = (node: HTMLDivElement | null) => {
    setNodeRef(node)
    // The keys carry the slip only where it has the focus itself: a chip on it is pressed with space.
    setActivatorNodeRef(node)
  }
  return (
    <div
      ref={setRef}
      {...listeners}
      {...attributes}
      role="group"
      aria-roledescription="slip"
      aria-label="Slip to sort"
      id="slip-under-hand"
      className={isDragging ? 'slip-held' : 'slip-at-rest'}
      style={{
        display: 'flex',
        flexDirection: 'column',
        flexGrow: 1,
        transform: CSS.Translate.toString(transform),
      }}
    >
      {children}
    </div>
  )
}

const lyingDownMs = 160

/** The slip is seen to lie down in its compartment: a likeness of it, while the next one is already there. */
export function lieDown(compartment: Compartment): void {
  const slip = document.getElementById('slip-under-hand')
  const cell = document.querySelector(`[data-compartment=${compartment}]`)
  const isStill = window.matchMedia('(prefers-reduced-motion: reduce)').matches
  if (!slip || !cell || isStill || typeof slip.animate !== 'function') return
  const [from, to] = [slip.getBoundingClientRect(), cell.getBoundingClientRect()]
  const likeness = slip.cloneNode(true) as HTMLElement
  likeness.removeAttribute('id')
  likeness.setAttribute('aria-hidden', 'true')
  likeness.setAttribute('inert', '')
  Object.assign(likeness.style, {
    position: 'fixed',
    left: `${from.left}px`,
    top: `${from.top}px`,
    width: `${from.width}px`,
    transform: 'none',
    zIndex: '40',
    pointerEvents: 'none',
  })
  document.body.append(likeness)
  const [a, b] = [middleOf(from), middleOf(to)]
  const scale = Math.min(to.width / from.width, to.height / from.height)
  const motion = likeness.animate(
    [
      { transform: 'none', opacity: 1 },
      { transform: `translate(${b.x - a.x}px, ${b.y - a.y}px) scale(${scale})`, opacity: 0.6 },
    ],
    { duration: lyingDownMs, easing: 'ease-in' },
  )
  motion.onfinish = () => likeness.remove()
  motion.oncancel = () => likeness.remove()
}
