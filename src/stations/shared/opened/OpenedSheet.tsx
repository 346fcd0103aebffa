// The one thing opened over the station on a phone.
import { IconButton, Row, SlideOver } from '@/ui'
import { useOpened, type OpenableId } from '../useOpened'
import { OpenedRecord } from './OpenedRecord'
import { useOpenedTitle } from './useOpenedTitle'

export default function OpenedSheet({ id }: { id: OpenableId }) {
  const { close } = useOpened()
  return (
    <SlideOver title={useOpenedTitle(id)} onClose={close} full bare>
      <Row justifyContent="flex-end" marginBottom={-56} zIndex={1} pointerEvents="box-none"><IconButton label="Close" icon="close" onPress={close} /></Row>
      <OpenedRecord key={id} id={id} />
    </SlideOver>
  )
}
