// The one thing opened over the station on a phone: undo is in its *More*, and in the notice of what was done.
import { Column, IconButton, Row, SlideOver } from '@/ui'
import { useDesk } from '@/held/desk'
import { useOpened, type OpenableId } from '@/held/useOpened'
import { ChosenTogether } from './chosen/ChosenTogether'
import { AddAThought } from '@/parts/capture/AddAThought'
import { OpenedMore } from './OpenedMore'
import { OpenedPaper } from './OpenedPaper'
import { OpenedRecord } from './OpenedRecord'
import { useFromItsTop } from './useFromItsTop'
import { useOpenedTitle } from './useOpenedTitle'

export function OpenedSheet({ id }: { id: OpenableId }) {
  const { close } = useOpened()
  const top = useFromItsTop(id)
  // What is chosen in a sheet is told in the sheet: nothing behind it can be pressed.
  const isChoosing = useDesk((state) => state.chosen.length > 0)
  return (
    <SlideOver title={useOpenedTitle(id)} onClose={close} full bare>
      <Row position="absolute" top={16} right={12} zIndex={1}>
        <AddAThought />
        <OpenedMore key={id} id={id} />
        <IconButton label="Close" icon="close" onPress={close} />
      </Row>
      <div ref={top} tabIndex={-1} data-top data-quiet-focus style={{ position: 'absolute' }} />
      <OpenedRecord key={id} id={id} />
      <OpenedPaper id={id} />
      {isChoosing ? (
        <Column
          position={'sticky' as 'absolute'}
          bottom={0}
          zIndex={2}
          backgroundColor="$paper"
          marginHorizontal="$-4"
          marginBottom="$-7"
        >
          <ChosenTogether />
        </Column>
      ) : null}
    </SlideOver>
  )
}
