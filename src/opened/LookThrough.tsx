// When an area was last looked through, and how often it is.
import type { Area } from '@/core/record'
import { lookThroughOn } from '@/state/read/shelfSums'
import { useAct, useToday } from '@/held/zen'
import { BandHeading, Button, Choice, Column, Row, Words } from '@/ui'
import { nearDate } from '@/words'
import { rhythms } from './rhythms'

export function LookThrough({ area }: { readonly area: Area }) {
  const act = useAct()
  const today = useToday()
  const lookOn = lookThroughOn(area, today)
  const isDue = lookOn !== null && lookOn <= today
  const edit = (patch: Partial<Pick<Area, 'lookedOn' | 'everyWeeks'>>) =>
    act('editArea', { id: area.id, patch }, { say: false })
  const last = area.lookedOn ? `Looked through ${nearDate(area.lookedOn, today)}` : 'Not looked through yet'
  const next = lookOn !== null && !isDue ? `, again ${nearDate(lookOn, today)}` : ''
  return (
    <Column gap="$2">
      <BandHeading title="Looking it through" />
      <Row gap="$2.5" flexWrap="wrap">
        <Words tone={isDue ? 'clay' : 'ink'} flexShrink={1}>
          {last}
          {next}
        </Words>
        {area.lookedOn === today ? null : (
          <Button label="Looked through today" onPress={() => edit({ lookedOn: today })} />
        )}
      </Row>
      <Choice
        label="How often"
        options={rhythms}
        chosen={rhythms.filter(({ weeks }) => weeks === area.everyWeeks).map(({ value }) => value)}
        onToggle={(value) =>
          edit({ everyWeeks: rhythms.find((each) => each.value === value)?.weeks ?? null })
        }
      />
    </Column>
  )
}
