// The one thing opened over the station on a phone: undo stays in reach.
import { IconButton, Row, SlideOver } from '@/ui'
import { useOpened, type OpenableId } from '@/held/useOpened'
import { useUndo } from '@/held/zen'
import { OpenedRecord } from './OpenedRecord'
import { useOpenedTitle } from './useOpenedTitle'

export function OpenedSheet({ id }: { id: OpenableId }) {
  const { close } = useOpened()
  const { undo, canUndo } = useUndo()
  return (
    <SlideOver title={useOpenedTitle(id)} onClose={close} full bare>
      <Row position="absolute" top={16} right={12} zIndex={1}>
        <IconButton label="Undo" icon="undo" onPress={undo} disabled={!canUndo} />
        <IconButton label="Close" icon="close" onPress={close} />
      </Row>
      <OpenedRecord key={id} id={id} />
    </SlideOver>
  )
}
