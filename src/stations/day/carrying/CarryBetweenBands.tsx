// Carrying actions within and between the bands of the Day sheet, and to the days of its strip. What a place means is done to
// the thing itself, and said; one undo. By keys: Alt and an arrow up or down within a band.
import {
  useEffect,
  type ComponentProps,
  useRef,
  useState,
  type KeyboardEvent,
  type ReactNode,
  type RefObject,
} from 'react'
import { isHandAlone, type DayBandName, type DayBands } from '@/core/day'
import { recordIn } from '@/core/journal'
import type { Action, Id } from '@/core/record'
import { desk } from '@/held/desk'
import { useAct, useToday, useZen } from '@/held/zen'
import { CarryRow } from '@/parts/rows/carryRow'
import { useDragKitLater, type DragKit } from '@/ui/dragging/useDragKit'
import { nearDate, shortened } from '@/words'
import { CarriedRow } from './CarriedRow'
import { CarryKit } from './DropPlace'
import type { Place } from './place'

type LaidInto = Exclude<DayBandName, 'carriedOver' | 'chase'>

const laidWords: Readonly<Record<LaidInto, string>> = {
  dueToday: 'Due today',
  underway: 'Underway',
  picked: 'Picked for today',
  week: 'Held for this week, off its day',
  inReach: 'Off its day, in reach',
}
const notByHand = {
  carriedOver: 'What is carried over comes from an earlier day: nothing is laid there by hand.',
  chase: 'To chase is what waits for somebody: nothing is laid there by hand.',
} as const

interface CarryProps {
  readonly bands: DayBands
  readonly children: ReactNode
}

export function CarryBetweenBands({ bands, children }: CarryProps) {
  const { boxRef, kit: given } = useKitInQuiet()
  const lay = useLaying(bands)
  const onKeyDown = (event: KeyboardEvent<HTMLElement>) => {
    const by = { ArrowUp: -1, ArrowDown: 1 }[event.key]
    const id = (event.target as HTMLElement).closest<HTMLElement>('[data-of]')?.dataset['of']
    if (!event.altKey || by === undefined || !id) return
    event.preventDefault()
    event.stopPropagation()
    lay.by(id as Id<'action'>, by as 1 | -1)
  }
  return (
    <div ref={boxRef} className="column" onKeyDownCapture={onKeyDown}>
      {given ? (
        <Carrying kit={given} lay={lay}>
          {children}
        </Carrying>
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
    const look = () => {
      if (!boxRef.current?.contains(document.activeElement)) setKit(loaded)
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

const bandOf = (bands: DayBands, id: Id<'action'>): DayBandName | null =>
  (Object.keys(bands) as DayBandName[]).find((name) => bands[name].some((action) => action.id === id)) ?? null

/** The order of a band with `id` laid before or behind another; only among those that the hand can order. */
function orderWith(band: readonly Action[], moved: Action, overId: Id<'action'> | null): Id<'action'>[] {
  const others = band.filter(({ id }) => id !== moved.id)
  const from = band.findIndex(({ id }) => id === moved.id)
  const over = band.findIndex(({ id }) => id === overId)
  const at =
    over < 0
      ? others.length
      : others.findIndex(({ id }) => id === overId) + (from >= 0 && from < over ? 1 : 0)
  const order = [...others.slice(0, at), moved, ...others.slice(at)]
  return order.filter((action) => isHandAlone(action, moved)).map(({ id }) => id)
}

function useLaying(bands: DayBands) {
  const act = useAct()
  const { store } = useZen()
  const today = useToday()
  const actionOf = (id: Id<'action'>) => recordIn(store.api.getState().document, id)
  const into = (id: Id<'action'>, place: Place) => {
    const action = actionOf(id)
    const from = bandOf(bands, id)
    if (!action) return
    const called = shortened(action.title)
    if (place.kind === 'day') {
      act('moveTo', { id, day: place.date }, { say: `To ${nearDate(place.date, today)}: ${called}` })
      return
    }
    const { band } = place
    const overId = place.kind === 'row' ? place.id : null
    if (band === from) {
      if (overId !== null && overId !== id)
        act(
          'layInto',
          { id, band: null, order: orderWith(bands[band], action, overId) },
          { say: `Put elsewhere: ${called}` },
        )
      return
    }
    if (band === 'carriedOver' || band === 'chase')
      return desk.getState().tell(notByHand[band], { problem: true })
    // A promise is not taken back by the way: which day it is for is asked.
    if (from === 'dueToday' && (band === 'week' || band === 'inReach')) {
      desk.getState().tell(`No longer due today, then on which day? ${called}`)
      return desk.getState().openSheet({ kind: 'move', id })
    }
    if (from === 'carriedOver' && (band === 'week' || band === 'inReach') && action.due)
      return desk.getState().openSheet({ kind: 'move', id })
    act(
      'layInto',
      { id, band, order: orderWith(bands[band], action, overId) },
      { say: `${laidWords[band]}: ${called}` },
    )
  }
  const by = (id: Id<'action'>, places: 1 | -1) => {
    const from = bandOf(bands, id)
    const action = actionOf(id)
    if (!from || !action) return
    const same = bands[from].filter((other) => isHandAlone(other, action))
    const next = same[same.findIndex((other) => other.id === id) + places]
    if (next)
      act(
        'layInto',
        { id, band: null, order: orderWith(bands[from], action, next.id) },
        { say: `Put elsewhere: ${shortened(action.title)}` },
      )
  }
  return { into, by }
}

function Carrying({
  kit,
  lay,
  children,
}: {
  kit: DragKit
  lay: ReturnType<typeof useLaying>
  children: ReactNode
}) {
  const { DndContext, MouseSensor, TouchSensor, pointerWithin, useSensor, useSensors } = kit
  const sensors = useSensors(
    useSensor(MouseSensor, { activationConstraint: { distance: 8 } }),
    useSensor(TouchSensor, { activationConstraint: { delay: 420, tolerance: 8 } }),
  )
  return (
    <CarryKit.Provider value={kit}>
      <CarryRow.Provider value={drawCarried}>
        <DndContext
          sensors={sensors}
          // A row is more exact than the band it stands in.
          collisionDetection={(args) => {
            const found = pointerWithin(args)
            const rows = found.filter(
              ({ id }) => String(id).startsWith('row ') && id !== `row ${args.active.id}`,
            )
            return rows.length > 0 ? rows : found.filter(({ id }) => !String(id).startsWith('row '))
          }}
          onDragEnd={({ active, over }) => {
            const place = over?.data.current?.['place'] as Place | undefined
            if (place) lay.into(active.id as Id<'action'>, place)
          }}
          accessibility={{
            screenReaderInstructions: { draggable: 'Alt and an arrow puts it earlier or later in its band.' },
          }}
        >
          {children}
        </DndContext>
      </CarryRow.Provider>
    </CarryKit.Provider>
  )
}
