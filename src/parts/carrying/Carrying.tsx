// Rows that are carried by the mouse, by a finger at the seal, or by Alt and an arrow, and what is told where one is
// laid. The rows themselves know nothing of it: the box around them looks where the hand takes hold, and where it
// lets go.
import { useRef, type KeyboardEvent, type MouseEvent, type ReactNode, type TouchEvent } from 'react'
import type { Id } from '@/core/record'
import { useDragKitOnDemand } from '@/ui/dragging/useDragKit'
import { Hand, type HandProps, type TakeHold } from './Hand'
import type { Place } from './place'
import { rowAt } from './spotAt'

/** Of actions where nothing else is said. */
export interface Laying<I extends Id = Id<'action'>> {
  /** `from` is the row that was carried. */
  readonly into: (id: I, place: Place<I>, from: HTMLElement | null) => void
  /** Earlier or later among its neighbours. */
  readonly by: (id: I, places: 1 | -1, row: HTMLElement) => void
  /** To the place before or behind. */
  readonly across?: (id: I, places: 1 | -1, row: HTMLElement) => void
}

export interface CarryingProps<I extends Id = Id<'action'>> {
  readonly lay: Laying<I>
  /**
   * What is seen in the hand, where the row itself stays in its place: it could not be seen outside of what scrolls.
   */
  readonly lifted?: ((id: I) => ReactNode) | undefined
  /** Boxes of one name lay into one another. */
  readonly among?: string
  readonly children: ReactNode
}

export function Carrying<I extends Id = Id<'action'>>({ lay, lifted, among, children }: CarryingProps<I>) {
  const kit = useDragKitOnDemand()
  const boxRef = useRef<HTMLDivElement>(null)
  const holdRef = useRef<TakeHold>(null)
  const take = (event: MouseEvent | TouchEvent) => {
    const row = rowAt(event.target as Element)
    const box = boxRef.current
    // What a sheet over the box shows is not carried out of it.
    if (row && box?.contains(row) && row.closest('dialog') === box.closest('dialog'))
      holdRef.current?.(event, row)
  }
  const onKeyDown = (event: KeyboardEvent<HTMLElement>) => {
    const by = { ArrowUp: -1, ArrowDown: 1, ArrowLeft: -1, ArrowRight: 1 }[event.key] as 1 | -1 | undefined
    const move = event.key.endsWith('t') ? lay.across : lay.by
    const row = (event.target as HTMLElement).closest<HTMLElement>('[data-of]')
    const id = row?.dataset['of']
    // On the hours, arrows move by minutes.
    const isOnHours = (event.target as HTMLElement).closest('.hours-block') !== null
    if (!event.altKey || by === undefined || !row || !id || !move || isOnHours) return
    event.preventDefault()
    event.stopPropagation()
    move(id as I, by, row)
  }
  return (
    <div
      ref={boxRef}
      data-among={among}
      className={kit ? 'column carries' : 'column'}
      onKeyDownCapture={onKeyDown}
      onMouseDown={take}
      onTouchStart={(event) => {
        if ((event.target as Element).closest('.seal-grip, .shelf-card, .hours-block, .week-card'))
          take(event)
      }}
    >
      {children}
      {kit ? (
        <Hand
          kit={kit}
          boxRef={boxRef}
          holdRef={holdRef}
          lifted={lifted as HandProps['lifted']}
          onLay={lay.into as HandProps['onLay']}
        />
      ) : null}
    </div>
  )
}
