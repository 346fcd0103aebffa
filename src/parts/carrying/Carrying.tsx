// Rows that are carried by the mouse, by a finger at the seal, or by Alt and an arrow, and what is told where one is laid.
import {
  useEffect,
  useMemo,
  useRef,
  useState,
  type ComponentProps,
  type KeyboardEvent,
  type ReactNode,
  type RefObject,
} from 'react'
import { flushSync } from 'react-dom'
import type { Id } from '@/core/record'
import { CarryRow } from '@/parts/rows/carryRow'
import { useDragKitLater, type DragKit } from '@/ui/dragging/useDragKit'
import { CarriedRow } from './CarriedRow'
import { CarryKit } from './DropPlace'
import type { Place } from './place'

export interface Laying {
  readonly into: (id: Id<'action'>, place: Place) => void
  /** Earlier or later among its neighbours. */
  readonly by: (id: Id<'action'>, places: 1 | -1) => void
  /** To the place before or behind. */
  readonly across?: (id: Id<'action'>, places: 1 | -1) => void
}

export interface CarryingProps {
  readonly lay: Laying
  /** What is seen in the hand, where the row itself stays in its place: it could not be seen outside of what scrolls. */
  readonly lifted?: ((id: Id<'action'>) => ReactNode) | undefined
  readonly children: ReactNode
}

export function Carrying({ lay, lifted, children }: CarryingProps) {
  const { boxRef, kit: given } = useKitInQuiet()
  const onKeyDown = (event: KeyboardEvent<HTMLElement>) => {
    const by = { ArrowUp: -1, ArrowDown: 1, ArrowLeft: -1, ArrowRight: 1 }[event.key] as 1 | -1 | undefined
    const move = event.key.endsWith('t') ? lay.across : lay.by
    const id = (event.target as HTMLElement).closest<HTMLElement>('[data-of]')?.dataset['of']
    if (!event.altKey || by === undefined || !id || !move) return
    event.preventDefault()
    event.stopPropagation()
    move(id as Id<'action'>, by)
  }
  return (
    <div ref={boxRef} className="column" onKeyDownCapture={onKeyDown}>
      {given ? (
        <WithKit kit={given} lay={lay} lifted={lifted}>
          {children}
        </WithKit>
      ) : (
        children
      )}
    </div>
  )
}

/** The kit, from the first moment on in which nothing in the box has the focus: what is used by keys is not laid out anew under them. */
function useKitInQuiet(): {
  readonly boxRef: RefObject<HTMLDivElement | null>
  readonly kit: DragKit | null
} {
  const loaded = useDragKitLater()
  const [kit, setKit] = useState(loaded)
  const boxRef = useRef<HTMLDivElement>(null)
  useEffect(() => {
    if (!loaded || kit) return
    // At once: between a look and a later drawing the focus could come into the box, and would be lost.
    const look = () => {
      if (!boxRef.current?.contains(document.activeElement)) flushSync(() => setKit(loaded))
    }
    const later = () => setTimeout(look)
    const timer = later()
    document.addEventListener('focusout', later)
    return () => {
      clearTimeout(timer)
      document.removeEventListener('focusout', later)
    }
  }, [loaded, kit])
  return { boxRef, kit }
}

const drawCarried = (props: ComponentProps<typeof CarriedRow>) => <CarriedRow {...props} />

/** How near an edge what scrolls follows the hand, and how fast: slow enough to stop at the next column. */
const edges = { threshold: { x: 0.1, y: 0.15 }, acceleration: 5 }

function WithKit({ kit, lay, lifted, children }: CarryingProps & { readonly kit: DragKit }) {
  const { DndContext, DragOverlay, MouseSensor, TouchSensor, pointerWithin, useSensor, useSensors } = kit
  const sensors = useSensors(
    useSensor(MouseSensor, { activationConstraint: { distance: 8 } }),
    useSensor(TouchSensor, { activationConstraint: { delay: 420, tolerance: 8 } }),
  )
  const [inHand, setInHand] = useState<Id<'action'> | null>(null)
  const held = useMemo(() => ({ kit, isLifted: lifted !== undefined }), [kit, lifted])
  return (
    <CarryKit.Provider value={held}>
      <CarryRow.Provider value={drawCarried}>
        <DndContext
          sensors={sensors}
          autoScroll={edges}
          // A row is more exact than the place it stands in.
          collisionDetection={(args) => {
            const found = pointerWithin(args)
            const rows = found.filter(
              ({ id }) => String(id).startsWith('row ') && id !== `row ${args.active.id}`,
            )
            return rows.length > 0 ? rows : found.filter(({ id }) => !String(id).startsWith('row '))
          }}
          onDragStart={({ active }) => setInHand(active.id as Id<'action'>)}
          onDragCancel={() => setInHand(null)}
          onDragEnd={({ active, over }) => {
            setInHand(null)
            const place = over?.data.current?.['place'] as Place | undefined
            if (place) lay.into(active.id as Id<'action'>, place)
          }}
          accessibility={{
            screenReaderInstructions: { draggable: 'Alt and an arrow puts it earlier or later.' },
          }}
        >
          {children}
          {lifted ? <DragOverlay dropAnimation={null}>{inHand ? lifted(inHand) : null}</DragOverlay> : null}
        </DndContext>
      </CarryRow.Provider>
    </CarryKit.Provider>
  )
}
