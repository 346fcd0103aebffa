// A row that can be carried to another place, and where another can be laid down.
import { useContext, type ComponentType } from 'react'
import type { DragKit } from '@/ui/dragging/useDragKit'
import type { CarriedBy } from '@/ui'
import type { ActionRowProps, RowCarried } from '@/parts/rows/ActionRow'
import { CarryFrom, CarryKit } from './DropPlace'

export function CarriedRow({
  row: Row,
  ...props
}: ActionRowProps & { readonly row: ComponentType<RowCarried> }) {
  const held = useContext(CarryKit)
  return held ? <WithKit {...held} row={Row} {...props} /> : <Row {...props} />
}

function WithKit({
  kit,
  isLifted,
  row: Row,
  ...props
}: ActionRowProps & {
  readonly kit: DragKit
  readonly isLifted: boolean
  readonly row: ComponentType<RowCarried>
}) {
  const from = useContext(CarryFrom)
  const { id } = props.action
  const drag = kit.useDraggable({ id, data: { from } })
  const drop = kit.useDroppable({ id: `row ${id}`, data: { place: { kind: 'row', in: from, id } } })
  const carry: CarriedBy = {
    boxRef: (element) => {
      drag.setNodeRef(element)
      drop.setNodeRef(element)
    },
    onMouseDown: drag.listeners?.['onMouseDown'] as CarriedBy['onMouseDown'],
    onTouchStart: drag.listeners?.['onTouchStart'] as CarriedBy['onTouchStart'],
    style:
      drag.transform && !isLifted ? { transform: kit.CSS.Translate.toString(drag.transform) } : undefined,
    isCarried: drag.isDragging,
    isLanding: drop.isOver && drop.active !== null && drop.active.id !== id,
  }
  return <Row {...props} carry={carry} />
}
