// The head of what is opened: its seal and where it belongs. That opens, where it can be opened, with *change* beside
// it; else it opens the chooser.
import { roomForActs } from './roomForActs'
import { Icon, IconButton, Press, Row, Seal, Words } from '@/ui'

export function ShelfHead({
  seal,
  says,
  onOpen,
  onChoose,
}: {
  seal: { readonly letters: string; readonly ink: number } | undefined
  says: string
  /** Opens what it belongs to. */
  onOpen?: (() => void) | undefined
  onChoose: () => void
}) {
  return (
    <Row paddingRight={roomForActs} minHeight={44} gap="$1">
      <Press
        gap="$2.5"
        flexShrink={1}
        minWidth={0}
        onPress={onOpen ?? onChoose}
        aria-haspopup={onOpen ? undefined : 'dialog'}
      >
        <Seal letters={seal?.letters ?? null} ink={seal?.ink ?? 0} />
        <Words
          size="second"
          tone={onOpen ? 'brass' : 'inkSoft'}
          flexShrink={1}
          minWidth={0}
          textAlign="left"
          className="clamped two"
        >
          {says}
        </Words>
        {onOpen ? <Icon name="next" size={16} tone="brass" /> : null}
      </Press>
      {onOpen ? (
        <IconButton
          label={`Change: ${says}`}
          icon="pen"
          tone="brass"
          flexShrink={0}
          aria-haspopup="dialog"
          onPress={onChoose}
        />
      ) : null}
    </Row>
  )
}
