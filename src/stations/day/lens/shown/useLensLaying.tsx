// Carrying inside a lens: under another heading it sets what that heading is of, and says so; among equals it arranges by
// hand, which no sort blocks. What cannot be laid by hand is said, with the reason.
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
import { shortened } from '@/words'
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

export function useLensLaying(
  { lens, lenses, names, day }: Pick<LensShown, 'lens' | 'lenses' | 'names' | 'day'>,
  places: readonly LensPlace[],
): { readonly lay: Laying; readonly asked: ReactNode } {
  const act = useAct()
  const findRow = useFindRow()
  const { store } = useZen()
  const [asked, setAsked] = useState<{ id: Id<'action'>; field: AskedField } | null>(null)
  const now = () => store.api.getState().document
  const refuse = (words: string) => desk.getState().tell(words, { problem: true })
  const placeOf = (id: Id<'action'>) => places.find(({ actions }) => actions.some((each) => each.id === id))

  /** Those that only the hand tells from the action, with it laid before or behind another. */
  const orderIn = (target: LensPlace, moved: Action, overId: Id<'action'> | null): Id<'action'>[] => {
    const isEqual = lenses.equalityIn(now(), lens, day)
    const equals = target.actions.filter((other) => other.id !== moved.id && isEqual(other, moved))
    const was = target.actions.findIndex(({ id }) => id === moved.id)
    const over = target.actions.findIndex(({ id }) => id === overId)
    const found = equals.findIndex(({ id }) => id === overId)
    const at = found < 0 ? equals.length : found + (was >= 0 && was < over ? 1 : 0)
    return [...equals.slice(0, at), moved, ...equals.slice(at)].map(({ id }) => id)
  }

  const arrange = (target: LensPlace, action: Action, overId: Id<'action'>) => {
    const over = recordIn(now(), overId)
    if (!over || overId === action.id) return
    if (!lenses.equalityIn(now(), lens, day)(action, over)) {
      const [sort] = lens.sorts
      return refuse(
        `In the order of ${sort ? lenses.sortWords[sort.by][0] : 'the hand'}: only what is equal in that is arranged by hand.`,
      )
    }
    act(
      'layInto',
      { id: action.id, band: null, order: orderIn(target, action, overId) },
      { say: `Put elsewhere: ${shortened(action.title)}` },
    )
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
            order: orderIn(target, { ...action, ...laid.patch }, overId),
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
    const target = places.find((each) => each.in === place.in)
    if (!target) return
    const from = placeOf(id)
    const overId = place.kind === 'row' ? place.id : null
    if (from === target) {
      if (overId) arrange(target, action, overId)
    } else layIn(target, from, action, overId)
  }
  const by = (id: Id<'action'>, step: 1 | -1) => {
    const action = recordIn(now(), id)
    const from = placeOf(id)
    if (!action || !from) return
    const order = orderIn(from, action, null).filter((each) => each !== id)
    const inOrder = from.actions.filter((each) => each.id === id || order.includes(each.id))
    const next = inOrder[inOrder.findIndex((each) => each.id === id) + step]
    if (next) arrange(from, action, next.id)
  }
  const across = (id: Id<'action'>, step: 1 | -1) => {
    const from = placeOf(id)
    const target = from && places[places.indexOf(from) + step]
    if (!target) return
    into(id, { kind: 'in', in: target.in })
    // The row stands in another place now: the focus goes with it.
    findRow(id)
  }
  const of = asked && recordIn(now(), asked.id)
  return {
    lay: { into, by, across },
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
