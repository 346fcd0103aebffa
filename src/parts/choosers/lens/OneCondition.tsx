// One condition of a lens in its dialog, and the end of every such dialog.
import { useState } from 'react'
import type { Condition } from '@/core/lens/lens'
import { inSentenceOrder } from '@/core/lens/sentenceOrder'
import { Button, Row } from '@/ui'
import { useHeldDocument, useToday } from '@/held/zen'
import { ChooserSheet } from '../ChooserSheet'
import { ConditionEditor } from './ConditionEditor'
import type { LensPartProps } from './lensChooserProps'
import { isWhole, titleOf } from './lensOffers'

/** Reads words as one condition; null where they are none, or more. */
export function useSaying({ lenses, weekStartsOn }: LensPartProps): (words: string) => Condition | null {
  const names = lenses.lensNamesOf(useHeldDocument())
  const today = useToday()
  return (words) => {
    const { lens, unread } = lenses.sayLens(words, { names, today, weekStartsOn })
    const [only, ...more] = lens.conditions
    return only && more.length === 0 && unread.length === 0 ? only : null
  }
}

/** One condition among those that stood beside it when it was opened. */
export function OneCondition(
  props: LensPartProps & { readonly first: Condition; readonly beside: readonly Condition[] },
) {
  const { lens, lenses, first, beside, anchor, onSet, onClose } = props
  const [condition, setCondition] = useState(first)
  const [others] = useState(beside)
  const say = useSaying(props)
  const set = (next: Condition) => {
    setCondition(next)
    onSet({ ...lens, conditions: inSentenceOrder(isWhole(next) ? [...others, next] : others) })
  }
  return (
    <ChooserSheet
      title={titleOf(condition)}
      anchor={anchor}
      onClose={onClose}
      none={<TakeOff onPress={() => onSet({ ...lens, conditions: others })} onClose={onClose} />}
    >
      <ConditionEditor condition={condition} lenses={lenses} say={say} onSet={set} />
      <Done onClose={onClose} />
    </ChooserSheet>
  )
}

/** At the end of the heading: takes the part off the sentence, and closes. */
export const TakeOff = ({ onPress, onClose }: { onPress: () => void; onClose: () => void }) => (
  <Button
    kind="quiet"
    label="take it off"
    onPress={() => {
      onPress()
      onClose()
    }}
  />
)

export const Done = ({ onClose }: { onClose: () => void }) => (
  <Row justifyContent="flex-end">
    {/* Begun by keys, a second Enter changes nothing. */}
    <Button label="Done" data-first-focus onPress={onClose} />
  </Row>
)
