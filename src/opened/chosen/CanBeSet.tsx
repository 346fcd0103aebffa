// What can be set of all that is chosen together, what is set most often first: each opens its chooser.
import { Button, Row } from '@/ui'
import { chooserWords, offerWords, ofSeveral, type SaidField } from '@/words'

const first: readonly SaidField[] = ['day', 'horizon', 'shelf', 'contextIds']
const settable: readonly SaidField[] = [...new Set([...first, ...ofSeveral])]

export const CanBeSet = ({
  onChoose,
  leftOut = [],
}: {
  onChoose: (field: SaidField) => void
  leftOut?: readonly SaidField[]
}) => (
  <Row className="swipes" role="group" aria-label="What can be set">
    {settable
      .filter((field) => !leftOut.includes(field))
      .map((field) => (
        <Button
          key={field}
          kind="quiet"
          flexShrink={0}
          label={field === 'day' ? 'Move' : (offerWords[field] ?? chooserWords[field].toLowerCase())}
          aria-haspopup="dialog"
          onPress={() => onChoose(field)}
        />
      ))}
  </Row>
)
