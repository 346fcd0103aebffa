// What was laid aside during the week for the review: opened from here, and taken out once it is dealt with.
import { BandHeading, Button, Column, Press, Row, Words } from '@/ui'
import { useOpened } from '@/held/useOpened'
import { useAct, useHeldDocument } from '@/held/zen'
import { nameOfRecord, shortened } from '@/words'
import { useReviewBox } from '../useReviewBox'

export function ReviewBox() {
  const act = useAct()
  const document = useHeldDocument()
  const { open } = useOpened()
  const asides = useReviewBox()
  if (asides.length === 0) return null
  return (
    <Column render="section" aria-label="Review box" width="100%">
      <BandHeading title="Review box" end={String(asides.length)} />
      <Column render="ul">
        {asides.map(({ id, ofId }) => (
          <Row
            render="li"
            key={id}
            gap="$1"
            borderBottomWidth={1}
            borderColor="$rule"
            backgroundColor="$slip"
            paddingLeft="$3"
          >
            <Press flex={1} minWidth={0} minHeight={52} onPress={() => open(ofId)}>
              <Words className="clamped two" flexShrink={1}>
                {nameOfRecord(document, ofId)}
              </Words>
            </Press>
            <Button
              kind="quiet"
              label="Take out"
              flexShrink={0}
              aria-label={`Take out ${shortened(nameOfRecord(document, ofId))}`}
              onPress={() => act('takeUp', { id })}
            />
          </Row>
        ))}
      </Column>
    </Column>
  )
}
