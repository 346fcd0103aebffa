// What can be set of all that is chosen together, what is set most often first: each opens its chooser.
import { Button, Row } from '@/ui'
import { chooserWords, offerWords, type SaidField } from '@/words'

const settable: readonly SaidField[] = [
  'day',
  'horizon',
  'shelf',
  'contextIds',
  'minutes',
  'due',
  'personIds',
  'weight',
  'energy',
  'waiting',
  'notBefore',
  'payoff',
]

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
