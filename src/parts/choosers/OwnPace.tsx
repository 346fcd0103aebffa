// Beside the minutes that are chosen: how long such things take this person, and that length by one tap.
import { atPace } from '@/core/pace/ownPace'
import { ownPaceFor } from '@/state/read/ownPace'
import { useHeldDocument, useToday, useZen } from '@/held/zen'
import { Button, Column, Row, Words } from '@/ui'
import { duration, type Sayable } from '@/words'
import { ownPaceWords } from '@/words/ownPace'

interface OwnPaceProps {
  readonly of: Pick<Sayable, 'contextIds' | 'projectId' | 'areaId' | 'minutes'>
  readonly onUse: (minutes: number) => void
}

export function OwnPace({ of, onUse }: OwnPaceProps) {
  const document = useHeldDocument()
  const today = useToday()
  const { clock } = useZen()
  const pace = ownPaceFor(document, of, today, clock.zone())
  if (!pace) return null
  const minutes = of.minutes === null ? null : atPace(of.minutes, pace)
  return (
    <Column gap="$1">
      <Words size="second" tone="inkSoft">
        {ownPaceWords(pace, document)}
      </Words>
      {minutes === null || minutes === of.minutes ? null : (
        <Row>
          <Button label={`Use ${duration(minutes)}`} onPress={() => onUse(minutes)} />
        </Row>
      )}
    </Column>
  )
}
