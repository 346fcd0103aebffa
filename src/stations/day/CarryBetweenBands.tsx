// Carrying actions within and between the bands of the Day sheet, and to the days of its strip. What a place means is
// done to the thing itself, and said; one undo. By keys: Alt and an arrow up or down within a band.
import type { ReactNode } from 'react'
import { isHandAlone, type DayBandName, type DayBands } from '@/core/day'
import { recordIn } from '@/core/journal'
import type { Action, Id } from '@/core/record'
import { fromMinute, minuteAfterStart } from '@/core/time'
import { desk } from '@/held/desk'
import { useAct, useToday, useZen } from '@/held/zen'
import { Carrying, type Laying } from '@/parts/carrying/Carrying'
import type { Place } from '@/parts/carrying/place'
import { bandWords, nearDate, placeWords, shortened } from '@/words'

type LaidInto = Exclude<DayBandName, 'carriedOver' | 'chase'>

const laidWords: Readonly<Record<LaidInto, string>> = {
  dueToday: 'Due today',
  underway: 'Underway',
  picked: 'Picked for today',
  week: 'This week, on no day',
  inReach: 'In reach, on no day',
}
const notByHand = {
  carriedOver: 'Carried over fills itself with what is left from earlier days. Plan it for today instead.',
  chase: 'Chase today fills itself with what you are waiting for. Set a chase day instead.',
} as const

interface CarryProps {
  readonly bands: DayBands
  readonly children: ReactNode
}

export function CarryBetweenBands({ bands, children }: CarryProps) {
  return <Carrying lay={useLaying(bands)}>{children}</Carrying>
}

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

function useLaying(bands: DayBands): Laying {
  const act = useAct()
  const { store, clock } = useZen()
  const today = useToday()
  const actionOf = (id: Id<'action'>) => recordIn(store.api.getState().document, id)
  const putIn = (band: DayBandName, action: Action, overId: Id<'action'>) => {
    const order = orderWith(bands[band], action, overId)
    const say = placeWords(shortened(action.title), order.indexOf(action.id), order.length, bandWords[band])
    act('layInto', { id: action.id, band: null, order }, { say })
  }
  const into: Laying['into'] = (id, place: Place, row) => {
    const action = actionOf(id)
    const from = bandOf(bands, id)
    if (!action) return
    const called = shortened(action.title)
    if (place.kind === 'hour') {
      const minute = minuteAfterStart(place.date, place.at, clock.zone())
      act(
        'placeAction',
        { id, date: place.date, minute },
        { say: `Planned at ${fromMinute(minute)}: ${called}` },
      )
      return
    }
    if (place.kind === 'day') {
      act('moveTo', { id, day: place.date }, { say: `To ${nearDate(place.date, today)}: ${called}` })
      return
    }
    const band = place.in as DayBandName
    const overId = place.kind === 'row' ? place.id : null
    // Back from the hours to a list of today.
    if (row?.matches('.hours-block') && band !== 'week' && band !== 'inReach') {
      act('unplaceAction', { id, date: today }, { say: `At no hour: ${called}` })
      return
    }
    if (band === from) {
      if (overId !== null && overId !== id) putIn(band, action, overId)
      return
    }
    if (band === 'carriedOver' || band === 'chase')
      return desk.getState().tell(notByHand[band], { problem: true })
    // A promise is not taken back by the way: which day it is for is asked.
    if (from === 'dueToday' && (band === 'week' || band === 'inReach')) {
      desk.getState().tell(`Which day is it due instead? ${called}`)
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
    if (next) putIn(from, action, next.id)
  }
  return { into, by }
}
