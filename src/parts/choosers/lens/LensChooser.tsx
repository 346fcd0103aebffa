// What sets one part of a lens's sentence, and what lays another part beside it.
import { useState } from 'react'
import { lensLimits, type Condition } from '@/core/lens/lens'
import { aboutOf, inSentenceOrder } from '@/core/lens/sentenceOrder'
import { Button, Row, Words } from '@/ui'
import { ChooserSheet } from '../ChooserSheet'
import { DonePlaceChooser, OneBand, OneGroup, OneSort } from './LensLayout'
import type { LensChooserProps, LensPartProps, LensTarget } from './lensChooserProps'
import { isWhole, offers, readyCondition } from './lensOffers'
import { OneCondition } from './OneCondition'

export function LensChooser(props: LensChooserProps) {
  const [target, setTarget] = useState(props.target)
  switch (target.kind) {
    case 'more':
      return <More {...props} onTarget={setTarget} />
    case 'condition':
      return (
        <OneCondition
          {...props}
          first={props.lens.conditions[target.index] ?? readyCondition}
          beside={props.lens.conditions.filter((_, at) => at !== target.index)}
        />
      )
    case 'band':
      return <OneBand {...props} index={target.index} />
    case 'group':
      return <OneGroup {...props} index={target.index} />
    case 'sort':
      return <OneSort {...props} index={target.index} />
    case 'done':
      return <DonePlaceChooser {...props} />
  }
}

const Offer = ({ label, onPress }: { label: string; onPress: () => void }) => (
  <Button label={label} paddingHorizontal="$3" minHeight={40} onPress={onPress} />
)

/** What can be laid beside what is said already. */
type MoreProps = LensPartProps & { readonly onTarget: (target: LensTarget) => void }
function More(props: MoreProps) {
  const { lens, onlyConditions, anchor, onSet, onClose } = props
  const [offered, setOffered] = useState<{ first: Condition; beside: readonly Condition[] } | null>(null)
  if (offered) return <OneCondition {...props} {...offered} />
  const said = new Set(lens.conditions.map(aboutOf))
  const take = (condition: Condition) => {
    // What is whole as it is offered stands at once.
    if (isWhole(condition) && condition.kind !== 'text')
      onSet({ ...lens, conditions: inSentenceOrder([...lens.conditions, condition]) })
    setOffered({ first: condition, beside: lens.conditions })
  }
  return (
    <ChooserSheet title="What else" anchor={anchor} onClose={onClose}>
      <Words size="caps" tone="inkSoft" render="h3">
        Only those by
      </Words>
      <Row gap="$1.5" flexWrap="wrap" role="group" aria-label="Only those by">
        {offers
          .filter(([, condition]) => condition.kind === 'many' || !said.has(aboutOf(condition)))
          .map(([label, condition]) => (
            <Button
              key={label}
              label={label}
              paddingHorizontal="$3"
              minHeight={40}
              onPress={() => take(condition)}
            />
          ))}
      </Row>
      {onlyConditions ? null : <OrderAndGroups {...props} />}
    </ChooserSheet>
  )
}

function OrderAndGroups({ lens, onSet, onTarget }: MoreProps) {
  return (
    <>
      <Words size="caps" tone="inkSoft" render="h3">
        Order and groups
      </Words>
      <Row gap="$1.5" flexWrap="wrap" role="group" aria-label="Order and groups">
        {lens.bands.length < lensLimits.bands ? (
          <Offer
            label="a band first"
            onPress={() => {
              const where: Condition = { kind: 'date', field: 'due', span: { kind: 'week' }, not: false }
              onSet({ ...lens, bands: [...lens.bands, { name: '', where }] })
              onTarget({ kind: 'band', index: lens.bands.length, text: '' })
            }}
          />
        ) : null}
        {lens.groups.length < lensLimits.groups ? (
          <Offer
            label="grouped by"
            onPress={() => onTarget({ kind: 'group', index: lens.groups.length, text: '' })}
          />
        ) : null}
        {lens.sorts.length < lensLimits.sorts ? (
          <Offer
            label="sorted by"
            onPress={() => onTarget({ kind: 'sort', index: lens.sorts.length, text: '' })}
          />
        ) : null}
        <Offer label="what is done" onPress={() => onTarget({ kind: 'done', text: '' })} />
      </Row>
    </>
  )
}
