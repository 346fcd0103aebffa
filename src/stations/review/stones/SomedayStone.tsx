// A few of what lies for someday or later: what was left in fewest reviews and is oldest, first.
import { useState } from 'react'
import { recordIn } from '@/core/journal'
import type { Action, Id } from '@/core/record'
import { restingOf } from '@/state/read/roundLists'
import { Button, Column, Row, Words } from '@/ui'
import { useOpened } from '@/held/useOpened'
import { useAct, useHeldDocument } from '@/held/zen'
import { actionDetails, shortened } from '@/words'
import type { FaceProps } from '../ReviewRound'
import { useSeen } from '../useRound'
import { StoneHead } from './StoneHead'

const drawnCount = 5

export function SomedayStone({ review, count }: FaceProps) {
  const act = useAct()
  const { side, today } = useSeen()
  const document = useHeldDocument()
  const draw = (): readonly Id<'action'>[] =>
    restingOf(document, side)
      .filter(({ id }) => !review.looked.includes(id))
      .slice(0, drawnCount)
      .map(({ id }) => id)
  const [drawn, setDrawn] = useState(draw)
  const isResting = (action: Action) =>
    action.doneAtEpochMs === null &&
    action.letGoAtEpochMs === null &&
    (action.horizon === 'someday' || action.horizon === 'shelf') &&
    !review.looked.includes(action.id)
  const left = drawn.map((id) => recordIn(document, id)).filter((each) => each !== undefined)
  const shown = left.filter(isResting)
  const more = draw().length
  return (
    <Column gap="$2.5">
      <StoneHead
        title={shown.length === 0 ? 'Looked at' : `${shown.length} of ${count} for someday or later`}
        says={shown.length === 0 ? undefined : 'Is it time for one of them, or is it time to let one go?'}
      />
      <Column render="ul" aria-label="Someday and later">
        {shown.map((action) => (
          <Resting
            key={action.id}
            action={action}
            review={review}
            details={actionDetails(action, document, today)}
            act={act}
          />
        ))}
      </Column>
      {shown.length === 0 && more > 0 ? (
        <Button alignSelf="flex-start" label="Draw more" onPress={() => setDrawn(draw())} />
      ) : null}
    </Column>
  )
}

interface RestingProps extends Pick<FaceProps, 'review'> {
  readonly action: Action
  readonly details: string
  readonly act: ReturnType<typeof useAct>
}

function Resting({ action: { id, title }, review, details, act }: RestingProps) {
  const { open } = useOpened()
  const short = shortened(title)
  const choice = (label: string, onPress: () => void) => (
    <Button kind="quiet" label={label} aria-label={`${short}: ${label}`} onPress={onPress} />
  )
  return (
    <Column render="li" gap="$1" paddingVertical="$2" borderBottomWidth={1} borderColor="$rule">
      <button type="button" className="plain-title" onClick={() => open(id)}>
        {title}
      </button>
      {details === '' ? null : (
        <Words size="second" tone="inkSoft">
          {details}
        </Words>
      )}
      <Row gap="$1" flexWrap="wrap" marginLeft="$-2">
        {choice('This week', () =>
          act('setHorizon', { id, horizon: 'week' }, { say: `This week: ${short}` }),
        )}
        {choice('Soon', () => act('setHorizon', { id, horizon: 'soon' }, { say: `Soon: ${short}` }))}
        {choice('Leave it', () => act('lookedAt', { id: review.id, ofId: id }, { say: `Left: ${short}` }))}
        {choice('Let go', () => act('letGo', { id }))}
      </Row>
    </Column>
  )
}
