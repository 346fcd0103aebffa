// The one thing opened beside the station on a wide page.
import { useEffect } from 'react'
import { Column, IconButton, Row } from '@/ui'
import { useOpened, type OpenableId } from '@/held/useOpened'
import { OpenedMore } from './OpenedMore'
import { OpenedPaper } from './OpenedPaper'
import { OpenedRecord } from './OpenedRecord'
import { useFromItsTop } from './useFromItsTop'
import { useOpenedTitle } from './useOpenedTitle'

export function OpenedPane({ id }: { id: OpenableId }) {
  const { close } = useOpened()
  const title = useOpenedTitle(id)
  const top = useFromItsTop(id)
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.key === 'Escape' && !event.defaultPrevented && !document.querySelector('dialog[open]'))
        close()
    }
    document.addEventListener('keydown', onKey)
    return () => document.removeEventListener('keydown', onKey)
  }, [close])
  return (
    <Column render="aside" role="complementary" aria-label={title} padding="$4" position="relative">
      <Row position="absolute" top={16} right={12} zIndex={1}>
        <OpenedMore key={id} id={id} />
        <IconButton label="Close" icon="close" onPress={close} />
      </Row>
      <div ref={top} tabIndex={-1} data-top data-quiet-focus />
      <OpenedRecord key={id} id={id} />
      <OpenedPaper id={id} />
    </Column>
  )
}
