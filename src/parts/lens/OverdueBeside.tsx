// A lens of days to come leaves out what is overdue: it says so, and offers it.
import { useMemo } from 'react'
import type { Condition, Lens } from '@/core/lens'
import type { OnDemand } from '@/state'
import { useHeldDocument } from '@/held/zen'
import { Button, Row, Words } from '@/ui'
import { count } from '@/words'
import type { LensShown } from './shown/lensProps'

const ahead: readonly string[] = ['today', 'tomorrow', 'week', 'next']

/** What asks for days from today on, and so for none that have passed. */
const asksAhead = (condition: Condition): boolean =>
  condition.kind === 'date' &&
  condition.field === 'due' &&
  !condition.not &&
  ahead.includes(condition.span.kind)

const overdue: Condition = { kind: 'date', field: 'due', span: { kind: 'past' }, not: false }

const withInstead = (lens: Lens, at: number, condition: Condition): Lens => ({
  ...lens,
  conditions: lens.conditions.map((each, index) => (index === at ? condition : each)),
})

export function OverdueBeside({
  lens,
  lenses,
  day,
  onChange,
}: {
  readonly lens: Lens
  readonly lenses: OnDemand['lenses']
  readonly day: LensShown['day']
  readonly onChange: (lens: Lens) => void
}) {
  const document = useHeldDocument()
  const at = lens.conditions.findIndex(asksAhead)
  const missing = useMemo(
    () => (at < 0 ? 0 : lenses.lensListOnce(document, withInstead(lens, at, overdue), day).count),
    [at, document, lens, lenses, day],
  )
  const asked = lens.conditions[at]
  if (!asked || missing === 0) return null
  return (
    <Row gap="$1" flexWrap="wrap">
      <Words size="second" tone="clay">
        {count(missing, 'overdue action')} {missing === 1 ? 'is' : 'are'} not in this list.
      </Words>
      <Button
        kind="quiet"
        label="Include"
        aria-label="Include what is overdue"
        onPress={() => onChange(withInstead(lens, at, { kind: 'many', joined: 'any', of: [overdue, asked] }))}
      />
    </Row>
  )
}
