// The head of what is opened: its seal, and the shelf it stands on, which opens the chooser of shelves.
import { Press, Row, Seal, Words } from '@/ui'

export function ShelfHead({
  seal,
  says,
  onChoose,
}: {
  seal: { readonly stamp: string; readonly ink: number } | undefined
  says: string
  onChoose: () => void
}) {
  return (
    <Row paddingRight="$23" minHeight={44}>
      <Press gap="$2.5" maxWidth="100%" onPress={onChoose} aria-haspopup="dialog">
        <Seal stamp={seal?.stamp ?? null} ink={seal?.ink ?? 0} />
        <Words size="second" tone="inkSoft" flexShrink={1} minWidth={0} oneLine>
          {says}
        </Words>
      </Press>
    </Row>
  )
}
