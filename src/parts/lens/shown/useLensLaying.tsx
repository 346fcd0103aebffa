// Carrying inside a lens: under another heading it sets what that heading is of, and says so; among equals it
// arranges by hand, which no sort blocks. What cannot be laid by hand is said, with the reason.
import { useState, type ReactNode } from 'react'
import { recordIn } from '@/core/journal'
import type { GroupField } from '@/core/lens'
import type { Action, Id } from '@/core/record'
import { desk } from '@/held/desk'
import { useAct, useZen } from '@/held/zen'
import type { Laying } from '@/parts/carrying/Carrying'
import type { Place } from '@/parts/carrying/place'
import { useFindRow } from './carry'
import { ChosenField } from '@/parts/choosers/useChooser'
import { placeWords, shortened } from '@/words'
import { headingWords, notByHandWords } from '@/words/lens'
import type { BandList, LensShown } from './lensProps'

/** One place of a lens that holds actions: a heading, a column. */
export interface LensPlace {
  readonly in: string
  readonly band: BandList['band']
  readonly under: readonly (readonly [GroupField, string])[]
  readonly actions: readonly Action[]
}

type AskedField = 'day' | 'due' | 'minutes'

type LensOf = Pick<LensShown, 'lens' | 'lenses' | 'names' | 'day'>

/** Arranging by hand: among equals alone, with the reason where two are none. */
function useArranging({ lens, lenses, day }: LensOf) {
  const act = useAct()
  const { store } = useZen()
  const now = () => store.api.getState().document
  const order = () => lenses.orderIn(now(), lens, day)

  /** Those around the place that the action gets among its equals, laid before or behind another. */
  const orderAround = (target: LensPlace, action: Action, overId: Id<'action'> | null): Id<'action'>[] => {
    const { equalsOf, indexIn } = order()
    const over = overId && recordIn(now(), overId)
    const was = recordIn(now(), action.id)
    const from = was ? indexIn(target.actions, was) : -1
    const isLater = !!over && from >= 0 && indexIn(target.actions, over) > from
    return lenses.neighboursOf(
      equalsOf(target.actions, action),
      action,
      over ? { id: over.id, isLater } : null,
    )
  }

  const arrange = (target: LensPlace, action: Action, overId: Id<'action'>) => {
    const over = recordIn(now(), overId)
    if (!over || overId === action.id) return
    if (!order().isEqual(action, over)) {
      // The first of the orders that tells the two apart.
      const sort = lens.sorts.find(
        (each) => !lenses.orderIn(now(), { ...lens, sorts: [each] }, day).isEqual(action, over),
      )
      return refuse(
        `Sorted by ${sort ? lenses.sortWords[sort.by][0] : 'hand'}: only actions that are equal can be moved by hand.`,
      )
    }
    // It takes the place of what it is laid beside.
    const at = order().indexIn(target.actions, over)
    const say = placeWords(shortened(action.title), at, target.actions.length)
    act('layInto', { id: action.id, band: null, order: orderAround(target, action, overId) }, { say })
  }
  return { now, order, orderAround, arrange }
}

const refuse = (words: string) => desk.getState().tell(words, { problem: true })

export function useLensLaying(
  shown: LensOf,
  places: readonly LensPlace[],
): {
  readonly lay: Laying
  readonly asked: ReactNode
  /** Where an action stands. */
  readonly standsIn: (action: Action) => LensPlace | undefined
} {
  const { lens, lenses, names, day } = shown
  const act = useAct()
  const findRow = useFindRow()
  const [asked, setAsked] = useState<{ id: Id<'action'>; field: AskedField } | null>(null)
  const { now, order, orderAround, arrange } = useArranging(shown)
  const standsIn = (action: Action) => {
    const { indexIn } = order()
    return places.find(({ actions }) => indexIn(actions, action) >= 0)
  }

  const layIn = (
    target: LensPlace,
    from: LensPlace | undefined,
    action: Action,
    overId: Id<'action'> | null,
  ) => {
    if (from && from.band !== target.band) return refuse(notByHandWords.band)
    const laid = lenses.laidUnderIn(now(), lens, day, action, target.under)
    switch (laid.kind) {
      case 'there':
        return
      case 'ask':
        return setAsked({ id: action.id, field: laid.field })
      case 'not':
        return refuse(notByHandWords[laid.why])
      case 'set': {
        const heading = target.under.map(([field, key]) => headingWords(field, key, names)).join(', ')
        act(
          'layInto',
          {
            id: action.id,
            band: null,
            patch: laid.patch,
            order: orderAround(target, { ...action, ...laid.patch }, overId),
          },
          { say: `${heading}: ${shortened(action.title)}` },
        )
      }
    }
  }

  const into = (id: Id<'action'>, place: Place) => {
    const action = recordIn(now(), id)
    if (!action) return
    if (place.kind === 'day') return void act('moveTo', { id, day: place.date })
    const target = place.kind === 'hour' ? undefined : places.find((each) => each.in === place.in)
    if (!target || place.kind === 'hour') return
    const from = standsIn(action)
    const overId = place.kind === 'row' ? place.id : null
    if (from === target) {
      if (overId) arrange(target, action, overId)
    } else layIn(target, from, action, overId)
  }
  const by = (id: Id<'action'>, step: 1 | -1) => {
    const action = recordIn(now(), id)
    const from = action && standsIn(action)
    if (!from) return
    const equals = order().equalsOf(from.actions, action)
    const next = equals[equals.findIndex((each) => each.id === id) + step]
    if (next) arrange(from, action, next.id)
  }
  const across = (id: Id<'action'>, step: 1 | -1) => {
    const action = recordIn(now(), id)
    const from = action && standsIn(action)
    const target = from && places[places.indexOf(from) + step]
    if (!target) return
    into(id, { kind: 'in', in: target.in })
    // The row stands in another place now: the focus goes with it.
    findRow(id)
  }
  const of = asked && recordIn(now(), asked.id)
  return {
    lay: { into, by, across },
    standsIn,
    asked:
      asked && of ? (
        <ChosenField
          field={asked.field}
          of={of}
          onSet={(patch) => act('editAction', { id: asked.id, patch })}
          onClose={() => setAsked(null)}
        />
      ) : null,
  }
}
