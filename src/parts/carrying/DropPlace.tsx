// A band, a heading, a column or a day that something can be laid into. Until the carrying has loaded it is a plain box.
import { createContext, useContext, type ReactNode } from 'react'
import type { DragKit } from '@/ui/dragging/useDragKit'
import { placeKey, type Place } from './place'

export const CarryKit = createContext<{ readonly kit: DragKit; readonly isLifted: boolean } | null>(null)
/** The place a row is carried from, by its name. */
export const CarryFrom = createContext('')

export interface DropPlaceProps {
  readonly place: Place
  readonly className?: string
  readonly children: ReactNode
}

export function DropPlace(props: DropPlaceProps) {
  const held = useContext(CarryKit)
  const { className, children } = props
  return held ? <Droppable kit={held.kit} {...props} /> : <div className={className}>{children}</div>
}

function Droppable({ kit, place, className, children }: DropPlaceProps & { kit: DragKit }) {
  const { setNodeRef, isOver, active } = kit.useDroppable({ id: placeKey(place), data: { place } })
  const isLanding = isOver && active !== null
  return (
    <div ref={setNodeRef} className={[className, isLanding ? 'landing-place' : ''].filter(Boolean).join(' ')}>
      <CarryFrom.Provider value={place.kind === 'in' ? place.in : placeKey(place)}>
        {children}
      </CarryFrom.Provider>
    </div>
  )
}
