// The first of what is for this week, in the order of the hand: carried, or moved by its buttons.
import { isHandAlone } from '@/core/day/order'
import type { Action, Id } from '@/core/record'
import { firstOfWeek } from '@/state/read/roundLists'
import { select } from '@/state'
import { Column } from '@/ui'
import { useAct, useHeldDocument } from '@/held/zen'
import { Carrying, type Laying } from '@/parts/carrying/Carrying'
import { placeWords, shortened } from '@/words'
import { useSeen } from '../useRound'
import { OrderedLine } from './OrderedLine'
import { StoneHead } from './StoneHead'

export function OrderStone() {
  const act = useAct()
  const document = useHeldDocument()
  const actions = firstOfWeek(document, useSeen())
  /** The order with one of them at the place of another; only among those that the hand alone can order. */
  const put = (action: Action, over: Action) => {
    const same = actions.filter((each) => isHandAlone(each, action)).map(({ id }) => id)
    const others = same.filter((id) => id !== action.id)
    const at = same.indexOf(over.id)
    if (at < 0) return
    const order = [...others.slice(0, at), action.id, ...others.slice(at)]
    act(
      'layInto',
      { id: action.id, band: null, order },
      { say: placeWords(shortened(action.title), at, order.length) },
    )
  }
  const beside = (action: Action, places: 1 | -1): Action | undefined => {
    const same = actions.filter((each) => isHandAlone(each, action))
    return same[same.findIndex(({ id }) => id === action.id) + places]
  }
  const of = (id: Id<'action'>) => actions.find((action) => action.id === id)
  const lay: Laying = {
    into: (id, place) => {
      const [action, over] = [of(id), place.kind === 'row' ? of(place.id) : undefined]
      if (action && over && over !== action) put(action, over)
    },
    by: (id, places) => {
      const action = of(id)
      const over = action && beside(action, places)
      if (action && over) put(action, over)
    },
  }
  const to = (action: Action, places: 1 | -1) => {
    const over = beside(action, places)
    return over ? () => put(action, over) : null
  }
  return (
    <Column gap="$2.5">
      <StoneHead
        title="Is the order still right?"
        says="What is for this week, the first ten. What must be done comes before what is due later."
      />
      <Carrying lay={lay}>
        <div role="list" aria-label="For this week" data-place="in week">
          {actions.map((action) => (
            <OrderedLine
              key={action.id}
              id={action.id}
              title={action.title}
              seal={select.sealOf(document, action) ?? null}
              earlier={to(action, -1)}
              later={to(action, 1)}
            />
          ))}
        </div>
      </Carrying>
    </Column>
  )
}
