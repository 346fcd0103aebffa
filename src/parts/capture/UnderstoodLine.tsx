// What was understood of a line that belongs to something else, where anything was.
import { Row } from '@/ui'
import { Understood } from './Understood'

export function UnderstoodLine({
  onText,
  onTakenOff,
  ...read
}: Omit<React.ComponentProps<typeof Understood>, 'onSaid'> & {
  readonly onText: (text: string) => void
  readonly onTakenOff: (takenOff: readonly string[]) => void
}) {
  if (read.sentence.clauses.length === 0) return null
  return (
    <Row gap="$2" flexWrap="wrap">
      <Understood
        {...read}
        onSaid={(text, takenOff) => {
          onText(text)
          onTakenOff(takenOff)
        }}
      />
    </Row>
  )
}
