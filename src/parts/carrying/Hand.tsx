// The hand that carries: one thing is taken hold of at a time, by whatever the drag and drop library takes for a
// beginning; it shows where that would be laid, and tells where it was.
import {
  useEffect,
  useLayoutEffect,
  useRef,
  useState,
  type MouseEvent,
  type ReactNode,
  type RefObject,
  type TouchEvent,
} from 'react'
import type { Id } from '@/core/record'
import { desk } from '@/held/desk'
import type { DragKit } from '@/ui/dragging/useDragKit'
import type { Place } from './place'
import { spotAt, type Spot } from './spotAt'

export type TakeHold = (event: MouseEvent | TouchEvent, row: HTMLElement) => void

export interface HandProps {
  readonly kit: DragKit
  readonly boxRef: RefObject<HTMLElement | null>
  /** Set here: what is called where a row is pressed. */
  readonly holdRef: { current: TakeHold | null }
  readonly lifted: ((id: Id) => ReactNode) | undefined
  readonly onLay: (id: Id, place: Place<Id>, from: HTMLElement | null) => void
}

/** How near an edge what scrolls follows the hand, and how fast: slow enough to stop at the next column. */
const edges = { threshold: { x: 0.1, y: 0.15 }, acceleration: 5 }

interface Point {
  readonly x: number
  readonly y: number
}

/** What scrolls stays where it is once the hand is beside it; the page is never beside. */
function isOver(point: Point | null, element: Element): boolean {
  const { left, right } = element.getBoundingClientRect()
  return element === document.scrollingElement || point === null || (point.x >= left && point.x <= right)
}

const nothing = (): undefined => undefined
/** What is carried is told by the notice of what was done: the library would read out ids. */
const silent = {
  announcements: { onDragStart: nothing, onDragOver: nothing, onDragEnd: nothing, onDragCancel: nothing },
}
const nowhere = () => []

const idOf = (row: HTMLElement | null) => row?.dataset['of'] as Id | undefined

export function Hand({ kit, boxRef, holdRef, lifted, onLay }: HandProps) {
  const { DndContext, DragOverlay, MouseSensor, TouchSensor, useSensor, useSensors } = kit
  const sensors = useSensors(
    useSensor(MouseSensor, { activationConstraint: { distance: 8 } }),
    useSensor(TouchSensor, { activationConstraint: { delay: 420, tolerance: 8 } }),
  )
  const rowRef = useRef<HTMLElement>(null)
  const spotRef = useRef<Spot>(null)
  const pointerRef = useRef<Point>(null)
  const [inHand, setInHand] = useState<Id | null>(null)
  const isCarrying = inHand !== null
  useLayoutEffect(() => {
    if (!isCarrying) return
    desk.getState().carry(true)
    return () => desk.getState().carry(false)
  }, [isCarrying])
  return (
    <DndContext
      sensors={sensors}
      autoScroll={{ ...edges, canScroll: (element) => isOver(pointerRef.current, element) }}
      // Where it would be laid is looked up where the pointer is: no row is measured for it.
      collisionDetection={nowhere}
      accessibility={silent}
      onDragStart={() => setInHand(idOf(rowRef.current) ?? null)}
      onDragCancel={() => setInHand(null)}
      onDragEnd={() => {
        setInHand(null)
        if (inHand && spotRef.current) onLay(inHand, spotRef.current.place, rowRef.current)
      }}
    >
      <Grip
        kit={kit}
        boxRef={boxRef}
        holdRef={holdRef}
        rowRef={rowRef}
        spotRef={spotRef}
        pointerRef={pointerRef}
        isLifted={lifted !== undefined}
      />
      {lifted ? <DragOverlay dropAnimation={null}>{inHand ? lifted(inHand) : null}</DragOverlay> : null}
    </DndContext>
  )
}

interface GripProps extends Pick<HandProps, 'kit' | 'boxRef' | 'holdRef'> {
  readonly rowRef: { current: HTMLElement | null }
  readonly spotRef: { current: Spot | null }
  readonly pointerRef: { current: Point | null }
  readonly isLifted: boolean
}

/**
 * Takes hold of a row, moves it, and marks where it would be laid: on the elements, so that no list is drawn for it.
 */
function Grip({ kit, boxRef, holdRef, rowRef, spotRef, pointerRef, isLifted }: GripProps) {
  const { listeners, setNodeRef, isDragging, transform } = kit.useDraggable({ id: 'hand' })
  useLayoutEffect(() => {
    holdRef.current = (event, row) => {
      if (isDragging) return
      rowRef.current = row
      setNodeRef(row)
      listeners?.[event.type === 'touchstart' ? 'onTouchStart' : 'onMouseDown']?.(event)
    }
    return () => {
      holdRef.current = null
    }
  }, [holdRef, isDragging, listeners, rowRef, setNodeRef])

  const shift = transform && !isLifted ? kit.CSS.Translate.toString(transform) : undefined
  useLayoutEffect(() => {
    const row = rowRef.current
    if (!isDragging || !row) return
    row.classList.add('carried')
    row.style.transform = shift ?? ''
    return () => {
      row.classList.remove('carried')
      row.style.transform = ''
    }
  }, [isDragging, rowRef, shift])

  useEffect(() => {
    if (!isDragging) return
    const mark = (spot: Spot | null) => {
      const last = spotRef.current
      spotRef.current = spot
      if (spot?.below !== undefined)
        (spot.element as HTMLElement).style.setProperty('--landing', `${spot.below}px`)
      if (spot?.element === last?.element) return
      last?.element.classList.remove(last.mark)
      spot?.element.classList.add(spot.mark)
    }
    const look = () => {
      const [pointer, box] = [pointerRef.current, boxRef.current]
      if (pointer && box) mark(spotAt(pointer, box, rowRef.current))
    }
    const follow = (event: globalThis.MouseEvent | globalThis.TouchEvent) => {
      const at = 'touches' in event ? event.touches[0] : event
      if (!at) return
      pointerRef.current = { x: at.clientX, y: at.clientY }
      look()
    }
    const told = ['mousemove', 'touchmove'] as const
    told.forEach((name) => window.addEventListener(name, follow, { capture: true, passive: true }))
    // What scrolls goes by under a hand that rests.
    window.addEventListener('scroll', look, { capture: true, passive: true })
    return () => {
      told.forEach((name) => window.removeEventListener(name, follow, { capture: true }))
      window.removeEventListener('scroll', look, { capture: true })
      mark(null)
      pointerRef.current = null
    }
  }, [boxRef, isDragging, pointerRef, rowRef, spotRef])
  return null
}
