// The Day on a phone as hours: in place of the list, with the sentence of its load.
import { useDayTape } from '@/held/useLoads'
import { useToday } from '@/held/zen'
import { LoadSentence } from '@/parts/load/LoadGauge'
import { Column, IconButton, Row } from '@/ui'
import { HoursRibbon } from './HoursRibbon'

export function HoursSheet({ onList, onSeeReach }: { onList: () => void; onSeeReach: () => void }) {
  const { load } = useDayTape(useToday())
  return (
    <Column>
      <Row justifyContent="space-between" gap="$2" minHeight={44}>
        <LoadSentence load={load} />
        <IconButton label="Show as a list" icon="list" onPress={onList} />
      </Row>
      <HoursRibbon onSeeReach={onSeeReach} />
    </Column>
  )
}
