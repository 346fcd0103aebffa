// The Day on a phone as hours: in place of the list, with the sentence of its load.
import { useDayTape } from '@/held/useLoads'
import { useToday } from '@/held/zen'
import { Column, IconButton, Row, Words } from '@/ui'
import { loadWords } from '@/words'
import { HoursRibbon } from './HoursRibbon'

export function HoursSheet({ onList, onSeeReach }: { onList: () => void; onSeeReach: () => void }) {
  const { load } = useDayTape(useToday())
  const { plain, verdict, fits, more } = loadWords(load)
  return (
    <Column>
      <Row justifyContent="space-between" gap="$2" minHeight={44}>
        <Words tone="inkSoft" flexShrink={1}>
          {plain}
          <Words strong tone={fits ? 'moss' : 'clay'}>
            {verdict}
          </Words>
          {more}
        </Words>
        <IconButton label="Show as a list" icon="list" onPress={onList} />
      </Row>
      <HoursRibbon onSeeReach={onSeeReach} />
    </Column>
  )
}
