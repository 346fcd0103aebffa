// The Day on a phone as hours: in place of the list, with the sentence of its load.
import type { DayBands } from '@/core/day'
import { useDayTape } from '@/held/useLoads'
import { useToday } from '@/held/zen'
import { LoadSentence } from '@/parts/load/LoadGauge'
import { Column, IconButton, Row } from '@/ui'
import { CarryBetweenBands } from '../CarryBetweenBands'
import { HoursRibbon } from './HoursRibbon'

export function HoursSheet({ bands, onList }: { bands: DayBands; onList: () => void }) {
  const { load } = useDayTape(useToday())
  return (
    <Column>
      <Row justifyContent="space-between" gap="$2" minHeight={44}>
        <LoadSentence load={load} />
        <IconButton label="Show as a list" icon="list" onPress={onList} />
      </Row>
      <CarryBetweenBands bands={bands}>
        <HoursRibbon isAlone />
      </CarryBetweenBands>
    </Column>
  )
}
